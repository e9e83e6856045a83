/** Changing sessions: planning, moving, opening and cancelling them, and who is asked. */
import { and, desc, eq, inArray, isNotNull, isNull, sql } from "drizzle-orm";
import type { Tonight } from "../core/homes/tonight";
import { callLink } from "../core/live/call-link";
import type { SessionState } from "../core/live/session";
import { isTimeZone } from "../core/settings/settings";
import { findClass } from "./classes";
import { db, type Tx, transaction } from "./db/client";
import { classes, person, session, sessionPerson, whereabouts } from "./db/schema";
import { sayIn } from "./live/said";
import { listPeople } from "./people";
import { Refused, sentence } from "./refused";
import { announce, hasStarted, lockSession, refuseIfOver } from "./session-events";
import { settingsOf } from "./studios";

function owned(studioId: string, id: string) {
  return and(eq(session.studioId, studioId), eq(session.id, id));
}

export interface Plan {
  readonly classId: string;
  readonly startsAt: Date;
  /** IANA name, as the instructor announced it. */
  readonly timeZone: string;
  /** Row ids; null asks everybody. */
  readonly people: readonly string[] | null;
  readonly state: "planned" | "open";
}

/** People who are asked to one session: far more than anybody teaches, few enough to work out at once. */
const MOST_ASKED = 300;

async function checkedPeople(studioId: string, people: readonly string[] | null): Promise<string[]> {
  const known = new Set((await listPeople(studioId)).map((row) => row.id));
  const asked = people === null ? known : new Set(people);
  if ([...asked].some((id) => !known.has(id)))
    throw new Refused("not-found", "There is no such person here.");
  if (asked.size > MOST_ASKED)
    throw new Refused(
      "invalid",
      sentence("At most {most} people are asked to one class: choose whom.", { most: MOST_ASKED }),
    );
  return [...asked];
}

function checkZone(timeZone: string): void {
  if (!isTimeZone(timeZone))
    throw new Refused("invalid", sentence("There is no time zone {zone}.", { zone: timeZone }));
}

/** The link of the last session that had one: most studios meet in the same room. */
async function lastLink(tx: Tx, studioId: string): Promise<string | null> {
  const [last] = await tx
    .select({ link: session.callLink })
    .from(session)
    .where(and(eq(session.studioId, studioId), isNotNull(session.callLink)))
    .orderBy(desc(session.createdAt))
    .limit(1);
  return last?.link ?? null;
}

async function planIn(tx: Tx, studioId: string, plan: Plan, people: readonly string[]): Promise<string> {
  const { classId, startsAt, timeZone, state } = plan;
  const callLink = await lastLink(tx, studioId);
  const [row] = await tx
    .insert(session)
    .values({ studioId, classId, startsAt, timeZone, state, callLink })
    .returning({ id: session.id });
  if (!row) throw new Error("the session was not stored");
  if (people.length > 0)
    await tx.insert(sessionPerson).values(people.map((personId) => ({ sessionId: row.id, personId })));
  await sayIn(tx, "sessions", studioId);
  return row.id;
}

/** Puts a class on a date and asks people to it. */
export async function planSession(studioId: string, plan: Plan): Promise<string> {
  if (!(await findClass(studioId, plan.classId)))
    throw new Refused("not-found", "There is no such class here.");
  checkZone(plan.timeZone);
  const people = await checkedPeople(studioId, plan.people);
  return transaction((tx) => planIn(tx, studioId, plan, people));
}

/** A session of the same class this near is the one that is meant, hours. */
const SAME_HOURS = 3;

/** The latest session of a class that is planned or open around this time. */
async function nearIn(tx: Tx, studioId: string, classId: string) {
  const near = sql`${session.startsAt} between now() - make_interval(hours => ${SAME_HOURS}) and now() + make_interval(hours => ${SAME_HOURS})`;
  const ahead = inArray(session.state, ["planned", "open"]);
  const [row] = await tx
    .select({ id: session.id, state: session.state })
    .from(session)
    .where(and(eq(session.studioId, studioId), eq(session.classId, classId), ahead, near))
    .orderBy(desc(session.startsAt))
    .limit(1);
  return row;
}

/** The id of that session, or null. */
export async function sessionNear(studioId: string, classId: string): Promise<string | null> {
  if (!(await findClass(studioId, classId))) throw new Refused("not-found", "There is no such class here.");
  return (await nearIn(db(), studioId, classId))?.id ?? null;
}

/**
 * Opens a class, now: its session that is planned or open around this time, or else a new one for these
 * people; null: for everybody. Pressed five times, by whomever, it is the same one: the class's row is held meanwhile.
 */
export async function teachNow(
  studioId: string,
  classId: string,
  asked: readonly string[] | null = null,
): Promise<string> {
  const { timeZone } = (await settingsOf(studioId)).teaching;
  const people = await checkedPeople(studioId, asked);
  return transaction(async (tx) => {
    const [held] = await tx
      .select({ id: classes.id })
      .from(classes)
      .where(and(eq(classes.studioId, studioId), eq(classes.id, classId), isNull(classes.deletedAt)))
      .for("update");
    if (!held) throw new Refused("not-found", "There is no such class here.");
    const meant = await nearIn(tx, studioId, classId);
    if (!meant)
      return planIn(
        tx,
        studioId,
        { classId, startsAt: new Date(), timeZone, people: null, state: "open" },
        people,
      );
    if (meant.state === "planned") await becomeIn(tx, studioId, meant.id, "open");
    return meant.id;
  });
}

