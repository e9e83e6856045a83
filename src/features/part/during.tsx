"use client";
import { type ReactNode, useEffect, useRef } from "react";
import type { FailureCode } from "@/browser/api";
import { vibrate } from "@/browser/vibrate";
import { type ClassDoc, findSlot } from "@/core/class/document";
import type { Segment } from "@/core/class/expand";
import { type Mark, type Person, wantedMark } from "@/core/homes/home";
import type { SessionEvent } from "@/core/live/events";
import type { ClockState } from "@/core/live/fold";
import type { LiveScore } from "@/core/live/live-score";
import { type OwnMoment, ownMoment } from "@/core/live/own-moment";
import { equalsOf } from "@/core/live/picks";
import { positionOf } from "@/core/live/position";
import { stepNow, stepText } from "@/core/live/steps";
import { type KnownMove, type MoveBook, resolveMove } from "@/core/moves/book";
import { levelNote, type Part, type PartSlot } from "@/core/parts/part";
import { emergencyNumber } from "@/core/readiness/emergency";
import { appearanceOf } from "@/core/score/resolve";
import { otherSide, type Side } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { timeOfDay } from "@/features/live/time-of-day";
import { troubleText } from "@/features/live/trouble-text";
import { anotherText, fetchOf, type HurtState, hurtLine, ownCall, ownDose } from "@/words/own-words";
import { whyText } from "@/words/part-words";
import type { Words } from "@/words/words";
import { HearLate, type OwnCues, SoundSwitch } from "./hear-late";
import { Amounts } from "./own-amounts";
import { Equals, Levels } from "./own-choices";
import { Foot } from "./own-foot";
import { PartClock } from "./part-clock";
import { StopWords } from "./stop-words";
import type { Enter } from "./use-follow";
import { usePressed } from "./use-pressed";

interface Props {
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
  readonly lateMs: number;
  readonly keepLate: (ms: number) => void;
  readonly now: () => number;
  readonly enter: Enter;
}

