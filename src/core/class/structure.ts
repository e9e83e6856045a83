/** Where things stand in a class: blocks earlier and later, a move over the edge of its block. */
import { carrySlot, moveBlock } from "./commands";
import { type Block, type ClassDoc, isPause, type Slot, slotsOf } from "./document";
import type { Edit } from "./edits";

/** A block moved so many places; null where it is at the end already. */
export function stepBlock(doc: ClassDoc, id: string, by: -1 | 1): Edit | null {
  const at = doc.blocks.findIndex((block) => block.id === id);
  const target = at + by;
  if (at < 0 || !doc.blocks[target]) return null;
  return moveBlock(doc, id, doc.blocks[by < 0 ? target : target + 1]?.id ?? null);
}

/** A move carried over an edge: the edit, and the block in which it then stands. */
export interface Carried {
  readonly edit: Edit;
  readonly into: Block;
}

/**
 * A slot carried into the block before (to its end) or behind (to its beginning), fitted to how that goes round; over
 * breaks and talk without moves. Null where there is none, or where its own block would be left with nothing to work.
 */
export function carryOver(doc: ClassDoc, block: Block, slot: Slot, by: -1 | 1): Carried | null {
  if (slotsOf(block).length < 2 && !isPause(block)) return null;
  const at = doc.blocks.indexOf(block);
  const others = by < 0 ? doc.blocks.slice(0, at).reverse() : doc.blocks.slice(at + 1);
  const into = others.find((other) => slotsOf(other).length > 0);
  if (!into) return null;
  const before = by < 0 ? null : (slotsOf(into)[0]?.id ?? null);
  return { edit: carrySlot(block, slot, into, before), into };
}
