/** Everything that is kept about one person: given out, and erased, classes that were taught included. */
import { and, eq, sql } from "drizzle-orm";
import type { ClassDoc } from "../core/class/document";
import type { Mark } from "../core/homes/home";
import { ERASED } from "../core/live/events";
import type { Part } from "../core/parts/part";
import { db, type Tx, transaction } from "./db/client";
import {
  classEdit,
  classes,
  logEntry,
  outbox,
  person,
  personLink,
  run,
  runEvent,
  runPerson,
} from "./db/schema";
import { ownReadiness } from "./readiness";
import { Refused } from "./refused";

/**
 * All that is kept of a person, for a file. `own`: the person asks themselves, and has their answers to
 * the readiness check in it; an instructor never has.
 */
export async function personData(studioId: string, personId: string, own: boolean): Promise<unknown> {
  const [row] = await db()
    .select()
    .from(person)
    .where(and(eq(person.studioId, studioId), eq(person.id, personId)));
  if (!row) throw new Refused("not-found", "There is no such person here.");
  const links = await db().select().from(personLink).where(eq(personLink.personId, personId));
  const messages = await db().select().from(outbox).where(eq(outbox.personId, personId));
  const written = await db().select().from(logEntry).where(eq(logEntry.personId, personId));
  const asked = await db()
    .select({ run, list: runPerson })
    .from(runPerson)
    .innerJoin(run, eq(run.id, runPerson.runId))
    .where(eq(runPerson.personId, personId));
  const sessions = [];
  for (const { run: session, list } of asked) {
    const events = await db().select().from(runEvent).where(eq(runEvent.runId, session.id));
    sessions.push({
      id: session.id,
      title: session.doc?.title ?? null,
      startsAt: session.startsAt,
      timeZone: session.timeZone,
      state: session.state,
      invitedAt: list.invitedAt,
      tonight: list.tonight,
      part: session.parts?.find((part) => part.person === row.rosterId) ?? null,
      events: events
        .filter((event) => event.person === row.rosterId)
        .map(({ kind, payload, at }) => ({ kind, payload, at })),
      entries: written
        .filter((entry) => entry.runId === session.id)
        .map(({ field, value, author, at }) => ({ field, value, author, at })),
    });
  }
  const readiness = await ownReadiness(personId);
  return {
    format: "brontle.person-data",
    version: 1,
    person: row.doc,
    kept: { since: row.createdAt, changed: row.updatedAt },
    links: links.map(({ createdAt, revokedAt, expiresAt }) => ({ createdAt, revokedAt, expiresAt })),
    messages: messages.map(({ subject, recipient, createdAt }) => ({ subject, recipient, createdAt })),
    readiness: own
      ? { answeredAtMs: readiness.answeredAtMs, answers: readiness.answers }
      : { answered: readiness.answeredAtMs !== null },
    sessions,
  };
}

/** A document without this person in it, or the same one where they aren't. */
function docWithout(doc: ClassDoc, rosterId: string): ClassDoc {
  const overruled = doc.overruled?.filter((entry) => entry.person !== rosterId);
  const acknowledged = doc.acknowledged?.filter((entry) => entry.where.person !== rosterId);
  const same =
    overruled?.length === doc.overruled?.length && acknowledged?.length === doc.acknowledged?.length;
  if (same) return doc;
  return { ...doc, ...(overruled ? { overruled } : {}), ...(acknowledged ? { acknowledged } : {}) };
}

async function eraseFromSessions(tx: Tx, personId: string, rosterId: string): Promise<void> {
  const rows = await tx
    .select({ run })
    .from(run)
    .innerJoin(runPerson, eq(runPerson.runId, run.id))
    .where(eq(runPerson.personId, personId))
    .orderBy(run.id)
    .for("update", { of: run });
  const others = (parts: readonly Part[]) => parts.filter((part) => part.person !== rosterId);
  for (const { run: session } of rows) {
    const byMark = session.partsByMark;
    await tx
      .update(run)
      .set({
        // What was kept at hand of it is no longer right.
        version: session.version + 1,
        swaps: session.swaps.filter((swap) => swap.person !== rosterId),
        ...(session.doc ? { doc: docWithout(session.doc, rosterId) } : {}),
        ...(session.parts ? { parts: others(session.parts) } : {}),
        ...(byMark
          ? {
              partsByMark: Object.fromEntries(
                Object.entries(byMark).map(([mark, parts]) => [mark, others(parts)]),
              ) as unknown as Record<Mark, readonly Part[]>,
            }
          : {}),
      })
      .where(eq(run.id, session.id));
    // The numbers of the events stay without a gap; what they said of the person goes.
    await tx
      .update(runEvent)
      .set({ kind: ERASED, person: null, payload: {} })
      .where(and(eq(runEvent.runId, session.id), eq(runEvent.person, rosterId)));
  }
}

async function eraseFromClasses(tx: Tx, studioId: string, rosterId: string): Promise<void> {
  const rows = await tx.select().from(classes).where(eq(classes.studioId, studioId)).for("update");
  for (const row of rows) {
    const doc = docWithout(row.doc, rosterId);
    if (doc === row.doc) continue;
    await tx
      .update(classes)
      .set({ doc, revision: row.revision + 1 })
      .where(eq(classes.id, row.id));
  }
  const own = tx.select({ id: classes.id }).from(classes).where(eq(classes.studioId, studioId));
  // Edits are kept so that one sent twice counts once: their ids are enough for that.
  await tx
    .update(classEdit)
    .set({ edit: { op: "together", edits: [] } })
    .where(
      and(
        sql`${classEdit.classId} in ${own}`,
        sql`position(${`"person":${JSON.stringify(rosterId)}`} in ${classEdit.edit}::text) > 0`,
      ),
    );
}

/**
 * Removes a person and all that is kept of them: home, links, answers, entries, messages, their parts and
 * entries in classes that were taught. What an instructor wrote in a note in free words stays theirs to mend.
 */
export async function erasePerson(studioId: string, personId: string): Promise<void> {
  await transaction(async (tx) => {
    const [row] = await tx
      .select({ rosterId: person.rosterId })
      .from(person)
      .where(and(eq(person.studioId, studioId), eq(person.id, personId)))
      .for("update");
    if (!row) throw new Refused("not-found", "There is no such person here.");
    await eraseFromSessions(tx, personId, row.rosterId);
    await eraseFromClasses(tx, studioId, row.rosterId);
    await tx.delete(person).where(and(eq(person.studioId, studioId), eq(person.id, personId)));
  });
}
