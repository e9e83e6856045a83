/**
 * What a way costs, in whole points: the least sum over a class is the best. One table, printed by
 * `./brontle moves --costs` and explained in `docs/parts.md`.
 */
export const COSTS = {
  /** Not the way that is wanted at this person's mark, though some other. */
  leave: 60,
  /** Each step of difficulty between the wanted mark and the way that is done. */
  mark: 100,
  /** Each link that is followed: staying near to what was set. */
  link: 10,
  /** The way trains another movement pattern. */
  pattern: 400,
  /** Each primary muscle of the set way that is no longer primary. */
  muscles: 60,
  /** Another body position. */
  position: 20,
  /** Each step between none, low and high impact. */
  impact: 20,
  /** Each tenth by which the load misses what is wanted, up to `loadMost`. */
  load: 3,
  /** The most that a load that misses can cost; also a way without any load for one that is loaded. */
  loadMost: 45,
  /** A load more than 5 % above what is wanted: taken only where nothing lighter is there. */
  tooHeavy: 50,
  /** Each step of a band's tension away from what is wanted. */
  tension: 6,
  /** Two things at once where the move asks for one. */
  doubled: 10,
  /** A one-sided way for a two-sided slot, or the reverse. */
  sidedness: 40,
  /** Each started `changeOverUnitSeconds` of a change-over, each time that it happens. */
  changeOver: 1,
  /** Seconds of change-over that make a point. */
  changeOverUnitSeconds: 3,
  /** A slot that can't be done: more than any way can cost. */
  unmet: 10_000,
} as const;

/** The terms of one slot, as a part prints them. */
export const COST_TERMS = [
  "leave",
  "mark",
  "link",
  "pattern",
  "muscles",
  "position",
  "impact",
  "load",
  "sidedness",
] as const;
export type CostName = (typeof COST_TERMS)[number];
export type CostSheet = Readonly<Record<CostName, number>>;

export const NO_COST: CostSheet = {
  leave: 0,
  mark: 0,
  link: 0,
  pattern: 0,
  muscles: 0,
  position: 0,
  impact: 0,
  load: 0,
  sidedness: 0,
};

/** The sum of a sheet. */
export function costSum(sheet: CostSheet): number {
  let sum = 0;
  for (const name of COST_TERMS) sum += sheet[name];
  return sum;
}
