/** What differs between two states of a class, a line each: with what it was and what it is, where that is short. */
import { type ClassDoc, findSlot, type Slot } from "../core/class/document";

import type { Edit } from "../core/class/edits";
import type { MoveBook } from "../core/moves/book";
import { type Span, spanText } from "../core/values/span";
import { shownDoses } from "./dose-words";
import { editText } from "./edit-words";
import { upperFirst } from "./letters";
import type { Words } from "./words";

type SetEdit = Extract<Edit, { op: "set" }>;

const isSpan = (value: unknown): value is Span =>
  typeof value === "number" ||
  (typeof value === "object" && value !== null && "min" in value && "max" in value);

/** A value in a few letters; null where it hasn't got that. */
function valueText(key: string, value: unknown, book: MoveBook, words: Words): string | null {
  if (value === undefined) return "—";
  if (key === "dose") return shownDoses(value as Slot["dose"], words, book);
  if (isSpan(value)) return spanText(value);
  return typeof value === "string" && value.length <= 60 ? value : null;
}

function setText(edit: SetEdit, now: ClassDoc, book: MoveBook, words: Words): string {
  const what = upperFirst(editText(edit, now, book, words).replace(/^the /, ""));
  const [from, to] = [valueText(edit.key, edit.from, book, words), valueText(edit.key, edit.to, book, words)];
  return from === null || to === null || edit.key === "move" ? what : `${what}: ${from} → ${to}`;
}

/**
 * The lines of what leads from one class to another. `to` is the class that it leads to: what was taken away is named
 * by what the edit holds of it.
 */
export function differenceLines(
  edits: readonly Edit[],
  to: ClassDoc,
  book: MoveBook,
  words: Words,
): readonly string[] {
  const isNew = new Set(edits.flatMap((edit) => (edit.op === "insert-block" ? [edit.block.id] : [])));
  return edits.flatMap((edit) => {
    // What comes or goes with its block is not told again.
    if (edit.op === "insert-slot" && isNew.has(edit.block)) return [];
    if (edit.op === "set") return [setText(edit, to, book, words)];
    if (edit.op === "move-slot" && !findSlot(to, edit.id)) return [];
    return [upperFirst(editText(edit, to, book, words))];
  });
}
