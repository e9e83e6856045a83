/** Everything that is kept about one person: given out, and erased, classes that were taught included. */

import { type AnyColumn, and, eq, inArray, like, or, sql } from "drizzle-orm";
import { NOTHING } from "../core/class/commands";
import type { ClassDoc } from "../core/class/document";
import type { Mark } from "../core/homes/home";
import { factsOf } from "../core/live/event-kinds";
import type { Part } from "../core/parts/part";
import type { ReadinessAnswers } from "../core/readiness/readiness";
import { db, type Tx, transaction } from "./db/client";
import {
  classEdit,
  classes,
  classVersion,
  limitCount,
  logEntry,
  outbox,
  person,
  personLink,
  session,
  sessionEvent,
  sessionPerson,
  user,
} from "./db/schema";
import { alone, feed, progressDecision, season, seasonClass } from "./db/season-schema";
import { sayIn } from "./live/said";
import { ownReadiness } from "./readiness";
import { Refused } from "./refused";
import { note, noteIn, trailOf } from "./trail";
import { ownWhereaboutsIn } from "./whereabouts";

/** A person's row id and roster id, under which they are named in documents and events. */
interface Named {
  readonly studioId: string;
  readonly personId: string;
  readonly rosterId: string;
}

/**
 * The sessions of a studio in which a person is named anywhere: on the list, in events, parts, changed moves
 * or the document, also where they were taken off the list again. The text is only looked through for the
 * id to leave out what surely doesn't hold it; what does is looked at as data.
 */
async function sessionsNaming(tx: Tx, { studioId, personId, rosterId }: Named): Promise<string[]> {
  const quoted = JSON.stringify(rosterId);
  const within = (column: AnyColumn) => sql`position(${quoted} in ${column}::text) > 0`;
  const listed = tx
    .select({ id: sessionPerson.sessionId })
    .from(sessionPerson)
    .where(eq(sessionPerson.personId, personId));
  const entered = tx
    .select({ id: sessionEvent.sessionId })
    .from(sessionEvent)
    .where(eq(sessionEvent.person, rosterId));
  const rows = await tx
    .select({ id: session.id })
    .from(session)
    .where(
      and(
        eq(session.studioId, studioId),
        or(
          inArray(session.id, listed),
          inArray(session.id, entered),
          ...[session.substitutes, session.doc, session.parts].map(within),
        ),
      ),
    )
    .orderBy(session.id);
  return rows.map(({ id }) => id);
}

/** What is kept of a person in one session, however they came to be in it. */
async function dataInSession(tx: Tx, id: string, { personId, rosterId }: Named) {
  const [row] = await tx.select().from(session).where(eq(session.id, id));
  const [list] = await tx
    .select()
    .from(sessionPerson)
    .where(and(eq(sessionPerson.sessionId, id), eq(sessionPerson.personId, personId)));
  const events = await tx
    .select({ kind: sessionEvent.kind, payload: sessionEvent.payload, at: sessionEvent.at })
    .from(sessionEvent)
    .where(and(eq(sessionEvent.sessionId, id), eq(sessionEvent.person, rosterId)))
    .orderBy(sessionEvent.seq);
  const entries = await tx
    .select({ field: logEntry.field, value: logEntry.value, author: logEntry.author, at: logEntry.at })
    .from(logEntry)
    .where(and(eq(logEntry.sessionId, id), eq(logEntry.personId, personId)))
    .orderBy(logEntry.id);
  return {
    id,
    title: row?.title ?? null,
    startsAt: row?.startsAt ?? null,
    timeZone: row?.timeZone ?? null,
    state: row?.state ?? null,
    onTheList: list !== undefined,
    invitedAt: list?.invitedAt ?? null,
    tonight: list?.tonight ?? null,
    whereabouts: await ownWhereaboutsIn(tx, id, personId),
    part: row?.parts?.find((part) => part.person === rosterId) ?? null,
    changedMoves: row?.substitutes.filter((substitute) => substitute.person === rosterId) ?? [],
    choices: row?.doc?.overruled?.filter((entry) => entry.person === rosterId) ?? [],
    events: events.map((event) => ({ ...event, what: factsOf(event.kind).words })),
    entries,
  };
}

/** Who asks for everything about a person: the person, with their answers where they gave the code; or an instructor. */
export type DataAsker =
  | { readonly own: true; readonly answers: ReadinessAnswers | null }
  | { readonly own: false; readonly name: string };

/**
 * All that is kept of a person, for a file. Health answers are in it only for the person, and only with
 * their code; an instructor's asking stands in the trail.
 */
