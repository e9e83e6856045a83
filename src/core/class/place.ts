/** Where in a class a move or a block can be put, and the edit that puts it there. */
import type { Seconds } from "../units";
import { carrySlot, moveBlock, moveSlot, together } from "./commands";
import { type Block, type ClassDoc, findSlot, isPause, slotsOf } from "./document";
import { type Edit, idAfter } from "./edits";
import type { Segment } from "./expand";

/** Before a slot of a block, or at the block's end. */
export interface Place {
  readonly block: string;
  readonly before: string | null;
}

/** A place, and the second at which it is shown: where the piece under the pointer begins or ends. */
export interface ShownPlace extends Place {
  readonly at: Seconds;
}

const isWorked = (block: Block) => !isPause(block) || slotsOf(block).length > 0;

/**
 * The place that is nearest to a second: before the move in whose first half it lies, behind it in its second half
 * and in the rest after it. Null where nothing is worked in that block.
 */
export function placeAt(doc: ClassDoc, segments: readonly Segment[], second: Seconds): ShownPlace | null {
  const here = segments.find(({ end }) => second < end) ?? segments.at(-1);
  const block = doc.blocks.find(({ id }) => id === here?.block);
  if (!here || !block || !isWorked(block)) return null;
  if (here.slot === null) {
    const isBefore = here.kind === "brief" || here.kind === "prepare";
    const before = isBefore ? (slotsOf(block)[0]?.id ?? null) : null;
    return { block: block.id, before, at: isBefore ? here.end : here.start };
  }
  const isFirstHalf = here.kind === "demo" || (here.kind === "work" && second < (here.start + here.end) / 2);
  if (isFirstHalf) return { block: block.id, before: here.slot, at: here.start };
  const at = here.kind === "work" ? here.end : here.start;
  return { block: block.id, before: idAfter(slotsOf(block), here.slot), at };
}

/**
 * A slot put in a place, fitted to how that block goes round; a block that is left with nothing to work goes.
 * Null where it stands there already, or there is no such place.
 */
export function carryTo(doc: ClassDoc, slotId: string, { block: blockId, before }: Place): Edit | null {
  const found = findSlot(doc, slotId);
  const into = doc.blocks.find(({ id }) => id === blockId);
  if (!found || !into || before === slotId) return null;
  const { block, slot } = found;
  if (block.id === into.id) {
    return idAfter(slotsOf(block), slotId) === before
      ? null
      : moveSlot(block, slotId, { block: blockId, before });
  }
  const carried = carrySlot(block, slot, into, before);
  if (slotsOf(block).length > 1 || isPause(block)) return carried;
  const emptied: Edit = {
    op: "remove-block",
    block: { ...block, slots: [] },
    before: idAfter(doc.blocks, block.id),
  };
  return together([carried, emptied]);
}

/** A block put where another stands: before it when it comes from behind, after it when it comes from before. */
export function dropBlock(doc: ClassDoc, id: string, overId: string): Edit | null {
  const ids = doc.blocks.map((block) => block.id);
  const [from, over] = [ids.indexOf(id), ids.indexOf(overId)];
  if (from < 0 || over < 0 || from === over) return null;
  return moveBlock(doc, id, from < over ? (ids[over + 1] ?? null) : overId);
}
