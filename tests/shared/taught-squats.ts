/** A class of goblet squats that was taught some days ago, and what somebody confirmed of it. */
import { newClass } from "../../src/core/class/new-class";
import type { Written } from "../../src/core/log/entries";
import { createClass } from "../../src/server/classes";
import { write } from "../../src/server/log";
import { planSession } from "../../src/server/session-changes";
import { takeEntry } from "../../src/server/session-entries";
import { client, command, mine, rosterId } from "./sessions";

/** A home with kettlebells, and a body that is known. */
export const rack = {
  kit: [8, 12, 16, 20].map((kg) => ({ id: `kb${kg}`, type: "kettlebell", kg })),
  bodyKg: 70,
};

export const squatDoc = () => ({
  ...newClass("Squats", "strength"),
  blocks: [
    {
      id: "b",
      title: "Squats",
      rounds: 3,
      rest: 30,
      slots: [{ id: "s", move: "goblet-squat", dose: { reps: { min: 8, max: 12 } }, load: { rir: 2 } }],
    },
  ],
});

export const squat = (value: object) => [{ field: "slot:s", value } as Written];

interface Taught {
  readonly people: readonly string[];
  readonly daysAgo: number;
  readonly said: readonly Written[];
  readonly hurts?: boolean;
  /** A class that is there already; else one of its own. */
  readonly classId?: string;
}

export async function taughtSquats({
  people,
  daysAgo,
  said,
  hurts = false,
  classId,
}: Taught): Promise<string> {
  const id = classId ?? (await createClass(mine, squatDoc()));
  const session = await planSession(mine, {
    classId: id,
    startsAt: new Date(),
    timeZone: "Atlantic/Reykjavik",
    people,
    state: "open",
  });
  const enter = async (kind: "join" | "hurt", payload: object) =>
    takeEntry(session, { id: crypto.randomUUID(), kind, payload } as never, null);
  for (const each of people) await enter("join", { person: await rosterId(each) });
  await command(session, "start");
  if (hurts) for (const each of people) await enter("hurt", { person: await rosterId(each), slot: "s" });
  await command(session, "end");
  for (const each of people) await write(mine, session, each, "self", said);
  await client.query("update session set starts_at = now() - make_interval(days => $2) where id = $1", [
    session,
    daysAgo,
  ]);
  return id;
}
