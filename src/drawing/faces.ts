import { type ClassDoc, type Slot, slotsOf } from "../core/class/document";
import type { Segment } from "../core/class/expand";
import { slotEffort } from "../core/effort/demand";
import { bookFor, type MoveBook, resolveMove } from "../core/moves/book";
import { LIBRARY_BOOK } from "../core/moves/library";

export interface SlotFace {
  readonly number: number;
  readonly name: string;
  readonly effort: number;
}

/** Number, name and effort of each slot, by id. `library`: by which moves are named. */
export function slotFaces(doc: ClassDoc, library: MoveBook = LIBRARY_BOOK): ReadonlyMap<string, SlotFace> {
  const book = bookFor(doc, library);
  const faces = new Map<string, SlotFace>();
  for (const block of doc.blocks) {
    slotsOf(block).forEach((slot, i) => {
      faces.set(slot.id, slotFace(slot, i + 1, book, doc.stance));
    });
  }
  return faces;
}

interface Known {
  readonly book: MoveBook;
  readonly stance: ClassDoc["stance"];
  readonly face: SlotFace;
}
/** A slot that stays has the same face after an edit elsewhere. */
const known = new WeakMap<Slot, Known>();

function slotFace(slot: Slot, number: number, book: MoveBook, stance: ClassDoc["stance"]): SlotFace {
  const there = known.get(slot);
  if (there?.book === book && there.stance === stance && there.face.number === number) return there.face;
  const face = { number, name: resolveMove(slot.move, book).name, effort: slotEffort(slot, book, stance) };
  known.set(slot, { book, stance, face });
  return face;
}

const UNKNOWN_EFFORT = 5;

/** Effort of a piece; of a capped block's one piece the mean of its slots. */
export function pieceEffort(segment: Segment, doc: ClassDoc, faces: ReadonlyMap<string, SlotFace>): number {
  if (segment.slot !== null) return faces.get(segment.slot)?.effort ?? UNKNOWN_EFFORT;
  const block = doc.blocks.find((entry) => entry.id === segment.block);
  const efforts = (block ? slotsOf(block) : []).map((slot) => faces.get(slot.id)?.effort ?? UNKNOWN_EFFORT);
  return efforts.length === 0 ? UNKNOWN_EFFORT : efforts.reduce((sum, n) => sum + n, 0) / efforts.length;
}
