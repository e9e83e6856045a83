/** Every second of a class as a table: a line a segment, for spreadsheets. */
import type { ClassDoc } from "../../core/class/document";
import { csvText } from "../../core/formats/csv-cells";
import { bookFor, type MoveBook } from "../../core/moves/book";
import { scoreOf } from "../../core/score/score";
import { tableRows } from "../../core/score/table";
import { clockText } from "../../core/units";

/** Codes, not words: another program reads them. */
export const TIMELINE_COLUMNS = [
  "start_seconds",
  "seconds",
  "clock",
  "kind",
  "block",
  "round",
  "move",
  "side",
  "reps",
] as const;

/** A heading and a line a segment, in order; their seconds are the class's. */
export function timelineCsv(doc: ClassDoc, library: MoveBook): string {
  const rows = tableRows(doc, scoreOf(doc, library), bookFor(doc, library)).map((row) => ({
    start_seconds: row.start,
    seconds: row.seconds,
    clock: clockText(row.start),
    kind: row.kind,
    block: row.block,
    round: row.round ?? "",
    move: row.move,
    side: row.side ?? "",
    reps: row.reps,
  }));
  return `${csvText(TIMELINE_COLUMNS, rows)}\n`;
}
