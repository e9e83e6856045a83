import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { checkRoster } from "../homes/roster";
import { readNames } from "./names-list";

const names = (text: string) => readNames(text).people.map(({ name }) => name);

describe("a list of names", () => {
  test("one a line, with bullets and numbers, or in one line with commas", () => {
    expect(names("Una Brack\n\n2. Kit Orrin\r\n• Jory Tannock")).toEqual([
      "Una Brack",
      "Kit Orrin",
      "Jory Tannock",
    ]);
    expect(names("Una, Kit; Jory Tannock")).toEqual(["Una", "Kit", "Jory Tannock"]);
  });

  test("with the address where there is one", () => {
    const { people } = readNames(
      "Una Brack <una@quay.example>\nKit Orrin, kit@quay.example\nJory Tannock\tjory@quay.example\nRhea",
    );
    expect(people.map(({ name, email }) => [name, email])).toEqual([
      ["Una Brack", "una@quay.example"],
      ["Kit Orrin", "kit@quay.example"],
      ["Jory Tannock", "jory@quay.example"],
      ["Rhea", undefined],
    ]);
  });

  test("who is there already is told, and nobody new gets an id of theirs", () => {
    const known = [
      { id: "una-brack", name: "Una  BRACK" },
      { id: "kit", name: "Kristin" },
    ];
    const { people } = readNames("una brack\nKit\nKit", known);
    expect(people.map(({ id, known: is }) => [id, is])).toEqual([
      ["una-brack-2", true],
      ["kit-2", false],
      ["kit-3", true],
    ]);
  });

  test("what is no name is told with its line", () => {
    expect(readNames("123\nUna <una@>\nx@y.example").faults).toEqual([
      { line: 1, text: "123", code: "no-name" },
      { line: 2, text: "Una <una@>", code: "no-address" },
      { line: 3, text: "x@y.example", code: "no-name" },
    ]);
  });

  test("whatever is pasted: nothing throws, ids are unique, and the people are a roster", () => {
    const arbText = fc.oneof(
      fc.string({ maxLength: 200 }),
      fc
        .array(fc.constantFrom("Una ", "@", ",", "\n", "\t", "<", ">", "7", "é", ";", ". "), {
          maxLength: 40,
        })
        .map((parts) => parts.join("")),
    );
    fc.assert(
      fc.property(arbText, (text) => {
        const { people } = readNames(text);
        expect(new Set(people.map(({ id }) => id)).size).toBe(people.length);
        const roster = {
          format: "brontle.roster",
          version: 1,
          people: people.map(({ id, name, email }) => ({ id, name, ...(email ? { email } : {}) })),
        };
        expect(checkRoster(roster)).toMatchObject({ ok: true });
      }),
    );
  });
});
