/** What participants enter in a session, and what follows from it. */
import { and, desc, eq, gt, inArray, sql } from "drizzle-orm";
import type { EntryKind } from "../core/live/event-kinds";
import type { SessionCommand } from "../core/live/events";
import type { Ms } from "../core/units";
import { db, type Tx, transaction } from "./db/client";
import { person, session, sessionEvent, sessionPerson } from "./db/schema";
import { followSet, workedWithSaid } from "./next-sets";
import { Refused } from "./refused";
import { append, eventsAfter, lastOf, MOST_EVENTS, nowIn, sameOrRefused, takenAs } from "./session-events";

/** Most entries of one person a minute: nobody presses faster. */
const MOST_ENTRIES = 60;

/** What somebody entered, or was answered, in a session; of one kind or of the last minute. */
function ofPerson(sessionId: string, who: string) {
  return and(eq(sessionEvent.sessionId, sessionId), eq(sessionEvent.person, who));
}

/** Whether a person said that it hurts and was not answered yet. */
async function hurtsAlready(tx: Tx, sessionId: string, who: string): Promise<boolean> {
  const [row] = await tx
    .select({ kind: sessionEvent.kind })
    .from(sessionEvent)
    .where(and(ofPerson(sessionId, who), inArray(sessionEvent.kind, ["hurt", "hurt-seen"])))
    .orderBy(desc(sessionEvent.seq))
    .limit(1);
  return row?.kind === "hurt";
}

/** Whether a person hurts at this moment, unanswered. */
export function hurtsNow(sessionId: string, who: string): Promise<boolean> {
  return hurtsAlready(db(), sessionId, who);
}

/** @throws Refused where a person has entered as much within a minute as they may, or the class has had as much as it may */
async function refuseIfTooOften(
  tx: Tx,
  sessionId: string,
  who: string,
  lastSeq: number,
  nowMs: Ms,
): Promise<void> {
  const aMinuteAgo = new Date(nowMs - 60_000);
  const [lately] = await tx
    .select({ entries: sql<number>`count(*)::int` })
    .from(sessionEvent)
    // By when they came in, whatever time they claim.
    .where(and(ofPerson(sessionId, who), gt(sessionEvent.arrivedAt, aMinuteAgo)));
  if ((lately?.entries ?? 0) >= MOST_ENTRIES || lastSeq >= MOST_EVENTS)
    throw new Refused("too-often", "That is too often: wait a moment.");
}

/**
 * Takes what a participant entered; sent twice it counts once. The caller has checked that the session is theirs.
 * Nobody who says that it hurts is told to wait; saying it again before the answer adds nothing.
 */
export async function takeEntry(
  id: string,
  command: SessionCommand<EntryKind>,
  offlineAtMs: Ms | null,
): Promise<void> {
  const who = command.payload.person;
  const fresh = await transaction(async (tx) => {
    const [row] = await tx
      .select({ state: session.state })
      .from(session)
      .where(eq(session.id, id))
      .for("update");
    if (!row) throw new Refused("not-found", "There is no such class here.");
    const taken = await takenAs(tx, id, command.id);
    if (taken) sameOrRefused(taken, command);
    if (taken || row.state === "ended") return false;
    const nowMs = await nowIn(tx);
    const last = await lastOf(tx, id);
    if (command.kind !== "hurt") await refuseIfTooOften(tx, id, who, last?.seq ?? 0, nowMs);
    else if (await hurtsAlready(tx, id, who)) return false;
    if (row.state !== "open" && row.state !== "running")
      throw new Refused("conflict", "This class isn't open yet.");
    await append(tx, id, command, last, nowMs, offlineAtMs);
    return true;
  });
  if (fresh && command.kind === "more") await setFollows(id, command);
}

/**
 * The sets to come follow what was said of one, and everybody who may hears of it. What takes long is worked out before
 * the row is locked, so that nobody's pause waits for it.
 */
async function setFollows(id: string, { payload }: SessionCommand<"more">): Promise<void> {
  const { person: rosterId, slot, round } = payload;
  const [found] = await db()
    .select({ id: person.id })
    .from(sessionPerson)
    .innerJoin(person, eq(person.id, sessionPerson.personId))
    .where(and(eq(sessionPerson.sessionId, id), eq(person.rosterId, rosterId)));
  if (!found) return;
  const events = await eventsAfter(id, 0);
  const worked = await workedWithSaid(db(), id, found.id, events);
  if (!worked) return;
  await transaction(async (tx) => {
    const next = await followSet(tx, id, rosterId, { slot, round }, worked, events);
    if (!next) return;
    const said = { person: rosterId, slot, round, ...next };
    const command: SessionCommand = { id: crypto.randomUUID(), kind: "next-set", payload: said };
    await append(tx, id, command, await lastOf(tx, id), await nowIn(tx));
  });
}
