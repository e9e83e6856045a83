"use client";
/** The library as an instructor reads it: its moves' names and texts in the language of the screen, fetched once. */
import { use, useContext } from "react";
import type { MoveBook } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import type { Language } from "@/words/languages";
import { bookWithTexts, type MoveTexts } from "@/words/moves/moves-with";
import { ScreenLanguage } from "./use-words";

/** Of the languages that instructors read in; English stands in the library itself. */
const TEXTS: Partial<Record<Language, () => Promise<MoveTexts>>> = {
  es: () => import("@/words/moves/spanish.json").then((file) => file.default),
};

const asked = new Map<Language, Promise<MoveTexts>>();

/** What the library's moves say in the language of the screen; null in English. The page waits for them. */
export function useMoveTexts(): MoveTexts | null {
  const language = useContext(ScreenLanguage);
  const load = TEXTS[language];
  if (!load) return null;
  const texts = asked.get(language) ?? load();
  asked.set(language, texts);
  return use(texts);
}

/** The library to name moves from and to look them up in. What is computed of moves is the same with `LIBRARY_BOOK`. */
export function useLibrary(): MoveBook {
  const texts = useMoveTexts();
  return texts ? bookWithTexts(LIBRARY_BOOK, texts) : LIBRARY_BOOK;
}
