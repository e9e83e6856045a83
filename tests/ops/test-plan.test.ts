import { expect, test } from "vitest";
import { readPlan } from "../../ops/test-plan";

test("a test run is planned from words, and what can't be meant is told", () => {
  expect(readPlan([])).toEqual({ parts: [], words: [], env: {} });
  expect(readPlan(["integration", "bounds", "at-once"])).toEqual({
    parts: ["integration"],
    words: ["bounds", "at-once"],
    env: {},
  });
  expect(readPlan(["fuzz", "--inputs", "5000", "--seed", "7"]).env).toEqual({
    BRONTLE_FUZZ_INPUTS: "5000",
    BRONTLE_FUZZ_SEED: "7",
  });
  expect(() => readPlan(["fuzz", "--inputs", "many"])).toThrow("--inputs wants a whole number");
  expect(() => readPlan(["--fast"])).toThrow("doesn't know --fast");
  expect(() => readPlan(["bounds"])).toThrow("name one before bounds");
});
