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
export function isEffortHold({ isometric, pattern, holdSeconds = 0 }: KnownMove): boolean {
  return (isometric ?? false) && pattern !== "stretch" && holdSeconds < NO_EFFORT_SECONDS;
}

export interface Care {
  readonly holdSeconds: number | null;
  readonly reserve: number;
  readonly overheadShare: number | null;
  readonly gripKgSeconds: number | null;
}

const has = ({ limits }: Person, limit: Limit) => limits?.includes(limit) ?? false;

function make(strains: boolean, holds: boolean, grips: boolean): Care {
  return {
    holdSeconds: strains || holds ? CARE.holdSeconds : null,
    reserve: strains ? CARE.reserve : 0,
    overheadShare: strains ? CARE.overheadShare : null,
    gripKgSeconds: grips ? CARE.gripKgSeconds : null,
  };
}

/** One object for each case, so that what is worked out for it can be remembered by it. */
const CASES: readonly Care[] = Array.from({ length: 8 }, (_, i) =>
  make((i & 1) > 0, (i & 2) > 0, (i & 4) > 0),
);

/** Of somebody without such limits. */
export const NO_CARE = CASES[0] as Care;

/** What a person's limits ask of every dose; the same object for the same limits. */
export function careFor(person: Person): Care {
  if (!person.limits?.length) return NO_CARE;
  const at =
    (has(person, "no-straining") ? 1 : 0) +
    (has(person, "no-long-holds") ? 2 : 0) +
    (has(person, "no-gripping") ? 4 : 0);
  return CASES[at] as Care;
}
