/**
 * Sentences that the server refuses with, in the languages that instructors read in. The English sentence stands where
 * the refusal is; it is its own key, and what stands in it is given apart, never taken out of it again.
 */
import { type Fault, faultLine } from "../../core/values/faults";
import { type Language, wordsIn } from "../languages";
import { faultLineIn } from "./faults";
import { filled } from "./filled";
import { SPANISH_REFUSALS } from "./spanish";

/** A sentence with places, `at most {most} people`, and what stands in them. */
export interface Sentence {
  readonly text: string;
  readonly values: Readonly<Record<string, string | number | Sentence | readonly Fault[]>>;
}

/** Of what is wrong with a document so many lines are said, and so many letters of each. */
const MOST_FAULTS = 5;
const MOST_LETTERS = 200;

const TABLES: Partial<Record<Language, Readonly<Record<string, string>>>> = { es: SPANISH_REFUSALS };

type Said = {
  readonly inner: (sentence: Sentence) => string;
  readonly fault: (fault: Fault) => string;
};

const told = ({ values }: Sentence, { inner, fault }: Said) => {
  const lines = (faults: readonly Fault[]) =>
    faults
      .slice(0, MOST_FAULTS)
      .map((each) => fault(each).slice(0, MOST_LETTERS))
      .join("; ");
  return (name: string) => {
    const value = values[name];
    if (typeof value !== "object") return value?.toString();
    return "text" in value ? inner(value) : lines(value);
  };
};

/** The sentence in English, as it stands in the code. */
export const inEnglish = (sentence: Sentence): string =>
  filled(sentence.text, told(sentence, { inner: inEnglish, fault: faultLine }));

/** The sentence in a language; null where the language has none. */
export function sentenceIn(sentence: Sentence, language: Language): string | null {
  const own = TABLES[language]?.[sentence.text];
  if (own === undefined) return null;
  const words = wordsIn(language);
  return filled(
    own,
    told(sentence, {
      inner: (each) => sentenceIn(each, language) ?? inEnglish(each),
      fault: (fault) => faultLineIn(fault, words),
    }),
  );
}
