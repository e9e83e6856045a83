/**
 * What a good coach would say: a person, what they have, what is set, and what they then should do. Each
 * is judged without the model in mind; a range is what several coaches would still call right.
 */
import type { Dose, Load, Slot, Stance } from "../class/document";
import type { Mark, WorkingSet } from "../homes/home";
import type { Limit } from "../homes/limits";
import type { Status } from "./part";

export interface CoachCase {
  readonly says: string;
  readonly mark?: Mark;
  readonly bodyKg?: number;
  readonly limits?: readonly Limit[];
  /** As in a roster's table: `2 dumbbell 6 kg; tube-band medium`. */
  readonly kit: string;
  readonly sets?: readonly WorkingSet[];
  readonly stance?: Stance;
  readonly move: string;
  readonly dose: Dose | readonly Dose[];
  readonly load?: Load | readonly Load[];
  readonly marks?: Slot["marks"];
  readonly wants: {
    /** Any one of these. */
    readonly move?: readonly string[];
    readonly notMove?: readonly string[];
    /** Kilograms of each thing, both ends included; a list: of each set. */
    readonly kg?: readonly [number, number] | readonly (readonly [number, number])[];
    readonly tension?: "light" | "medium" | "heavy" | null;
    /** Planned reps. */
    readonly reps?: readonly [number, number];
    readonly status?: readonly Status[];
    /** What is said first about a load that is off. */
    readonly adjust?: "harder" | "easier" | null;
  };
}

const PAIRS = "2 dumbbell 3 kg; 2 dumbbell 6 kg; 2 dumbbell 12 kg";
const RACK = "2 adjustable-dumbbell 2-24 kg step 2 kg change 10 s";
const BANDS =
  "tube-band light handles; tube-band medium handles; tube-band heavy handles; door latches away; door-anchor";
const CHAIR = "chair sturdy";
const reps = (n: number): Dose => ({ reps: n });
const range = (min: number, max: number): Dose => ({ reps: { min, max } });

