import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, test } from "vitest";
import { checkClass } from "../class/check-class";
import type { ClassDoc } from "../class/document";
import { applyEdit } from "../class/edits";
import { expandedSeconds } from "../class/expand";
import { whereKey } from "../class/keyed";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import { ROOM } from "../testing/good/room";
import { CLOCK_FAULTS } from "../testing/planted/clock";
import { PEOPLE_FAULTS } from "../testing/planted/people";
import { blockWith, goodClass, slotWith } from "../testing/planted/plant";
import { readLines, readThrough } from "./read-through";
import { triedLine } from "./tried";

const read = (path: string) => JSON.parse(readFileSync(new URL(`../../../${path}`, import.meta.url), "utf8"));

function inputOf(doc: ClassDoc, people: readonly Person[]) {
  return { doc, library: LIBRARY_BOOK, people, parts: partsFor(doc, people, LIBRARY_BOOK) };
}

function triedLines(doc: ClassDoc, people: readonly Person[]) {
  const input = inputOf(doc, people);
  const partsOf = (next: ClassDoc) => partsFor(next, people, LIBRARY_BOOK);
  return readLines(input).map((line) => triedLine(line, input, partsOf));
}

const graves = (doc: ClassDoc, people: readonly Person[]) =>
  new Set(
    readThrough(inputOf(doc, people))
      .filter(({ severity, acknowledged }) => severity !== "consider" && acknowledged === null)
      .map(({ code, where }) => `${code} ${whereKey(where)}`),
  );

/** Every offer leads to a valid class, with nothing new to mend, that takes as long as it says. */
function expectSound(name: string, doc: ClassDoc, people: readonly Person[]): number {
  const before = graves(doc, people);
  let offers = 0;
  for (const line of triedLines(doc, people)) {
    for (const { says, edit, takes } of line.fixes) {
      const next = applyEdit(doc, edit);
      if (!next.ok) throw new Error(`${name}: ${says.code} is refused`);
      expect(checkClass(JSON.parse(JSON.stringify(next.value)), LIBRARY_BOOK).ok, name).toBe(true);
      const worse = [...graves(next.value, people)].filter((key) => !before.has(key));
      expect(worse, `${name}: ${line.code} by ${says.code}`).toEqual([]);
      expect(takes, name).toBe(expandedSeconds(next.value, LIBRARY_BOOK, "plan"));
      offers += 1;
    }
  }
  return offers;
}

describe("what a line offers", () => {
  test("holds in the demo's classes", { timeout: 120_000 }, () => {
    const people = (read("demo/roster.json").people as Person[]).slice(0, 12);
    let offers = 0;
    for (const name of readdirSync(new URL("../../../demo/classes", import.meta.url)))
      offers += expectSound(name, read(`demo/classes/${name}`) as ClassDoc, people);
    expect(offers).toBeGreaterThan(12);
  });

  test("holds in classes with a planted fault", { timeout: 120_000 }, () => {
    const faults = [...CLOCK_FAULTS, ...PEOPLE_FAULTS].filter((_, i) => i % 4 === 0);
    const offers = faults.map(({ name, doc, people }) => expectSound(name, doc, people?.[1] ?? ROOM));
    expect(offers.filter((count) => count > 0).length).toBeGreaterThan(12);
  });

  test("takes back elsewhere the time that it costs, where the class has none to give", () => {
    const laps = slotWith("a1", { demo: 0 })(goodClass("Laps of the pier"));
    // Just within a minute of what was announced: any second more is too long.
    const off = 60 - (expandedSeconds(laps, LIBRARY_BOOK, "plan") % 60);
    const long = blockWith("hello", { brief: 90 + off })(laps);
    const minutes = expandedSeconds(long, LIBRARY_BOOK, "plan") / 60;
    const doc = { ...long, promise: { minutes: minutes - 1 } };
    const line = triedLines(doc, []).find(({ code }) => code === "not-shown");
    const over = readThrough(inputOf(doc, [])).some(({ code }) => code === "length-over");
    const [fix] = line?.fixes ?? [];
    expect(over).toBe(false);
    expect(fix?.says.code).toBe("and");
    expect(Math.abs((fix?.takes ?? 0) - (minutes - 1) * 60)).toBeLessThanOrEqual(60);
  });

  test("is another order of the same moves, where that is enough", () => {
    const laps = goodClass("Laps of the pier");
    const floor = ["bridge", "dead-bug"];
    const doc = {
      ...laps,
      blocks: laps.blocks.map((block) =>
        block.id === "a"
          ? {
              ...block,
              rest: 3,
              slots: (block.slots ?? []).map((slot, i) =>
                i % 2 === 0 ? { ...slot, move: floor[i / 2] as string } : slot,
              ),
            }
          : block,
      ),
    };
    const line = triedLines(doc, [{ id: "p", name: "Eskil Osmay", kit: [] }]).find(
      ({ code, where }) => code === "gap-short" && where.block === "a",
    );
    expect(line?.fixes.map(({ says }) => says.code)).toContain("order");
  });
});
