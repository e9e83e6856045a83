/** What one row of a class's table is, in words: shown where a label of the score had no room. */
import { clockText } from "../units";
import type { TableRow } from "./table";

/** What each kind of piece is called. */
export const KIND_WORDS: Readonly<Record<TableRow["kind"], string>> = {
  work: "work",
  brief: "talk",
  demo: "shown",
  prepare: "get ready",
  "side-change": "change sides",
  rest: "rest",
  "long-rest": "rest between rounds",
  after: "water",
};

/** "5:10–5:40, 30 s: Skater hop, left · Quay circuit, round 2"; a rest says that it is one. */
export function pieceWords({ start, seconds, kind, block, round, move, side, reps }: TableRow): string {
  const what =
    kind === "work" && move !== ""
      ? [move, ...(side ? [side] : []), ...(reps === "" ? [] : [`${reps} reps`])].join(", ")
      : [KIND_WORDS[kind], ...(move === "" ? [] : [move])].join(": ");
  const where = [block, ...(round === null ? [] : [`round ${round}`])]
    .filter((word) => word !== "")
    .join(", ");
  const times = `${clockText(start)}–${clockText(start + seconds)}, ${seconds} s: ${what}`;
  return where === "" ? times : `${times} · ${where}`;
}
