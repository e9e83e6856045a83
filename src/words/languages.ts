/** The languages that there are, each with its catalogue, and the words of each. */
import { createTranslator } from "use-intl/core";
import type { Catalogue } from "./catalogue";
import * as english from "./english";
import { french } from "./french";
import { german } from "./german";
import { lowerFirst } from "./letters";
import type { PartCatalogue } from "./participant-set";
import { portuguese } from "./portuguese";
import { spanish } from "./spanish";
import { argsOf } from "./values";
import type { Args, Words } from "./words";

/** What participants meet in their language, and the rest, which instructors read, in English. */
const over = ({ reasons, names, phrases }: PartCatalogue): Catalogue => ({
  reasons: { ...english.reasons, ...reasons },
  names: { ...english.names, ...names },
  phrases: { ...english.phrases, ...phrases },
});

interface Spoken {
  /** Of its numbers, lists and dates. */
  readonly locale: string;
  readonly catalogue: Catalogue;
  /** Names keep their first letter within a sentence. */
  readonly capitals?: boolean;
}

/** By their BCP 47 code. */
const CATALOGUES = {
  en: { locale: "en-GB", catalogue: english },
  es: { locale: "es-ES", catalogue: spanish },
  de: { locale: "de-DE", catalogue: over(german), capitals: true },
  fr: { locale: "fr-FR", catalogue: over(french) },
  pt: { locale: "pt-PT", catalogue: over(portuguese) },
} as const satisfies Readonly<Record<string, Spoken>>;
export type Language = keyof typeof CATALOGUES;
export const LANGUAGES = Object.keys(CATALOGUES) as readonly Language[];
/** Languages in which instructors read everything too. */
export const WHOLE_LANGUAGES: readonly Language[] = ["en", "es"];

type Translate = (key: string, args?: Args) => string;

/** So many texts are remembered; then it begins anew. */
const MOST_REMEMBERED = 4000;

/** The same message with the same arguments is the same text: a screen that is drawn anew asks for it again. */
function remembering(translate: Translate): Translate {
  const known = new Map<string, string>();
  return (key, args = {}) => {
    const name = `${key} ${JSON.stringify(args)}`;
    const text = known.get(name) ?? translate(key, args);
    if (known.size >= MOST_REMEMBERED) known.clear();
    known.set(name, text);
    return text;
  };
}

/** What makes texts of some messages (ICU) of a language; a message that lacks a value throws. */
export function translatorOf(language: Language, messages: object): Translate {
  const translate = createTranslator({
    locale: CATALOGUES[language].locale,
    messages: messages as Readonly<Record<string, string>>,
    onError: (error) => {
      throw error;
    },
  });
  return remembering(translate as unknown as Translate);
}

function make(language: Language): Words {
  const { locale, catalogue, capitals = false }: Spoken = CATALOGUES[language];
  const translate = translatorOf(language, catalogue);
  const conjunction = new Intl.ListFormat(locale, { type: "conjunction" });
  const disjunction = new Intl.ListFormat(locale, { type: "disjunction" });
  const numbers = [0, 1, 2].map(
    (most) => new Intl.NumberFormat(locale, { useGrouping: false, maximumFractionDigits: most }),
  );
  const words: Words = {
    language,
    locale,
    say: (topic, reason) => {
      const { code, ...values } = reason as { readonly code: string };
      return translate(`reasons.${topic}.${code}`, argsOf(values, words));
    },
    name: (group, code, args = {}) => translate(`names.${group}.${String(code)}`, args),
    phrase: (group, key, args = {}) => translate(`phrases.${group}.${String(key)}`, args),
    inside: (text) => (capitals ? text : lowerFirst(text)),
    and: (texts) => conjunction.format(texts),
    or: (texts) => disjunction.format(texts),
    number: (value, most = 2) => (numbers[most] ?? (numbers[2] as Intl.NumberFormat)).format(value),
  };
  return words;
}

const made = new Map<Language, Words>();

/** The words of a language, made once. */
export function wordsIn(language: Language): Words {
  const known = made.get(language) ?? make(language);
  made.set(language, known);
  return known;
}

/** A language that instructors read in, by its code; null where it is none. */
export const wholeLanguage = (code: string | null): Language | null =>
  WHOLE_LANGUAGES.find((language) => language === code) ?? null;

/** The first of some languages that a browser asks for (`Accept-Language`, by its order), or English. */
export function askedLanguage(header: string | null, of: readonly Language[]): Language {
  const asked = (header ?? "").slice(0, 500).split(",");
  for (const each of asked) {
    const base = each.split(";")[0]?.trim().toLowerCase().split("-")[0];
    const known = of.find((language) => language === base);
    if (known) return known;
  }
  return "en";
}

/** The language of a person or a studio, or English where there is none of theirs. */
export function languageOf(tag: string | undefined): Language {
  const base = tag?.toLowerCase().split("-")[0];
  return LANGUAGES.find((language) => language === base) ?? "en";
}
