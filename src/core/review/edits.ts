/** What the edit of a fix would come to. */
import { checkClass } from "../class/check-class";
import { type ClassDoc, slotsOf } from "../class/document";
import { applyEdit, type Edit } from "../class/edits";
import type { MoveBook } from "../moves/book";
import type { Triple } from "../units";

/** The document after an edit, or null where it doesn't apply. */
export function after(doc: ClassDoc, edit: Edit): ClassDoc | null {
  const next = applyEdit(doc, edit);
  return next.ok ? next.value : null;
}

/** A class this long may be made too long by a fix, seconds at max. */
const NEARLY_TOO_LONG = 70_000;

/**
 * Whether a valid class stays one with an edit. Only the blocks that it changes are checked, since the
 * others are as they were; of a very long class all of it.
 */
export function staysValid(doc: ClassDoc, edit: Edit, library: MoveBook, seconds: Triple): boolean {
  const next = after(doc, edit);
  if (!next || next === doc) return false;
  if (seconds.max > NEARLY_TOO_LONG) return checkClass(next, library).ok;
  const before = new Set(doc.blocks);
  const changed = next.blocks.filter((block) => !before.has(block));
  const ids = next.blocks.map((block) => block.id);
  const slots = next.blocks.flatMap((block) => slotsOf(block).map((slot) => slot.id));
  if (new Set(ids).size < ids.length || new Set(slots).size < slots.length) return false;
  return checkClass({ ...next, blocks: changed.length > 0 ? changed : next.blocks.slice(0, 1) }, library).ok;
}

/** Up to the next five seconds. */
export function upToFive(seconds: number): number {
  return Math.ceil(seconds / 5) * 5;
}
