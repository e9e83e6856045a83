/**
 * What people do to a class, each as one edit: the one place where edits are made, for the Desk, the
 * read-through, fitting, ordering and reading files. Ids of what is new are handed in or the first that is free.
 */
import type { Move } from "../moves/move";
import { spanTriple } from "../values/span";
import type { MoveRef } from "./document";
import {
  appearancesOf,
  type Block,
  type ClassDoc,
  type Dose,
  type Load,
  type Slot,
  slotsOf,
} from "./document";
import { type Edit, type EditName, idAfter } from "./edits";
import { entryAt, putEntry } from "./keyed";
import { freeId } from "./new-class";

/** Several edits as one; one alone stays as it is unless it gets a name. */
export function together(edits: readonly Edit[], as?: EditName): Edit {
  const [only] = edits;
  if (only && edits.length === 1 && as === undefined) return only;
  return { op: "together", edits, ...(as ? { as } : {}) };
}

/** An edit of many parts is sent in parts of so many. */
const MOST_PARTS = 150;

/** Many edits as edits of many, so that none has more parts than may be sent together. */
export function inParts(edits: readonly Edit[]): readonly Edit[] {
  if (edits.length <= MOST_PARTS) return edits;
  const count = Math.ceil(edits.length / MOST_PARTS);
  return Array.from({ length: count }, (_, i) => together(edits.slice(i * MOST_PARTS, (i + 1) * MOST_PARTS)));
}

/** An edit of which nothing is left. */
export const NOTHING: Edit = { op: "together", edits: [] };

export function setClass<K extends keyof ClassDoc>(doc: ClassDoc, key: K, to: ClassDoc[K] | undefined): Edit {
  return { op: "set", target: { in: "class" }, key, from: doc[key], to };
}

export function setBlock<K extends keyof Block>(block: Block, key: K, to: Block[K] | undefined): Edit {
  return { op: "set", target: { in: "block", id: block.id }, key, from: block[key], to };
}

export function setSlot<K extends keyof Slot>(slot: Slot, key: K, to: Slot[K] | undefined): Edit {
  return { op: "set", target: { in: "slot", id: slot.id }, key, from: slot[key], to };
}

const blockIds = (doc: ClassDoc) => doc.blocks.map(({ id }) => id);
const slotIds = (doc: ClassDoc) => doc.blocks.flatMap((block) => slotsOf(block).map(({ id }) => id));

/** Ids that no block, and no slot, of a class has yet. */
export function freeBlockId(doc: ClassDoc): string {
  return freeId("b", blockIds(doc));
}
export function freeSlotIds(doc: ClassDoc, count: number): string[] {
  const made: string[] = [];
  for (let i = 0; i < count; i += 1) made.push(freeId("s", [...slotIds(doc), ...made]));
  return made;
}

/** A block put in before another, or at the end. */
export function addBlock(block: Block, before: string | null): Edit {
  return { op: "insert-block", block, before };
}

export function removeBlock(doc: ClassDoc, block: Block): Edit {
  return { op: "remove-block", block, before: idAfter(doc.blocks, block.id) };
}

export function moveBlock(doc: ClassDoc, id: string, before: string | null): Edit {
  return { op: "move-block", id, from: idAfter(doc.blocks, id), to: before };
}

/** A copy of a block behind it, all its ids new. */
export function copyBlock(doc: ClassDoc, block: Block): Edit {
  const ids = freeSlotIds(doc, slotsOf(block).length);
  const renamed = new Map(slotsOf(block).map((slot, i) => [slot.id, ids[i] as string]));
  const slots = slotsOf(block).map((slot) => ({
    ...slot,
    id: renamed.get(slot.id) as string,
    ...(slot.together === undefined ? {} : { together: renamed.get(slot.together) ?? slot.together }),
  }));
  const copy = { ...block, id: freeBlockId(doc), ...(block.slots ? { slots } : {}) };
  return together([addBlock(copy, idAfter(doc.blocks, block.id))], "copy-block");
}

/** A slot put into a block, with the studio's move that it does where the class hasn't got it yet. */
export function addSlot(
  block: Block,
  slot: Slot,
  before: string | null,
  carried: readonly Edit[] = [],
): Edit {
  return together([...carried, { op: "insert-slot", block: block.id, slot, before }]);
}

