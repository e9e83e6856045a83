import type { Metadata } from "next";
import { OwnHome } from "@/features/part/own-home";
import { participantOrNotFound } from "@/server/part-guard";

export const metadata: Metadata = { title: "Your home", robots: { index: false, follow: false } };

export default async function OwnHomePage({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  const who = await participantOrNotFound(token);
  return <OwnHome token={token} person={who.doc} />;
}
