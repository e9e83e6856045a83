/** What the Desk asks of the core, in a thread of its own, so that typing never waits for it. */
import { expose } from "comlink";
import type { ClassDoc } from "../core/class/document";
import { type Balance, balanceOf } from "../core/effort/balance";
import { type EffortCurve, effortCurve } from "../core/effort/effort";
import type { Mark, Person } from "../core/homes/home";
import { LIBRARY_BOOK } from "../core/moves/library";
import { type NextThing, nextThings } from "../core/parts/announce";
import type { Part } from "../core/parts/part";
import { partFor, partsFor } from "../core/parts/parts";
import type { Finding } from "../core/review/finding";
import { readThrough } from "../core/review/read-through";
import type { Settings } from "../core/settings/settings";
import { callSheet, type SpokenLine } from "../core/shape/call-sheet";
import { type FitResult, fitClass } from "../core/shape/fit";
import { share } from "../core/share";
import type { Seconds } from "../core/units";

let doc: ClassDoc | null = null;
let people: readonly Person[] = [];
let parts: readonly Part[] = [];

export interface NextThings {
  readonly room: NextThing | null;
  readonly each: readonly (readonly [person: string, next: NextThing])[];
}

export interface Shape {
  readonly curve: EffortCurve;
  readonly asSet: Balance;
  /** One for each part, in the order of the people. */
  readonly each: readonly Balance[];
  readonly loads: readonly number[];
}

const api = {
  /** Everyone's parts. What is equal to the last time stays as it was, so an edit costs little. */
  parts(nextDoc: ClassDoc, nextPeople: readonly Person[], settings: Settings): readonly Part[] {
    doc = share(doc, nextDoc);
    people = share(people, nextPeople);
    parts = partsFor(doc, people, LIBRARY_BOOK, { table: settings.changeOver });
    return parts;
  },
  /** The read-through of the class whose parts were asked for last. */
  findings(settings: Settings): readonly Finding[] {
    const { thresholds } = settings;
    return doc ? readThrough({ doc, library: LIBRARY_BOOK, people, parts, thresholds }) : [];
  },
  /** One person's part with the best alternatives of every slot. */
  explained(nextDoc: ClassDoc, person: Person, settings: Settings): Part {
    doc = share(doc, nextDoc);
    const same = people.find((other) => other.id === person.id);
    return partFor(doc, share(same, person), LIBRARY_BOOK, { table: settings.changeOver, instead: true });
  },
  /** The one thing to own next, for each and for the room; for the class that was asked about last. */
  next(): NextThings {
    if (!doc) return { room: null, each: [] };
    const { room, each } = nextThings(doc, people, parts, LIBRARY_BOOK);
    return { room, each: [...each] };
  },
  /** Effort and balance: as set at a mark, or of a person; with the spread over all parts. */
  shape(
    nextDoc: ClassDoc,
    whose: { readonly mark: Mark } | { readonly person: string },
    settings: Settings,
  ): Shape {
    doc = share(doc, nextDoc);
    const own = doc;
    const part = "person" in whose ? parts.find((entry) => entry.person === whose.person) : undefined;
    const mark = "mark" in whose ? whose.mark : "natural";
    return {
      curve: effortCurve(own, LIBRARY_BOOK, part ? { part } : { mark }),
      asSet: balanceOf(own, LIBRARY_BOOK, settings.thresholds, part),
      each: parts.map((entry) => balanceOf(own, LIBRARY_BOOK, settings.thresholds, entry)),
      loads: parts.map((entry) => effortCurve(own, LIBRARY_BOOK, { part: entry }).sessionLoad),
    };
  },
  /** What to say when. */
  say(nextDoc: ClassDoc, settings: Settings): readonly SpokenLine[] {
    doc = share(doc, nextDoc);
    return callSheet(doc, LIBRARY_BOOK, { parts, wordsPerSecond: settings.thresholds.wordsPerSecond });
  },
  /** The cheapest ways to a length. */
  fit(nextDoc: ClassDoc, seconds: Seconds, settings: Settings): FitResult {
    doc = share(doc, nextDoc);
    return fitClass({ doc, library: LIBRARY_BOOK, seconds, parts, thresholds: settings.thresholds });
  },
};

export type DeskWorker = typeof api;
expose(api);
