"use client";
/** A block at one's own pace on a phone: done, one's own rest, the next set, as far as the time of the block goes. */
import { useEffect, useRef } from "react";
import { vibrate } from "@/browser/vibrate";
import type { ClockState } from "@/core/live/fold";
import { ownSetToAsk } from "@/core/live/next-set";
import type { OwnPlace } from "@/core/live/own-pace";
import { shownState, WARNING_MS } from "@/core/live/runs";
import type { Part } from "@/core/parts/part";
import { useWords } from "@/features/language/use-words";
import { ClockWithin } from "@/features/live/clock-within";
import { anotherText, fetchOf, ownDose } from "@/words/own-words";
import type { Words } from "@/words/words";
import { AskOf } from "./ask-more";
import { CountHere, SoundSwitch } from "./hear-late";
import { Amounts } from "./own-amounts";
import { Equals, Levels } from "./own-choices";
import { Foot } from "./own-foot";
import { changedText, type DuringProps, momentOf, statusText, toldNow, usualHere } from "./own-told";
import { PartClock } from "./part-clock";
import { StopWords } from "./stop-words";
import { ToldNow } from "./told-now";
import { useOwnCountView } from "./use-own-count";
import { usePressed } from "./use-pressed";

const FELT = { set: [180], rest: [60, 80, 60], "all-done": [60, 80, 60] } as const;

/** The phone shakes when one's own rest begins and when it is over. */
function useFelt({ doing, at }: OwnPlace): void {
  const key = `${doing} ${at}`;
  const last = useRef(key);
  useEffect(() => {
    if (last.current !== key) vibrate(FELT[doing]);
    last.current = key;
  }, [key, doing]);
}

/** The state as if the set that is worked or comes were the present piece: so counts, cues and sides are its own. */
function setState({ sets, at, intoMs }: OwnPlace, state: ClockState): ClockState {
  const set = sets[at] ?? sets.at(-1);
  if (!set) return state;
  const leftMs = Math.max(0, set.workMs - intoMs);
  return { ...state, index: set.index, intoMs, lengthMs: set.workMs, leftMs, waitedMs: 0, countFromMs: 0 };
}

/** What the bar shows: one's own rest or the seconds of a timed set, else how much the block has left. */
function barOf({ doing, leftMs, lengthMs }: OwnPlace, block: ClockState, words: Words) {
  const own = { ...block, leftMs, lengthMs, intoMs: lengthMs - leftMs };
  if (doing === "rest") return { state: own, working: false, word: words.name("segment", "rest") };
  if (doing === "set" && lengthMs > 0) return { state: own, working: true, word: "" };
  return { state: block, working: doing === "set", word: words.phrase("own", "leftInBlock") };
}

/** What comes before any cue: that time is running out, or that all is done. */
function callOf({ doing, cut }: OwnPlace, { leftMs }: ClockState, words: Words): string | null {
  if (doing === "all-done") return words.phrase("own", "through");
  if (leftMs <= WARNING_MS) return words.phrase("own", "lastMinute");
  return cut > 0 ? words.phrase("own", "cut", { n: cut }) : null;
}

type OwnProps = DuringProps & { readonly place: OwnPlace };

/** The set that is worked or comes, as this person does it. */
function useOwnSet(props: OwnProps) {
  const { score, part, easier, enter, place, counting } = props;
  const { sets, at, doing } = place;
  const set = sets[at] ?? null;
  const slotOf = (of: Part, slot: string | undefined) => of.slots.find((each) => each.slot === slot);
  const [own, next] = [slotOf(part, set?.slot), slotOf(part, sets[at + 1]?.slot)];
  const piece = set ? (score.segments[set.index] ?? null) : null;
  const working = doing === "set";
  const mine: DuringProps = { ...props, state: setState(place, props.state) };
  const moment = momentOf(mine, own, piece, working);
  const pressed = usePressed(mine.state.index, piece, own, slotOf(easier, set?.slot), enter);
  const count = useOwnCountView(mine, mine.state, counting);
  return { set, own, next, piece, working, mine, moment, pressed, count };
}
type OwnSetNow = ReturnType<typeof useOwnSet>;

