/** What changes within a piece: the next move of several in turn, and what comes after the last rep. */
import { appearanceIndex, type ClassDoc, doseAt, type Slot, slotsOf } from "../class/document";
import type { Dose } from "../class/dose";
import { thenSeconds } from "../class/dose-kinds";
import type { Segment } from "../class/expand";
import { type MoveBook, resolveMove } from "../moves/book";
import type { Ms } from "../units";

/** Something within a piece, so many milliseconds after it began. */
export interface Turn {
  readonly kind: "turn" | "then";
  readonly afterMs: Ms;
}

/** Nothing is told so shortly before the end of a piece. */
const LAST_MS = 1500;

/** When the next of several moves comes, by the moves' rep times; over and over where a time is set. */
function turnsOf({ sequence = [] }: Dose, lengthMs: Ms, book: MoveBook): readonly Turn[] {
  const lasting = sequence.map(({ move, reps }) => reps * resolveMove(move, book).repSeconds * 1000);
  if (lasting.reduce((sum, ms) => sum + ms, 0) <= 0) return [];
  const turns: Turn[] = [];
  let afterMs = 0;
  for (let i = 0; ; i += 1) {
    afterMs += lasting[i % lasting.length] as number;
    if (afterMs > lengthMs - LAST_MS) return turns;
    turns.push({ kind: "turn", afterMs: Math.round(afterMs) });
  }
}

/** What changes within a piece of work, in its order. */
export function turnsIn(slots: ReadonlyMap<string, Slot>, segment: Segment, book: MoveBook): readonly Turn[] {
  const slot = segment.kind === "work" && segment.slot !== null ? slots.get(segment.slot) : undefined;
  if (!slot) return [];
  const dose = doseAt(slot, appearanceIndex(slot, segment.round));
  const lengthMs = (segment.end - segment.start) * 1000;
  if (dose.sequence !== undefined) return turnsOf(dose, lengthMs, book);
  const then = thenSeconds(dose) * 1000;
  // In a window the reps are over before the window is: by the rep time, not by its end.
  if (then === 0 || dose.within !== undefined) return [];
  return then < lengthMs ? [{ kind: "then", afterMs: lengthMs - then }] : [];
}

/** The slots of a class by their ids. */
export function slotsById({ blocks }: ClassDoc): ReadonlyMap<string, Slot> {
  return new Map(blocks.flatMap((block) => slotsOf(block).map((slot) => [slot.id, slot] as const)));
}
