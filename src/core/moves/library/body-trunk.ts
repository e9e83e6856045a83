/** What the moves of the trunk, the breath-takers and the loosening pass through; the form is in `body.ts`. */
export const TRUNK_BODY = `
# Braces
seated-brace
seated-lean-back               hinge:shallow
wall-plank                     fore:15 reach:shoulder
side-lean-at-the-wall          fore:15 arms:one reach:shoulder
knee-plank                     fore:45 knees
plank                          fore:55
plank-reach                    hands:64
plank-shoulder-tap             hands:64
plank-drag                     hands:64 grip:firm
sliding-plank                  fore:55
strap-plank                    fore:60
ball-plank                     fore:50 balance:some
side-plank-knees               fore:35 knees arms:one plank
side-plank-lift                fore:50 arms:one plank
bird-dog                       hands:40
hover-hold                     hands:50
dead-bug                       legs:both
weighted-dead-bug              grip:firm legs:both reach:shoulder above-face
band-dead-bug                  grip:firm legs:both reach:shoulder
wall-dead-bug                  legs:both reach:overhead arms:both
tall-stand
seated-march-tall              legs:both
held-march                     feet:step held
tall-march                     feet:one balance:much
slow-high-march                feet:one balance:much
suitcase-hold                  grip:firm arms:one
seated-weight-hold             grip:firm
suitcase-march                 grip:firm arms:one feet:one balance:much
two-hand-march                 grip:firm feet:one balance:much
front-carry-march              grip:light feet:one balance:much
band-held-march                grip:firm feet:one balance:much

# Curling up
seated-knee-lift               legs:both
held-knee-lift                 feet:one held
standing-knee-to-elbow         feet:one balance:much turns
heel-tap                       legs:both
curl-up                        bends
weighted-curl-up               bends+ grip:firm
reverse-curl                   bends
kneeling-band-curl-down        bends+ grip:firm
slider-knee-tuck               hands:64 bends
strap-knee-tuck                hands:64 bends
hanging-knee-raise             reach:overhead grip:firm feet:none bends
cable-curl-down                bends+ grip:firm

# Turning
palm-brace                     reach:shoulder arms:both
seated-turn                    turns
small-turn                     turns
tall-turn                      turns
knee-roll                      turns legs:both
band-press-out                 grip:firm reach:shoulder
seated-band-press-out          grip:firm reach:shoulder
band-turn                      grip:firm reach:shoulder turns+
weighted-turn                  grip:firm turns+
seated-weighted-turn           grip:firm turns+
half-kneeling-chop             grip:firm reach:overhead turns+
strap-turn                     grip:firm reach:shoulder turns+
cable-chop                     grip:firm reach:overhead turns+

# Out of breath
seated-march                   legs:both
seated-fast-feet               legs:both
seated-punches                 reach:shoulder arms:both
toe-tap-step                   feet:step balance:some
seated-step-jack               legs:both reach:overhead arms:both
side-tap                       feet:step balance:some
march-on-the-spot              feet:step balance:some
band-march                     feet:step balance:much tied
loaded-march                   feet:step balance:some grip:light
heel-flick-walk                feet:step balance:some
shadow-steps                   feet:step balance:some quick reach:shoulder arms:both
step-jack                      feet:step balance:some reach:overhead arms:both
step-climb                     knee:middle feet:one balance:some
wall-knee-drive                hands:15 reach:shoulder feet:one held
strap-knee-drive               grip:firm reach:shoulder feet:one held
slow-crawl                     hands:50
plank-knee-drive               hands:64
sliding-climb                  hands:64
step-jog                       feet:step balance:some
fast-feet                      feet:step balance:some
heel-flick-jog                 feet:step balance:some
high-knees                     feet:one balance:some
squat-to-toes                  knee:middle balance:some
band-squat-to-toes             knee:middle balance:some grip:firm
weighted-squat-to-toes         knee:middle balance:some grip:light
squat-jump                     knee:middle balance:some
strap-squat-jump               knee:middle grip:firm held
star-jack                      balance:some reach:overhead arms:both
line-hop                       balance:some quick
skater-hop                     knee:middle feet:one balance:much quick
lunge-switch-jump              knee:deep feet:one balance:much

# Loosening
arm-sweep                      reach:overhead arms:both
seated-arm-sweep               reach:overhead arms:both
step-back-open                 feet:split balance:much turns reach:shoulder arms:both
hip-circle                     side
wall-ankle-rock                knee:shallow feet:split held
stick-pass                     reach:overhead grip:light
held-leg-swing                 feet:one held
inchworm                       via:plank,all-fours,kneeling hands:60 head-low hinge:deep bends
back-wave                      hands:30 bends arches
seated-back-wave               bends arches
open-book                      turns arms:one
roller-back-opener             arches reach:shoulder arms:both
half-kneeling-rock             knee:middle
squat-reach                    knee:middle reach:overhead arms:both
calf-stretch                   feet:split balance:some
doorway-chest-stretch          turns reach:shoulder arms:both
open-arms-stretch              reach:shoulder arms:both arches
folded-rest                    knee:deep bends head-low face:down arms:both
slow-breathing
seated-hamstring-stretch       hinge:shallow legs:one
standing-hamstring-stretch     hinge:shallow feet:split balance:some
towel-hamstring-stretch        grip:light legs:one
hip-flexor-stretch             knee:middle
held-thigh-stretch             feet:one knee:deep held
figure-four                    legs:both
seated-figure-four             hinge:shallow legs:both
side-bend                      side reach:overhead
seated-side-bend               side reach:overhead
forearm-stretch                arms:both
upper-arm-stretch              reach:overhead arms:both
`;
