import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../class/document";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { kitToAnnounce, nextThings, THINGS } from "./announce";
import { partsFor } from "./everyone";
import { partFor } from "./parts";

const doc: ClassDoc = {
  format: "brontle.class",
  version: 1,
  title: "T",
  stance: "strength",
  blocks: [
    {
      id: "b",
      title: "",
      slots: ["band-row", "goblet-squat", "band-press"].map((move, i) => ({
        id: `s${i}`,
        move,
        dose: { seconds: 30 },
      })),
    },
  ],
};
const people: Person[] = [
  { id: "a", name: "A", kit: [{ id: "w", type: "wall" }] },
  {
    id: "b",
    name: "B",
    kit: [
      { id: "t", type: "tube-band", tension: "medium" },
      { id: "k", type: "kettlebell", kg: 8 },
    ],
  },
];

describe("what is announced", () => {
  test("the kit in order of first use, with how many use it", () => {
    const kit = kitToAnnounce(partsFor(doc, people, LIBRARY_BOOK), people);
    expect(kit.find((line) => line.type === "tube-band")).toMatchObject({ people: 1 });
    expect(kit.map((line) => line.type)).toContain("kettlebell");
  });

  test("the one thing to own next is the one that mends most, by trying every one", () => {
    const parts = partsFor(doc, people, LIBRARY_BOOK);
    const { room, each } = nextThings(doc, people, parts, LIBRARY_BOOK);
    const person = people[0] as Person;
    const before = new Set(
      parts[0]?.slots.filter((s) => s.status === "swapped" || s.status === "unmet").map((s) => s.slot),
    );
    const counts = THINGS.map(({ id, item }) => {
      const after = partFor(
        doc,
        { ...person, kit: [...(person.kit ?? []), { ...item, id: "x" }] },
        LIBRARY_BOOK,
      );
      return { id, n: after.slots.filter((s) => before.has(s.slot) && s.status === "as-set").length };
    });
    const most = Math.max(...counts.map((count) => count.n));
    const next = each.get("a");
    expect(next).toMatchObject({ thing: counts.find((c) => c.n === most)?.id, slots: most, people: 1 });
    // It says for whom, and what would change.
    expect(next?.who).toEqual([person.name]);
    expect(next?.where).toHaveLength(most);
    expect(next?.where.every((slot) => before.has(slot))).toBe(true);
    expect(room?.who).toHaveLength(room?.people ?? -1);
    expect(room?.slots).toBeGreaterThanOrEqual(most);
    expect(each.has("b")).toBe(false);
  });
});
