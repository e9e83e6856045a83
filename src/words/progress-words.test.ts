import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../core/moves/library";
import type { Exposure } from "../core/progress/exposure";
import type { Step } from "../core/progress/proposal";
import { wordsIn } from "./languages";
import { exposureText, proposalText, stepText } from "./progress-words";

const words = wordsIn("en");
const moveOf = (id: string) => LIBRARY_BOOK.get(id);
const text = (step: Step) => stepText(step, words, moveOf);

const squat: Exposure = {
  day: "2026-11-24",
  move: "goblet-squat",
  kind: "reps",
  sets: 3,
  setsMeant: 3,
  reps: 12,
  repsMeant: { min: 8, plan: 10, max: 12 },
  seconds: null,
  secondsMeant: null,
  eachKg: 12,
  more: "2-3",
  reserveMeant: 2,
  effort: 6,
  hurt: false,
};

describe("what next in words", () => {
  test("says each step as something to do", () => {
    expect(text({ do: "weight", fromKg: 12, toKg: 14.5 })).toBe("14.5 kg each instead of 12");
    expect(text({ do: "reps", from: 12, to: 13 })).toBe("13 reps a set instead of 12");
    expect(text({ do: "hold", from: 30, to: 35 })).toBe("hold 35 s instead of 30");
    expect(text({ do: "move", to: "split-squat", way: "harder" })).toBe("the harder way: split squat");
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
      why: "All sets at the top, twice running, with enough left.",
      evidence: [{ day: "2026-11-24", text: "3 × 12, 12 kg each, 2–3 left" }],
    });
  });
});
