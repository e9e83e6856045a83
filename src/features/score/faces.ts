import { type ClassDoc, slotsOf } from "@/core/class/document";
import type { Segment } from "@/core/class/expand";
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

const UNKNOWN_EFFORT = 5;

/** Effort of a piece; of a capped block's one piece the mean of its slots. */
export function pieceEffort(segment: Segment, doc: ClassDoc, faces: ReadonlyMap<string, SlotFace>): number {
  if (segment.slot !== null) return faces.get(segment.slot)?.effort ?? UNKNOWN_EFFORT;
  const block = doc.blocks.find((entry) => entry.id === segment.block);
  const efforts = (block ? slotsOf(block) : []).map((slot) => faces.get(slot.id)?.effort ?? UNKNOWN_EFFORT);
  return efforts.length === 0 ? UNKNOWN_EFFORT : efforts.reduce((sum, n) => sum + n, 0) / efforts.length;
}
