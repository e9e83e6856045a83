"use client";
import { useEffect, useRef } from "react";
import { tinykeys } from "tinykeys";
import {
  addBlock,
  addSlot,
  carryMove,
  copySlot,
  freeBlockId,
  freeSlotIds,
  removeBlock,
  removeSlot,
  replaceMove,
  setClass,
  stepSlot as stepSlotEdit,
} from "@/core/class/commands";
import { type Block, type ClassDoc, doseAt, slotsOf } from "@/core/class/document";
import { type Edit, idAfter } from "@/core/class/edits";
import { newBlock, newSlot, type OwnRests } from "@/core/class/new-class";
import { type KnownMove, resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
/** What can be done at the Desk, by button and by key. */
import type { Move } from "@/core/moves/move";
import type { Desk } from "./use-desk";

interface Doors {
  readonly pick: (kind: "replace" | "add") => void;
  readonly showKeys: () => void;
  readonly showMore: () => void;
  readonly showRoom: () => void;
  readonly stepFinding: (by: -1 | 1) => void;
  readonly showFit: () => void;
  /** The studio's own moves: one that is put in travels with the class. */
  readonly own: readonly Move[];
  readonly teach: () => void;
  /** Rests of a new block, where the studio has its own. */
  readonly rests: OwnRests;
  /** True while a dialog has the keys. */
  readonly quiet: boolean;
}

/** True while the person types into something: single letters are theirs then. */
function isTyping(event: KeyboardEvent): boolean {
  const target = event.target;
  return (
    target instanceof HTMLElement && (target.matches("input, select, textarea") || target.isContentEditable)
  );
}

/** Seconds of work with which a new slot of this block begins: those of its last timed slot. */
function usualWork(block: Block): number {
  for (const slot of [...slotsOf(block)].reverse()) {
    const { seconds } = doseAt(slot, 0);
    if (typeof seconds === "number") return seconds;
  }
  return 40;
}

export function useDeskActions(desk: Desk, doors: Doors) {
  const { doc, selection } = desk;
  const block = doc.blocks.find((entry) => entry.id === selection.block);
  const slots = block ? slotsOf(block) : [];
  const slot = slots.find((entry) => entry.id === selection.slot) ?? null;
  const quiet = block?.role === "break" || block?.role === "talk";
  const canRemove = slot !== null && (slots.length > 1 || quiet);

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
  const addMove = (move: KnownMove) => {
    if (!block) return;
    const [id = ""] = freeSlotIds(doc, 1);
    const made = newSlot(id, move, usualWork(block));
    insertAfter(addSlot(block, made, slot ? idAfter(slots, slot.id) : null, carrying(move)), block.id, id);
  };
  const replace = (move: KnownMove) => {
    if (slot && move.id !== null) desk.edit(replaceMove(slot, move.id, carrying(move)));
  };
  const duplicate = () => {
    if (!block || !slot) return;
    const { edit, id } = copySlot(doc, block, slot);
    insertAfter(edit, block.id, id);
  };
  const remove = () => {
    if (!block || !slot || !canRemove) return;
    const next = idAfter(slots, slot.id) ?? slots.at(-2)?.id ?? null;
    desk.edit(removeSlot(block, slot));
    desk.select(block.id, next);
  };
  const addNewBlock = () => {
    const id = freeBlockId(doc);
    const [slotId = ""] = freeSlotIds(doc, 1);
    const move = resolveMove("bodyweight-squat", LIBRARY_BOOK);
    const made = newBlock(id, "New block", doc.stance, (work) => newSlot(slotId, move, work), doors.rests);
    insertAfter(addBlock(made, block ? idAfter(doc.blocks, block.id) : null), id, slotId);
  };
  const removeThisBlock = () => {
    if (block && doc.blocks.length > 1) desk.edit(removeBlock(doc, block));
  };
  const setTitle = (title: string) => desk.edit(setClass(doc, "title", title), true);
  const setStance = (to: string) => desk.edit(setClass(doc, "stance", to as ClassDoc["stance"]));
  const stepSlot = (by: -1 | 1) => {
    const all = doc.blocks.flatMap((entry) =>
      slotsOf(entry).map((own) => ({ block: entry.id, slot: own.id })),
    );
    const index = all.findIndex((entry) => entry.slot === selection.slot);
    const next = all[index < 0 ? 0 : index + by];
    if (next) desk.select(next.block, next.slot);
  };
  const stepBlock = (by: -1 | 1) => {
    const next = doc.blocks[doc.blocks.findIndex((entry) => entry.id === selection.block) + by];
    if (next) desk.select(next.id, slotsOf(next)[0]?.id ?? null);
  };
  const reorder = (by: -1 | 1) => {
    const edit = block && slot ? stepSlotEdit(block, slot.id, by) : null;
    if (edit) desk.edit(edit);
  };

  const now = useRef({ addBlock: addNewBlock, duplicate, remove, stepSlot, stepBlock, reorder, desk, doors });
  now.current = { addBlock: addNewBlock, duplicate, remove, stepSlot, stepBlock, reorder, desk, doors };
  useEffect(() => {
    const key =
      (run: (at: typeof now.current) => void, evenTyping = false) =>
      (event: KeyboardEvent) => {
        if (now.current.doors.quiet || (!evenTyping && isTyping(event))) return;
        event.preventDefault();
        run(now.current);
      };
    // The button or cell that has the focus keeps its own Enter.
    const enter = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLElement && event.target.matches("a, button, summary")) return;
      key((at) => at.doors.pick("replace"))(event);
    };
    return tinykeys(window, {
      "$mod+KeyZ": key((at) => at.desk.undo(), true),
      "$mod+Shift+KeyZ": key((at) => at.desk.redo(), true),
      "$mod+KeyY": key((at) => at.desk.redo(), true),
      "Alt+ArrowUp": key((at) => at.reorder(-1), true),
      "Alt+ArrowDown": key((at) => at.reorder(1), true),
      ArrowUp: key((at) => at.stepSlot(-1)),
      ArrowDown: key((at) => at.stepSlot(1)),
      ArrowLeft: key((at) => at.stepBlock(-1)),
      ArrowRight: key((at) => at.stepBlock(1)),
      Enter: enter,
      a: key((at) => at.doors.pick("add")),
      b: key((at) => at.addBlock()),
      d: key((at) => at.duplicate()),
      Delete: key((at) => at.remove()),
      Backspace: key((at) => at.remove()),
      n: key(() => document.querySelector<HTMLInputElement>("[data-number]")?.focus()),
      m: key((at) => at.doors.showMore()),
      r: key((at) => at.doors.showRoom()),
      f: key((at) => at.doors.stepFinding(1)),
      "Shift+F": key((at) => at.doors.stepFinding(-1)),
      l: key((at) => at.doors.showFit()),
      t: key((at) => at.doors.teach()),
      "Shift+?": key((at) => at.doors.showKeys()),
    });
  }, []);
  return {
    addMove,
    replaceMove: replace,
    duplicate,
    remove,
    canRemove,
    addBlock: addNewBlock,
    removeBlock: removeThisBlock,
    setTitle,
    setStance,
  };
}
