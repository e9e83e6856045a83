import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIMITS } from "../homes/limits";
import { emergencyNumber } from "./emergency";
import {
  ACTIVITIES,
  ADAPT,
  ADVICE,
  ASK_FIRST,
  adviceFor,
  asAskedNow,
  INTENDED,
  LIMITS_FOR,
  limitsToLookAt,
  type ReadinessAnswers,
  readinessDue,
} from "./readiness";

const arbAnswers: fc.Arbitrary<ReadinessAnswers> = fc.record(
  {
    askFirst: fc.subarray([...ASK_FIRST]),
    adapt: fc.subarray([...ADAPT]),
    shareAskFirst: fc.boolean(),
    activity: fc.constantFrom(...ACTIVITIES),
    intended: fc.constantFrom(...INTENDED),
  },
  { requiredKeys: ["askFirst", "adapt", "shareAskFirst"] },
);

describe("the readiness check", () => {
  test("sends whoever ticks anything of the first group to a professional first, and says more only to be careful", () => {
    fc.assert(
      fc.property(arbAnswers, (answers) => {
        const advice = adviceFor(answers);
        expect(advice.includes("ask-first")).toBe(answers.askFirst.length > 0);
        expect(advice.includes("unsure")).toBe(answers.adapt.length > 0);
        // Harder never says less, and one tick more never takes a word away.
        const harder = adviceFor({ ...answers, intended: "hard" });
        for (const word of advice) expect(harder).toContain(word);
        for (const more of ASK_FIRST) {
          const ticked = adviceFor({ ...answers, askFirst: [...new Set([...answers.askFirst, more])] });
          for (const word of advice) expect(ticked).toContain(word);
        }
      }),
    );
  });

  test("has no word for being fit to take part, whatever is answered", () => {
    // The closed list of all that it can say: each of them asks for care.
    expect([...ADVICE]).toEqual([
      "ask-first",
      "before-hard",
      "start-gently",
      "pregnancy",
      "insulin",
      "unsure",
    ]);
    expect(adviceFor({ askFirst: [], adapt: [], activity: "regular", intended: "moderate" })).toEqual([]);
    expect(adviceFor({ askFirst: [], adapt: [], activity: "not-regular", intended: "hard" })).toEqual([
      "start-gently",
    ]);
    expect(adviceFor({ askFirst: ["heart"], adapt: [], intended: "hard" })).toEqual([
      "ask-first",
      "before-hard",
    ]);
  });

  test("offers limits for everything that is adapted to, each once, and all of them limits", () => {
    for (const entry of ADAPT) expect(LIMITS_FOR[entry].length, entry).toBeGreaterThan(0);
    const all = limitsToLookAt(ADAPT);
    expect(new Set(all).size).toBe(all.length);
    for (const limit of all) expect(LIMITS).toContain(limit);
    expect(limitsToLookAt([])).toEqual([]);
  });

  test("is asked again after twelve weeks, and where it was asked in other words", () => {
    const day = 86_400_000;
    expect([null, 0, 83 * day].map((at) => readinessDue(at === null ? null : -at, 0))).toEqual([
      true,
      false,
      false,
    ]);
    expect(readinessDue(-84 * day, 0)).toBe(true);
    const old = { askFirst: ["condition", "chest"], adapt: ["medication"], shareAskFirst: true } as never;
    expect(asAskedNow(old)).toEqual({
      answers: { askFirst: ["chest"], adapt: [], shareAskFirst: true },
      whole: false,
    });
    const now: ReadinessAnswers = { askFirst: ["chest"], adapt: ["bones"], shareAskFirst: false };
    expect(asAskedNow(now)).toEqual({ answers: now, whole: true });
  });
});

describe("the emergency number", () => {
  test("is the country's, and none where it isn't known or nobody said where they are", () => {
    expect(["PT", "IS", "GB", "US", "AU", "NZ"].map(emergencyNumber)).toEqual([
      "112",
      "112",
      "999",
      "911",
      "000",
      "111",
    ]);
    expect(["ZZ", "", "pt", undefined, null].map(emergencyNumber)).toEqual([null, null, null, null, null]);
  });
});
