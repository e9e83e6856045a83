/** One move in one class, as somebody confirmed it: what a proposal is made from, never what was only meant. */
import type { More } from "../strength/more";
import type { Seconds, Triple } from "../units";

/** A hold grows by so much, up to so much; seconds. */
export const HOLD_STEP = 5;
export const MOST_HOLD = 60;

export type ExposureKind = "reps" | "hold" | "timed";

export interface Exposure {
  /** `YYYY-MM-DD`. */
  readonly day: string;
  /** Move id. */
  readonly move: string;
  readonly kind: ExposureKind;
  readonly sets: number;
  readonly setsMeant: number;
  /** In each set, and the range that was meant; null where none are counted. */
  readonly reps: number | null;
  readonly repsMeant: Triple | null;
  /** Of each set of a hold or a timed piece, and what was meant. */
  readonly seconds: Seconds | null;
  readonly secondsMeant: Seconds | null;
  /** Of each thing held; null where nothing was. */
  readonly eachKg: number | null;
  /** How many more there were in the last set; null where that wasn't said. */
  readonly more: More | null;
  /** Reps that were to be left. */
  readonly reserveMeant: number;
  /** Of the whole class, 0–10; null where it wasn't said. */
  readonly effort: number | null;
  /** It hurt in this move. */
  readonly hurt: boolean;
}

/** Days from one day to a later one. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / 86_400_000);
}
