/** A move put into a class where it is chosen for: behind a slot, or in its place. */
import type { KnownMove } from "../moves/book";
import type { Move } from "../moves/move";
import { addSlot, carryMove, freeSlotIds, replaceMove } from "./commands";
import { type Block, type ClassDoc, doseAt, slotsOf } from "./document";
import { type Edit, idAfter } from "./edits";
import { newSlot, refOf } from "./new-class";

/** Where: the block and the slot that is selected in it, or none. */
export interface PutPlace {
  readonly block: string;
  readonly slot: string | null;
}

export const PUTS = ["add", "replace"] as const;
export type Put = (typeof PUTS)[number];

/** An edit, and the slot in which the move then stands. */
export interface PutMove {
  readonly edit: Edit;
  readonly slot: string;
}

/** Seconds of work with which a new slot of this block begins: those of its last timed slot. */
function usualWork(block: Block): number {
  for (const slot of [...slotsOf(block)].reverse()) {
    const { seconds } = doseAt(slot, 0);
    if (typeof seconds === "number") return seconds;
  }
  return 40;
}

/**
 * The edit that puts a move in; null where there is no such place.
 *
 * @param studios the studio's own moves: one of them travels with the class
 */
export function putMove(
  doc: ClassDoc,
  place: PutPlace,
  how: Put,
  move: KnownMove,
  studios: readonly Move[] = [],
): PutMove | null {
  const block = doc.blocks.find(({ id }) => id === place.block);
  const slot = block && slotsOf(block).find(({ id }) => id === place.slot);
  const carried = carryMove(
    doc,
    studios.find(({ id }) => id === move.id),
  );
  if (how === "replace")
    return slot ? { edit: replaceMove(slot, refOf(move), carried), slot: slot.id } : null;
  if (!block) return null;
  const [id = ""] = freeSlotIds(doc, 1);
  const before = slot ? idAfter(slotsOf(block), slot.id) : null;
  return { edit: addSlot(block, newSlot(id, move, usualWork(block)), before, carried), slot: id };
}
