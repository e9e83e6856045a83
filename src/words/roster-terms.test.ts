import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { readRosterCsv, rosterCsv } from "../core/formats/roster-csv";
import { codeOf, termBooks } from "../core/formats/roster-terms";
import { FLOORS } from "../core/homes/home";
import { KIT_TYPES } from "../core/homes/kit";
import { LIMITS } from "../core/homes/limits";
import { arbPerson } from "../core/testing/arb-roster";
import { WHOLE_LANGUAGES, wordsIn } from "./languages";
import { rosterTerms } from "./roster-terms";

const terms = rosterTerms(wordsIn("en"));

describe.each(WHOLE_LANGUAGES)("the words of the screens, in %s", (language) => {
  const own = rosterTerms(wordsIn(language));

  test("a table in them comes back as it was, and is read as well where it has codes", () => {
    fc.assert(
      fc.property(fc.array(arbPerson, { maxLength: 4 }), fc.boolean(), (list, inCodes) => {
        const people = list.map((person, i) => ({ ...person, id: `p${i}` }));
        const read = readRosterCsv(inCodes ? rosterCsv(people) : rosterCsv(people, own), own);
        expect(read.faults).toEqual([]);
        expect(read.people).toEqual(people);
      }),
    );
  });

  test("no two things, limits or floors have the same", () => {
    const books = termBooks(own);
    for (const type of KIT_TYPES)
      for (const count of [1, 2]) expect(codeOf(books.kit, own.kit(type, count))).toBe(type);
    for (const limit of LIMITS) expect(codeOf(books.limit, own.limit(limit))).toBe(limit);
    for (const floor of FLOORS) expect(codeOf(books.floor, own.floor(floor))).toBe(floor);
  });
});

test("what the screens show stands in the table", () => {
  const table = rosterCsv(
    [
      {
        id: "p",
        name: "Una",
        mark: "flat",
        limits: ["shallow-knees"],
        kit: [{ id: "d", type: "dumbbell", count: 2, kg: 6 }],
      },
    ],
    terms,
  );
  expect(table).toContain("easier");
  expect(table).toContain("shallow knees");
  expect(table).toContain("2 dumbbells 6 kg");
});
