/**
 * How hard a slot is meant to be, 0–10: the height of its bars. An estimate from the energy cost
 * of its move and the load that is set; nothing is predicted for a person.
 */
import { dosesOf, loadAt, type Slot } from "../class/document";
import { rowOf } from "../class/dose-kinds";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";

/** Efforts of the ends of the scale: mild stretching (2.3 MET) feels like 2, vigorous calisthenics (8 MET) like 9. */
const LOW = { met: 2.3, effort: 2 };
const HIGH = { met: 8, effort: 9 };
/** A move of which no energy cost is known is drawn at the middle. */
const UNKNOWN_EFFORT = 5;

const BY_TARGET = { none: 0, light: 0, medium: 1, heavy: 2 } as const;

/** Effort that a move asks for by itself; linear between the ends, cut at 1 and 10. */
export function moveEffort(move: KnownMove): number {
  if (!move.energy) return UNKNOWN_EFFORT;
  const slope = (HIGH.effort - LOW.effort) / (HIGH.met - LOW.met);
  return Math.min(10, Math.max(1, LOW.effort + (move.energy.met - LOW.met) * slope));
}

function loadEffort(slot: Slot): number {
  const load = loadAt(slot, 0);
  if (load?.target) return BY_TARGET[load.target];
  const reserve = load?.rir ?? (load?.rpe === undefined ? undefined : 10 - load.rpe);
  if (reserve === undefined) return 0;
  return reserve <= 2 ? 2 : reserve <= 4 ? 1 : 0;
}

/** Effort of a slot: its move's, more for load near the limit and for sets taken to the limit. */
export function slotEffort(slot: Slot, book: MoveBook): number {
  const limit = dosesOf(slot).some((dose) => rowOf(dose).row.hard === "always") ? 2 : 0;
  const effort = moveEffort(resolveMove(slot.move, book)) + loadEffort(slot) + limit;
  return Math.round(Math.min(10, effort) * 10) / 10;
}
