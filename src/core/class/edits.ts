/**
 * Changes of a class as data: each leads from a document to a document, names blocks and slots by
 * id, and can be turned round. Autosave, undo and merging all use this one value.
 */

import { err, ok, type Result } from "../result";
import { type Block, type ClassDoc, type Slot, slotsOf } from "./document";
import { applyPut, type PutEdit } from "./keyed";

/** Where a `set` applies: the class itself, a block, or a slot (ids are unique in the class). */
export type EditTarget =
  | { readonly in: "class" }
  | { readonly in: "block"; readonly id: string }
  | { readonly in: "slot"; readonly id: string };

/** `undefined` is left out in JSON: a key that is not there. `before: null` is the end of the list. */
export type Edit =
  | {
      readonly op: "set";
      readonly target: EditTarget;
      readonly key: string;
      readonly from?: unknown;
      readonly to?: unknown;
      /** Only where the value is still `from`: what takes one's own change back never takes a later one of somebody else's. */
      readonly onlyFrom?: boolean;
    }
  | { readonly op: "insert-block"; readonly block: Block; readonly before: string | null }
  | { readonly op: "remove-block"; readonly block: Block; readonly before: string | null }
  | {
      readonly op: "move-block";
      readonly id: string;
      readonly from: string | null;
      readonly to: string | null;
    }
  | {
      readonly op: "insert-slot";
      readonly block: string;
      readonly slot: Slot;
      readonly before: string | null;
    }
  | {
      readonly op: "remove-slot";
      readonly block: string;
      readonly slot: Slot;
      readonly before: string | null;
    }
  | {
      readonly op: "move-slot";
      readonly id: string;
      readonly from: { readonly block: string; readonly before: string | null };
      readonly to: { readonly block: string; readonly before: string | null };
    }
  | PutEdit
  | {
      readonly op: "together";
      readonly edits: readonly Edit[];
      /** What it is for the person, where that is more than its parts. */
      readonly as?: EditName;
    };

/** What several edits made at once may be called. */
export const EDIT_NAMES = [
  "copy-block",
  "ease-block",
  "copy-slot",
  "replace-move",
  "combine",
  "split-block",
  "join-blocks",
  "order-slots",
  "fit",
  "work",
  "reps",
  "several",
  "reshape",
  "restore",
] as const;
export type EditName = (typeof EDIT_NAMES)[number];

export type EditRefusal =
  | { readonly code: "gone"; readonly what: "block" | "slot"; readonly id: string }
  | { readonly code: "taken"; readonly what: "block" | "slot" | "edit"; readonly id: string }
  | { readonly code: "key"; readonly key: string }
  /** Somebody changed the value after the one whose change is to be taken back. */
  | { readonly code: "changed-since"; readonly key: string };

/** Keys that an edit may not set: they say what the document is, and who is who in it. */
const FIXED_KEYS = ["format", "version", "id", "blocks", "slots", "__proto__", "constructor", "prototype"];

/** The edit that takes this one back. */
export function invert(edit: Edit): Edit {
  switch (edit.op) {
    case "set":
      return { ...edit, from: edit.to, to: edit.from };
    case "put": {
      const { from, to, ...rest } = edit;
      return { ...rest, ...(to ? { from: to } : {}), ...(from ? { to: from } : {}) };
    }
    case "insert-block":
      return { ...edit, op: "remove-block" };
    case "remove-block":
      return { ...edit, op: "insert-block" };
    case "insert-slot":
      return { ...edit, op: "remove-slot" };
    case "remove-slot":
      return { ...edit, op: "insert-slot" };
    case "move-block":
    case "move-slot":
      return { ...edit, from: edit.to, to: edit.from } as Edit;
    case "together":
      return { ...edit, edits: [...edit.edits].reverse().map(invert) };
  }
}

/** The edit, done only where each value that it sets is still the one that it starts from. */
export function cautious(edit: Edit): Edit {
  if (edit.op === "set" || edit.op === "put") return { ...edit, onlyFrom: true };
  return edit.op === "together" ? { ...edit, edits: edit.edits.map(cautious) } : edit;
}

/** Two edits in a row as one, where the second sets the same value further; else null. */
export function squash(first: Edit, second: Edit): Edit | null {
  if (first.op === "together" && second.op === "together") return squashAll(first, second);
  if (first.op !== "set" || second.op !== "set" || first.key !== second.key) return null;
  if (JSON.stringify(first.target) !== JSON.stringify(second.target)) return null;
  return { ...first, to: second.to };
}

/** Several edits that set the same things, one by one. */
function squashAll(
  first: Extract<Edit, { op: "together" }>,
  second: Extract<Edit, { op: "together" }>,
): Edit | null {
  if (first.as !== second.as || first.edits.length !== second.edits.length) return null;
  const edits = first.edits.flatMap((edit, i) => {
    const other = second.edits[i];
    return (other && squash(edit, other)) ?? [];
  });
  return edits.length === first.edits.length ? { ...first, edits } : null;
}

function withKey<T extends object>(object: T, key: string, value: unknown): T {
  const present = (object as Record<string, unknown>)[key];
  if (JSON.stringify(present) === JSON.stringify(value)) return object;
  if (value === undefined) {
    const { [key]: _gone, ...rest } = object as Record<string, unknown>;
    return rest as T;
  }
  return { ...object, [key]: value };
}

function insertAt<T extends { readonly id: string }>(
  list: readonly T[],
  entry: T,
  before: string | null,
): T[] {
  // A neighbour that is gone meanwhile sends the entry to the end: nothing is lost.
  const index = before === null ? -1 : list.findIndex((other) => other.id === before);
  return index < 0 ? [...list, entry] : [...list.slice(0, index), entry, ...list.slice(index)];
}

