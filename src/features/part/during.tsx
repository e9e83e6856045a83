"use client";
import { useEffect, useRef } from "react";
import { vibrate } from "@/browser/vibrate";
import type { Block } from "@/core/class/document";
import type { Segment } from "@/core/class/expand";
import type { ClockState } from "@/core/live/fold";
import { positionOf } from "@/core/live/position";
import { otherSide, type Side } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { ClockWithin } from "@/features/live/clock-within";
import { anotherText, fetchOf, ownDose } from "@/words/own-words";
import type { Words } from "@/words/words";
import { AskMore } from "./ask-more";
import { CountHere, HearLate, SoundSwitch } from "./hear-late";
import { Amounts } from "./own-amounts";
import { Equals, Levels } from "./own-choices";
import { Foot } from "./own-foot";
import {
  changedText,
  type DuringProps,
  isCounted,
  momentOf,
  statusText,
  toldNow,
  usualHere,
} from "./own-told";
import { PartClock } from "./part-clock";
import { StopWords } from "./stop-words";
import { ToldNow } from "./told-now";
import { useOwnCountView } from "./use-own-count";
import { usePressed } from "./use-pressed";

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
export function During(props: DuringProps) {
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
  const why = props.easing ? words.phrase("part", "easing") : changedText(own, words);
  useFelt(state, working);
  const count = useOwnCountView(props, state, props.counting);
  return (
    <main
      className="night flex min-h-dvh flex-col bg-night px-5 pt-3 text-night-text lying:grid lying:grid-cols-[minmax(0,1fr)_minmax(9rem,32%)] lying:gap-x-4"
      data-phase={state.phase}
      data-index={state.index}
    >
      <div className="flex grow flex-col pb-3">
        <p className="flex flex-wrap justify-between gap-x-3 text-[15px] text-night-quiet">
          <span>{roundText(block, shown, words)}</span>
          <span role="status">{statusText(props, words)}</span>
        </p>
        {props.other && (
          <a className="mt-1 border-2 border-night-text px-2 py-1 text-center font-bold" href={`/p/${token}`}>
            {words.phrase("part", "another")}
          </a>
        )}
        <PartClock state={state} segment={segment} working={working} side={side} count={count.view} />
        <h1 className="mt-2 text-[min(40px,11vw)] font-extrabold leading-none [overflow-wrap:anywhere] lying:text-[min(40px,11vh)]">
          {!working && <span className="text-night-quiet">{words.phrase("part", "next")} </span>}
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
        <AskMore {...props} />
        {why && <p className="mt-1 text-base text-night-quiet">{why}</p>}
        <Equals own={own} enter={enter} />
        <Levels mark={mark ?? usualHere(props, shown)} enter={enter} />
        <Hearing {...props} counts={count.counts} />
        <StopWords country={person.country} />
        <ClockWithin within={props.within} />
      </div>
      <Foot hurt={props.hurt} pressed={pressed} canBeDone={working && isCounted(own, moment)}>
        <NextLine working={working} then={side && turns ? otherSide(side) : null} next={next?.name} />
        <p className="text-base text-night-quiet">{fetchOf(own, next, person, words)}</p>
      </Foot>
    </main>
  );
}

/** The block, and which round of it. */
function roundText(block: Block | undefined, shown: Segment | null, words: Words): string {
  const title = block?.title ?? "";
  return shown?.round ? words.phrase("part", "roundOf", { block: title, n: shown.round }) : title;
}

/** How late one hears the instructor, where one's own count begins, and sounds. */
function Hearing(props: DuringProps & { readonly counts: boolean }) {
  const { score, events, now, lateMs, keepLate, counting, state } = props;
  return (
    <div className="mt-3 flex flex-wrap justify-between gap-3">
      <HearLate score={score} events={events} now={now} lateMs={lateMs} onLate={keepLate} />
      {props.counts && <CountHere onPress={() => counting.begin(state.index, state.intoMs)} />}
      <SoundSwitch cues={props.cues} />
    </div>
  );
}

function NextLine(props: {
  readonly working: boolean;
  readonly then: Side | null;
  readonly next: string | undefined;
}) {
  const words = useWords();
  const { working, then, next } = props;
  return (
    <p className="text-[min(24px,7vw)] leading-tight lying:text-[min(24px,7vh)]">
      {then ? (
        <>
          <span className="text-night-quiet">{words.phrase("part", "then")} </span>
          <b>{words.name("side", then)}</b>
          <span className="text-night-quiet"> · </span>
        </>
      ) : null}
      {next && (
        <>
          <span className="text-night-quiet">{words.phrase("part", working ? "next" : "then")} </span>
          <b>{next}</b>
        </>
      )}
    </p>
  );
}
