/** Working out parts: for each person and slot the nearest way, and a sentence that says why. */

import { type ClassDoc, doseAt, type Slot, slotsOf } from "../class/document";
import { spanTriple } from "../class/span";
import type { Mark, Person } from "../homes/home";
import type { Use } from "../homes/match";
import { bookWith, type MoveBook } from "../moves/book";
import type { Triple } from "../units";
import { type Candidate, candidatesFor, type Wanted, wantedFor } from "./candidates";
import { COSTS, type CostSheet, costSum } from "./costs";
import { unmetReason, whyText } from "./explain";
import type { Part, PartLoad, PartSlot, Status } from "./part";

const NOTHING: CostSheet = { mark: 0, link: 0, pattern: 0, muscles: 0, position: 0, impact: 0, sidedness: 0 };
/** What a slot that can't be done adds to a part's cost: more than any way can. */
const UNMET_COST = 1000;

function markOf(level: number): Mark {
  return level < 0 ? "flat" : level > 0 ? "sharp" : "natural";
}

function statusOf(candidate: Candidate, wanted: Wanted): Status {
  if (candidate.move === wanted.target) return "as-set";
  if (candidate.swapped || candidate.level === wanted.targetLevel) return "swapped";
  return candidate.level < wanted.targetLevel ? "eased" : "raised";
}

function loadOf(uses: readonly Use[], person: Person): PartLoad {
  const held = uses.filter((use) => use.kg !== undefined);
  const [first] = held;
  if (first?.kg !== undefined) return { kg: first.kg, items: held.reduce((sum, use) => sum + use.count, 0) };
  const band = uses.find((use) => use.as === "long-band" || use.as === "mini-band");
  const tension = band && person.kit?.find((item) => item.id === band.kit)?.tension;
  return tension ? { tension } : null;
}

function repsOf(slot: Slot, wanted: Wanted): Triple | null {
  const span = wanted.way?.reps ?? doseAt(slot, 0).reps;
  return span === undefined ? null : spanTriple(span);
}

/**
 * What was worked out before for the same book, slot and person. Documents, people and books are
 * never changed in place, so an edit of one slot leaves all the others' parts as they are.
 */
const known = new WeakMap<MoveBook, WeakMap<Slot, WeakMap<Person, PartSlot>>>();

function getOrMake<K extends object, V>(map: WeakMap<K, V>, key: K, make: () => V): V {
  const there = map.get(key);
  if (there !== undefined) return there;
  const made = make();
  map.set(key, made);
  return made;
}

/** One person's part in one slot; equal objects in give the same object out. */
export function partSlotFor(slot: Slot, person: Person, book: MoveBook): PartSlot {
  const slots = getOrMake(known, book, () => new WeakMap<Slot, WeakMap<Person, PartSlot>>());
  const people = getOrMake(slots, slot, () => new WeakMap<Person, PartSlot>());
  return getOrMake(people, person, () => workOut(slot, person, book));
}

function workOut(slot: Slot, person: Person, book: MoveBook): PartSlot {
  const wanted = wantedFor(slot, person, book);
  const [best] = candidatesFor(slot, person, wanted, book);
  const reps = repsOf(slot, wanted);
  const common = {
    slot: slot.id,
    seconds: wanted.way?.seconds ?? null,
    reps,
    note: wanted.way?.note ?? null,
  };
  if (!best) {
    return {
      ...common,
      status: "unmet",
      mark: wanted.mark,
      move: null,
      name: wanted.base.name,
      uses: [],
      load: null,
      why: unmetReason(wanted, person, book),
      cost: NOTHING,
    };
  }
  const status = statusOf(best, wanted);
  return {
    ...common,
    status,
    mark: status === "as-set" ? markOf(wanted.targetLevel) : markOf(best.level),
    move: best.move.id,
    name: best.move.name,
    uses: best.uses,
    load: loadOf(best.uses, person),
    note: status === "as-set" ? common.note : null,
    why: whyText(best, wanted, status, person),
    cost: best.cost,
  };
}

/** What to bring: the most of each thing used at once, in order of first use. */
function bringList(slots: readonly PartSlot[]): Part["bring"] {
  const most = new Map<string, number>();
  for (const { uses } of slots) {
    const here = new Map<string, number>();
    for (const use of uses) here.set(use.kit, (here.get(use.kit) ?? 0) + use.count);
    for (const [kit, count] of here) most.set(kit, Math.max(most.get(kit) ?? 0, count));
  }
  return [...most].map(([kit, count]) => ({ kit, count }));
}

/** One person's part in the whole class. The document must be valid. */
export function partFor(doc: ClassDoc, person: Person, library: MoveBook): Part {
  const book = bookWith(library, doc.moves);
  const slots = doc.blocks.flatMap((block) => slotsOf(block).map((slot) => partSlotFor(slot, person, book)));
  const cost = slots.reduce(
    (sum, slot) => sum + (slot.status === "unmet" ? UNMET_COST : costSum(slot.cost)),
    0,
  );
  return {
    person: person.id,
    name: person.name,
    homeKnown: person.kit !== undefined,
    cost,
    slots,
    bring: bringList(slots),
  };
}

/** Everyone's parts, in the order of the roster. */
export function partsFor(doc: ClassDoc, people: readonly Person[], library: MoveBook): readonly Part[] {
  return people.map((person) => partFor(doc, person, library));
}

/** A part as `./brontle parts` prints it. Alternatives and change-overs come with the whole-sequence choice. */
export function partJson(part: Part): unknown {
  const slots = part.slots.map(({ name: _name, note: _note, ...slot }) => ({
    ...slot,
    uses: slot.uses.map(({ kg: _kg, ...use }) => use),
    instead: [],
  }));
  return { person: part.person, cost: part.cost, slots, bring: part.bring, changeovers: [] };
}

/** The table that `./brontle moves --costs` prints. */
export const COST_TABLE = { ...COSTS, unmet: UNMET_COST };