/** Which weight, of those that are there. */
const WEIGHTS: readonly CoachCase[] = [
  {
    says: "heavy for the legs isn't the smallest pair",
    kit: "2 dumbbell 12 kg; 2 dumbbell 3 kg",
    move: "goblet-squat",
    dose: reps(10),
    load: { target: "heavy" },
    wants: { move: ["goblet-squat"], kg: [12, 12], status: ["as-set"] },
  },
  {
    says: "the same home presses overhead with the small pair",
    kit: "2 dumbbell 12 kg; 2 dumbbell 3 kg",
    move: "standing-press",
    dose: reps(10),
    load: { target: "heavy" },
    wants: { move: ["standing-press"], kg: [3, 3] },
  },
  { says: "rows take the big pair", kit: PAIRS, move: "bent-row", dose: reps(10), wants: { kg: [12, 12] } },
  { says: "curls the middle one", kit: PAIRS, move: "curl", dose: reps(10), wants: { kg: [6, 6] } },
  {
    says: "side raises the light one",
    kit: PAIRS,
    move: "side-raise",
    dose: reps(12),
    wants: { kg: [3, 3] },
  },
  {
    says: "floor press for a natural person: about twelve each at most",
    kit: RACK,
    move: "floor-press",
    dose: reps(10),
    wants: { kg: [8, 14] },
  },
  {
    says: "and lighter the first time, since it is over the face",
    kit: RACK,
    move: "floor-press",
    dose: reps(10),
    sets: [{ move: "floor-press", kg: 14, reps: 10, rir: 2, date: "2026-11-20" }],
    wants: { kg: [14, 14] },
  },
  {
    says: "a bigger person starts heavier",
    kit: RACK,
    bodyKg: 95,
    move: "bent-row",
    dose: reps(10),
    wants: { kg: [12, 18] },
  },
  {
    says: "a smaller one lighter",
    kit: RACK,
    bodyKg: 52,
    move: "bent-row",
    dose: reps(10),
    wants: { kg: [6, 10] },
  },
  {
    says: "flat rows lighter",
    kit: RACK,
    mark: "flat",
    move: "bent-row",
    dose: reps(10),
    wants: { move: ["bent-row"], kg: [4, 10], status: ["as-set"] },
  },
  {
    says: "sharp rows heavier",
    kit: RACK,
    mark: "sharp",
    move: "bent-row",
    dose: reps(10),
    wants: { kg: [14, 20] },
  },
  {
    says: "fewer reps mean more weight",
    kit: RACK,
    move: "bent-row",
    dose: reps(5),
    wants: { kg: [12, 16] },
  },
  { says: "many reps less", kit: RACK, move: "bent-row", dose: reps(20), wants: { kg: [6, 12] } },
  {
    says: "five in reserve is lighter than one",
    kit: RACK,
    move: "bent-row",
    dose: reps(10),
    load: { rir: 5 },
    wants: { kg: [8, 12] },
  },
  {
    says: "one in reserve heavier",
    kit: RACK,
    move: "bent-row",
    dose: reps(10),
    load: { rir: 1 },
    wants: { kg: [10, 14] },
  },
  {
    says: "known rows decide over the level",
    kit: RACK,
    mark: "flat",
    sets: [{ move: "bent-row", kg: 16, reps: 10, rir: 2, date: "2026-11-20" }],
    move: "bent-row",
    dose: reps(10),
    load: { rir: 2 },
    wants: { kg: [12, 16] },
  },
  {
    says: "strong rows speak for curls, carefully",
    kit: RACK,
    sets: [{ move: "bent-row", kg: 20, reps: 10, rir: 1, date: "2026-11-20" }],
    move: "curl",
    dose: reps(10),
    wants: { kg: [6, 12] },
  },
  {
    says: "ten with plenty left make nobody weaker",
    kit: RACK,
    sets: [{ move: "bent-row", kg: 4, reps: 10, date: "2026-11-20" }],
    move: "bent-row",
    dose: reps(10),
    wants: { kg: [10, 14] },
  },
  {
    says: "a written weight is taken where it can be",
    kit: RACK,
    move: "bent-row",
    dose: reps(8),
    load: { kg: 8 },
    wants: { kg: [8, 8], status: ["as-set"] },
  },
  {
    says: "or the nearest below",
    kit: PAIRS,
    move: "bent-row",
    dose: reps(8),
    load: { kg: 10 },
    wants: { kg: [6, 6] },
  },
  {
    says: "never one that nobody should press over their face",
    kit: RACK,
    mark: "flat",
    bodyKg: 52,
    move: "floor-press",
    dose: reps(10),
    load: { kg: 22 },
    wants: { kg: [4, 12] },
  },
  {
    says: "a load that climbs is climbed",
    kit: RACK,
    move: "bent-row",
    dose: reps(8),
    load: [{ kg: 8 }, { kg: 10 }, { kg: 12 }],
    wants: {
      kg: [
        [8, 8],
        [10, 10],
        [12, 12],
      ],
    },
  },
  {
    says: "reps that fall let the weight rise, where two pairs lie there",
    kit: "2 dumbbell 6 kg; 2 dumbbell 9 kg",
    move: "standing-press",
    dose: [reps(15), reps(4)],
    load: { rir: 2 },
    wants: {
      kg: [
        [4, 6],
        [6, 9],
      ],
    },
  },
  {
    says: "a one-arm row takes the heavy one",
    kit: `dumbbell 16 kg; dumbbell 5 kg; ${CHAIR}`,
    move: "one-arm-row",
    dose: reps(10),
    wants: { move: ["one-arm-row"], kg: [16, 16] },
  },
  {
    says: "hinges carry more than rows",
    kit: RACK,
    move: "dumbbell-hinge",
    dose: reps(10),
    wants: { kg: [12, 18] },
  },
  {
    says: "calf raises take all there is",
    kit: PAIRS,
    move: "weighted-calf-raise",
    dose: reps(12),
    wants: { kg: [12, 12], status: ["as-set"] },
  },
  {
    says: "a lying extension hangs over the face: one light weight in both hands",
    kit: RACK,
    move: "lying-extension",
    dose: reps(12),
    wants: { kg: [2, 6] },
  },
  {
    says: "an overhead extension with one weight isn't a press",
    kit: RACK,
    move: "overhead-extension",
    dose: reps(12),
    wants: { kg: [4, 8] },
  },
];

