import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../class/document";
import type { Person } from "../homes/home";
import type { KitItem } from "../homes/kit";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "./everyone";
import { pairsIn, roomKit, sharedParts } from "./household";
import type { Part } from "./part";
import { partFor } from "./parts";

const dumbbell = (kg: number, count = 1): KitItem => ({ id: `d${kg}`, type: "dumbbell", kg, count });
const somebody = (id: string, kit: readonly KitItem[] | undefined, more: Partial<Person> = {}): Person => ({
  id,
  name: id.toUpperCase(),
  household: "pier 4",
  ...(kit ? { kit } : {}),
  ...more,
});
const doc = (...moves: readonly string[]): ClassDoc => ({
  format: "brontle.class",
  version: 1,
  title: "Pier",
  stance: "strength",
  blocks: moves.map((move, i) => ({
    id: `b${i}`,
    title: move,
    rounds: 3,
    rest: 60,
    slots: [{ id: `s${i}`, move, dose: { reps: 8 } }],
  })),
});
/** How many of each thing both use at once in each slot. */
function usedAtOnce(parts: readonly Part[], slot: number): ReadonlyMap<string, number> {
  const all = new Map<string, number>();
  for (const part of parts) {
    const own = part.slots[slot];
    const sets = own?.sets?.length ? own.sets.map(({ uses }) => uses) : [own?.uses ?? []];
    const most = new Map<string, number>();
    for (const uses of sets)
      for (const { kit } of uses) {
        const count = uses.filter((use) => use.kit === kit).reduce((sum, use) => sum + use.count, 0);
        most.set(kit, Math.max(most.get(kit) ?? 0, count));
      }
    for (const [kit, count] of most) all.set(kit, (all.get(kit) ?? 0) + count);
  }
  return all;
}

describe("two in one room", () => {
  test("have of what both list as many as the longer list", () => {
    const [a, b] = [
      somebody("a", [dumbbell(8, 2)]),
      somebody("b", [{ ...dumbbell(8, 1), id: "mine" }, dumbbell(12)]),
    ];
    expect(roomKit(a, b).map(({ kg, count }) => [kg, count])).toEqual([
      [8, 2],
      [12, 1],
    ]);
  });

  test("never use a thing both at once, in any home and class", () => {
    const moves = ["goblet-squat", "one-arm-row", "floor-press", "plank", "two-weight-hinge"];
    const arbKit = fc
      .uniqueArray(fc.constantFrom(4, 8, 12, 16), { maxLength: 3 })
      .chain((kgs) =>
        fc.tuple(...kgs.map((kg) => fc.integer({ min: 1, max: 2 }).map((n) => dumbbell(kg, n)))),
      );
    fc.assert(
      fc.property(
        arbKit,
        arbKit,
        fc.uniqueArray(fc.constantFrom(...moves), { minLength: 1, maxLength: 3 }),
        (x, y, names) => {
          const pair = [somebody("a", x), somebody("b", y)] as const;
          const pool = new Map(roomKit(...pair).map((item) => [item.id, item.count ?? 1]));
          const parts = sharedParts(doc(...names), pair, LIBRARY_BOOK);
          names.forEach((_, i) => {
            for (const [kit, count] of usedAtOnce(parts, i))
              expect(count, kit).toBeLessThanOrEqual(pool.get(kit) ?? 0);
          });
          // A thing is on the list of one of them.
          for (const [kit, most] of pool) {
            const brought = parts.flatMap(({ bring }) => bring.filter((each) => each.kit === kit));
            expect(brought.reduce((sum, each) => sum + each.count, 0)).toBeLessThanOrEqual(most);
          }
        },
      ),
      { numRuns: 25 },
    );
  });

  test("divide a block so that no other division costs less", () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(4, 8, 12, 16), { minLength: 1, maxLength: 4 }),
        fc.constantFrom("goblet-squat", "one-arm-row"),
        (kgs, move) => {
          const kit = kgs.map((kg) => dumbbell(kg));
          const pair = [somebody("a", kit), somebody("b", undefined, { mark: "sharp" })] as const;
          const of = doc(move);
          const sum = (parts: readonly Part[]) => parts.reduce((all, { cost }) => all + cost, 0);
          const made = sum(sharedParts(of, pair, LIBRARY_BOOK));
          for (let bits = 0; bits < 2 ** kit.length; bits += 1) {
            const first = kit.filter((_, i) => bits & (1 << i));
            const second = kit.filter((_, i) => !(bits & (1 << i)));
            const other =
              partFor(of, { ...pair[0], kit: first }, LIBRARY_BOOK).cost +
              partFor(of, { ...pair[1], kit: second }, LIBRARY_BOOK).cost;
            expect(made).toBeLessThanOrEqual(other);
          }
        },
      ),
      { numRuns: 12 },
    );
  });

  test("hand a thing over from move to move where there is time, and not where there is none", () => {
    const lap = (rest: number): ClassDoc => ({
      ...doc("goblet-squat"),
      blocks: [
        {
          id: "b",
          title: "Lap",
          rounds: 2,
          rest,
          slots: [
            { id: "s0", move: "half-kneeling-press", dose: { reps: 8 } },
            { id: "s1", move: "goblet-squat", dose: { reps: 8 } },
          ],
        },
      ],
    });
    // One can't press overhead and squats strongly, the other the other way round.
    const pair = [
      somebody("a", [dumbbell(12)], { limits: ["no-overhead"], mark: "sharp", bodyKg: 60 }),
      somebody("b", [], { marks: { squat: "flat" }, bodyKg: 90 }),
    ] as const;
    const [a, b] = sharedParts(lap(30), pair, LIBRARY_BOOK);
    const whole = sharedParts(lap(5), pair, LIBRARY_BOOK);
    expect(whole[0].shared?.blocks.every(({ turns }) => turns.length === 0)).toBe(true);
    expect(a.cost + b.cost).toBeLessThanOrEqual(whole[0].cost + whole[1].cost);
    expect(a.slots.map(({ slot }) => slot)).toEqual(["s0", "s1"]);
    for (const [i] of a.slots.entries())
      for (const [kit, count] of usedAtOnce([a, b], i)) expect(count, kit).toBeLessThanOrEqual(1);
    const [told] = a.shared?.blocks ?? [];
    const both = [a, b].every((part) => part.slots.some(({ uses }) => uses.some(({ kit }) => kit === "d12")));
    expect((told?.turns.length ?? 0) > 0).toBe(both);
    expect(both).toBe(true);
  });

  test("are told what is whose, in the order of the roster; who trains alone has what they had", () => {
    const people = [
      somebody("b", [dumbbell(12)]),
      somebody("c", [dumbbell(12)], { household: "mole" }),
      somebody("a", [dumbbell(12)]),
    ];
    expect(pairsIn(people).map(([first, second]) => [first.id, second.id])).toEqual([["a", "b"]]);
    const parts = partsFor(doc("goblet-squat", "plank"), people, LIBRARY_BOOK);
    expect(parts.map(({ person }) => person)).toEqual(["b", "c", "a"]);
    const [b, c, a] = parts;
    expect(c).toEqual(partFor(doc("goblet-squat", "plank"), people[1] as Person, LIBRARY_BOOK));
    expect(a?.shared?.with).toBe("B");
    const [own] = a?.shared?.blocks ?? [];
    expect(own?.block).toBe("b0");
    expect((own?.mine.length ?? 0) + (own?.theirs.length ?? 0)).toBe(1);
    expect(b?.shared?.blocks[0]?.mine).toEqual(own?.theirs);
  });
});
