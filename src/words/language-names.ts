/** What languages call themselves: that is how people find theirs. */
import type { Language } from "./languages";

/** `English`, `español`: from the platform's tables (CLDR). */
export function languageName(language: Language): string {
  return new Intl.DisplayNames([language], { type: "language" }).of(language) ?? language;
}
