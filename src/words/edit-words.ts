/** What an edit did, in a few words: what undo and redo are about, and what a version is called. */
import { type Block, type ClassDoc, type Slot, slotsOf } from "../core/class/document";
import type { Edit, EditTarget } from "../core/class/edits";
import { type MoveBook, resolveMove } from "../core/moves/book";
import { blockName } from "./block-words";
import { editKey } from "./english/edits";
import type { Words } from "./words";

function slotOf(doc: ClassDoc, id: string): Slot | undefined {
  return doc.blocks.flatMap(slotsOf).find((slot) => slot.id === id);
}

/** In words without a verb, to follow “Undo:”. `doc` is the class as it is now, whichever side of the edit. */
export function editText(edit: Edit, doc: ClassDoc, book: MoveBook, words: Words): string {
  const nameOf = (block: Block | undefined) =>
    block ? blockName(block, book, words) : words.phrase("edit", "aBlock");
  const blockAt = (id: string) => nameOf(doc.blocks.find((block) => block.id === id));
  const moveName = (slot: Slot | undefined) =>
    slot ? resolveMove(slot.move, book).name : words.phrase("edit", "aMove");
  const of = (what: string, target: EditTarget) => {
    if (target.in === "class") return what;
    const place = target.in === "block" ? blockAt(target.id) : moveName(slotOf(doc, target.id));
    return words.phrase("edit", "of", { what, place });
  };
  switch (edit.op) {
    case "set": {
      const known = Object.hasOwn(editKey, edit.key);
      const what = known ? words.phrase("editKey", edit.key as keyof typeof editKey) : edit.key;
      return of(what, edit.target);
    }
    case "put":
      return words.phrase("editList", edit.list);
    case "insert-block":
      return words.phrase("edit", "added", { what: nameOf(edit.block) });
    case "remove-block":
      return words.phrase("edit", "removed", { what: nameOf(edit.block) });
    case "move-block":
      return words.phrase("edit", "moved", { what: blockAt(edit.id) });
    case "insert-slot":
      return words.phrase("edit", "added", { what: moveName(edit.slot) });
    case "remove-slot":
      return words.phrase("edit", "removed", { what: moveName(edit.slot) });
    case "move-slot":
      return words.phrase("edit", "moved", { what: moveName(slotOf(doc, edit.id)) });
    case "together": {
      if (edit.as) return words.phrase("editName", edit.as);
      // The last is what it was done for: what comes before makes it possible.
      const last = edit.edits.at(-1);
      return last ? editText(last, doc, book, words) : words.phrase("edit", "nothing");
    }
  }
}
