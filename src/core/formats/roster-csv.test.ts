import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { FLOORS, MARKS, type Person } from "../homes/home";
import { KIT_TYPES, type KitItem } from "../homes/kit";
import { LIMITS } from "../homes/limits";
import { PATTERNS, TENSIONS } from "../moves/move";
import { kitWords, readKit } from "./kit-words";
import { COLUMNS, readRosterCsv, rosterCsv } from "./roster-csv";

const tenth = (least: number, most: number) =>
  fc.integer({ min: least * 10, max: most * 10 }).map((n) => n / 10);

const arbItem: fc.Arbitrary<KitItem> = fc.record(
  {
    id: fc.constant(""),
    type: fc.constantFrom(...KIT_TYPES),
    count: fc.integer({ min: 1, max: 9 }),
    kg: tenth(1, 40),
    litres: tenth(1, 5),
    grams: fc.integer({ min: 1, max: 900 }),
    heightCm: fc.integer({ min: 5, max: 120 }),
    tension: fc.constantFrom(...TENSIONS),
    fullStretchKg: tenth(1, 60),
    handles: fc.boolean(),
    sturdy: fc.boolean(),
    latches: fc.boolean(),
    opens: fc.constantFrom("away" as const, "towards" as const),
    changeSeconds: fc.integer({ min: 1, max: 60 }),
    stepKg: tenth(1, 5),
  },
  { requiredKeys: ["id", "type"] },
);

const arbKit = fc.array(arbItem, { maxLength: 6 }).map((items) => {
  const seen = new Map<string, number>();
  return items.map((item) => {
    const n = (seen.get(item.type) ?? 0) + 1;
    seen.set(item.type, n);
    return { ...item, id: `${item.type}-${n}` };
  });
});

