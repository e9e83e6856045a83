/**
 * Strength, skill and phases of the pushes, pulls and arm moves, in the form of `facts-sheet.ts`.
 * Neighbours stand together, easiest first. Every `maximum` is an estimate of ours.
 */
export const UPPER = `
# flat pushes; press-ups 0.85: knees 0.49, full 0.64, feet on a seat 0.72 (Ebben 2011: 0.70 at 30 cm, 0.74 at 60 cm), hands at 60 cm 0.41; counter and wall by height, estimates
seated-palm-press             hold 45         1
palm-press                    -               1  lift 1-0-1-2
wall-press-up                 0.15 0.85 0  1  lower 1.5-0-1-0
one-arm-wall-press-up         0.15 0.42 0  2  lower 2-0-1-0
counter-press-up              0.35 0.85 0  1  lower 1.5-0-1-0
knee-press-up                 0.49 0.85 0  2  lower 1.5-0-1-0
strap-press-up                0.45 0.78 0  3  lower 2-0-1-0
press-up                      0.64 0.85 0  2  lower 1.5-0-1-0
low-strap-press-up            0.64 0.76 0  4  lower 2-0-1-0
slow-press-up                 0.64 0.72 0  3  lower 4-1-1-0
feet-up-press-up              0.72 0.85 0  3  lower 2-0-1-0
loaded-press-up               0.64 0.85 1  3  lower 2-0-1-0
band-chest-press              0.00 0.45 2  2  lift 2-0-1-0
seated-band-chest-press       0.00 0.44 2  2  lift 2-0-1-0
anchored-band-press           0.00 0.45 2  2  lift 2-0-1-0
one-arm-band-press            0.00 0.23 1  2  lift 2-0-1-0
two-hand-floor-press          0.00 0.42 1  2  lower 2.5-0-1-0
one-arm-floor-press           0.00 0.25 1  3  lower 2.5-0-1-0
floor-press                   0.00 0.50 2  2  lower 3-0-1-0
bench-press-with-weights      0.00 0.52 2  3  lower 2.5-0-1-0
cable-chest-press             0.00 0.50 1  2  lift 2-0-1-0
machine-chest-press           0.00 0.65 1  1  lift 2-0-1-0
barbell-bench-press           0.00 0.62 1  3  lower 2.5-0-1-0

# pushes overhead; anchors standing press, two, 0.27; pike press-up 0.80 at 0.70
seated-reach                  0.10 0.40 0  1  lift 1.5-0-1-0
overhead-reach                0.10 0.40 0  1  lift 1.5-0-1-0
one-arm-reach                 0.05 0.20 0  1  lift 1.5-0-1-0
wall-slide                    0.10 0.35 0  1  lift 2-0-2-0
roller-wall-slide             0.10 0.33 0  2  lift 2-0-2-0
band-press                    0.00 0.27 2  2  lift 2-0-1-0
seated-band-press             0.00 0.26 2  2  lift 2-0-1-0
seated-press                  0.00 0.26 2  2  lift 2-0-1-0
standing-press                0.00 0.27 2  2  lift 2-0-1-0
half-kneeling-press           0.00 0.14 1  2  lift 2-0-1-0
one-arm-press                 0.00 0.14 1  2  lift 2-0-1-0
one-arm-seated-press          0.00 0.135 1 2  lift 2-0-1-0
two-hand-press                0.00 0.24 1  2  lift 2-0-1-0
push-press                    0.00 0.33 2  3  lift 1.5-0-1-0
machine-shoulder-press        0.00 0.36 1  1  lift 2-0-1-0
barbell-press                 0.00 0.34 1  3  lift 2-0-1-0
pike-press-up                 0.70 0.80 0  3  lower 2-0-1-0
feet-up-pike-press-up         0.80 0.84 0  4  lower 2-0-1-0

# rows; anchors bent-over, two, 0.50; one arm 0.28; strap or table 0.80 at 0.60, less when taller
wall-elbow-press              -               1  lift 1-0-1-2
one-elbow-wall-press          -               1  lift 1-0-1-2
seated-elbow-pull             -               1  lift 2-0-1-0
prone-pull-back               0.05 0.10 0  1  lift 2-0-1-0
prone-w-hold                  0.04 0.065 0 1  lift 2-0-1-1
towel-row                     0.35 0.80 0  2  lift 2-0-1-0
tall-strap-row                0.40 0.80 0  2  lift 2-0-1-0
strap-row                     0.55 0.80 0  2  lift 2-0-1-0
steep-strap-row               0.65 0.80 0  3  lift 2-0-1-0
band-pull-apart               0.00 0.22 1  1  lift 1.5-0-1-0
seated-band-pull-apart        0.00 0.21 1  1  lift 1.5-0-1-0
reverse-fly                   0.00 0.12 2  3  lift 2-0-1-0
seated-band-row               0.00 0.50 2  2  lift 1.5-0-1-0.5
band-row                      0.00 0.50 2  2  lift 2-0-1-0
anchored-band-row             0.00 0.50 2  2  lift 1.5-0-1-0.5
seated-anchored-row           0.00 0.48 2  2  lift 1.5-0-1-0.5
one-arm-band-row              0.00 0.27 1  2  lift 2-0-1-0
low-band-row                  0.00 0.28 1  2  lift 2-0-1-0
free-one-arm-row              0.00 0.27 1  2  lift 2-0-1-0
one-arm-row                   0.00 0.28 1  2  lift 2-0-1-0
backpack-row                  0.00 0.48 1  2  lift 1.5-0-1-1
bent-row                      0.00 0.50 2  2  lift 1.5-0-1-1
cable-face-pull               0.00 0.30 1  2  lift 2-0-1-0
machine-row                   0.00 0.65 1  1  lift 2-0-1-0
cable-row                     0.00 0.60 1  2  lift 1.5-0-1-0.5
barbell-row                   0.00 0.60 1  3  lift 1.5-0-1-0.5

# pulls from above; anchor chin-up 0.98 at 0.95; lying arm raises 0.065 at 0.04
towel-pull-down               -               1  lower 2-0-2-0
seated-pull-down-reach        0.10 0.40 0  1  lift 2-0-1-0
one-arm-pull-down-reach       0.05 0.20 0  1  lift 2-0-1-0
prone-sweep                   0.04 0.065 0 1  lift 2-0-2-0
straight-arm-band-pull        0.00 0.30 2  2  lift 2-0-1-0
pullover                      0.00 0.17 1  3  lower 2.5-0-1-0
band-pull-down                0.00 0.55 2  1  lift 2-0-1-0
seated-band-pull-down         0.00 0.53 2  1  lift 2-0-1-0
one-arm-band-pull-down        0.00 0.30 1  2  lift 2-0-1-0
kneeling-band-pull-down       0.00 0.55 2  2  lift 1.5-0-1-0.5
cable-pull-down               0.00 0.70 1  1  lift 1.5-0-1-0.5
strap-high-pull               0.55 0.72 0  3  lift 2-0-1-0
slow-lowered-chin-up          0.95 1.15 0  3  lower 5-0-0-1
chin-up                       0.95 0.98 0  4  lift 2-0.5-1.5-0
bar-hang                      hold 45         2

# arm curls; anchor two, 0.26
towel-curl                    -               1  lift 2-0-2-0
palm-resisted-curl            -               1  lift 2-0-2-0
seated-resisted-curl          -               1  lift 2-0-2-0
seated-curl                   0.00 0.25 2  1  lift 2-0-1-0
curl                          0.00 0.26 2  1  lift 2-0-1-0
one-arm-curl                  0.00 0.13 1  1  lift 2-0-1-0
two-hand-curl                 0.00 0.25 1  1  lift 2-0-1-0
slow-curl                     0.00 0.22 2  2  lift 4-0-2-0
strap-curl                    0.35 0.48 0  3  lift 2-0-1-0
cable-curl                    0.00 0.30 1  1  lift 2-0-1-0
barbell-curl                  0.00 0.31 1  2  lift 2-0-1-0

# arm extensions; anchor one weight held, 0.16
palm-resisted-push-down       -               1  lift 2-0-2-0
seated-resisted-push          hold 40         1
towel-extension               -               1  lift 2-0-2-0
close-wall-press-up           0.15 0.74 0  1  lower 1.5-0-1-0
one-arm-wall-extension        0.12 0.36 0  2  lower 2-0-1-0
close-knee-press-up           0.49 0.74 0  2  lower 2-0-1-0
close-press-up                0.64 0.74 0  3  lower 2-0-1-0
kick-back                     0.00 0.12 2  3  lift 2-0-1-0
one-arm-kick-back             0.00 0.06 1  3  lift 2-0-1-0
overhead-extension            0.00 0.16 1  2  lower 2-0-1-0
seated-overhead-extension     0.00 0.155 1 2  lower 2-0-1-0
lying-extension               0.00 0.16 2  2  lower 2.5-0-1-0
band-push-down                0.00 0.28 2  1  lift 2-0-1-0
one-arm-band-push-down        0.00 0.14 1  1  lift 2-0-1-0
strap-extension               0.35 0.50 0  3  lower 2-0-1-0
cable-push-down               0.00 0.30 1  1  lift 2-0-1-0

# shoulder raises; anchors side raise, two, 0.15; front raise 0.17 (one arm at a time: half of it)
arm-circles                   0.05 0.19 0  1  -
one-arm-circle                0.05 0.19 0  1  -
standing-arm-raise            0.05 0.19 0  1  lift 1.5-0-1-0
seated-arm-raise              0.05 0.19 0  1  lift 1.5-0-1-0
band-side-raise               0.00 0.075 1 2  lift 2-0-1-0
one-arm-side-raise            0.00 0.075 1 2  lift 2-0-1-0
side-raise                    0.00 0.15 2  2  lift 2-0-1-0
seated-side-raise             0.00 0.145 2 2  lift 2-0-1-0
slow-side-raise               0.00 0.13 2  2  lift 2-0-1-2
front-raise                   0.00 0.085 1 2  lift 2-0-1-0
cable-side-raise              0.00 0.075 1 2  lift 2-0-1-0
strap-arm-raise               0.20 0.30 0  3  lift 2-0-1-0
`;
