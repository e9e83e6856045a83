import { copyBlock, freeBlockId, joinBlocks, splitBlock } from "@/core/class/commands";
import type { Block, Slot } from "@/core/class/document";
import type { Edit } from "@/core/class/edits";
import { carryOver, stepBlock } from "@/core/class/structure";
import type { Desk } from "./use-desk";

/** Blocks and moves put elsewhere: earlier, later, twice, cut in two, joined, over an edge; null where it can't be. */
export function structureActions(desk: Desk, block: Block | undefined, slot: Slot | null) {
  const { doc } = desk;
  const act = (edit: Edit | null, select?: () => void) =>
    edit &&
    (() => {
      desk.edit(edit);
      select?.();
    });
  const step = (by: -1 | 1) => (block ? act(stepBlock(doc, block.id, by)) : null);
  const carry = (by: -1 | 1) => {
    const carried = block && slot ? carryOver(doc, block, slot, by) : null;
    return carried && act(carried.edit, () => desk.select(carried.into.id, slot?.id ?? null));
  };
  const twice = block ? copyBlock(doc, block) : null;
  const made = freeBlockId(doc);
  return {
    earlier: step(-1),
    later: step(1),
    twice: act(twice, () => desk.select(made, null)),
    split: block && slot ? act(splitBlock(doc, block, slot.id), () => desk.select(made, slot.id)) : null,
    join: block ? act(joinBlocks(doc, block)) : null,
    intoBefore: carry(-1),
    intoNext: carry(1),
  };
}
export type Structure = ReturnType<typeof structureActions>;
