import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { isUuid } from "@/core/units";
import { HomeScreen } from "@/features/people/home-screen";
import { hasLink } from "@/server/links";
import { findPerson } from "@/server/people";
import { requireInstructor } from "@/server/who";

export const metadata: Metadata = { title: "Home" };

export default async function PersonPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const who = await requireInstructor();
  const { id } = await params;
  if (id === "new") return <HomeScreen id={null} person={{ id: "", name: "" }} hasLink={false} />;
  const stored = isUuid(id) ? await findPerson(who.studioId, id) : null;
  if (!stored) notFound();
  return <HomeScreen id={id} person={stored.doc} hasLink={await hasLink(who.studioId, id)} />;
}
