/** Where a person is tonight and whom to call: for the instructor of that class, and gone when it is over. */
import { and, eq } from "drizzle-orm";
import { isLongPast } from "../core/live/session";
import type { WholeSessionRow } from "./content";
import { db, type Tx } from "./db/client";
import { person, session, whereabouts } from "./db/schema";
import { Refused } from "./refused";
import { seal, unseal } from "./seal";
import { aboutWhereabouts } from "./seal-key";
import { hurtsNow } from "./session-entries";
import { needAsked, needSession } from "./sessions";
import { note } from "./trail";

export interface Whereabouts {
  readonly place: string;
  readonly contact: string;
}
/** What a person left, with whether it may be opened throughout the class and not only when they hurt. */
export interface LeftWhereabouts extends Whereabouts {
  readonly anyTime: boolean;
}

/** Nobody is asked where they are once their class has ended, or should have long ago. */
function isOver({
  state,
  startsAt,
  startedAt,
}: Pick<WholeSessionRow, "state" | "startsAt" | "startedAt">): boolean {
  if (state === "ended" || state === "cancelled") return true;
  return isLongPast(startsAt.getTime(), startedAt?.getTime() ?? null, Date.now());
}

/** Leaves (or with empty texts takes back) where one is, for a session that isn't over. */
export async function leaveWhereabouts(
  studioId: string,
  sessionId: string,
  personId: string,
  left: Whereabouts & { readonly anyTime?: boolean },
): Promise<void> {
  const row = await needAsked(studioId, sessionId, personId);
  if (isOver(row)) throw new Refused("conflict", "This class is over: nothing is kept.");
  const place = left.place.trim();
  const contact = left.contact.trim();
  if (place === "" && contact === "") {
    await db()
      .delete(whereabouts)
      .where(and(eq(whereabouts.sessionId, sessionId), eq(whereabouts.personId, personId)));
    return;
  }
  const anyTime = left.anyTime ?? false;
  const sealed = seal({ place, contact }, aboutWhereabouts(sessionId, personId));
  await db()
    .insert(whereabouts)
    .values({ sessionId, personId, sealed, anyTime })
    .onConflictDoUpdate({ target: [whereabouts.sessionId, whereabouts.personId], set: { sealed, anyTime } });
}

/** What a person left for a session, for themselves. */
export async function ownWhereaboutsIn(
  tx: Tx,
  sessionId: string,
  personId: string,
): Promise<LeftWhereabouts | null> {
  const [row] = await tx
    .select()
    .from(whereabouts)
    .where(and(eq(whereabouts.sessionId, sessionId), eq(whereabouts.personId, personId)));
  const left = row ? unseal<Whereabouts>(row.sealed, aboutWhereabouts(sessionId, personId)) : null;
  return row && left ? { ...left, anyTime: row.anyTime } : null;
}

/** `ownWhereaboutsIn` where nothing is held. */
export function ownWhereabouts(sessionId: string, personId: string): Promise<LeftWhereabouts | null> {
  return ownWhereaboutsIn(db(), sessionId, personId);
}

/**
 * What somebody (by roster id) left, for the instructor `by`; null where nothing was left. Only while the
 * clock runs, and only where that person hurts and wasn't answered yet, or allowed it for the whole class.
 * Each reading stands in the trail.
 *
 * @throws Refused `conflict` at any other time
 */
export async function whereaboutsOf(
  studioId: string,
  sessionId: string,
  rosterId: string,
  by: string,
): Promise<Whereabouts | null> {
  const row = await needSession(studioId, sessionId);
  if (isOver(row) || row.state !== "running")
    throw new Refused("conflict", "Where somebody is can be opened only while the class runs.");
  const [left] = await db()
    .select({ sealed: whereabouts.sealed, personId: whereabouts.personId, anyTime: whereabouts.anyTime })
    .from(whereabouts)
    .innerJoin(session, eq(session.id, whereabouts.sessionId))
    .innerJoin(person, eq(person.id, whereabouts.personId))
    .where(and(eq(session.studioId, studioId), eq(session.id, sessionId), eq(person.rosterId, rosterId)));
  if (!left) return null;
  if (!left.anyTime && !(await hurtsNow(sessionId, rosterId)))
    throw new Refused("conflict", "Where they are can be opened when they hurt, or where they allowed it.");
  await note({ studioId, kind: "whereabouts-read", actor: by, personId: left.personId });
  return unseal<Whereabouts>(left.sealed, aboutWhereabouts(sessionId, left.personId));
}
