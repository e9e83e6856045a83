/**
 * What one person does at an instant of a piece, where their own way differs in sides or time from what
 * the score sets: a one-sided way in a two-sided slot shares the piece's seconds, a two-sided way runs
 * through both turns of a slot that is done side by side, a level may stop early.
 */
import { type Dose, doseAt, type Slot, type Way, wayAt } from "../class/document";
import { pieceDoses } from "../class/dose-time";
import { type Segment, slotSides } from "../class/expand";
import type { Use } from "../homes/match";
import { type MoveBook, resolveMove } from "../moves/book";
import type { PartSet, PartSlot } from "../parts/part";
import { type Ms, otherSide, type Seconds, type Side, type Triple } from "../units";
import { type Span, spanTriple } from "../values/span";

export interface OwnMoment {
  /** The side of the person's own way now; null where both sides work. */
  readonly side: Side | null;
  /** The dose of this piece with the reps that are counted in it; the person's own where their level has one. */
  readonly dose: Dose;
  readonly reps: Triple | null;
  /** The reps are of each side, both in this piece. */
  readonly eachSide: boolean;
  /** Their level does fewer rounds: in this one they rest. */
  readonly rests: boolean;
  /** A hold where the class counts reps: seconds at a time, else null. */
  readonly holdSeconds: Seconds | null;
  /** Of a timed piece: about so many reps of each limb; null where that can't be told, or reps are counted. */
  readonly aboutReps: number | null;
  /** The things in use in this set. */
  readonly uses: readonly Use[];
  /** Lower-pause-lift-pause, where one is set. */
  readonly tempo: string | null;
  /** Where the sides share the piece: the first one's seconds. */
  readonly shareSeconds: Seconds | null;
  /** What comes before the piece is over, and how soon; null where nothing does, or it has been. */
  readonly soon: { readonly what: "change" | "stop"; readonly inMs: Ms } | null;
  /** Past the time at which their level stops. */
  readonly stopped: boolean;
}

/** The reps of this piece: the score has counted the slot's; a level's own are shared out in the same way. */
function repsOf(slot: Slot, level: Way | null, segment: Segment, book: MoveBook): Triple | null {
  if (level?.reps === undefined) return segment.reps ?? null;
  const sides = slotSides(slot, book);
  const pieces = pieceDoses({ reps: level.reps }, sides, slot.count ?? "each", 1);
  const second = sides === "inTurn" && segment.side !== (slot.firstSide ?? "left");
  return pieces[second ? 1 : 0]?.reps ?? null;
}

/** Where the sides share a piece: seconds of the first one, and when they change in the piece as long as it is now. */
function sideChange(
  own: PartSlot,
  segment: Segment,
  lengthMs: Ms,
): { shareSeconds: Seconds | null; changeMs: Ms | null } {
  if (!own.shares) return { shareSeconds: null, changeMs: null };
  const ownSeconds = Math.min(segment.end - segment.start, own.seconds ?? Number.POSITIVE_INFINITY);
  const shareSeconds = Math.ceil(ownSeconds / 2);
  const changeMs = Math.round(Math.min(lengthMs, ownSeconds * 1000) * (shareSeconds / ownSeconds));
  return { shareSeconds, changeMs };
}

/** Which comes first: the change of sides, or one's own stop. */
function soonOf(change: Ms | null, stop: Ms | null): OwnMoment["soon"] {
  if (change !== null && (stop === null || change < stop)) return { what: "change", inMs: change };
  return stop === null ? null : { what: "stop", inMs: stop };
}

/**
 * The moment `intoMs` into a piece of a slot that is now `lengthMs` long. `appearance`: see `appearanceOf`.
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
  const stopMs = own.seconds === null ? null : own.seconds * 1000;
  const stopped = stopMs !== null && intoMs >= stopMs;
  const stop = stopMs !== null && stopMs < lengthMs && !stopped ? stopMs - intoMs : null;
  const { shareSeconds, changeMs } = sideChange(own, segment, lengthMs);
  const changed = changeMs !== null && intoMs >= changeMs;
  const first = slot.firstSide ?? "left";
  const shared = changed ? otherSide(first) : first;
  const set = twoSided ? null : segment.side;
  const change = changeMs !== null && !changed ? changeMs - intoMs : null;
  return {
    ...counted(slot, own, segment, appearance, book),
    side: changeMs === null ? set : shared,
    shareSeconds,
    soon: soonOf(change, stop),
    stopped,
  };
}

/** What is counted, and in which tempo. A level's own numbers hold for who does just what it sets, and in every round. */
function counted(
  slot: Slot,
  own: PartSlot,
  segment: Segment,
  appearance: number,
  book: MoveBook,
): Omit<OwnMoment, "side" | "shareSeconds" | "soon" | "stopped"> {
  const dose = doseAt(slot, appearance);
  const level = own.status === "as-set" ? wayAt(slot, own.mark) : null;
  const set = own.sets?.[Math.min(appearance, own.sets.length - 1)];
  const fewer = ownFewer(set, level?.reps ?? dose.reps) ?? level;
  const { eachSide = false } = own;
  const holds = set !== undefined && set.reps === null && dose.reps !== undefined;
  return {
    dose: fewer?.reps === undefined ? dose : { reps: fewer.reps },
    reps: eachSide ? (set?.reps ?? null) : repsOf(slot, fewer, segment, book),
    eachSide,
    rests: own.rounds !== undefined && appearance >= own.rounds,
    holdSeconds: holds ? set.seconds : null,
    tempo: own.tempo ?? level?.tempo ?? (isPaced(slot, own, book) ? dose.tempo : null) ?? null,
    aboutReps: set && set.reps === null ? set.limbReps : null,
    uses: set?.uses ?? own.uses,
  };
}

/** Whether a slot's tempo is one for the own way: it is the set move, or has a lowering to do slowly. */
function isPaced(slot: Slot, { move }: PartSlot, book: MoveBook): boolean {
  return move === null || move === resolveMove(slot.move, book).id || book.get(move)?.phases !== undefined;
}

/** The own reps of a set that came down from what was set; null where they are as set. */
function ownFewer(set: PartSet | undefined, span: Span | undefined): Pick<Way, "reps"> | null {
  if (!set?.reps || span === undefined || set.reps.plan === spanTriple(span).plan) return null;
  return { reps: set.reps };
}
