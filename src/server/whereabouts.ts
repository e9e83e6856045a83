/** Where a person is tonight and whom to call: for the instructor of that class, and gone when it is over. */
import { and, eq } from "drizzle-orm";
import { isLongPast } from "../core/live/session";
import type { RunRow } from "./content";
import { db } from "./db/client";
import { person, run, whereabouts } from "./db/schema";
import { Refused } from "./refused";
import { seal, unseal } from "./seal";
import { needAsked, needSession } from "./sessions";

export interface Whereabouts {
  readonly place: string;
  readonly contact: string;
}

/** Nobody is asked where they are once their class has ended, or should have long ago. */
function isOver({ state, startsAt, startedAt }: Pick<RunRow, "state" | "startsAt" | "startedAt">): boolean {
  if (state === "ended" || state === "cancelled") return true;
  return isLongPast(startsAt.getTime(), startedAt?.getTime() ?? null, Date.now());
}

const about = (runId: string, personId: string) => `whereabouts ${runId} ${personId}`;

/** Leaves (or with empty texts takes back) where one is, for a session that isn't over. */
export async function leaveWhereabouts(
  studioId: string,
  runId: string,
  personId: string,
  left: Whereabouts,
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
  const sealed = seal({ place, contact }, about(runId, personId));
  await db()
    .insert(whereabouts)
    .values({ runId, personId, sealed })
    .onConflictDoUpdate({ target: [whereabouts.runId, whereabouts.personId], set: { sealed } });
}

/** What a person left for a session, for themselves. */
export async function ownWhereabouts(runId: string, personId: string): Promise<Whereabouts | null> {
  const [row] = await db()
    .select()
    .from(whereabouts)
    .where(and(eq(whereabouts.runId, runId), eq(whereabouts.personId, personId)));
  return row ? unseal<Whereabouts>(row.sealed, about(runId, personId)) : null;
}

/** What somebody (by roster id) left, for the instructor while the class goes on; null where nothing was left. */
export async function whereaboutsOf(
  studioId: string,
  runId: string,
  rosterId: string,
): Promise<Whereabouts | null> {
  const session = await needSession(studioId, runId);
  if (isOver(session)) return null;
  const [row] = await db()
    .select({ sealed: whereabouts.sealed, personId: whereabouts.personId })
    .from(whereabouts)
    .innerJoin(run, eq(run.id, whereabouts.runId))
    .innerJoin(person, eq(person.id, whereabouts.personId))
    .where(and(eq(run.studioId, studioId), eq(run.id, runId), eq(person.rosterId, rosterId)));
  return row ? unseal<Whereabouts>(row.sealed, about(runId, row.personId)) : null;
}
