import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { isUuid } from "@/core/units";
import { RemoteScreen } from "@/features/remote/remote-screen";
import { eventsAfter } from "@/server/session-events";
import { findSession, sessionContent } from "@/server/sessions";
import { requireInstructor } from "@/server/who";

export const metadata: Metadata = { title: "Remote" };

export default async function RemotePage({ params }: { readonly params: Promise<{ id: string }> }) {
  const who = await requireInstructor();
  const { id } = await params;
  if (!isUuid(id) || !(await findSession(who.studioId, id))) notFound();
  const { content } = await sessionContent(who.studioId, id);
  return <RemoteScreen id={id} content={content} events={await eventsAfter(id, 0)} />;
}
