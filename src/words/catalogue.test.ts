/** Every message of every language can be read, and asks for the same as the English one. */
import { createTranslator } from "use-intl/core";
import { describe, expect, test } from "vitest";
import * as english from "./english";

const messagesOf = (tree: object, path: readonly string[] = []): [key: string, message: string][] =>
  Object.entries(tree).flatMap(([key, value]) =>
    typeof value === "string"
      ? [[[...path, key].join("."), value] as [string, string]]
      : messagesOf(value as object, [...path, key]),
  );

/** Codes of errors that a message gives; one that only lacks its arguments is sound. */
function faults(key: string): readonly string[] {
  const codes: string[] = [];
  const translate = createTranslator({
    locale: "en",
    messages: english as object,
    onError: ({ code }) => codes.push(code),
  }) as unknown as (path: string, args: object) => string;
  translate(key, {});
  return codes.filter((code) => code !== "FORMATTING_ERROR");
}

describe("the English catalogue", () => {
  const messages = messagesOf({
    reasons: english.reasons,
    names: english.names,
    phrases: english.phrases,
  });

  test("can be read, every message in every branch", () => {
    expect(messages.length).toBeGreaterThan(500);
    expect(messages.flatMap(([key]) => faults(key).map((code) => `${key}: ${code}`))).toEqual([]);
  });

  test("leaves no blanks at the ends of a message", () => {
    for (const [key, message] of messages) expect(message, key).toBe(message.trim());
  });
});
