"use client";
import Link from "next/link";
import { useEffect, useMemo, useRef, useState } from "react";
import { tinykeys } from "tinykeys";
import { keepAwake } from "@/browser/wake-lock";
import type { ClassDoc } from "@/core/class/document";
import type { Mark } from "@/core/homes/home";
import type { RunEvent } from "@/core/live/events";
import { peopleNow } from "@/core/live/people-now";
import { runScore } from "@/core/live/run-score";
import { type KnownMove, makeBook } from "@/core/moves/book";
import type { Part } from "@/core/parts/part";
import { scoreOf } from "@/core/score/score";
import { callSheet } from "@/core/shape/call-sheet";
import { clockText } from "@/core/units";
import { timeOfDay } from "@/features/live/time-of-day";
import { slotFaces } from "@/features/score/faces";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { ClockBar } from "./clock-bar";
import { Controls, type TeachActions } from "./controls";
import { callGroups, type NowNext, nowNext, spokenNow } from "./now-next";
import { Ready } from "./ready";
import { RunningScore } from "./running-score";
import { useCues } from "./use-cues";
import { type Run, useRun } from "./use-run";

/** Count-in before the class's first second. */
const COUNT_IN_MS = 5000;
const EXTEND_SECONDS = 10;

interface Props {
  readonly id: string;
  readonly classId: string | null;
  readonly doc: ClassDoc;
  readonly parts: readonly Part[];
  readonly partsByMark: Readonly<Record<Mark, readonly Part[]>> | null;
  readonly moves: readonly KnownMove[];
  readonly events: readonly RunEvent[];
}

/** Leading a class: the second, the move, the side, the round, what comes next; read from three metres. */
export function TeachScreen({ id, classId, doc, parts, partsByMark, moves, events }: Props) {
  const book = useMemo(
    () => makeBook(moves.filter((move): move is KnownMove & { id: string } => move.id !== null)),
    [moves],
  );
  const score = useMemo(() => runScore(doc, scoreOf(doc, book)), [doc, book]);
  const lines = useMemo(() => callSheet(doc, book, { parts }), [doc, book, parts]);
  const faces = useMemo(() => slotFaces(doc), [doc]);
  const run = useRun(id, score, events);
  const cues = useCues(score, run);
  const people = useMemo(() => peopleNow(run.events), [run.events]);
  // Who changed their level on the spot does the part of that level from then on.
  const now = useMemo(
    () =>
      parts.map((part) => {
        const mark = people.marks.get(part.person);
        return (mark && partsByMark?.[mark].find((other) => other.person === part.person)) ?? part;
      }),
    [parts, partsByMark, people],
  );
  const [hurt] = people.hurt;
  const [ending, setEnding] = useState(false);
  const { state } = run;
  const live = state.phase !== "ready" && state.phase !== "ended";

  useEffect(() => (live ? keepAwake() : undefined), [live]);
  // The score is over: say so once, from whichever screen sees it first.
  const closed = useRef(false);
  useEffect(() => {
    if (state.phase !== "over" || closed.current) return;
    closed.current = true;
    run.command("end");
  }, [state.phase, run.command]);

  const actions = {
    start: () => state.phase === "ready" && run.command("start", { countInMs: COUNT_IN_MS }),
    toggle: () => {
      if (state.phase === "ready") run.command("start", { countInMs: COUNT_IN_MS });
      else if (state.phase === "paused") run.command("resume");
      else if (live) run.command("pause");
    },
    skip: () => live && run.command("skip"),
    back: () => live && run.command("back"),
    extend: () => live && run.command("extend", { seconds: EXTEND_SECONDS }),
    end: () => live && setEnding(true),
    mute: cues.mute,
    seen: () => hurt && run.command("hurt-seen", { person: hurt.person }),
  };
  useTeachKeys(actions, ending);

  if (state.phase === "ended")
    return <Ended doc={doc} classId={classId} events={run.events} plannedMs={score.totalMs} />;
  if (state.phase === "ready")
    return (
      <Ready
        doc={doc}
        score={score}
        parts={parts}
        here={people.here.length}
        onStart={actions.start}
        classId={classId}
      />
    );
  const words = spokenNow(nowNext(doc, score, state, book), lines, state);
  const { groups, asSet } = callGroups(now, words.slotId);
  return (
    <main
      className="night flex h-screen min-h-[700px] flex-col overflow-hidden bg-night text-night-text"
      data-phase={state.phase}
      data-index={state.index}
    >
      <h1 className="sr-only">Teaching {doc.title}</h1>
      <TopRow run={run} words={words} here={people.here.length} />
      <div className="px-8">
        <ClockBar state={state} words={words} />
      </div>
      <Words words={words} paused={state.phase === "paused"} />
      <div className="mt-auto max-h-[88px] overflow-hidden px-8 text-[34px] leading-[42px]">
        {hurt && (
          <p role="alert" className="line-clamp-2 border-l-[14px] border-stop pl-4">
            <b>{parts.find((part) => part.person === hurt.person)?.name ?? "Somebody"} hurts.</b> Stop them.
            Sharp, new, getting worse? <span className="text-night-quiet">h: answered</span>
          </p>
        )}
        {!hurt && groups.length > 0 && (
          <p className="line-clamp-2">
            {asSet > 0 && <span className="text-night-quiet">{asSet} as set · </span>}
            <b>{groups.slice(0, 4).join(" · ")}</b>
            {groups.length > 4 && <span className="text-night-quiet"> · {groups.length - 4} more ways</span>}
          </p>
        )}
      </div>
      <RunningScore doc={doc} score={score} state={state} faces={faces} />
      <Controls actions={actions} paused={state.phase === "paused"} cues={cues} />
      <Dialog
        open={ending}
        onOpenChange={setEnding}
        title="End the class now?"
        description="What has been taught so far is kept."
      >
        <div className="flex gap-2">
          <Button
            look="solid"
            onClick={() => {
              setEnding(false);
              run.command("end");
            }}
          >
            End it
          </Button>
          <Button onClick={() => setEnding(false)}>Go on</Button>
        </div>
      </Dialog>
    </main>
  );
}

