/** What the moves of the legs and hips pass through and put weight on; the form is in `body.ts`. */
export const LOWER_BODY = `
# Squats
seated-leg-straighten          legs:both
seated-one-leg-straighten      legs:one
sit-to-stand                   knee:middle hinge:shallow
shallow-squat                  knee:shallow
high-seat-stand                knee:shallow hinge:shallow
strap-squat                    knee:middle grip:firm held
bodyweight-squat               knee:deep
pause-squat                    knee:deep
one-and-a-half-squat           knee:deep
wide-squat                     knee:deep
goblet-squat                   knee:deep grip:light
one-arm-squat                  knee:deep grip:firm arms:one
wide-goblet-squat              knee:deep grip:firm
backpack-squat                 knee:deep
band-squat                     knee:deep grip:firm
shoulder-held-squat            knee:deep grip:firm
wall-sit                       knee:middle held
single-leg-sit-to-stand        knee:middle hinge:shallow feet:one balance:much legs:one
strap-single-leg-squat         knee:deep feet:one grip:firm balance:much legs:one
barbell-squat                  knee:deep grip:firm
machine-leg-press              off-chair knee:deep legs:both
machine-leg-extension          off-chair legs:both

# Lunges and steps
seated-step-out                legs:both
weight-shift                   knee:shallow feet:split balance:some
held-side-step                 knee:shallow feet:split held
side-step-reach                knee:shallow feet:step balance:some reach:shoulder
strap-back-step                knee:shallow feet:split grip:firm held
held-split-squat               knee:shallow feet:split held
split-squat                    knee:deep feet:split balance:much
weighted-split-squat           knee:deep feet:split balance:much grip:firm
band-split-squat               knee:deep feet:split balance:much grip:firm
rear-foot-up-split-squat       knee:deep feet:one balance:much
reverse-lunge                  knee:deep feet:one balance:much
strap-lunge                    knee:deep feet:one balance:much
slider-lunge                   knee:deep feet:one balance:much
side-lunge                     knee:deep feet:one balance:much
weighted-side-lunge            knee:deep feet:one balance:much grip:light
low-step-up                    knee:shallow feet:one balance:some
step-up                        knee:middle feet:one balance:much
weighted-step-up               knee:middle feet:one balance:much grip:firm
barbell-split-squat            knee:deep feet:split balance:much grip:firm

# Hinges and bridges
seated-hinge                   hinge:shallow legs:both
hinge-reach                    hinge:shallow reach:shoulder
strap-hip-hinge                hinge:shallow grip:firm held
good-morning                   hinge:deep
backpack-hinge                 hinge:deep grip:firm
dumbbell-hinge                 hinge:deep grip:firm
one-arm-hinge                  hinge:deep grip:firm arms:one
band-hinge                     hinge:deep grip:firm
kettlebell-swing               hinge:deep grip:firm balance:some reach:shoulder
single-leg-hinge               hinge:deep feet:one balance:much legs:one
single-leg-weighted-hinge      hinge:deep feet:one balance:much grip:firm legs:one
barbell-deadlift               hinge:deep grip:firm knee:shallow
cable-pull-through             hinge:deep grip:firm
bridge                         feet:both
ankle-strap-pull-back          feet:one held
weighted-bridge                feet:both grip:light
single-leg-bridge              feet:one legs:one
shoulders-up-bridge            feet:both
weighted-shoulders-up-bridge   feet:both grip:light
bench-hip-thrust               feet:both grip:light
slider-leg-curl                feet:both
ball-leg-curl                  feet:both
strap-leg-curl                 feet:both
machine-leg-curl               off-chair legs:both

# Calves
seated-calf-raise              legs:both
held-calf-raise                held
calf-raise                     balance:some
band-calf-raise                balance:some grip:firm
weighted-calf-raise            balance:some grip:firm
machine-calf-raise             held
step-calf-raise                balance:some held
single-leg-calf-raise          feet:one held legs:one
strap-calf-raise               feet:one grip:firm held legs:one

# Hips, to the side
seated-knees-out               legs:both
seated-band-knees-out          legs:both
machine-abduction              off-chair legs:both
standing-leg-lift              feet:one balance:much
held-leg-lift                  feet:one held
anchored-band-leg-lift         feet:one balance:much
ankle-strap-leg-lift           feet:one held
mini-band-side-step            knee:shallow feet:step balance:much tied
side-lying-leg-lift            legs:one
side-lying-circle              legs:one
weighted-leg-lift              legs:one grip:light arms:one
clam                           legs:one
mini-band-clam                 legs:one
`;
