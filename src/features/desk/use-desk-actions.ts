"use client";
import { combine, type Naming } from "@/core/class/combine";
import {
  addBlock,
  carryMove,
  copySlot,
  freeBlockId,
  freeSlotIds,
  removeBlock,
  removeSlot,
  setBlock,
  setClass,
  stepSlot as stepSlotEdit,
  together,
} from "@/core/class/commands";
import { type Block, type ClassDoc, isPause, type Slot, slotsOf } from "@/core/class/document";
import { easeBlock } from "@/core/class/ease";
import { type Edit, idAfter } from "@/core/class/edits";
import { newBlock, newSlot, refOf } from "@/core/class/new-class";
import { addAlternative, setLevel } from "@/core/class/other-ways";
import { type Put, putMove } from "@/core/class/put-move";
import { bookFor, bookWith, type KnownMove, resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import type { Move } from "@/core/moves/move";
import { useLibrary } from "@/features/language/use-library";
/** What can be done at the Desk, by button and by key. */
import type { Doors } from "./desk-doors";
import { focusLine, isInLines } from "./focus-line";
import { structureActions } from "./structure-actions";
import type { Desk } from "./use-desk";
import { useDeskKeys } from "./use-desk-keys";
import { useJoined } from "./use-joined";

/** Going from slot to slot, from block to block. */
function stepsOf({ doc, selection, select }: Desk) {
  const slot = (by: -1 | 1) => {
    const all = doc.blocks.flatMap((entry) =>
      slotsOf(entry).map((own) => ({ block: entry.id, slot: own.id })),
    );
    const index = all.findIndex((entry) => entry.slot === selection.slot);
    const next = all[index < 0 ? 0 : index + by];
    if (next) select(next.block, next.slot);
  };
  const block = (by: -1 | 1) => {
    const next = doc.blocks[doc.blocks.findIndex((entry) => entry.id === selection.block) + by];
    if (next) select(next.id, slotsOf(next)[0]?.id ?? null);
  };
  return { slot, block };
}

/** A new block after the selected one, and removing that one. */
function blockActions(desk: Desk, block: Block | undefined, doors: Doors) {
  const { doc } = desk;
  const addNew = () => {
    const id = freeBlockId(doc);
    const [slotId = ""] = freeSlotIds(doc, 1);
    const move = resolveMove("bodyweight-squat", LIBRARY_BOOK);
    const made = newBlock(id, "", doc.stance, (work) => newSlot(slotId, move, work), doors.rests);
    desk.edit(addBlock(made, block ? idAfter(doc.blocks, block.id) : null));
    desk.select(id, slotId);
  };
  const remove = () => {
    if (block && doc.blocks.length > 1) desk.edit(removeBlock(doc, block));
  };
  return { addNew, remove };
}

/** Taking a move that the slot names beside its own: for a level, or as one more way for who can't. */
function namingActions(
  { edit }: Desk,
  block: Block | undefined,
  slot: Slot | null,
  naming: () => Naming,
  carrying: (move: KnownMove) => readonly Edit[],
) {
  const take = (made: (slot: Slot, move: KnownMove) => Edit | null) => (move: KnownMove) => {
    const own = slot ? made(slot, move) : null;
    if (own) edit(together([...carrying(move), own]));
  };
  const fill = (key: "restMove" | "longRestMove") => (move: KnownMove) => {
    if (block) edit(together([...carrying(move), setBlock(block, key, refOf(move))]));
  };
  return {
    restMove: fill("restMove"),
    longRestMove: fill("longRestMove"),
    flat: take((own, move) => setLevel(own, "flat", { move: refOf(move) })),
    sharp: take((own, move) => setLevel(own, "sharp", { move: refOf(move) })),
    combine: take((own, move) => combine(own, move, naming())),
    // Of one by name, the move that it is like.
    alternative: take((own, { id, like }) => {
      const known = id ?? like;
      return known === undefined ? null : addAlternative(own, known);
    }),
  };
}

/** What moves in turn are called, in the language of the screen. */
function useNaming(doc: ClassDoc, studios: readonly Move[]): () => Naming {
  const joined = useJoined();
  const library = useLibrary();
  return () => ({ book: bookWith(bookFor(doc, library), studios), joined });
}

/** The next move is selected then, and who is in the list stays in it. */
function removeMove(desk: Desk, block: Block, slot: Slot): void {
  const slots = slotsOf(block);
  const next = idAfter(slots, slot.id) ?? slots.at(-2)?.id ?? null;
  if (isInLines()) focusLine(next);
  desk.edit(removeSlot(block, slot));
  desk.select(block.id, next);
}

/** Something that is worked out once, and only where it is asked for. */
function lazily<T>(make: () => T): () => T {
  let made: { readonly value: T } | null = null;
  return () => {
    made ??= { value: make() };
    return made.value;
  };
}

export function useDeskActions(desk: Desk, doors: Doors) {
  const { doc, selection } = desk;
  const naming = useNaming(doc, doors.own);
  const block = doc.blocks.find((entry) => entry.id === selection.block);
  const slots = block ? slotsOf(block) : [];
  const slot = slots.find((entry) => entry.id === selection.slot) ?? null;
  const canRemove = slot !== null && (slots.length > 1 || (block !== undefined && isPause(block)));

  const insertAfter = (edit: Edit, blockId: string, slotId: string) => {
    desk.edit(edit);
    desk.select(blockId, slotId);
  };
  /** The studio's move that is put in travels with the class. */
  const carrying = ({ id }: KnownMove) =>
    carryMove(
      doc,
      doors.own.find((entry) => entry.id === id),
    );
  const put = (how: Put) => (move: KnownMove) => {
    const place = { block: selection.block ?? "", slot: selection.slot };
    const made = putMove(doc, place, how, move, doors.own);
    if (made) insertAfter(made.edit, place.block, made.slot);
  };
  const duplicate = () => {
    if (!block || !slot) return;
    const { edit, id } = copySlot(doc, block, slot);
    insertAfter(edit, block.id, id);
  };
  const remove = () => {
    if (block && slot && canRemove) removeMove(desk, block, slot);
  };
  const setTitle = (title: string) => desk.edit(setClass(doc, "title", title), true);
  const setStance = (to: string) => desk.edit(setClass(doc, "stance", to as ClassDoc["stance"]));
  // Worked out when somebody looks at it or presses it: a number that is typed does neither.
  const structure = lazily(() => structureActions(desk, block, slot));
  /** Within its block, and over its edge into the next. */
  const reorder = (by: -1 | 1) => {
    const edit = block && slot ? stepSlotEdit(block, slot.id, by) : null;
    if (edit) desk.edit(edit);
    else (by < 0 ? structure().intoBefore : structure().intoNext)?.();
  };

  const easing = lazily(() => (block ? easeBlock(block, bookFor(doc, LIBRARY_BOOK)) : null));
  const blocks = blockActions(desk, block, doors);
  const step = stepsOf(desk);
  useDeskKeys({
    addBlock: blocks.addNew,
    duplicate,
    remove,
    stepSlot: step.slot,
    stepBlock: step.block,
    reorder,
    structure,
    desk,
    doors,
  });
  return {
    take: {
      add: put("add"),
      replace: put("replace"),
      ...namingActions(desk, block, slot, naming, carrying),
    },
    structure,
    ease: () => {
      const edit = easing();
      return edit && (() => desk.edit(edit));
    },
    duplicate,
    remove,
    canRemove,
    addBlock: blocks.addNew,
    removeBlock: blocks.remove,
    setTitle,
    setStance,
  };
}