/** Keys of the keyboard and of presentation clickers (PageDown, PageUp, period). */
function useTeachKeys(actions: TeachActions, quiet: boolean): void {
  const latest = useRef({ actions, quiet });
  latest.current = { actions, quiet };
  useEffect(() => {
    const key = (name: keyof TeachActions) => (event: KeyboardEvent) => {
      if (latest.current.quiet || event.repeat) return;
      // A button that has the focus keeps its own Enter and space.
      const onButton = event.target instanceof HTMLElement && event.target.matches("button, a, input");
      if (onButton && (event.key === "Enter" || event.key === " ")) return;
      event.preventDefault();
      latest.current.actions[name]();
    };
    return tinykeys(window, {
      Enter: key("start"),
      Space: key("toggle"),
      ".": key("toggle"),
      b: key("toggle"),
      ArrowRight: key("skip"),
      PageDown: key("skip"),
      ArrowLeft: key("back"),
      PageUp: key("back"),
      "+": key("extend"),
      "Shift++": key("extend"),
      ArrowUp: key("extend"),
      m: key("mute"),
      h: key("seen"),
      e: key("end"),
    });
  }, []);
}

function driftText(driftMs: number): string {
  const seconds = Math.round(driftMs / 1000);
  if (Math.abs(seconds) < 2) return "on time";
  return seconds > 0 ? `${clockText(seconds)} late` : `${clockText(-seconds)} early`;
}

