import { readFileSync } from "node:fs";
import { describe, expect, test } from "vitest";
import { checkClass } from "../class/check-class";
import { checkRoster } from "../homes/roster";
import { LIBRARY_BOOK } from "../moves/library/index";
import { partsFor } from "./everyone";
import {
  FILTERS,
  filterCounts,
  otherwiseIn,
  roomColumns,
  roomRows,
  shortBefore,
  spreadOver,
} from "./room-rows";

const read = (path: string) =>
  JSON.parse(readFileSync(new URL(`../../../demo/${path}`, import.meta.url), "utf8"));
const klass = checkClass(read("classes/1-gale-warning.json"), LIBRARY_BOOK);
const roster = checkRoster(read("roster.json"));
if (!klass.ok || !roster.ok) throw new Error("the demo isn't valid");
const doc = klass.value;
const parts = partsFor(doc, roster.value.people, LIBRARY_BOOK);

describe("the room as rows", () => {
  test("holds everybody that a filter leaves, once, folded or not", () => {
    const counts = filterCounts(parts);
    expect(counts.all).toBe(parts.length);
    for (const filter of FILTERS) {
      for (const fold of [false, true]) {
        const people = roomRows(parts, filter, fold).flatMap((row) => row.people);
        expect(people).toHaveLength(counts[filter]);
        expect(new Set(people.map(({ person }) => person)).size).toBe(people.length);
      }
    }
    const some = parts.filter((part) => part.changeovers.some(({ short }) => short > 0));
    expect(counts.short).toBe(some.length);
    expect(counts.unmet).toBeLessThanOrEqual(counts.changed);
  });

  test("keeps to an order that is given, whatever changes in the parts, and puts who is new last", () => {
    const first = roomRows(parts, "all", false).map(({ part }) => part.person);
    const changed = parts.map((part, i) =>
      i % 3 === 0
        ? { ...part, slots: part.slots.map((slot) => ({ ...slot, status: "unmet" as const })) }
        : part,
    );
    expect(roomRows(changed, "all", false).map(({ part }) => part.person)).not.toEqual(first);
    expect(roomRows(changed, "all", false, first).map(({ part }) => part.person)).toEqual(first);
    const [gone, ...kept] = first;
    expect(roomRows(changed, "all", false, kept).at(-1)?.part.person).toBe(gone);
  });

  test("counts what is done otherwise in a folded block", () => {
    const [part] = parts;
    if (!part) throw new Error("nobody");
    const slots = part.slots.map(({ slot }) => slot);
    const other = part.slots.filter(({ status }) => status !== "as-set").length;
    expect(otherwiseIn(part, slots)).toBe(other);
    expect(otherwiseIn(part, [])).toBe(0);
  });

  test("folded, people of a row do the same in every slot, and no two rows do", () => {
    const rows = roomRows(parts, "all", true);
    const doing = (part: (typeof parts)[number]) =>
      part.slots
        .map((slot) => `${slot.status} ${slot.mark} ${slot.move} ${shortBefore(part, slot.slot) > 0}`)
        .join();
    for (const { people, part } of rows) for (const one of people) expect(doing(one)).toBe(doing(part));
    expect(new Set(rows.map(({ part }) => doing(part))).size).toBe(rows.length);
  });

  test("begins with whoever can't do something", () => {
    const [first] = parts;
    if (!first) throw new Error("nobody");
    const blocked = {
      ...first,
      person: "x",
      name: "Zed",
      slots: first.slots.map((slot, i) => (i === 0 ? { ...slot, status: "unmet" as const } : slot)),
    };
    expect(roomRows([...parts, blocked], "all", false)[0]?.part.name).toBe("Zed");
  });

  test("has a column for every slot, numbered in its block", () => {
    const columns = roomColumns(doc);
    expect(columns.filter(({ first }) => first).length).toBe(new Set(columns.map(({ block }) => block)).size);
    for (const column of columns) if (column.first) expect(column.number).toBe(1);
    for (const { slot } of columns) {
      const counts = spreadOver(parts, slot).map(({ people }) => people);
      expect(counts.reduce((sum, n) => sum + n, 0)).toBe(parts.length);
    }
  });
});
