import { expect, test } from "vitest";
import type { Block } from "../core/class/document";
import { LIBRARY_BOOK } from "../core/moves/library";
import { blockName, goesRound } from "./block-words";
import { wordsIn } from "./languages";

const words = wordsIn("en");

test("a block is called by its title, else by what it is for, else by what it is made of", () => {
  const slots = ["goblet-squat", "march-on-the-spot", "high-knees", "plank"].map((move, i) => ({
    id: `s${i}`,
    move,
    dose: { seconds: 40 },
  }));
  const say = (more: Partial<Block>) =>
    blockName({ id: "b", title: "", rounds: 3, rest: 15, slots, ...more }, LIBRARY_BOOK, words);
  expect(say({ title: "Quay circuit" })).toBe("Quay circuit");
  expect(say({ role: "warmup" })).toBe("Warm-up");
  expect(say({})).toBe("Circuit of goblet squat, march on the spot and more");
  expect(say({ slots: slots.slice(0, 2) })).toBe("Superset of goblet squat and march on the spot");
  expect(say({ slots: slots.slice(0, 1), rounds: 8 })).toBe("Intervals of goblet squat");
  expect(say({ slots: [], role: "talk" })).toBe("Talk");
});

test("how it goes round says ranges as they are, and leaves out what is nought", () => {
  const block = { id: "b", title: "" };
  expect(
    goesRound({ ...block, rounds: { min: 2, max: 3 }, rest: { min: 15, max: 20 }, longRest: 0 }, words),
  ).toBe("2–3 rounds, 15–20 s rest");
  expect(goesRound({ ...block, rounds: 1, longRest: 45, brief: 30, after: 60 }, words)).toBe(
    "1 round, 45 s between rounds, 30 s talk, 60 s water",
  );
  expect(goesRound({ ...block, cap: 360, rounds: 4 }, words)).toBe("as many rounds as possible in 360 s");
});
