/** Calendars that follow: a secret address of a studio or of one person, which can be ended and made anew. */
import { and, eq, gt, isNull } from "drizzle-orm";
import { expandedSeconds } from "../core/class/expand";
import { LIBRARY_BOOK } from "../core/moves/library";
import { type CalendarEntry, calendarFeed } from "../files/text/calendar";
import { languageOf, wordsIn } from "../words/languages";
import { db, type Tx, transaction } from "./db/client";
import { classes, person, session, sessionPerson, studio } from "./db/schema";
import { alone, feed } from "./db/season-schema";
import { findPerson } from "./people";
import { Refused } from "./refused";
import { hashOf, isToken, newToken } from "./tokens";

/** Entries are in it as long as they are no older, ms: half a year. */
const PAST_MS = 182 * 86_400_000;
/** A calendar of one session each day for longer than a season. */
const MOST_ENTRIES = 1000;

function standing(studioId: string, personId: string | null) {
  const whose = personId === null ? isNull(feed.personId) : eq(feed.personId, personId);
  return and(eq(feed.studioId, studioId), whose, isNull(feed.revokedAt));
}

async function endIn(tx: Tx, studioId: string, personId: string | null): Promise<void> {
  await tx.update(feed).set({ revokedAt: new Date() }).where(standing(studioId, personId));
}

/** Makes an address and ends the one before; gives its token, this once. `personId`: null for all of the studio's. */
export async function makeFeed(studioId: string, personId: string | null): Promise<string> {
  const token = newToken();
  await transaction(async (tx) => {
    if (personId !== null) {
      const owned = and(eq(person.studioId, studioId), eq(person.id, personId));
      const [row] = await tx.select({ id: person.id }).from(person).where(owned);
      if (!row) throw new Refused("not-found", "There is no such person here.");
    }
    await endIn(tx, studioId, personId);
    await tx.insert(feed).values({ studioId, personId, tokenHash: hashOf(token) });
  });
  return token;
}

/** Ends an address: whoever follows it gets nothing more. */
export async function endFeed(studioId: string, personId: string | null): Promise<void> {
  if (personId !== null && !(await findPerson(studioId, personId)))
    throw new Refused("not-found", "There is no such person here.");
  await endIn(db(), studioId, personId);
}

/** Since when an address stands; null where there is none. */
export async function feedSince(studioId: string, personId: string | null): Promise<number | null> {
  const [row] = await db().select({ at: feed.createdAt }).from(feed).where(standing(studioId, personId));
  return row?.at.getTime() ?? null;
}

async function entriesOf(studioId: string, personId: string | null) {
  const query = db()
    .select({
      id: session.id,
      sequence: session.sequence,
      state: session.state,
      startsAt: session.startsAt,
      createdAt: session.createdAt,
      title: session.title,
      frozen: session.doc,
      doc: classes.doc,
    })
    .from(session)
    .leftJoin(classes, eq(classes.id, session.classId))
    .$dynamic();
  const own =
    personId === null
      ? query
      : query.innerJoin(
          sessionPerson,
          and(eq(sessionPerson.sessionId, session.id), eq(sessionPerson.personId, personId)),
        );
  return own
    .where(and(eq(session.studioId, studioId), gt(session.startsAt, new Date(Date.now() - PAST_MS))))
    .orderBy(session.startsAt)
    .limit(MOST_ENTRIES);
}

/** The text of the calendar behind a token; null where it opens nothing. */
export async function feedText(token: string): Promise<string | null> {
  if (!isToken(token)) return null;
  const [found] = await db()
    .select({ studioId: feed.studioId, personId: feed.personId, studio: studio.name, doc: person.doc })
    .from(feed)
    .innerJoin(studio, eq(studio.id, feed.studioId))
    .leftJoin(person, eq(person.id, feed.personId))
    .where(and(eq(feed.tokenHash, hashOf(token)), isNull(feed.revokedAt)));
  if (!found) return null;
  const { studioId, personId, studio: name } = found;
  const words = wordsIn(languageOf(found.doc?.language));
  const rows = await entriesOf(studioId, personId);
  const entries = rows.flatMap((row): CalendarEntry[] => {
    const doc = row.frozen ?? row.doc;
    if (!doc) return [];
    return [
      {
        sessionId: row.id,
        sequence: row.sequence,
        title: row.title ?? doc.title,
        studio: name,
        startsAt: row.startsAt,
        seconds: expandedSeconds(doc, LIBRARY_BOOK, "plan"),
        cancelled: row.state === "cancelled",
        // The address may go to others: the person's own page isn't in it.
        address: null,
        stamp: row.createdAt,
        words,
      },
    ];
  });
  const days = personId
    ? await db()
        .select()
        .from(alone)
        .where(and(eq(alone.personId, personId), eq(alone.studioId, studioId)))
    : [];
  return calendarFeed(
    name,
    entries,
    days.map(({ id, title, day, withdrawn, createdAt }) => ({ id, title, day, withdrawn, stamp: createdAt })),
    words,
  );
}
