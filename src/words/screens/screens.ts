/** What instructors read on their screens: apart from the catalogue of all, so that no participant's phone carries it. */
import type { GetICUArgs } from "@schummar/icu-type-parser";
import type { Same } from "../catalogue";
import { type Language, translatorOf } from "../languages";
import * as english from "./english";
import * as spanish from "./spanish";

type Texts = typeof english;
export type ScreenGroup = keyof Texts;

const IN_SPANISH: Same<Texts> = spanish;

/** The values that a message asks for, by its English text. */
type Asked<M> = M extends string ? { readonly [K in keyof GetICUArgs<M>]-?: string | number } : never;
type Rest<M> = keyof Asked<M> extends never
  ? readonly []
  : readonly [args: Asked<M> & Readonly<Record<string, string | number>>];

/** One group's messages in one language, by key; those that ask for values are given them. */
export type Say<G extends ScreenGroup> = <K extends keyof Texts[G] & string>(
  key: K,
  ...args: Rest<Texts[G][K]>
) => string;
/** A key whose message asks for nothing. */
export type PlainKey<G extends ScreenGroup> = {
  [K in keyof Texts[G] & string]: Rest<Texts[G][K]> extends readonly [] ? K : never;
}[keyof Texts[G] & string];

const translators = new Map<Language, ReturnType<typeof translatorOf>>();

/** The messages of a group in a language; in English where the language has none for instructors. */
export function screenIn<G extends ScreenGroup>(group: G, language: Language): Say<G> {
  const known =
    translators.get(language) ??
    (language === "es" ? translatorOf("es", IN_SPANISH) : translatorOf("en", english));
  translators.set(language, known);
  return (key, ...args) => known(`${group}.${key}`, (args as readonly [Record<string, string>?])[0]);
}
