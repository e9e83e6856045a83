import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Person } from "../homes/home";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import type { Move } from "../moves/move";
import { Strengths } from "./belief";
import { judgeOf } from "./judge";
import { loadMoved, overLoad, repsAt, strandKg } from "./load";
import { careOf, isRisky, repsRange, reserveAt, reserveSet, wantedKg } from "./predict";
import { holdStrain, loadStrain, meanPoints, strainPoints } from "./strain";

const move = (id: string) => LIBRARY_BOOK.get(id) as Move;
const strengthsOf = (more: Partial<Person> = {}) =>
  new Strengths({ id: "p", name: "P", bodyKg: 72, ...more }, LIBRARY_BOOK, "2026-11-26");

describe("reps at a load", () => {
  it("are whole, none below nothing, and one for who can just lift it", () => {
    expect(repsAt(100, 100, 0)).toBe(1);
    expect(repsAt(99, 100, 0)).toBe(0);
    expect(repsAt(140, 100, 0)).toBe(12);
    expect(repsAt(140, 100, 2)).toBe(10);
    expect(repsAt(100, 100, 3)).toBe(0);
    expect(repsAt(100, 0, 0)).toBeNull();
  });

  it("come back from the load that is wanted for them", () => {
    const scaled = LIBRARY.filter((one) => (one.strength?.held ?? 0) > 0);
    fc.assert(
      fc.property(
        fc.constantFrom(...scaled),
        fc.integer({ min: 1, max: 25 }),
        fc.integer({ min: 0, max: 5 }),
        fc.integer({ min: 45, max: 120 }),
        (one, reps, reserve, bodyKg) => {
          const belief = strengthsOf({ bodyKg }).of(one);
          if (!belief || !one.strength || reps + reserve === 1) return;
          const kg = wantedKg(belief, one.strength, bodyKg, reps, reserve);
          if (kg === null || kg === 0) return;
          expect(repsRange(belief, loadMoved(one.strength, bodyKg, kg), reserve)?.median).toBe(reps);
        },
      ),
    );
  });

  it("want no weight in the hand of who can't do as many without, and none where nothing is held", () => {
    const belief = strengthsOf({ mark: "flat" }).of(move("goblet-squat"));
    expect(wantedKg(belief as never, move("goblet-squat").strength as never, 95, 30, 4)).toBe(0);
    const pressUp = strengthsOf().of(move("press-up"));
    expect(wantedKg(pressUp as never, move("press-up").strength as never, 72, 10, 2)).toBeNull();
  });
});

describe("the reserve that is meant", () => {
  it("is the instructor's words, else the stance's", () => {
    expect(reserveSet({ rir: 3 }, "strength")).toBe(3);
    expect(reserveSet({ rpe: 8 }, "form")).toBe(2);
    expect(reserveSet({ target: "heavy" }, "form")).toBe(2);
    expect(reserveSet({ target: "light" }, "strength")).toBe(5);
    expect(reserveSet({ kg: 10 }, "density")).toBe(3);
    expect(reserveSet(undefined, "form")).toBe(4);
  });

  it("is two more at flat, one less at sharp, and to the limit by nobody's mark", () => {
    expect(reserveAt("flat", 2)).toBe(4);
    expect(reserveAt("natural", 2)).toBe(2);
    expect([4, 2, 1, 0].map((reserve) => reserveAt("sharp", reserve))).toEqual([3, 1, 1, 0]);
  });
});

describe("care", () => {
  it("is none with a set of the very move, more where something could fall", () => {
    const none = strengthsOf();
    expect(careOf(move("bent-row"), none.of(move("bent-row")) as never)).toBe(-0.35);
    for (const id of [
      "floor-press",
      "lying-extension",
      "standing-press",
      "barbell-bench-press",
      "barbell-squat",
    ]) {
      expect(isRisky(move(id)), id).toBe(true);
      expect(careOf(move(id), none.of(move(id)) as never)).toBe(-0.67);
    }
    for (const id of ["press-up", "curl", "bridge", "weighted-bridge", "weighted-dead-bug"]) {
      expect(isRisky(move(id)), id).toBe(false);
    }
    const known = strengthsOf({
      workingSets: [{ move: "floor-press", kg: 10, reps: 8, rir: 2, date: "2026-11-20" }],
    });
    expect(careOf(move("floor-press"), known.of(move("floor-press")) as never)).toBe(0);
  });
});

describe("strain", () => {
  it("is nothing where just so much is left as was meant, and grows with reps, reserve and load", () => {
    expect(loadStrain(Math.log(100 / overLoad(12)), 10, 2, Math.log(100))).toBeCloseTo(0, 12);
    const of = (load: number, reps: number, reserve: number) =>
      loadStrain(Math.log(load), reps, reserve, Math.log(100));
    expect(of(50, 11, 2)).toBeGreaterThan(of(50, 10, 2));
    expect(of(50, 10, 3)).toBeGreaterThan(of(50, 10, 2));
    expect(of(51, 10, 2)).toBeGreaterThan(of(50, 10, 2));
    expect(of(100, 1, 0)).toBe(0);
    expect(holdStrain(50, 2, 60)).toBeCloseTo(0, 12);
  });

  it("costs nothing about right, 200 a log unit above, 60 below, 150 at the most, rounded half up", () => {
    expect([-0.1, 0, 0.05].map(strainPoints)).toEqual([0, 0, 0]);
    expect(strainPoints(0.1)).toBeCloseTo(10, 9);
    expect(strainPoints(-0.2)).toBeCloseTo(6, 9);
    expect(strainPoints(3)).toBe(150);
    expect(strainPoints(-9)).toBe(150);
    expect(meanPoints([0.05251])).toBe(1);
    expect(meanPoints([0.1, 0])).toBe(5);
    expect(meanPoints([0.105, 0])).toBe(6);
    expect(meanPoints([])).toBe(0);
  });
});

describe("a judge", () => {
  it("is by load, by hold, or none", () => {
    const strengths = strengthsOf();
    expect(judgeOf(strengths, move("bent-row"))?.by).toBe("load");
    expect(judgeOf(strengths, move("plank"))).toEqual({ by: "hold", limitSeconds: 60 });
    expect(judgeOf(strengths, move("squat-jump"))).toBeNull();
    expect(judgeOf(strengths, move("calf-stretch"))).toBeNull();
  });

  it("takes the usual level for a hold, and one's own longest of a year where that is more", () => {
    const limit = (more: Partial<Person>) => {
      const judge = judgeOf(strengthsOf(more), move("plank"));
      return judge?.by === "hold" ? judge.limitSeconds : null;
    };
    expect(limit({ mark: "flat" })).toBe(36);
    expect(limit({ mark: "sharp" })).toBe(90);
    expect(limit({ mark: "sharp", usual: { mark: "flat" } })).toBe(36);
    const held = (seconds: number, date?: string) => ({
      workingSets: [{ move: "plank", seconds, ...(date ? { date } : {}) }],
    });
    expect(limit(held(100, "2026-06-01"))).toBe(100);
    expect(limit(held(100))).toBe(100);
    expect(limit(held(40))).toBe(60);
    expect(limit(held(100, "2025-06-01"))).toBe(60);
    expect(limit(held(100, "2026-12-01"))).toBe(60);
  });
});

describe("bands", () => {
  it("count more the heavier they are, or by what is stated at full stretch", () => {
    expect(strandKg("light")).toBeLessThan(strandKg("medium"));
    expect(strandKg("medium")).toBeLessThan(strandKg("heavy"));
    expect(strandKg("light", 20)).toBe(12);
  });
});
