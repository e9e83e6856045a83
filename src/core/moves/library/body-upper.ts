/** What the moves of the arms, chest and back pass through and put weight on; the form is in `body.ts`. */
export const UPPER_BODY = `
# Pressing away
palm-press                     reach:shoulder arms:both
seated-palm-press              reach:shoulder arms:both
wall-press-up                  hands:15 reach:shoulder
one-arm-wall-press-up          hands:15 reach:shoulder arms:one
counter-press-up               hands:41 plank reach:shoulder face:down
knee-press-up                  hands:49 plank face:down
press-up                       hands:64
slow-press-up                  hands:64
loaded-press-up                hands:64
feet-up-press-up               hands:70 head-low
strap-press-up                 hands:30 grip:firm reach:shoulder
low-strap-press-up             hands:60 grip:firm
band-chest-press               grip:firm reach:shoulder
seated-band-chest-press        grip:firm reach:shoulder
anchored-band-press            grip:firm reach:shoulder
one-arm-band-press             grip:firm reach:shoulder arms:one
floor-press                    grip:firm reach:shoulder above-face
one-arm-floor-press            grip:firm reach:shoulder above-face arms:one
two-hand-floor-press           grip:firm reach:shoulder above-face
barbell-bench-press            off-floor grip:firm reach:shoulder above-face
bench-press-with-weights       off-floor grip:firm reach:shoulder above-face
machine-chest-press            off-chair grip:firm reach:shoulder
cable-chest-press              grip:firm reach:shoulder

# Pressing up
seated-reach                   reach:overhead arms:both
overhead-reach                 reach:overhead arms:both
one-arm-reach                  reach:overhead arms:one
wall-slide                     reach:overhead fore:5
roller-wall-slide              reach:overhead fore:5
seated-press                   reach:overhead grip:firm
standing-press                 reach:overhead grip:firm
one-arm-press                  reach:overhead grip:firm arms:one
one-arm-seated-press           reach:overhead grip:firm arms:one
half-kneeling-press            reach:overhead grip:firm arms:one
two-hand-press                 reach:overhead grip:firm
band-press                     reach:overhead grip:firm
seated-band-press              reach:overhead grip:firm
push-press                     reach:overhead grip:firm knee:shallow
pike-press-up                  hands:70 reach:overhead head-low hinge:deep
feet-up-pike-press-up          hands:80 reach:overhead head-low hinge:deep
barbell-press                  reach:overhead grip:firm
machine-shoulder-press         off-chair reach:overhead grip:firm

# Pulling towards the body
wall-elbow-press               arms:both held
one-elbow-wall-press           arms:one held
seated-elbow-pull              arms:both
prone-pull-back                arms:both arches
prone-w-hold                   arms:both arches
towel-row                      grip:firm knee:shallow
band-row                       grip:firm
anchored-band-row              grip:firm reach:shoulder
seated-anchored-row            grip:firm reach:shoulder
one-arm-band-row               grip:firm arms:one
seated-band-row                floor off-chair grip:firm
low-band-row                   grip:firm arms:one hinge:shallow
band-pull-apart                grip:firm reach:shoulder
seated-band-pull-apart         grip:firm reach:shoulder
one-arm-row                    grip:firm hinge:deep hands:15
free-one-arm-row               grip:firm hinge:deep arms:one
backpack-row                   grip:firm hinge:deep
bent-row                       grip:firm hinge:deep
reverse-fly                    grip:firm hinge:deep
tall-strap-row                 grip:firm reach:shoulder
strap-row                      grip:firm reach:shoulder
steep-strap-row                grip:firm reach:shoulder
barbell-row                    grip:firm hinge:deep
cable-row                      off-chair grip:firm
machine-row                    off-chair grip:firm
cable-face-pull                grip:firm reach:shoulder

# Pulling down
seated-pull-down-reach         reach:overhead arms:both
one-arm-pull-down-reach        reach:overhead arms:one
towel-pull-down                reach:overhead grip:firm
band-pull-down                 reach:overhead grip:firm
seated-band-pull-down          reach:overhead grip:firm
one-arm-band-pull-down         reach:overhead grip:firm arms:one
straight-arm-band-pull         reach:shoulder grip:firm
kneeling-band-pull-down        reach:overhead grip:firm
strap-high-pull                reach:overhead grip:firm
prone-sweep                    reach:overhead arms:both arches
pullover                       reach:overhead grip:firm above-face
bar-hang                       reach:overhead grip:firm feet:none
slow-lowered-chin-up           reach:overhead grip:firm feet:none
chin-up                        reach:overhead grip:firm feet:none
cable-pull-down                off-chair reach:overhead grip:firm

# Bending the elbow
palm-resisted-curl             arms:both
seated-resisted-curl           arms:both
towel-curl                     grip:firm feet:one balance:much
seated-curl                    grip:firm
one-arm-curl                   grip:firm arms:one
two-hand-curl                  grip:firm
curl                           grip:firm
slow-curl                      grip:firm
strap-curl                     grip:firm reach:shoulder
barbell-curl                   grip:firm
cable-curl                     grip:firm

# Straightening the elbow
palm-resisted-push-down        arms:both
seated-resisted-push           arms:both
close-wall-press-up            hands:15 reach:shoulder
one-arm-wall-extension         hands:12 reach:shoulder arms:one
close-knee-press-up            hands:49 plank face:down
close-press-up                 hands:64
towel-extension                reach:overhead grip:firm
overhead-extension             reach:overhead grip:firm
seated-overhead-extension      reach:overhead grip:firm
band-push-down                 grip:firm
one-arm-band-push-down         grip:firm arms:one
kick-back                      grip:firm hinge:deep
one-arm-kick-back              grip:firm hinge:deep arms:one
lying-extension                grip:firm reach:shoulder above-face
strap-extension                grip:firm reach:shoulder
cable-push-down                grip:firm

# Raising the arms
arm-circles                    reach:shoulder arms:both
one-arm-circle                 reach:shoulder arms:one
standing-arm-raise             reach:shoulder arms:both
seated-arm-raise               reach:shoulder arms:both
front-raise                    grip:firm reach:shoulder
side-raise                     grip:firm reach:shoulder
seated-side-raise              grip:firm reach:shoulder
slow-side-raise                grip:firm reach:shoulder
one-arm-side-raise             grip:firm reach:shoulder arms:one
band-side-raise                grip:firm reach:shoulder arms:one
strap-arm-raise                grip:firm reach:overhead
cable-side-raise               grip:firm reach:shoulder arms:one
`;
