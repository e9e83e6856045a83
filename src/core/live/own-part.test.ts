import { describe, expect, test } from "vitest";
import { newClass } from "../class/new-class";
import { MARKS } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import { ownParts, publicDoc } from "./own-part";

const people = ["ann", "bo"].map((id) => ({ id, name: id, kit: [] }));
const doc = {
  ...newClass("T", "density"),
  promise: { minutes: 30 },
  overruled: [{ slot: "s1", person: "bo", move: "plank" }],
  acknowledged: [{ finding: "x", reason: "Bo asked for it" }],
} as never;
const at = (mark: (typeof MARKS)[number]) =>
  partsFor(
    newClass("T", "density"),
    people.map((person) => ({ ...person, mark })),
    LIBRARY_BOOK,
  );
const byMark = { flat: at("flat"), natural: at("natural"), sharp: at("sharp") };

describe("what a participant is given", () => {
  test("is the class without what concerns single people or is the instructor's own business", () => {
    const given = publicDoc(doc);
    const { promise: _promise, ...plain } = newClass("T", "density");
    expect(given).toEqual(plain);
    expect(JSON.stringify(given)).not.toMatch(/"bo"|Bo asked/);
  });

  test("is their own part at their usual marks and at each of the three, and nobody else's", () => {
    const own = ownParts("bo", byMark.natural, byMark);
    expect(own?.usual.person).toBe("bo");
    for (const mark of MARKS) expect(own?.byMark[mark]).toBe(byMark[mark][1]);
    expect(JSON.stringify(own)).not.toContain('"ann"');
  });

  test("is nothing for who isn't on the list; without parts by mark the usual one stands for all", () => {
    expect(ownParts("cid", byMark.natural, byMark)).toBeNull();
    const own = ownParts("ann", byMark.natural, null);
    for (const mark of MARKS) expect(own?.byMark[mark]).toBe(own?.usual);
  });
});
