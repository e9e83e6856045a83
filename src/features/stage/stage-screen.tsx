"use client";
import { Volume2, VolumeX } from "lucide-react";
import { type ReactNode, useEffect, useMemo } from "react";
import { keepAwake } from "@/browser/wake-lock";
import type { ClassDoc } from "@/core/class/document";
import { slotsOf } from "@/core/class/document";
import { MARK_GLYPH } from "@/core/homes/home";
import { contentVersion, type SessionEvent } from "@/core/live/events";
import type { ClockPhase } from "@/core/live/fold";
import { type LiveScore, scoreOfKept } from "@/core/live/live-score";
import { nowNext } from "@/core/live/now-next";
import { shownState } from "@/core/live/runs";
import type { ThreeWays } from "@/core/live/three-ways";
import { bookOf, type KnownMove } from "@/core/moves/book";
import { clockText } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { ClockBar } from "@/features/live/clock-bar";
import { ClockWithin } from "@/features/live/clock-within";
import { countView } from "@/features/live/count-view";
import { RunningScore } from "@/features/live/running-score";
import { useContent } from "@/features/live/use-content";
import { useCues } from "@/features/live/use-cues";
import { useWatch } from "@/features/live/use-watch";
import { slotFaces } from "@/features/score/faces";
import { Styled } from "@/ui/styled";
import { upperFirst } from "@/words/letters";
import { type NowText, nowText, wayText } from "@/words/live-words";

interface Content {
  readonly version: number;
  readonly doc: ClassDoc;
  readonly shown: ClassDoc;
  readonly moves: readonly KnownMove[];
  readonly ways: Readonly<Record<string, ThreeWays>>;
}

/** The other side or the next move; nothing in a break, whose headline says it already. */
function AfterLine({ says }: { readonly says: NowText }) {
  const { otherSide, next, working } = says;
  if (!otherSide && !(working && next)) return null;
  return (
    <p className="mt-2 truncate text-[length:calc(52*var(--t))] font-bold leading-tight">
      <span className="font-normal text-night-quiet">{otherSide ? "then " : "next "}</span>
      {otherSide || next}
      {otherSide && next && <span className="font-normal text-night-quiet">, next {next}</span>}
    </p>
  );
}

