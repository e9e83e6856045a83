/** The score wrapped like text: which stretch of which row each segment covers. */

import type { Segment } from "../class/expand";
import type { Seconds } from "../units";

/** A segment's stretch in one row. Fractions tell how far into the segment its ends lie, 0–1. */
export interface RowStretch {
  readonly segment: Segment;
  readonly index: number;
  /** Seconds from the row's left edge. */
  readonly from: Seconds;
  readonly to: Seconds;
  readonly fractionFrom: number;
  readonly fractionTo: number;
}

export interface ScoreRow {
  /** Second of the class at the row's left edge. */
  readonly start: Seconds;
  readonly stretches: readonly RowStretch[];
}

/** Wraps segments into rows of `rowSeconds`. Segments over an edge are split; none is lost. */
export function scoreRows(segments: readonly Segment[], rowSeconds: Seconds): readonly ScoreRow[] {
  const total = segments.at(-1)?.end ?? 0;
  const rows: { start: Seconds; stretches: RowStretch[] }[] = [];
  for (let start = 0; start < total; start += rowSeconds) rows.push({ start, stretches: [] });
  segments.forEach((segment, index) => {
    const length = segment.end - segment.start;
    const last = Math.floor((segment.end - 1) / rowSeconds);
    for (let r = Math.floor(segment.start / rowSeconds); r <= last; r += 1) {
      const row = rows[r];
      if (!row) continue;
      const from = Math.max(segment.start, row.start);
      const to = Math.min(segment.end, row.start + rowSeconds);
      row.stretches.push({
        segment,
        index,
        from: from - row.start,
        to: to - row.start,
        fractionFrom: (from - segment.start) / length,
        fractionTo: (to - segment.start) / length,
      });
    }
  });
  return rows;
}
