/** How the score stands on a screen: px of rows, lanes and seconds, and which second of the class is at a place. */
import type { Seconds } from "../core/units";
import type { RowMeasures } from "./shapes";

/** Left of the rows, for the clock at the beginning of each. */
export const GUTTER = 42;
/** Right of the rows: the line under a chosen bracket is two px wide. */
const EDGE = 2;
/**
 * Over a bar of full effort stand its label and the bracket with a title; under the line what is short and
 * where something was found.
 */
const LANES = { above: 24, below: 13 };
/** Rows grow until the class fills the room that there is, as far as bars are read at one look, and shrink so far. */
export const LEAST_ROW = 50;
export const MOST_ROW = 104;

/** Minutes that a row may have: kept for a device. */
export type RowMinutes = 2 | 5 | 10;
export const ROW_MINUTES: readonly RowMinutes[] = [2, 5, 10];

export interface ScoreMeasures {
  /** Px from one row to the next. */
  readonly row: number;
  readonly rows: number;
  readonly rowSeconds: Seconds;
  readonly m: RowMeasures;
}

/** How many rows a class has. */
export function rowCount(total: Seconds, rowSeconds: Seconds): number {
  return Math.max(1, Math.ceil(total / rowSeconds));
}

/** Measures of a class of `total` seconds in a box of `width` × `height` px. */
export function measuresFor(
  box: { readonly width: number; readonly height: number },
  total: Seconds,
  rowSeconds: Seconds,
): ScoreMeasures {
  const rows = rowCount(total, rowSeconds);
  const row = Math.max(LEAST_ROW, Math.min(MOST_ROW, Math.floor(box.height / rows)));
  const width = Math.max(60, box.width - GUTTER - EDGE);
  const m = {
    pxPerSecond: width / rowSeconds,
    fullBar: row - LANES.above - LANES.below,
    baseline: row - LANES.below,
  };
  return { row, rows, rowSeconds, m };
}

/** The second of the class at a place of the score in px from its first row, or null beside the rows. */
export function secondAt({ row, rowSeconds, m }: ScoreMeasures, x: number, y: number): number | null {
  const into = (x - GUTTER) / m.pxPerSecond;
  return into < 0 || into >= rowSeconds || y < 0 ? null : Math.floor(y / row) * rowSeconds + into;
}

/** The place of a second: px from the left edge, and the top of its row. */
export function placeOf({ row, rowSeconds, m }: ScoreMeasures, second: Seconds) {
  const line = Math.floor(second / rowSeconds);
  return { x: GUTTER + (second - line * rowSeconds) * m.pxPerSecond, top: line * row };
}
