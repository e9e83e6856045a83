/** What a limit asks of the dose and of the load, where it doesn't exclude a move outright. */
import type { KnownMove } from "../moves/book";
import type { Person } from "./home";
import type { Limit } from "./limits";

/**
 * The judgements that hang on dose and load, in one table. The numbers are coaching choices of ours:
 * no source gives a threshold for people whose reasons aren't known.
 */
export const CARE = {
  /** *No straining*, *no long holds*: nothing is held longer at a time. */
  holdSeconds: 10,
  /** *No straining*: reps that are left at least, so that nobody holds their breath. */
  reserve: 4,
  /** *No straining*: overhead no more than this share of what is surely lifted once. */
  overheadShare: 0.6,
  /** *No gripping*: of what lies in open hands at most so many kilograms in each hand × seconds. */
  gripKgSeconds: 90,
} as const;

/** What can be held for minutes, as standing tall, is no hold of effort; nor is a stretch. */
const NO_EFFORT_SECONDS = 300;

/** Whether a move is held with effort, so that *no long holds* is about it. */
export function isEffortHold({ isometric, loads, pattern, holdSeconds = 0 }: KnownMove): boolean {
  return (
    (isometric ?? loads?.includes("long-hold") ?? false) &&
    pattern !== "stretch" &&
    holdSeconds < NO_EFFORT_SECONDS
  );
}

export interface Care {
  /** Nothing is held longer at a time; null: no such limit. */
  readonly holdSeconds: number | null;
  /** *No straining*: reps that are left at least, and nothing heavy overhead; 0: no such limit. */
  readonly reserve: number;
  /** *No gripping*: open hands tire. */
  readonly grips: boolean;
  /** One arm, or one leg, works alone: what is done by that limb is done by it for both. */
  readonly arm: boolean;
  readonly leg: boolean;
}

const has = ({ limits }: Person, limit: Limit) => limits?.includes(limit) ?? false;

/** One object for each case, so that what is worked out for it can be remembered by it. */
const CASES: readonly Care[] = Array.from({ length: 32 }, (_, i) => {
  const [strains, holds, grips, arm, leg] = [1, 2, 4, 8, 16].map((bit) => (i & bit) > 0) as [
    boolean,
    boolean,
    boolean,
    boolean,
    boolean,
  ];
  return {
    holdSeconds: strains || holds ? CARE.holdSeconds : null,
    reserve: strains ? CARE.reserve : 0,
    grips,
    arm,
    leg,
  };
});

/** Of somebody without such limits. */
export const NO_CARE = CASES[0] as Care;

/** What a person's limits ask of every dose; the same object for the same limits. */
export function careFor(person: Person): Care {
  if (!person.limits?.length) return NO_CARE;
  const at =
    (has(person, "no-straining") ? 1 : 0) +
    (has(person, "no-long-holds") ? 2 : 0) +
    (has(person, "no-gripping") ? 4 : 0) +
    (has(person, "use-left-only") || has(person, "use-right-only") ? 8 : 0) +
    (has(person, "left-leg-only") || has(person, "right-leg-only") ? 16 : 0);
  return CASES[at] as Care;
}
