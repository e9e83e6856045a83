import type { Language } from "@/words/languages";

/** What screens are in where nobody has chosen a language. */
export const HOUSE_LANGUAGE: Language = "en";