export async function personData(studioId: string, personId: string, asker: DataAsker): Promise<unknown> {
  const [row] = await db()
    .select()
    .from(person)
    .where(and(eq(person.studioId, studioId), eq(person.id, personId)));
  if (!row) throw new Refused("not-found", "There is no such person here.");
  const named = { studioId, personId, rosterId: row.rosterId };
  const links = await db()
    .select({ link: personLink, by: user.name })
    .from(personLink)
    .leftJoin(user, eq(user.id, personLink.madeBy))
    .where(eq(personLink.personId, personId));
  const messages = await db().select().from(outbox).where(eq(outbox.personId, personId));
  const sessions = [];
  for (const id of await sessionsNaming(db(), named)) sessions.push(await dataInSession(db(), id, named));
  const inClasses = await classesNaming(db(), named);
  const versions = await versionsNaming(db(), named);
  const { answeredAtMs } = await ownReadiness(personId);
  const trail = await trailOf(personId);
  if (!asker.own) await note({ studioId, kind: "data-exported", actor: asker.name, personId });
  return {
    format: "brontle.person-data",
    version: 1,
    person: row.doc,
    kept: { since: row.createdAt, changed: row.updatedAt },
    links: links.map(({ link: { createdAt, revokedAt, expiresAt }, by }) => ({
      createdAt,
      revokedAt,
      expiresAt,
      madeBy: by,
    })),
    messages: messages.map(({ subject, recipient, createdAt }) => ({ subject, recipient, createdAt })),
    readiness: asker.own
      ? { answeredAtMs, answers: asker.answers ?? (answeredAtMs === null ? null : "only with your code") }
      : { answered: answeredAtMs !== null },
    trail,
    classes: inClasses.map(({ id, doc }) => ({ id, ...heldIn(doc, row.rosterId) })),
    versions: versions.map(({ id, at, doc }) => ({ id, at, ...heldIn(doc, row.rosterId) })),
    ...(await aheadOf(personId)),
    sessions,
  };
}

/** What was decided about their next steps, what they do by themselves, and whether a calendar follows. */
async function aheadOf(personId: string) {
  const [decisions, plans, feeds] = await Promise.all([
    db().select().from(progressDecision).where(eq(progressDecision.personId, personId)),
    db().select().from(alone).where(eq(alone.personId, personId)),
    db().select().from(feed).where(eq(feed.personId, personId)),
  ]);
  return {
    decisions: decisions.map(({ move, step, verdict, day, author }) => ({
      move,
      step,
      verdict,
      day,
      author,
    })),
    byThemselves: plans.map(({ title, day, note, done, doneAt, withdrawn }) => ({
      title,
      day,
      note,
      done,
      doneAt,
      withdrawn,
    })),
    calendars: feeds.map(({ createdAt, revokedAt }) => ({ createdAt, revokedAt })),
  };
}

/** The classes of a studio whose document names a person. */
async function classesNaming(tx: Tx, { studioId, rosterId }: Named) {
  const rows = await tx
    .select({ id: classes.id, doc: classes.doc, revision: classes.revision })
    .from(classes)
    .where(
      and(
        eq(classes.studioId, studioId),
        sql`position(${JSON.stringify(rosterId)} in ${classes.doc}::text) > 0`,
      ),
    )
    .orderBy(classes.id);
  return rows.filter(({ doc }) => docWithout(doc, rosterId) !== doc);
}

/** The versions of classes of a studio that name a person. */
async function versionsNaming(tx: Tx, { studioId, rosterId }: Named) {
  const own = tx.select({ id: classes.id }).from(classes).where(eq(classes.studioId, studioId));
  return tx
    .select({ id: classVersion.id, at: classVersion.at, doc: classVersion.doc })
    .from(classVersion)
    .where(
      and(
        sql`${classVersion.classId} in ${own}`,
        sql`position(${JSON.stringify(rosterId)} in ${classVersion.doc}::text) > 0`,
      ),
    )
    .orderBy(classVersion.id);
}

