import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { seenByAll } from "@/core/live/events";
import { isUuid } from "@/core/units";
import { StageScreen } from "@/features/stage/stage-screen";
import { eventsAfter } from "@/server/session-events";
import { findSession } from "@/server/sessions";
import { stageContent } from "@/server/stage";
import { requireInstructor } from "@/server/who";

export const metadata: Metadata = { title: "Stage" };

export default async function StagePage({ params }: { readonly params: Promise<{ id: string }> }) {
  const who = await requireInstructor();
  const { id } = await params;
  if (!isUuid(id) || !(await findSession(who.studioId, id))) notFound();
  return (
    <StageScreen
      id={id}
      studio={who.studioName}
      content={await stageContent(who.studioId, id)}
      events={seenByAll(await eventsAfter(id, 0))}
    />
  );
}
