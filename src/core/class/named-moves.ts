/** Which moves a class names, by id: in slots, in their other ways, in fillers, and as what a named move is like. */
import { alternativesOf, type ClassDoc, dosesOf, type MoveRef, slotsOf, wayAt } from "./document";

/** The ids, in the order of the class; a move that is given by name has only that of the one it is like. */
export function movesNamed(doc: ClassDoc): ReadonlySet<string> {
  const ids = new Set<string>();
  const add = (ref: MoveRef | undefined) => {
    const id = typeof ref === "object" ? ref.like : ref;
    if (id !== undefined) ids.add(id);
  };
  for (const block of doc.blocks) {
    for (const slot of slotsOf(block)) {
      add(slot.move);
      add(wayAt(slot, "flat")?.move);
      add(wayAt(slot, "sharp")?.move);
      for (const { move } of alternativesOf(slot)) add(move);
      for (const { sequence = [] } of dosesOf(slot)) for (const { move } of sequence) add(move);
    }
    add(block.restMove);
    add(block.longRestMove);
  }
  return ids;
}
