/** What is said of people's kit; the call sheet's timing is tested with the effort. */
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../class/document";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/parts";
import { classOf } from "../testing/classes";
import { callSheet, lineAt } from "./call-sheet";

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
const backpack = { id: "q", name: "Q", kit: [{ id: "bp", type: "backpack" as const, maxKg: 10 }] };
const texts = (own: ClassDoc, people: object[]) =>
  callSheet(own, LIBRARY_BOOK, { parts: partsFor(own, people as never, LIBRARY_BOOK) }).map(
    ({ text }) => text,
  );

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
    const lines = callSheet(doc(), LIBRARY_BOOK);
    for (const line of lines) expect(lineAt([line], line.at)).toBe(line);
    expect(lineAt(lines, -1)).toBeNull();
    const water = lines.find(({ text }) => text.startsWith("Water"));
    expect(water?.text).toBe("Water, 30 seconds.");
    expect(lineAt([water as never], (water?.at ?? 0) + 60)).toBeNull();
  });
});
