/** Everyone's parts in a class: each by themselves, and two in one room together. */
import type { ClassDoc } from "../class/document";
import type { Person } from "../homes/home";
import type { MoveBook } from "../moves/book";
import { pairsIn, sharedParts } from "./household";
import type { Part } from "./part";
import { type PartOptions, partFor } from "./parts";

/** Everyone's parts, in the order of the roster. */
export function partsFor(
  doc: ClassDoc,
  people: readonly Person[],
  library: MoveBook,
  options: PartOptions = {},
): readonly Part[] {
  const shared = new Map<string, Part>();
  for (const pair of pairsIn(people))
    for (const part of sharedParts(doc, pair, library, options)) shared.set(part.person, part);
  return people.map((person) => shared.get(person.id) ?? partFor(doc, person, library, options));
}
