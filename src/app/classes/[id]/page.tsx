import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { dayOf, isUuid } from "@/core/units";
import { DeskScreen } from "@/features/desk/desk";
import { findClass } from "@/server/classes";
import { listMoves } from "@/server/moves";
import { listPeople } from "@/server/people";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";

export const metadata: Metadata = { title: "Desk" };

export default async function DeskPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const who = await requireInstructor();
  const { id } = await params;
  const stored = isUuid(id) ? await findClass(who.studioId, id) : null;
  if (!stored) notFound();
  const [people, own, settings] = await Promise.all([
    listPeople(who.studioId),
    listMoves(who.studioId),
    settingsOf(who.studioId),
  ]);
  return (
    <DeskScreen
      id={id}
      doc={stored.doc}
      revision={stored.revision}
      people={people}
      ownMoves={own.map((row) => row.doc)}
      settings={settings}
      today={dayOf(Date.now())}
    />
  );
}
