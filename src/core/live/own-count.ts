/** The count of one person's own way: their move, their reps, their tempo, their sides. */
import { type ClassDoc, type Dose, findSlot, type Slot } from "../class/document";
import { repSecondsOf } from "../class/dose-time";
import { type Segment, slotSides } from "../class/expand";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import type { Part, PartSlot } from "../parts/part";
import { appearanceOf } from "../score/resolve";
import { type Ms, otherSide, type Side } from "../units";
import { type Counted, countedOf, type Rep, repsOf } from "./count";
import { type CountCue, countCues } from "./count-now";
import type { LiveScore } from "./live-score";
import { type OwnMoment, ownMoment } from "./own-moment";

/** What is counted of an own way; null where nothing is: a hold, a rest, a ladder that they don't do. */
function ownCounted(
  slot: Slot,
  own: PartSlot,
  moment: OwnMoment,
  segment: Segment,
  book: MoveBook,
): Counted | null {
  const set = resolveMove(slot.move, book);
  const move: KnownMove | undefined = own.move === null ? set : book.get(own.move);
  if (!move || own.status === "unmet" || moment.rests || moment.holdSeconds !== null) return null;
  const isSet = own.move === null || own.move === set.id;
  const base = countedOf(slot, segment, book);
  // What is made of more than reps is the set move's own.
  if (moment.dose.reps === undefined) return isSet && moment.tempo === base.tempo ? base : null;
  const dose = ownPace(moment, isSet);
  const sides = isSet ? slotSides(slot, book) : (move.sides ?? "both");
  return {
    dose,
    reps: moment.reps?.plan ?? null,
    repSeconds: repSecondsOf(dose, move.repSeconds),
    tempo: moment.tempo,
    phases: move.phases,
    alternates: sides === "alternating" ? (slot.firstSide ?? "left") : null,
    each: isSet && base.each,
  };
}

/** A dose of reps at one's own tempo; the seconds of a rep that the slot sets are those of its move. */
function ownPace({ dose, tempo }: OwnMoment, isSet: boolean): Dose {
  const { reps = 0, then, repSeconds } = dose;
  const after = then && isSet ? { then } : {};
  if (tempo !== null) return { reps, tempo, ...after };
  return isSet && repSeconds !== undefined ? { reps, repSeconds, ...after } : { reps, ...after };
}

/** Each side by itself within one piece: the same count twice, the second from the change on. */
function onBothSides(reps: readonly Rep[], first: Side, changeMs: Ms, lengthMs: Ms): readonly Rep[] {
  const sided = (side: Side, fromMs: Ms) =>
    reps.map((rep) => ({ ...rep, side, startMs: rep.startMs + fromMs }));
  const ends = ({ startMs, lastsMs }: Rep) => startMs + lastsMs;
  return [
    ...sided(first, 0).filter((rep) => ends(rep) <= changeMs),
    ...sided(otherSide(first), changeMs).filter((rep) => ends(rep) <= lengthMs),
  ];
}

/** A person's own count in a piece: its reps, and whether a tempo was set. */
export interface OwnCount {
  readonly reps: readonly Rep[];
  readonly slow: boolean;
}
const NOTHING: OwnCount = { reps: [], slow: false };

/** What a person counts in the piece at `index` while it is `lengthMs` long, from the first rep on. */
export function ownCount(
  doc: ClassDoc,
  score: LiveScore,
  part: Part,
  index: number,
  lengthMs: Ms,
  book: MoveBook,
): OwnCount {
  const segment = score.segments[index];
  const own = part.slots.find(({ slot }) => slot === segment?.slot);
  const slot = segment?.kind === "work" && segment.slot ? findSlot(doc, segment.slot)?.slot : undefined;
  if (!segment || !own || !slot) return NOTHING;
  const appearance = appearanceOf(score.segments, segment);
  const moment = ownMoment(slot, own, segment, appearance, 0, lengthMs, book);
  const counted = ownCounted(slot, own, moment, segment, book);
  if (!counted) return NOTHING;
  const untilMs = score.timings[index]?.waits ? Number.POSITIVE_INFINITY : lengthMs;
  const stopMs = own.seconds === null ? untilMs : Math.min(untilMs, own.seconds * 1000);
  const reps = repsOf(counted, stopMs, book);
  const slow = counted.tempo !== null;
  const change = moment.soon?.what === "change" ? moment.soon.inMs : null;
  if (!moment.eachSide || change === null || moment.side === null) return { reps, slow };
  return { reps: onBothSides(reps, moment.side, change, stopMs), slow };
}

/** What is heard of it, ms into the piece. */
export function ownCountCues(count: OwnCount): readonly CountCue[] {
  return countCues(count.reps, count.slow);
}
