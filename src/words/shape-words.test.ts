/** The call sheet as it is said. */
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../core/class/document";
import { THRESHOLDS } from "../core/effort/thresholds";
import { LIBRARY_BOOK } from "../core/moves/library";
import { partsFor } from "../core/parts/everyone";
import { type CallLine, callSheet, lineAt } from "../core/shape/call-sheet";
import { arbClass } from "../core/testing/arbitraries";
import { classOf } from "../core/testing/classes";
import { wordsIn } from "./languages";
import { type SpokenLine, spokenLines } from "./shape-words";

const said = (lines: readonly CallLine[], wordsPerSecond = THRESHOLDS.wordsPerSecond) =>
  spokenLines(lines, wordsIn("en"), wordsPerSecond);

const doc = (more: object = {}) =>
  classOf([
    {
      id: "b",
      title: "Quay",
      brief: 20,
      rest: 40,
      after: 30,
      slots: [
        { id: "a", move: "bodyweight-squat", dose: { seconds: 40 } },
        { id: "c", move: "goblet-squat", dose: { seconds: 40 } },
      ],
      ...more,
    },
  ]);
const kettlebell = { id: "p", name: "P", kit: [{ id: "kb", type: "kettlebell" as const, kg: 12 }] };
// At sharp a bag is worth its trouble: without one it would be far too easy.
const backpack = {
  id: "q",
  name: "Q",
  mark: "sharp" as const,
  kit: [{ id: "bp", type: "backpack" as const, maxKg: 25 }],
};
const texts = (own: ClassDoc, people: object[]) =>
  said(callSheet(own, LIBRARY_BOOK, partsFor(own, people as never, LIBRARY_BOOK))).map(({ text }) => text);

describe("what is said of kit", () => {
  test("is to fetch it before the move that first uses it, and nothing where nobody needs any", () => {
    expect(texts(doc(), [kettlebell]).find((text) => text.startsWith("Next: goblet"))).toContain(
      "Fetch your kettlebell.",
    );
    expect(texts(doc(), []).join()).not.toContain("Fetch");
  });

  test("names what most have where homes differ", () => {
    const people = [kettlebell, { ...kettlebell, id: "r" }, backpack];
    expect(texts(doc(), people).find((text) => text.startsWith("Next: goblet"))).toContain(
      "Fetch your kettlebell or what you have.",
    );
  });

  test("is in the block's briefing, all of it", () => {
    const [first] = texts(doc(), [kettlebell, backpack]);
    expect(first).toBe("Quay. Have ready what you have of: kettlebell, backpack.");
    expect(texts(doc(), [])[0]).toBe("Quay.");
  });

  test("is cut at a sentence where the talk is short", () => {
    expect(texts(doc({ brief: 2 }), [kettlebell, backpack])[0]).toBe("Quay.");
  });
});

describe("a line", () => {
  test("holds from its second until its room is over", () => {
    const lines = said(callSheet(doc(), LIBRARY_BOOK));
    for (const line of lines) expect(lineAt([line], line.at)).toBe(line);
    expect(lineAt(lines, -1)).toBeNull();
    const water = lines.find(({ text }) => text.startsWith("Water"));
    expect(water?.text).toBe("Water, 30 seconds.");
    expect(lineAt([water as SpokenLine], (water?.at ?? 0) + 60)).toBeNull();
  });
});

describe("the call sheet", () => {
  test("is never longer than the time there is, and comes in the order of the class", () => {
    fc.assert(
      fc.property(arbClass, fc.integer({ min: 15, max: 35 }), (own, tenths) => {
        const lines = said(callSheet(own, LIBRARY_BOOK), tenths / 10);
        for (const line of lines) {
          expect(line.takes).toBeLessThanOrEqual(line.room + 0.05);
          expect(line.text.trim()).not.toBe("");
        }
      }),
      { numRuns: 60 },
    );
  });

  test("says what comes next with its side, changes sides, half-way and the last ten", () => {
    const own = classOf([
      {
        id: "b",
        title: "",
        rest: 15,
        slots: [
          { id: "a", move: "bodyweight-squat", dose: { seconds: 40 } },
          { id: "c", move: "split-squat", dose: { seconds: 30 }, sideChange: 5 },
        ],
      },
    ]);
    const lines = said(callSheet(own, LIBRARY_BOOK));
    const texts = lines.map((line) => `${line.at} ${line.text}`);
    expect(texts.some((text) => text.startsWith("40 Next: split squat, left side, 30 seconds."))).toBe(true);
    expect(texts).toContain("20 Half-way.");
    expect(texts).toContain("30 Last ten.");
    expect(texts).toContain("85 Other side: right.");
    expect(lineAt(lines, 21)?.text).toBe("Half-way.");
  });

  test("lets the instructor's own words stand", () => {
    const own = classOf([
      {
        id: "b",
        title: "",
        rest: 15,
        slots: [
          { id: "a", move: "bodyweight-squat", dose: { seconds: 40 } },
          { id: "c", move: "bridge", dose: { seconds: 40 }, call: "Down we go.", cue: "Ribs down." },
        ],
      },
    ]);
    const mine = said(callSheet(own, LIBRARY_BOOK)).filter((line) => line.own);
    expect(mine.map((line) => line.text)).toEqual(["Down we go.", "Ribs down."]);
  });
});