function TopRow({ run, words, here }: { readonly run: Run; readonly words: NowNext; readonly here: number }) {
  const { state } = run;
  return (
    <div className="flex items-baseline justify-between gap-6 px-8 pb-2 pt-3 text-[34px] leading-none">
      <p className="truncate">
        <span className="text-night-quiet">{words.blockTitle}</span>
        {words.roundText && <b> {words.roundText}</b>}
        {here > 0 && <span className="text-night-quiet"> · {here} here</span>}
      </p>
      {!run.reached && (
        <p role="status" className="whitespace-nowrap border-2 border-night-text px-2">
          no connection: this screen keeps time
        </p>
      )}
      {state.projectedEndMs !== null && (
        <p className="whitespace-nowrap">
          <span className="text-night-quiet">ends</span>{" "}
          <b suppressHydrationWarning>{timeOfDay(state.projectedEndMs)}</b>
          <span className="text-night-quiet"> {driftText(state.driftMs)}</span>
        </p>
      )}
    </div>
  );
}

/** A size at which a line of text fits the width, px: large, but never off the screen. */
function fitSize(text: string, most: number, least: number): number {
  return Math.round(Math.max(least, Math.min(most, 1216 / Math.max(1, text.length * 0.53))));
}

function Words({ words, paused }: { readonly words: NowNext; readonly paused: boolean }) {
  const lead = words.working ? "" : words.shown && words.segment?.kind !== "demo" ? "Next " : "";
  const nextLine = words.otherSide ? `then ${words.otherSide}` : words.next ? `next ${words.next}` : "";
  return (
    <div className="px-8 pt-3">
      <p
        className="font-extrabold leading-none"
        data-testid="headline"
        style={{ fontSize: fitSize(lead + words.headline, 116, 62) }}
      >
        {lead && <span className="text-night-quiet">{lead}</span>}
        {words.headline}
      </p>
      <p
        className={`mt-1 text-[38px] leading-tight text-night-text ${words.working ? "line-clamp-1" : "line-clamp-2"}`}
      >
        {paused ? <b>Paused. Space or the clicker goes on.</b> : words.cue}
      </p>
      <p className="mt-1 truncate font-bold leading-tight" style={{ fontSize: fitSize(nextLine, 62, 48) }}>
        {words.otherSide ? (
          <>
            <span className="font-normal text-night-quiet">then </span>
            {words.otherSide}
            {words.next && <span className="font-normal text-night-quiet">, next {words.next}</span>}
          </>
        ) : (
          words.working &&
          words.next && (
            <>
              <span className="font-normal text-night-quiet">next </span>
              {words.next}
            </>
          )
        )}
      </p>
      {words.fetch && (
        <p
          className="truncate leading-tight text-night-quiet"
          style={{ fontSize: fitSize(words.fetch, 56, 42) }}
        >
          {words.fetch}
        </p>
      )}
    </div>
  );
}

function Ended(props: {
  readonly doc: ClassDoc;
  readonly classId: string | null;
  readonly events: readonly RunEvent[];
  readonly plannedMs: number;
}) {
  const started = props.events.find((event) => event.kind === "start");
  const ended = props.events.find((event) => event.kind === "end");
  const took =
    started && ended ? Math.round((ended.atMs - started.atMs - (started.payload.countInMs ?? 0)) / 1000) : 0;
  return (
    <main
      className="night grid min-h-screen place-content-center gap-6 bg-night px-8 text-night-text"
      data-phase="ended"
    >
      <h1 className="text-6xl font-extrabold">The class is over</h1>
      <p className="text-3xl">
        {props.doc.title}: took <b>{clockText(Math.max(0, took))}</b>, planned{" "}
        <b>{clockText(props.plannedMs / 1000)}</b>.
      </p>
      <p className="flex gap-6 text-2xl">
        {props.classId && (
          <Link className="underline underline-offset-4" href={`/classes/${props.classId}`}>
            Back to the Desk
          </Link>
        )}
        <Link className="underline underline-offset-4" href="/classes">
          All classes
        </Link>
      </p>
    </main>
  );
}
