import { expect, test } from "vitest";
import type { Slot } from "../class/document";
import { LIBRARY_BOOK } from "../moves/library";
import { slotEffort } from "./demand";
import { loadStep } from "./load-step";

const slot = (move: string, load?: Slot["load"]): Slot => ({
  id: "s",
  move,
  dose: { reps: 10 },
  ...(load ? { load } : {}),
});

test("a load goes from word to word as far as they go, and the effort with it", () => {
  expect(loadStep(slot("goblet-squat"), 1, LIBRARY_BOOK)).toBe("heavy");
  expect(loadStep(slot("goblet-squat", { target: "heavy" }), 1, LIBRARY_BOOK)).toBeNull();
  expect(loadStep(slot("goblet-squat", { target: "heavy" }), -9, LIBRARY_BOOK)).toBe("none");
  const effort = (target: "light" | "heavy") =>
    slotEffort(slot("goblet-squat", { target }), LIBRARY_BOOK, "strength");
  expect(effort("heavy")).toBeGreaterThan(effort("light"));
});

test("what is said otherwise, or where nothing is held, stays", () => {
  expect(loadStep(slot("goblet-squat", { kg: 12 }), 1, LIBRARY_BOOK)).toBeNull();
  expect(loadStep(slot("goblet-squat", [{ kg: 12 }, { kg: 14 }]), 1, LIBRARY_BOOK)).toBeNull();
  expect(loadStep(slot("high-knees"), 1, LIBRARY_BOOK)).toBeNull();
});
