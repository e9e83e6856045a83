import { expect, test } from "vitest";
import { MARKS, type Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { CHANGE_OVER } from "../parts/change-over";
import { partsFor } from "../parts/parts";
import { block, doc, kit, person, slot } from "../testing/finding-cases";
import { workOut } from "./work-out";

const own = doc([block([slot("goblet-squat"), slot("push-up"), slot("bodyweight-squat")])]);
const people: Person[] = [
  { ...person({ mark: "sharp", marks: { squat: "flat" } }), id: "ada", name: "Ada" },
  { ...person({ kit: kit({ type: "kettlebell", kg: 8 }) }), id: "bo", name: "Bo" },
];

test("parts are those of the people as they are, and at each mark those of people with that mark everywhere", () => {
  const { parts, partsByMark } = workOut(own, people, CHANGE_OVER);
  expect(parts).toEqual(partsFor(own, people, LIBRARY_BOOK, { table: CHANGE_OVER }));
  for (const mark of MARKS) {
    const all = people.map(({ marks: _, ...rest }) => ({ ...rest, mark }));
    expect(partsByMark[mark]).toEqual(partsFor(own, all, LIBRARY_BOOK, { table: CHANGE_OVER }));
  }
  // A level of one pattern holds in their own part alone.
  expect(parts[0]).not.toEqual(partsByMark.sharp[0]);
});
