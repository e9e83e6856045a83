/**
 * What a way costs, in whole points: the least sum is the best. One table, printed by
 * `./brontle moves --costs` and explained in `docs/parts.md`. Only the terms of a single slot
 * are here; the change-over between neighbours joins them when the whole sequence is chosen at once.
 */
export const COSTS = {
  /** Each step of difficulty between the wanted mark and the way that is done. */
  mark: 10,
  /** Each link that is followed: staying near to what was set. */
  link: 2,
  /** The way trains another movement pattern. */
  pattern: 40,
  /** Each primary muscle of the set way that is no longer primary. */
  muscles: 6,
  /** Another body position. */
  position: 3,
  /** Each step between none, low and high impact. */
  impact: 2,
  /** A one-sided way for a two-sided slot, or the reverse. */
  sidedness: 4,
} as const;
export type CostName = keyof typeof COSTS;
export type CostSheet = Readonly<Record<CostName, number>>;

/** The sum of a sheet. */
export function costSum(sheet: CostSheet): number {
  return Object.values(sheet).reduce((sum, points) => sum + points, 0);
}
