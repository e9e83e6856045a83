import fc from "fast-check";
import Papa from "papaparse";
import { describe, expect, test } from "vitest";
import { csvText, guarded, unguarded } from "./csv-cells";

/** Texts of what matters: separators, signs, apostrophes, spaces. */
const arbCell = fc.string({
  unit: fc.constantFrom(";", "\t", "\n", "\r", "'", "=", "+", "-", "@", " ", "a", ",", '"'),
});

describe("a cell", () => {
  test("is read back as it was, whatever stands in it", () => {
    fc.assert(
      fc.property(arbCell, (text) => {
        expect(unguarded(guarded(text))).toBe(text);
      }),
    );
  });

  test("is no formula wherever a spreadsheet may split it", () => {
    fc.assert(
      fc.property(arbCell, (text) => {
        for (const piece of guarded(text).split(/[;\t\r\n]/))
          expect(piece.trimStart()).not.toMatch(/^[=+\-@]/);
        expect(guarded(text)).not.toMatch(/^[\t\r]/);
      }),
    );
  });

  test("without a sign at a start stays as it is", () => {
    for (const text of ["Pia", "2 dumbbells 6 kg; wall", "a=b", "3-0-1-0", "O'Neil", "'quoted'"])
      expect(guarded(text)).toBe(text);
    expect(guarded("A;=1+1")).toBe("A;'=1+1");
    expect(guarded("note\n- point")).toBe("note\n'- point");
  });
});

test("rows are guarded cell by cell, numbers stay numbers, what isn't there is empty", () => {
  const text = csvText(
    ["a", "b", "c"],
    [
      { a: "=1", b: -2 },
      { a: "x;@y", c: true },
    ],
  );
  expect(Papa.parse(text).data).toEqual([
    ["a", "b", "c"],
    ["'=1", "-2", ""],
    ["x;'@y", "", "true"],
  ]);
});
