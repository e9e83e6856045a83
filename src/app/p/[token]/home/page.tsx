import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { OwnHome } from "@/features/part/own-home";
import { participantOf } from "@/server/links";

export const metadata: Metadata = { title: "Your home", robots: { index: false, follow: false } };

export default async function OwnHomePage({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  const who = await participantOf(token);
  if (!who) notFound();
  return <OwnHome token={token} person={who.doc} />;
}