/** Without the thing that was set, or with little of it. */
const WITHOUT: readonly CoachCase[] = [
  {
    says: "no weight: a squat without",
    kit: "nothing",
    move: "goblet-squat",
    dose: reps(12),
    wants: { move: ["bodyweight-squat"], status: ["swapped"] },
  },
  {
    says: "a full bag in place of a dumbbell",
    kit: "backpack holds 12 kg",
    mark: "sharp",
    move: "goblet-squat",
    dose: reps(12),
    wants: { move: ["backpack-squat", "goblet-squat"], kg: [8, 12] },
  },
  {
    says: "bottles for side raises",
    kit: "2 bottle 1.5 l",
    move: "side-raise",
    dose: reps(12),
    wants: { move: ["side-raise"], kg: [1.5, 1.5], status: ["as-set"] },
  },
  {
    says: "a band for a row",
    kit: "tube-band medium handles",
    move: "bent-row",
    dose: reps(10),
    wants: { move: ["band-row", "seated-band-row"], status: ["swapped"] },
  },
  {
    says: "a towel at the door for a row",
    kit: "towel; door latches away",
    move: "bent-row",
    dose: reps(10),
    wants: { move: ["towel-row"], status: ["swapped"] },
  },
  {
    says: "press-ups of some kind for a floor press",
    kit: "nothing",
    move: "floor-press",
    dose: reps(10),
    wants: { move: ["press-up", "knee-press-up", "counter-press-up"], status: ["swapped"] },
  },
  {
    says: "one light pair for hinges: done, and made harder",
    kit: "2 dumbbell 2 kg",
    move: "dumbbell-hinge",
    dose: reps(10),
    mark: "sharp",
    wants: { move: ["dumbbell-hinge"], adjust: "harder" },
  },
  {
    says: "one kettlebell for goblet squats",
    kit: "kettlebell 12 kg",
    move: "goblet-squat",
    dose: reps(10),
    wants: { move: ["goblet-squat"], kg: [12, 12], status: ["as-set"] },
  },
  {
    says: "rows for a chin-up that nobody can do",
    kit: BANDS,
    move: "chin-up",
    dose: reps(6),
    wants: { notMove: ["chin-up"], status: ["swapped"] },
  },
  {
    says: "a bar, and not yet a chin-up: lowered slowly or a band",
    kit: `overhead-bar; ${CHAIR}`,
    move: "chin-up",
    dose: reps(5),
    wants: { notMove: ["chin-up"] },
  },
  {
    says: "somebody who does ten chin-ups does them",
    kit: "overhead-bar",
    sets: [{ move: "chin-up", reps: 10, rir: 1, date: "2026-11-20" }],
    mark: "sharp",
    move: "chin-up",
    dose: reps(6),
    wants: { move: ["chin-up"], status: ["as-set"] },
  },
  {
    says: "of three bands the one that suits a curl",
    kit: BANDS,
    move: "curl",
    dose: reps(12),
    wants: { tension: "light" },
  },
  {
    says: "and another for a row",
    kit: BANDS,
    move: "band-row",
    dose: reps(12),
    wants: { tension: "medium" },
  },
  {
    says: "a gym's bench press comes home",
    kit: "2 dumbbell 10 kg",
    move: "barbell-bench-press",
    dose: reps(10),
    wants: { move: ["floor-press", "bench-press-with-weights"], status: ["swapped"] },
  },
  {
    says: "a cable pull-down comes home to a band",
    kit: BANDS,
    move: "cable-pull-down",
    dose: reps(10),
    wants: {
      move: ["band-pull-down", "kneeling-band-pull-down", "straight-arm-band-pull"],
      status: ["swapped"],
    },
  },
];

