/**
 * How hard a slot is meant to be, 0–10: the height of its bars. An estimate from the energy cost
 * of its move and the load that is set; nothing is predicted for a person.
 */
import { dosesOf, type Slot, type Stance } from "../class/document";
import { rowOf } from "../class/dose-kinds";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import { regionOf } from "../strength/regions";
import { leftAt } from "./left";

/** Efforts of the ends of the scale: mild stretching (2.3 MET) feels like 2, vigorous calisthenics (8 MET) like 9. */
const LOW = { met: 2.3, effort: 2 };
const HIGH = { met: 8, effort: 9 };
/** A move of which no energy cost is known is drawn at the middle. */
const UNKNOWN_EFFORT = 5;

/** Effort that a move asks for by itself; linear between the ends, cut at 1 and 10. */
export function moveEffort(move: KnownMove): number {
  if (!move.energy) return UNKNOWN_EFFORT;
  const slope = (HIGH.effort - LOW.effort) / (HIGH.met - LOW.met);
  return Math.min(10, Math.max(1, LOW.effort + (move.energy.met - LOW.met) * slope));
}

/**
 * Effort of a strength set by what is left in it: 10 − reps in reserve, as RPE is defined for lifting
 * (Zourdos 2016). Felt while it lasts, whatever its oxygen cost.
 */
export function reserveEffort(left: number | null, move: KnownMove): number {
  return left === null || regionOf(move.pattern) === null ? 0 : Math.min(10, Math.max(0, 10 - left));
}

/** Effort of a slot as set: the larger of its move's and of what is left in its hardest set; more to the limit. */
export function slotEffort(slot: Slot, book: MoveBook, stance: Stance): number {
  const move = resolveMove(slot.move, book);
  const limit = dosesOf(slot).some((dose) => rowOf(dose).row.hard === "always") ? 2 : 0;
  const sets = Array.from({ length: Math.max(dosesOf(slot).length, loadsOf(slot)) }, (_, i) => i);
  const hardest = Math.max(...sets.map((i) => reserveEffort(leftAt(slot, i, book, stance), move)));
  return Math.round(Math.min(10, Math.max(moveEffort(move) + limit, hardest)) * 10) / 10;
}

function loadsOf({ load }: Slot): number {
  return Array.isArray(load) ? load.length : 1;
}
