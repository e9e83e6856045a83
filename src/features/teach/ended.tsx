"use client";
import Link from "next/link";
import { endOf } from "@/core/live/events";
import { canGoOn } from "@/core/live/go-on";
import type { LiveScore } from "@/core/live/live-score";
import { staysOf } from "@/core/live/trace";
import { clockText } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import type { Lead } from "@/features/live/lead";

/** The class is over: what it took, and where its log is. */
export function Ended(props: {
  readonly id: string;
  readonly title: string;
  readonly classId: string | null;
  readonly score: LiveScore;
  readonly lead: Lead;
}) {
  const t = useTexts("teach");
  const { score, lead } = props;
  const ended = endOf(lead.events);
  const stays = staysOf(score, lead.events, ended?.atMs ?? 0);
  const first = stays[0];
  const last = stays.at(-1);
  const took = first && last ? Math.round((last.toMs - first.fromMs) / 1000) : 0;
  return (
    <main
      className="night grid min-h-screen place-content-center gap-6 bg-night px-8 text-night-text"
      data-phase="ended"
    >
      <h1 className="text-6xl font-extrabold">{t("classOver")}</h1>
      <p className="text-3xl">
        {t("titleTook", { title: props.title })} <b>{clockText(took)}</b>
        {t("planned")} <b>{clockText(score.totalMs / 1000)}</b>.
      </p>
      {canGoOn(score, lead, lead.now()) && (
        <p>
          <button
            type="button"
            className="border-2 border-night-text px-5 py-2 text-2xl font-bold"
            onClick={() => lead.command("go-on")}
          >
            {t("notOverGoWhere")}
          </button>
          <span className="mt-1 block text-night-quiet">{t("minuteWhatPeopleLeft")}</span>
        </p>
      )}
      <p className="flex gap-6 text-2xl">
        <Link className="font-bold underline underline-offset-4" href={`/sessions/${props.id}`}>
          {t("writeUp")}
        </Link>
        {props.classId && (
          <Link className="underline underline-offset-4" href={`/classes/${props.classId}`}>
            {t("backDesk")}
          </Link>
        )}
        <Link className="underline underline-offset-4" href="/sessions">
          {t("allSessions")}
        </Link>
      </p>
    </main>
  );
}
