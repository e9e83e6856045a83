"use client";
import Link from "next/link";
import { useEffect, useMemo, useState } from "react";
import { keepAwake } from "@/browser/wake-lock";
import type { ClassDoc } from "@/core/class/document";
import { isOf, movesVersion, type SessionEvent } from "@/core/live/events";
import { type FinishWay, finishWays } from "@/core/live/finish";
import type { ClockPhase } from "@/core/live/fold";
import { canGoOn } from "@/core/live/go-on";
import { type LiveScore, scoreOfKept } from "@/core/live/live-score";
import { nowNext } from "@/core/live/now-next";
import { type PeopleNow, peopleNow } from "@/core/live/people-now";
import { presenceOf } from "@/core/live/presence";
import { shownState } from "@/core/live/runs";
import { type Substitute, withSubstitutes } from "@/core/live/substitutes";
import { bookOf, type KnownMove } from "@/core/moves/book";
import { clockText } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { countText, leftToCountMs } from "@/features/live/bar";
import type { Lead } from "@/features/live/lead";
import { timeOfDay } from "@/features/live/time-of-day";
import { troubleText } from "@/features/live/trouble-text";
import { useContent } from "@/features/live/use-content";
import { useLead } from "@/features/live/use-lead";
import { useWhereabouts } from "@/features/live/use-whereabouts";
import { EndDialog } from "@/features/teach/end-dialog";
import { NoteDialog } from "@/features/teach/note-dialog";
import { PeopleDialog } from "@/features/teach/people-dialog";
import { type NowText, nowText } from "@/words/live-words";
import type { Say } from "@/words/screens/screens";
import type { Words } from "@/words/words";

interface Content {
  readonly version: number;
  readonly doc: ClassDoc;
  readonly substitutes: readonly Substitute[];
  readonly moves: readonly KnownMove[];
  readonly parts: readonly { readonly person: string; readonly name: string }[];
}

const BIG = "min-h-28 border-2 border-night-text px-3 text-3xl font-extrabold disabled:opacity-40";

/** The connection where something is wrong with it, else when the class ends. */
function statusOf({ reached, held, state }: Lead, t: Say<"remote">, trouble: Say<"live">): string {
  if (!reached) return t("noConnection");
  const ends = state.projectedEndMs ? t("ends", { time: timeOfDay(state.projectedEndMs) }) : "";
  return troubleText(reached, held, trouble) ?? ends;
}

/** Under the move: what kind of break it is; at work the side, and what comes next. */
function detailOf({ segment, working, next }: NowText, words: Words, t: Say<"remote">): string {
  if (!segment) return "";
  if (!working) return words.name("segment", segment.kind);
  return [segment.side && words.name("side", segment.side), next && t("thenNext", { next })]
    .filter(Boolean)
    .join(", ");
}

/** For the instructor's own phone, in the hand or on the floor: pause, next, ten seconds, a round less, who hurts. */
export function RemoteScreen(props: {
  readonly id: string;
  readonly content: Content;
  readonly events: readonly SessionEvent[];
}) {
  const t = useTexts("remote");
  const trouble = useTexts("live");
  const words = useWords();
  const { id } = props;
  const [known, setKnown] = useState(props.events);
  const content = useContent(`/api/sessions/${id}/content`, props.content, movesVersion(known));
  const book = useMemo(() => bookOf(content.moves), [content.moves]);
  const score = useMemo(() => scoreOfKept(content), [content]);
  const shown = useMemo(() => withSubstitutes(content.doc, content.substitutes, book), [content, book]);
  const lead = useLead(id, score, props.events);
  useEffect(() => setKnown(lead.events), [lead.events]);
  const { state, command } = lead;
  const people = useMemo(() => peopleNow(lead.events), [lead.events]);
  const says = nowText(nowNext(shown, score, state, book), words);
  const ready = state.phase === "ready";
  const live = !ready && state.phase !== "ended" && state.phase !== "over";
  useEffect(() => (live ? keepAwake() : undefined), [live]);
  const drop = live
    ? finishWays(score, lead.events, lead.now()).find(({ says: [kind] }) => kind === "drop-round")
    : undefined;
  const nameOf = (person: string) =>
    content.parts.find((part) => part.person === person)?.name ?? t("somebody");
  const last = lead.events.filter(isOf("hurt")).at(-1)?.payload.person;
  const [hurt] = people.hurt;
  if (state.phase === "ended" || state.phase === "over") return <Over id={id} score={score} lead={lead} />;
  return (
    <main
      className="night mx-auto flex min-h-screen max-w-md flex-col gap-3 bg-night px-4 py-3 text-night-text"
      data-phase={state.phase}
    >
      <p className="flex justify-between text-lg text-night-quiet">
        <span>
          {says.blockTitle} {says.roundText}
        </span>
        <span role="status">{statusOf(lead, t, trouble)}</span>
      </p>
      <h1 className="flex items-baseline justify-between gap-3 leading-none">
        <span className="text-3xl font-extrabold">{ready ? content.doc.title : says.headline}</span>
        <span
          className="whitespace-nowrap font-clock text-7xl font-extrabold tabular-nums"
          data-testid="left"
        >
          {ready ? "" : countText(leftToCountMs(shownState(score.runs, state)))}
        </span>
      </h1>
      <p className="min-h-7 text-lg text-night-quiet">{live && detailOf(says, words, t)}</p>
      <Presses phase={state.phase} live={live} drop={drop} command={command} />
      <Seldom id={id} live={live} lead={lead} people={people} parts={content.parts} />
      <div
        className={`mt-auto ${hurt ? "border-l-[14px] border-stop pl-3" : ""}`}
        role={hurt ? "alert" : undefined}
      >
        {hurt ? (
          <Hurt
            key={hurt.person}
            id={id}
            person={hurt.person}
            name={nameOf(hurt.person)}
            onSeen={() => command("hurt-seen", { person: hurt.person })}
          />
        ) : (
          <p className="text-xl text-night-quiet">
            {last ? t("nobodyHurtsNowLast", { name: nameOf(last) }) : t("nobodyHasPressedHurts")}
          </p>
        )}
      </div>
    </main>
  );
}

