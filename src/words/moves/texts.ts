/** What the library's moves are called and say in each language but English, which stands in the library itself. */
import type { Language } from "../languages";
import french from "./french.json";
import german from "./german.json";
import type { MoveTexts } from "./moves-with";
import portuguese from "./portuguese.json";
import spanish from "./spanish.json";

export const MOVE_TEXTS: Readonly<Record<Exclude<Language, "en">, MoveTexts>> = {
  es: spanish,
  de: german,
  fr: french,
  pt: portuguese,
};
