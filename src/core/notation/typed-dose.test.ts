import fc from "fast-check";
import { expect, test } from "vitest";
import type { Dose, Slot } from "../class/document";
import { dosesText } from "../class/dose-text";
import { LIBRARY_BOOK } from "../moves/library";
import { arbDose } from "../testing/arbitraries";
import { typedDose } from "./typed-dose";

const COUNTED: Slot = { id: "a", move: "goblet-squat", dose: { reps: 8, tempo: "3-0-1-0" } };
const TIMED: Slot = { id: "a", move: "goblet-squat", dose: { seconds: 40 } };
const HELD: Slot = { id: "a", move: "knee-plank", dose: { hold: 30 } };

const read = (text: string, slot: Slot) => typedDose(text, slot, LIBRARY_BOOK);

test.each<[string, Slot, unknown]>([
  ["12", COUNTED, { reps: 12, tempo: "3-0-1-0" }],
  ["8–12", COUNTED, { reps: { min: 8, max: 12 }, tempo: "3-0-1-0" }],
  ["12", TIMED, { seconds: 12 }],
  ["45", HELD, { hold: 45 }],
  ["45 s", HELD, { hold: 45 }],
  ["0:40", TIMED, { seconds: 40 }],
  ["1:30", HELD, { hold: 90 }],
  ["1 min", TIMED, { seconds: 60 }],
  ["0:40", COUNTED, { seconds: 40 }],
  ["90s", COUNTED, { seconds: 90 }],
  ["40-60s", COUNTED, { seconds: { min: 40, max: 60 } }],
  ["12 reps 3110", TIMED, { reps: 12, tempo: "3110" }],
  ["3110", COUNTED, { reps: 8, tempo: "3110" }],
  ["tempo 3-1-1-0", COUNTED, { reps: 8, tempo: "3-1-1-0" }],
  ["12/10/8", COUNTED, [12, 10, 8].map((reps) => ({ reps, tempo: "3-0-1-0" }))],
  ["12 reps/10 reps 2020", TIMED, [12, 10].map((reps) => ({ reps, tempo: "2020" }))],
  ["ladder 1-8", COUNTED, { ladder: { from: 1, to: 8 } }],
  ["hold for 20 s", COUNTED, { hold: 20 }],
])("%s is understood", (text, slot, dose) => {
  expect(read(text, slot)).toEqual({ ok: true, dose, counted: null, load: null });
});

test("sides and loads are those of the slot", () => {
  expect(read("10 e/s", COUNTED)).toMatchObject({ dose: { reps: 10 }, counted: "each" });
  expect(read("20 total", COUNTED)).toMatchObject({ dose: { reps: 20 }, counted: "total" });
  expect(read("8 reps heavy", COUNTED)).toMatchObject({ dose: { reps: 8 }, load: { target: "heavy" } });
  expect(read("2 RIR", COUNTED)).toMatchObject({ dose: COUNTED.dose, load: { rir: 2 } });
});

test.each([
  ["", "empty", ""],
  ["some", "words", "some"],
  ["8 reps quickly", "words", "quickly"],
  ["3x10", "sets", "3x10"],
])("%s is not, and it is said why", (text, why, left) => {
  expect(read(text, COUNTED)).toEqual({ ok: false, why, text: left });
});

test("what a slot shows is typed back as it is", () => {
  fc.assert(
    fc.property(fc.oneof(arbDose, fc.array(arbDose, { minLength: 2, maxLength: 4 })), (dose) => {
      const slot: Slot = { ...COUNTED, dose: dose as Dose };
      const typed = read(dosesText(dose), slot);
      expect(typed.ok && dosesText(typed.dose)).toEqual(dosesText(dose));
    }),
  );
});

test("whatever is typed, nothing is thrown", () => {
  const bits = fc.constantFrom(
    "12",
    "8-12",
    "3-0-1-0",
    "3110",
    "e/s",
    "/",
    "0:40",
    "s",
    "x",
    "hold",
    " ",
    "kg",
  );
  const text = fc.oneof(
    fc.string(),
    fc.array(bits, { maxLength: 6 }).map((found) => found.join(" ")),
  );
  fc.assert(
    fc.property(text, fc.constantFrom(COUNTED, TIMED, HELD), (typed, slot) => void read(typed, slot)),
  );
});
