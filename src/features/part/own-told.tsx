/** What a phone tells its person of the moment: their move, their count, why, and how it stands. */
import type { ReactNode } from "react";
import type { FailureCode } from "@/browser/api";
import { type ClassDoc, findSlot } from "@/core/class/document";
import type { Segment } from "@/core/class/expand";
import { type Mark, type Person, wantedMark } from "@/core/homes/home";
import type { SetChange } from "@/core/live/event-kinds";
import type { SessionEvent } from "@/core/live/events";
import type { ClockState } from "@/core/live/fold";
import type { LiveScore } from "@/core/live/live-score";
import { changeBetween } from "@/core/live/next-set";
import { type OwnMoment, ownMoment } from "@/core/live/own-moment";
import { equalsOf } from "@/core/live/picks";
import { stepNow } from "@/core/live/steps";
import { type KnownMove, type MoveBook, resolveMove } from "@/core/moves/book";
import { levelNote, type Part, type PartSlot } from "@/core/parts/part";
import { appearanceOf } from "@/core/score/resolve";
import { timeOfDay } from "@/features/live/time-of-day";
import { CHANGE_KEY, stepText } from "@/words/live-words";
import { type HurtState, ownCall } from "@/words/own-words";
import { whyText } from "@/words/part-words";
import type { Words } from "@/words/words";
import type { OwnCues } from "./hear-late";
import type { Enter } from "./use-follow";
import type { OwnCounting } from "./use-own-count";

/** All that a phone shows during a class. */
export interface DuringProps {
  readonly token: string;
  readonly person: Person;
  /** The class as it is done, with moves that were changed. */
  readonly doc: ClassDoc;
  readonly score: LiveScore;
  readonly book: MoveBook;
  readonly part: Part;
  /** The same person's at their easier level. */
  readonly easier: Part;
  readonly state: ClockState;
  readonly events: readonly SessionEvent[];
  readonly mark: Mark | null;
  /** Came late, and takes the first round easier. */
  readonly easing: boolean;
  readonly other: boolean;
  readonly reached: boolean;
  readonly held: FailureCode | null;
  readonly hurt: HurtState;
  readonly cues: OwnCues;
  readonly counting: OwnCounting;
  /** Slots of whose first set they said how many more there were. */
  readonly said: ReadonlySet<string>;
  /** What became of their next set then, by slot. */
  readonly changes: ReadonlyMap<string, SetChange>;
  readonly lateMs: number;
  /** This device's clock lies within so many ms of the server's; null while it isn't known. */
  readonly within: number | null;
  readonly keepLate: (ms: number) => void;
  readonly now: () => number;
  readonly enter: Enter;
}

/** What the person does in the piece that is shown: now, or at its start. */
export function momentOf(
  { doc, score, state, book }: DuringProps,
  own: PartSlot | undefined,
  shown: Segment | null,
  working: boolean,
): OwnMoment | null {
  const found = shown?.slot ? findSlot(doc, shown.slot) : null;
  if (!own || !shown || !found) return null;
  const index = score.segments.indexOf(shown);
  const appearance = appearanceOf(score.segments, shown);
  const [intoMs, lengthMs] = working ? [state.intoMs, state.lengthMs] : [0, state.lengths[index] ?? 0];
  return ownMoment(found.slot, own, shown, appearance, intoMs, lengthMs, book);
}

/** The person's own level in the piece that is shown, whatever level the way is that they do. */
export function usualHere({ person, doc, book }: DuringProps, shown: Segment | null): Mark {
  const found = shown?.slot ? findSlot(doc, shown.slot) : null;
  return wantedMark(person, found ? resolveMove(found.slot.move, book).pattern : undefined);
}

export function statusText({ reached, held, state, lateMs }: DuringProps, words: Words): string {
  if (!reached) return words.phrase("part", "noConnection");
  if (held === "offline") return words.phrase("part", "screenKeepsTime");
  if (held) return words.phrase("part", held === "full" ? "serverFull" : "serverBusy");
  if (state.phase === "paused") return words.phrase("part", "paused");
  const { projectedEndMs } = state;
  const ends = projectedEndMs
    ? words.phrase("part", "ends", { time: timeOfDay(projectedEndMs + lateMs) })
    : "";
  const later = words.phrase("part", "later", { seconds: words.number(lateMs / 1000, 1) });
  return lateMs > 0 ? `${ends} · ${later}` : ends;
}

/** The move that a slot sets, also one that is given by name. */
function setMoveOf(doc: ClassDoc, own: PartSlot | undefined, book: MoveBook): KnownMove | undefined {
  const found = own && own.status !== "unmet" ? findSlot(doc, own.slot) : null;
  return found ? resolveMove(found.slot.move, book) : undefined;
}

/** The step that is on, of who does the slot's own move. */
function stepOf(
  { doc, state, book }: Pick<DuringProps, "doc" | "state" | "book">,
  own: PartSlot | undefined,
  shown: Segment | null,
  words: Words,
): string | null {
  const found = own && shown?.slot ? findSlot(doc, shown.slot) : null;
  if (!found || !own || !shown) return null;
  const set = resolveMove(found.slot.move, book);
  if (own.status === "unmet" || own.move !== set.id) return null;
  const step = stepNow(found.slot, set, shown, state.intoMs, state.lengthMs, book);
  return step && stepText(step, words);
}

/** Before a set that is another than the last of the slot: whether it is heavier or lighter, more or fewer; null where it is the same. */
function nextSetText(
  own: PartSlot | undefined,
  shown: Segment | null,
  { score }: DuringProps,
  words: Words,
): string | null {
  const index = own && shown ? appearanceOf(score.segments, shown) : 0;
  if (!own?.sets || index === 0) return null;
  const change = changeBetween(own.sets[index - 1], own.sets[index]);
  return change === "same"
    ? null
    : words.phrase("own", "nextSet", { change: CHANGE_KEY[change], set: "none" });
}

/** Their own call before any cue; nothing of it while it hurts. */
export function toldNow(
  props: DuringProps & { readonly words: Words },
  own: PartSlot | undefined,
  shown: Segment | null,
  moment: OwnMoment | null,
  working: boolean,
  done: boolean,
): ReactNode {
  const { person, doc, book, state, words } = props;
  if (working && state.waitedMs > 0) return words.phrase("part", "waiting");
  if (done) return words.phrase("part", "doneBreathe");
  const call = working ? ownCall(moment, person, words) : nextSetText(own, shown, props, words);
  if (call) return <b>{call}</b>;
  const move = own?.move ? book.get(own.move) : setMoveOf(doc, own, book);
  return (
    (own && levelNote(own)) ??
    (working ? stepOf({ doc, state, book }, own, shown, words) : null) ??
    move?.cues?.[0] ??
    ""
  );
}

/** Why somebody does other than what is set; nothing where they do just that, or what they chose. */
export function changedText(own: PartSlot | undefined, words: Words): ReactNode {
  return own && own.status !== "as-set" && equalsOf(own).length === 0 ? whyText(own, words) : null;
}

/** Whether it is reps that the person does now, which may be done before the time is over. */
export const isCounted = (own: PartSlot | undefined, moment: OwnMoment | null) =>
  (own?.reps ?? moment?.reps ?? null) !== null;
