/**
 * Strength, skill and phases of the legs' and hips' moves, in the form of `facts-sheet.ts`. Neighbours
 * stand together, easiest first, so that a slip shows. Every `maximum` is an estimate of ours.
 */
export const LOWER = `
# squats; anchor 1.65 at 0.89 (the body less shanks and feet, de Leva 1996)
seated-leg-straighten         0.06 0.30 0  1  lift 1-0-2-0
seated-one-leg-straighten     0.06 0.30 0  1  lift 1-0-2-0
shallow-squat                 0.89 2.30 0  1  lower 1.5-0-1-0
high-seat-stand               0.89 2.20 0  1  lift 2-0-1-0
sit-to-stand                  0.89 1.85 0  1  lift 2-0-1-0
strap-squat                   0.75 1.70 0  1  lower 2-0-1-0
bodyweight-squat              0.89 1.65 0  1  lower 2-0-1-0
wide-squat                    0.89 1.65 0  1  lower 2-0-1-0
wall-sit                      hold 60         1
pause-squat                   0.89 1.55 0  2  lower 2-2-1-0
one-and-a-half-squat          0.89 1.35 0  2  lower 3-0-2-0
band-squat                    0.89 1.65 2  2  lower 2.5-0-1-0
goblet-squat                  0.89 1.60 1  2  lower 2.5-0-1-0
one-arm-squat                 0.89 1.60 1  2  lower 2.5-0-1-0
wide-goblet-squat             0.89 1.60 1  2  lower 2.5-0-1-0
backpack-squat                0.89 1.65 1  2  lower 2.5-0-1-0
shoulder-held-squat           0.89 1.60 2  3  lower 2.5-0-1-0
barbell-squat                 0.89 1.75 1  4  lower 2.5-0-1-0
machine-leg-press             0.15 2.40 1  1  lower 2.5-0-1-0
machine-leg-extension         0.00 0.75 1  1  lift 2-0-1-0
single-leg-sit-to-stand       0.89 1.10 0  3  lift 3-0-1-0
strap-single-leg-squat        0.75 0.97 0  3  lower 3-0-1-0

# lunges; anchor split squat 1.35 at 0.80 (the front leg's share; an estimate)
seated-step-out               0.06 0.30 0  1  lift 1.5-0-1-0
weight-shift                  0.80 2.30 0  1  lower 2-0-1-0
held-side-step                0.80 2.20 0  1  lower 1.5-0-1-0
strap-back-step               0.65 1.35 0  1  lower 2-0-1-0
low-step-up                   0.89 1.60 0  2  lift 2-0-1-0
held-split-squat              0.75 1.45 0  1  lower 2-0-1-0
split-squat                   0.80 1.35 0  2  lower 2-0-1-0
reverse-lunge                 0.80 1.30 0  2  lower 1.5-0-1-0
side-lunge                    0.80 1.25 0  2  lower 2-0-1-0
slider-lunge                  0.80 1.20 0  3  lower 2.5-0-1-0
step-up                       0.89 1.32 0  2  lift 2-0-1-0
rear-foot-up-split-squat      0.85 1.25 0  3  lower 3-0-1-0
strap-lunge                   0.85 1.20 0  4  lower 3-0-1-0
band-split-squat              0.80 1.35 2  3  lower 2.5-0-1-0
weighted-split-squat          0.80 1.35 2  3  lower 2.5-0-1-0
weighted-step-up              0.89 1.32 2  3  lift 2-0-1-0
weighted-side-lunge           0.80 1.25 1  3  lower 2.5-0-1-0
barbell-split-squat           0.80 1.40 1  4  lower 2.5-0-1-0

# hinges; anchor with two weights 1.2, single-leg 0.80, at 0.45 (trunk, head and arms on the hips; an estimate)
seated-hinge                  0.35 1.50 0  1  lower 2-0-1-0
hinge-reach                   0.45 1.50 0  1  lower 2-0-1-0
strap-hip-hinge               0.42 1.40 0  1  lower 2.5-0-1-0
good-morning                  0.45 1.30 0  2  lower 2.5-0-1-0
band-hinge                    0.45 1.20 2  2  lower 2.5-0-1-0
backpack-hinge                0.45 1.20 1  2  lower 3-0-1-0
dumbbell-hinge                0.45 1.20 2  2  lower 3-0-1-0
one-arm-hinge                 0.45 1.10 1  2  lower 2.5-0-1-0
kettlebell-swing              0.45 0.93 1  4  lift 0.7-0-1-0
cable-pull-through            0.40 1.10 1  2  lower 2-0-1-0
barbell-deadlift              0.45 1.55 1  4  lift 2-1-1-0
single-leg-hinge              0.45 0.85 0  3  lower 3-0-1-0
single-leg-weighted-hinge     0.45 0.80 1  4  lower 3-0-1-0

# bridges 1.6, one leg 0.85, at 0.50 (an estimate); leg curls
bridge                        0.50 1.60 0  1  lift 2-0-1-0
ankle-strap-pull-back         0.00 0.25 1  2  lift 2-0-1-0
shoulders-up-bridge           0.55 1.50 0  2  lift 2-0-1-0.5
weighted-bridge               0.50 1.60 1  2  lift 1.5-0-1-1
weighted-shoulders-up-bridge  0.55 1.50 1  3  lift 1.5-0-1-1
bench-hip-thrust              0.55 1.75 1  3  lift 1.5-0-1-1
single-leg-bridge             0.50 0.85 0  2  lift 2-0-1-0
ball-leg-curl                 0.50 0.68 0  3  lift 3-0-1-0
strap-leg-curl                0.50 0.65 0  3  lift 3-0-1-0
slider-leg-curl               0.50 0.62 0  3  lift 3-0-1-0
machine-leg-curl              0.00 0.55 1  1  lift 2.5-0-1-0

# calves; anchor 2.8, one leg 1.7, at 0.97 (the body less a foot or two)
seated-calf-raise             0.12 1.20 0  1  lift 1.5-0-1-0
held-calf-raise               0.95 2.80 0  1  lift 1-0-1-0
calf-raise                    0.97 2.80 0  1  lift 1-0-1-0
step-calf-raise               0.97 2.50 0  2  lift 2-0-1-0.5
band-calf-raise               0.97 2.80 2  2  lift 1.5-0-1-0.5
weighted-calf-raise           0.97 2.80 2  2  lift 1.5-0-1-0.5
machine-calf-raise            0.97 2.90 1  1  lift 1.5-0-1-0.5
single-leg-calf-raise         0.97 1.70 0  2  lift 1.5-0-1-0
strap-calf-raise              0.97 1.70 0  2  lift 2-0-1-0

# hip abduction: a leg is about 0.16 of the body (de Leva 1996), less where the knee is bent or it hangs
seated-knees-out              0.06 0.35 0  1  lift 1.5-0-1-0
seated-band-knees-out         0.06 0.45 1  1  lift 1.5-0-1-0
clam                          0.08 0.30 0  1  lift 1.5-0-1-0
mini-band-clam                0.08 0.35 1  1  lift 1.5-0-1-0
held-leg-lift                 0.12 0.32 0  1  lift 2-0-1-0
standing-leg-lift             0.12 0.30 0  2  lift 1.5-0-1-0
side-lying-leg-lift           0.16 0.29 0  1  lift 2-0-1-0
side-lying-circle             0.16 0.28 0  2  -
weighted-leg-lift             0.16 0.29 1  2  lift 2-0-1-0
anchored-band-leg-lift        0.12 0.35 1  3  lift 2-0-1-0
ankle-strap-leg-lift          0.12 0.35 1  2  lift 2-0-1-0
mini-band-side-step           0.06 0.45 1  2  -
machine-abduction             0.00 0.90 1  1  lift 2-0-1-0
`;
