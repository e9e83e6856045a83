import { notFound } from "next/navigation";
import { seenByAll } from "@/core/live/events";
import { isUuid } from "@/core/units";
import { StageScreen } from "@/features/stage/stage-screen";
import { eventsAfter } from "@/server/session-events";
import { findSession } from "@/server/sessions";
import { stageContent } from "@/server/stage";
import { requireInstructor } from "@/server/who";
import { languageOf } from "@/words/languages";
import { titled } from "../../in-their-language";

export const generateMetadata = titled("stage");

export default async function StagePage(props: {
  readonly params: Promise<{ id: string }>;
  readonly searchParams: Promise<{ language?: string | readonly string[] }>;
}) {
  const who = await requireInstructor();
  const { id } = await props.params;
  const { language: asked } = await props.searchParams;
  const language = languageOf(typeof asked === "string" ? asked : undefined);
  if (!isUuid(id) || !(await findSession(who.studioId, id))) notFound();
  return (
    <StageScreen
      id={id}
      studio={who.studioName}
      language={language}
      content={await stageContent(who.studioId, id, language)}
      events={seenByAll(await eventsAfter(id, 0))}
    />
  );
}
