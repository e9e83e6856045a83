/** Several moves in turn as one: made from a slot in a press, changed, and taken apart again. */
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import { setSlot, together } from "./commands";
import { type Dose, doseAt, type Slot } from "./document";
import type { SequenceEntry } from "./dose";
import type { Edit } from "./edits";

export const MOST_COMBINED = 4;
/** Letters of a name. */
const MOST_LETTERS = 120;
/** Of what is worked for a time each move gets about so long before the next one; a coaching choice of ours. */
const TURN_SECONDS = 10;
/** Reps with which a move joins where nothing else is said. */
const USUAL_REPS = 10;

/** What a slot is made of; empty where it is one move. */
export function entriesOf(slot: Slot): readonly SequenceEntry[] {
  return doseAt(slot, 0).sequence ?? [];
}

/** What the whole is called where nobody gave it a name: “Squat, step jack and plank”. */
export function combinedName(entries: readonly SequenceEntry[], book: MoveBook): string {
  const names = entries.map(({ move }, i) => {
    const { name } = resolveMove(move, book);
    return i === 0 ? name : name.charAt(0).toLowerCase() + name.slice(1);
  });
  const whole = `${names.slice(0, -1).join(", ")} and ${names.at(-1)}`;
  return whole.length <= MOST_LETTERS ? whole : `${names[0]} and ${names.length - 1} more`;
}

/** Reps of a move with which it joins others in a slot: as many as were set, or a turn of it. */
function repsOf({ repSeconds }: KnownMove, { reps, seconds, toLimit }: Dose): number {
  if (typeof reps === "number") return reps;
  if (reps) return reps.plan ?? reps.max;
  if (seconds === undefined && toLimit === undefined) return USUAL_REPS;
  return Math.max(1, Math.round(TURN_SECONDS / Math.max(1, repSeconds)));
}

/** The edit that makes a slot of these entries; its own name is kept. */
function made(slot: Slot, entries: readonly SequenceEntry[], book: MoveBook): Edit {
  const now = doseAt(slot, 0);
  const seconds = now.seconds ?? now.toLimit;
  const dose: Dose = { sequence: entries, ...(seconds === undefined ? {} : { seconds }) };
  const before = entriesOf(slot);
  const named = typeof slot.move === "string" ? null : slot.move.name;
  const isOwnName = before.length > 0 && named !== combinedName(before, book);
  return together(
    [
      ...(isOwnName ? [] : [setSlot(slot, "move", { name: combinedName(entries, book) })]),
      setSlot(slot, "dose", dose),
      // What is written for the one move isn't about the several.
      ...(slot.marks && before.length === 0 ? [setSlot(slot, "marks", undefined)] : []),
      ...(slot.load && before.length === 0 ? [setSlot(slot, "load", undefined)] : []),
    ],
    "combine",
  );
}

/** One more move in turn; null where it can't join: it, or what is there, is only a name, or there are four. */
export function combine(slot: Slot, move: KnownMove, book: MoveBook): Edit | null {
  const there = entriesOf(slot);
  const dose = doseAt(slot, 0);
  const id = move.id ?? move.like;
  if (!id || there.length >= MOST_COMBINED) return null;
  const joining = { move: id, reps: repsOf(move, dose) };
  if (there.length > 0) return made(slot, [...there, joining], book);
  const own = resolveMove(slot.move, book);
  const first = own.id ?? own.like;
  return first ? made(slot, [{ move: first, reps: repsOf(own, dose) }, joining], book) : null;
}

/** Other reps of one of the moves. */
export function setEntryReps(slot: Slot, index: number, reps: number, book: MoveBook): Edit {
  return made(
    slot,
    entriesOf(slot).map((entry, i) => (i === index ? { ...entry, reps } : entry)),
    book,
  );
}

/** One of the moves left out; the last one that stays is a slot like any other. */
export function dropEntry(slot: Slot, index: number, book: MoveBook): Edit {
  const left = entriesOf(slot).filter((_, i) => i !== index);
  const [only] = left;
  if (!only || left.length > 1) return made(slot, left, book);
  const { seconds } = doseAt(slot, 0);
  const dose: Dose = seconds === undefined ? { reps: only.reps } : { seconds };
  return together([setSlot(slot, "move", only.move), setSlot(slot, "dose", dose)], "combine");
}
