/** Starting points by the clock: circuits, intervals, a cap, a ladder. */
import type { Template } from "../template";

const WARM_UP = `## Warm-up: 1 round, 5 s rest, 20 s water
- March on the spot 60 s
- Arm sweep 45 s
- Half squat and reach 45 s
- Step back and open 45 s
- Side step and reach 45 s
- Heel-flick walk 60 s`;

const SHORT_WARM_UP = `## Warm-up: 1 round, 15 s water
- March on the spot 50 s
- Half squat and reach 45 s
- Step back and open 45 s
- Side step and reach 45 s`;

const COOL_DOWN = `## Cool-down: 1 round, 5 s rest
- Slow breathing hold 60 s
- Calf and hip stretch hold 30 s
- Standing hamstring stretch hold 30 s
- Open-arms stretch hold 50 s`;

const SHORT_COOL_DOWN = `## Cool-down: 1 round, 5 s rest
- Slow breathing hold 40 s
- Calf and hip stretch hold 20 s
- Open-arms stretch hold 40 s`;

export const ENDURANCE_TEMPLATES: readonly Template[] = [
  {
    id: "lunch",
    purpose: "endurance",
    stance: "density",
    minutes: 20,
    about: "Six moves, two rounds, no kit, back at the desk in twenty minutes.",
    plan: `# Twenty at lunch

Hello: 45 s talk

${SHORT_WARM_UP}

## Circuit: 2 rounds, 15 s rest, 60 s between rounds, 10 s ready, show 15 s, 30 s water
- Squat 40 s
- Towel row 40 s
- Reverse lunge 40 s
- Kneeling press-up 40 s
- Punches on the spot 40 s
- Dead bug 40 s

${SHORT_COOL_DOWN}`,
  },
  {
    id: "nothing-needed",
    purpose: "mixed",
    stance: "density",
    minutes: 40,
    about: "A circuit for a mixed room that owns nothing: a towel, a wall, the floor.",
    plan: `# Nothing needed

Hello: 90 s talk

${WARM_UP}

## Standing circuit: 3 rounds, 20 s rest, 60 s between rounds, 10 s ready, show 15 s, 45 s water
- Squat 40 s
- Towel row 40 s
- Reverse lunge 40 s
- Punches on the spot 40 s
- Side lunge 40 s

## Floor circuit: 3 rounds, 20 s rest, 60 s between rounds, 10 s ready, show 15 s, 30 s water
- Bridge 40 s
- Kneeling press-up 40 s
- Dead bug 40 s

${COOL_DOWN}`,
  },
  {
    id: "twenty-ten",
    purpose: "endurance",
    stance: "density",
    minutes: 30,
    about: "Twenty seconds on, ten off, eight times; four such rows with a pause for water between.",
    plan: `# Twenty on, ten off

Hello: 60 s talk

${WARM_UP}

## First eight: 4x 20/10, 10 s ready, show 15 s, 60 s water {"locked":["rest","longRest"]}
- Squat
- Towel row

## Second eight: 8x 20/10, 10 s ready, show 15 s, 60 s water {"locked":["rest","longRest"]}
- Boxer's steps

## Third eight: 4x 20/10, 10 s ready, show 15 s, 60 s water {"locked":["rest","longRest"]}
- Side step and reach
- Punches on the spot

## Fourth eight: 4x 20/10, 10 s ready, show 15 s, 45 s water {"locked":["rest","longRest"]}
- Dead bug
- Kneeling press-up

${COOL_DOWN}`,
  },
  {
    id: "against-the-clock",
    purpose: "endurance",
    stance: "density",
    minutes: 30,
    about: "As many rounds as possible in a fixed time, twice; everybody counts their own.",
    plan: `# Against the clock

Hello: 75 s talk

${WARM_UP}

## First cap: AMRAP 8 min, 10 s ready, show 15 s, 75 s water
- Squat 10 reps
- Towel row 10 reps
- Dead bug 10 reps

## Second cap: AMRAP 8 min, 10 s ready, show 15 s, 60 s water
- Reverse lunge 10 reps
- Kneeling press-up 8 reps
- Bridge 12 reps

${COOL_DOWN}`,
  },
  {
    id: "ladder",
    purpose: "endurance",
    stance: "density",
    minutes: 30,
    about: "One rep, two, three and so on, up the stairs and down again.",
    plan: `# Up the ladder

Hello: 60 s talk

${WARM_UP}

## Up: 1 round, 20 s rest, 10 s ready, show 15 s, 60 s water
- Squat ladder 1–9
- Press-up ladder 1–6
- Bridge ladder 1–8

## Across: 4 rounds, 15 s rest, 40 s between rounds, 10 s ready, show 15 s, 45 s water
- Towel row 40 s
- Reverse lunge 40 s
- Plank hold 30 s

${COOL_DOWN}`,
  },
  {
    id: "quiet-circuit",
    purpose: "endurance",
    stance: "density",
    minutes: 35,
    about: "No jump and no step that is heard below: for flats, late evenings and sleeping children.",
    plan: `# Quiet feet

Hello: 75 s talk

${WARM_UP}

## Quiet circuit: 3 rounds, 20 s rest, 60 s between rounds, 10 s ready, show 15 s, 60 s water
- Side lunge 40 s
- Towel row 40 s
- Squat to tiptoes 40 s
- Kneeling press-up 40 s
- Dead bug 40 s

## Quiet eight: 4x 20/10, 10 s ready, show 15 s, 45 s water {"locked":["rest","longRest"]}
- Punches on the spot
- Reverse lunge

${COOL_DOWN}`,
  },
  {
    id: "stations",
    purpose: "mixed",
    stance: "density",
    minutes: 45,
    about: "Eight stations in three laps, one thing to fetch: a long lesson for a full room.",
    plan: `# Eight stations

Hello: 90 s talk

${WARM_UP}

## Eight stations: 3 rounds, 20 s rest, 60 s between rounds, 15 s ready, show 15 s, 60 s water
- Goblet squat 45 s
- Towel row 45 s
- Reverse lunge 45 s
- Standing press 45 s
- Hinge with one weight 45 s
- Punches on the spot 45 s
- Kneeling press-up 45 s
- Dead bug 45 s

${COOL_DOWN}`,
  },
  {
    id: "runner",
    purpose: "mixed",
    stance: "density",
    minutes: 40,
    about: "For who runs outside: hips, calves and balance, one leg at a time.",
    plan: `# Legs for running

Hello: 90 s talk

${WARM_UP}

## One leg at a time: 3 rounds, 20 s rest, 60 s between rounds, 10 s ready, show 15 s, 45 s water
- Split squat 30 s each side
- Towel row 40 s
- Calf raise 40 s

## On the floor: 3 rounds, 20 s rest, 60 s between rounds, 10 s ready, show 15 s, 30 s water
- Single-leg bridge 30 s each side
- Press-up 40 s
- Side-lying leg lift 30 s each side

${COOL_DOWN}`,
  },
];
