/** The load of a slot in words, so many words heavier or lighter. */
import { LOAD_TARGETS, type LoadTarget, type Slot } from "../class/document";
import { type MoveBook, resolveMove } from "../moves/book";
import { scaledMove } from "../strength/scaled";

/** Where nothing is said, stepping begins here. */
const UNSAID: LoadTarget = "medium";

/**
 * The word that is `by` steps heavier, as far as the words go. Null where nothing is held in the move, where the load
 * is said otherwise (kilograms, reserve, set by set), or where the word stays the same.
 */
export function loadStep({ move, load }: Slot, by: number, book: MoveBook): LoadTarget | null {
  const held = scaledMove(resolveMove(move, book))?.strength.held ?? 0;
  const now = load === undefined ? UNSAID : "target" in load ? load.target : undefined;
  if (held === 0 || now === undefined) return null;
  const last = LOAD_TARGETS.length - 1;
  const to = LOAD_TARGETS[Math.max(0, Math.min(last, LOAD_TARGETS.indexOf(now) + by))];
  return to === undefined || to === now ? null : to;
}
