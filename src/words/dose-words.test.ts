import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { dosesText } from "../core/class/dose-text";
import { arbDose } from "../core/testing/arbitraries";
import { amountText, shownDoses, spokenDose, tempoText } from "./dose-words";
import { wordsIn } from "./languages";

const words = wordsIn("en");

describe("for people at work", () => {
  test.each([
    ["3-0-1-0", "lower 3 s, lift 1 s"],
    ["2-1-X-0", "lower 2 s, pause 1 s, lift 1 s"],
    ["3021", "lower 3 s, lift 2 s, pause 1 s"],
    ["0-2-0-0", "pause 2 s"],
    ["0-0-0-0", ""],
    ["soon", ""],
    [undefined, ""],
  ])("the tempo %j is %j", (tempo, text) => expect(tempoText(tempo, words)).toBe(text));

  test("what is counted is told as it varies, and nothing of what is only timed", () => {
    const three = (min: number, max: number) => ({ min, plan: max, max });
    expect(amountText({ reps: 8 }, three(8, 8), words)).toBe("8 reps");
    expect(amountText({ reps: 8 }, three(4, 5), words)).toBe("4–5 reps");
    expect(amountText({ reps: 1 }, three(1, 1), words)).toBe("1 rep");
    expect(amountText({ toLimit: 30 }, null, words)).toBe("to the limit");
    expect(amountText({ ladder: { from: 1, to: 6 }, tempo: "3-0-1-0" }, three(21, 21), words)).toBe(
      "ladder 1–6",
    );
    expect(amountText({ seconds: 40 }, null, words)).toBe("");
    expect(amountText({ hold: 40 }, null, words)).toBe("");
  });
});

describe("said aloud", () => {
  test.each([
    [{ seconds: 40 }, "40 seconds"],
    [{ reps: { min: 8, max: 12 }, tempo: "3-0-1-0" }, "8–12 reps at 3-0-1-0"],
    [{ reps: 1 }, "1 rep"],
    [{ reps: 10, repSeconds: 2.5, within: 60 }, "10 reps of 2.5 s in 60 s"],
    [{ hold: 30 }, "hold 30 seconds"],
    [{ toLimit: 40 }, "to limit 40 seconds"],
    [{ ladder: { from: 6, to: 1, hold: 2, holdOn: "rung" as const } }, "ladder 6–1 hold 2 s a rung"],
  ])("%j is %s", (dose, text) => expect(spokenDose(dose, words)).toBe(text));

  test("every dose says something", () => {
    fc.assert(
      fc.property(arbDose, (dose) => {
        expect(spokenDose(dose, words)).toMatch(/\d/);
      }),
    );
  });
});

describe("beside its move", () => {
  test("a dose stands as it is typed in English, and says the same in a few signs elsewhere", () => {
    const spanish = wordsIn("es");
    const tempo = { reps: { min: 8, max: 12 }, tempo: "3-0-1-0" };
    expect(shownDoses(tempo, words)).toBe(dosesText(tempo));
    expect(shownDoses(tempo, spanish)).toBe("8–12 reps a 3-0-1-0");
    expect(shownDoses({ hold: 30 }, wordsIn("de"))).toBe("halten 30 s");
    expect(shownDoses({ reps: 10, within: 60 }, wordsIn("fr"))).toBe("10 rép. en 60 s");
    expect(shownDoses([{ seconds: 40 }, { toLimit: 30 }], spanish)).toBe("40 s / al límite 30 s");
  });

  test("no dose is left out or in English", () => {
    fc.assert(
      fc.property(arbDose, (dose) => {
        for (const language of ["es", "de", "fr", "pt"] as const) {
          const text = shownDoses(dose, wordsIn(language));
          expect(text).toMatch(/\d/);
          // Moves of a sequence are named as the library has them.
          if (!dose.sequence) expect(text).not.toMatch(/\b(hold|to limit|at|ladder|left)\b/);
        }
      }),
    );
  });
});