const arbText = fc
  .string({ minLength: 1, maxLength: 30 })
  .map((text) => text.replace(/[\r\n']/g, " ").trim());

const arbPerson: fc.Arbitrary<Person> = fc
  .record({
    name: arbText.filter((text) => text !== ""),
    mark: fc.option(fc.constantFrom(...MARKS), { nil: undefined }),
    marks: fc.option(
      fc.dictionary(fc.constantFrom(...PATTERNS), fc.constantFrom(...MARKS), {
        minKeys: 1,
        noNullPrototype: true,
      }),
      { nil: undefined },
    ),
    limits: fc.option(fc.subarray([...LIMITS], { minLength: 1 }), { nil: undefined }),
    units: fc.option(fc.constantFrom("kg" as const, "lb" as const), { nil: undefined }),
    space: fc.option(
      fc.record(
        {
          floor: fc.constantFrom(...FLOORS),
          lengthM: tenth(1, 9),
          jumping: fc.boolean(),
          wall: fc.boolean(),
        },
        { requiredKeys: ["floor"] },
      ),
      { nil: undefined },
    ),
    kit: fc.option(arbKit, { nil: undefined }),
    workingSets: fc.option(
      fc.constant([{ move: "goblet-squat", kg: 12.5, reps: 10, rir: 2, date: "2026-11-02" }]),
      { nil: undefined },
    ),
    bodyKg: fc.option(tenth(40, 120), { nil: undefined }),
    quiet: fc.option(fc.constantFrom({ from: "21:00", to: "07:00" }, { from: "00:00", to: "23:59" }), {
      nil: undefined,
    }),
    country: fc.option(fc.constantFrom("PT", "IS"), { nil: undefined }),
    email: fc.option(fc.constantFrom("a@b.example", "ødis.b+c@quay.example"), { nil: undefined }),
  })
  .map(
    (person) =>
      Object.fromEntries(Object.entries(person).filter(([, v]) => v !== undefined)) as unknown as Person,
  );

describe("kit in words", () => {
  test("says everything and reads it back", () => {
    fc.assert(
      fc.property(arbKit, (kit) => {
        expect(readKit(kitWords(kit))).toEqual({ ok: true, value: kit });
      }),
    );
  });
  test("is read as people type it", () => {
    expect(readKit("2 dumbbells 13.2 lb; towel; chair sturdy; backpack holds 12kg")).toEqual({
      ok: true,
      value: [
        { id: "dumbbell-1", type: "dumbbell", count: 2, kg: 5.99 },
        { id: "towel-1", type: "towel" },
        { id: "chair-1", type: "chair", sturdy: true },
        { id: "backpack-1", type: "backpack", maxKg: 12 },
      ],
    });
    expect(readKit("")).toEqual({ ok: true, value: undefined });
    expect(readKit(" Nothing ")).toEqual({ ok: true, value: [] });
  });
  test("tells what it can't read, all of it, and never throws", () => {
    expect(readKit("2 anvils; chair wobbly; towel")).toEqual({
      ok: false,
      error: ['doesn\'t know the thing "2 anvils"', 'can\'t read "wobbly" of "chair wobbly"'],
    });
    fc.assert(fc.property(fc.string(), (text) => typeof readKit(text).ok === "boolean"));
  });
});

describe("a roster as a table", () => {
  test("comes back as it was", () => {
    fc.assert(
      fc.property(fc.array(arbPerson, { maxLength: 5 }), (list) => {
        const people = list.map((person, i) => ({ ...person, id: `p${i}` }));
        const read = readRosterCsv(rosterCsv(people));
        expect(read.faults).toEqual([]);
        expect(read.people).toEqual(people);
      }),
    );
  });

  test("the demo's roster comes back with everything but the names of its things", () => {
    const { people } = JSON.parse(
      readFileSync(new URL("../../../demo/roster.json", import.meta.url), "utf8"),
    ) as { people: Person[] };
    const read = readRosterCsv(rosterCsv(people));
    expect(read.faults).toEqual([]);
    const bare = (person: Person) => ({ ...person, kit: person.kit?.map(({ id: _id, ...item }) => item) });
    expect(read.people.map(bare)).toEqual(people.map(bare));
  });

  test("tells every fault by line and column, and still gives who is sound", () => {
    const text = `${COLUMNS.join(",")}
,Una Fell,flat,,,,,,,,,,towel,,,una@fell.example,,,
x,,natural,,no-mondays,,,,lava,,50,maybe,2 anvils,,,not an address,,,
y,Piet Skerry,,squat sideways,,,,,,,,,nothing,press 5,,,,,
,Una Fell,,,,,,,,,,,,,,,,,
`;
    const { people, faults } = readRosterCsv(text);
    expect(people.map((person) => person.id)).toEqual(["una-fell"]);
    expect(people[0]).toMatchObject({
      mark: "flat",
      kit: [{ type: "towel" }],
      email: "una@fell.example",
    });
    const places = faults.map(({ line, column }) => `${line} ${column}`).sort();
    expect(places).toEqual(
      [
        "3 ceiling cm",
        "3 e-mail",
        "3 floor",
        "3 jumping",
        "3 kit",
        "3 limits",
        "3 name",
        "4 levels by pattern",
        "4 working sets",
        "5 id",
      ].sort(),
    );
  });

  test("a heading that isn't one is said, and nothing is read", () => {
    const { people, faults } = readRosterCsv("name,shoe size\nA,43\n");
    expect(people).toEqual([]);
    expect(faults).toEqual([{ line: 1, column: "shoe size", sentence: "is no column of a roster" }]);
  });

  test("what a spreadsheet would run as a formula is guarded", () => {
    const csv = rosterCsv([{ id: "p", name: "=1+1" }]);
    expect(csv).toContain("'=1+1");
    expect(readRosterCsv(csv).people[0]?.name).toBe("=1+1");
  });

  test("never throws on anything", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => Array.isArray(readRosterCsv(text).faults)),
    );
  });
});