/** For sharing into a call: what everybody may see, and enough for a home whose only device is on the call. */
export function StageScreen(props: {
  readonly id: string;
  readonly studio: string;
  readonly content: Content;
  readonly events: readonly SessionEvent[];
}) {
  const words = useWords();
  const { id } = props;
  const watch = useWatch(
    `/api/sessions/${id}/stream?view=stage`,
    `/api/sessions/${id}/events?view=stage`,
    props.events,
  );
  const content = useContent(`/api/sessions/${id}/stage`, props.content, contentVersion(watch.events));
  const { doc, shown, moves, ways } = content;
  const book = useMemo(() => bookOf(moves), [moves]);
  const score = useMemo(() => scoreOfKept({ doc, moves }), [doc, moves]);
  const faces = useMemo(() => slotFaces(shown), [shown]);
  const cues = useCues(score, watch, true);
  const state = watch.stateOf(score);
  const live = state.phase !== "ready" && state.phase !== "ended" && state.phase !== "over";
  useEffect(() => (live ? keepAwake() : undefined), [live]);
  const sound = (
    <button
      type="button"
      aria-pressed={!cues.muted}
      className="inline-flex items-center gap-2 border border-night-line px-2 py-1 text-base hover:border-night-text"
      onClick={cues.mute}
    >
      {cues.muted ? <VolumeX size={16} aria-hidden /> : <Volume2 size={16} aria-hidden />}
      {cues.muted ? "Sound off" : "Sound on"}
    </button>
  );
  if (!live)
    return <NotLive studio={props.studio} shown={shown} score={score} phase={state.phase} sound={sound} />;
  const says = nowText(nowNext(shown, score, state, book), words);
  const three = says.slotId ? ways[says.slotId] : undefined;
  return (
    <main
      className="afar night flex min-h-screen flex-col bg-night text-night-text"
      data-phase={state.phase}
      data-index={state.index}
    >
      <p className="flex justify-between px-8 pb-2 pt-3 text-[length:calc(34*var(--t))] leading-none">
        <span>
          <span className="text-night-quiet">{says.blockTitle}</span>
          {says.roundText && <b> {says.roundText}</b>}
        </span>
        {!watch.reached && <span role="status">no connection: this screen keeps time</span>}
        {state.phase === "paused" && <b>paused</b>}
      </p>
      <div className="px-8">
        <ClockBar state={shownState(score.runs, state)} says={says} count={countView(score, state, words)} />
      </div>
      <div className="px-8 pt-1">
        <Styled
          as="h1"
          className="truncate font-extrabold leading-[1.2]"
          look={{
            "font-size": `calc(${says.ownLines ? 60 : Math.max(60, Math.min(104, 2300 / (says.headline.length + 5)))} * var(--t))`,
          }}
          data-testid="headline"
        >
          {!says.working && says.segment?.kind !== "demo" && <span className="text-night-quiet">Next </span>}
          {says.headline}
        </Styled>
        {says.since && !says.working && (
          <p className="text-[length:calc(38*var(--t))] font-bold leading-tight">{upperFirst(says.since)}</p>
        )}
        {says.ownLines && (
          <ul className="mt-1 text-[length:calc(38*var(--t))] font-bold leading-tight">
            {says.ownLines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        )}
        <ThreeLines three={three} cue={says.cue} />
        <AfterLine says={says} />
        {says.fetch && (
          <p className="truncate text-[length:calc(42*var(--t))] leading-tight text-night-quiet">
            {says.fetch}
          </p>
        )}
      </div>
      <div className="mt-auto">
        <RunningScore doc={shown} score={score} state={state} faces={faces} />
        <p className="flex justify-between px-8 pb-3 pt-1 text-night-quiet">
          <span>Pain, dizziness, chest discomfort, unusual breathlessness: stop.</span>
          <ClockWithin within={watch.within} />
          {sound}
        </p>
      </div>
    </main>
  );
}

/** Before the first second and after the last. */
function NotLive(props: {
  readonly studio: string;
  readonly shown: ClassDoc;
  readonly score: LiveScore;
  readonly phase: ClockPhase;
  readonly sound: ReactNode;
}) {
  const { studio, shown, score, phase, sound } = props;
  return (
    <main className="night flex h-screen flex-col bg-night px-8 py-8 text-night-text" data-phase={phase}>
      <p className="text-3xl text-night-quiet">{studio}</p>
      <h1 className="mt-2 text-7xl font-extrabold leading-none">{shown.title}</h1>
      {phase === "ready" ? (
        <>
          <p className="mt-4 text-4xl">{clockText(score.totalMs / 1000)}, begins in a moment</p>
          <ol className="mt-6 space-y-1 text-3xl">
            {shown.blocks.map((block) => (
              <li key={block.id}>
                {block.title || "Block"}
                <span className="text-night-quiet"> · {slotsOf(block).length} moves</span>
              </li>
            ))}
          </ol>
          <p className="mt-auto max-w-4xl text-2xl text-night-quiet">
            Furniture sturdy and against a wall, doors latched, shoes and a dry floor for jumps. Pain,
            dizziness, chest discomfort or unusual breathlessness: stop. In an emergency call your local
            emergency number.
          </p>
          <p className="mt-4">{sound}</p>
        </>
      ) : (
        <p className="mt-6 text-4xl">That was it. Drink something.</p>
      )}
    </main>
  );
}

/** The easier and the harder way, or the cue where there are none. */
function ThreeLines({ three, cue }: { readonly three: ThreeWays | undefined; readonly cue: string }) {
  const words = useWords();
  return three ? (
    <div className="mt-3 text-[length:calc(38*var(--t))] leading-tight">
      {three.equals && three.equals.length > 0 && (
        <p className="truncate">
          <span className="text-night-quiet">or </span>
          <b>{three.equals.map(({ name }) => name).join(", ")}</b>
        </p>
      )}
      {(["flat", "sharp"] as const).map(
        (mark) =>
          wayText(three[mark], words) && (
            <p key={mark} className="truncate">
              <span className="text-night-quiet">
                {MARK_GLYPH[mark]} {words.name("mark", mark)}{" "}
              </span>
              <b>{wayText(three[mark], words)}</b>
            </p>
          ),
      )}
    </div>
  ) : (
    <p className="mt-3 text-[length:calc(38*var(--t))] leading-tight">{cue}</p>
  );
}
