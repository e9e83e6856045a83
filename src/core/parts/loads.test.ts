import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../class/document";
import type { Person } from "../homes/home";
import type { KitItem } from "../homes/kit";
import { adjustableWeights, backpackWeights, barbellWeights } from "../homes/packing";
import { LIBRARY_BOOK } from "../moves/library";
import { ABOVE, estimatedMaximum, loadForReps, nearestWeight, repsAtLoad } from "./loads";
import type { PartSlot } from "./part";
import { partFor } from "./parts";

describe("the load formulas", () => {
  test("are each other's inverse within what they speak of", () => {
    const arb = fc.record({
      kg: fc.integer({ min: 1, max: 100 }),
      reps: fc.integer({ min: 2, max: 20 }),
      rir: fc.integer({ min: 0, max: 4 }),
    });
    fc.assert(
      fc.property(arb, ({ kg, reps, rir }) => {
        const maximum = estimatedMaximum(kg, reps, rir) as number;
        expect(loadForReps(maximum, reps, rir)).toBeCloseTo(kg, 9);
        expect(repsAtLoad(maximum, kg, rir)).toBe(reps);
      }),
    );
  });

  test("one rep with none in reserve is the maximum itself; past twenty reps nothing is told", () => {
    expect(estimatedMaximum(50, 1, 0)).toBe(50);
    expect(loadForReps(50, 1, 0)).toBe(50);
    expect(estimatedMaximum(10, 10, 2)).toBeCloseTo(14);
    expect(estimatedMaximum(10, 21, 0)).toBeNull();
    expect(repsAtLoad(30, 10, 0)).toBeNull();
  });

  test("the nearest weight is never more than 5 % above what is wanted, unless all are", () => {
    const arbWeights = fc.uniqueArray(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 8 });
    fc.assert(
      fc.property(arbWeights, fc.double({ min: 0.5, max: 45, noNaN: true }), (list, wanted) => {
        const weights = [...list].sort((a, b) => a - b).map((kg) => ({ kg, filling: [] }));
        const chosen = nearestWeight(weights, wanted)?.kg as number;
        const allowed = list.filter((kg) => kg <= wanted * ABOVE);
        if (allowed.length === 0) expect(chosen).toBe(Math.min(...list));
        else {
          expect(chosen).toBeLessThanOrEqual(wanted * ABOVE);
          for (const kg of allowed) {
            expect(Math.abs(chosen - wanted)).toBeLessThanOrEqual(Math.abs(kg - wanted) + 1e-9);
          }
        }
      }),
    );
  });
});

describe("weights that are put together", () => {
  const bag: KitItem = { id: "bag", type: "backpack", maxKg: 6 };
  test("a backpack holds the sums of what is there, and whole kilograms between", () => {
    const kit: KitItem[] = [bag, { id: "b", type: "bottle", count: 3, litres: 1.5 }];
    const weights = backpackWeights(bag, kit);
    expect(weights.map((option) => option.kg)).toEqual([1, 1.5, 2, 3, 4, 4.5, 5, 6]);
    expect(weights.find((option) => option.kg === 4.5)?.filling).toEqual([
      { kit: "b", count: 3, as: "filling" },
    ]);
  });
  test("a bar takes the same plates on both sides", () => {
    const bar: KitItem = { id: "bar", type: "barbell", kg: 8 };
    const kit: KitItem[] = [
      bar,
      { id: "p5", type: "plate", count: 2, kg: 5 },
      { id: "p1", type: "plate", count: 3, kg: 1.25 },
    ];
    expect(barbellWeights(bar, kit).map((option) => option.kg)).toEqual([8, 10.5, 18, 20.5]);
  });
  test("an adjustable one goes by its steps", () => {
    const item: KitItem = { id: "a", type: "adjustable-dumbbell", minKg: 2, maxKg: 9, stepKg: 2.5 };
    expect(adjustableWeights(item).map((option) => option.kg)).toEqual([2, 4.5, 7]);
  });
  test("no sum is of more than there is", () => {
    const arb = fc.array(
      fc.record({ kg: fc.integer({ min: 1, max: 8 }), count: fc.integer({ min: 1, max: 4 }) }),
      {
        maxLength: 4,
      },
    );
    fc.assert(
      fc.property(arb, (plates) => {
        const kit = plates.map(({ kg, count }, i) => ({ id: `k${i}`, type: "jug" as const, kg, count }));
        for (const { kg, filling } of backpackWeights({ ...bag, maxKg: 30 }, kit)) {
          if (filling.length === 0) continue;
          let sum = 0;
          for (const use of filling) {
            const item = kit.find((entry) => entry.id === use.kit);
            expect(use.count).toBeLessThanOrEqual(item?.count ?? 0);
            sum += use.count * (item?.kg ?? 0);
          }
          expect(sum).toBeCloseTo(kg);
        }
      }),
    );
  });
});

