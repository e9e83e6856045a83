/** What people answer to "how many more could you have done?" after a set. */
export const MORE = ["0-1", "2-3", "4-or-more"] as const;
export type More = (typeof MORE)[number];

/** The reserve in reps that an answer stands for; four or more says only "at least". */
export const RESERVE_OF: Readonly<Record<More, number>> = { "0-1": 0.5, "2-3": 2.5, "4-or-more": 4 };

/**
 * Four or more taken at its word. A set that says only "at least" teaches nothing where more was believed anyway, though
 * it rules out that it was less. So the next set is also worked out as if it had been known: with as many left as was
 * believed, from four to six, so that somebody with just four is asked for 5 % too much at the most.
 * Known sets are stated below four left; what goes beyond stands in the reps, which comes to the same (Epley 1985).
 */
export function atItsWord(believed: number | null | undefined): {
  readonly rir: number;
  readonly moreReps: number;
} {
  const left = Math.min(6, Math.max(4, believed ?? 4));
  return { rir: 3.99, moreReps: Math.floor(left - 3.99) };
}
