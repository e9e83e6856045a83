import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../class/document";
import { LIBRARY_BOOK } from "../moves/library/index";
import { partFor } from "../parts/parts";
import { scoreOf } from "../score/score";
import { arbClass } from "../testing/arbitraries";
import { balanceOf } from "./balance";
import { EFFORT_MODEL, effortCurve } from "./effort";
import { THRESHOLDS } from "./thresholds";

const doc = (blocks: ClassDoc["blocks"], more: Partial<ClassDoc> = {}): ClassDoc => ({
  format: "brontle.class",
  version: 1,
  title: "T",
  stance: "strength",
  blocks,
  ...more,
});
const natural = (own: ClassDoc) => effortCurve(own, LIBRARY_BOOK, { mark: "natural" });
const one = (move: string, seconds: number, more: object = {}) =>
  doc([{ id: "b", title: "", slots: [{ id: "s", move, dose: { seconds } }], ...more }]);

describe("the effort curve", () => {
  test("stays between 0 and 10 and covers the class", () => {
    fc.assert(
      fc.property(arbClass, (own) => {
        const curve = natural(own);
        const { plan } = scoreOf(own, LIBRARY_BOOK).seconds;
        expect(curve.effort).toHaveLength(Math.ceil(plan / 5) + 1);
        for (const n of curve.effort) {
          expect(n).toBeGreaterThanOrEqual(0);
          expect(n).toBeLessThanOrEqual(10);
        }
        for (const list of curve.fatigue.values()) {
          for (const n of list) expect(n >= 0 && n <= 1).toBe(true);
        }
      }),
      { numRuns: 40 },
    );
  });

  test("is the solution of its equation: worked out in steps of a hundredth of a second it is the same", () => {
    const own = doc([
      {
        id: "b",
        title: "",
        rounds: 3,
        rest: 17,
        slots: [{ id: "s", move: "star-jack", dose: { seconds: 43 } }],
      },
    ]);
    const curve = natural(own);
    let y: number = EFFORT_MODEL.restEffort;
    const work = (t: number) => t % 60 < 43;
    const high = 9;
    for (let k = 0; k < 16_300; k += 1) {
      const demand = work(k / 100) ? high : EFFORT_MODEL.restEffort;
      y += ((demand - y) / (demand > y ? EFFORT_MODEL.upSeconds : EFFORT_MODEL.downSeconds)) * 0.01;
      if ((k + 1) % 500 === 0) expect(curve.effort[(k + 1) / 500]).toBeCloseTo(y, 0);
    }
  });

  test("harder levels and harder moves are harder, rests bring it down", () => {
    const at = (mark: "flat" | "natural" | "sharp") =>
      effortCurve(one("squat-jump", 300), LIBRARY_BOOK, { mark }).peak;
    expect(at("flat")).toBeLessThan(at("natural"));
    expect(at("natural")).toBeLessThanOrEqual(at("sharp"));
    const curve = natural(one("star-jack", 120, { after: 300 }));
    expect(curve.effort.at(-1)).toBeLessThan(curve.peak / 3);
    expect(curve.sessionLoad).toBe(Math.round((curve.sessionEffort * 420) / 60));
    expect(curve.minutesHigh).toBeGreaterThan(0);
  });

  test("tires the muscles that work, primary more than secondary, and lets them empty", () => {
    const { fatigue } = natural(one("goblet-squat", 60, { after: 180 }));
    const at = (muscle: "quads" | "abs", i: number) => fatigue.get(muscle)?.[i] ?? 0;
    expect(at("quads", 12)).toBeGreaterThan(at("abs", 12));
    expect(at("quads", 48)).toBeLessThan(at("quads", 12) / 5);
    expect(fatigue.has("chest")).toBe(false);
  });

  test("of a person goes by the moves that they do, and rests where nothing can be done", () => {
    const own = one("squat-jump", 200);
    const calm = partFor(own, { id: "p", name: "P", kit: [], limits: ["no-jumping"] }, LIBRARY_BOOK);
    expect(effortCurve(own, LIBRARY_BOOK, { part: calm }).peak).toBeLessThan(natural(own).peak);
    const none = partFor(
      one("overhead-reach", 200),
      { id: "p", name: "P", kit: [], limits: ["no-overhead"] },
      LIBRARY_BOOK,
    );
    expect(effortCurve(one("overhead-reach", 200), LIBRARY_BOOK, { part: none }).peak).toBe(
      EFFORT_MODEL.restEffort,
    );
  });
});

describe("balance", () => {
  test("counts hard sets, sides, positions, landings, grip, work and rest", () => {
    const own = doc([
      {
        id: "b",
        title: "",
        rounds: 3,
        rest: 20,
        longRest: 60,
        slots: [
          { id: "a", move: "floor-press", dose: { reps: 10, tempo: "3-0-1-0" }, load: { rir: 2 } },
          { id: "c", move: "split-squat", dose: { seconds: 30 }, load: { rir: 3 } },
          { id: "d", move: "squat-jump", dose: { reps: 5 } },
        ],
      },
    ]);
    const balance = balanceOf(own, LIBRARY_BOOK, THRESHOLDS);
    expect(balance.hardSets.get("chest")).toBe(3);
    // Split squats side by side: a set for both legs, three times; the jumps are hard by their effort.
    expect(balance.hardSets.get("quads")).toBe(6);
    expect(balance.pushPull).toEqual({ push: 3, pull: 0 });
    expect(balance.sideSeconds).toEqual({ left: 90, right: 90 });
    expect(balance.landings).toBe(15);
    expect(balance.gripSeconds).toBe(120);
    expect(balance.restSeconds).toBe(3 * 40 + 2 * 60);
    expect(balance.positionSeconds.get("supine")).toBe(120);
  });

  test("of a long timed piece counts pro rata, and easy work not at all", () => {
    const sets = (seconds: number, rir: number) =>
      balanceOf(
        doc([
          {
            id: "b",
            title: "",
            slots: [{ id: "s", move: "bodyweight-squat", dose: { seconds }, load: { rir } }],
          },
        ]),
        LIBRARY_BOOK,
        THRESHOLDS,
      ).hardSets.get("quads") ?? 0;
    expect(sets(40, 3)).toBe(1);
    expect(sets(60, 3)).toBe(1);
    expect(sets(120, 3)).toBe(2);
    expect(sets(19, 3)).toBe(0);
    expect(sets(40, 5)).toBe(0);
  });
});
