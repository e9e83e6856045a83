/** The languages that there are, each with its catalogue, and the words of each. */
import { createTranslator } from "use-intl/core";
import type { Catalogue } from "./catalogue";
import * as english from "./english";
import { argsOf } from "./values";
import type { Args, Words } from "./words";

/** By their BCP 47 code, each with the locale of its numbers and lists. */
const CATALOGUES = { en: { locale: "en-GB", catalogue: english } } as const satisfies Readonly<
  Record<string, { readonly locale: string; readonly catalogue: Catalogue }>
>;
export type Language = keyof typeof CATALOGUES;
export const LANGUAGES = Object.keys(CATALOGUES) as readonly Language[];

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

function make(language: Language): Words {
  const { locale, catalogue } = CATALOGUES[language];
  const translate = remembering(
    createTranslator({
      locale,
      messages: catalogue as Catalogue,
      onError: (error) => {
        throw error;
      },
    }) as unknown as Translate,
  );
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

/** The language of a person or a studio, or English where there is none of theirs. */
export function languageOf(tag: string | undefined): Language {
  const base = tag?.toLowerCase().split("-")[0];
  return LANGUAGES.find((language) => language === base) ?? "en";
}
