/** Who is here and how they are: the fold of what participants enter. */
import type { Mark } from "../homes/home";
import type { Ms } from "../units";
import type { RunEvent } from "./events";

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
  /** Pressed "hurts" and not yet answered, the first first. */
  readonly hurt: readonly Hurt[];
  /** Asked for another way since, the last first. */
  readonly uncomfortable: readonly Hurt[];
  /** Slots that each has finished the reps of. */
  readonly done: ReadonlyMap<string, readonly string[]>;
}

/** The state after these events, in their order. Pure, like the clock's. */
export function peopleNow(events: readonly RunEvent[]): PeopleNow {
  const here = new Set<string>();
  const marks = new Map<string, Mark>();
  const done = new Map<string, string[]>();
  let hurt: Hurt[] = [];
  const uncomfortable: Hurt[] = [];
  for (const { kind, payload, atMs } of events) {
    const { person } = payload;
    if (person === undefined) continue;
    const entry = { person, slot: payload.slot ?? null, atMs };
    switch (kind) {
      case "join":
        here.add(person);
        break;
      case "leave":
        here.delete(person);
        break;
      case "mark":
        if (payload.mark) marks.set(person, payload.mark);
        break;
      case "done":
        if (payload.slot) done.set(person, [...(done.get(person) ?? []), payload.slot]);
        break;
      case "hurt":
        hurt.push(entry);
        break;
      case "hurt-seen":
        hurt = hurt.filter((other) => other.person !== person);
        break;
      case "uncomfortable":
        uncomfortable.unshift(entry);
        break;
      default:
        break;
    }
  }
  return { here: [...here], marks, hurt, uncomfortable, done };
}
