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

/** Names of moves as one: all of them, or the first ones and how many more there are. */
export type Joined = (names: readonly string[], more: number) => string;

/** The moves from which names are taken, and how they become one. */
export interface Naming {
  readonly book: MoveBook;
  readonly joined: Joined;
}

/** What the whole is called where nobody gave it a name: “Squat, step jack and plank”. */
export function combinedName(entries: readonly SequenceEntry[], { book, joined }: Naming): string {
  const names = entries.map(({ move }) => resolveMove(move, book).name);
  const whole = joined(names, 0);
  return whole.length <= MOST_LETTERS ? whole : joined(names.slice(0, 1), names.length - 1);
}

/** Reps of a move with which it joins others in a slot: as many as were set, or a turn of it. */
function repsOf({ repSeconds }: KnownMove, { reps, seconds, toLimit }: Dose): number {
  if (typeof reps === "number") return reps;
  if (reps) return reps.plan ?? reps.max;
  if (seconds === undefined && toLimit === undefined) return USUAL_REPS;
  return Math.max(1, Math.round(TURN_SECONDS / Math.max(1, repSeconds)));
}

/** The edit that makes a slot of these entries; its own name is kept. */
function made(slot: Slot, entries: readonly SequenceEntry[], naming: Naming): Edit {
  const now = doseAt(slot, 0);
  const seconds = now.seconds ?? now.toLimit;
  const dose: Dose = { sequence: entries, ...(seconds === undefined ? {} : { seconds }) };
  const before = entriesOf(slot);
  const named = typeof slot.move === "string" ? null : slot.move.name;
  const isOwnName = before.length > 0 && named !== combinedName(before, naming);
  return together(
    [
      ...(isOwnName ? [] : [setSlot(slot, "move", { name: combinedName(entries, naming) })]),
      setSlot(slot, "dose", dose),
      // What is written for the one move isn't about the several.
      ...(slot.marks && before.length === 0 ? [setSlot(slot, "marks", undefined)] : []),
      ...(slot.load && before.length === 0 ? [setSlot(slot, "load", undefined)] : []),
    ],
    "combine",
  );
}

/** One more move in turn; null where it can't join: it, or what is there, is only a name, or there are four. */
export function combine(slot: Slot, move: KnownMove, naming: Naming): Edit | null {
  const there = entriesOf(slot);
  const dose = doseAt(slot, 0);
  const id = move.id ?? move.like;
  if (!id || there.length >= MOST_COMBINED) return null;
  const joining = { move: id, reps: repsOf(move, dose) };
  if (there.length > 0) return made(slot, [...there, joining], naming);
  const own = resolveMove(slot.move, naming.book);
  const first = own.id ?? own.like;
  return first ? made(slot, [{ move: first, reps: repsOf(own, dose) }, joining], naming) : null;
}

/** Other reps of one of the moves. */
export function setEntryReps(slot: Slot, index: number, reps: number, naming: Naming): Edit {
  return made(
    slot,
    entriesOf(slot).map((entry, i) => (i === index ? { ...entry, reps } : entry)),
    naming,
  );
}

/** One of the moves left out; the last one that stays is a slot like any other. */
export function dropEntry(slot: Slot, index: number, naming: Naming): Edit {
  const left = entriesOf(slot).filter((_, i) => i !== index);
  const [only] = left;
  if (!only || left.length > 1) return made(slot, left, naming);
  const { seconds } = doseAt(slot, 0);
  const dose: Dose = seconds === undefined ? { reps: only.reps } : { seconds };
  return together([setSlot(slot, "move", only.move), setSlot(slot, "dose", dose)], "combine");
}
