import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../core/moves/library";
import { scoreOf } from "../core/score/score";
import { tableRows } from "../core/score/table";
import { classOf } from "../core/testing/classes";
import { wordsIn } from "./languages";
import { pieceWords } from "./piece-words";

const doc = classOf([
  {
    id: "m",
    title: "Quay circuit",
    rounds: 2,
    rest: 15,
    longRest: 45,
    after: 20,
    slots: [
      { id: "a", move: "goblet-squat", dose: { reps: { min: 8, max: 12 } } },
      { id: "b", move: "side-plank-knees", dose: { seconds: 20 } },
    ],
  },
]);

describe("a piece in words", () => {
  test("has its times, what is done or not, side, reps, block and round", () => {
    const rows = tableRows(doc, scoreOf(doc, LIBRARY_BOOK), LIBRARY_BOOK);
    const said = rows.map((row) => pieceWords(row, wordsIn("en")));
    expect(said[0]).toMatch(/^0:00–\d:\d\d, \d+ s: Goblet squat, 8–12 reps · Quay circuit, round 1$/);
    expect(
      said.some((text) => /, 20 s: [A-Z][a-z ]*plank[a-z ]*, left · Quay circuit, round 2$/.test(text)),
    ).toBe(true);
    expect(said.some((text) => /, 45 s: rest · Quay circuit/.test(text))).toBe(true);
    expect(said.at(-1)).toMatch(/, 20 s: water · Quay circuit$/);
    expect(new Set(said).size).toBe(rows.length);
  });
});