/** What the person does in the piece that is shown: now, or at its start. */
function momentOf(
  { doc, score, state, book }: Props,
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
function usualHere({ person, doc, book }: Props, shown: Segment | null): Mark {
  const found = shown?.slot ? findSlot(doc, shown.slot) : null;
  return wantedMark(person, found ? resolveMove(found.slot.move, book).pattern : undefined);
}

function statusText({ reached, held, state, lateMs }: Props): string {
  if (!reached) return "no connection: the clock goes on";
  if (held) return troubleText(reached, held) ?? "";
  if (state.phase === "paused") return "paused";
  const ends = state.projectedEndMs ? `ends ${timeOfDay(state.projectedEndMs + lateMs)}` : "";
  return lateMs > 0 ? `${ends} · ${(lateMs / 1000).toFixed(1)} s later` : ends;
}

/** The move that a slot sets, also one that is given by name. */
function setMoveOf(doc: ClassDoc, own: PartSlot | undefined, book: MoveBook): KnownMove | undefined {
  const found = own && own.status !== "unmet" ? findSlot(doc, own.slot) : null;
  return found ? resolveMove(found.slot.move, book) : undefined;
}

/** The step that is on, of who does the slot's own move. */
function stepOf(
  { doc, state, book }: Pick<Props, "doc" | "state" | "book">,
  own: PartSlot | undefined,
  shown: Segment | null,
): string | null {
  const found = own && shown?.slot ? findSlot(doc, shown.slot) : null;
  if (!found || !own || !shown) return null;
  const set = resolveMove(found.slot.move, book);
  if (own.status === "unmet" || own.move !== set.id) return null;
  const step = stepNow(found.slot, set, shown, state.intoMs, state.lengthMs, book);
  return step && stepText(step);
}

/** Their own call before any cue; nothing of it while it hurts. */
function toldNow(
  { person, doc, book, state, words }: Props & { readonly words: Words },
  own: PartSlot | undefined,
  shown: Segment | null,
  moment: OwnMoment | null,
  working: boolean,
  done: boolean,
): ReactNode {
  if (working && state.waitedMs > 0) return "Time. Your instructor says when it goes on.";
  if (done) return "Done: breathe, shake it out.";
  const call = working ? ownCall(moment, person, words) : null;
  if (call) return <b>{call}</b>;
  const move = own?.move ? book.get(own.move) : setMoveOf(doc, own, book);
  return (
    (own && levelNote(own)) ??
    (working ? stepOf({ doc, state, book }, own, shown) : null) ??
    move?.cues?.[0] ??
    ""
  );
}

/** Why somebody does other than what is set; nothing where they do just that, or what they chose. */
function changedText(own: PartSlot | undefined, words: Words): ReactNode {
  return own && own.status !== "as-set" && equalsOf(own).length === 0 ? whyText(own, words) : null;
}

/** Whether it is reps that the person does now, which may be done before the time is over. */
const isCounted = (own: PartSlot | undefined, moment: OwnMoment | null) =>
  (own?.reps ?? moment?.reps ?? null) !== null;

/** What is felt of a phone on the floor: work begins, work is over. */
const FELT = { work: [180], rest: [60, 80, 60] } as const;

/** The phone shakes at the change from work to rest and back, not where one has just opened it. */
function useFelt({ phase, index }: ClockState, working: boolean): void {
  const last = useRef<number | null>(null);
  useEffect(() => {
    if (phase !== "running") return;
    if (last.current !== null && last.current !== index) vibrate(FELT[working ? "work" : "rest"]);
    last.current = index;
  }, [phase, index, working]);
}

/** During a class: the count, the move, the cue, what comes next, and what one can say. */
export function During(props: Props) {
  const words = useWords();
  const { token, person, doc, score, part, state, mark, enter } = props;
  const { segment, working, shown, otherSide: follows, next: after } = positionOf(score, state);
  const slotOf = (piece: Segment | null, of = part) => of.slots.find((slot) => slot.slot === piece?.slot);
  const [own, next] = [slotOf(shown), slotOf(after)];
  const block = doc.blocks.find((entry) => entry.id === (shown ?? segment)?.block);
  const moment = momentOf(props, own, shown, working);
  // The side that follows is their own way's: one that works both sides has none.
  const side = moment?.side ?? null;
  const turns = follows !== null || moment?.soon?.what === "change";
  const pressed = usePressed(state.index, shown, own, slotOf(shown, props.easier), enter);
  const done = working && pressed.done;
  const why = props.easing ? "Easier for this round, since you came late." : changedText(own, words);
  useFelt(state, working);
  return (
    <main
      className="night flex min-h-dvh flex-col bg-night px-5 pt-3 text-night-text lying:grid lying:grid-cols-[minmax(0,1fr)_minmax(9rem,32%)] lying:gap-x-4"
      data-phase={state.phase}
      data-index={state.index}
    >
      <div className="flex grow flex-col pb-3">
        <p className="flex flex-wrap justify-between gap-x-3 text-[15px] text-night-quiet">
          <span>
            {block?.title}
            {shown?.round ? ` · round ${shown.round}` : ""}
          </span>
          <span role="status">{statusText(props)}</span>
        </p>
        {props.other && (
          <a className="mt-1 border-2 border-night-text px-2 py-1 text-center font-bold" href={`/p/${token}`}>
            Another class was opened: go to it
          </a>
        )}
        <PartClock state={state} segment={segment} working={working} side={side} />
        <h1 className="mt-2 text-[min(40px,11vw)] font-extrabold leading-none [overflow-wrap:anywhere] lying:text-[min(40px,11vh)]">
          {!working && <span className="text-night-quiet">next </span>}
          {own ? own.name : (block?.title ?? "")}
        </h1>
        <Amounts dose={ownDose(own, moment, person, words)} />
        <ToldNow
          hurt={props.hurt}
          country={person.country}
          own={own}
          answer={pressed.answer && anotherText(pressed.answer, words)}
          told={toldNow({ ...props, words }, own, shown, moment, working, done)}
        />
        {why && <p className="mt-1 text-base text-night-quiet">{why}</p>}
        <Equals own={own} enter={enter} />
        <Levels mark={mark ?? usualHere(props, shown)} enter={enter} />
        <div className="mt-3 flex flex-wrap justify-between gap-3">
          <HearLate
            score={score}
            events={props.events}
            now={props.now}
            lateMs={props.lateMs}
            onLate={props.keepLate}
          />
          <SoundSwitch cues={props.cues} />
        </div>
        <StopWords country={person.country} />
      </div>
      <Foot hurt={props.hurt} pressed={pressed} canBeDone={working && isCounted(own, moment)}>
        <NextLine working={working} then={side && turns ? otherSide(side) : null} next={next?.name} />
        <p className="text-base text-night-quiet">{fetchOf(own, next, person, words)}</p>
      </Foot>
    </main>
  );
}

function NextLine(props: {
  readonly working: boolean;
  readonly then: Side | null;
  readonly next: string | undefined;
}) {
  const { working, then, next } = props;
  return (
    <p className="text-[min(24px,7vw)] leading-tight lying:text-[min(24px,7vh)]">
      {then ? (
        <>
          <span className="text-night-quiet">then </span>
          <b>{then}</b>
          <span className="text-night-quiet"> · </span>
        </>
      ) : null}
      {next && (
        <>
          <span className="text-night-quiet">{working ? "next " : "then "}</span>
          <b>{next}</b>
        </>
      )}
    </p>
  );
}

/** What stands under the move: that it hurts before anything else, then what this person is told now. */
function ToldNow({
  hurt,
  country,
  own,
  answer,
  told,
}: {
  readonly hurt: HurtState;
  readonly country: string | undefined;
  readonly own: PartSlot | undefined;
  /** To what was pressed: said at once, and before the cue. */
  readonly answer: string | null;
  readonly told: ReactNode;
}) {
  const words = useWords();
  return hurt.pressed ? (
    <div className="mt-3 border-l-[10px] border-stop pl-3" role="alert">
      <p className="text-2xl font-bold leading-snug">{hurtLine(hurt, words)}</p>
      <p className="text-base leading-snug">
        {words.phrase("own", "hurtCard", { number: emergencyNumber(country) ?? "none" })}
      </p>
    </div>
  ) : (
    // Where one's own calls will stand here: as high as two lines, so that what can be pressed stays put.
    <p
      role={answer ? "status" : undefined}
      className={`mt-3 text-2xl leading-snug ${own?.shares || own?.seconds ? "min-h-[66px]" : ""}`}
    >
      {answer ?? told}
    </p>
  );
}
