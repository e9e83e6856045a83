/** Sessions: classes on dates, who is asked to them, and which one a person's page shows. */
import { and, desc, eq, sql } from "drizzle-orm";
import type { Tonight } from "../core/homes/tonight";
import { type SessionState, type SessionTimes, sessionToShow } from "../core/live/session";
import { contentOf, LIGHT, type SessionRow, type WholeSessionRow } from "./content";
import { db } from "./db/client";
import { classes, person, session, sessionPerson } from "./db/schema";
import { Refused } from "./refused";

function owned(studioId: string, id: string) {
  return and(eq(session.studioId, studioId), eq(session.id, id));
}

/** One session, or null where this studio has none of that id. */
export async function findSession(studioId: string, id: string): Promise<WholeSessionRow | null> {
  const [row] = await db().select().from(session).where(owned(studioId, id));
  return row ?? null;
}

/** A session that must be there. */
export async function needSession(studioId: string, id: string): Promise<WholeSessionRow> {
  const row = await findSession(studioId, id);
  if (!row) throw new Refused("not-found", "There is no such class here.");
  return row;
}

/** A session with what it is taught from. */
export async function sessionContent(studioId: string, id: string) {
  const row = await needSession(studioId, id);
  return { row, content: await contentOf(db(), row) };
}

/** How many sessions a studio has, whatever became of them. */
export async function countSessions(studioId: string): Promise<number> {
  return db().$count(session, eq(session.studioId, studioId));
}

export interface ListedSession extends SessionTimes {
  readonly classId: string | null;
  readonly title: string;
  readonly timeZone: string;
  readonly people: number;
}

const title = sql<string>`coalesce(${session.title}, ${classes.title}, 'A class that was removed')`;
const asked = sql<number>`(select count(*)::int from ${sessionPerson} where ${sessionPerson.sessionId} = ${session.id})`;

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
  id: session.id,
  state: session.state,
  startsAt: session.startsAt,
  startedAt: session.startedAt,
  endedAt: session.endedAt,
  classId: session.classId,
  title,
  timeZone: session.timeZone,
  people: asked,
};

/** The studio's sessions, the latest date first. */
export async function listSessions(studioId: string): Promise<ListedSession[]> {
  const rows = await db()
    .select(LISTED)
    .from(session)
    .leftJoin(classes, eq(classes.id, session.classId))
    .where(eq(session.studioId, studioId))
    .orderBy(desc(session.startsAt))
    .limit(500);
  return listed(rows);
}

/** The sessions that a person is or was asked to, the latest date first. */
export async function sessionsOfPerson(studioId: string, personId: string): Promise<ListedSession[]> {
  const rows = await db()
    .select(LISTED)
    .from(session)
    .innerJoin(
      sessionPerson,
      and(eq(sessionPerson.sessionId, session.id), eq(sessionPerson.personId, personId)),
    )
    .leftJoin(classes, eq(classes.id, session.classId))
    .where(eq(session.studioId, studioId))
    .orderBy(desc(session.startsAt))
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
    .from(session)
    .innerJoin(sessionPerson, eq(sessionPerson.sessionId, session.id))
    .where(and(owned(studioId, id), eq(sessionPerson.personId, personId)));
  if (!row) throw new Refused("not-found", "There is no such class here.");
  return row;
}

export interface AskedPerson {
  readonly id: string;
  readonly rosterId: string;
  readonly name: string;
  readonly email: string | null;
  readonly country: string | null;
  readonly invitedAtMs: number | null;
  readonly tonight: Tonight | null;
}

/** Who is asked to a session, by name. */
export async function askedTo(studioId: string, id: string): Promise<AskedPerson[]> {
  const rows = await db()
    .select({
      id: person.id,
      doc: person.doc,
      invitedAt: sessionPerson.invitedAt,
      tonight: sessionPerson.tonight,
    })
    .from(sessionPerson)
    .innerJoin(person, eq(person.id, sessionPerson.personId))
    .innerJoin(session, eq(session.id, sessionPerson.sessionId))
    .where(owned(studioId, id));
  return rows
    .map(({ id: personId, doc, invitedAt, tonight }) => ({
      id: personId,
      rosterId: doc.id,
      name: doc.name,
      email: doc.email ?? null,
      country: doc.country ?? null,
      invitedAtMs: invitedAt?.getTime() ?? null,
      tonight,
    }))
    .sort((a, b) => a.name.localeCompare(b.name, "en"));
}
