import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { Person } from "../homes/home";
import type { KnownMove } from "../moves/book";
import { LIBRARY_BOOK } from "../moves/library";
import { MORE } from "../strength/more";
import { strengthsOf } from "../strength/of-person";
import { exposureAt as at } from "../testing/exposures";
import type { Exposure } from "./exposure";
import { isUp, type Step } from "./proposal";
import { type Asked, propose, weightsFor } from "./propose";

const move = (id: string) => LIBRARY_BOOK.get(id) as KnownMove & { readonly id: string };

/** Somebody with pairs of dumbbells, who has shown what they can with ten kilograms each. */
const person = (kgs: readonly number[], more: Partial<Person> = {}): Person => ({
  id: "ines",
  name: "Ines",
  bodyKg: 70,
  kit: kgs.map((kg) => ({ id: `d${kg}`, type: "dumbbell" as const, kg, count: 2 })),
  workingSets: [{ move: "goblet-squat", kg: 12, reps: 12, rir: 4, date: "2026-11-20" }],
  ...more,
});
const asked = (who: Person, id: string, more: Partial<Asked> = {}): Asked => ({
  person: who,
  move: move(id),
  book: LIBRARY_BOOK,
  strengths: strengthsOf(who, LIBRARY_BOOK, "2026-11-27"),
  on: "2026-11-27",
  taken: [],
  ...more,
});
const two = (more: Partial<Exposure> = {}) => [at("2026-11-24", more), at("2026-11-20", more)];
const stepOf = (who: Asked, list: readonly Exposure[]) => propose(who, list)?.step;

describe("what to do next", () => {
  const rack = person([8, 10, 12, 14, 16]);

  test("is the next weight that the home has, after the top of the range twice running with enough left", () => {
    expect(propose(asked(rack, "goblet-squat"), two())).toMatchObject({
      step: { do: "weight", fromKg: 12, toKg: 14 },
      why: "ready",
    });
    // Once isn't twice, the middle isn't the top, and nothing left isn't what was meant.
    expect(stepOf(asked(rack, "goblet-squat"), [at("2026-11-24")])).toEqual({ do: "same" });
    expect(stepOf(asked(rack, "goblet-squat"), two({ reps: 11 }))).toEqual({ do: "same" });
    expect(stepOf(asked(rack, "goblet-squat"), two({ more: "0-1" }))).toEqual({ do: "same" });
    expect(propose(asked(rack, "goblet-squat"), two({ more: null }))?.why).toBe("said-too-little");
    // Another weight each time says nothing of either.
    expect(stepOf(asked(rack, "goblet-squat"), [at("2026-11-24", { eachKg: 14 }), at("2026-11-20")])).toEqual(
      { do: "same" },
    );
  });

  test("is a rep more, then slower, where the next weight is too far", () => {
    const gap = person([12, 40]);
    expect(stepOf(asked(gap, "goblet-squat"), two())).toEqual({ do: "reps", from: 12, to: 13 });
    expect(stepOf(asked(gap, "goblet-squat"), two({ reps: 15 }))).toEqual({ do: "slower" });
    expect(stepOf(asked(gap, "goblet-squat", { taken: ["slower"] }), two({ reps: 15 }))).toEqual({
      do: "pause",
    });
  });

  test("is made without a weight where the home has none: slower, a pause, one and a half, then the harder way", () => {
    // One alone: two could be held together.
    const only = person([], { kit: [{ id: "d", type: "dumbbell", kg: 12, count: 1 }] });
    const steps = (taken: readonly Step["do"][]) => stepOf(asked(only, "goblet-squat", { taken }), two());
    expect(steps([])).toEqual({ do: "slower" });
    expect(steps(["slower"])).toEqual({ do: "pause" });
    expect(steps(["slower", "pause"])).toEqual({ do: "one-and-a-half" });
    const harder = steps(["slower", "pause", "one-and-a-half"]);
    expect(harder?.do === "move" || harder?.do === "same").toBe(true);
    if (harder?.do === "move")
      expect(move("goblet-squat").links?.some(({ kind, to }) => kind === "harder" && to === harder.to)).toBe(
        true,
      );
  });

  test("of a hold five seconds more up to sixty, then the harder way; of timed work more in it, less rest, another round", () => {
    const hold = (seconds: number) =>
      two({
        move: "plank",
        kind: "hold",
        reps: null,
        repsMeant: null,
        eachKg: null,
        seconds,
        secondsMeant: seconds,
      });
    const who = asked(rack, "plank");
    expect(stepOf(who, hold(30))).toEqual({ do: "hold", from: 30, to: 35 });
    expect(stepOf(who, hold(58))).toEqual({ do: "hold", from: 58, to: 60 });
    expect(stepOf(who, hold(60))?.do).toBe("move");
    const timed = two({ kind: "timed", reps: null, repsMeant: null, seconds: 40, secondsMeant: 40 });
    const next = (taken: readonly Step["do"][]) => stepOf(asked(rack, "goblet-squat", { taken }), timed)?.do;
    expect([next([]), next(["more-in-time"]), next(["more-in-time", "less-rest"])]).toEqual([
      "more-in-time",
      "less-rest",
      "another-round",
    ]);
  });

  test("is less after missing the bottom twice, or two classes at nine and more; once is nothing", () => {
    expect(propose(asked(rack, "goblet-squat"), two({ reps: 6 }))).toMatchObject({
      step: { do: "weight", fromKg: 12, toKg: 10 },
      why: "missed",
    });
    expect(propose(asked(rack, "goblet-squat"), two({ effort: 9 }))?.why).toBe("hard-class");
    expect(stepOf(asked(rack, "goblet-squat"), [at("2026-11-24", { reps: 6 }), at("2026-11-20")])).toEqual({
      do: "same",
    });
  });

  test("never is more where it hurt: it is asked about", () => {
    expect(
      propose(asked(rack, "goblet-squat"), [at("2026-11-24", { hurt: true }), at("2026-11-20")]),
    ).toMatchObject({
      step: { do: "ask" },
      why: "hurt",
    });
    expect(stepOf(asked(rack, "goblet-squat"), [at("2026-11-24"), at("2026-11-20", { hurt: true })])).toEqual(
      { do: "same" },
    );
  });

  test("after two to four weeks is the same or a tenth less, after longer a tenth to a fifth", () => {
    const away = (on: string) => propose(asked(person([9, 10, 11, 12, 14]), "goblet-squat", { on }), two());
    expect(away("2026-12-12")).toMatchObject({ step: { do: "same" }, why: "away" });
    expect(away("2027-01-10")).toMatchObject({ step: { do: "weight", toKg: 10 }, why: "long-away" });
  });

  test("is nothing where nothing was confirmed", () => {
    expect(propose(asked(rack, "goblet-squat"), [])).toBeNull();
  });
});

