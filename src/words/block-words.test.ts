import { expect, test } from "vitest";
import { blockName, goesRound } from "./block-words";
import { wordsIn } from "./languages";

const words = wordsIn("en");

test("a block is called by its title, else by what it is for", () => {
  expect(blockName({ title: "Quay circuit", role: "main" }, words)).toBe("Quay circuit");
  expect(blockName({ title: "", role: "warmup" }, words)).toBe("Warm-up");
  expect(blockName({ title: "" }, words)).toBe("Block");
});

test("how it goes round says ranges as they are, and leaves out what is nought", () => {
  const block = { id: "b", title: "" };
  expect(goesRound({ ...block, rounds: { min: 2, max: 3 }, rest: { min: 15, max: 20 }, longRest: 0 })).toBe(
    "2–3 rounds, 15–20 s rest",
  );
  expect(goesRound({ ...block, rounds: 1, longRest: 45, brief: 30, after: 60 })).toBe(
    "1 round, 45 s between rounds, 30 s talk, 60 s water",
  );
  expect(goesRound({ ...block, cap: 360, rounds: 4 })).toBe("as many rounds as possible in 360 s");
});
