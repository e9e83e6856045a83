/** Blocks of another class put into this one, all their ids new. */
import type { Move } from "../moves/move";
import { addBlock, carryMove, together } from "./commands";
import { type Block, type ClassDoc, slotsOf } from "./document";
import type { Edit } from "./edits";
import { movesNamed } from "./named-moves";
import { freeId } from "./new-class";

/**
 * The edit that puts blocks in before another one, or at the end, in one step; who stays together still does.
 *
 * @param moves moves of the class that they come from: those that the blocks name travel with them
 */
export function addBlocks(
  doc: ClassDoc,
  blocks: readonly Block[],
  before: string | null,
  moves: readonly Move[] = [],
): Edit {
  const blockIds = doc.blocks.map(({ id }) => id);
  const slotIds = doc.blocks.flatMap((block) => slotsOf(block).map(({ id }) => id));
  const edits = blocks.map((block) => {
    const renamed = new Map<string, string>();
    for (const { id } of slotsOf(block)) {
      const fresh = freeId("s", slotIds);
      slotIds.push(fresh);
      renamed.set(id, fresh);
    }
    const id = freeId("b", blockIds);
    blockIds.push(id);
    const slots = slotsOf(block).map((slot) => ({
      ...slot,
      id: renamed.get(slot.id) as string,
      ...(slot.together === undefined ? {} : { together: renamed.get(slot.together) ?? slot.together }),
    }));
    return addBlock({ ...block, id, ...(block.slots ? { slots } : {}) }, before);
  });
  const named = movesNamed({ ...doc, blocks });
  const carried = moves.filter(({ id }) => named.has(id)).flatMap((move) => carryMove(doc, move));
  return together([...carried, ...edits]);
}
