import { notFound } from "next/navigation";
import { type TrailDay, TrailScreen } from "@/features/trail/trail-screen";
import { settingsOf } from "@/server/studios";
import { readTrail, TRAIL_PAGE } from "@/server/trail";
import { requireInstructor } from "@/server/who";
import { trailText } from "@/words/trail-words";
import { shortWhen } from "@/words/when-words";
import { screenWords, titled } from "../in-their-language";

export const generateMetadata = titled("trail");

/** For the owner alone; for anybody else there is no such page. */
export default async function TrailPage(props: {
  readonly searchParams: Promise<{ readonly before?: string | string[] }>;
}) {
  const who = await requireInstructor();
  if (who.role !== "owner") notFound();
  const { before } = await props.searchParams;
  const from = typeof before === "string" && /^\d{1,12}$/.test(before) ? Number(before) : null;
  const [lines, { teaching }] = await Promise.all([readTrail(who.studioId, from), settingsOf(who.studioId)]);
  const days: { day: string; lines: TrailDay["lines"][number][] }[] = [];
  const words = await screenWords();
  for (const { id, atMs, kind, actor, person } of lines) {
    const text = trailText(kind, actor, person, words);
    const { day, time } = shortWhen(atMs, teaching.timeZone, words);
    const last = days.at(-1);
    if (last?.day === day) last.lines.push({ id, time, text });
    else days.push({ day, lines: [{ id, time, text }] });
  }
  const older = lines.length === TRAIL_PAGE ? (lines.at(-1)?.id ?? null) : null;
  return <TrailScreen days={days} older={older} />;
}
