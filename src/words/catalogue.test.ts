/** Every message of every language can be read, asks for nothing that the English one doesn't, and is that language's own. */
import { createTranslator } from "use-intl/core";
import { describe, expect, test } from "vitest";
import type { Catalogue } from "./catalogue";
import * as english from "./english";
import { french } from "./french";
import { german } from "./german";
import { WHOLE_LANGUAGES, wordsIn } from "./languages";
import { PART_NAMES, PART_PHRASES, PART_REASONS, type PartCatalogue } from "./participant-set";
import { portuguese } from "./portuguese";
import { spanish } from "./spanish";
import { madeOf, messagesOf } from "./testing/messages";

const ENGLISH: Catalogue = english;
const OTHERS: Readonly<Record<string, PartCatalogue>> = {
  es: spanish,
  de: german,
  fr: french,
  pt: portuguese,
};

const all = ({ reasons, names, phrases }: PartCatalogue) => messagesOf({ reasons, names, phrases });

/** Codes of errors that a message gives; one that only lacks its arguments is sound. */
function faults(catalogue: object, locale: string, key: string): readonly string[] {
  const codes: string[] = [];
  const translate = createTranslator({
    locale,
    messages: catalogue,
    onError: ({ code }) => codes.push(code),
  }) as unknown as (path: string, args: object) => string;
  translate(key, {});
  return codes.filter((code) => code !== "FORMATTING_ERROR");
}

/** Made of values, an abbreviation or a letter that two languages share. */
const ALIKE = ["phrases.kit.one", "phrases.kit.many", "phrases.dose.counted", "phrases.part.sideLetter"];

describe("the English catalogue", () => {
  const messages = all(ENGLISH);

  test("can be read, every message in every branch", () => {
    expect(messages.length).toBeGreaterThan(500);
    expect(messages.flatMap(([key]) => faults(english, "en", key).map((code) => `${key}: ${code}`))).toEqual(
      [],
    );
  });

  test("leaves no blanks at the ends of a message", () => {
    for (const [key, message] of messages) expect(message, key).toBe(message.trim());
  });
});

describe.each(Object.entries(OTHERS))("the catalogue in %s", (language, catalogue) => {
  const messages = all(catalogue);
  const source = new Map(all(ENGLISH));

  test("can be read, every message in every branch", () => {
    const wrong = messages.flatMap(([key]) =>
      faults(catalogue, language, key).map((code) => `${key}: ${code}`),
    );
    expect(wrong).toEqual([]);
    for (const [key, message] of messages) expect(message, key).toBe(message.trim());
  });

  test("has all of the set that the language promises", () => {
    const keys = new Set(messages.map(([key]) => key));
    const promised = (key: string) => {
      const [kind = "", group = ""] = key.split(".");
      const sets: Readonly<Record<string, readonly string[]>> = {
        reasons: PART_REASONS,
        names: PART_NAMES,
        phrases: PART_PHRASES,
      };
      return WHOLE_LANGUAGES.some((whole) => whole === language) || sets[kind]?.includes(group);
    };
    const missing = [...source.keys()].filter((key) => promised(key) && !keys.has(key));
    expect(missing).toEqual([]);
    expect(messages.filter(([key]) => !source.has(key))).toEqual([]);
  });

  test("asks for no value that the English message isn't given, and leaves none out", () => {
    const wrong = messages.flatMap(([key, message]) => {
      const [own, theirs] = [madeOf(message), madeOf(source.get(key) ?? "")];
      const stray = [...own.args].filter((name) => !theirs.args.has(name));
      // What only decides about a word of the other language may be left out; what is said may not.
      const lost = [...theirs.said].filter((name) => !own.args.has(name));
      return stray.length + lost.length > 0 ? [`${key}: ${stray.join()} / ${lost.join()}`] : [];
    });
    expect(wrong).toEqual([]);
  });

  test("chooses among the same codes", () => {
    const wrong = messages.flatMap(([key, message]) => {
      const theirs = madeOf(source.get(key) ?? "").chosen;
      const stray = [...madeOf(message).chosen].filter((code) => !theirs.has(code));
      // In English a target and a floor are called as their codes are.
      return stray.length > 0 && !key.startsWith("phrases.way.target") ? [`${key}: ${stray.join()}`] : [];
    });
    expect(wrong).toEqual([]);
  });

  test("is no English left over", () => {
    // Numbers, units, words that both have, and what is put together of values alone are the same.
    const words = (text: string) => text.replace(/\{[^{}]*\}/g, "").match(/\p{L}{4,}/gu) ?? [];
    const same = messages.filter(
      ([key, message]) => source.get(key) === message && words(message).length > 0,
    );
    const sentences = same.filter(([, message]) => words(message).length > 3);
    expect(sentences.map(([key]) => key).filter((key) => !ALIKE.includes(key))).toEqual([]);
    expect(same.length).toBeLessThan(24);
  });

  test("keeps short what stands where there is little room", () => {
    const words = wordsIn(language as never);
    // Beside the seconds on a phone, and in the corner of a row.
    for (const kind of ["in", "brief", "demo", "prepare", "change", "rest", "after"])
      expect(words.phrase("part", "clock", { kind }).length, kind).toBeLessThanOrEqual(11);
    for (const state of ["told", "pressed", "ready"])
      expect(words.phrase("own", "hurtButton", { state }).length).toBeLessThanOrEqual(20);
    for (const key of ["anotherWay", "doneReps", "doneNoted"] as const)
      expect(words.phrase("part", key).length).toBeLessThanOrEqual(28);
    // All of it together is no more than 40 % longer.
    const chars = (list: readonly (readonly [string, string])[]) =>
      list.reduce((sum, [, text]) => sum + text.length, 0);
    const theirs = messages.map(([key]) => [key, source.get(key) ?? ""] as const);
    expect(chars(messages) / chars(theirs)).toBeLessThan(1.4);
  });
});
