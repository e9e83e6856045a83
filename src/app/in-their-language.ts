/** The language of a page that an instructor opens: their account's, else as their browser asks. */
import type { Metadata } from "next";
import { headers } from "next/headers";
import { cache } from "react";
import { screenLanguage as languageOf } from "@/server/screen-language";
import { instructor } from "@/server/who";
import { askedLanguage, LANGUAGES, type Language, wordsIn } from "@/words/languages";
import { type PlainKey, type Say, type ScreenGroup, screenIn } from "@/words/screens/screens";
import type { Words } from "@/words/words";

/** What an instructor's pages are in. */
export const screenLanguage = cache(async (): Promise<Language> => languageOf({ headers: await headers() }));

/** The words of an instructor's page. */
export const screenWords = async () => wordsIn(await screenLanguage());

/** The words of an instructor's page, and the messages of one group of its texts. */
export async function spoken<G extends ScreenGroup>(group: G): Promise<{ words: Words; t: Say<G> }> {
  const language = await screenLanguage();
  return { words: wordsIn(language), t: screenIn(group, language) };
}

/** The words of a page that anybody may open: any language that a participant may have. */
export const pageWords = cache(async () => {
  const who = await instructor().catch(() => null);
  return wordsIn(who?.language ?? askedLanguage((await headers()).get("accept-language"), LANGUAGES));
});

/** The title of an instructor's page. */
export const titled =
  (key: PlainKey<"titles">, more: Metadata = {}) =>
  async (): Promise<Metadata> => ({ ...more, title: screenIn("titles", await screenLanguage())(key) });
