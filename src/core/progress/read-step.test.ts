import fc from "fast-check";
import { expect, test } from "vitest";
import { isStep } from "./read-step";

test("a step is what the core makes, and nothing else", () => {
  for (const step of [
    { do: "same" },
    { do: "slower" },
    { do: "weight", fromKg: 12, toKg: 14.5 },
    { do: "reps", from: 12, to: 13 },
    { do: "move", to: "front-squat", way: "harder" },
    { do: "keep", rounds: 3 },
  ])
    expect(isStep(step)).toBe(true);
  for (const wrong of [
    null,
    [],
    "same",
    { do: "fly" },
    { do: "constructor" },
    { do: "same", more: 1 },
    { do: "weight", fromKg: 12 },
    { do: "weight", fromKg: 12, toKg: Number.NaN },
    { do: "move", to: "", way: "harder" },
    { do: "move", to: "x", way: "up" },
    { do: "keep" },
    { do: "keep", rounds: 3, seconds: 3 },
  ])
    expect(isStep(wrong)).toBe(false);
  fc.assert(fc.property(fc.anything(), (value) => typeof isStep(value) === "boolean"));
});
