/** Moves of the pattern “jump”: on the floor. The form is in `row.ts`. */
import { CAUTION } from "../needs";
import { moves } from "../row";

export const JUMP_FLOOR = moves("jump", [
  {
    id: "plank-jack",
    name: "Plank jack",
    aliases: "plank jack | jumping plank jack",
    facts: "- 3 -",
    body: "hands:64",
    muscles: "abs abductors / front-shoulders",
    position: "plank",
    repSeconds: 1.5,
    energy: "hardCalisthenics",
    impact: "low",
    noise: "some",
    landings: { perRep: 2, weight: 0.5 },
    cues: "Feet jump apart and together. | Hips level.",
    faults: "Seat bounces. | Shoulders behind the hands.",
    cautions: CAUTION.landing,
    links: "easier plank-step-jack impact; harder burpee range",
  },
  {
    id: "plank-step-jack",
    name: "Plank step-out",
    aliases: "plank step out | low impact plank jack | step out plank",
    facts: "- 2 -",
    body: "hands:64",
    muscles: "abs abductors / front-shoulders",
    position: "plank",
    sides: "alternating",
    repSeconds: 2,
    energy: "calisthenics",
    cues: "Step one foot out and in, then the other. | Hips still.",
    faults: "Hips sway. | Sagging.",
    cautions: "Knees down between if your back tires.",
  },
]);
