/** What everybody does in a session: their parts as they are, and as they would be at each of the three marks. */
import type { ClassDoc } from "../class/document";
import type { Mark, Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import type { ChangeOverTable } from "../parts/change-over";
import { partsFor } from "../parts/everyone";
import type { Part } from "../parts/part";

export interface WorkedOut {
  readonly parts: readonly Part[];
  /** As if everybody's level were that mark in all patterns: a level changed on the spot needs nothing anew. */
  readonly partsByMark: Readonly<Record<Mark, readonly Part[]>>;
}

/**
 * The parts of these people in this order. `doc` must be valid, with the moves that were changed on the spot
 * in it; `on` is the day of the session. The dearest thing a server does: four parts a person, some ms each.
 */
export function workOut(
  doc: ClassDoc,
  people: readonly Person[],
  table: ChangeOverTable,
  on?: string,
): WorkedOut {
  const at = (mark: Mark) => partsFor(doc, people, LIBRARY_BOOK, { table, on, mark });
  return {
    parts: partsFor(doc, people, LIBRARY_BOOK, { table, on }),
    partsByMark: { flat: at("flat"), natural: at("natural"), sharp: at("sharp") },
  };
}