function mapBlock(doc: ClassDoc, id: string, change: (block: Block) => Block): Result<ClassDoc, EditRefusal> {
  const block = doc.blocks.find((entry) => entry.id === id);
  if (!block) return err({ code: "gone", what: "block", id });
  const next = change(block);
  return ok(
    next === block ? doc : { ...doc, blocks: doc.blocks.map((entry) => (entry === block ? next : entry)) },
  );
}

function blockOfSlot(doc: ClassDoc, slotId: string): Block | undefined {
  return doc.blocks.find((block) => slotsOf(block).some((slot) => slot.id === slotId));
}

/** The value that a `set` would replace; undefined where it isn't there. */
function valueAt(doc: ClassDoc, target: EditTarget, key: string): unknown {
  const holder =
    target.in === "class"
      ? doc
      : target.in === "block"
        ? doc.blocks.find((block) => block.id === target.id)
        : slotsOf(blockOfSlot(doc, target.id) ?? NO_BLOCK).find((slot) => slot.id === target.id);
  return (holder as Record<string, unknown> | undefined)?.[key];
}

const NO_BLOCK: Block = { id: "", title: "" };

function set(doc: ClassDoc, target: EditTarget, key: string, to: unknown): Result<ClassDoc, EditRefusal> {
  if (FIXED_KEYS.includes(key)) return err({ code: "key", key });
  if (target.in === "class") return ok(withKey(doc, key, to));
  if (target.in === "block") return mapBlock(doc, target.id, (block) => withKey(block, key, to));
  const owner = blockOfSlot(doc, target.id);
  if (!owner) return err({ code: "gone", what: "slot", id: target.id });
  return mapBlock(doc, owner.id, (block) => {
    const slots = slotsOf(block);
    const index = slots.findIndex((slot) => slot.id === target.id);
    const next = withKey(slots[index] as Slot, key, to);
    return next === slots[index]
      ? block
      : { ...block, slots: slots.map((slot, i) => (i === index ? next : slot)) };
  });
}

function insertSlot(
  doc: ClassDoc,
  blockId: string,
  slot: Slot,
  before: string | null,
): Result<ClassDoc, EditRefusal> {
  if (blockOfSlot(doc, slot.id)) return err({ code: "taken", what: "slot", id: slot.id });
  return mapBlock(doc, blockId, (block) => ({ ...block, slots: insertAt(slotsOf(block), slot, before) }));
}

function removeSlot(doc: ClassDoc, id: string): Result<ClassDoc, EditRefusal> {
  const owner = blockOfSlot(doc, id);
  if (!owner) return err({ code: "gone", what: "slot", id });
  return mapBlock(doc, owner.id, (block) => ({
    ...block,
    slots: slotsOf(block).filter((slot) => slot.id !== id),
  }));
}

function moveSlot(
  doc: ClassDoc,
  id: string,
  to: { block: string; before: string | null },
): Result<ClassDoc, EditRefusal> {
  const slot = blockOfSlot(doc, id)?.slots?.find((entry) => entry.id === id);
  if (!slot) return err({ code: "gone", what: "slot", id });
  if (!doc.blocks.some((block) => block.id === to.block))
    return err({ code: "gone", what: "block", id: to.block });
  const without = removeSlot(doc, id);
  return without.ok
    ? insertSlot(without.value, to.block, slot, to.before === id ? null : to.before)
    : without;
}

function moveBlock(doc: ClassDoc, id: string, to: string | null): Result<ClassDoc, EditRefusal> {
  const block = doc.blocks.find((entry) => entry.id === id);
  if (!block) return err({ code: "gone", what: "block", id });
  const others = doc.blocks.filter((entry) => entry !== block);
  return ok({ ...doc, blocks: insertAt(others, block, to) });
}

/**
 * The document after an edit, or why it can't be applied. Whether the result is a valid class is
 * for `checkClass` to say. An edit that changes nothing gives the same object.
 */
export function applyEdit(doc: ClassDoc, edit: Edit): Result<ClassDoc, EditRefusal> {
  switch (edit.op) {
    case "set":
      if (edit.onlyFrom && JSON.stringify(valueAt(doc, edit.target, edit.key)) !== JSON.stringify(edit.from))
        return err({ code: "changed-since", key: edit.key });
      return set(doc, edit.target, edit.key, edit.to);
    case "put":
      return applyPut(doc, edit);
    case "insert-block":
      if (doc.blocks.some((block) => block.id === edit.block.id)) {
        return err({ code: "taken", what: "block", id: edit.block.id });
      }
      return ok({ ...doc, blocks: insertAt(doc.blocks, edit.block, edit.before) });
    case "remove-block":
      if (!doc.blocks.some((block) => block.id === edit.block.id)) {
        return err({ code: "gone", what: "block", id: edit.block.id });
      }
      return ok({ ...doc, blocks: doc.blocks.filter((block) => block.id !== edit.block.id) });
    case "move-block":
      return moveBlock(doc, edit.id, edit.to);
    case "insert-slot":
      return insertSlot(doc, edit.block, edit.slot, edit.before);
    case "remove-slot":
      return removeSlot(doc, edit.slot.id);
    case "move-slot":
      return moveSlot(doc, edit.id, edit.to);
    case "together": {
      let now = doc;
      for (const part of edit.edits) {
        const next = applyEdit(now, part);
        if (!next.ok) return next;
        now = next.value;
      }
      return ok(now);
    }
  }
}

/** The id after this one in a list, or null at its end: where an entry stands, told by its neighbour. */
export function idAfter(list: readonly { readonly id: string }[], id: string): string | null {
  const index = list.findIndex((entry) => entry.id === id);
  return list[index + 1]?.id ?? null;
}
