/** Who is here and how they are: the fold of what participants enter. */
import type { Mark } from "../homes/home";
import type { Ms } from "../units";
import { factsOf, type PersonKind, type SetChange } from "./event-kinds";
import { personOf, type SessionEvent } from "./events";
import type { Picks } from "./picks";

export interface Hurt {
  readonly person: string;
  readonly slot: string | null;
  readonly atMs: Ms;
}

export interface PeopleNow {
  /** Roster ids of those who joined and haven't left, in the order in which they came. */
  readonly here: readonly string[];
  /** Levels that were changed on the spot. */
  readonly marks: ReadonlyMap<string, Mark>;
  /** What each picked of a slot's equals. */
  readonly picks: ReadonlyMap<string, Picks>;
  /** Pressed "hurts" and not yet answered, the first first. */
  readonly hurt: readonly Hurt[];
  /** Asked for another way since, the last first. */
  readonly uncomfortable: readonly Hurt[];
  /** What became of each person's next set in a slot, the last answer of each. */
  readonly nextSets: ReadonlyMap<string, ReadonlyMap<string, SetChange>>;
  /** Who has said how many more there were in the first set of which slots. */
  readonly said: ReadonlyMap<string, ReadonlySet<string>>;
  /** Slots that each has finished the reps of. */
  readonly done: ReadonlyMap<string, readonly string[]>;
}

interface Room {
  readonly here: Set<string>;
  readonly marks: Map<string, Mark>;
  readonly picks: Map<string, Picks>;
  readonly done: Map<string, string[]>;
  readonly nextSets: Map<string, ReadonlyMap<string, SetChange>>;
  readonly said: Map<string, ReadonlySet<string>>;
  hurt: Hurt[];
  readonly uncomfortable: Hurt[];
}

const saidAt = ({ payload, atMs }: SessionEvent<"hurt" | "uncomfortable">): Hurt => ({
  person: payload.person,
  slot: payload.slot ?? null,
  atMs,
});

/** What each kind that tells of one person does to the room. */
const TURNS: { readonly [K in PersonKind]: (room: Room, event: SessionEvent<K>) => void } = {
  join: ({ here }, { payload }) => here.add(payload.person),
  leave: ({ here }, { payload }) => here.delete(payload.person),
  mark: ({ marks }, { payload }) => marks.set(payload.person, payload.mark),
  choose: ({ picks }, { payload: { person, slot, move } }) =>
    picks.set(person, new Map([...(picks.get(person) ?? []), [slot, move]])),
  done: ({ done }, { payload: { person, slot } }) => {
    if (slot !== undefined) done.set(person, [...(done.get(person) ?? []), slot]);
  },
  hurt: ({ hurt }, event) => hurt.push(saidAt(event)),
  "hurt-seen": (room, { payload }) => {
    room.hurt = room.hurt.filter(({ person }) => person !== payload.person);
  },
  uncomfortable: ({ uncomfortable }, event) => uncomfortable.unshift(saidAt(event)),
  more: ({ said }, { payload: { person, slot } }) =>
    said.set(person, new Set([...(said.get(person) ?? []), slot])),
  "next-set": ({ nextSets }, { payload: { person, slot, change } }) =>
    nextSets.set(slot, new Map([...(nextSets.get(slot) ?? []), [person, change]])),
  // Where somebody is in a block at their own pace is the fold of `own-pace.ts`.
  "not-done": () => undefined,
  // Who does what, not how they are.
  part: () => undefined,
};

/** The state after these events, in their order. Pure, like the clock's. */
export function peopleNow(events: readonly SessionEvent[]): PeopleNow {
  const room: Room = {
    here: new Set(),
    marks: new Map(),
    picks: new Map(),
    done: new Map(),
    nextSets: new Map(),
    said: new Map(),
    hurt: [],
    uncomfortable: [],
  };
  for (const event of events) {
    if (factsOf(event.kind).seenBy !== "person" || personOf(event) === null) continue;
    (TURNS[event.kind as PersonKind] as (room: Room, event: SessionEvent) => void)(room, event);
  }
  return { ...room, here: [...room.here] };
}
