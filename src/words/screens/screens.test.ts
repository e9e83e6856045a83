/** What instructors' screens say: every message can be read, asks for the same in both languages, and is that language's own. */
import { createTranslator } from "use-intl/core";
import { describe, expect, test } from "vitest";
import { madeOf, messagesOf } from "../testing/messages";
import * as english from "./english";
import { screenIn } from "./screens";
import * as spanish from "./spanish";

const SOURCE = new Map(messagesOf(english));
const SPANISH = messagesOf(spanish);

/** Words that both languages have. */
const SHARED = /^(reps|tempo|compendium)$/i;

const wordsOf = (text: string) => text.replace(/\{[^{}]*\}/g, "").match(/\p{L}{4,}/gu) ?? [];

describe("instructors' screens", () => {
  test("can be read in both languages, every message in every branch", () => {
    for (const [locale, messages] of Object.entries({ en: english, es: spanish })) {
      const codes: string[] = [];
      const translate = createTranslator({
        locale,
        messages: messages as never,
        onError: ({ code, message }) => codes.push(`${code} ${message}`),
      }) as unknown as (path: string, args: object) => string;
      for (const [key] of SOURCE) translate(key, {});
      expect(codes.filter((code) => !code.startsWith("FORMATTING_ERROR"))).toEqual([]);
    }
  });

  test("have the same messages in Spanish, that ask for the same and choose among the same", () => {
    expect(SPANISH.map(([key]) => key).sort()).toEqual([...SOURCE.keys()].sort());
    for (const [key, message] of SPANISH) {
      const [own, theirs] = [madeOf(message), madeOf(SOURCE.get(key) ?? "")];
      expect([...own.args].sort(), key).toEqual([...theirs.args].sort());
      expect(
        [...own.chosen].filter((code) => !theirs.chosen.has(code) && !/ (one|=1|=0)$/.test(code)),
        key,
      ).toEqual([]);
    }
  });

  test("leave no English over", () => {
    const left = SPANISH.filter(
      ([key, message]) => SOURCE.get(key) === message && wordsOf(message).some((word) => !SHARED.test(word)),
    );
    expect(left).toEqual([]);
  });

  test("aren't much longer in Spanish", () => {
    const chars = (texts: readonly string[]) => texts.reduce((sum, text) => sum + text.length, 0);
    const ratio = chars(SPANISH.map(([, text]) => text)) / chars([...SOURCE.values()]);
    expect(ratio).toBeLessThan(1.25);
  });

  test("are in English where a language has none for instructors", () => {
    expect(screenIn("desk", "de")("undo")).toBe("Undo");
    expect(screenIn("desk", "es")("undo")).toBe("Deshacer");
    expect(screenIn("desk", "es")("people", { n: 1 })).toBe("1 persona");
  });
});
