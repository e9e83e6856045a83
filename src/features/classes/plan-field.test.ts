import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { readPlan } from "@/core/notation/read-plan";
import { stretchesOf } from "./plan-field";

describe("what is underlined", () => {
  test("is just the words that aren't certain", () => {
    const text = "3 rounds 40/20: squat, gobet sqat holt\n- zzyzx 10";
    const { notes } = readPlan(text, LIBRARY_BOOK);
    const marked = stretchesOf(text, notes).filter(({ code }) => code !== null);
    expect(marked.map(({ text: words, code }) => `${code}: ${words}`)).toEqual([
      "unknown-move: gobet sqat holt",
      "unknown-move: zzyzx",
    ]);
  });

  test("whatever is typed, all of it is there, each letter once", () => {
    const arbText = fc
      .array(fc.constantFrom("squat", "zz", "12/10/8 ", "\n", ", ", "3x10 ", "40/20 ", "é ", "# ", ": "), {
        maxLength: 30,
      })
      .map((parts) => parts.join(""));
    fc.assert(
      fc.property(arbText, (text) => {
        const stretches = stretchesOf(text, readPlan(text, LIBRARY_BOOK).notes);
        expect(stretches.map((stretch) => stretch.text).join("")).toBe(text);
        expect(stretches.every((stretch) => stretch.text !== "")).toBe(true);
      }),
    );
  });
});
