import { Client } from "pg";
import { afterAll, beforeAll } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import type { CommandKind } from "../../src/core/live/event-kinds";
import type { SessionCommand } from "../../src/core/live/events";
import { createClass } from "../../src/server/classes";
import { createPerson, findPerson } from "../../src/server/people";
import { planSession } from "../../src/server/session-changes";
import { takeCommand } from "../../src/server/session-events";
import { sessionContent } from "../../src/server/sessions";

/** A connection of the test's own. */
export let client: Client;
/** A studio, and one that is somebody else's. */
export let mine = "";
export let theirs = "";
/** An instructor's account. */
export let userId = "";
/** Makes all of them before a file's tests. */
export function withStudios(): void {
  beforeAll(async () => {
    client = new Client({ connectionString: process.env.BRONTLE_DATABASE_URL });
    await client.connect();
    const make = async (name: string) =>
      (await client.query("insert into studio (name) values ($1) returning id", [name])).rows[0].id;
    mine = await make("Sessions");
    theirs = await make("Elsewhere");
    userId = crypto.randomUUID();
    await client.query(
      `insert into "user" (id, name, email) values ($1, 'Maren', $1 || '@harboursteps.example')`,
      [userId],
    );
  });
  afterAll(() => client.end());
}

export const squats = (title = "Squats") => {
  const doc = newClass(title, "density");
  return {
    ...doc,
    blocks: doc.blocks.map((block) =>
      block.id === "b2"
        ? { ...block, slots: [{ id: "s4", move: "goblet-squat", dose: { seconds: 40 } }] }
        : block,
    ),
  };
};
export const kettlebell = { kit: [{ id: "kb", type: "kettlebell", kg: 12 }] };

export async function newSession(people: readonly string[], state: "planned" | "open" = "open") {
  const classId = await createClass(mine, squats());
  return planSession(mine, { classId, startsAt: new Date(), timeZone: "Atlantic/Reykjavik", people, state });
}
export const someone = (name: string, more: object = {}) => createPerson(mine, { name, ...more });
export const command = (session: string, kind: CommandKind, payload: object = {}, seen = 1e6) =>
  takeCommand(mine, session, { id: crypto.randomUUID(), kind, payload } as SessionCommand, seen, null);
export const rosterId = async (id: string) => (await findPerson(mine, id))?.doc.id ?? "";
export async function slotOf(session: string, person: string, slot = "s4") {
  const { content } = await sessionContent(mine, session);
  const id = await rosterId(person);
  return content.parts.find((part) => part.person === id)?.slots.find((entry) => entry.slot === slot);
}
