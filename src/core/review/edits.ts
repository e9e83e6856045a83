/** Short ways to write the edits of fixes, and to see what an edit would come to. */
import type { Block, ClassDoc, Slot } from "../class/document";
import { applyEdit, type Edit } from "../class/edits";

export function setBlock(block: Block, key: keyof Block, to: unknown): Edit {
  return { op: "set", target: { in: "block", id: block.id }, key, from: block[key], to };
}

export function setSlot(slot: Slot, key: keyof Slot, to: unknown): Edit {
  return { op: "set", target: { in: "slot", id: slot.id }, key, from: slot[key], to };
}

export function setClass(doc: ClassDoc, key: keyof ClassDoc, to: unknown): Edit {
  return { op: "set", target: { in: "class" }, key, from: doc[key], to };
}

/** The document after an edit, or null where it doesn't apply. */
export function after(doc: ClassDoc, edit: Edit): ClassDoc | null {
  const next = applyEdit(doc, edit);
  return next.ok ? next.value : null;
}

/** Up to the next five seconds. */
export function upToFive(seconds: number): number {
  return Math.ceil(seconds / 5) * 5;
}