/** What a class, or a version of one, holds of a person. */
function heldIn(doc: ClassDoc, rosterId: string) {
  return {
    title: doc.title,
    choices: doc.overruled?.filter((entry) => entry.person === rosterId) ?? [],
    findings: doc.acknowledged?.filter((entry) => entry.where.person === rosterId) ?? [],
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

async function eraseFromSessions(tx: Tx, named: Named): Promise<void> {
  const { rosterId } = named;
  const others = (parts: readonly Part[]) => {
    const name = parts.find((part) => part.person === rosterId)?.name;
    // Who shared a room with them is told no more with whom.
    return parts
      .filter((part) => part.person !== rosterId)
      .map(({ shared, ...part }) => (shared && shared.with !== name ? { ...part, shared } : part));
  };
  for (const id of await sessionsNaming(tx, named)) {
    const [row] = await tx.select().from(session).where(eq(session.id, id)).for("update");
    if (!row) continue;
    const byMark = row.partsByMark;
    await tx
      .update(session)
      .set({
        // What was kept at hand of it is no longer right.
        version: row.version + 1,
        substitutes: row.substitutes.filter((substitute) => substitute.person !== rosterId),
        ...(row.doc ? { doc: docWithout(row.doc, rosterId) } : {}),
        ...(row.parts ? { parts: others(row.parts) } : {}),
        ...(byMark
          ? {
              partsByMark: Object.fromEntries(
                Object.entries(byMark).map(([mark, parts]) => [mark, others(parts)]),
              ) as unknown as Record<Mark, readonly Part[]>,
            }
          : {}),
      })
      .where(eq(session.id, id));
    // The numbers of the events stay without a gap; what they said of the person goes.
    await tx
      .update(sessionEvent)
      .set({ kind: "erased", person: null, payload: {} })
      .where(and(eq(sessionEvent.sessionId, id), eq(sessionEvent.person, rosterId)));
    await sayIn(tx, "anew", id);
  }
}

async function eraseFromClasses(tx: Tx, named: Named): Promise<void> {
  const { studioId, rosterId } = named;
  for (const { id } of await classesNaming(tx, named)) {
    const [row] = await tx.select().from(classes).where(eq(classes.id, id)).for("update");
    if (!row) continue;
    await tx
      .update(classes)
      .set({ doc: docWithout(row.doc, rosterId), revision: row.revision + 1 })
      .where(eq(classes.id, id));
  }
  // As a season made them, they name whom their base named.
  const seasons = tx.select({ id: season.id }).from(season).where(eq(season.studioId, studioId));
  const made = await tx
    .select({ id: seasonClass.id, made: seasonClass.made })
    .from(seasonClass)
    .where(
      and(
        sql`${seasonClass.seasonId} in ${seasons}`,
        sql`position(${JSON.stringify(rosterId)} in ${seasonClass.made}::text) > 0`,
      ),
    );
  for (const { id, made: doc } of made)
    await tx
      .update(seasonClass)
      .set({ made: docWithout(doc, rosterId) })
      .where(eq(seasonClass.id, id));
  const own = tx.select({ id: classes.id }).from(classes).where(eq(classes.studioId, studioId));
  const versions = await versionsNaming(tx, named);
  for (const { id, doc } of versions)
    await tx
      .update(classVersion)
      .set({ doc: docWithout(doc, rosterId) })
      .where(eq(classVersion.id, id));
  // Edits are kept so that one sent twice counts once: their ids are enough for that. A person stands in them as
  // a value, at the end of a key, or in a place that a key holds.
  const quoted = JSON.stringify(rosterId);
  const spelt = [`"person":${quoted}`, ` ${quoted.slice(1)}`, JSON.stringify(quoted).slice(1, -1)];
  const says = spelt.map((text) => sql`position(${text} in ${classEdit.edit}::text) > 0`);
  await tx
    .update(classEdit)
    .set({ edit: NOTHING })
    .where(and(sql`${classEdit.classId} in ${own}`, or(...says)));
}

/**
 * Removes a person and all that is kept of them: home, links, answers, entries, messages, their parts and
 * entries in classes that were taught. What an instructor wrote in a note in free words stays theirs to mend.
 */
export async function erasePerson(
  studioId: string,
  personId: string,
  by: string | null = null,
): Promise<void> {
  await transaction(async (tx) => {
    const [row] = await tx
      .select({ rosterId: person.rosterId })
      .from(person)
      .where(and(eq(person.studioId, studioId), eq(person.id, personId)))
      .for("update");
    if (!row) throw new Refused("not-found", "There is no such person here.");
    const named = { studioId, personId, rosterId: row.rosterId };
    await eraseFromSessions(tx, named);
    await eraseFromClasses(tx, named);
    await tx.delete(limitCount).where(like(limitCount.key, `%:${personId}`));
    if (by) await noteIn(tx, { studioId, kind: "person-erased", actor: by });
    await tx.delete(person).where(and(eq(person.studioId, studioId), eq(person.id, personId)));
  });
}