/** The edit that lets a class carry a move of the studio's; none where it does so already. */
export function carryMove(doc: ClassDoc, move: Move | undefined): readonly Edit[] {
  return !move || entryAt(doc, "moves", move.id) ? [] : [putEntry(doc, "moves", move)];
}

export function removeSlot(block: Block, slot: Slot): Edit {
  return { op: "remove-slot", block: block.id, slot, before: idAfter(slotsOf(block), slot.id) };
}

/** A slot moved before another one, or to the end, of this block or of another. */
export function moveSlot(
  from: Block,
  id: string,
  to: { readonly block: string; readonly before: string | null },
): Edit {
  return { op: "move-slot", id, from: { block: from.id, before: idAfter(slotsOf(from), id) }, to };
}

/** What a slot must change to be in this block: lists that go round by round, and whom it is kept together with. */
function fitInto(block: Block, slot: Slot): readonly Edit[] {
  const parted = slot.together === undefined ? [] : [setSlot(slot, "together", undefined)];
  if (block.cap === undefined) {
    const most = spanTriple(block.rounds, 1).max;
    if (slot.rounds && appearancesOf(slot, most) === 0) {
      // None of its rounds is there: it comes in all of them.
      const { rounds: _gone, ...everyRound } = slot;
      return [...parted, setSlot(slot, "rounds", undefined), ...fitToRounds(everyRound, most)];
    }
    return [...parted, ...fitToRounds(slot, most)];
  }
  return [
    ...parted,
    ...(slot.rounds ? [setSlot(slot, "rounds", undefined)] : []),
    ...(Array.isArray(slot.dose) ? [setSlot(slot, "dose", slot.dose[0] as Dose)] : []),
    ...(Array.isArray(slot.load) ? [setSlot(slot, "load", slot.load[0] as Load)] : []),
  ];
}

/** A slot moved into another block, before one of its slots or to the end, fitted to how that goes round. */
export function carrySlot(from: Block, slot: Slot, to: Block, before: string | null): Edit {
  const left = slotsOf(from).filter((other) => other.together === slot.id);
  return together([
    ...left.map((other) => setSlot(other, "together", undefined)),
    ...fitInto(to, slot),
    moveSlot(from, slot.id, { block: to.id, before }),
  ]);
}

/** A slot moved so many places within its block; null where it is at the end already. */
export function stepSlot(block: Block, id: string, by: -1 | 1): Edit | null {
  const slots = slotsOf(block);
  const target = slots.findIndex((slot) => slot.id === id) + by;
  if (!slots.some((slot) => slot.id === id) || !slots[target]) return null;
  const before = slots[by < 0 ? target : target + 1]?.id ?? null;
  return moveSlot(block, id, { block: block.id, before });
}

/** A copy of a slot behind it; it is kept together with nobody. */
export function copySlot(
  doc: ClassDoc,
  block: Block,
  slot: Slot,
): { readonly edit: Edit; readonly id: string } {
  const { together: _partner, ...rest } = slot;
  const [id = ""] = freeSlotIds(doc, 1);
  const edit = addSlot(block, { ...rest, id }, idAfter(slotsOf(block), slot.id));
  return { id, edit: together([edit], "copy-slot") };
}

/** Another move in a slot: the sides, ways and words were the other move's. */
export function replaceMove(slot: Slot, move: MoveRef, carried: readonly Edit[] = []): Edit {
  const gone = (["sides", "marks", "alternatives", "choice", "cue", "call"] as const).filter(
    (key) => slot[key] !== undefined,
  );
  const cleared = gone.map((key) => setSlot(slot, key, undefined));
  return together([...carried, setSlot(slot, "move", move), ...cleared], "replace-move");
}

/** A list made as long as the slot now appears: cut, or its last entry repeated. */
function fitList<T>(list: readonly T[], length: number): T[] {
  return Array.from({ length }, (_, i) => list[Math.min(i, list.length - 1)] as T);
}

