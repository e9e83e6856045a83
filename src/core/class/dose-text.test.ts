import fc from "fast-check";
import { expect, test } from "vitest";
import { arbDose } from "../testing/arbitraries";
import { spanTriple } from "../values/span";
import type { Dose } from "./document";
import { dosesText, doseText, parseDose } from "./dose-text";

/** A dose with its spans spelt out and what is left out filled in, so that equal meaning is equal. */
function meaning(dose: Dose): unknown {
  const spans = Object.fromEntries(
    (["seconds", "hold", "reps", "toLimit", "allow"] as const).flatMap((key) =>
      dose[key] === undefined ? [] : [[key, spanTriple(dose[key])]],
    ),
  );
  const ladder = dose.ladder && {
    step: 1,
    ...dose.ladder,
    hold: dose.ladder.hold ?? 0,
    holdOn: dose.ladder.hold ? (dose.ladder.holdOn ?? "rung") : "rung",
  };
  return { ...dose, ...spans, ladder };
}

test("what is written is read back with the same meaning", () => {
  fc.assert(
    fc.property(arbDose, (dose) => {
      const back = parseDose(doseText(dose));
      expect(back && meaning(back)).toEqual(meaning(dose));
    }),
  );
});

test("lists are joined with slashes", () => {
  const doses = [{ seconds: 45 }, { reps: 8 }];
  expect(dosesText(doses)).toBe("45 s / 8 reps");
  expect("45 s / 8 reps".split("/").map(parseDose)).toEqual(doses);
});

test.each([
  ["40", { seconds: 40 }],
  ["40s", { seconds: 40 }],
  ["30-45 sec", { seconds: { min: 30, max: 45 } }],
  ["8 to 12 reps @ 3-0-1-0", { reps: { min: 8, max: 12 }, tempo: "3-0-1-0" }],
  ["12x", { reps: 12 }],
  ["10 reps of 2.5 s in 60 s", { reps: 10, repSeconds: 2.5, within: 60 }],
  ["Hold 30", { hold: 30 }],
  ["to the limit 40 s", { toLimit: 40 }],
  [
    "ladder 6–1 hold 2 s a rung of 1.5 s",
    { ladder: { from: 6, to: 1, hold: 2, holdOn: "rung" }, repSeconds: 1.5 },
  ],
])("%s is understood", (text, dose) => {
  expect(parseDose(text)).toEqual(dose);
});

test.each(["", "s", "forty", "8 reps at fast", "-3 s", "8 reps in", "hold"])("%s is not", (text) => {
  expect(parseDose(text)).toBeNull();
});