function Hurt(props: {
  readonly id: string;
  readonly person: string;
  readonly name: string;
  readonly onSeen: () => void;
}) {
  const t = useTexts("remote");
  const { left, ask } = useWhereabouts(props.id, props.person);
  return (
    <>
      <p className="text-2xl leading-snug">
        <b>{t("hurts", { name: props.name })}</b> {t("stopThemSharpNew")}
      </p>
      <p className="min-h-7 text-xl font-bold">
        {left === "none"
          ? t("leftNoPlaceOr")
          : left === "unreached"
            ? t("noConnectionCantBe")
            : left
              ? `${left.place} ${left.contact}`
              : ""}
      </p>
      <div className="mt-2 grid grid-cols-2 gap-3">
        <button type="button" className="border-2 border-night-text py-4 text-xl font-bold" onClick={ask}>
          {t("placeContact")}
        </button>
        <button
          type="button"
          className="bg-night-text py-4 text-xl font-bold text-night"
          onClick={props.onSeen}
        >
          {t("answered")}
        </button>
      </div>
    </>
  );
}

function Over({ id, score, lead }: { readonly id: string; readonly score: LiveScore; readonly lead: Lead }) {
  const t = useTexts("remote");
  return (
    <main
      className="night grid min-h-screen content-center gap-4 bg-night px-6 text-night-text"
      data-phase="ended"
    >
      <h1 className="text-4xl font-extrabold">{t("classOver")}</h1>
      {canGoOn(score, lead, lead.now()) && (
        <button type="button" className={BIG} onClick={() => lead.command("go-on")}>
          {t("notOverGo")}
        </button>
      )}
      <Link className="text-xl underline underline-offset-4" href={`/sessions/${id}`}>
        {t("writeUp")}
      </Link>
    </main>
  );
}

/** What is wanted now and then: who is here, a note, the end. */
function Seldom(props: {
  readonly id: string;
  readonly live: boolean;
  readonly lead: Lead;
  readonly people: PeopleNow;
  readonly parts: Content["parts"];
}) {
  const t = useTexts("remote");
  const { id, live, lead, people, parts } = props;
  const [panel, setPanel] = useState<"people" | "note" | "end" | null>(null);
  const asked = parts.map(({ person, name }) => ({ id: person, rosterId: person, name }));
  const of = (name: NonNullable<typeof panel>) => ({
    open: panel === name,
    onOpenChange: (open: boolean) => setPanel(open ? name : null),
  });
  return (
    <div className="grid grid-cols-3 gap-3">
      {(["people", "note", "end"] as const).map((name) => (
        <button
          key={name}
          type="button"
          className="min-h-14 border-2 border-night-line text-xl font-bold disabled:opacity-40"
          disabled={name === "end" && !live}
          onClick={() => setPanel(name)}
        >
          {t(name)}
        </button>
      ))}
      <PeopleDialog
        {...of("people")}
        session={id}
        presence={presenceOf(asked, people, lead.events)}
        people={people}
        others={[]}
        onAdded={() => undefined}
      />
      <NoteDialog {...of("note")} onNote={(text) => lead.command("note", { text })} />
      <EndDialog {...of("end")} onEnd={() => lead.command("end")} />
    </div>
  );
}

/** Pause, next, ten seconds more, a round less: large enough for a glance. */
function Presses({
  phase,
  live,
  drop,
  command,
}: {
  readonly phase: ClockPhase;
  readonly live: boolean;
  readonly drop: FinishWay | undefined;
  readonly command: Lead["command"];
}) {
  const t = useTexts("remote");
  const ready = phase === "ready";
  return (
    <>
      <button
        type="button"
        className="min-h-40 grow bg-marker text-5xl font-extrabold text-night"
        onClick={() =>
          ready ? command("start", { countInMs: 5000 }) : command(phase === "paused" ? "resume" : "pause")
        }
      >
        {ready ? t("start") : phase === "paused" ? t("resume") : t("pause")}
      </button>
      <div className="grid grid-cols-3 gap-3">
        <button type="button" className={BIG} disabled={!live} onClick={() => command("back")}>
          {t("back")}
        </button>
        <button type="button" className={BIG} disabled={!live} onClick={() => command("skip")}>
          {t("next")}
        </button>
        <button
          type="button"
          className={BIG}
          disabled={!live}
          onClick={() => command("extend", { seconds: 10 })}
        >
          +10 s
        </button>
      </div>
      <button type="button" className={BIG} disabled={!drop} onClick={() => drop && command(...drop.says)}>
        {t("dropRound")}
        <span className="block text-lg font-normal">
          {drop
            ? t("endsLess", {
                time: timeOfDay(drop.endMs),
                clock: clockText(Math.round(drop.savesMs / 1000)),
              })
            : t("noRoundLeftDrop")}
        </span>
      </button>
    </>
  );
}
