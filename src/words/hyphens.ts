/** Words with the places at which they may be broken: for narrow columns, where a browser may know none. */
import { hyphenateSync as inEnglish } from "hyphen/en-gb";
import { hyphenateSync as inSpanish } from "hyphen/es";
import type { Words } from "./words";

const BY_LANGUAGE: Readonly<Record<string, (text: string) => string>> = { en: inEnglish, es: inSpanish };

/** A text with soft hyphens (U+00AD); as it is in a language that instructors don't read in. */
export const breakable = (text: string, { language }: Words): string => BY_LANGUAGE[language]?.(text) ?? text;
