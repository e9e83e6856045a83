import { describe, expect, test } from "vitest";
import { liveScore } from "../core/live/live-score";
import { recordOf } from "../core/log/record";
import { whatWasDone } from "../core/log/what-was-done";
import { LIBRARY_BOOK } from "../core/moves/library";
import { scoreOf } from "../core/score/score";
import { classOf } from "../core/testing/classes";
import { events, T0 } from "../core/testing/events";
import { afterText } from "./after-words";
import { wordsIn } from "./languages";

const doc = classOf([
  {
    id: "b",
    title: "Presses",
    rounds: 3,
    rest: 10,
    longRest: 10,
    slots: [
      { id: "s", move: "floor-press", dose: { seconds: 30 } },
      { id: "t", move: "plank", dose: { hold: 20 } },
    ],
  },
  {
    id: "c",
    title: "As many as possible",
    cap: 60,
    slots: [{ id: "u", move: "squat-jump", dose: { reps: 8 } }],
  },
  { id: "d", title: "Never reached", slots: [{ id: "v", move: "plank", dose: { hold: 20 } }] },
]);
const score = liveScore(doc, scoreOf(doc, LIBRARY_BOOK), LIBRARY_BOOK);
/** The record of a class that was ended so late, ms. */
const record = (endedMs: number, dropped = false) => {
  const list = dropped
    ? events([0, "start"], [1000, "drop-round"], [endedMs, "end"])
    : events([0, "start"], [endedMs, "end"]);
  return recordOf(score, list, [], T0 + endedMs);
};

describe("what a class came to", () => {
  test("are the rounds and moves that took place, and no block that wasn't reached", () => {
    const all = whatWasDone(doc, record(255_000), LIBRARY_BOOK);
    expect(all.map(({ block, rounds, moves }) => [block, rounds, moves.length])).toEqual([
      ["b", 3, 2],
      ["c", 1, 1],
    ]);
    const less = whatWasDone(doc, record(35_000), LIBRARY_BOOK);
    expect(less.map(({ rounds, moves }) => [rounds, moves.map(({ id }) => id)])).toEqual([
      [1, ["floor-press"]],
    ]);
    expect(whatWasDone(doc, record(255_000, true), LIBRARY_BOOK)[0]?.rounds).toBe(2);
  });

  test("isn't what was passed over by a press", () => {
    for (const ms of [0, 100, 1000, 2900]) expect(whatWasDone(doc, record(ms), LIBRARY_BOOK)).toEqual([]);
    expect(whatWasDone(doc, record(3000), LIBRARY_BOOK)).toHaveLength(1);
  });

  test("is said block by block, with thanks before it and where to say how it was after it", () => {
    expect(afterText(doc, record(0), LIBRARY_BOOK, wordsIn("en"))).toMatch(
      /^Thank you for coming to T\.\n\nHow/,
    );
    const text = afterText(doc, record(255_000), LIBRARY_BOOK, wordsIn("en"));
    expect(text.split("\n")).toEqual([
      "Thank you for coming. T took 4 minutes, and this is what we did:",
      "",
      "Presses: 3 rounds of floor press and plank",
      "As many as possible: squat jump",
      "",
      "How hard was it, and what did you do? Your own page asks it for a week.",
    ]);
  });
});
