/** Which moves a class names, by id: in slots, in their easier and harder ways, and in fillers. */
import { type ClassDoc, type MoveRef, slotsOf, wayAt } from "./document";

/** The ids, in the order of the class; moves that are given by name have none. */
export function movesNamed(doc: ClassDoc): ReadonlySet<string> {
  const ids = new Set<string>();
  const add = (ref: MoveRef | undefined) => typeof ref === "string" && ids.add(ref);
  for (const block of doc.blocks) {
    for (const slot of slotsOf(block)) {
      add(slot.move);
      add(wayAt(slot, "flat")?.move);
      add(wayAt(slot, "sharp")?.move);
    }
    add(block.restMove);
    add(block.longRestMove);
  }
  return ids;
}
