/** Landings of a part, weighted by impact, and where a level's harder ways of it bring too many. */
import { type ClassDoc, wayAt } from "../class/document";
import { expand, type Segment } from "../class/expand";
import type { Mark } from "../homes/home";
import { bookFor, type KnownMove, type MoveBook } from "../moves/book";
import type { Part } from "./part";

/** Landings of a class that are allowed at each level, weighted by impact: what coaches of mixed rooms hold to. */
export const LANDINGS_ALLOWED: Readonly<Record<Mark, number>> = { flat: 40, natural: 80, sharp: 120 };

/** Reps of a piece: as counted, or as many as fit its seconds. */
function repsOf({ reps, start, end }: Segment, move: KnownMove): number {
  if (reps) return reps.plan;
  return move.isometric ? 0 : (end - start) / move.repSeconds;
}

/** Landings of a piece of work done with a move; 0 where nobody lands. */
export function landingsOf(piece: Segment, move: KnownMove | undefined): number {
  const landings = move?.landings;
  if (!move || !landings || landings.perRep === 0) return 0;
  return repsOf(piece, move) * landings.perRep * landings.weight;
}

const known = new WeakMap<ClassDoc, { readonly library: MoveBook; readonly pieces: readonly Segment[] }>();

function piecesOf(doc: ClassDoc, library: MoveBook): readonly Segment[] {
  const there = known.get(doc);
  if (there?.library === library) return there.pieces;
  const pieces = expand(doc, library).filter(({ kind, slot }) => kind === "work" && slot !== null);
  known.set(doc, { library, pieces });
  return pieces;
}

/**
 * Slots that Brontle made harder for somebody who lands too often in the whole class by that: what they are
 * set does, then. None where the instructor's own ways or what is set bring it.
 */
export function tooManyLandings(
  doc: ClassDoc,
  part: Part,
  mark: Mark,
  library: MoveBook,
): ReadonlySet<string> {
  if (mark !== "sharp") return new Set();
  const book = bookFor(doc, library);
  const own = new Map(part.slots.map(({ slot, move }) => [slot, move === null ? undefined : book.get(move)]));
  const pieces = piecesOf(doc, library);
  const sum = pieces.reduce((all, piece) => all + landingsOf(piece, own.get(piece.slot ?? "")), 0);
  if (sum <= LANDINGS_ALLOWED[mark]) return new Set();
  const raised = doc.blocks
    .flatMap(({ slots = [] }) => slots)
    .filter((slot) => {
      const set = typeof slot.move === "string" ? book.get(slot.move) : undefined;
      const done = own.get(slot.id);
      if (!set || !done || done === set || wayAt(slot, mark) !== null) return false;
      return (done.landings?.weight ?? 0) > (set.landings?.weight ?? 0);
    });
  return new Set(raised.map(({ id }) => id));
}
