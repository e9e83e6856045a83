"use client";
import { useEffect, useMemo, useRef } from "react";
import { keepAwake } from "@/browser/wake-lock";
import { MARK_GLYPH, MARK_WORD, MARKS, type Mark, type Person } from "@/core/homes/home";
import { kitText } from "@/core/homes/kit";
import { usesText } from "@/core/homes/need-words";
import { peopleNow } from "@/core/live/people-now";
import { runScore } from "@/core/live/run-score";
import { makeBook } from "@/core/moves/book";
import type { Part, PartSlot } from "@/core/parts/part";
import { nextPiece } from "@/core/score/resolve";
import { scoreOf } from "@/core/score/score";
import { clockText } from "@/core/units";
import { timeOfDay } from "@/features/live/time-of-day";
import type { OpenRun } from "./open-run";
import { PartClock } from "./part-clock";
import { StopWords } from "./stop-words";
import { useFollow } from "./use-follow";
import { useOtherClass } from "./use-other-class";

/** A phone lying on its side shows the count, the side, the move and the cue alone. */
const UPRIGHT_ONLY = "[@media(orientation:landscape)_and_(max-height:500px)]:hidden";

interface Props {
  readonly token: string;
  readonly studio: string;
  readonly person: Person;
  readonly run: OpenRun;
}

/** One's own version of a class, to the second: read from a phone on the floor. */
export function FollowClass({ token, studio, person, run }: Props) {
  const book = useMemo(
    () => makeBook(run.moves.flatMap((move) => (move.id === null ? [] : [{ ...move, id: move.id }]))),
    [run.moves],
  );
  const score = useMemo(() => runScore(run.doc, scoreOf(run.doc, book)), [run.doc, book]);
  const follow = useFollow(token, run.id, person.id, score, run.events);
  const { state, enter } = follow;
  const now = useMemo(() => peopleNow(follow.events), [follow.events]);
  const mark = now.marks.get(person.id) ?? null;
  const part = mark === null ? run.parts.usual : run.parts.byMark[mark];
  const live = state.phase !== "ready" && state.phase !== "ended" && state.phase !== "over";
  const other = useOtherClass(token, run.id, !live);
  useEffect(() => (live ? keepAwake() : undefined), [live]);
  const joined = useRef(false);
  useEffect(() => {
    if (joined.current || state.phase === "ended") return;
    joined.current = true;
    if (!now.here.includes(person.id)) enter("join");
  }, [state.phase, now.here, person.id, enter]);

  if (state.phase === "ended" || state.phase === "over") {
    return (
      <main className="night grid min-h-screen content-center gap-4 bg-night px-6 text-night-text">
        <h1 className="text-4xl font-extrabold">That was it.</h1>
        <p className="text-xl text-night-quiet">
          {run.doc.title} with {studio} is over. Drink something.
        </p>
        <StopWords />
      </main>
    );
  }
  if (state.phase === "ready") return <Before {...{ studio, person, run, part }} />;
  const segment = score.segments[state.index] ?? null;
  const working = segment?.kind === "work" && state.phase === "running";
  const upcoming = segment?.kind === "work" && !working ? segment : nextPiece(score.segments, state.index);
  const shown = working ? segment : upcoming;
  const own = part.slots.find((slot) => slot.slot === shown?.slot);
  const after = working ? upcoming : upcoming && nextPiece(score.segments, score.segments.indexOf(upcoming));
  const turned = working && after?.slot === segment?.slot && after?.round === segment?.round;
  const next = part.slots.find(
    (slot) => slot.slot === (turned ? nextOther(score.segments, state.index) : after?.slot),
  );
  const block = run.doc.blocks.find((entry) => entry.id === (shown ?? segment)?.block);
  const move = own?.move ? book.get(own.move) : undefined;
  const cue = own?.note ?? move?.cues?.[0] ?? "";
  const hurting = now.hurt.some((entry) => entry.person === person.id);
  return (
    <main
      className="night flex min-h-screen flex-col bg-night px-5 pb-4 pt-3 text-night-text"
      data-phase={state.phase}
    >
      <p className="flex justify-between text-[15px] text-night-quiet">
        <span>
          {block?.title}
          {shown?.round ? ` · round ${shown.round}` : ""}
        </span>
        <span role="status">
          {!follow.reached
            ? "no connection: the clock goes on"
            : state.phase === "paused"
              ? "paused"
              : state.projectedEndMs
                ? `ends ${timeOfDay(state.projectedEndMs)}`
                : ""}
        </span>
      </p>
      {other && (
        <a className="mt-1 border-2 border-night-text px-2 py-1 text-center font-bold" href={`/p/${token}`}>
          Another class was opened: go to it
        </a>
      )}
      <PartClock state={state} segment={segment} working={working} />
      <h1 className="mt-2 text-[40px] font-extrabold leading-none [@media(orientation:landscape)]:text-[56px]">
        {!working && <span className="text-night-quiet">next </span>}
        {own ? own.name : (block?.title ?? "")}
      </h1>
      <p className={`mt-1 text-lg text-night-quiet ${UPRIGHT_ONLY}`}>
        {doseOf(own, shown?.side ?? null, person)}
      </p>
      {hurting ? (
        <p className="mt-3 border-l-[10px] border-stop pl-3 text-2xl font-bold leading-snug" role="alert">
          {follow.reached ? "Stop. Your instructor is told." : "Stop. No connection: say it aloud."}
        </p>
      ) : (
        <p className="mt-3 text-2xl leading-snug">{cue}</p>
      )}
      <div className={UPRIGHT_ONLY}>
        {own && own.status !== "as-set" && <p className="mt-1 text-base text-night-quiet">{own.why}</p>}
        <fieldset className="mt-4 grid grid-cols-3 gap-2">
          <legend className="sr-only">Your level</legend>
          {MARKS.map((entry) => (
            <LevelButton
              key={entry}
              mark={entry}
              on={(mark ?? own?.mark ?? "natural") === entry}
              onPress={() => enter("mark", { mark: entry })}
            />
          ))}
        </fieldset>
      </div>
      <div className={`mt-auto pt-4 ${UPRIGHT_ONLY}`}>
        <p className="border-t border-night-line pt-2 text-lg">
          {turned && after?.side ? (
            <>
              <span className="text-night-quiet">then </span>
              <b>{after.side}</b>
              <span className="text-night-quiet"> · </span>
            </>
          ) : null}
          {next && (
            <>
              <span className="text-night-quiet">{working ? "next " : "then "}</span>
              <b>{next.name}</b>
            </>
          )}
        </p>
        <p className="min-h-6 text-night-quiet">{fetchOf(own, next, person)}</p>
        <div className="mt-2 grid grid-cols-2 gap-2.5">
          <button
            type="button"
            className="border-l-[10px] border-stop bg-night-text py-4 text-lg font-bold text-night"
            onClick={() => enter("hurt", shown?.slot ? { slot: shown.slot } : {})}
          >
            {hurting ? "Told" : "Hurts"}
          </button>
          <button
            type="button"
            className="border-2 border-night-text py-4 text-lg font-bold"
            onClick={() => {
              enter("uncomfortable", shown?.slot ? { slot: shown.slot } : {});
              enter("mark", { mark: "flat" });
            }}
          >
            Another way
          </button>
        </div>
        <StopWords />
      </div>
    </main>
  );
}

