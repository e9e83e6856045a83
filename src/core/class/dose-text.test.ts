import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { arbDose } from "../testing/arbitraries";
import { spanTriple } from "../values/span";
import { tempoWords } from "../values/tempo";
import type { Dose } from "./document";
import { amountText, dosesText, doseText, parseDose, parseDoses } from "./dose-text";

/** A dose with its spans spelt out and what is left out filled in, so that equal meaning is equal. */
function meaning(dose: Dose): unknown {
  const spans = Object.fromEntries(
    (["seconds", "hold", "reps", "toLimit"] as const).flatMap((key) =>
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
  expect(parseDoses("45 s / 8 reps")).toEqual(doses);
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

describe("for people at work", () => {
  test.each([
    ["3-0-1-0", "lower 3 s, lift 1 s"],
    ["2-1-X-0", "lower 2 s, pause 1 s, lift 1 s"],
    ["3021", "lower 3 s, lift 2 s, pause 1 s"],
    ["0-2-0-0", "pause 2 s"],
    ["0-0-0-0", ""],
    ["soon", ""],
    [undefined, ""],
  ])("the tempo %j is %j", (tempo, words) => expect(tempoWords(tempo)).toBe(words));

  test("what is counted is told as it varies, and nothing of what is only timed", () => {
    const three = (min: number, max: number) => ({ min, plan: max, max });
    expect(amountText({ reps: 8 }, three(8, 8))).toBe("8 reps");
    expect(amountText({ reps: 8 }, three(4, 5))).toBe("4–5 reps");
    expect(amountText({ reps: 1 }, three(1, 1))).toBe("1 rep");
    expect(amountText({ toLimit: 30 }, null)).toBe("to the limit");
    expect(amountText({ ladder: { from: 1, to: 6 }, tempo: "3-0-1-0" }, three(21, 21))).toBe("ladder 1–6");
    expect(amountText({ seconds: 40 }, null)).toBe("");
    expect(amountText({ hold: 40 }, null)).toBe("");
  });
});
