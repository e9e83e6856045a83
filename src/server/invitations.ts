/** Invitations: a mail file with a personal link and a calendar entry, for each person, in the outbox. */
import { and, desc, eq } from "drizzle-orm";
import { longWhen } from "../core/live/when";
import { LIBRARY_BOOK } from "../core/moves/library";
import { scoreOf } from "../core/score/score";
import { calendarFile } from "./calendar";
import { type RunRow, sessionDoc } from "./content";
import { db, transaction } from "./db/client";
import { outbox, person, runPerson, studio } from "./db/schema";
import { env } from "./env";
import { addLink } from "./links";
import { mailFile } from "./mail";
import { Refused } from "./refused";
import { seal, unseal } from "./seal";
import { askedTo, needAsked, needSession } from "./sessions";

/** A link in an invitation opens until so long after the class. */
const LINK_LASTS_MS = 8 * 86_400_000;

/** What of a session a calendar entry needs. */
type DatedRun = Pick<RunRow, "id" | "studioId" | "classId" | "sequence" | "startsAt" | "state">;

async function planSeconds(row: DatedRun): Promise<{ title: string; seconds: number }> {
  const doc = await sessionDoc(db(), row);
  return { title: doc.title, seconds: scoreOf(doc, LIBRARY_BOOK).seconds.plan };
}

/** The calendar entry of a session for one person's own page. */
export async function sessionCalendar(
  row: DatedRun,
  studioName: string,
  address: string | null,
): Promise<string> {
  return calendarFile({
    ...(await planSeconds(row)),
    sessionId: row.id,
    sequence: row.sequence,
    studio: studioName,
    startsAt: row.startsAt,
    cancelled: row.state === "cancelled",
    address,
    stamp: new Date(),
  });
}

/**
 * Writes an invitation (of a cancelled session: that it is cancelled) for these people, by row id, or
 * for all where `people` is null. Gives how many. Links made here end a week after the class.
 */
export async function invite(
  studioId: string,
  id: string,
  people: readonly string[] | null,
): Promise<number> {
  const row = await needSession(studioId, id);
  if (row.state === "ended") throw new Refused("conflict", "This class is over.");
  const all = await askedTo(studioId, id);
  const chosen = people === null ? all : all.filter((entry) => people.includes(entry.id));
  const [host] = await db().select({ name: studio.name }).from(studio).where(eq(studio.id, studioId));
  const name = host?.name ?? "Your instructor";
  const { title } = await planSeconds(row);
  const cancelled = row.state === "cancelled";
  const subject = cancelled
    ? `Cancelled: ${title}`
    : `${title}, ${longWhen(row.startsAt.getTime(), row.timeZone, true)}`;
  for (const entry of chosen) {
    const [found] = await db()
      .select({ doc: person.doc })
      .from(person)
      .where(and(eq(person.studioId, studioId), eq(person.id, entry.id)));
    const zone = found?.doc.timeZone ?? row.timeZone;
    const expiresAt = new Date(row.startsAt.getTime() + LINK_LASTS_MS);
    const address = cancelled ? null : `${env.origin}/p/${await addLink(studioId, entry.id, expiresAt)}`;
    const text = cancelled
      ? `Hello ${entry.name},\n\n${title} on ${longWhen(row.startsAt.getTime(), zone, true)} is cancelled.\n\n${name}\n`
      : [
          `Hello ${entry.name},`,
          `${title} is on ${longWhen(row.startsAt.getTime(), zone, true)}.`,
          `Your own page, with what to have ready and your own version of the class:\n${address}`,
          "The link is yours alone: whoever has it sees your part. Before your first class it asks a few questions about your health. Only you see the answers.",
          name,
        ].join("\n\n");
    const message = await mailFile({
      from: name,
      to: { name: entry.name, address: entry.email ?? "no-address@brontle.invalid" },
      subject,
      text: `${text}\n`,
      calendar: {
        method: cancelled ? "CANCEL" : "PUBLISH",
        text: await sessionCalendar(row, name, address),
      },
    });
    await transaction(async (tx) => {
      const [made] = await tx
        .insert(outbox)
        .values({
          studioId,
          runId: id,
          personId: entry.id,
          recipient: entry.email ? `${entry.name}, ${entry.email}` : `${entry.name}, no address yet`,
          subject,
          sealed: "",
        })
        .returning({ id: outbox.id });
      if (!made) throw new Error("the message was not stored");
      await tx
        .update(outbox)
        .set({ sealed: seal(message, `outbox ${made.id}`) })
        .where(eq(outbox.id, made.id));
      await tx
        .update(runPerson)
        .set({ invitedAt: new Date() })
        .where(and(eq(runPerson.runId, id), eq(runPerson.personId, entry.id)));
    });
  }
  return chosen.length;
}

/** A link for somebody who is asked to a session, which ends a week after it. Gives the token, this once. */
export async function sessionLink(studioId: string, id: string, personId: string): Promise<string> {
  const row = await needAsked(studioId, id, personId);
  return addLink(studioId, personId, new Date(Math.max(row.startsAt.getTime(), Date.now()) + LINK_LASTS_MS));
}

export interface OutboxLine {
  readonly id: string;
  readonly recipient: string;
  readonly subject: string;
  readonly createdAtMs: number;
}

/** What the studio has written, the last first. */
export async function listOutbox(studioId: string): Promise<OutboxLine[]> {
  const rows = await db()
    .select({
      id: outbox.id,
      recipient: outbox.recipient,
      subject: outbox.subject,
      createdAt: outbox.createdAt,
    })
    .from(outbox)
    .where(eq(outbox.studioId, studioId))
    .orderBy(desc(outbox.createdAt), outbox.id)
    .limit(500);
  return rows.map(({ createdAt, ...rest }) => ({ ...rest, createdAtMs: createdAt.getTime() }));
}

/** One message as a mail file. */
export async function outboxFile(studioId: string, id: string): Promise<string> {
  const [row] = await db()
    .select({ sealed: outbox.sealed })
    .from(outbox)
    .where(and(eq(outbox.studioId, studioId), eq(outbox.id, id)));
  const message = row ? unseal<string>(row.sealed, `outbox ${id}`) : null;
  if (message === null) throw new Refused("not-found", "There is no such message here.");
  return message;
}

/** Empties the outbox: the links that were in it go on working. */
export async function emptyOutbox(studioId: string): Promise<void> {
  await db().delete(outbox).where(eq(outbox.studioId, studioId));
}
