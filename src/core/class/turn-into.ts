/** What leads from one state of a class to another, as edits: how a version is compared, and put back. */
import { isSame } from "../values/same";
import { inParts, NOTHING, together } from "./commands";
import { type Block, type ClassDoc, type Slot, slotsOf } from "./document";
import { applyEdit, type Edit, type EditTarget, idAfter } from "./edits";

/** A class on its way: every edit is made as soon as it is found, so that the next knows what stands. */
class Way {
  readonly edits: Edit[] = [];

  constructor(
    public now: ClassDoc,
    readonly goal: ClassDoc,
  ) {}

  make(edit: Edit): void {
    const next = applyEdit(this.now, edit);
    // Each edit is made of what stands: one that doesn't fit would be a fault of ours.
    if (!next.ok) throw new Error(`an edit that doesn't fit: ${edit.op}`);
    this.now = next.value;
    this.edits.push(edit);
  }

  blockNow(id: string): Block | undefined {
    return this.now.blocks.find((block) => block.id === id);
  }

  ownerNow(slotId: string): Block | undefined {
    return this.now.blocks.find((block) => slotsOf(block).some(({ id }) => id === slotId));
  }
}

/** Keys of an object set to those of another, key by key; `but` are those that are no mere values. */
function setKeys(way: Way, target: EditTarget, from: object, to: object, but: readonly string[]): void {
  const [old, goal] = [from as Record<string, unknown>, to as Record<string, unknown>];
  for (const key of new Set([...Object.keys(old), ...Object.keys(goal)])) {
    if (but.includes(key) || isSame(old[key], goal[key])) continue;
    way.make({ op: "set", target, key, from: old[key], to: goal[key] });
  }
}

function addBlocks(way: Way): void {
  let before: string | null = null;
  for (const block of [...way.goal.blocks].reverse()) {
    // Its slots come one by one: some of them may stand elsewhere now.
    const empty = { ...block, ...(block.slots ? { slots: [] } : {}) };
    if (!way.blockNow(block.id)) way.make({ op: "insert-block", block: empty, before });
    before = block.id;
  }
}

function removeSlots(way: Way): void {
  const wanted = new Set(way.goal.blocks.flatMap(slotsOf).map(({ id }) => id));
  for (const block of way.now.blocks) {
    for (const slot of slotsOf(block)) {
      if (wanted.has(slot.id)) continue;
      const before = idAfter(slotsOf(way.blockNow(block.id) as Block), slot.id);
      way.make({ op: "remove-slot", block: block.id, slot, before });
    }
  }
}

/** Puts a slot before another one that stands already, wherever it is now. */
function placeSlot(way: Way, block: Block, slot: Slot, before: string | null): void {
  const owner = way.ownerNow(slot.id);
  if (!owner) {
    way.make({ op: "insert-slot", block: block.id, slot, before });
    return;
  }
  const after = idAfter(slotsOf(owner), slot.id);
  if (owner.id === block.id && after === before) return;
  way.make({
    op: "move-slot",
    id: slot.id,
    from: { block: owner.id, before: after },
    to: { block: block.id, before },
  });
}

function placeSlots(way: Way): void {
  for (const block of way.goal.blocks) {
    const slots = slotsOf(block);
    // From the end on: what a slot stands before is there already.
    for (let i = slots.length - 1; i >= 0; i -= 1)
      placeSlot(way, block, slots[i] as Slot, slots[i + 1]?.id ?? null);
  }
}

function removeBlocks(way: Way): void {
  const wanted = new Set(way.goal.blocks.map(({ id }) => id));
  for (const block of way.now.blocks) {
    if (!wanted.has(block.id))
      way.make({ op: "remove-block", block, before: idAfter(way.now.blocks, block.id) });
  }
}

function placeBlocks(way: Way): void {
  const { blocks } = way.goal;
  for (let i = blocks.length - 1; i >= 0; i -= 1) {
    const { id } = blocks[i] as Block;
    const [from, to] = [idAfter(way.now.blocks, id), blocks[i + 1]?.id ?? null];
    if (from !== to) way.make({ op: "move-block", id, from, to });
  }
}

/**
 * The edits that make one class of another, in an order in which they can be made; none where both are the same.
 * Blocks and slots are the same ones by their ids.
 */
export function differences(from: ClassDoc, to: ClassDoc): readonly Edit[] {
  const way = new Way(from, to);
  addBlocks(way);
  removeSlots(way);
  placeSlots(way);
  removeBlocks(way);
  placeBlocks(way);
  for (const block of to.blocks) {
    setKeys(way, { in: "block", id: block.id }, way.blockNow(block.id) as Block, block, ["id", "slots"]);
    for (const slot of slotsOf(block)) {
      const own = slotsOf(way.blockNow(block.id) as Block).find(({ id }) => id === slot.id);
      setKeys(way, { in: "slot", id: slot.id }, own as Slot, slot, ["id"]);
    }
  }
  setKeys(way, { in: "class" }, from, to, ["format", "version", "blocks"]);
  return way.edits;
}

/** All of it in one step; an edit of which nothing is left where both are the same. */
export function turnInto(from: ClassDoc, to: ClassDoc): Edit {
  const edits = differences(from, to);
  return edits.length === 0 ? NOTHING : together(inParts(edits), "restore");
}
