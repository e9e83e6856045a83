/** A block's easier ways, written for all its moves at once. */
import { type MoveBook, resolveMove } from "../moves/book";
import { type Span, spanTriple } from "../values/span";
import { setSlot, together } from "./commands";
import { type Block, type Dose, dosesOf, type Slot, slotsOf, type Way } from "./document";
import { doseKind, lastsAsSaid } from "./dose-kinds";
import type { Edit } from "./edits";

/** What is left of the reps, and of the seconds, in an easier way that is only less: coaching choices of ours. */
const REPS_LEFT = 2 / 3;
const SECONDS_LEFT = 3 / 4;
/** Seconds are told in fives, and nobody stops before ten. */
const FIVE = 5;
const LEAST_SECONDS = 10;

function fewer(span: Span): Span {
  const less = (n: number) => Math.max(1, Math.round(n * REPS_LEFT));
  const { min, plan, max } = spanTriple(span);
  if (typeof span === "number") return less(span);
  const low = less(min);
  return { min: low, plan: Math.max(low, less(plan)), max: Math.max(low, less(max)) };
}

function shorter(dose: Dose): Way | null {
  const kind = doseKind(dose);
  const whole = spanTriple((dose[kind] as Span | undefined) ?? 0).plan;
  const seconds = Math.floor((whole * SECONDS_LEFT) / FIVE) * FIVE;
  return seconds >= LEAST_SECONDS && seconds < whole ? { seconds } : null;
}

/**
 * An easier way of a slot as a coach writes it in a hurry: of what jumps the first way that lands softer, else
 * two thirds of the reps, or three quarters of the time. Null where the slot has its own, or none of it fits.
 */
export function easedWay(slot: Slot, book: MoveBook): Way | null {
  if (slot.marks?.flat) return null;
  const move = resolveMove(slot.move, book);
  const softer = (move.links ?? []).find((link) => {
    const to = book.get(link.to);
    return link.kind === "easier" && move.impact === "high" && to?.impact !== "high" && !to?.gym;
  });
  if (softer) return { move: softer.to };
  const doses = dosesOf(slot);
  const [first] = doses;
  // Fewer reps are for a slot that is counted in every round.
  if (first?.reps !== undefined && doses.every(({ reps }) => reps !== undefined))
    return { reps: fewer(first.reps) };
  // The shortest of several doses decides: a level stops once, whatever the round.
  const ways = doses.map((each) => (lastsAsSaid(each) ? shorter(each) : null));
  if (ways.some((way) => way === null)) return null;
  return ways.reduce((a, b) => ((a?.seconds ?? 0) <= (b?.seconds ?? 0) ? a : b));
}

/** The edit that writes an easier way for each move of a block that has none; null where nothing is to be written. */
export function easeBlock(block: Block, book: MoveBook): Edit | null {
  const edits = slotsOf(block).flatMap((slot) => {
    const way = easedWay(slot, book);
    return way ? [setSlot(slot, "marks", { ...slot.marks, flat: way })] : [];
  });
  return edits.length === 0 ? null : together(edits, "ease-block");
}
