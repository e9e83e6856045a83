import { notFound } from "next/navigation";
import { dayOf, isUuid } from "@/core/units";
import { ClassSheet } from "@/features/sheet/class-sheet";
import { findClass } from "@/server/classes";
import { listPeople } from "@/server/people";
import { requireInstructor } from "@/server/who";
import { titled } from "../../../in-their-language";

export const generateMetadata = titled("sheet");

export default async function SheetPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const who = await requireInstructor();
  const { id } = await params;
  const stored = isUuid(id) ? await findClass(who.studioId, id) : null;
  if (!stored) notFound();
  const people = await listPeople(who.studioId);
  return (
    <ClassSheet
      id={id}
      doc={stored.doc}
      people={people.map((row) => row.doc)}
      studio={who.studioName}
      today={dayOf(Date.now())}
    />
  );
}
