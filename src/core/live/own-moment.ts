/**
 * What one person does at an instant of a piece, where their own way differs in sides or time from what
 * the score sets: a one-sided way in a two-sided slot shares the piece's seconds, a two-sided way runs
 * through both turns of a slot that is done side by side, a level may stop early.
 */
import { doseAt, type Slot } from "../class/document";
import { amountText } from "../class/dose-text";
import { pieceDoses } from "../class/dose-time";
import { tempoWords } from "../class/tempo";
import { type MoveBook, resolveMove } from "../moves/book";
import type { PartSlot } from "../parts/part";
import { type Segment, slotSides } from "../score/expand";
import { type Ms, otherSide, type Seconds, type Side, type Triple } from "../units";

export interface OwnMoment {
  /** The side of the person's own way now; null where both sides work. */
  readonly side: Side | null;
  /** Reps of this piece: of the slot's dose of this round, or of the person's level; null for timed ones. */
  readonly reps: Triple | null;
  /** What is counted and how slowly, in words; empty where only time is, and where no tempo is set. */
  readonly amount: string;
  readonly tempo: string;
  /** Where the sides share the piece: the first one's seconds. */
  readonly shareSeconds: Seconds | null;
  /** What comes before the piece is over, and how soon; null where nothing does, or it has been. */
  readonly soon: { readonly what: "change" | "stop"; readonly inMs: Ms } | null;
  /** Past the time at which their level stops. */
  readonly stopped: boolean;
}

/** How many times a slot came before the segment at `index`, and so which of its doses holds there. */
export function appearanceAt(segments: readonly Segment[], index: number): number {
  const here = segments[index];
  const rounds = new Set<number | null>();
  for (let i = 0; i < index; i += 1) {
    const other = segments[i];
    if (other?.kind === "work" && other.slot === here?.slot && other.round !== here?.round)
      rounds.add(other.round);
  }
  return rounds.size;
}

function repsOf(slot: Slot, own: PartSlot, segment: Segment, appearance: number, book: MoveBook) {
  if (!own.reps || !segment.reps) return own.reps;
  const first = doseAt(slot, 0).reps;
  const set = first === undefined ? null : pieceDoses({ reps: first }, "both", "total", 1)[0]?.reps;
  const { min, plan, max } = own.reps;
  // A level's own reps hold in every round; else those that the score has counted for this piece.
  if (set && set.min === min && set.plan === plan && set.max === max) return segment.reps;
  const sides = slotSides(slot, book);
  const pieces = pieceDoses({ ...doseAt(slot, appearance), reps: own.reps }, sides, slot.count ?? "each", 1);
  const second = sides === "inTurn" && segment.side !== (slot.firstSide ?? "left");
  return pieces[second ? 1 : 0]?.reps ?? own.reps;
}

/**
 * The moment `intoMs` into a piece of a slot that is now `lengthMs` long. `appearance`: see `appearanceAt`.
 * Where the sides share the piece they change at half of what was planned (or of what their level does of
 * it), however much is added to it, and sooner in proportion where it was shortened.
 */
export function ownMoment(
  slot: Slot,
  own: PartSlot,
  segment: Segment,
  appearance: number,
  intoMs: Ms,
  lengthMs: Ms,
  book: MoveBook,
): OwnMoment {
  const base = resolveMove(slot.move, book);
  const move = own.move === null ? undefined : book.get(own.move);
  const isBase = move === undefined || own.move === base.id;
  const twoSided = !isBase && (move.sides ?? "both") !== "inTurn";
  const reps = repsOf(slot, own, segment, appearance, book);
  const dose = doseAt(slot, appearance);
  const level = own.status === "as-set" && own.mark !== "natural" ? slot.marks?.[own.mark] : undefined;
  const amount = amountText(level?.reps === undefined ? dose : { reps: level.reps }, reps);
  const tempo = tempoWords(level?.tempo ?? dose.tempo);
  const stopMs = own.seconds === null ? null : own.seconds * 1000;
  const stopped = stopMs !== null && intoMs >= stopMs;
  const stop = stopMs !== null && stopMs < lengthMs && !stopped ? stopMs - intoMs : null;
  const planned = segment.end - segment.start;
  const shareSeconds = own.shares ? Math.ceil(Math.min(planned, own.seconds ?? planned) / 2) : null;
  const changeMs =
    shareSeconds === null
      ? null
      : Math.min(shareSeconds * 1000, Math.ceil((lengthMs * shareSeconds) / planned));
  const changed = changeMs !== null && intoMs >= changeMs;
  const first = slot.firstSide ?? "left";
  const side = changeMs === null ? (twoSided ? null : segment.side) : changed ? otherSide(first) : first;
  const change = changeMs !== null && !changed ? changeMs - intoMs : null;
  const soon =
    change !== null && (stop === null || change < stop)
      ? { what: "change" as const, inMs: change }
      : stop !== null
        ? { what: "stop" as const, inMs: stop }
        : null;
  return { side, reps, amount, tempo, shareSeconds, soon, stopped };
}
