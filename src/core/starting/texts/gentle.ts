/** Starting points that are gentle: seated, by a chair, slow, flowing. */
import type { Template } from "../template";

export const GENTLE_TEMPLATES: readonly Template[] = [
  {
    id: "seated",
    keepsMoves: true,
    purpose: "gentle",
    stance: "form",
    minutes: 30,
    about: "All of it on a sturdy chair, slow, with time to breathe.",
    plan: `# Seated and gentle

Hello: 90 s talk

## Warm-up: 1 round, 10 s rest, 20 s water
- Seated arm sweep 60 s
- Seated march with arms 50 s
- Seated back wave 50 s
- Shoulder rolls 40 s
- Ankle circles 40 s

## Legs and back: 2 rounds, 35 s rest, 60 s between rounds, 10 s ready, show 15 s, 60 s water
- Sit to stand 8 reps at 3-1-2
- Seated elbow pull-back 30 s
- Seated calf raise 30 s
- Seated palm press 20 s

## Trunk and hips: 2 rounds, 30 s rest, 60 s between rounds, 10 s ready, show 10 s, 30 s water
- Seated tall brace 30 s
- Seated knees out 30 s
- Seated lean back 20 s

## Cool-down: 1 round, 10 s rest
- Slow breathing hold 60 s
- Seated hamstring stretch hold 30 s
- Seated side bend hold 30 s
- Open-arms stretch hold 40 s`,
  },
  {
    id: "by-the-chair",
    keepsMoves: true,
    purpose: "gentle",
    stance: "form",
    minutes: 35,
    about: "Standing with a hand on a chair: legs, balance and an upright back.",
    plan: `# A hand on the chair

Hello: 90 s talk

## Warm-up: 1 round, 10 s rest, 20 s water
- March with a hand on support 60 s
- Arm sweep 50 s
- Hip circle 50 s
- Hip hinge reach 50 s
- Shoulder rolls 50 s

## Legs: 2 rounds, 40 s rest, 60 s between rounds, 15 s ready, show 15 s, 60 s water
- Sit to stand 8 reps at 3-1-2
- Wall press-up 8 reps at 3-0-2
- Calf raise with a hand on 30 s
- Towel row 30 s

## Balance: 2 rounds, 40 s rest, 60 s between rounds, 15 s ready, show 15 s, 45 s water
- Feet-together tall stand 30 s
- Standing leg back with a hand on support 30 s each side
- Elbow press to the wall 20 s

## Cool-down: 1 round, 10 s rest
- Slow breathing hold 60 s
- Seated hamstring stretch hold 30 s
- Seated side bend hold 30 s
- Open-arms stretch hold 50 s`,
  },
  {
    id: "slow-control",
    purpose: "gentle",
    stance: "form",
    minutes: 40,
    about: "Four counts down, a stop, two counts up: few moves, done well, well short of failure.",
    plan: `# Slow and controlled

Hello: 90 s talk

## Warm-up: 1 round, 10 s rest, 30 s water
- Tall slow march 60 s
- Arm sweep 50 s
- Hip hinge reach 50 s
- Half squat and reach 50 s
- Step back and open 50 s
- Shoulder rolls 40 s

## Standing: 3 rounds, 45 s rest, 75 s between rounds, 15 s ready, show 15 s, 60 s water
- Squat 8 reps at 4-1-2
- Towel row 30 s
- Split squat with a hand on support 6 reps each side at 3-1-2

## Floor: 2 rounds, 45 s rest, 75 s between rounds, 15 s ready, show 15 s, 45 s water
- Bridge 10 reps at 3-1-2
- Kneeling press-up 6 reps at 4-1-2
- Opposite arm and leg reach 6 reps

## Cool-down: 1 round, 10 s rest
- Folded rest hold 60 s
- Half-kneeling hip stretch hold 30 s
- Figure-four stretch on the back hold 30 s
- Slow breathing hold 60 s`,
  },
  {
    id: "flow",
    purpose: "flow",
    stance: "density",
    minutes: 35,
    about:
      "One move runs into the next without a stop: spine, hips and shoulders, and a short row of strength.",
    plan: `# Tide flow

Hello: 90 s talk

## Warm-up: 1 round, 5 s rest, 20 s water
- Slow breathing 60 s
- Shoulder rolls 50 s
- Arm sweep 50 s
- Hip circle 50 s
- Hip hinge reach 50 s
- Half squat and reach 50 s

## Standing flow: 3 rounds, 15 s rest, 45 s between rounds, 15 s ready, show 16 s, 45 s water
- Squat hold 30 s
- Step and shift 50 s
- Towel row 40 s
- One-leg stand 25 s each side

## Floor flow: 2 rounds, 15 s rest, 45 s between rounds, 15 s ready, show 16 s, 30 s water
- Back wave on all fours 50 s
- harder: inchworm to kneeling
- Opposite arm and leg reach 50 s
- Bridge 50 s
- Knee roll on the back 50 s

## Cool-down: 1 round, 10 s rest
- Knees to the chest hold 50 s
- Lying twist and stay hold 40 s
- Figure-four stretch on the back hold 30 s
- Slow breathing hold 60 s`,
  },
  {
    id: "easy-day",
    purpose: "flow",
    stance: "density",
    minutes: 30,
    about: "For the day between: joints moved through, long stretches, nobody out of breath.",
    plan: `# The day between

Hello: 60 s talk

## Warm-up: 1 round, 5 s rest, 15 s water
- March on the spot 60 s
- Arm sweep 50 s
- Hip circle 50 s
- Step back and open 50 s
- Leg swing with a hand on support 40 s

## Joints: 3 rounds, 15 s rest, 45 s between rounds, 15 s ready, show 16 s, 30 s water
- Back wave on all fours 45 s
- harder: inchworm to kneeling
- Opposite arm and leg reach 45 s
- Bridge 45 s
- Towel row 40 s

## Stretch: 1 round, 10 s rest, 15 s ready
- Half-kneeling hip stretch hold 45 s
- Hamstring stretch with a towel hold 45 s
- Figure-four stretch on the back hold 45 s
- Lying twist and stay hold 45 s
- Slow breathing hold 60 s`,
  },
];
