/** A score as rows of a table: the second way of reading it. */
import { type ClassDoc, slotsOf } from "../class/document";
import { type MoveBook, resolveMove } from "../moves/book";
import type { Seconds, Side } from "../units";
import { spanText } from "../values/span";
import type { Score } from "./score";

export interface TableRow {
  readonly start: Seconds;
  readonly seconds: Seconds;
  readonly kind: Score["segments"][number]["kind"];
  readonly block: string;
  readonly round: number | null;
  /** Of a rest what is done easily in it; the move that it follows is not repeated. */
  readonly move: string;
  readonly side: Side | null;
  /** `8–12`; empty where none are counted. */
  readonly reps: string;
}

/** One row a segment, in order: none is left out, and their seconds are the class's. */
export function tableRows(doc: ClassDoc, { segments }: Score, book: MoveBook): readonly TableRow[] {
  const titles = new Map(doc.blocks.map(({ id, title }) => [id, title]));
  const names = new Map(
    doc.blocks.flatMap(slotsOf).map(({ id, move }) => [id, resolveMove(move, book).name]),
  );
  const named = ["work", "demo", "side-change"];
  const fillers: ReadonlyMap<string, string> = new Map(
    doc.blocks.flatMap(({ id, restMove, longRestMove }) =>
      (
        [
          ["rest", restMove],
          ["long-rest", longRestMove],
        ] as const
      ).flatMap(([kind, move]) =>
        move === undefined ? [] : [[`${kind} ${id}`, resolveMove(move, book).name] as const],
      ),
    ),
  );
  return segments.map(({ start, end, kind, block, slot, round, side, reps }) => ({
    start,
    seconds: end - start,
    kind,
    block: titles.get(block) ?? "",
    round,
    move:
      slot !== null && named.includes(kind)
        ? (names.get(slot) ?? "")
        : (fillers.get(`${kind} ${block}`) ?? ""),
    side,
    reps: reps ? spanText(reps) : "",
  }));
}
