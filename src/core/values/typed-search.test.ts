import fc from "fast-check";
import { expect, test } from "vitest";
import { isFound, searchable } from "./typed-search";

test("beginnings of words in any order, without accents and capitals", () => {
  const text = searchable(["Öresund circuit, again", "towel"]);
  expect(isFound("circ ore", text)).toBe(true);
  expect(isFound("TOWEL", text)).toBe(true);
  expect(isFound("", text)).toBe(true);
  expect(isFound("sund", text)).toBe(false);
  expect(isFound("towel band", text)).toBe(false);
});

test("a text is found by any of its own words", () => {
  fc.assert(
    fc.property(fc.array(fc.string(), { maxLength: 4 }), (texts) => {
      expect(texts.every((typed) => isFound(typed, searchable(texts)))).toBe(true);
    }),
  );
});
