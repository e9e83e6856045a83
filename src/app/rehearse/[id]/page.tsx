import { notFound } from "next/navigation";
import { isUuid } from "@/core/units";
import { RehearsalScreen } from "@/features/rehearsal/rehearsal-screen";
import { rehearsalOf } from "@/server/rehearsals";
import { requireInstructor } from "@/server/who";
import { contentIn } from "@/words/moves/moves-in";
import { screenLanguage, titled } from "../../in-their-language";

export const generateMetadata = titled("rehearsal");

export default async function RehearsalPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const who = await requireInstructor();
  const { id } = await params;
  const rehearsal = isUuid(id) ? await rehearsalOf(who.studioId, id) : null;
  if (!rehearsal) notFound();
  const content = contentIn(rehearsal.content, await screenLanguage());
  return <RehearsalScreen classId={id} {...rehearsal} content={content} />;
}
