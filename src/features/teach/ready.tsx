"use client";
import Link from "next/link";
import { type ClassDoc, slotsOf } from "@/core/class/document";
import type { LiveScore } from "@/core/live/live-score";
import type { Presence } from "@/core/live/presence";
import type { Part } from "@/core/parts/part";
import { clockText } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { lowerFirst } from "@/words/letters";
import { presenceText } from "@/words/live-words";

/** The one thing to do here has the focus, for Enter or a clicker from across the room. */
function focusOnce(button: HTMLButtonElement | null): void {
  button?.focus();
}

/** The moves that somebody has no way of doing. */
function lacksText({ slots }: Part): string {
  const names = slots.filter(({ status }) => status === "unmet").map(({ name }) => lowerFirst(name));
  return [...new Set(names)].join(", ");
}

/** Before the start: what will run, for whom, and one thing to press. */
export function Ready(props: {
  readonly doc: ClassDoc;
  readonly score: LiveScore;
  readonly parts: readonly Part[];
  readonly id: string;
  readonly presence: Presence;
  readonly classId: string | null;
  readonly onStart: () => void;
  readonly onPeople: () => void;
}) {
  const t = useTexts("teach");
  const words = useWords();
  const { doc, score, parts } = props;
  const unmet = parts.filter((part) => part.slots.some((slot) => slot.status === "unmet"));
  const unknown = parts.filter((part) => !part.homeKnown);
  return (
    <main className="night flex min-h-screen flex-col bg-night px-8 py-8 text-night-text" data-phase="ready">
      <h1 className="text-7xl font-extrabold leading-none">{doc.title}</h1>
      <p className="mt-5 text-4xl">
        <b>{clockText(score.totalMs / 1000)}</b>
        <span className="text-night-quiet">
          {" "}
          {t("inBlocks", {
            blocks: doc.blocks.length,
            people: parts.length,
            presence: presenceText(props.presence, words) || "no",
          })}
        </span>
      </p>
      <ol className="mt-8 space-y-1 text-3xl">
        {doc.blocks.map((block) => (
          <li key={block.id}>
            {block.title || t("block")}
            <span className="text-night-quiet"> {t("movesOfIt", { count: slotsOf(block).length })}</span>
          </li>
        ))}
      </ol>
      {(unmet.length > 0 || unknown.length > 0) && (
        <p className="mt-8 text-2xl leading-snug">
          {unmet.length > 0 && (
            <>
              <span className="text-night-quiet">{t("noWayYet")} </span>
              {unmet.map((part) => `${part.name} (${lacksText(part)})`).join(", ")}.{" "}
            </>
          )}
          {unknown.length > 0 && (
            <>
              <span className="text-night-quiet">{t("didntSayWhatHome")} </span>
              {unknown.map((part) => part.name).join(", ")}.
            </>
          )}
        </p>
      )}
      <p className="mt-8 max-w-4xl text-2xl text-night-quiet">{t("beforeYouBeginFurniture")}</p>
      <div className="mt-auto flex items-center gap-8 pt-8">
        <button
          type="button"
          ref={focusOnce}
          className="bg-marker px-12 py-5 text-5xl font-extrabold text-night"
          onClick={props.onStart}
        >
          {t("start")}
        </button>
        <span className="text-2xl text-night-quiet">{t("enterSpaceOrClickers")}</span>
        <span className="ml-auto flex gap-6 text-2xl">
          <button type="button" className="underline underline-offset-4" onClick={props.onPeople}>
            {t("people")}
          </button>
          <a
            className="underline underline-offset-4"
            href={`/stage/${props.id}`}
            target="_blank"
            rel="noreferrer"
          >
            {t("stage")}
          </a>
          <Link className="underline underline-offset-4" href={`/sessions/${props.id}`}>
            {t("session")}
          </Link>
          {props.classId && (
            <Link className="underline underline-offset-4" href={`/classes/${props.classId}`}>
              {t("backDesk")}
            </Link>
          )}
        </span>
      </div>
    </main>
  );
}
