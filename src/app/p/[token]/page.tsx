import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { seenBy } from "@/core/live/events";
import { ownParts, publicDoc } from "@/core/live/own-part";
import { PartScreen } from "@/features/part/part-screen";
import { participantOf } from "@/server/links";
import { currentRun, eventsAfter } from "@/server/runs";

export const metadata: Metadata = { title: "Your part", robots: { index: false, follow: false } };

export default async function PartPage({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  const who = await participantOf(token);
  if (!who) notFound();
  const run = await currentRun(who.studioId);
  const parts = run && ownParts(who.doc.id, run.parts, run.partsByMark);
  return (
    <PartScreen
      token={token}
      studio={who.studioName}
      person={who.doc}
      run={
        run && parts
          ? {
              id: run.id,
              doc: publicDoc(run.doc),
              moves: run.moves,
              parts,
              events: seenBy(await eventsAfter(run.id, 0), who.doc.id),
            }
          : null
      }
    />
  );
}
