import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { Person } from "../homes/home";
import { arbKit, arbPerson } from "../testing/arb-roster";
import { kitWords, readKit } from "./kit-words";
import { COLUMNS } from "./roster-columns";
import { readRosterCsv, rosterCsv } from "./roster-csv";

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
  test("the number and the weight may stand before the thing or behind it", () => {
    const pair = { id: "dumbbell-1", type: "dumbbell", count: 2, kg: 6 };
    for (const text of [
      "2x6kg dumbbells",
      "dumbbells 2 x 6 kg",
      "6 kg dumbbell x2",
      "2 dumbbells, 6 kg",
      "dumbbell 6 kg ×2",
    ])
      expect(readKit(text)).toEqual({ ok: true, value: [pair] });
    expect(readKit("door anchor")).toMatchObject({ ok: true, value: [{ type: "door-anchor" }] });
  });

  test("tells what it can't read, all of it, and never throws", () => {
    expect(readKit("2 anvils; chair wobbly; towel")).toEqual({
      ok: false,
      error: [
        { code: "unknown", text: "2 anvils" },
        { code: "unread-of", text: "wobbly", of: "chair wobbly" },
      ],
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

  test("headings and levels are read as people write them, and what can't be is quoted", () => {
    const { people, faults } = readRosterCsv(
      "Full name,Email,Usual level,At home\nUna Fell,una@fell.example,flat,2x6kg dumbbells\n",
    );
    expect(faults).toEqual([]);
    expect(people).toEqual([
      {
        id: "una-fell",
        name: "Una Fell",
        email: "una@fell.example",
        mark: "flat",
        kit: [{ id: "dumbbell-1", type: "dumbbell", count: 2, kg: 6 }],
      },
    ]);
    const wrong = readRosterCsv("name,level,limits,ceiling\nUna Fell,hardest,bad knees,low\n").faults;
    expect(wrong).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ line: 2, column: "ceiling cm", code: "rule", text: "low" }),
        expect.objectContaining({ line: 2, column: "level", code: "rule", text: "hardest" }),
        { line: 2, column: "limits", code: "unknown", text: "bad knees" },
      ]),
    );
    expect(wrong).toHaveLength(3);
  });

  test("a heading that isn't one is said, and nothing is read", () => {
    const { people, faults } = readRosterCsv("name,shoe size\nA,43\n");
    expect(people).toEqual([]);
    expect(faults).toEqual([{ line: 1, column: "shoe size", code: "not-a-column" }]);
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
