/** What a person is to do next in a move, as their instructor accepted it: wherever they do that move. A wish, never evidence. */
import type { Seconds } from "../units";

/** Harder at the same weight and reps, in this order; the last three are of timed work. */
export const WAYS_ON = [
  "slower",
  "pause",
  "one-and-a-half",
  "more-in-time",
  "less-rest",
  "another-round",
] as const;
export type WayOn = (typeof WAYS_ON)[number];

export interface Goal {
  /** The day from which it holds, `YYYY-MM-DD`. */
  readonly since: string;
  /**
   * Of each thing held: at least so much, or with `atMost` no more. Who is by now known to manage more than the goal isn't
   * held back by it.
   */
  readonly kg?: number;
  readonly atMost?: true;
  /** In each set. */
  readonly reps?: number;
  /** Of each hold. */
  readonly seconds?: Seconds;
  /** The first so many of the slot's own sets, where the class has more. */
  readonly rounds?: number;
  /** What was taken since the weight was last changed, in order. */
  readonly on?: readonly WayOn[];
  /** Another move of the ladder in its place. */
  readonly move?: string;
}

/** By the id of the move. */
export type Goals = Readonly<Record<string, Goal>>;

/** A goal that nobody has looked at for so long says nothing any more, days: six weeks, as long as a pause that takes strength. */
export const GOAL_DAYS = 42;

const DAY_MS = 86_400_000;

/** The goal of a move that holds on a day (`YYYY-MM-DD`; left out: whichever there is). */
export function goalOn(goals: Goals | undefined, move: string | null, on: string | undefined): Goal | null {
  const goal = move === null ? undefined : goals?.[move];
  if (!goal) return null;
  if (on === undefined) return goal;
  const days = (Date.parse(on) - Date.parse(goal.since)) / DAY_MS;
  return days >= 0 && days <= GOAL_DAYS ? goal : null;
}
