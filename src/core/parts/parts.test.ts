import { readdirSync, readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { type Block, type ClassDoc, type Slot, slotsOf } from "../class/document";
import { expand } from "../class/expand";
import { fillMove } from "../homes/fillings";
import { MARKS, type Person } from "../homes/home";
import { KIT_TYPES, type KitItem, kitCount } from "../homes/kit";
import { excludes, LIMITS } from "../homes/limits";
import type { Use } from "../homes/match";
import { checkRoster } from "../homes/roster";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import type { Move } from "../moves/move";
import { strengthsOf } from "../strength/of-person";
import { changeOverSeconds } from "./change-over";
import { COSTS } from "./costs";
import { tooManyLandings } from "./landings";
import { lastResort } from "./last-resort";
import type { PartSlot } from "./part";
import { partFor } from "./parts";
import { wantedFor } from "./plan";
import { standOf } from "./problem";
import { reachableFrom } from "./reach";
import { type OpenWay, obstacle, openWays } from "./ways";

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

const dose = (seconds: number) => ({ seconds });

/** A class of one lap with these moves. */
function lapOf(
  moves: readonly string[],
  rounds = 3,
  slotRounds: readonly (readonly number[] | undefined)[] = [],
): ClassDoc {
  return {
    format: "brontle.class",
    version: 1,
    title: "Test",
    stance: "strength",
    blocks: [
      {
        id: "b",
        title: "",
        rounds,
        rest: 15,
        longRest: 40,
        slots: moves.map((move, i) => ({
          id: `s${i}`,
          move,
          dose: dose(40),
          load: { rir: 2 },
          ...(slotRounds[i] ? { rounds: slotRounds[i] } : {}),
        })),
      },
    ],
  };
}

/** The slot of a class of one move. */
function slotOf(move: Move, person: Person): PartSlot {
  const [slot] = partFor(lapOf([move.id]), person, LIBRARY_BOOK).slots;
  if (!slot) throw new Error("no slot");
  return slot;
}

describe("a part", () => {
  test("uses only what the home has, within its counts, and breaks no limit", () => {
    fc.assert(
      fc.property(arbPerson, fc.array(arbMove, { minLength: 1, maxLength: 5 }), (person, moves) => {
        const part = partFor(lapOf(moves.map((move) => move.id)), person, LIBRARY_BOOK);
        for (const slot of part.slots) {
          expect(withinCounts(slot.uses, person)).toBe(true);
          expect(slot.why.code === "unmet").toBe(slot.status === "unmet");
          if (slot.move === null) continue;
          const done = LIBRARY_BOOK.get(slot.move);
          if (!done) throw new Error(`unknown ${slot.move}`);
          for (const limit of person.limits ?? []) expect(excludes(limit, done)).toBe(false);
          const kgs = new Set(slot.uses.filter((use) => use.as === "hand-weight").map((use) => use.kg));
          expect(kgs.size).toBeLessThanOrEqual(1);
        }
        for (const { kit, count } of part.bring) {
          expect(count).toBeLessThanOrEqual(kitCount(person.kit?.find((item) => item.id === kit) as KitItem));
        }
      }),
      { numRuns: 300 },
    );
  });

  test("that is unmet has no way anywhere within reach; alone, what is wanted and possible is done", () => {
    fc.assert(
      fc.property(arbPerson, arbMove, (person, move) => {
        const part = slotOf(move, person);
        const [slot] = lapOf([move.id]).blocks[0]?.slots ?? [];
        const wanted = wantedFor(lapOf([move.id]).blocks[0] as Block, slot as Slot, person, LIBRARY_BOOK);
        const open = reachableFrom(wanted.base, LIBRARY_BOOK).filter(
          (entry) => obstacle(entry.move, person) === null && fillMove(entry.move.needs, person) !== null,
        );
        // Nothing within reach: then another way of its pattern or of the nearest, or none at all.
        if (open.length === 0 && part.status !== "unmet") {
          expect(part.status).toBe("swapped");
          expect(
            lastResort(slot as Slot, wanted.mark, LIBRARY_BOOK).map(({ reached }) => reached.move.id),
          ).toContain(part.move);
        }
        if (part.status === "unmet") expect(cellWays(lapOf([move.id]), person)).toEqual([]);
        // What can be done as wanted, and is about as hard as it was meant, is done as wanted.
        const best = cellWays(lapOf([move.id]), person).find((way) => way.isTarget);
        const right = best?.sets.every(({ strain }) => strain === null || Math.abs(strain) <= 0.1);
        if (open.some((entry) => entry.move === wanted.target) && right && best?.less === 0) {
          const shortened = best.sets.some((set) => set.shortened);
          expect(part.status).toBe(shortened ? "eased" : "as-set");
        }
      }),
      { numRuns: 500 },
    );
  });

  test("keeps two slots of a lap on different moves, where another is nearly as good, and pays where none is", () => {
    const bare: Person = { id: "p", name: "P", kit: [] };
    const near = new Map<string, string[]>();
    for (const { id } of LIBRARY) {
      const done = partFor(lapOf([id]), bare, LIBRARY_BOOK).slots[0]?.move;
      if (done) near.set(done, [...(near.get(done) ?? []), id]);
    }
    const alike = [...near.values()].filter((ids) => ids.length > 1);
    expect(alike.length).toBeGreaterThan(20);
    let apart = 0;
    let paid = 0;
    for (const [first, second] of alike) {
      const part = partFor(lapOf([first as string, second as string]), bare, LIBRARY_BOOK);
      const least = leastCost(lapOf([first as string, second as string]), bare);
      expect(part.exact).toBe(true);
      if (least !== null) expect(part.cost).toBe(least);
      if (part.slots[0]?.move === part.slots[1]?.move) paid += 1;
      else apart += 1;
    }
    expect(apart).toBeGreaterThan(paid);
  });

  test("costs the least that any choice of ways can, found by trying every one", () => {
    const arbRounds = fc.option(fc.constantFrom([1], [1, 3], [2], [2, 3]), { nil: undefined });
    const arbSlots = fc.array(fc.tuple(arbMove, arbRounds), { minLength: 2, maxLength: 4 });
    fc.assert(
      fc.property(arbPerson, arbSlots, (person, slots) => {
        const first: typeof slots = [[slots[0]?.[0] as Move, undefined], ...slots.slice(1)];
        const doc = lapOf(
          first.map(([move]) => move.id),
          3,
          first.map(([, rounds]) => rounds),
        );
        // At a level that is asked for; a person's own is eased afterwards where harder ways would land too often.
        const mark = person.mark ?? "natural";
        const part = partFor(doc, person, LIBRARY_BOOK, { mark });
        expect(part.exact).toBe(true);
        const own = partFor(doc, person, LIBRARY_BOOK);
        if (tooManyLandings(doc, part, mark, LIBRARY_BOOK).size === 0) expect(own.cost).toBe(part.cost);
        const least = leastCost(doc, person);
        if (least !== null) expect(part.cost).toBe(least);
      }),
      { numRuns: 60 },
    );
  });

  test("weighs the best weight for every set against one for all, each change counted, also between sets of one slot", () => {
    const arbLoads = fc.array(
      fc.constantFrom({ kg: 4 }, { kg: 8 }, { rir: 1 }, { rir: 5 }, { target: "heavy" }),
      {
        minLength: 3,
        maxLength: 3,
      },
    );
    const held = fc.constantFrom(...LIBRARY.filter((move) => (move.strength?.held ?? 0) > 0 && !move.gym));
    const arbKit = fc.constantFrom<readonly KitItem[]>(
      [{ id: "a", type: "adjustable-dumbbell", count: 2, minKg: 2, maxKg: 16, stepKg: 2, changeSeconds: 5 }],
      [
        { id: "a", type: "dumbbell", count: 2, kg: 4 },
        { id: "b", type: "dumbbell", count: 2, kg: 9 },
      ],
    );
    const arbSlots = fc.array(fc.tuple(held, arbLoads), { minLength: 1, maxLength: 3 });
    let varied = 0;
    fc.assert(
      fc.property(arbKit, arbSlots, fc.boolean(), (kit, slots, station) => {
        const lap = lapOf(slots.map(([move]) => move.id));
        const [block] = lap.blocks as [Block];
        const own = slotsOf(block).map(
          (slot, i) => ({ ...slot, load: slots[i]?.[1], dose: { reps: 8 } }) as Slot,
        );
        const doc = {
          ...lap,
          blocks: [{ ...block, slots: own, ...(station ? { loop: "station" as const } : {}) }],
        };
        const person: Person = { id: "p", name: "P", kit };
        const part = partFor(doc, person, LIBRARY_BOOK);
        const least = leastCost(doc, person);
        if (least !== null) expect(part.cost).toBe(least);
        for (const slot of part.slots) {
          expect(slot.sets?.length).toBe(slot.status === "unmet" ? 0 : 3);
          if (new Set(slot.sets?.map((set) => JSON.stringify(set.load))).size > 1) varied += 1;
        }
        // Whatever is used in any set is brought.
        const brought = new Set(part.bring.map(({ kit: id }) => id));
        for (const set of part.slots.flatMap((slot) => slot.sets ?? [])) {
          for (const use of set.uses) expect(brought.has(use.kit)).toBe(true);
        }
      }),
      { numRuns: 60 },
    );
    expect(varied).toBeGreaterThan(0);
  });

  test("says which written weight is there and too much, and takes a lighter one", () => {
    const rack: Person = {
      id: "p",
      name: "P",
      mark: "flat",
      kit: [{ id: "a", type: "adjustable-dumbbell", count: 2, minKg: 2, maxKg: 24, stepKg: 2 }],
    };
    const doc = lapOf(["floor-press"]);
    const slots = doc.blocks.flatMap(slotsOf);
    const at = (kg: number) => {
      const own = slots.map((slot) => ({ ...slot, dose: { reps: 10 }, load: { kg } }));
      const [block] = doc.blocks;
      return partFor({ ...doc, blocks: [{ ...block, slots: own } as Block] }, rack, LIBRARY_BOOK).slots[0];
    };
    expect(at(22)?.closed).toMatchObject({ kg: 22, reps: 0 });
    expect(at(22)?.load).not.toMatchObject({ kg: 22 });
    expect(at(4)).toMatchObject({ closed: null, load: { kg: 4, items: 2 } });
  });

  test("keeps one thing in the hands where another way is as good", () => {
    const home: Person = {
      id: "p",
      name: "P",
      kit: [
        { id: "a", type: "dumbbell", count: 2, kg: 6 },
        { id: "b", type: "dumbbell", count: 2, kg: 6 },
        { id: "t", type: "tube-band", tension: "medium" },
      ],
    };
    const { slots } = partFor(lapOf(["bent-row", "curl", "standing-press"]), home, LIBRARY_BOOK);
    expect(new Set(slots.flatMap((slot) => slot.uses.map((use) => use.kit)))).toEqual(new Set(["a"]));
  });

  test("is the same for the same inputs, whatever the order of the kit", () => {
    fc.assert(
      fc.property(arbPerson, fc.array(arbMove, { minLength: 1, maxLength: 4 }), (person, moves) => {
        const doc = lapOf(moves.map((move) => move.id));
        const turned = { ...person, kit: [...(person.kit ?? [])].reverse() };
        const ways = (who: Person) => partFor(doc, who, LIBRARY_BOOK).slots.map((slot) => slot.move);
        expect(ways(turned)).toEqual(ways(person));
      }),
      { numRuns: 100 },
    );
  });

  test("tells the best two other ways with what the whole part would cost", () => {
    const home: Person = { id: "p", name: "P", kit: [{ id: "t", type: "tube-band", tension: "heavy" }] };
    const [slot] = partFor(lapOf(["goblet-squat"]), home, LIBRARY_BOOK, { instead: true }).slots;
    expect(slot?.status).toBe("swapped");
    expect(slot?.instead).toHaveLength(2);
    const costs = slot?.instead.map((other) => other.cost) ?? [];
    expect(costs[0]).toBeLessThanOrEqual(costs[1] as number);
    for (const other of slot?.instead ?? []) expect(other.whyNot.length).toBeGreaterThan(0);
  });

  test("follows the instructor's choice, once or always, and says where a home can't", () => {
    const home: Person = { id: "p", name: "P", kit: [], limits: ["no-kneeling"] };
    const doc = lapOf(["press-up"]);
    const once = { ...doc, overruled: [{ slot: "s0", person: "p", move: "palm-press" }] };
    const [chosen] = partFor(once, home, LIBRARY_BOOK).slots;
    expect(chosen).toMatchObject({ move: "palm-press", overruled: true });
    const always = { ...home, always: { "press-up": "palm-press" } };
    expect(partFor(doc, always, LIBRARY_BOOK).slots[0]).toMatchObject({
      move: "palm-press",
      overruled: true,
    });
    const cannot = { ...doc, overruled: [{ slot: "s0", person: "p", move: "knee-press-up" }] };
    const [slot] = partFor(cannot, home, LIBRARY_BOOK).slots;
    expect(slot?.status).toBe("unmet");
    expect(slot?.why).toMatchObject({
      code: "chosen-unmet",
      because: { reasons: [{ code: "limit", limit: { limits: ["no-kneeling"] } }] },
    });
  });

  test("shares a two-sided slot's seconds between the sides of a one-sided way", () => {
    const home: Person = { id: "p", name: "P", kit: [{ id: "d", type: "dumbbell", kg: 8 }] };
    const doc = lapOf(["bent-row"]);
    const choice = { ...doc, overruled: [{ slot: "s0", person: "p", move: "free-one-arm-row" }] };
    expect(partFor(choice, home, LIBRARY_BOOK).slots[0]?.shares).toEqual([20, 20]);
  });

  test("shares them too where a level asks for the one-sided way, and not where the slot sets its own move so", () => {
    const at = (slot: object, person: object = {}) => {
      const [block] = lapOf(["good-morning"]).blocks;
      const [set] = slotsOf(block as Block);
      const doc = { ...lapOf([]), blocks: [{ ...block, slots: [{ ...set, ...slot }] }] } as ClassDoc;
      const [own] = partFor(doc, { id: "p", name: "P", kit: [], ...person }, LIBRARY_BOOK).slots;
      return [own?.move, own?.shares];
    };
    const marks = { sharp: { move: "single-leg-hinge" } };
    expect(at({ marks })).toEqual(["good-morning", null]);
    expect(at({ marks }, { mark: "sharp" })).toEqual(["single-leg-hinge", [20, 20]]);
    expect(at({ move: "single-leg-hinge", sides: "both" })).toEqual(["single-leg-hinge", null]);
    expect(at({ move: "single-leg-hinge" })).toEqual(["single-leg-hinge", null]);
  });

  test("compares the seconds that a change-over needs with the gap there is", () => {
    const home: Person = {
      id: "p",
      name: "P",
      kit: [
        { id: "d", type: "dumbbell", count: 2, kg: 6 },
        { id: "m", type: "mini-band", tension: "medium" },
      ],
    };
    const doc = lapOf(["floor-press", "mini-band-side-step"]);
    const { changeovers } = partFor(doc, home, LIBRARY_BOOK);
    const there = changeovers.find((line) => line.from === "s0" && line.to === "s1");
    // Up from the floor 7 s (putting the weights down meanwhile), the band up 6 s, set up for as long as the move says.
    const setUp = LIBRARY_BOOK.get("mini-band-side-step")?.setupSeconds ?? 0;
    expect(there).toEqual({
      from: "s0",
      to: "s1",
      times: 3,
      needs: 7 + 6 + setUp,
      gap: 15,
      short: Math.max(0, 13 + setUp - 15),
    });
    expect(changeovers.find((line) => line.from === "s1")?.times).toBe(2);
  });
});

const askedOf = (block: Block, slot: Slot, person: Person, stance: ClassDoc["stance"]) => ({
  block,
  slot,
  wanted: wantedFor(block, slot, person, LIBRARY_BOOK),
  person,
  book: LIBRARY_BOOK,
  stance,
  strengths: strengthsOf(person, LIBRARY_BOOK),
});

/** All ways that are open in a class of one slot. */
function cellWays(doc: ClassDoc, person: Person): readonly OpenWay[] {
  const [block] = doc.blocks;
  const [slot] = slotsOf(block as Block);
  return openWays(askedOf(block as Block, slot as Slot, person, doc.stance));
}

/** Every choice of one open way a slot, added up from the segments; null where there are too many. */
function leastCost(doc: ClassDoc, person: Person): number | null {
  const slots = doc.blocks.flatMap(slotsOf);
  const ways = doc.blocks.flatMap((block) =>
    slotsOf(block).map((slot) => openWays(askedOf(block, slot, person, doc.stance))),
  );
  if (ways.reduce((product, list) => product * Math.max(1, list.length), 1) > 60_000) return null;
  const kit = new Map((person.kit ?? []).map((item) => [item.id, item]));
  const order = expand(doc, LIBRARY_BOOK)
    .filter((segment, i, all) => {
      const before = all.slice(0, i).findLast((other) => other.kind === "work");
      const turned = before?.slot === segment.slot && before?.round === segment.round;
      return segment.kind === "work" && !turned;
    })
    .map((segment, i, all) => ({
      slot: slots.findIndex((slot) => slot.id === segment.slot),
      index: all.slice(0, i).filter((other) => other.slot === segment.slot).length,
    }));
  const chosen: (OpenWay | null)[] = [];
  let least = Number.POSITIVE_INFINITY;
  const go = (i: number): void => {
    if (i < slots.length) {
      for (const way of ways[i]?.length ? (ways[i] as readonly OpenWay[]) : [null]) {
        chosen[i] = way;
        go(i + 1);
      }
      return;
    }
    let sum = chosen.reduce((total, way) => total + (way ? way.total : COSTS.unmet), 0);
    for (let k = 1; k < order.length; k += 1) {
      const [before, now] = [order[k - 1], order[k]] as [(typeof order)[number], (typeof order)[number]];
      const [a, b] = [chosen[before.slot], chosen[now.slot]];
      const varied = new Set(b?.sets.map((set) => set.option?.kg)).size > 1;
      if (!a || !b || (before.slot === now.slot && !varied)) continue;
      const seconds = changeOverSeconds(standOf(a, before.index), standOf(b, now.index), kit);
      sum += Math.ceil(seconds / COSTS.changeOverUnitSeconds);
    }
    least = Math.min(least, sum + COSTS.repeat * repeatsIn(doc, chosen));
  };
  go(0);
  return least;
}

/** Pairs of slots that meet in a round of a lap, are set with different moves and done with the same one. */
function repeatsIn({ blocks }: ClassDoc, chosen: readonly (OpenWay | null)[]): number {
  const all = blocks.flatMap((block) =>
    slotsOf(block).map((slot) => ({ slot, lap: block.loop !== "station", block: block.id })),
  );
  const rounds = (slot: Slot) => new Set(slot.rounds ?? [1, 2, 3]);
  let count = 0;
  all.forEach((a, i) => {
    all.slice(i + 1).forEach((b, k) => {
      const [x, y] = [chosen[i]?.move.id, chosen[i + 1 + k]?.move.id];
      if (!a.lap || a.block !== b.block || a.slot.move === b.slot.move || x === undefined || x !== y) return;
      if ([...rounds(a.slot)].some((round) => rounds(b.slot).has(round))) count += 1;
    });
  });
  return count;
}

describe("the demo", () => {
  const read = (name: string) =>
    JSON.parse(readFileSync(new URL(`../../../demo/${name}`, import.meta.url), "utf8"));
  const roster = checkRoster(read("roster.json"));
  const classes = readdirSync(new URL("../../../demo/classes", import.meta.url)).map(
    (name) => read(`classes/${name}`) as ClassDoc,
  );

  test("its people are twenty-four with homes of their own, and each has a way in most slots", () => {
    if (!roster.ok) throw new Error(JSON.stringify(roster.error));
    expect(roster.value.people).toHaveLength(24);
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
