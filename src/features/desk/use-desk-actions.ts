"use client";
import { useEffect, useRef } from "react";
import { tinykeys } from "tinykeys";
import { type Block, doseAt, slotsOf } from "@/core/class/document";
import { type Edit, idAfter } from "@/core/class/edits";
import { freeId, newBlock, newSlot, type OwnRests } from "@/core/class/new-class";
import { type KnownMove, resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
/** What can be done at the Desk, by button and by key. */
import type { Move } from "@/core/moves/move";
import { moveSlotEdit } from "./slot-lines";
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
  const slotIds = doc.blocks.flatMap((entry) => slotsOf(entry).map((own) => own.id));
  const quiet = block?.role === "break" || block?.role === "talk";
  const canRemove = slot !== null && (slots.length > 1 || quiet);

  const insertAfter = (edit: Edit, blockId: string, slotId: string) => {
    desk.edit(edit);
    desk.select(blockId, slotId);
  };
  /** The class's own moves with this one, where it is the studio's and the class hasn't got it yet. */
  const carrying = (move: KnownMove): Edit[] => {
    const mine = doors.own.find((entry) => entry.id === move.id);
    if (!mine || doc.moves?.some((entry) => entry.id === mine.id)) return [];
    const to = [...(doc.moves ?? []), mine];
    return [{ op: "set", target: { in: "class" }, key: "moves", from: doc.moves, to }];
  };
  const addMove = (move: KnownMove) => {
    if (!block) return;
    const made = newSlot(freeId("s", slotIds), move, usualWork(block));
    const before = slot ? idAfter(slots, slot.id) : null;
    const insert: Edit = { op: "insert-slot", block: block.id, slot: made, before };
    const carried = carrying(move);
    const edit: Edit = carried.length > 0 ? { op: "together", edits: [...carried, insert] } : insert;
    insertAfter(edit, block.id, made.id);
  };
  const replaceMove = (move: KnownMove) => {
    if (!slot || move.id === null) return;
    const target = { in: "slot", id: slot.id } as const;
    const edits: Edit[] = [
      ...carrying(move),
      { op: "set", target, key: "move", from: slot.move, to: move.id },
    ];
    // The sides, ways and words were the other move's.
    for (const key of ["sides", "marks", "cue", "call"] as const) {
      if (slot[key] !== undefined) edits.push({ op: "set", target, key, from: slot[key] });
    }
    desk.edit({ op: "together", edits });
  };
  const duplicate = () => {
    if (!block || !slot) return;
    const { together: _partner, ...rest } = slot;
    const copy = { ...rest, id: freeId("s", slotIds) };
    insertAfter(
      { op: "insert-slot", block: block.id, slot: copy, before: idAfter(slots, slot.id) },
      block.id,
      copy.id,
    );
  };
  const remove = () => {
    if (!block || !slot || !canRemove) return;
    const next = idAfter(slots, slot.id) ?? slots.at(-2)?.id ?? null;
    desk.edit({ op: "remove-slot", block: block.id, slot, before: idAfter(slots, slot.id) });
    desk.select(block.id, next);
  };
  const addBlock = () => {
    const id = freeId(
      "b",
      doc.blocks.map((entry) => entry.id),
    );
    const move = resolveMove("bodyweight-squat", LIBRARY_BOOK);
    const slotId = freeId("s", slotIds);
    const made = newBlock(id, "New block", doc.stance, (work) => newSlot(slotId, move, work), doors.rests);
    insertAfter(
      { op: "insert-block", block: made, before: block ? idAfter(doc.blocks, block.id) : null },
      id,
      slotId,
    );
  };
  const removeBlock = () => {
    if (!block || doc.blocks.length < 2) return;
    desk.edit({ op: "remove-block", block, before: idAfter(doc.blocks, block.id) });
  };
  const setTitle = (title: string) =>
    desk.edit({ op: "set", target: { in: "class" }, key: "title", from: doc.title, to: title }, true);
  const setStance = (to: string) =>
    desk.edit({ op: "set", target: { in: "class" }, key: "stance", from: doc.stance, to });
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
    const edit = block && slot ? moveSlotEdit(block, slot.id, by) : null;
    if (edit) desk.edit(edit);
  };

  const now = useRef({ addBlock, duplicate, remove, stepSlot, stepBlock, reorder, desk, doors });
  now.current = { addBlock, duplicate, remove, stepSlot, stepBlock, reorder, desk, doors };
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
  return { addMove, replaceMove, duplicate, remove, canRemove, addBlock, removeBlock, setTitle, setStance };
}
