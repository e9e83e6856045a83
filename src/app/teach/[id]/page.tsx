import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { isUuid } from "@/core/units";
import { TeachScreen } from "@/features/teach/teach-screen";
import { findRun, listRunEvents } from "@/server/runs";
import { requireInstructor } from "@/server/who";

export const metadata: Metadata = { title: "Teach" };

export default async function TeachPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const who = await requireInstructor();
  const { id } = await params;
  const run = isUuid(id) ? await findRun(who.studioId, id) : null;
  if (!run) notFound();
  const events = await listRunEvents(who.studioId, id);
  return (
    <TeachScreen
      id={id}
      classId={run.classId}
      doc={run.doc}
      parts={run.parts}
      partsByMark={run.partsByMark}
      moves={run.moves}
      events={events}
    />
  );
}
