/** Starting points for strength: rep ranges, something in reserve, rests that are long enough. */
import type { Template } from "../template";

const WARM_UP = `## Warm-up: 1 round, 5 s rest, 30 s water
- March on the spot 60 s
- Arm sweep 50 s
- Hip hinge reach 50 s
- Half squat and reach 50 s
- Step back and open 50 s
- Shoulder rolls 40 s`;

const COOL_DOWN = `## Cool-down: 1 round, 5 s rest
- Slow breathing hold 60 s
- Calf and hip stretch hold 30 s
- Standing hamstring stretch hold 30 s
- Open-arms stretch hold 50 s`;

export const STRENGTH_TEMPLATES: readonly Template[] = [
  {
    id: "strength-hour",
    purpose: "strength",
    stance: "strength",
    minutes: 60,
    about: "Three pairs for the whole body and a quiet finish: enough rest for heavy sets.",
    plan: `# Strength hour

Hello: 90 s talk

${WARM_UP}

## Squat and row: 4 rounds, 30 s rest, 90 s between rounds, 20 s ready, show 20 s, 60 s water
- Goblet squat 8–10 reps at 3-0-1 2 RIR
- Bent-over row 8–10 reps at 2-0-1-1 2 RIR
- easier: one-arm row, hand on the thigh

## Hinge and press: 4 rounds, 30 s rest, 90 s between rounds, 20 s ready, show 20 s, 60 s water
- Two-weight hinge 8–10 reps at 3-0-1 2 RIR
- Floor press 8–10 reps at 3-0-1 2 RIR

## Shoulders and pull: 4 rounds, 30 s rest, 75 s between rounds, 20 s ready, show 20 s, 45 s water
- Standing press 8–10 reps 2 RIR
- One-arm row 8–10 reps each side 2 RIR

## Finisher: 3 rounds, 15 s rest, 30 s between rounds, 10 s ready, show 10 s, 30 s water
- Dead bug 30 s
- Kneeling side plank hold hold 20 s each side

${COOL_DOWN}`,
  },
  {
    id: "supersets",
    purpose: "strength",
    stance: "strength",
    minutes: 45,
    about:
      "Two pairs back to back, upper and lower body in turn, so that one part rests while the other works.",
    plan: `# Supersets

Hello: 90 s talk

${WARM_UP}

## Press and hinge: 4 rounds, 30 s rest, 90 s between rounds, 20 s ready, show 20 s, 60 s water
- Floor press 8–10 reps at 3-0-1 2 RIR
- Hinge with one weight 8–10 reps at 3-0-1 2 RIR

## Squat and row: 4 rounds, 30 s rest, 90 s between rounds, 20 s ready, show 20 s, 60 s water
- Goblet squat 8–10 reps at 3-0-1 2 RIR
- Bent-over row 8–10 reps at 2-0-1-1 2 RIR
- easier: one-arm row, hand on the thigh

## Finisher: 3 rounds, 15 s rest, 30 s between rounds, 10 s ready, show 10 s, 30 s water
- Dead bug 30 s
- Plank hold 30 s

${COOL_DOWN}`,
  },
  {
    id: "trisets",
    purpose: "strength",
    stance: "strength",
    minutes: 45,
    about: "Three moves in a row, legs, push and trunk; then legs, pull and trunk.",
    plan: `# Trisets

Hello: 90 s talk

${WARM_UP}

## Squat, press, trunk: 4 rounds, 25 s rest, 90 s between rounds, 20 s ready, show 15 s, 60 s water
- Goblet squat 8–10 reps at 3-0-1 2 RIR
- Standing press 8–10 reps 2 RIR
- Tall turn 30 s

## Hinge, row, side: 4 rounds, 25 s rest, 90 s between rounds, 20 s ready, show 15 s, 60 s water
- Two-weight hinge 8–10 reps at 3-0-1 2 RIR
- Bent-over row 8–10 reps at 2-0-1-1 2 RIR
- easier: one-arm row, hand on the thigh
- Standing knee to elbow 40 s

${COOL_DOWN}`,
  },
  {
    id: "straight-sets",
    purpose: "strength",
    stance: "strength",
    minutes: 45,
    about: "One move at a time, all of its sets, a good rest after each: the plainest way to get stronger.",
    plan: `# Straight sets

Hello: 90 s talk

${WARM_UP}

## Straight sets: 4 rounds, straight sets, 90 s rest, 90 s between rounds, 20 s ready, show 15 s, 60 s water
- Split squat 8 reps each side 2 RIR
- Floor press 8–10 reps at 3-0-1 2 RIR
- Goblet squat 8–10 reps at 3-0-1 2 RIR
- Bent-over row 8–10 reps at 2-0-1-1 2 RIR
- easier: one-arm row, hand on the thigh

${COOL_DOWN}`,
  },
  {
    id: "every-minute",
    purpose: "strength",
    stance: "strength",
    minutes: 30,
    about:
      "A set starts on every minute, and what is left of the minute is rest: the clock does the counting.",
    plan: `# Every minute

Hello: 60 s talk

${WARM_UP}

## Every minute: every 60 s for 16 min, 15 s ready, show 15 s, 45 s water
- Goblet squat 10 reps 3 RIR
- Press-up 8 reps 3 RIR
- Bent-over row 10 reps 3 RIR
- easier: one-arm row, hand on the thigh
- Reverse lunge 10 reps 3 RIR

${COOL_DOWN}`,
  },
  {
    id: "bands",
    keepsMoves: true,
    purpose: "strength",
    stance: "strength",
    minutes: 40,
    about: "Everything against one long band: for homes with a band and no weights.",
    plan: `# One band

Hello: 90 s talk

${WARM_UP}

## Squat and pull: 3 rounds, 30 s rest, 75 s between rounds, 20 s ready, show 15 s, 45 s water
- Squat against a band 10–12 reps at 3-0-1 2 RIR
- Low band row 10–12 reps at 2-0-1-1 2 RIR
- harder: 12 reps at 4-0-1-2

## Hinge and press: 3 rounds, 30 s rest, 75 s between rounds, 20 s ready, show 15 s, 45 s water
- Hinge against a band 10–12 reps at 3-0-1 2 RIR
- Band press 10–12 reps 2 RIR

## Arms and trunk: 3 rounds, 20 s rest, 45 s between rounds, 15 s ready, show 10 s, 30 s water
- Band curl 10–12 reps 2 RIR
- Dead bug 30 s

${COOL_DOWN}`,
  },
  {
    id: "push-and-pull",
    purpose: "strength",
    stance: "strength",
    minutes: 45,
    about: "The upper body from both sides: as many pulls as pushes, then the arms on their own.",
    plan: `# Push and pull

Hello: 90 s talk

${WARM_UP}

## Press-up and row: 4 rounds, 30 s rest, 90 s between rounds, 20 s ready, show 15 s, 60 s water
- Press-up 8–10 reps at 2-0-1 2 RIR
- Bent-over row 8–10 reps at 2-0-1-1 2 RIR
- easier: one-arm row, hand on the thigh

## Shoulders: 4 rounds, 30 s rest, 75 s between rounds, 20 s ready, show 15 s, 45 s water
- Standing press 8–10 reps 2 RIR
- Bent-over arm raise to the side 10–12 reps 2 RIR

## Arms: 3 rounds, 20 s rest, 60 s between rounds, 15 s ready, show 10 s, 30 s water
- Curl 10–12 reps 2 RIR
- Bent-over arm straightening 10–12 reps 2 RIR

${COOL_DOWN}`,
  },
];
