/** What a class asks people to have ready, and what one more thing at home would change. */
import type { ClassDoc } from "../class/document";
import type { Person } from "../homes/home";
import type { KitItem, KitType } from "../homes/kit";
import type { MoveBook } from "../moves/book";
import type { Part } from "./part";
import { type PartOptions, partFor } from "./parts";

export interface AnnouncedKit {
  readonly type: KitType;
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
  return [...users].map(([type, set]) => ({ type, people: set.size }));
}

/** A thing that somebody could get, as a line of kit. */
interface Thing {
  readonly id: string;
  readonly item: Omit<KitItem, "id">;
}

/** Things that are thought about, cheap and small first: that is also the order of ties. */
export const THINGS = [
  { id: "towel", item: { type: "towel" } },
  { id: "chair", item: { type: "chair", sturdy: true } },
  { id: "wall", item: { type: "wall" } },
  { id: "backpack", item: { type: "backpack", maxKg: 12 } },
  { id: "bottles", item: { type: "bottle", count: 2, litres: 1.5 } },
  { id: "mini-band", item: { type: "mini-band", tension: "medium" } },
  { id: "long-band", item: { type: "tube-band", tension: "medium", handles: true } },
  { id: "sliders", item: { type: "slider", count: 2 } },
  { id: "mat", item: { type: "mat" } },
  { id: "step", item: { type: "step", heightCm: 20, sturdy: true } },
  { id: "dumbbells-3", item: { type: "dumbbell", count: 2, kg: 3 } },
  { id: "dumbbells-6", item: { type: "dumbbell", count: 2, kg: 6 } },
  { id: "dumbbells-10", item: { type: "dumbbell", count: 2, kg: 10 } },
  { id: "kettlebell", item: { type: "kettlebell", kg: 12 } },
  { id: "ball", item: { type: "ball" } },
  { id: "strap", item: { type: "strap-trainer" } },
  { id: "door-anchor", item: { type: "door-anchor" } },
] as const satisfies readonly Thing[];
export type ThingId = (typeof THINGS)[number]["id"];

export interface NextThing {
  readonly thing: ThingId;
  /** Slots that would turn from swapped or unmet into as set. */
  readonly slots: number;
  /** People for whom it changes something. */
  readonly people: number;
  /** Their names, whom it helps most first. */
  readonly who: readonly string[];
  /** Those slots, in the order of the class. */
  readonly where: readonly string[];
}

const toMend = (part: Part) =>
  part.slots.filter((slot) => slot.status === "swapped" || slot.status === "unmet");

/** Slots that this thing would turn into as set for one person: their part is worked out with it. */
function turned(
  doc: ClassDoc,
  person: Person,
  part: Part,
  thing: Thing,
  library: MoveBook,
  options: PartOptions,
): readonly string[] {
  const open = new Set(toMend(part).map((slot) => slot.slot));
  if (open.size === 0) return [];
  const kit = [...(person.kit ?? []), { ...thing.item, id: "brontle-next-thing" }];
  const after = partFor(doc, { ...person, kit }, library, options);
  return after.slots
    .filter((slot) => open.has(slot.slot) && slot.status === "as-set")
    .map(({ slot }) => slot);
}

interface Helped {
  readonly person: Person;
  readonly where: readonly string[];
}

function forRoom(
  thing: ThingId,
  helped: readonly Helped[],
  slots: number,
  parts: readonly Part[],
): NextThing {
  const most = [...helped].sort((a, b) => b.where.length - a.where.length);
  const turnedSlots = new Set(helped.flatMap(({ where }) => where));
  return {
    thing,
    slots,
    people: helped.length,
    who: most.map(({ person }) => person.name),
    where: (parts[0]?.slots ?? []).map(({ slot }) => slot).filter((slot) => turnedSlots.has(slot)),
  };
}

/** For each thing, how many slots it would turn for each of these people. */
export function nextThings(
  doc: ClassDoc,
  people: readonly Person[],
  parts: readonly Part[],
  library: MoveBook,
  options: PartOptions = {},
): { readonly room: NextThing | null; readonly each: ReadonlyMap<string, NextThing> } {
  const byPerson = new Map(parts.map((part) => [part.person, part]));
  const each = new Map<string, NextThing>();
  let room: NextThing | null = null;
  for (const thing of THINGS) {
    const helped = people.flatMap((person): Helped[] => {
      const part = byPerson.get(person.id);
      const where = part ? turned(doc, person, part, thing, library, options) : [];
      return where.length > 0 ? [{ person, where }] : [];
    });
    for (const { person, where } of helped) {
      const { id, name } = person;
      if (where.length > (each.get(id)?.slots ?? 0))
        each.set(id, { thing: thing.id, slots: where.length, people: 1, who: [name], where });
    }
    const slots = helped.reduce((sum, one) => sum + one.where.length, 0);
    if (slots > (room?.slots ?? 0)) room = forRoom(thing.id, helped, slots, parts);
  }
  return { room, each };
}
