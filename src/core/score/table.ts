/** A score as rows of a table: the second way of reading it. */
import { type Block, type ClassDoc, type MoveRef, slotsOf } from "../class/document";
import type { Segment, SegmentKind } from "../class/expand";
import { type MoveBook, resolveMove } from "../moves/book";
import type { Seconds, Side } from "../units";
import { spanText } from "../values/span";
import type { Score } from "./score";

export interface TableRow {
  readonly start: Seconds;
  readonly seconds: Seconds;
  readonly kind: SegmentKind;
  readonly block: string;
  readonly round: number | null;
  /** Of a rest what is done easily in it; the move that it follows is not repeated. */
  readonly move: string;
  readonly side: Side | null;
  /** `8–12`; empty where none are counted. */
  readonly reps: string;
}

const NAMED: readonly SegmentKind[] = ["work", "demo", "side-change"];

/** What is done in a segment: its slot's move, or what is done easily in a rest. */
function moveIn(block: Block | undefined, { kind, slot }: Segment): MoveRef | undefined {
  if (!block) return undefined;
  if (kind === "rest") return block.restMove;
  if (kind === "long-rest") return block.longRestMove;
  return NAMED.includes(kind) ? slotsOf(block).find(({ id }) => id === slot)?.move : undefined;
}

/** The row of one segment. */
export function tableRow(doc: ClassDoc, segment: Segment, book: MoveBook): TableRow {
  const { start, end, kind, round, side, reps } = segment;
  const block = doc.blocks.find(({ id }) => id === segment.block);
  const move = moveIn(block, segment);
  return {
    start,
    seconds: end - start,
    kind,
    block: block?.title ?? "",
    round,
    move: move === undefined ? "" : resolveMove(move, book).name,
    side,
    reps: reps ? spanText(reps) : "",
  };
}

/** One row a segment, in order: none is left out, and their seconds are the class's. */
export function tableRows(doc: ClassDoc, { segments }: Score, book: MoveBook): readonly TableRow[] {
  return segments.map((segment) => tableRow(doc, segment, book));
}
