import { expect, test } from "vitest";
import { wordsIn } from "./languages";
import { putLines } from "./put-words";

const words = wordsIn("en");

test("says what changes, and that nothing does", () => {
  expect(
    putLines(
      {
        seconds: 75,
        sets: [
          ["lats", 3],
          ["biceps", -1.5],
        ],
        pushPull: { before: [4, 2], after: [4, 5] },
        short: 1,
        needs: 9,
        follow: { as: 14, swapped: 9, unmet: 1 },
      },
      words,
    ),
  ).toEqual([
    "14 of 24 do it as it is set, at their own level, 9 something else instead, 1 nothing",
    "1 person hasn't the time to change over: half of them need 9 s",
    "The class gets 1:15 longer",
    "Hard sets: lats +3, biceps −1.5",
    "Push to pull 4 : 5, now 4 : 2",
  ]);
  expect(
    putLines(
      {
        seconds: 0,
        sets: [],
        pushPull: { before: [1, 1], after: [1, 1] },
        short: 0,
        needs: 0,
        follow: { as: 0, swapped: 0, unmet: 0 },
      },
      words,
    ),
  ).toEqual(["The class stays as long", "No hard set more or less"]);
});
