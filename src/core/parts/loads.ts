/**
 * How much to hold. With a known working set the load is predicted, else the person starts light.
 *
 * Estimated maximum = kg × (1 + (reps + RIR)/30), and the load for n reps with r in reserve =
 * maximum / (1 + (n + r)/30) (Epley 1985). A maximum from one rep with none in reserve is the load
 * itself. Past 10 reps such predictions are rough (Reynolds 2006), past 20 none is made. Where the
 * body is most of the load, the share of its mass that is moved is added to what is held
 * (press-up about 64 %, Ebben 2011; the shares stand with the moves), if the person gave their mass.
 */
import { type Dose, doseAt, type Load, loadAt, type Slot, type Stance, type Way } from "../class/document";
import type { Person, WorkingSet } from "../homes/home";
import type { WeightOption } from "../homes/packing";
import type { KnownMove } from "../moves/book";
import { spanTriple } from "../values/span";

/** Reps past which a prediction is called rough, and past which none is made. */
export const ROUGH_REPS = 10;
export const MOST_REPS = 20;
/** A load may lie this far above what is wanted. */
export const ABOVE = 1.05;
/** Reserve that a stance means where the slot says nothing. */
export const STANCE_RESERVE: Readonly<Record<Stance, number>> = { form: 4, strength: 2, density: 3 };

/** Estimated maximum in kg from a set, or null where it has too many reps to tell. */
export function estimatedMaximum(kg: number, reps: number, rir: number): number | null {
  if (reps > MOST_REPS) return null;
  return reps === 1 && rir === 0 ? kg : kg * (1 + (reps + rir) / 30);
}

/** Load in kg for so many reps with so many in reserve. */
export function loadForReps(maximum: number, reps: number, rir: number): number {
  return reps === 1 && rir === 0 ? maximum : maximum / (1 + (reps + rir) / 30);
}

/** Reps at a load with so many in reserve: whole, 0 at the least; null past what can be told. */
export function repsAtLoad(maximum: number, kg: number, rir: number): number | null {
  if (kg <= 0) return null;
  const reps = Math.floor(30 * (maximum / kg - 1) - rir + 1e-9);
  return reps > MOST_REPS ? null : Math.max(0, reps);
}

export type Feel = "light" | "medium" | "heavy";

export type LoadGoal =
  | { readonly kind: "none" }
  /** The slot says how much. */
  | { readonly kind: "exact"; readonly kg: number }
  /** From a known working set; kg of each thing held, as the set was written. */
  | {
      readonly kind: "predicted";
      readonly kg: number;
      readonly maximum: number;
      readonly rir: number;
      /** Kilograms of the body that are moved along. */
      readonly bodyKg: number;
      readonly from: WorkingSet;
    }
  | { readonly kind: "feel"; readonly feel: Feel };

/** The reserve that is meant: RIR, 10 − RPE, or by the words (light 5, medium 4, heavy 2). */
export function reserveOf(load: Load | undefined, stance: Stance): number {
  if (load?.rir !== undefined) return load.rir;
  if (load?.rpe !== undefined) return 10 - load.rpe;
  if (load?.target === "heavy") return 2;
  if (load?.target === "medium") return 4;
  if (load?.target === "light") return 5;
  return STANCE_RESERVE[stance];
}

function feelOf(load: Load | undefined, stance: Stance): LoadGoal {
  if (load?.target === "none") return { kind: "none" };
  const rir = reserveOf(load, stance);
  return { kind: "feel", feel: rir <= 2 ? "heavy" : rir <= 4 ? "medium" : "light" };
}

function plannedReps(dose: Dose, way: Way | null): number | null {
  const span = way?.reps ?? dose.reps;
  return span === undefined ? null : spanTriple(span).plan;
}

/** The latest working set of a move; ties go to the later line. */
export function workingSetOf(person: Person, move: KnownMove): WorkingSet | null {
  let best: WorkingSet | null = null;
  for (const set of person.workingSets ?? []) {
    if (set.move === move.id && (!best || (set.date ?? "") >= (best.date ?? ""))) best = set;
  }
  return best;
}

/** What is looked for when a person takes up the weight of a move. */
export function loadGoal(
  slot: Slot,
  way: Way | null,
  person: Person,
  move: KnownMove,
  stance: Stance,
): LoadGoal {
  const written = way?.load ?? loadAt(slot, 0);
  if (written?.kg !== undefined) return { kind: "exact", kg: written.kg };
  const reps = plannedReps(doseAt(slot, 0), way);
  const set = workingSetOf(person, move);
  if (!set || reps === null || reps > MOST_REPS) return feelOf(written, stance);
  const share = move.bodyShare ?? 0;
  if (share > 0 && person.bodyKg === undefined) return feelOf(written, stance);
  const bodyKg = share * (person.bodyKg ?? 0);
  const maximum = estimatedMaximum(set.kg + bodyKg, set.reps, set.rir ?? 0);
  if (maximum === null) return feelOf(written, stance);
  const rir = reserveOf(written, stance);
  const kg = Math.max(0, loadForReps(maximum, reps, rir) - bodyKg);
  return { kind: "predicted", kg, maximum, rir, bodyKg, from: set };
}

/** Where among the weights that exist somebody begins who has no known set: lightly. */
const START: Readonly<Record<Feel, (count: number) => number>> = {
  light: () => 0,
  medium: (count) => Math.floor((count - 1) / 3),
  heavy: (count) => Math.floor((count - 1) / 2),
};

/** The kilograms that are looked for among the weights a home can make (all of them, lightest first). */
export function wantedKg(goal: LoadGoal, all: readonly number[]): number | null {
  if (goal.kind === "exact" || goal.kind === "predicted") return goal.kg;
  if (all.length === 0) return null;
  return all[goal.kind === "feel" ? START[goal.feel](all.length) : 0] ?? null;
}

/**
 * The weight to take: the nearest that is not more than 5 % above what is wanted (ties: the lighter),
 * else the lightest there is.
 */
export function nearestWeight(weights: readonly WeightOption[], wanted: number | null): WeightOption | null {
  const [lightest] = weights;
  if (!lightest || wanted === null) return lightest ?? null;
  let best: WeightOption | null = null;
  for (const option of weights) {
    if (option.kg > wanted * ABOVE + 1e-9) continue;
    if (!best || Math.abs(option.kg - wanted) < Math.abs(best.kg - wanted) - 1e-9) best = option;
  }
  return best ?? lightest;
}
