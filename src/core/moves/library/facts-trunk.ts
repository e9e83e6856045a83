/**
 * Strength or hold, skill and phases of the trunk's moves and carries, and the skill of all that isn't
 * done against a load, in the form of `facts-sheet.ts`. Every number is an estimate of ours.
 */
export const TRUNK_AND_MORE = `
# braces: holds are what a natural person holds at the limit, seconds
seated-brace                  hold 120        1
seated-lean-back              0.35 0.85 0  1  lower 2.5-0-1.5-0
wall-plank                    hold 120        1
knee-plank                    hold 75         1
plank                         hold 60         2
hover-hold                    hold 45         2
ball-plank                    hold 40         4
strap-plank                   hold 40         4
side-lean-at-the-wall         0.25 0.60 0  1  lower 2-0-1-0
side-plank-knees              0.35 0.65 0  2  lower 2-0-1-0
side-plank-lift               0.42 0.65 0  3  lower 2-0-1-0
wall-dead-bug                 0.14 0.34 0  1  lower 2-0-1-0
dead-bug                      0.16 0.34 0  2  lower 2-0-1-0
weighted-dead-bug             0.16 0.34 1  3  lower 2.5-0-1-0
band-dead-bug                 0.16 0.40 1  3  lower 2.5-0-1-0
bird-dog                      0.16 0.40 0  2  lift 2-0-1-1
plank-shoulder-tap            0.30 0.58 0  3  -
plank-reach                   0.32 0.58 0  3  -
plank-drag                    0.30 0.58 1  3  -
sliding-plank                 0.42 0.60 0  4  lower 2.5-0-1.5-0

# trunk flexion
seated-knee-lift              0.10 0.40 0  1  lift 1.5-0-1-0
held-knee-lift                0.12 0.47 0  1  lift 1-0-1-0
standing-knee-to-elbow        0.12 0.45 0  1  -
heel-tap                      0.14 0.34 0  1  lower 1.5-0-1-0
curl-up                       0.30 0.50 0  1  lift 2-0-1-0
weighted-curl-up              0.30 0.50 1  2  lift 2-0-1-0
reverse-curl                  0.30 0.49 0  2  lift 2-0-1-0
slider-knee-tuck              0.35 0.56 0  3  lift 2-0-1-0
strap-knee-tuck               0.35 0.56 0  4  lift 2-0-1-0
hanging-knee-raise            0.40 0.53 0  3  lift 2-0-1-0
kneeling-band-curl-down       0.00 0.45 2  2  lift 2-0-1-0
cable-curl-down               0.00 0.50 1  2  lift 2-0-1-0

# rotation
palm-brace                    hold 60         1
seated-turn                   0.05 0.35 0  1  -
small-turn                    0.05 0.40 0  1  -
tall-turn                     0.05 0.35 0  1  -
knee-roll                     0.18 0.50 0  1  -
strap-turn                    0.30 0.55 0  3  lift 2-0-1.5-0
band-turn                     0.00 0.25 1  2  lift 2-0-1-0
band-press-out                0.00 0.20 1  2  lift 1-0-1-2
seated-band-press-out         0.00 0.19 1  2  lift 1-0-1-2
weighted-turn                 0.00 0.16 1  2  -
seated-weighted-turn          0.00 0.16 1  2  -
half-kneeling-chop            0.00 0.13 1  3  lift 2-0-1-0
cable-chop                    0.00 0.25 1  2  lift 2-0-1-0

# carries: a step a rep
tall-stand                    hold 600        1
seated-march-tall             -               1  -
held-march                    -               1  -
tall-march                    -               1  -
slow-high-march               -               2  -
band-held-march               0.00 0.50 2  2  -
suitcase-march                0.00 0.45 1  2  -
two-hand-march                0.00 0.80 2  2  -
front-carry-march             0.00 0.50 1  2  -
suitcase-hold                 hold 60         1
seated-weight-hold            hold 60         1

# jumps, steps and running: not done against a load that a weight could be chosen for
seated-step-jack              -               1  -
side-tap                      -               1  -
side-step-reach               -               1  -
step-jack                     -               1  -
star-jack                     -               2  -
squat-to-toes                 -               2  -
band-squat-to-toes            -               2  -
weighted-squat-to-toes        -               3  -
strap-squat-jump              -               2  -
squat-jump                    -               3  -
skater-hop                    -               3  -
line-hop                      -               2  -
lunge-switch-jump             -               4  -
seated-march                  -               1  -
seated-fast-feet              -               1  -
toe-tap-step                  -               1  -
seated-punches                -               1  -
march-on-the-spot             -               1  -
shadow-steps                  -               2  -
step-jog                      -               1  -
heel-flick-walk               -               1  -
heel-flick-jog                -               1  -
high-knees                    -               2  -
fast-feet                     -               2  -
band-march                    -               2  -
loaded-march                  -               2  -
step-climb                    -               2  -
wall-knee-drive               -               2  -
strap-knee-drive              -               2  -
slow-crawl                    -               3  -
plank-knee-drive              -               3  -
sliding-climb                 -               3  -

# mobility and stretches
seated-arm-sweep              -               1  -
arm-sweep                     -               1  -
step-back-open                -               2  -
inchworm                      -               2  -
back-wave                     -               1  -
seated-back-wave              -               1  -
hip-circle                    -               1  -
wall-ankle-rock               -               1  -
stick-pass                    -               2  -
held-leg-swing                -               1  -
open-book                     -               1  -
roller-back-opener            -               2  -
half-kneeling-rock            -               2  -
squat-reach                   -               2  -
calf-stretch                  -               1  -
doorway-chest-stretch         -               1  -
open-arms-stretch             -               1  -
folded-rest                   -               1  -
slow-breathing                -               1  -
seated-hamstring-stretch      -               1  -
standing-hamstring-stretch    -               1  -
towel-hamstring-stretch       -               1  -
hip-flexor-stretch            -               1  -
held-thigh-stretch            -               1  -
figure-four                   -               1  -
seated-figure-four            -               1  -
side-bend                     -               1  -
seated-side-bend              -               1  -
forearm-stretch               -               1  -
upper-arm-stretch             -               1  -
`;