const kilograms = fc.integer({ min: 2, max: 30 });
const arbExposure = fc.record({
  days: fc.integer({ min: 0, max: 80 }),
  sets: fc.integer({ min: 1, max: 4 }),
  reps: fc.integer({ min: 1, max: 20 }),
  eachKg: kilograms,
  more: fc.option(fc.constantFrom(...MORE)),
  effort: fc.option(fc.integer({ min: 0, max: 10 })),
  hurt: fc.boolean(),
});
const arbHistory = fc
  .array(arbExposure, { minLength: 1, maxLength: 6 })
  .map((list) =>
    list.map(({ days, ...rest }) =>
      at(new Date(Date.UTC(2026, 10, 27) - days * 86_400_000).toISOString().slice(0, 10), rest),
    ),
  );

describe("any history in any home", () => {
  test("leads to a weight that the home can make, by one step at the most, and never to more after pain", () => {
    fc.assert(
      fc.property(arbHistory, fc.uniqueArray(kilograms, { minLength: 1, maxLength: 8 }), (history, kgs) => {
        const who = person(kgs);
        const made = propose(asked(who, "goblet-squat"), history);
        if (!made) return;
        const { step, why, evidence } = made;
        const weights = weightsFor(who, move("goblet-squat"));
        const [last] = evidence;
        if (step.do === "weight") {
          expect(weights).toContain(step.toKg);
          expect(step.fromKg).toBe(last?.eachKg);
          // Up is the very next one.
          if (step.toKg > step.fromKg)
            expect(weights.filter((kg) => kg > step.fromKg && kg < step.toKg)).toEqual([]);
        }
        if (step.do === "reps")
          expect(Math.abs(step.to - step.from)).toBeLessThanOrEqual(step.to > step.from ? 1 : 99);
        if (last?.hurt) expect(isUp(step)).toBe(false);
        if (isUp(step)) {
          expect(why).toBe("ready");
          expect(evidence).toHaveLength(2);
          for (const each of evidence) {
            expect(each.hurt).toBe(false);
            expect(each.reps).toBeGreaterThanOrEqual(12);
          }
        }
      }),
      { numRuns: 400 },
    );
  });

  test("doesn't hang on the order in which it is told, nor on what comes after the day", () => {
    fc.assert(
      fc.property(
        arbHistory.filter((list) => new Set(list.map(({ day }) => day)).size === list.length),
        fc.nat(1000),
        (history, turn) => {
          const who = asked(person([8, 10, 12, 14]), "goblet-squat");
          const made = propose(who, history);
          const turned = [
            ...history.slice(turn % history.length),
            ...history.slice(0, turn % history.length),
          ];
          expect(propose(who, turned)).toEqual(made);
          expect(propose(who, [...history, at("2027-03-01", { hurt: true })])).toEqual(made);
        },
      ),
    );
  });
});
