import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../core/moves/library";
import type { Step } from "../core/progress/proposal";
import { exposureAt } from "../core/testing/exposures";
import { wordsIn } from "./languages";
import { exposureText, goalText, nextLine, proposalText, stepText } from "./progress-words";

const words = wordsIn("en");
const moveOf = (id: string) => LIBRARY_BOOK.get(id);
const text = (step: Step) => stepText(step, words, moveOf);

const squat = exposureAt("2026-11-24");

describe("what next in words", () => {
  test("says each step as something to do", () => {
    expect(text({ do: "weight", fromKg: 12, toKg: 14.5 })).toBe("14.5 kg each instead of 12");
    expect(text({ do: "reps", from: 12, to: 13 })).toBe("13 reps a set instead of 12");
    expect(text({ do: "hold", from: 30, to: 35 })).toBe("hold 35 s instead of 30");
    expect(text({ do: "move", to: "split-squat", way: "harder" })).toBe("the harder way: split squat");
    expect(text({ do: "keep", rounds: 3 })).toBe("3 sets of it, as before");
    expect(text({ do: "keep", seconds: 30 })).toBe("30 s of it, as before");
    for (const step of [
      "same",
      "slower",
      "pause",
      "one-and-a-half",
      "more-in-time",
      "less-rest",
      "another-round",
      "ask",
    ] as const)
      expect(text({ do: step }).length).toBeGreaterThan(5);
  });

  test("says a goal for whom it is", () => {
    const since = "2026-11-27";
    expect(goalText({ since, kg: 14 }, words)).toBe("14 kg each");
    expect(goalText({ since, reps: 13, on: ["slower", "pause"] }, words)).toBe(
      "13 reps a set, lowered more slowly, with a pause at the hardest place",
    );
    expect(goalText({ since, move: "front-squat" }, words)).toBe("");
  });

  test("is a line to decide about, with what may stand in its place", () => {
    const step = { do: "weight", fromKg: 12, toKg: 14 } as const;
    const proposal = { move: "goblet-squat", step, why: "ready", evidence: [squat] } as const;
    expect(
      nextLine({ proposal, choices: [step, { do: "same" }], decided: null }, words, moveOf),
    ).toMatchObject({
      name: "Goblet squat",
      what: "14 kg each instead of 12",
      others: [{ step: { do: "same" }, text: "the same again" }],
      decided: null,
    });
  });

  test("stands on what was done, with its day", () => {
    expect(exposureText(squat, words)).toBe("3 × 12, 12 kg each, 2–3 left");
    const held = {
      ...squat,
      kind: "hold",
      reps: null,
      seconds: 30,
      eachKg: null,
      more: null,
      hurt: true,
    } as const;
    expect(exposureText(held, words)).toBe("3 × 30 s, it hurt");
    const told = proposalText(
      { move: "goblet-squat", step: { do: "weight", fromKg: 12, toKg: 14 }, why: "ready", evidence: [squat] },
      words,
      moveOf,
    );
    expect(told).toEqual({
      move: "Goblet squat",
      what: "14 kg each instead of 12",
      why: "At the top twice running, with enough left.",
      evidence: [{ day: "24 Nov", text: "3 × 12, 12 kg each, 2–3 left" }],
    });
  });
});
