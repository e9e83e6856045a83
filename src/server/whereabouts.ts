/** Where a person is tonight and whom to call: for the instructor of that class, and gone when it is over. */
import { and, eq } from "drizzle-orm";
import { isLongPast } from "../core/live/session";
import type { RunRow } from "./content";
import { db, type Tx } from "./db/client";
import { person, run, whereabouts } from "./db/schema";
import { Refused } from "./refused";
import { hurtsNow } from "./run-events";
import { seal, unseal } from "./seal";
import { aboutWhereabouts } from "./seal-key";
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
function isOver({ state, startsAt, startedAt }: Pick<RunRow, "state" | "startsAt" | "startedAt">): boolean {
  if (state === "ended" || state === "cancelled") return true;
  return isLongPast(startsAt.getTime(), startedAt?.getTime() ?? null, Date.now());
}

/** Leaves (or with empty texts takes back) where one is, for a session that isn't over. */
export async function leaveWhereabouts(
  studioId: string,
  runId: string,
  personId: string,
  left: Whereabouts & { readonly anyTime?: boolean },
): Promise<void> {
  const row = await needAsked(studioId, runId, personId);
  if (isOver(row)) throw new Refused("conflict", "This class is over: nothing is kept.");
  const place = left.place.trim();
  const contact = left.contact.trim();
  if (place === "" && contact === "") {
    await db()
      .delete(whereabouts)
      .where(and(eq(whereabouts.runId, runId), eq(whereabouts.personId, personId)));
    return;
  }
  const anyTime = left.anyTime ?? false;
  const sealed = seal({ place, contact }, aboutWhereabouts(runId, personId));
  await db()
    .insert(whereabouts)
    .values({ runId, personId, sealed, anyTime })
    .onConflictDoUpdate({ target: [whereabouts.runId, whereabouts.personId], set: { sealed, anyTime } });
}

/** What a person left for a session, for themselves. */
export async function ownWhereaboutsIn(
  tx: Tx,
  runId: string,
  personId: string,
): Promise<LeftWhereabouts | null> {
  const [row] = await tx
    .select()
    .from(whereabouts)
    .where(and(eq(whereabouts.runId, runId), eq(whereabouts.personId, personId)));
  const left = row ? unseal<Whereabouts>(row.sealed, aboutWhereabouts(runId, personId)) : null;
  return row && left ? { ...left, anyTime: row.anyTime } : null;
}

/** `ownWhereaboutsIn` where nothing is held. */
export function ownWhereabouts(runId: string, personId: string): Promise<LeftWhereabouts | null> {
  return ownWhereaboutsIn(db(), runId, personId);
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
  runId: string,
  rosterId: string,
  by: string,
): Promise<Whereabouts | null> {
  const session = await needSession(studioId, runId);
  if (isOver(session) || session.state !== "running")
    throw new Refused("conflict", "Where somebody is can be opened only while the class runs.");
  const [row] = await db()
    .select({ sealed: whereabouts.sealed, personId: whereabouts.personId, anyTime: whereabouts.anyTime })
    .from(whereabouts)
    .innerJoin(run, eq(run.id, whereabouts.runId))
    .innerJoin(person, eq(person.id, whereabouts.personId))
    .where(and(eq(run.studioId, studioId), eq(run.id, runId), eq(person.rosterId, rosterId)));
  if (!row) return null;
  if (!row.anyTime && !(await hurtsNow(runId, rosterId)))
    throw new Refused("conflict", "Where they are can be opened when they hurt, or where they allowed it.");
  await note({ studioId, kind: "whereabouts-read", actor: by, personId: row.personId });
  return unseal<Whereabouts>(row.sealed, aboutWhereabouts(runId, row.personId));
}
