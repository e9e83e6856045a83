/** What a class asks people to have ready, and what one more thing at home would change. */
import type { ClassDoc } from "../class/document";
import type { Person } from "../homes/home";
import { type KitItem, type KitType, kitName } from "../homes/kit";
import type { MoveBook } from "../moves/book";
import type { Part } from "./part";
import { partFor } from "./parts";

export interface AnnouncedKit {
  readonly type: KitType;
  readonly name: string;
  readonly people: number;
}

/** What the class uses, in order of first use, with how many people use it. */
export function kitToAnnounce(parts: readonly Part[], people: readonly Person[]): readonly AnnouncedKit[] {
  const kits = new Map(
    people.map((person) => [person.id, new Map((person.kit ?? []).map((item) => [item.id, item]))]),
  );
  const users = new Map<KitType, Set<string>>();
  const slots = parts[0]?.slots.length ?? 0;
  for (let i = 0; i < slots; i += 1) {
    for (const part of parts) {
      for (const use of part.slots[i]?.uses ?? []) {
        const type = kits.get(part.person)?.get(use.kit)?.type;
        if (type) users.set(type, (users.get(type) ?? new Set()).add(part.person));
      }
    }
  }
  return [...users].map(([type, set]) => ({ type, name: kitName(type, 2), people: set.size }));
}

/** A thing that somebody could get, in words and as a line of kit. */
export interface Thing {
  readonly name: string;
  readonly item: Omit<KitItem, "id">;
}

/** Things that are thought about, cheap and small first: that is also the order of ties. */
export const THINGS: readonly Thing[] = [
  { name: "a towel", item: { type: "towel" } },
  { name: "a sturdy chair against a wall", item: { type: "chair", sturdy: true } },
  { name: "a clear piece of wall", item: { type: "wall" } },
  { name: "a backpack", item: { type: "backpack", maxKg: 12 } },
  { name: "two water bottles of 1.5 l", item: { type: "bottle", count: 2, litres: 1.5 } },
  { name: "a mini band", item: { type: "mini-band", tension: "medium" } },
  { name: "a long band, medium", item: { type: "tube-band", tension: "medium", handles: true } },
  { name: "two sliders", item: { type: "slider", count: 2 } },
  { name: "a mat", item: { type: "mat" } },
  { name: "a low step", item: { type: "step", heightCm: 20, sturdy: true } },
  { name: "two dumbbells of 3 kg", item: { type: "dumbbell", count: 2, kg: 3 } },
  { name: "two dumbbells of 6 kg", item: { type: "dumbbell", count: 2, kg: 6 } },
  { name: "two dumbbells of 10 kg", item: { type: "dumbbell", count: 2, kg: 10 } },
  { name: "a kettlebell of 12 kg", item: { type: "kettlebell", kg: 12 } },
  { name: "a stability ball", item: { type: "ball" } },
  { name: "a suspension strap", item: { type: "strap-trainer" } },
  { name: "a door anchor", item: { type: "door-anchor" } },
];

export interface NextThing {
  readonly name: string;
  /** Slots that would turn from swapped or unmet into as set. */
  readonly slots: number;
  /** People for whom it changes something. */
  readonly people: number;
}

const toMend = (part: Part) =>
  part.slots.filter((slot) => slot.status === "swapped" || slot.status === "unmet");

/** Slots that this thing would turn into as set for one person: their part is worked out with it. */
function turned(doc: ClassDoc, person: Person, part: Part, thing: Thing, library: MoveBook): number {
  const open = new Set(toMend(part).map((slot) => slot.slot));
  if (open.size === 0) return 0;
  const kit = [...(person.kit ?? []), { ...thing.item, id: "brontle-next-thing" }];
  const after = partFor(doc, { ...person, kit }, library);
  return after.slots.filter((slot) => open.has(slot.slot) && slot.status === "as-set").length;
}

/** For each thing, how many slots it would turn for each of these people. */
export function nextThings(
  doc: ClassDoc,
  people: readonly Person[],
  parts: readonly Part[],
  library: MoveBook,
): { readonly room: NextThing | null; readonly each: ReadonlyMap<string, NextThing> } {
  const byPerson = new Map(parts.map((part) => [part.person, part]));
  const each = new Map<string, NextThing>();
  let room: NextThing | null = null;
  for (const thing of THINGS) {
    let slots = 0;
    let helped = 0;
    for (const person of people) {
      const part = byPerson.get(person.id);
      const n = part ? turned(doc, person, part, thing, library) : 0;
      if (n === 0) continue;
      slots += n;
      helped += 1;
      if (n > (each.get(person.id)?.slots ?? 0))
        each.set(person.id, { name: thing.name, slots: n, people: 1 });
    }
    if (slots > (room?.slots ?? 0)) room = { name: thing.name, slots, people: helped };
  }
  return { room, each };
}
