/**
 * Sentences that the server refuses with, in the languages that instructors read in. The English sentence stands where
 * the refusal is; it is its own key, and what stands in it is given apart, never taken out of it again.
 */
import type { Language } from "../languages";
import { SPANISH_REFUSALS } from "./spanish";

/** A sentence with places, `at most {most} people`, and what stands in them. */
export interface Sentence {
  readonly text: string;
  readonly values: Readonly<Record<string, string | number | Sentence>>;
}

const TABLES: Partial<Record<Language, Readonly<Record<string, string>>>> = { es: SPANISH_REFUSALS };

/** A text with what stands in its places. */
export const filled = (text: string, said: (name: string) => string | undefined): string =>
  text.replace(/\{(\w+)\}/g, (place, name: string) => said(name) ?? place);

const told =
  ({ values }: Sentence, say: (inner: Sentence) => string) =>
  (name: string) => {
    const value = values[name];
    return typeof value === "object" ? say(value) : value?.toString();
  };

/** The sentence in English, as it stands in the code. */
export const inEnglish = (sentence: Sentence): string => filled(sentence.text, told(sentence, inEnglish));

/** The sentence in a language; null where the language has none. */
export function sentenceIn(sentence: Sentence, language: Language): string | null {
  const own = TABLES[language]?.[sentence.text];
  if (own === undefined) return null;
  return filled(
    own,
    told(sentence, (inner) => sentenceIn(inner, language) ?? inEnglish(inner)),
  );
}
