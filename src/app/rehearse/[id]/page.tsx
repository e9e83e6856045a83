import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { isUuid } from "@/core/units";
import { RehearsalScreen } from "@/features/rehearsal/rehearsal-screen";
import { rehearsalOf } from "@/server/rehearsals";
import { requireInstructor } from "@/server/who";

export const metadata: Metadata = { title: "Rehearsal" };

export default async function RehearsalPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const who = await requireInstructor();
  const { id } = await params;
  const rehearsal = isUuid(id) ? await rehearsalOf(who.studioId, id) : null;
  if (!rehearsal) notFound();
  return <RehearsalScreen classId={id} {...rehearsal} />;
}