/**
 * What a slot must change where its block has so many rounds at the most: rounds that are gone are left out,
 * lists of doses and loads are cut or go on with their last entry. One left without any round is for the check.
 */
function fitToRounds(slot: Slot, most: number): readonly Edit[] {
  const edits: Edit[] = [];
  const own = slot.rounds?.filter((round) => round <= most);
  if (own && slot.rounds && own.length !== slot.rounds.length) edits.push(setSlot(slot, "rounds", own));
  const length = own?.length ?? most;
  if (length === 0) return edits;
  if (Array.isArray(slot.dose) && slot.dose.length !== length)
    edits.push(setSlot(slot, "dose", fitList(slot.dose as readonly Dose[], length)));
  if (Array.isArray(slot.load) && slot.load.length !== length)
    edits.push(setSlot(slot, "load", fitList(slot.load as readonly Load[], length)));
  return edits;
}

/** Another number of rounds, with all that hangs on it. */
export function setRounds(block: Block, to: NonNullable<Block["rounds"]>): Edit {
  const most = spanTriple(to).max;
  return together([
    setBlock(block, "rounds", to),
    ...slotsOf(block).flatMap((slot) => fitToRounds(slot, most)),
  ]);
}

/** Pairs that a cut would part: a slot on one side that is kept together with one on the other. */
function partedBy(first: readonly Slot[], second: readonly Slot[]): readonly Edit[] {
  const parted = (slots: readonly Slot[], others: readonly Slot[]) =>
    slots.filter((slot) => others.some(({ id }) => id === slot.together));
  return [...parted(first, second), ...parted(second, first)].map((slot) =>
    setSlot(slot, "together", undefined),
  );
}

/**
 * A block cut in two before a slot: what comes after the block (water) comes after the second, what is said
 * before it before the first. Null where nothing would be left on one side.
 */
export function splitBlock(doc: ClassDoc, block: Block, slotId: string): Edit | null {
  const slots = slotsOf(block);
  const at = slots.findIndex((slot) => slot.id === slotId);
  if (at < 1) return null;
  const [stays, goes] = [slots.slice(0, at), slots.slice(at)];
  const { brief: _talk, ...rest } = block;
  const made: Block = { ...rest, id: freeBlockId(doc), slots: [] };
  return together(
    [
      ...partedBy(stays, goes),
      addBlock(made, idAfter(doc.blocks, block.id)),
      ...goes.map((slot) => moveSlot(block, slot.id, { block: made.id, before: null })),
      setBlock(block, "after", undefined),
    ],
    "split-block",
  );
}

/**
 * A block joined with the one after it: the slots of the second go round as the first does. Null where there is
 * none after it, or one in which nothing is worked.
 */
export function joinBlocks(doc: ClassDoc, block: Block): Edit | null {
  const next = doc.blocks[doc.blocks.indexOf(block) + 1];
  if (!next || slotsOf(next).length === 0 || slotsOf(block).length === 0) return null;
  return together(
    [
      // They stay together with whom they were.
      ...slotsOf(next).flatMap((slot) => fitInto(block, { ...slot, together: undefined } as never)),
      ...slotsOf(next).map((slot) => moveSlot(next, slot.id, { block: block.id, before: null })),
      { op: "remove-block", block: { ...next, slots: [] }, before: idAfter(doc.blocks, next.id) },
      ...(next.after === block.after ? [] : [setBlock(block, "after", next.after)]),
    ],
    "join-blocks",
  );
}

/** The slots of a block in another order, in one step. */
export function orderSlots(block: Block, order: readonly string[]): Edit {
  const edits: Edit[] = [];
  let now = slotsOf(block).map((slot) => slot.id);
  for (let i = order.length - 1; i >= 0; i -= 1) {
    const id = order[i] as string;
    const before = order[i + 1] ?? null;
    const from = now[now.indexOf(id) + 1] ?? null;
    if (from === before) continue;
    edits.push({
      op: "move-slot",
      id,
      from: { block: block.id, before: from },
      to: { block: block.id, before },
    });
    now = now.filter((entry) => entry !== id);
    now.splice(before === null ? now.length : now.indexOf(before), 0, id);
  }
  return together(edits, "order-slots");
}
