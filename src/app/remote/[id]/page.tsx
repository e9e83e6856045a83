import { notFound } from "next/navigation";
import { isUuid } from "@/core/units";
import { RemoteScreen } from "@/features/remote/remote-screen";
import { eventsAfter } from "@/server/session-events";
import { findSession, sessionContent } from "@/server/sessions";
import { requireInstructor } from "@/server/who";
import { contentIn } from "@/words/moves/moves-in";
import { screenLanguage, titled } from "../../in-their-language";

export const generateMetadata = titled("remote");

export default async function RemotePage({ params }: { readonly params: Promise<{ id: string }> }) {
  const who = await requireInstructor();
  const { id } = await params;
  if (!isUuid(id) || !(await findSession(who.studioId, id))) notFound();
  const { content } = await sessionContent(who.studioId, id);
  return (
    <RemoteScreen
      id={id}
      content={contentIn(content, await screenLanguage())}
      events={await eventsAfter(id, 0)}
    />
  );
}
