import type { Metadata } from "next";
import { headers } from "next/headers";
import { notFound } from "next/navigation";
import { cache } from "react";
import { type Language, languageOf, wordsIn } from "../words/languages";
import { rateLimit } from "./limits";
import { type Participant, participantOf } from "./links";
import { ADDRESS_HEADER } from "./web/address";

/** Counts an address that opens nothing, by the place that it was asked from. */
export async function countWrong(): Promise<void> {
  const place = (await headers()).get(ADDRESS_HEADER) ?? "unknown";
  await rateLimit("wrong-link", place).catch(() => undefined);
}

/** A page and its title are about the same person: they are looked up once. */
const found = cache(participantOf);

/** The language of a participant's page. */
export async function partLanguage(params: Promise<{ readonly token: string }>): Promise<Language> {
  return languageOf((await found((await params).token))?.doc.language);
}

/** The head of a participant's page, in their language; no search engine keeps it. */
export async function partHead(
  params: Promise<{ readonly token: string }>,
  title: "title" | "yourHome" | "byYourself",
): Promise<Metadata> {
  const words = wordsIn(await partLanguage(params));
  return { title: words.phrase("part", title), robots: { index: false, follow: false } };
}

/** For pages: the person of a token, or nothing there. */
export async function participantOrNotFound(token: string): Promise<Participant> {
  const who = await found(token);
  if (who) return who;
  await countWrong();
  notFound();
}
