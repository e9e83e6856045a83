/** How far the reps of a slot may go for a fit: what the strength model calls meaningful. */
import { doseAt, loadAt, type Slot, type Stance } from "../class/document";
import { slotSides } from "../class/expand";
import { leftAsSet } from "../effort/left";
import { type MoveBook, resolveMove } from "../moves/book";
import type { Part } from "../parts/part";
import { overLoad } from "../strength/load";
import { reserveSet } from "../strength/predict";
import { spanTriple } from "../values/span";

/** Steps that the reps of one dose may go either way, and how many reps a step is. */
export interface RepBounds {
  readonly least: number;
  readonly most: number;
  readonly step: number;
}

/** Reps may go so many either way, stay between these, and keep the median person's strain between those. */
const REACH = 4;
const REPS = { least: 1, most: 30 };
const STRAIN = { least: -0.1, most: 0.05 };

/**
 * The strain of the one in the middle of the room in a slot's `index`-th dose, as a log; without anybody what a
 * natural person has, with what the move needs. Null where it can't be told.
 */
function strainNow(
  slot: Slot,
  index: number,
  book: MoveBook,
  stance: Stance,
  parts: readonly Part[],
): number | null {
  const strains = parts
    .flatMap(({ slots }) => {
      const own = slots.find((each) => each.slot === slot.id);
      return own?.sets?.[Math.min(index, own.sets.length - 1)]?.strain ?? [];
    })
    .sort((a, b) => a - b);
  if (strains.length > 0) return strains[(strains.length - 1) >> 1] as number;
  if (parts.length > 0) return null;
  const left = leftAsSet(slot, index, book, stance);
  const { reps } = doseAt(slot, index);
  if (left === null || reps === undefined || resolveMove(slot.move, book).strength === undefined) return null;
  const n = spanTriple(reps).plan;
  // What is moved once is as much as n reps with `left` more.
  return Math.log(overLoad(n + reserveSet(loadAt(slot, index), stance)) / overLoad(n + left));
}

/** Whether a strain may follow from another: inside the bounds, or nearer to them. */
function isFine(now: number, next: number): boolean {
  const off = (strain: number) => Math.max(0, strain - STRAIN.most, STRAIN.least - strain);
  return off(next) === 0 || off(next) < off(now);
}

/** How far the reps of a slot's `index`-th dose may go. */
export function repBounds(
  slot: Slot,
  index: number,
  book: MoveBook,
  stance: Stance,
  parts: readonly Part[],
): RepBounds {
  const { reps } = doseAt(slot, index);
  // Each side gets its half of a total.
  const step = slot.count === "total" && slotSides(slot, book) === "inTurn" ? 2 : 1;
  if (reps === undefined) return { least: 0, most: 0, step };
  const { min, plan, max } = spanTriple(reps);
  const reserve = reserveSet(loadAt(slot, index), stance);
  const now = strainNow(slot, index, book, stance, parts);
  const isOpen = (by: number) => {
    if (Math.min(min, REPS.least * step) > min + by || Math.max(max, REPS.most) < max + by) return false;
    if (min + by < step) return false;
    if (now === null) return true;
    return isFine(now, now + Math.log(overLoad(plan + by + reserve) / overLoad(plan + reserve)));
  };
  let least = 0;
  let most = 0;
  while (-(least - 1) * step <= REACH && isOpen((least - 1) * step)) least -= 1;
  while ((most + 1) * step <= REACH && isOpen((most + 1) * step)) most += 1;
  return { least, most, step };
}
