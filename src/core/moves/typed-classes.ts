/**
 * Whole classes as instructors type them, with ordinary names, and the move that each name has to find at the first
 * place: `title: words=move-id; …`. Read as a coach reads them; one that changes is to be read again, not copied.
 */
const CLASSES = `
Quay circuit: air squats=bodyweight-squat; push ups=press-up; bent over rows=bent-row; reverse lunges=reverse-lunge; plank=plank; jumping jacks=star-jack
Stairwell strength: goblet squat=goblet-squat; floor press=floor-press; one arm row=one-arm-row; RDL=dumbbell-hinge; shoulder press=standing-press; bicep curls=curl
Storm tabata: fast feet=fast-feet; high knees=high-knees; mountain climbers=plank-knee-drive; squat jumps=squat-jump
Gull's gentle morning: sit to stand=sit-to-stand; wall push-up=wall-press-up; seated row with band=seated-band-row; heel raises=calf-raise; marching=march-on-the-spot; seated twist=seated-turn
Harbour bands: banded squat=band-squat; band chest press=band-chest-press; band row=band-row; pull aparts=band-pull-apart; band overhead press=band-press; pallof press=band-press-out; banded glute bridge=band-bridge
Kettlebell tide: kettlebell swings=kettlebell-swing; goblet squat=goblet-squat; KB deadlift=wide-hinge; halo=halo; turkish get up=get-up; farmers carry=two-hand-march
Low and quiet: glute bridge=bridge; dead bug=dead-bug; bird dog=bird-dog; clamshells=clam; side plank=side-plank-hold; donkey kicks=kneeling-leg-back
Core at the pier: crunches=curl-up; russian twists=lean-back-turn; leg raises=leg-lowering; bicycle crunches=lying-knee-to-elbow; hollow hold=hollow-hold; flutter kicks=flutter; v ups=fold-up
Legs day: split squat=split-squat; bulgarian split squats=rear-foot-up-split-squat; lateral lunges=side-lunge; curtsy lunges=curtsy-lunge; calf raises=calf-raise; wall sit=wall-sit; single leg glute bridge=single-leg-bridge
Push day: press ups=press-up; pike push ups=pike-press-up; tricep dips=chair-dip; lateral raises=side-raise; overhead tricep extension=overhead-extension; diamond push ups=close-press-up
Pull day: pull ups=pull-up; chin ups=chin-up; inverted row=table-row; face pulls=band-face-pull; hammer curls=hammer-curl; reverse flys=reverse-fly; shrugs=shrug
Warm up: arm circles=arm-circles; cat cow=back-wave; inchworms=inchworm; hip circles=hip-circle; leg swings=held-leg-swing; ankle circles=ankle-circle; shoulder rolls=shoulder-roll
Stretch: hamstring stretch=standing-hamstring-stretch; quad stretch=held-thigh-stretch; calf stretch=calf-stretch; child's pose=folded-rest; figure 4 stretch=figure-four; chest stretch=doorway-chest-stretch; hip flexor stretch=hip-flexor-stretch
Flow: downward dog=down-dog; cobra=prone-arch; low lunge twist=deep-lunge-turn; thread the needle=thread-the-needle; pigeon=pigeon; child's pose=folded-rest
Boxing in the boathouse: jab cross=punches; boxing combo=punch-combination; skipping=skip-rope; shadow steps=shadow-steps; burpees=burpee
Seated class: seated march=seated-march; seated leg extension=seated-leg-straighten; chair dips=chair-dip; seated punches=seated-punches; seated overhead press=seated-press; seated knee lifts=seated-knee-lift
Bump-friendly: wide squat=wide-squat; side lying leg raise=side-lying-leg-lift; pelvic tilts=pelvic-tilt; bird dog=bird-dog; cat cow=back-wave; pelvic floor=pelvic-floor-lift
After birth: pelvic floor=pelvic-floor-lift; deep belly breathing=slow-breathing; glute bridge=bridge; clams=clam; heel slides=heel-tap; side plank on knees=side-plank-knees
Older and bolder: tandem stance=tandem-stand; single leg stand=one-leg-stand; sit to stands=sit-to-stand; step ups=step-up; heel toe stand=tandem-stand; calf raises=calf-raise
Straps: suspension row=strap-row; strap push up=strap-press-up; strap squat=strap-squat; strap hamstring curl=strap-leg-curl; suspension plank=strap-plank
Sliders: sliding lunge=slider-lunge; slider hamstring curl=slider-leg-curl; slider mountain climbers=sliding-climb; knee tucks with sliders=slider-knee-tuck
Ball: ball hamstring curl=ball-leg-curl; stability ball plank=ball-plank; ball back extension=ball-back-lift; wall ball squat=wall-roll-squat; ball knee tuck=ball-knee-tuck
Backpack: backpack squat=backpack-squat; backpack row=backpack-row; weighted bridge=weighted-bridge; loaded push up=loaded-press-up; backpack deadlift=backpack-hinge
Gym plan A: barbell squat=barbell-squat; bench press=barbell-bench-press; barbell row=barbell-row; leg press=machine-leg-press; lat pulldown machine=cable-pull-down; cable face pull=cable-face-pull
Gym plan B: deadlift=dumbbell-hinge; overhead barbell press=barbell-press; leg extension machine=machine-leg-extension; leg curl machine=machine-leg-curl; cable woodchop=cable-chop; hip thrust=shoulders-up-bridge
Every minute: burpees=burpee; goblet squats=goblet-squat; push press=push-press; kettlebell swing=kettlebell-swing; sit ups=sit-up
Ladder night: press-ups=press-up; air squats=bodyweight-squat; sit-ups=sit-up; squat thrusts=squat-thrust
Partner laps: bear crawl=hover-crawl; lunges=reverse-lunge; plank shoulder taps=plank-shoulder-tap; skater jumps=skater-hop; plank jacks=plank-jack
Dumbbell blast: DB thrusters=squat-press; renegade rows=plank-row; DB lunges=forward-lunge-weights; DB bench press=bench-press-with-weights; DB RDL=dumbbell-hinge; lateral raise=side-raise; curl to press=curl-press
Arms finisher: bicep curl=curl; skull crushers=lying-extension; hammer curl=hammer-curl; tricep kickbacks=kick-back; close grip push up=close-press-up; wide curls=wide-curl
Glutes: hip thrusts=shoulders-up-bridge; banded side steps=mini-band-side-step; fire hydrants=side-knee-lift; donkey kick=kneeling-leg-back; bridge with ball squeeze=squeeze-bridge; single leg hip thrust=single-leg-shoulders-up
Back care: superman=long-back-lift; prone Y raise=prone-y-lift; bird dog=bird-dog; back extension=back-lift; cat camel=back-wave; open book=open-book
Balance: single leg RDL=single-leg-weighted-hinge; tree stand=one-leg-stand; heel to toe=tandem-stand; star reach=one-leg-reach; lateral step downs=low-step-up
Steps: step ups=step-up; step up with weights=weighted-step-up; stair runs=stair-climb; toe taps=toe-tap-step; calf raise on step=step-calf-raise
Mini band: monster walks=mini-band-side-step; clamshell with band=mini-band-clam; squat with mini band side to side=side-to-side-squat; bridge with mini band=band-bridge; banded fire hydrant=kneeling-band-knee-lift
No kit travel: squats=bodyweight-squat; push-ups=press-up; lunges=reverse-lunge; plank=plank; superman=long-back-lift; star jumps=star-jack
Runner's strength: single leg calf raise=single-leg-calf-raise; nordic curls=kneeling-slow-lower; copenhagen plank=chair-side-plank-inner; side plank=side-plank-hold; step ups=step-up; single leg deadlift=single-leg-weighted-hinge
Shoulders: arnold press=turned-press; upright row=upright-row; front raises=front-raise; lateral raises=side-raise; external rotation=band-turn-out; scaption=side-raise
Medicine ball: ball slams=ball-throw-down; medicine ball russian twist=weighted-lean-back-turn; wood chops=half-kneeling-chop; weighted sit up=weighted-sit-up; squat to press=squat-press
Cool down: supine twist=lying-twist-stretch; knees to chest=knees-to-chest; butterfly stretch=inner-thigh-stretch; tricep stretch=upper-arm-stretch; neck stretch=neck-stretch; deep breathing=slow-breathing
Desk break: chin tucks=chin-tuck; wrist circles=wrist-circle; thoracic extension on roller=roller-back-opener; chair twist=seated-turn; standing side bend=side-bend
Quiet cardio: step jacks=step-jack; march in place=march-on-the-spot; side steps=side-step-reach; heel flicks=heel-flick-jog; punches=punches; low impact burpee=step-burpee
`;

export interface TypedClass {
  readonly title: string;
  /** What is typed, and the id of the move that is meant. */
  readonly moves: readonly (readonly [words: string, id: string])[];
}

export const TYPED_CLASSES: readonly TypedClass[] = CLASSES.trim()
  .split("\n")
  .map((line) => {
    const at = line.indexOf(":");
    const moves = line
      .slice(at + 1)
      .split(";")
      .map((entry): readonly [string, string] => {
        const [words = "", id = ""] = entry.split("=");
        return [words.trim(), id.trim()];
      });
    return { title: line.slice(0, at), moves };
  });