export function OwnPaceScreen(props: OwnProps) {
  const words = useWords();
  const { token, person, doc, score, enter, place } = props;
  const now = useOwnSet(props);
  const { set, own, next } = now;
  const block = shownState(score.runs, props.state);
  const bar = barOf(place, block, words);
  const at = score.segments[props.state.index]?.block;
  const title = doc.blocks.find(({ id }) => id === at)?.title ?? "";
  useFelt(place);
  const onDone = () => set && enter("done", { slot: set.slot, round: set.round });
  return (
    <main
      className="night flex min-h-dvh flex-col bg-night px-5 pt-3 text-night-text lying:grid lying:grid-cols-[minmax(0,1fr)_minmax(9rem,32%)] lying:gap-x-4"
      data-phase={props.state.phase}
      data-index={props.state.index}
      data-own={place.doing}
    >
      <div className="flex grow flex-col pb-3">
        <p className="flex flex-wrap justify-between gap-x-3 text-[15px] text-night-quiet">
          <span>{[title, whereText(place, words)].filter(Boolean).join(" · ")}</span>
          <span role="status">{statusText(props, words)}</span>
        </p>
        {props.other && (
          <a className="mt-1 border-2 border-night-text px-2 py-1 text-center font-bold" href={`/p/${token}`}>
            {words.phrase("part", "another")}
          </a>
        )}
        <PartClock {...bar} segment={null} side={null} count={now.working ? now.count.view : null} />
        <h1 className="mt-2 text-[min(40px,11vw)] font-extrabold leading-none [overflow-wrap:anywhere] lying:text-[min(40px,11vh)]">
          {place.doing === "rest" && (
            <span className="text-night-quiet">{words.phrase("part", "next")} </span>
          )}
          {own?.name ?? whereText(place, words)}
        </h1>
        <TheSet {...props} here={now} call={callOf(place, block, words)} />
        <StopWords country={person.country} />
        <ClockWithin within={props.within} />
      </div>
      <Foot
        hurt={props.hurt}
        pressed={{ ...now.pressed, done: false, onDone }}
        canBeDone={set !== null}
        doneText={doneText(place, words)}
      >
        <p className="text-[min(24px,7vw)] leading-tight lying:text-[min(24px,7vh)]">
          {next && (
            <>
              <span className="text-night-quiet">{words.phrase("part", "then")} </span>
              <b>{next.name}</b>
            </>
          )}
        </p>
        <p className="text-base text-night-quiet">{fetchOf(own, next, person, words)}</p>
      </Foot>
    </main>
  );
}

/** How much of what, what is told of it, and what can be said. */
function TheSet(props: OwnProps & { readonly here: OwnSetNow; readonly call: string | null }) {
  const words = useWords();
  const { person, part, mark, enter, place, call, counting, here } = props;
  const { set, own, piece, working, mine, moment, pressed, count } = here;
  const { state } = mine;
  const told = toldNow({ ...mine, words }, own, piece, moment, working, false);
  const last = working ? undefined : place.sets[place.at - 1];
  return (
    <>
      {set && <Amounts dose={ownDose(own, moment, person, words)} />}
      <ToldNow
        hurt={props.hurt}
        country={person.country}
        own={undefined}
        answer={pressed.answer && anotherText(pressed.answer, words)}
        told={call ? <b>{call}</b> : told}
      />
      {last && <AskOf {...props} of={ownSetToAsk(place, part, props.book)} />}
      {last && (
        <button
          type="button"
          className="mt-2 min-h-11 self-start border-b border-night-line text-base"
          onClick={() => enter("not-done", { slot: last.slot, round: last.round })}
        >
          {words.phrase("own", "takeBack")}
        </button>
      )}
      {set && (
        <>
          <p className="mt-1 text-base text-night-quiet">{changedText(own, words)}</p>
          <Equals own={own} enter={enter} />
          <Levels mark={mark ?? usualHere(mine, piece)} enter={enter} />
        </>
      )}
      <div className="mt-3 flex flex-wrap justify-between gap-3">
        {working && count.counts && <CountHere onPress={() => counting.begin(state.index, state.intoMs)} />}
        <SoundSwitch cues={props.cues} />
      </div>
    </>
  );
}

/** Which set of how many. */
function whereText({ sets, at }: OwnPlace, words: Words): string {
  return at < sets.length
    ? words.phrase("own", "setOf", { n: at + 1, of: sets.length })
    : words.phrase("own", "setsDone", { of: sets.length });
}

function doneText({ sets, at }: OwnPlace, words: Words): string {
  const rest = sets[at]?.restMs ?? 0;
  if (at >= sets.length - 1) return words.phrase("own", "doneLast");
  return words.phrase("own", "doneRest", { seconds: Math.round(rest / 1000) });
}
