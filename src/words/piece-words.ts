/** What one row of a class's table is, in words: shown where a label of the score has no room. */
import type { TableRow } from "../core/score/table";
import { clockText } from "../core/units";
import type { Words } from "./words";

/** "5:10–5:40, 30 s: Skater hop, left · Quay circuit, round 2"; what isn't work says what it is. */
export function pieceWords(row: TableRow, words: Words): string {
  const { start, seconds, kind, block, round, move, side, reps } = row;
  const done = [move, side ? words.name("side", side) : "", reps === "" ? "" : `${reps} reps`]
    .filter(Boolean)
    .join(", ");
  const other = [words.inside(words.name("segment", kind)), move].filter(Boolean).join(": ");
  const where = [block, round === null ? "" : words.phrase("drawn", "round", { round })]
    .filter(Boolean)
    .join(", ");
  const what = kind === "work" && move !== "" ? done : other;
  const times = `${clockText(start)}–${clockText(start + seconds)}, ${seconds} s: ${what}`;
  return where === "" ? times : `${times} · ${where}`;
}
