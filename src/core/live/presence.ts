/** Who is here of those who were asked. */
import type { SessionEvent } from "./events";
import { lateByMs } from "./late";
import type { PeopleNow } from "./people-now";

export interface Asked {
  /** Row id. */
  readonly id: string;
  readonly rosterId: string;
  readonly name: string;
  /** The emergency number of where they are, where that is known. */
  readonly emergency?: string | null;
}

export interface Presence {
  readonly here: readonly Asked[];
  readonly notYet: readonly Asked[];
  readonly left: readonly Asked[];
  /** Of those who are here, who came late, and by how much, ms. */
  readonly late: ReadonlyMap<string, number>;
}

/** Everyone who was asked, by whether they came. */
export function presenceOf(
  asked: readonly Asked[],
  people: PeopleNow,
  events: readonly SessionEvent[],
): Presence {
  const came = new Set(
    events.flatMap(({ kind, payload }) => (kind === "join" && payload.person ? [payload.person] : [])),
  );
  const here = asked.filter(({ rosterId }) => people.here.includes(rosterId));
  const late = new Map(
    here.flatMap(({ rosterId }) => {
      const by = lateByMs(events, rosterId);
      return by === null ? [] : [[rosterId, by] as const];
    }),
  );
  return {
    here,
    notYet: asked.filter(({ rosterId }) => !came.has(rosterId)),
    left: asked.filter(({ rosterId }) => came.has(rosterId) && !people.here.includes(rosterId)),
    late,
  };
}