/** Says where the video call of a session is; an empty text takes it away. */
export async function setCallLink(studioId: string, id: string, text: string): Promise<void> {
  const link = text.trim() === "" ? null : callLink(text);
  if (link === null && text.trim() !== "")
    throw new Refused("invalid", "That is no address of a call: it begins with https:// or http://.");
  await transaction(async (tx) => {
    refuseIfOver(await lockSession(tx, studioId, id));
    await tx.update(session).set({ callLink: link }).where(owned(studioId, id));
  });
}

/** Moves a session that hasn't begun to another time. Calendar entries that were sent out count up. */
export async function moveSession(
  studioId: string,
  id: string,
  startsAt: Date,
  timeZone: string,
): Promise<void> {
  checkZone(timeZone);
  await transaction(async (tx) => {
    const row = await lockSession(tx, studioId, id);
    if (row.state !== "planned" && row.state !== "open")
      throw new Refused("conflict", "This class has begun or is over: its time stays.");
    const sequence = row.sequence + 1;
    await tx.update(session).set({ startsAt, timeZone, sequence }).where(owned(studioId, id));
  });
}

const MAY_BECOME: Readonly<Record<"open" | "cancelled", readonly SessionState[]>> = {
  open: ["planned"],
  cancelled: ["planned", "open"],
};

/** Opens the room, or cancels. */
export async function setSessionState(
  studioId: string,
  id: string,
  state: "open" | "cancelled",
): Promise<void> {
  await transaction((tx) => becomeIn(tx, studioId, id, state));
}

async function becomeIn(tx: Tx, studioId: string, id: string, state: "open" | "cancelled"): Promise<void> {
  const row = await lockSession(tx, studioId, id);
  if (row.state === state) return;
  if (!MAY_BECOME[state].includes(row.state))
    throw new Refused(
      "conflict",
      sentence("A class that is {from} can't become {to}.", { from: row.state, to: state }),
    );
  const sequence = row.sequence + (state === "cancelled" ? 1 : 0);
  await tx.update(session).set({ state, sequence }).where(owned(studioId, id));
  await sayIn(tx, "sessions", studioId);
  if (state === "cancelled") await tx.delete(whereabouts).where(eq(whereabouts.sessionId, id));
}

async function rosterIdOf(tx: Tx, studioId: string, personId: string): Promise<string> {
  const [row] = await tx
    .select({ rosterId: person.rosterId })
    .from(person)
    .where(and(eq(person.studioId, studioId), eq(person.id, personId)));
  if (!row) throw new Refused("not-found", "There is no such person here.");
  return row.rosterId;
}

/** Asks somebody to a session: also at the door, and while it runs. */
export async function addToSession(studioId: string, id: string, personId: string): Promise<void> {
  await transaction(async (tx) => {
    const row = await lockSession(tx, studioId, id);
    refuseIfOver(row);
    const rosterId = await rosterIdOf(tx, studioId, personId);
    const [list] = await tx
      .select({ people: sql<number>`count(*)::int` })
      .from(sessionPerson)
      .where(eq(sessionPerson.sessionId, id));
    if ((list?.people ?? 0) >= MOST_ASKED)
      throw new Refused(
        "invalid",
        sentence("At most {most} people are asked to one class.", { most: MOST_ASKED }),
      );
    const added = await tx
      .insert(sessionPerson)
      .values({ sessionId: id, personId })
      .onConflictDoNothing()
      .returning({ personId: sessionPerson.personId });
    if (added.length > 0) await announce(tx, row, { person: { id: personId, rosterId } });
  });
}

/** Takes somebody off the list of a session that hasn't started. */
export async function removeFromSession(studioId: string, id: string, personId: string): Promise<void> {
  await transaction(async (tx) => {
    const row = await lockSession(tx, studioId, id);
    if (hasStarted(row))
      throw new Refused("conflict", "The class has started: who is on its list stays on it.");
    const rosterId = await rosterIdOf(tx, studioId, personId);
    await tx
      .delete(sessionPerson)
      .where(and(eq(sessionPerson.sessionId, id), eq(sessionPerson.personId, personId)));
    await tx
      .delete(whereabouts)
      .where(and(eq(whereabouts.sessionId, id), eq(whereabouts.personId, personId)));
    await announce(tx, row, { person: { id: personId, rosterId } });
  });
}

/** What is different for somebody tonight; what they do in the session is worked out anew. */
export async function setTonight(
  studioId: string,
  id: string,
  personId: string,
  tonight: Tonight | null,
): Promise<void> {
  await transaction(async (tx) => {
    const row = await lockSession(tx, studioId, id);
    refuseIfOver(row);
    const rosterId = await rosterIdOf(tx, studioId, personId);
    const rows = await tx
      .update(sessionPerson)
      .set({ tonight })
      .where(and(eq(sessionPerson.sessionId, id), eq(sessionPerson.personId, personId)))
      .returning({ personId: sessionPerson.personId });
    if (rows.length === 0) throw new Refused("not-found", "There is no such class here.");
    await announce(tx, row, { person: { id: personId, rosterId } });
  });
}

/** Says that somebody's home has changed to the sessions ahead that they are asked to. */
export async function homeChanged(studioId: string, personId: string): Promise<void> {
  await transaction(async (tx) => {
    const rosterId = await rosterIdOf(tx, studioId, personId);
    const rows = await tx
      .select({ id: session.id })
      .from(session)
      .innerJoin(
        sessionPerson,
        and(eq(sessionPerson.sessionId, session.id), eq(sessionPerson.personId, personId)),
      )
      .where(and(eq(session.studioId, studioId), inArray(session.state, ["open"]), isNull(session.doc)))
      // Whoever locks several does it in the order of their ids, so that no two wait for each other.
      .orderBy(session.id);
    for (const { id } of rows) {
      const row = await lockSession(tx, studioId, id);
      if (!hasStarted(row)) await announce(tx, row, { person: { id: personId, rosterId } });
    }
  });
}
