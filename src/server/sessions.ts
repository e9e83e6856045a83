/** Sessions: classes on dates, who is asked to them, and which one a person's page shows. */
import { and, desc, eq, sql } from "drizzle-orm";
import type { Tonight } from "../core/homes/tonight";
import { type SessionState, type SessionTimes, sessionToShow } from "../core/live/session";
import { contentOf, LIGHT, type RunRow, type SessionRow } from "./content";
import { db } from "./db/client";
import { classes, person, run, runPerson } from "./db/schema";
import { Refused } from "./refused";

function owned(studioId: string, id: string) {
  return and(eq(run.studioId, studioId), eq(run.id, id));
}

/** One session, or null where this studio has none of that id. */
export async function findSession(studioId: string, id: string): Promise<RunRow | null> {
  const [row] = await db().select().from(run).where(owned(studioId, id));
  return row ?? null;
}

/** A session that must be there. */
export async function needSession(studioId: string, id: string): Promise<RunRow> {
  const row = await findSession(studioId, id);
  if (!row) throw new Refused("not-found", "There is no such class here.");
  return row;
}

/** A session with what it is taught from. */
export async function sessionContent(studioId: string, id: string) {
  const row = await needSession(studioId, id);
  return { row, content: await contentOf(db(), row) };
}

export interface ListedSession extends SessionTimes {
  readonly classId: string | null;
  readonly title: string;
  readonly timeZone: string;
  readonly people: number;
}

const title = sql<string>`coalesce(${run.title}, ${classes.title}, 'A class that was removed')`;
const asked = sql<number>`(select count(*)::int from ${runPerson} where ${runPerson.runId} = ${run.id})`;

function listed(
  rows: readonly {
    id: string;
    state: SessionState;
    startsAt: Date;
    startedAt: Date | null;
    endedAt: Date | null;
    classId: string | null;
    title: string;
    timeZone: string;
    people: number;
  }[],
): ListedSession[] {
  return rows.map(({ startsAt, startedAt, endedAt, ...rest }) => ({
    ...rest,
    startsAtMs: startsAt.getTime(),
    startedAtMs: startedAt?.getTime() ?? null,
    endedAtMs: endedAt?.getTime() ?? null,
  }));
}

const LISTED = {
  id: run.id,
  state: run.state,
  startsAt: run.startsAt,
  startedAt: run.startedAt,
  endedAt: run.endedAt,
  classId: run.classId,
  title,
  timeZone: run.timeZone,
  people: asked,
};

/** The studio's sessions, the latest date first. */
export async function listSessions(studioId: string): Promise<ListedSession[]> {
  const rows = await db()
    .select(LISTED)
    .from(run)
    .leftJoin(classes, eq(classes.id, run.classId))
    .where(eq(run.studioId, studioId))
    .orderBy(desc(run.startsAt))
    .limit(500);
  return listed(rows);
}

/** The sessions that a person is or was asked to, the latest date first. */
export async function sessionsOfPerson(studioId: string, personId: string): Promise<ListedSession[]> {
  const rows = await db()
    .select(LISTED)
    .from(run)
    .innerJoin(runPerson, and(eq(runPerson.runId, run.id), eq(runPerson.personId, personId)))
    .leftJoin(classes, eq(classes.id, run.classId))
    .where(eq(run.studioId, studioId))
    .orderBy(desc(run.startsAt))
    .limit(500);
  return listed(rows);
}

/** Which session a person's page shows; null where there is none. */
export async function sessionShownTo(studioId: string, personId: string): Promise<ListedSession | null> {
  return sessionToShow(await sessionsOfPerson(studioId, personId), Date.now());
}

/** A session of this person's, or a refusal. */
export async function needAsked(studioId: string, id: string, personId: string): Promise<SessionRow> {
  const [row] = await db()
    .select(LIGHT)
    .from(run)
    .innerJoin(runPerson, eq(runPerson.runId, run.id))
    .where(and(owned(studioId, id), eq(runPerson.personId, personId)));
  if (!row) throw new Refused("not-found", "There is no such class here.");
  return row;
}

export interface AskedPerson {
  readonly id: string;
  readonly rosterId: string;
  readonly name: string;
  readonly email: string | null;
  readonly invitedAtMs: number | null;
  readonly tonight: Tonight | null;
}

/** Who is asked to a session, by name. */
export async function askedTo(studioId: string, id: string): Promise<AskedPerson[]> {
  const rows = await db()
    .select({ id: person.id, doc: person.doc, invitedAt: runPerson.invitedAt, tonight: runPerson.tonight })
    .from(runPerson)
    .innerJoin(person, eq(person.id, runPerson.personId))
    .innerJoin(run, eq(run.id, runPerson.runId))
    .where(owned(studioId, id));
  return rows
    .map(({ id: personId, doc, invitedAt, tonight }) => ({
      id: personId,
      rosterId: doc.id,
      name: doc.name,
      email: doc.email ?? null,
      invitedAtMs: invitedAt?.getTime() ?? null,
      tonight,
    }))
    .sort((a, b) => a.name.localeCompare(b.name, "en"));
}
