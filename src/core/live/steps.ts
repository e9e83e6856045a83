/** Where one is within a move of many steps, or among several moves in turn, at a moment of a piece. */
import { appearanceIndex, doseAt, type Slot } from "../class/document";
import type { SequenceEntry } from "../class/dose";
import type { Segment } from "../class/expand";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import type { Ms } from "../units";

export interface StepNow {
  /** The words of the step, or the name of the move. */
  readonly text: string;
  /** Of several moves in turn, how many of this one. */
  readonly reps: number | null;
  /** Which it is, from 1, of how many. */
  readonly n: number;
  readonly of: number;
}

/** Steps share a rep evenly, over and over; of what is timed, or held, they share the piece. */
function stepOf(steps: readonly string[], lastsMs: Ms, intoMs: Ms): StepNow {
  const share = lastsMs / steps.length;
  const index = Math.min(steps.length - 1, Math.floor((intoMs % lastsMs) / share));
  return { text: steps[index] as string, reps: null, n: index + 1, of: steps.length };
}

/** The move of a sequence that is on, by the rep times, over and over. */
function entryOf(entries: readonly SequenceEntry[], intoMs: Ms, book: MoveBook): StepNow | null {
  const lasting = entries.map(({ move, reps }) => reps * resolveMove(move, book).repSeconds * 1000);
  const all = lasting.reduce((sum, ms) => sum + ms, 0);
  if (all <= 0) return null;
  let left = intoMs % all;
  const index = lasting.findIndex((ms) => {
    left -= ms;
    return left < 0;
  });
  const entry = entries[Math.max(0, index)] as SequenceEntry;
  const { name } = resolveMove(entry.move, book);
  return { text: name, reps: entry.reps, n: Math.max(0, index) + 1, of: entries.length };
}

/**
 * The step of a slot's move `intoMs` into a piece that is now `lengthMs` long; null where it has none. The
 * instructor's own steps come before the library's; each side does all of them, since it has a piece of its own.
 */
export function stepNow(
  slot: Slot,
  move: KnownMove,
  segment: Segment,
  intoMs: Ms,
  lengthMs: Ms,
  book: MoveBook,
): StepNow | null {
  const dose = doseAt(slot, appearanceIndex(slot, segment.round));
  if (dose.sequence !== undefined) return entryOf(dose.sequence, intoMs, book);
  const steps = slot.steps ?? move.steps ?? [];
  const counted = dose.reps !== undefined || dose.ladder !== undefined;
  const rep = (dose.repSeconds ?? move.repSeconds) * 1000;
  const lastsMs = counted ? rep : lengthMs;
  return steps.length < 2 || lastsMs <= 0 ? null : stepOf(steps, lastsMs, intoMs);
}

/** A step as it stands where a cue would: “Hips high · 3 of 7”, “Step jack, 7”. */
export function stepText({ text, reps, n, of }: StepNow): string {
  if (reps !== null) return `${text}, ${reps}`;
  return `${text.replace(/\.$/, "")} · ${n} of ${of}`;
}
