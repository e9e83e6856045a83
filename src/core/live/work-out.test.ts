import { expect, test } from "vitest";
import { MARKS, type Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { CHANGE_OVER } from "../parts/change-over";
import { partsFor } from "../parts/everyone";
import { block, doc, kit, person, slot } from "../testing/class-builders";
import { workOut } from "./work-out";

const own = doc([block([slot("goblet-squat"), slot("push-up"), slot("bodyweight-squat")])]);
const people: Person[] = [
  { ...person({ mark: "sharp", marks: { squat: "flat" } }), id: "ada", name: "Ada" },
  { ...person({ kit: kit({ type: "kettlebell", kg: 8 }) }), id: "bo", name: "Bo" },
];

test("parts are those of the people as they are, and at each mark what they do at that mark everywhere", () => {
  const { parts, partsByMark } = workOut(own, people, CHANGE_OVER);
  expect(parts).toEqual(partsFor(own, people, LIBRARY_BOOK, { table: CHANGE_OVER }));
  for (const mark of MARKS) {
    expect(partsByMark[mark]).toEqual(partsFor(own, people, LIBRARY_BOOK, { table: CHANGE_OVER, mark }));
    for (const part of partsByMark[mark]) expect(part.slots.map((slot) => slot.mark)).toContain(mark);
  }
  // A level of one pattern holds in their own part alone.
  expect(parts[0]).not.toEqual(partsByMark.sharp[0]);
});