/** The slot after the present turn. */
function nextOther(
  segments: readonly { kind: string; slot: string | null; round: number | null }[],
  index: number,
) {
  const here = segments[index];
  return segments
    .slice(index + 1)
    .find((entry) => entry.kind === "work" && (entry.slot !== here?.slot || entry.round !== here?.round))
    ?.slot;
}

function doseOf(own: PartSlot | undefined, side: string | null, person: Person): string {
  if (!own) return "";
  if (own.status === "unmet") return "Rest, or choose another way.";
  const reps = own.reps
    ? `${own.reps.min === own.reps.max ? own.reps.plan : `${own.reps.min}–${own.reps.max}`} reps`
    : "";
  const stop = own.seconds === null ? "" : `stop at ${own.seconds} s`;
  const shares = own.shares ? `${own.shares[0]} s a side` : "";
  return [side ? `${side} side` : "", reps, stop, shares, usesText(own.uses, person.kit ?? [], person.units)]
    .filter(Boolean)
    .join(" · ");
}

/** What to fetch for the next move that isn't in hand yet. */
function fetchOf(own: PartSlot | undefined, next: PartSlot | undefined, person: Person): string {
  if (!next) return "";
  const held = new Set((own?.uses ?? []).map((use) => use.kit));
  const fresh = next.uses.filter((use) => !held.has(use.kit));
  const text = usesText(fresh, person.kit ?? [], person.units);
  return text ? `Fetch: ${text}` : "";
}

function LevelButton(props: { readonly mark: Mark; readonly on: boolean; readonly onPress: () => void }) {
  return (
    <button
      type="button"
      aria-pressed={props.on}
      className="border-2 border-night-line py-2.5 text-base font-bold aria-pressed:border-night-text aria-pressed:bg-night-text aria-pressed:text-night"
      onClick={props.onPress}
    >
      {MARK_GLYPH[props.mark]} {MARK_WORD[props.mark]}
    </button>
  );
}

function Before(props: {
  readonly studio: string;
  readonly person: Person;
  readonly run: OpenRun;
  readonly part: Part;
}) {
  const { studio, person, run, part } = props;
  const kit = person.kit ?? [];
  const bring = part.bring.flatMap(({ kit: id, count }) => {
    const item = kit.find((entry) => entry.id === id);
    return item ? [kitText(item, count, person.units)] : [];
  });
  const { seconds } = scoreOf(
    run.doc,
    makeBook(run.moves.flatMap((move) => (move.id === null ? [] : [{ ...move, id: move.id }]))),
  );
  return (
    <main className="mx-auto max-w-md px-5 py-6 text-lg" data-phase="ready">
      <p className="text-quiet">
        {studio} · {clockText(seconds.plan)}
      </p>
      <h1 className="text-3xl font-bold leading-tight">{run.doc.title}</h1>
      <p className="mt-2" role="status">
        It begins by itself on this page: leave it open.
      </p>
      <h2 className="mt-5 text-xl font-bold">Have ready, in this order</h2>
      {bring.length === 0 ? (
        <p>Nothing but a floor.</p>
      ) : (
        <ol className="list-inside list-decimal">
          {bring.map((text) => (
            <li key={text} className="border-b border-hairline py-1">
              {text}
            </li>
          ))}
        </ol>
      )}
      <StopWords />
    </main>
  );
}
