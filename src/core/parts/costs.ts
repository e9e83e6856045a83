/**
 * What a way costs, in whole points: the least sum over a class is the best. One table, printed by
 * `./brontle moves --costs` and explained in `docs/parts.md`. Easier is first lighter, then less, then
 * smaller, then other: that is what the numbers say.
 */
export const COSTS = {
  /** Another move than the one that is wanted, and each link that leads to it. */
  leave: 60,
  link: 10,
  /** Each link to an easier way of the same by a shorter range or lever, or more support. */
  smaller: 12,
  /** A household weight, or none, in place of the one that is set. */
  household: 20,
  /** Going without any resistance where what was set isn't there: one that is owned comes first. */
  without: 20,
  /** A link to the same job with other kit. */
  otherKit: 30,
  /** Each tenth of the reps or seconds that a dose comes down. */
  less: 4,
  /** Each step harder than what is wanted: nobody who can't do it is sent to more, where something else is there. */
  harder: 40,
  /** Of moves in which no strain can be told: each step of difficulty away from the wanted mark. */
  mark: 100,
  /** The way trains another movement pattern. */
  pattern: 400,
  /** Each primary muscle of the set way that is no longer primary. */
  muscles: 60,
  /** Another body position. */
  position: 20,
  /** Of moves in which no strain can be told: each step of skill above what was set. */
  skill: 15,
  /** Sitting down for what is done standing: easier isn't sitting down, but for who sits all class. */
  sitting: 80,
  /** Each step between none, low and high impact. */
  impact: 20,
  /** Of moves in which no strain can be told: each MET by which the work is another. */
  energy: 10,
  /** A hold in place of what moves, or the reverse. */
  holding: 40,
  /** Two things at once where the move asks for one. */
  doubled: 10,
  /** A one-sided way for a two-sided slot, or the reverse. */
  sidedness: 40,
  /** Each started `changeOverUnitSeconds` of a change-over, each time that it happens. */
  changeOver: 1,
  /** Seconds of change-over that make a point. */
  changeOverUnitSeconds: 3,
  /** Two slots that share a round of a lap, set with different moves and done with the same one. */
  repeat: 60,
  /** A slot that can't be done: more than any way can cost. */
  unmet: 10_000,
} as const;

/** The terms of one slot, as a part prints them; `strain` is worked out as `docs/strength.md` says. */
export const COST_TERMS = [
  "leave",
  "link",
  "smaller",
  "kit",
  "less",
  "mark",
  "pattern",
  "muscles",
  "position",
  "skill",
  "impact",
  "energy",
  "holding",
  "sidedness",
  "strain",
] as const;
export type CostName = (typeof COST_TERMS)[number];
export type CostSheet = Readonly<Record<CostName, number>>;

export const NO_COST: CostSheet = {
  leave: 0,
  link: 0,
  smaller: 0,
  kit: 0,
  less: 0,
  mark: 0,
  pattern: 0,
  muscles: 0,
  position: 0,
  skill: 0,
  impact: 0,
  energy: 0,
  holding: 0,
  sidedness: 0,
  strain: 0,
};

/** The sum of a sheet. */
export function costSum(sheet: CostSheet): number {
  let sum = 0;
  for (const name of COST_TERMS) sum += sheet[name];
  return sum;
}