describe("a part's load", () => {
  const classOf = (move: string, more: object = {}): ClassDoc => ({
    format: "brontle.class",
    version: 1,
    title: "T",
    stance: "strength",
    blocks: [
      {
        id: "b",
        title: "",
        slots: [{ id: "s", move, dose: { reps: { min: 8, max: 12 } }, load: { rir: 2 }, ...more }],
      },
    ],
  });
  const slotFor = (doc: ClassDoc, person: Person) => partFor(doc, person, LIBRARY_BOOK).slots[0] as PartSlot;
  const pairs = (...kgs: number[]): KitItem[] =>
    kgs.map((kg) => ({ id: `d${kg}`, type: "dumbbell", count: 2, kg }));
  const known = (move: string, kg: number) => [{ move, kg, reps: 10, rir: 2 }];

  test("comes from the known set, and says how many reps it will be", () => {
    const person: Person = { id: "p", name: "P", kit: pairs(4, 8, 12), workingSets: known("bent-row", 9) };
    const slot = slotFor(classOf("bent-row"), person);
    expect(slot.load).toEqual({ kg: 8, items: 2 });
    // 9 × (1 + 12/30) = 12.6; at 8: 30 × (12.6/8 − 1) − 2 = 15.25.
    expect(slot.predicted).toEqual({ reps: 15, rir: 2, rough: true });
    expect(["one-limb", "slower"]).toContain(slot.adjust[0]?.code);
  });

  test("too heavy offers both hands, lever, range, an easier way, in that order", () => {
    const person: Person = { id: "p", name: "P", kit: pairs(20), workingSets: known("floor-press", 6) };
    const { adjust } = slotFor(classOf("floor-press"), person);
    expect(adjust[0]?.code).toBe("both-hands");
    expect(adjust.map(({ code }) => code)).toContain("smaller-range");
  });

  test("without a known set begins light", () => {
    const person: Person = { id: "p", name: "P", kit: pairs(3, 6, 12) };
    expect(slotFor(classOf("bent-row", { load: { target: "light" } }), person).load).toEqual({
      kg: 3,
      items: 2,
    });
    expect(slotFor(classOf("bent-row", { load: { target: "heavy" } }), person).load).toEqual({
      kg: 6,
      items: 2,
    });
    expect(slotFor(classOf("bent-row"), person).loadReason).toEqual({ code: "start-light" });
  });

  test("counts the body only where the person gave its mass", () => {
    const sets = known("goblet-squat", 16);
    const kit: KitItem[] = [{ id: "k", type: "kettlebell", kg: 16 }];
    const without = slotFor(classOf("goblet-squat"), { id: "p", name: "P", kit, workingSets: sets });
    expect(without.predicted).toBeNull();
    const given = slotFor(classOf("goblet-squat"), {
      id: "p",
      name: "P",
      kit,
      workingSets: sets,
      bodyKg: 60,
    });
    expect(given.predicted).toEqual({ reps: 10, rir: 2, rough: false });
  });

  test("a written weight is the weight", () => {
    const person: Person = { id: "p", name: "P", kit: pairs(3, 6, 12) };
    expect(slotFor(classOf("bent-row", { load: { kg: 12 } }), person).load).toEqual({ kg: 12, items: 2 });
    expect(slotFor(classOf("bent-row", { load: { kg: 11 } }), person).load).toEqual({ kg: 6, items: 2 });
  });

  test("two light ones are held at once where one is too light", () => {
    const kit: KitItem[] = [{ id: "d", type: "dumbbell", count: 2, kg: 5 }];
    const slot = slotFor(classOf("goblet-squat", { load: { kg: 10 } }), { id: "p", name: "P", kit });
    expect(slot.uses).toEqual([{ kit: "d", count: 2, as: "held-weight", kg: 5 }]);
    expect(slot.load).toEqual({ kg: 5, items: 2 });
  });

  test("a load is told in the units of who uses it", () => {
    const person: Person = {
      id: "p",
      name: "P",
      units: "lb",
      kit: pairs(5),
      workingSets: known("bent-row", 5),
    };
    expect(slotFor(classOf("bent-row"), person).loadReason).toMatchObject({
      known: { mass: { kg: 5, units: "lb" } },
    });
  });
});
