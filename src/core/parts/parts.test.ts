import { readdirSync, readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { type ClassDoc, slotsOf } from "../class/document";
import { newSlot } from "../class/new-class";
import { MARKS, type Person } from "../homes/home";
import { KIT_TYPES, type KitItem, type KitType, kitCount } from "../homes/kit";
import { excludes, LIMITS } from "../homes/limits";
import { fillersOf, fillMove, fillNeeds, needCount, type Use } from "../homes/match";
import { checkRoster } from "../homes/roster";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { NEED_ROLES, type Need } from "../moves/move";
import { obstacle, wantedFor } from "./candidates";
import { partFor, partSlotFor } from "./parts";
import { reachableFrom } from "./reach";

const arbItem: fc.Arbitrary<Omit<KitItem, "id">> = fc.record(
  {
    type: fc.constantFrom(...KIT_TYPES),
    count: fc.integer({ min: 1, max: 3 }),
    kg: fc.integer({ min: 1, max: 20 }),
    maxKg: fc.constant(12),
    minKg: fc.constant(2),
    stepKg: fc.constant(2),
    litres: fc.constantFrom(0.5, 1.5),
    tension: fc.constantFrom("light", "medium", "heavy"),
    sturdy: fc.boolean(),
    latches: fc.boolean(),
    opens: fc.constantFrom("away", "towards"),
  },
  { requiredKeys: ["type"] },
) as fc.Arbitrary<Omit<KitItem, "id">>;

const arbPerson: fc.Arbitrary<Person> = fc.record({
  id: fc.constant("p"),
  name: fc.constant("Test Person"),
  mark: fc.constantFrom(...MARKS),
  limits: fc.subarray([...LIMITS], { maxLength: 4 }),
  space: fc.record({
    floor: fc.constantFrom("smooth", "carpet"),
    ceilingCm: fc.integer({ min: 200, max: 260 }),
    jumping: fc.boolean(),
  }),
  kit: fc.array(arbItem, { maxLength: 7 }).map((items) => items.map((item, i) => ({ ...item, id: `k${i}` }))),
}) as fc.Arbitrary<Person>;

const arbMove = fc.constantFrom(...LIBRARY);

/** No more of anything in use than the home has. */
function withinCounts(uses: readonly Use[], person: Person): boolean {
  const used = new Map<string, number>();
  for (const use of uses) used.set(use.kit, (used.get(use.kit) ?? 0) + use.count);
  return [...used].every(
    ([id, n]) => n <= kitCount(person.kit?.find((item) => item.id === id) ?? ({ count: 0 } as KitItem)),
  );
}

describe("a part", () => {
  test("uses only what the home has, within its counts, and breaks no limit", () => {
    fc.assert(
      fc.property(arbPerson, arbMove, (person, move) => {
        const slot = partSlotFor(newSlot("s", move, 40), person, LIBRARY_BOOK);
        expect(withinCounts(slot.uses, person)).toBe(true);
        if (slot.move === null) return;
        const done = LIBRARY_BOOK.get(slot.move);
        if (!done) throw new Error(`unknown ${slot.move}`);
        for (const limit of person.limits ?? []) expect(excludes(limit, done)).toBe(false);
        expect(slot.why.length).toBeGreaterThan(3);
      }),
      { numRuns: 500 },
    );
  });

  test("that is unmet has no way anywhere within reach; one that is met has the least cost", () => {
    fc.assert(
      fc.property(arbPerson, arbMove, (person, move) => {
        const slot = newSlot("s", move, 40);
        const part = partSlotFor(slot, person, LIBRARY_BOOK);
        const wanted = wantedFor(slot, person, LIBRARY_BOOK);
        const open = reachableFrom(wanted.base, LIBRARY_BOOK).filter(
          (entry) => obstacle(entry.move, person) === null && fillMove(entry.move.needs, person) !== null,
        );
        expect(part.status === "unmet").toBe(open.length === 0);
        const target = open.some((entry) => entry.move === wanted.target);
        if (target) expect(part.status).toBe("as-set");
      }),
      { numRuns: 500 },
    );
  });

  test("is the same for the same inputs, whatever the order of the kit", () => {
    fc.assert(
      fc.property(arbPerson, arbMove, (person, move) => {
        const slot = newSlot("s", move, 40);
        const turned = { ...person, kit: [...(person.kit ?? [])].reverse() };
        expect(partSlotFor(slot, turned, LIBRARY_BOOK).move).toBe(
          partSlotFor(slot, person, LIBRARY_BOOK).move,
        );
      }),
    );
  });
});

/** Every way to give each need whole items, one by one, checked only at the end. */
function bruteForce(needs: readonly Need[], person: Person): boolean {
  const items = (person.kit ?? []).flatMap((item) => Array.from({ length: kitCount(item) }, () => item));
  const wants = needs.flatMap((need, n) => Array.from({ length: needCount(need) }, () => ({ need, n })));
  const go = (i: number, taken: readonly (KitItem | null)[]): boolean => {
    if (i === wants.length) {
      return needs.every((need, n) => {
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
  test("every role can be filled by something", () => {
    for (const role of NEED_ROLES) expect(fillersOf(role).length).toBeGreaterThan(0);
  });
});

describe("the demo", () => {
  const read = (name: string) =>
    JSON.parse(readFileSync(new URL(`../../../demo/${name}`, import.meta.url), "utf8"));
  const roster = checkRoster(read("roster.json"));
  const classes = readdirSync(new URL("../../../demo/classes", import.meta.url)).map(
    (name) => read(`classes/${name}`) as ClassDoc,
  );

  test("its people are eight with homes of their own, and each has a way in most slots", () => {
    if (!roster.ok) throw new Error(JSON.stringify(roster.error));
    expect(roster.value.people).toHaveLength(8);
    for (const doc of classes) {
      for (const person of roster.value.people) {
        const part = partFor(doc, person, LIBRARY_BOOK);
        expect(part.slots).toHaveLength(doc.blocks.flatMap(slotsOf).length);
        expect(part.slots.filter((slot) => slot.status === "unmet").length).toBeLessThanOrEqual(1);
        for (const { kit, count } of part.bring) {
          expect(count).toBeLessThanOrEqual(
            kitCount(person.kit?.find((item) => item.id === kit) ?? ({ count: 0 } as KitItem)),
          );
        }
      }
    }
  });
});

test("a roster tells every fault with its path", () => {
  const bad = {
    format: "brontle.roster",
    version: 1,
    people: [
      { id: "a", name: "A", kit: [{ id: "k", type: "anvil", kg: -1 }], limits: ["no-mondays"] },
      { id: "a", name: "" },
    ],
  };
  const checked = checkRoster(bad);
  expect(checked.ok ? [] : checked.error.map((fault) => fault.path).sort()).toEqual([
    "people[0].kit[0].kg",
    "people[0].kit[0].type",
    "people[0].limits[0]",
    "people[1].id",
    "people[1].name",
  ]);
});