/** Levels and bodies: lighter, then less, then smaller, then other. */
const LEVELS: readonly CoachCase[] = [
  {
    says: "a natural person does ten press-ups' worth",
    kit: "nothing",
    move: "press-up",
    dose: range(6, 12),
    wants: { move: ["press-up"], reps: [5, 10] },
  },
  {
    says: "a flat one from the knees, or hands up",
    kit: "nothing",
    mark: "flat",
    move: "press-up",
    dose: reps(10),
    wants: { move: ["knee-press-up", "counter-press-up", "wall-press-up"], status: ["eased"] },
  },
  {
    says: "a heavy flat person not on the toes",
    kit: "nothing",
    mark: "flat",
    bodyKg: 105,
    move: "press-up",
    dose: reps(8),
    wants: { notMove: ["press-up", "feet-up-press-up"] },
  },
  {
    says: "a sharp person isn't sent to the knees",
    kit: "nothing",
    mark: "sharp",
    move: "press-up",
    dose: reps(10),
    wants: { move: ["press-up"], status: ["as-set"] },
  },
  {
    says: "twenty-five known press-ups stay press-ups",
    kit: "nothing",
    mark: "flat",
    sets: [{ move: "press-up", reps: 25, rir: 2, date: "2026-11-20" }],
    move: "press-up",
    dose: reps(10),
    wants: { move: ["press-up"], status: ["as-set"] },
  },
  {
    says: "squats are for everybody",
    kit: "nothing",
    mark: "flat",
    move: "bodyweight-squat",
    dose: reps(10),
    wants: { move: ["bodyweight-squat", "shallow-squat", "sit-to-stand"] },
  },
  {
    says: "single-leg squats aren't",
    kit: CHAIR,
    mark: "flat",
    move: "single-leg-sit-to-stand",
    dose: reps(8),
    wants: { notMove: ["single-leg-sit-to-stand"], status: ["eased", "swapped"] },
  },
  {
    says: "the instructor's own easier way comes first",
    kit: `2 dumbbell 8 kg; ${CHAIR}`,
    mark: "flat",
    move: "goblet-squat",
    dose: reps(10),
    marks: { flat: { move: "sit-to-stand" } },
    wants: { move: ["sit-to-stand"], status: ["as-set"] },
  },
  {
    says: "flat with a rack does the same move, lighter",
    kit: RACK,
    mark: "flat",
    move: "weighted-split-squat",
    dose: reps(10),
    wants: { notMove: ["rear-foot-up-split-squat"] },
  },
  {
    says: "sharp takes the heavy ones and stays",
    kit: RACK,
    mark: "sharp",
    move: "goblet-squat",
    dose: reps(8),
    wants: { move: ["goblet-squat"], kg: [20, 24] },
  },
  {
    says: "nobody natural is sent to a harder move",
    kit: CHAIR,
    move: "split-squat",
    dose: reps(10),
    wants: { move: ["split-squat"], status: ["as-set"] },
  },
  {
    says: "a plank of half a minute is for natural people",
    kit: "nothing",
    move: "plank",
    dose: { hold: 30 },
    wants: { move: ["plank"], status: ["as-set"] },
  },
  {
    says: "of a minute not for flat ones",
    kit: "nothing",
    mark: "flat",
    move: "plank",
    dose: { hold: 60 },
    wants: { status: ["eased"] },
  },
  {
    says: "timed squats aren't cut for anybody natural",
    kit: "nothing",
    move: "bodyweight-squat",
    dose: { seconds: 40 },
    wants: { move: ["bodyweight-squat"], status: ["as-set"] },
  },
  {
    says: "timed press-ups are eased at flat",
    kit: "nothing",
    mark: "flat",
    move: "press-up",
    dose: { seconds: 40 },
    wants: { notMove: ["press-up"] },
  },
  {
    says: "sore knees and no weights: still a squat of a kind, no single leg",
    kit: CHAIR,
    limits: ["shallow-knees"],
    move: "bodyweight-squat",
    dose: reps(10),
    wants: { move: ["sit-to-stand", "shallow-squat"], status: ["swapped"] },
  },
  {
    says: "a limit doesn't send to a harder move",
    kit: RACK,
    limits: ["shallow-knees"],
    move: "goblet-squat",
    dose: reps(10),
    wants: { notMove: ["single-leg-sit-to-stand", "strap-single-leg-squat", "rear-foot-up-split-squat"] },
  },
  {
    says: "form first leaves more in the tank",
    kit: RACK,
    stance: "form",
    move: "bent-row",
    dose: reps(10),
    wants: { kg: [8, 12] },
  },
  {
    says: "a bridge needs nothing and is light",
    kit: "nothing",
    move: "bridge",
    dose: reps(12),
    wants: { move: ["bridge"], status: ["as-set"], adjust: "harder" },
  },
  {
    says: "a beginner's leg curl on sliders comes down or goes",
    kit: "2 slider",
    mark: "flat",
    move: "slider-leg-curl",
    dose: reps(8),
    wants: { status: ["eased", "swapped"] },
  },
];

export const COACH_CASES: readonly CoachCase[] = [...WEIGHTS, ...WITHOUT, ...LEVELS];
