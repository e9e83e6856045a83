/** Parts in a thread of their own, so that typing never waits for them. */
import { expose } from "comlink";
import type { ClassDoc } from "../core/class/document";
import type { Person } from "../core/homes/home";
import { LIBRARY_BOOK } from "../core/moves/library";
import { type NextThing, nextThings } from "../core/parts/announce";
import type { ChangeOverTable } from "../core/parts/change-over";
import type { Part } from "../core/parts/part";
import { partFor, partsFor } from "../core/parts/parts";
import { share } from "../core/share";

let doc: ClassDoc | null = null;
let people: readonly Person[] = [];
let parts: readonly Part[] = [];

export interface NextThings {
  readonly room: NextThing | null;
  readonly each: readonly (readonly [person: string, next: NextThing])[];
}

const api = {
  /** Everyone's parts. What is equal to the last time stays as it was, so an edit costs little. */
  parts(nextDoc: ClassDoc, nextPeople: readonly Person[], table: ChangeOverTable): readonly Part[] {
    doc = share(doc, nextDoc);
    people = share(people, nextPeople);
    parts = partsFor(doc, people, LIBRARY_BOOK, { table });
    return parts;
  },
  /** One person's part with the best alternatives of every slot. */
  explained(nextDoc: ClassDoc, person: Person, table: ChangeOverTable): Part {
    doc = share(doc, nextDoc);
    const same = people.find((other) => other.id === person.id);
    return partFor(doc, share(same, person), LIBRARY_BOOK, { table, instead: true });
  },
  /** The one thing to own next, for each and for the room; for the class that was asked about last. */
  next(): NextThings {
    if (!doc) return { room: null, each: [] };
    const { room, each } = nextThings(doc, people, parts, LIBRARY_BOOK);
    return { room, each: [...each] };
  },
};

export type PartsWorker = typeof api;
expose(api);
