/** What counts as main work, and as a hard set. */
import type { Block, Slot, Stance } from "../class/document";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import type { PartSlot } from "../parts/part";
import { distinctAppearances } from "../parts/work";
import { regionOf } from "../strength/regions";
import { leftAt } from "./left";
import type { Thresholds } from "./thresholds";

export function isMain(block: Block): boolean {
  return (block.role ?? "main") === "main" || block.role === "finisher";
}

/**
 * Whether the set of a slot's `index`-th appearance is hard: of a pattern that is done against a load, in
 * the main work, with few enough reps left. Never a warm-up, run, jump or stretch. `own`: one person's part
 * and the move that they do; as set it is counted for a natural person with what each move needs.
 */
export function isHardSet(
  block: Block,
  slot: Slot,
  index: number,
  book: MoveBook,
  stance: Stance,
  thresholds: Thresholds,
  own?: { readonly part: PartSlot; readonly move: KnownMove },
): boolean {
  const move = own?.move ?? resolveMove(slot.move, book);
  if (!isMain(block) || regionOf(move.pattern) === null) return false;
  const left = leftAt(slot, index, book, stance, own?.part);
  return left !== null && left <= thresholds.hardReserve;
}

/** Whether any of a slot's sets is hard as set. */
export function hasHardSet(
  block: Block,
  slot: Slot,
  book: MoveBook,
  stance: Stance,
  thresholds: Thresholds,
): boolean {
  const appearances = Array.from({ length: distinctAppearances(slot, block) }, (_, i) => i);
  return appearances.some((i) => isHardSet(block, slot, i, book, stance, thresholds));
}
