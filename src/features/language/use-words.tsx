"use client";
import { createContext, useContext } from "react";
import { type Language, wordsIn } from "@/words/languages";
import type { Words } from "@/words/words";
import { HOUSE_LANGUAGE } from "./house";

/** The language of what is on this screen. */
export const ScreenLanguage = createContext<Language>(HOUSE_LANGUAGE);

/** The words of the screen's language; in what the server draws alone, `wordsIn` takes its place. */
export function useWords(): Words {
  return wordsIn(useContext(ScreenLanguage));
}
