import { type ClassDoc, slotsOf } from "@/core/class/document";
import { slotEffort } from "@/core/effort/demand";
import { bookFor, resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";

export interface SlotFace {
  readonly number: number;
  readonly name: string;
  readonly effort: number;
}

/** Number, name and effort of each slot, by id. */
export function slotFaces(doc: ClassDoc): ReadonlyMap<string, SlotFace> {
  const book = bookFor(doc, LIBRARY_BOOK);
  const faces = new Map<string, SlotFace>();
  for (const block of doc.blocks) {
    slotsOf(block).forEach((slot, i) => {
      faces.set(slot.id, {
        number: i + 1,
        name: resolveMove(slot.move, book).name,
        effort: slotEffort(slot, book, doc.stance),
      });
    });
  }
  return faces;
}
