import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../class/document";
import { LIBRARY_BOOK } from "../moves/library/index";
import { partFor } from "../parts/parts";
import { scoreOf } from "../score/score";
import { arbClass } from "../testing/arbitraries";
import { ROPE_CLIMB } from "../testing/class-builders";
import { balanceOf } from "./balance";
import { slotEffort } from "./demand";
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
    const climb = doc([
      { id: "b", title: "", slots: [{ id: "s", move: ROPE_CLIMB, dose: { seconds: 200 } }] },
    ]);
    const none = partFor(climb, { id: "p", name: "P", kit: [] }, LIBRARY_BOOK);
    expect(none.slots[0]?.status).toBe("unmet");
    expect(effortCurve(climb, LIBRARY_BOOK, { part: none }).peak).toBe(EFFORT_MODEL.restEffort);
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
          { id: "c", move: "weighted-split-squat", dose: { seconds: 30 }, load: { rir: 3 } },
          { id: "d", move: "squat-jump", dose: { reps: 5 } },
        ],
      },
    ]);
    const balance = balanceOf(own, LIBRARY_BOOK, THRESHOLDS);
    expect(balance.hardSets.get("chest")).toBe(3);
    // Split squats side by side: a set for both legs, three times; jumps are no strength sets.
    expect(balance.hardSets.get("quads")).toBe(3);
    expect(balance.pushPull).toEqual({ push: 3, pull: 0 });
    expect(balance.sideSeconds).toEqual({ left: 90, right: 90 });
    expect(balance.landings).toBe(15);
    expect(balance.gripSeconds).toBe(300);
    expect(balance.restSeconds).toBe(3 * 40 + 2 * 60);
    expect(balance.positionSeconds.get("supine")).toBe(120);
  });

  const squats = (move: string, dose: object, more: object = {}, block: object = {}) =>
    doc([
      {
        id: "b",
        title: "",
        slots: [{ id: "s", move, dose, ...more }],
        ...block,
      } as ClassDoc["blocks"][number],
    ]);
  const sets = (own: ClassDoc, part?: ReturnType<typeof partFor>) =>
    balanceOf(own, LIBRARY_BOOK, THRESHOLDS, part).hardSets.get("quads") ?? 0;

  test("counts a set as hard by what it leaves a natural person: of the body alone as it is, of a weight as it is meant", () => {
    // Some 25 squats at the limit: 13 in 40 s leave far more than four, 23 in 70 s don't.
    expect(sets(squats("bodyweight-squat", { seconds: 40 }, { load: { rir: 3 } }))).toBe(0);
    expect(sets(squats("bodyweight-squat", { seconds: 70 }))).toBe(1);
    expect(sets(squats("bodyweight-squat", { reps: 12 }))).toBe(0);
    expect(sets(squats("bodyweight-squat", { reps: 22 }))).toBe(1);
    expect(sets(squats("goblet-squat", { seconds: 40 }, { load: { rir: 3 } }))).toBe(1);
    expect(sets(squats("goblet-squat", { seconds: 40 }, { load: { rir: 5 } }))).toBe(0);
    expect(sets(squats("goblet-squat", { reps: 10 }, { load: { target: "none" } }))).toBe(0);
    expect(sets(squats("bodyweight-squat", { toLimit: 60 }))).toBe(1);
    // However long, a piece is one set; a warm-up has none, nor has a jump.
    expect(sets(squats("bodyweight-squat", { seconds: 300 }))).toBe(1);
    expect(sets(squats("bodyweight-squat", { seconds: 70 }, {}, { role: "warmup" }))).toBe(0);
    expect(sets(squats("squat-jump", { reps: 30 }))).toBe(0);
  });

  test("counts each set of a list by itself", () => {
    const own = squats(
      "goblet-squat",
      { reps: 8 },
      { load: [{ rir: 6 }, { rir: 4 }, { rir: 1 }] },
      { rounds: 3 },
    );
    expect(sets(own)).toBe(2);
  });

  test("counts a person's own sets by what they leave that person", () => {
    const own = squats("bodyweight-squat", { reps: 22 });
    const of = (more: object) =>
      sets(own, partFor(own, { id: "p", name: "P", kit: [], ...more }, LIBRARY_BOOK));
    expect(of({})).toBe(1);
    expect(of({ mark: "sharp" })).toBe(0);
    expect(of({ workingSets: [{ move: "bodyweight-squat", reps: 28, rir: 2 }] })).toBe(0);
  });

  test("and effort are felt by what is left: two in reserve is an eight, whatever it costs in breath", () => {
    const heavy = squats("goblet-squat", { reps: 8 }, { load: { rir: 2 } }, { rounds: 6 });
    expect(slotEffort(heavy.blocks[0]?.slots?.[0] as never, LIBRARY_BOOK, "strength")).toBe(8);
    const light = squats("goblet-squat", { reps: 8 }, { load: { rir: 8 } });
    expect(slotEffort(light.blocks[0]?.slots?.[0] as never, LIBRARY_BOOK, "strength")).toBeLessThan(6);
    const calf = squats("calf-stretch", { hold: 30 }, { load: { rir: 0 } });
    expect(slotEffort(calf.blocks[0]?.slots?.[0] as never, LIBRARY_BOOK, "strength")).toBe(2);
  });
});
