/** What follows from a belief: reps at a load, the load for reps, how careful to be, and the reserve that is meant. */
import type { Load, Stance } from "../class/document";
import type { Mark } from "../homes/home";
import { bodyOf } from "../moves/body";
import type { KnownMove } from "../moves/book";
import type { Strength } from "../moves/move";
import { type Belief, maximumAt } from "./belief";
import { eachKgFor, overLoad, repsAt } from "./load";

/** Standard deviations from the median at which a range is told: 60 % of people lie within. */
export const RANGE_Z = 0.84;

/** Reps past which nobody is told a number. */
export const MOST_TOLD = 20;

export interface Range {
  readonly low: number;
  readonly median: number;
  readonly high: number;
}

function range(of: (z: number) => number): Range {
  return { low: of(-RANGE_Z), median: of(0), high: of(RANGE_Z) };
}

/** What a person moves once, kg of total load. */
export function maximumRange(belief: Belief): Range {
  return range((z) => maximumAt(belief, z));
}

/** Reps of a total load with `reserve` left; null for no load. */
export function repsRange(belief: Belief, loadKg: number, reserve: number): Range | null {
  return loadKg > 0 ? range((z) => repsAt(maximumAt(belief, z), loadKg, reserve) as number) : null;
}

/**
 * Kilograms of each thing with which `reps` with `reserve` left are all that can be done; 0 where the
 * body alone is that or more. Null where nothing is held.
 */
export function wantedKg(
  belief: Belief,
  strength: Strength,
  bodyKg: number | undefined,
  reps: number,
  reserve: number,
  z = 0,
): number | null {
  if (strength.held === 0) return null;
  const total = maximumAt(belief, z) / overLoad(reps + reserve);
  return Math.max(0, eachKgFor(strength, bodyKg, total));
}

/** Reserve that a stance means where the slot says nothing. */
export const STANCE_RESERVE: Readonly<Record<Stance, number>> = { form: 4, strength: 2, density: 3 };
/** Reserve that the words for a load mean. */
const WORD_RESERVE = { none: null, light: 5, medium: 4, heavy: 2 } as const;

/** The reserve that is meant for who does it as set: RIR, 10 − RPE, by the words, else by the stance. */
export function reserveSet(load: Load | undefined, stance: Stance): number {
  if (load?.rir !== undefined) return load.rir;
  if (load?.rpe !== undefined) return 10 - load.rpe;
  return (load?.target && WORD_RESERVE[load.target]) ?? STANCE_RESERVE[stance];
}

/** The same at a level: two more at flat, one less at sharp, though never to the limit by that. */
export function reserveAt(mark: Mark, reserve: number): number {
  if (mark === "flat") return reserve + 2;
  return mark === "sharp" ? Math.min(reserve, Math.max(1, reserve - 1)) : reserve;
}

/** What may hang over the face of who lies on the back. */
const OVER_FACE = ["hand-weight", "held-weight", "kettlebell", "barbell"];

const risky = new WeakMap<KnownMove, boolean>();

/** Whether a slip would fall on somebody: overhead, over the face, under a bar, or not stable. */
export function isRisky(move: KnownMove): boolean {
  const there = risky.get(move);
  if (there !== undefined) return there;
  const made = wouldFall(move);
  risky.set(move, made);
  return made;
}

function wouldFall(move: KnownMove): boolean {
  const { stable, needs, pattern, position } = move;
  const body = bodyOf(move);
  if (stable === false || body?.reach === "overhead" || body?.aboveFace) return true;
  const roles = (needs ?? []).flat().map((need) => need.as);
  if (roles.includes("barbell") && (pattern === "squat" || pattern === "lunge")) return true;
  // A coach's words on a move of her own don't say whether it hangs over the face: her pattern tells.
  const overFace = pattern !== "hinge" && pattern !== "brace" && pattern !== "flex";
  return !move.body && position === "supine" && overFace && roles.some((role) => OVER_FACE.includes(role));
}

/** With how many standard deviations of care a maximum is judged: none for a move whose own sets are known. */
export function careOf(move: KnownMove, { sets }: Belief): number {
  if (sets > 0) return 0;
  return isRisky(move) ? -0.67 : -0.35;
}
