/** Whether the read-through can be trusted: what it says of good classes, and that it finds what is planted in them. */
import { describe, expect, test } from "vitest";
import { checkClass } from "../class/check-class";
import type { ClassDoc } from "../class/document";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import { GOOD_CLASSES } from "../testing/good";
import { ROOM } from "../testing/good/room";
import { CLOCK_FAULTS } from "../testing/planted/clock";
import { PEOPLE_FAULTS } from "../testing/planted/people";
import { CODES, type FindingCode } from "./finding";
import { isOpen } from "./ranked";
import { readLines } from "./read-through";
import type { Season } from "./season";

function linesOf(doc: ClassDoc, people: readonly Person[], season: Season | null = null) {
  const checked = checkClass(doc, LIBRARY_BOOK);
  if (!checked.ok) throw new Error(JSON.stringify(checked.error));
  const parts = partsFor(doc, people, LIBRARY_BOOK);
  return readLines({ doc, library: LIBRARY_BOOK, people, parts, season });
}

const codesOf = (lines: ReturnType<typeof linesOf>): readonly FindingCode[] =>
  lines.flatMap(({ code, also }) => [code, ...also]);

describe("a good class", () => {
  test("there are at least twelve, of all stances", () => {
    expect(GOOD_CLASSES.length).toBeGreaterThanOrEqual(12);
    expect(new Set(GOOD_CLASSES.map(({ doc }) => doc.stance)).size).toBe(3);
  });

  test.each(GOOD_CLASSES.map((good) => [good.doc.title, good] as const))(
    "%s has at most three lines, and none that isn't so",
    (_, { doc, may }) => {
      const open = linesOf(doc, ROOM).filter(isOpen);
      expect(codesOf(open).filter((code) => !may.includes(code))).toEqual([]);
      expect(open.length).toBeLessThanOrEqual(3);
    },
  );
});

const FAULTS = [...CLOCK_FAULTS, ...PEOPLE_FAULTS];

describe("a planted fault", () => {
  test("there are at least eighty, and some of every code", () => {
    expect(FAULTS.length).toBeGreaterThanOrEqual(80);
    const planted = new Set(FAULTS.map(({ code }) => code));
    expect(Object.keys(CODES).filter((code) => !planted.has(code as FindingCode))).toEqual([]);
  });

  test.each(FAULTS.map((fault, i) => [`${i + 1}: ${fault.name}`, fault] as const))(
    "%s is found, and is gone when it is mended",
    (_, { code, before, doc, people = [ROOM, ROOM], season = null }) => {
      expect(codesOf(linesOf(before, people[0]))).not.toContain(code);
      const lines = linesOf(doc, people[1], season);
      expect(codesOf(lines)).toContain(code);
      // Harm to somebody is never behind what is only untidy.
      const ranks = lines.filter(isOpen).map(({ rank }) => rank);
      expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
    },
  );
});
