import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { NEED_ROLES, type Need } from "../moves/move";
import { fillNeeds } from "./fillings";
import type { Person } from "./home";
import { type KitItem, type KitType, kitCount } from "./kit";
import { fillersOf, needCount } from "./match";

/** Every way to give each need whole items, one by one, checked only at the end. */
function bruteForce(needs: readonly Need[], person: Person): boolean {
  const items = (person.kit ?? []).flatMap((item) => Array.from({ length: kitCount(item) }, () => item));
  // A wall is there unless it is said that there is none.
  const asked = needs.filter(({ as }) => as !== "wall");
  const wants = asked.flatMap((need, n) => Array.from({ length: needCount(need) }, () => ({ need, n })));
  const go = (i: number, taken: readonly (KitItem | null)[]): boolean => {
    if (i === wants.length) {
      return asked.every((need, n) => {
        const mine = taken.filter((item, j): item is KitItem => item !== null && wants[j]?.n === n);
        return !need.equal || new Set(mine.map((item) => `${item.type} ${item.kg}`)).size <= 1;
      });
    }
    const { need } = wants[i] as (typeof wants)[number];
    return items.some((item, j) => {
      if (usedIndexes.has(j) || !fillersOf(need.as).includes(item.type)) return false;
      if (need.kg && (item.kg === undefined || item.kg < need.kg[0] || item.kg > need.kg[1])) return false;
      usedIndexes.add(j);
      const found = go(i + 1, [...taken, item]);
      usedIndexes.delete(j);
      return found;
    });
  };
  const usedIndexes = new Set<number>();
  return go(0, []);
}

describe("matching kit to needs", () => {
  const arbWeights = fc
    .array(
      fc.record({
        type: fc.constantFrom<KitType>("dumbbell", "kettlebell", "towel", "wall"),
        count: fc.integer({ min: 1, max: 2 }),
        kg: fc.integer({ min: 1, max: 4 }),
      }),
      { maxLength: 4 },
    )
    .map((items) => items.map((item, i) => ({ ...item, id: `k${i}` })));
  const arbNeeds: fc.Arbitrary<Need[]> = fc.array(
    fc.constantFrom<Need>(
      { as: "hand-weight", count: 2, equal: true, kg: [1, 3] },
      { as: "hand-weight", kg: [2, 4] },
      { as: "held-weight", kg: [1, 4] },
      { as: "towel" },
      { as: "wall" },
    ),
    { maxLength: 3 },
  );

  test("finds a filling exactly where trying everything does", () => {
    fc.assert(
      fc.property(arbWeights, arbNeeds, (kit, needs) => {
        const person: Person = { id: "p", name: "P", kit };
        expect(fillNeeds(needs, person) !== null).toBe(bruteForce(needs, person));
      }),
      { numRuns: 2000 },
    );
  });

  const home = (...kit: KitItem[]): Person => ({ id: "p", name: "P", kit, space: { floor: "smooth" } });
  test("two equal weights are two equal items", () => {
    const pair: Need[] = [{ as: "hand-weight", count: 2, equal: true }];
    expect(
      fillNeeds(pair, home({ id: "a", type: "dumbbell", kg: 6 }, { id: "b", type: "dumbbell", kg: 4 })),
    ).toBeNull();
    expect(
      fillNeeds(pair, home({ id: "a", type: "dumbbell", kg: 6 }, { id: "b", type: "dumbbell", kg: 6 })),
    ).toHaveLength(2);
    expect(fillNeeds(pair, home({ id: "a", type: "bottle", litres: 0.5, count: 2 }))).toEqual([
      { kit: "a", count: 2, as: "hand-weight", kg: 0.5 },
    ]);
  });
  test("one towel is not two sliders, and sliders want a smooth floor", () => {
    const pair: Need[] = [{ as: "slider-pair" }];
    expect(fillNeeds(pair, home({ id: "t", type: "towel" }))).toBeNull();
    expect(fillNeeds(pair, home({ id: "t", type: "towel", count: 2 }))).not.toBeNull();
    expect(
      fillNeeds(pair, { ...home({ id: "t", type: "towel", count: 2 }), space: { floor: "carpet" } }),
    ).toBeNull();
  });
  test("furniture carries only where it is said to be sturdy, and a door holds only where pulling shuts it", () => {
    const seat: Need[] = [{ as: "support", bearsWeight: true, heightCm: [38, 55] }];
    expect(fillNeeds(seat, home({ id: "c", type: "chair" }))).toBeNull();
    expect(fillNeeds(seat, home({ id: "c", type: "chair", sturdy: true }))).not.toBeNull();
    const door: Need[] = [{ as: "door" }];
    expect(fillNeeds(door, home({ id: "d", type: "door", latches: true, opens: "towards" }))).toBeNull();
    expect(fillNeeds(door, home({ id: "d", type: "door", latches: true }))).toBeNull();
    expect(fillNeeds(door, home({ id: "d", type: "door", latches: true, opens: "away" }))).not.toBeNull();
    expect(fillNeeds([{ as: "anchor" }], home({ id: "a", type: "door-anchor" }))).toBeNull();
  });
  test("nobody stands on a sofa; a stack of books that carries is a step", () => {
    const sofa: KitItem = { id: "s", type: "sofa", sturdy: true };
    const step: Need[] = [{ as: "support", bearsWeight: true, heightCm: [38, 55] }];
    expect(fillNeeds(step, home(sofa))).not.toBeNull();
    expect(fillNeeds([{ ...(step[0] as Need), firm: true }], home(sofa))).toBeNull();
    const low: Need[] = [{ as: "support", bearsWeight: true, firm: true, heightCm: [10, 35] }];
    expect(fillNeeds(low, home({ id: "b", type: "books", sturdy: true }))).not.toBeNull();
    expect(fillNeeds(low, home({ id: "b", type: "books" }))).toBeNull();
  });
  test("bands of two tensions are no pair", () => {
    const pair: Need[] = [{ as: "long-band", count: 2, equal: true }];
    const band = (id: string, tension: "light" | "heavy"): KitItem => ({ id, type: "tube-band", tension });
    expect(fillNeeds(pair, home(band("a", "light"), band("b", "heavy")))).toBeNull();
    expect(fillNeeds(pair, home(band("a", "light"), band("b", "light")))).not.toBeNull();
  });
  test("a wall is there unless it is said that there is none, a chair for who sits all class", () => {
    const wall: Need[] = [{ as: "wall" }];
    expect(fillNeeds(wall, home())).toEqual([]);
    expect(fillNeeds(wall, { ...home(), space: { wall: false } })).toBeNull();
    const seat: Need[] = [{ as: "support", bearsWeight: true, heightCm: [38, 55] }];
    expect(fillNeeds(seat, home())).toBeNull();
    expect(fillNeeds(seat, { ...home(), limits: ["seated-only"] })).toEqual([]);
    const high: Need[] = [{ as: "support", bearsWeight: true, heightCm: [70, 110] }];
    expect(fillNeeds(high, { ...home(), limits: ["seated-only"] })).toBeNull();
  });
  test("every role but those of the gym can be filled by something", () => {
    for (const role of NEED_ROLES) {
      const gymOnly = role === "cable" || role === "machine";
      expect(fillersOf(role).length > 0, role).toBe(!gymOnly);
    }
  });
});
