/** Invitations: a mail file with a personal link and a calendar entry, for each person, in the outbox. */

import { and, eq } from "drizzle-orm";
import { LIBRARY_BOOK } from "../core/moves/library";
import { scoreOf } from "../core/score/score";
import { calendarFile } from "../files/text/calendar";
import { languageOf, wordsIn } from "../words/languages";
import { longWhen } from "../words/when-words";
import type { Words } from "../words/words";
import { sessionDoc, type WholeSessionRow } from "./content";
import { db, transaction } from "./db/client";
import { person, sessionPerson } from "./db/schema";
import { env } from "./env";
import { addLink, type Maker } from "./links";
import { mailFile } from "./mail";
import { putMessage } from "./outbox";
import { Refused } from "./refused";
import { askedTo, needAsked, needSession } from "./sessions";
import { studioName } from "./studios";
import { note } from "./trail";

/** A link in an invitation opens until so long after the class. */
const LINK_LASTS_MS = 8 * 86_400_000;

/** What of a session a calendar entry needs. */
type DatedSession = Pick<WholeSessionRow, "id" | "studioId" | "classId" | "sequence" | "startsAt" | "state">;

async function planSeconds(row: DatedSession): Promise<{ title: string; seconds: number }> {
  const doc = await sessionDoc(db(), row);
  return { title: doc.title, seconds: scoreOf(doc, LIBRARY_BOOK).seconds.plan };
}

/** The calendar entry of a session for one person's own page. */
export async function sessionCalendar(
  row: DatedSession,
  studioName: string,
  address: string | null,
  words: Words,
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
    words,
  });
}

/** What an invitation says; without an address of their own page: that it is cancelled. */
function aboutIt(
  its: {
    readonly title: string;
    readonly when: string;
    readonly address: string | null;
    readonly link: string | null;
  },
  words: Words,
): readonly string[] {
  const { title, when, address, link } = its;
  if (address === null) return [words.phrase("mail", "cancelled", { title, when })];
  return [
    words.phrase("mail", "isOn", { title, when }),
    ...(link === null ? [] : [words.phrase("mail", "call", { link })]),
    words.phrase("mail", "ownPage", { address }),
    words.phrase("mail", "yoursAlone"),
  ];
}

/**
 * Writes an invitation (of a cancelled session: that it is cancelled) for these people, by row id, or
 * for all where `people` is null. Gives how many. Links made here end a week after the class.
 */
export async function invite(
  studioId: string,
  id: string,
  people: readonly string[] | null,
  by: Maker | null = null,
): Promise<number> {
  const row = await needSession(studioId, id);
  if (row.state === "ended") throw new Refused("conflict", "This class is over.");
  const all = await askedTo(studioId, id);
  const chosen = people === null ? all : all.filter((entry) => people.includes(entry.id));
  const name = await studioName(studioId);
  const { title } = await planSeconds(row);
  const cancelled = row.state === "cancelled";
  const startsAtMs = row.startsAt.getTime();
  for (const entry of chosen) {
    const [found] = await db()
      .select({ doc: person.doc })
      .from(person)
      .where(and(eq(person.studioId, studioId), eq(person.id, entry.id)));
    const zone = found?.doc.timeZone ?? row.timeZone;
    const expiresAt = new Date(row.startsAt.getTime() + LINK_LASTS_MS);
    const address = cancelled
      ? null
      : `${env.origin}/p/${await addLink(studioId, entry.id, expiresAt, by, true)}`;
    const words = wordsIn(languageOf(found?.doc.language));
    const subject = cancelled
      ? words.phrase("mail", "cancelledSubject", { title })
      : words.phrase("mail", "subject", { title, when: longWhen(startsAtMs, row.timeZone, words, true) });
    const when = longWhen(startsAtMs, zone, words, true);
    const about = aboutIt({ title, when, address, link: row.callLink }, words);
    const text = [words.phrase("mail", "hello", { name: entry.name }), ...about, name].join("\n\n");
    const message = await mailFile({
      from: name,
      to: { name: entry.name, address: entry.email },
      subject,
      text: `${text}\n`,
      calendar: {
        method: cancelled ? "CANCEL" : "PUBLISH",
        text: await sessionCalendar(row, name, address, words),
      },
    });
    await transaction(async (tx) => {
      const { name: to, email } = entry;
      await putMessage(tx, {
        studioId,
        sessionId: id,
        personId: entry.id,
        name: to,
        email,
        subject,
        message,
      });
      await tx
        .update(sessionPerson)
        .set({ invitedAt: new Date() })
        .where(and(eq(sessionPerson.sessionId, id), eq(sessionPerson.personId, entry.id)));
    });
  }
  if (by) await note({ studioId, kind: "invitations-written", actor: by.name });
  return chosen.length;
}

/** A link for somebody who is asked to a session, which ends a week after it. Gives the token, this once. */
export async function sessionLink(
  studioId: string,
  id: string,
  personId: string,
  by: Maker | null = null,
): Promise<string> {
  const row = await needAsked(studioId, id, personId);
  const expiresAt = new Date(Math.max(row.startsAt.getTime(), Date.now()) + LINK_LASTS_MS);
  return addLink(studioId, personId, expiresAt, by);
}
