"use client";
import { Volume2, VolumeX } from "lucide-react";
import { usePathname, useRouter } from "next/navigation";
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
import { slotFaces } from "@/drawing/faces";
import { InLanguage } from "@/features/language/in-language";
import { useWords } from "@/features/language/use-words";
import { ClockBar } from "@/features/live/clock-bar";
import { ClockWithin } from "@/features/live/clock-within";
import { countView } from "@/features/live/count-view";
import { RunningScore } from "@/features/live/running-score";
import { useContent } from "@/features/live/use-content";
import { useCues } from "@/features/live/use-cues";
import { useWatch } from "@/features/live/use-watch";
import { Styled } from "@/ui/styled";
import { languageName } from "@/words/language-names";
import { LANGUAGES, type Language } from "@/words/languages";
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
  const words = useWords();
  const { otherSide, next, working } = says;
  if (!otherSide && !(working && next)) return null;
  return (
    <p className="mt-2 truncate text-[length:calc(52*var(--t))] font-bold leading-tight">
      <span className="font-normal text-night-quiet">
        {words.phrase("stage", otherSide ? "then" : "and")}{" "}
      </span>
      {otherSide || next}
      {otherSide && next && (
        <span className="font-normal text-night-quiet">
          , {words.phrase("stage", "and")} {next}
        </span>
      )}
    </p>
  );
}

/** In which language the call sees it: in the address, so that it comes back with a reload. */
function StageLanguage() {
  const words = useWords();
  const router = useRouter();
  const path = usePathname();
  return (
    <select
      aria-label={words.phrase("stage", "language")}
      className="border border-night-line bg-night px-2 py-1 text-base text-night-text"
      value={words.language}
      onChange={(event) => router.replace(`${path}?language=${event.target.value}`)}
    >
      {LANGUAGES.map((language) => (
        <option key={language} value={language} lang={language}>
          {languageName(language)}
        </option>
      ))}
    </select>
  );
}

/** For sharing into a call: what everybody may see, and enough for a home whose only device is on the call. */
export function StageScreen(props: StageProps & { readonly language: Language }) {
  const { language } = props;
  return (
    <InLanguage language={language}>
      <div lang={language} className="contents">
        {/* Anew in another language: its content is of that one. */}
        <Stage key={language} {...props} />
      </div>
    </InLanguage>
  );
}

interface StageProps {
  readonly id: string;
  readonly studio: string;
  readonly content: Content;
  readonly events: readonly SessionEvent[];
}

function Stage(props: StageProps) {
  const words = useWords();
  const { id } = props;
  const watch = useWatch(
    `/api/sessions/${id}/stream?view=stage`,
    `/api/sessions/${id}/events?view=stage`,
    props.events,
  );
  const content = useContent(
    `/api/sessions/${id}/stage?language=${words.language}`,
    props.content,
    contentVersion(watch.events),
  );
  const { doc, shown, moves, ways } = content;
  const book = useMemo(() => bookOf(moves), [moves]);
  const score = useMemo(() => scoreOfKept({ doc, moves }), [doc, moves]);
  const faces = useMemo(() => slotFaces(shown, book), [shown, book]);
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
      {words.phrase("stage", cues.muted ? "soundOff" : "soundOn")}
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
        {!watch.reached && <span role="status">{words.phrase("part", "screenKeepsTime")}</span>}
        {state.phase === "paused" && <b>{words.phrase("part", "paused")}</b>}
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
          {!says.working && says.segment?.kind !== "demo" && (
            <span className="text-night-quiet">{words.phrase("stage", "next")} </span>
          )}
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
          <span>{words.phrase("stage", "stop")}</span>
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
  const words = useWords();
  const { studio, shown, score, phase, sound } = props;
  return (
    <main className="night flex h-screen flex-col bg-night px-8 py-8 text-night-text" data-phase={phase}>
      <p className="text-3xl text-night-quiet">{studio}</p>
      <h1 className="mt-2 text-7xl font-extrabold leading-none">{shown.title}</h1>
      {phase === "ready" ? (
        <>
          <p className="mt-4 text-4xl">
            {words.phrase("stage", "begins", { length: clockText(score.totalMs / 1000) })}
          </p>
          <ol className="mt-6 space-y-1 text-3xl">
            {shown.blocks.map((block) => (
              <li key={block.id}>
                {block.title || words.phrase("stage", "block")}
                <span className="text-night-quiet">
                  {" "}
                  · {words.phrase("stage", "moves", { n: slotsOf(block).length })}
                </span>
              </li>
            ))}
          </ol>
          <p className="mt-auto max-w-4xl text-2xl text-night-quiet">{words.phrase("stage", "safety")}</p>
          <p className="mt-4 flex gap-4">
            {sound}
            <StageLanguage />
          </p>
        </>
      ) : (
        <p className="mt-6 text-4xl">{words.phrase("stage", "over")}</p>
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
          <span className="text-night-quiet">{words.phrase("stage", "or")} </span>
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
