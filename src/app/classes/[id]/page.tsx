import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache } from "react";
import { dayOf, isUuid } from "@/core/units";
import { DeskScreen } from "@/features/desk/desk";
import { findClass } from "@/server/classes";
import { listMoves } from "@/server/moves";
import { listPeople } from "@/server/people";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { screenIn } from "@/words/screens/screens";
import { screenLanguage } from "../../in-their-language";

interface Props {
  readonly params: Promise<{ id: string }>;
}

/** The class of this address; asked for once, whoever needs it. */
const storedClass = cache(async (id: string) => {
  const who = await requireInstructor();
  return isUuid(id) ? findClass(who.studioId, id) : null;
});

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params;
  return { title: (await storedClass(id))?.doc.title ?? screenIn("titles", await screenLanguage())("desk") };
}

export default async function DeskPage({ params }: Props) {
  const who = await requireInstructor();
  const { id } = await params;
  const stored = await storedClass(id);
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
