/** How many reps are left after a set: by what is believed of a natural person, or as their part says. */
import { doseAt, loadAt, type Slot, type Stance } from "../class/document";
import { doseKind } from "../class/dose-kinds";
import { slotSides } from "../class/expand";
import { type MoveBook, resolveMove } from "../moves/book";
import type { PartSlot } from "../parts/part";
import { workAt, writtenDoing } from "../parts/work";
import { repsLeft } from "../strength/load";
import { reserveSet } from "../strength/predict";
import { scaledMove } from "../strength/scaled";
import { holdLeft } from "../strength/strain";

/**
 * Reps that a natural person has left after a slot's `index`-th appearance as set: where something is held,
 * what is meant, since each holds what they need for that; else what the median leaves of the body alone.
 * Null where it can't be told.
 */
export function leftAsSet(slot: Slot, index: number, book: MoveBook, stance: Stance): number | null {
  const move = resolveMove(slot.move, book);
  const work = workAt(writtenDoing(slot, { move, sides: slotSides(slot, book) }, stance), index);
  const dose = doseAt(slot, index);
  if (doseKind(dose) === "toLimit") return 0;
  if (dose.reserve !== undefined) return dose.reserve;
  if (move.holdSeconds !== undefined)
    return work.seconds === null ? null : holdLeft(work.seconds, move.holdSeconds);
  const scaled = scaledMove(move);
  if (!scaled) return null;
  const { body, maximum, held } = scaled.strength;
  const isHeld = held > 0 && loadAt(slot, index)?.target !== "none";
  if (isHeld) return work.reserve;
  return body > 0 ? repsLeft(maximum, body, work.limbReps) : null;
}

/**
 * Reps that are left after a slot's `index`-th appearance: as a person's part says where one is given; to
 * the limit none; by the words where nothing else is known and they say it. Null where nothing does.
 */
export function leftAt(
  slot: Slot,
  index: number,
  book: MoveBook,
  stance: Stance,
  own?: PartSlot,
): number | null {
  const dose = doseAt(slot, index);
  if (doseKind(dose) === "toLimit") return 0;
  if (dose.reserve !== undefined) return dose.reserve;
  const set = own?.sets?.[Math.min(index, own.sets.length - 1)];
  const known = set ? set.left : leftAsSet(slot, index, book, stance);
  if (known !== null && known !== undefined) return known;
  const load = loadAt(slot, index);
  const isStated = load !== undefined && load.kg === undefined && load.target !== "none";
  return isStated || doseAt(slot, index).reps !== undefined ? reserveSet(load, stance) : null;
}
