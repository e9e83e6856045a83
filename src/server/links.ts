/**
 * Personal links: a participant's way in without an account. The token is long and random, only its
 * hash is stored, it opens that person's own pages and nothing else, and it can be revoked or renewed.
 */
import { and, desc, eq, gt, inArray, isNull, ne, or, sql } from "drizzle-orm";
import type { Person } from "../core/homes/home";
import { ownView } from "../core/homes/own-view";
import { BY_PERSON } from "../core/trail/trail";
import { db, type Tx, transaction } from "./db/client";
import { person, personLink, studio, user } from "./db/schema";
import { linkMessage } from "./link-message";
import { findPerson } from "./people";
import { Refused } from "./refused";
import { hashOf, isToken, newToken } from "./tokens";
import { noteIn } from "./trail";

/** The instructor who makes something; null: a command of the installation's own. */
export interface Maker {
  readonly userId: string;
  readonly name: string;
}

/** One more link in a transaction; gives the token, this once. */
async function makeIn(
  tx: Tx,
  studioId: string,
  personId: string,
  by: Maker | null,
  expiresAt: Date | null,
): Promise<string> {
  const token = newToken();
  await tx
    .insert(personLink)
    .values({ personId, tokenHash: hashOf(token), expiresAt, madeBy: by?.userId ?? null });
  if (by) await noteIn(tx, { studioId, kind: "link-made", actor: by.name, personId });
  return token;
}

/**
 * Makes a new link for a person and ends the ones before; gives the token, this once. The person is told: on
 * the pages that a link opens, and by a message in the outbox.
 */
export async function renewLink(
  studioId: string,
  personId: string,
  by: Maker | null = null,
): Promise<string> {
  const found = await findPerson(studioId, personId);
  if (!found) throw new Refused("not-found", "There is no such person here.");
  const message = by ? await linkMessage(studioId, found.doc, by.name) : null;
  return transaction(async (tx) => {
    await tx
      .update(personLink)
      .set({ revokedAt: new Date() })
      .where(and(eq(personLink.personId, personId), isNull(personLink.revokedAt)));
    if (message) await message.put(tx, personId);
    return makeIn(tx, studioId, personId, by, null);
  });
}

/**
 * Makes one more link for a person, which ends by itself; those before go on. Gives the token, this once.
 * `told`: it is handed over in a message of its own, which says so.
 */
export async function addLink(
  studioId: string,
  personId: string,
  expiresAt: Date,
  by: Maker | null = null,
  told = false,
): Promise<string> {
  const found = await findPerson(studioId, personId);
  if (!found) throw new Refused("not-found", "There is no such person here.");
  const message = by && !told ? await linkMessage(studioId, found.doc, by.name) : null;
  return transaction(async (tx) => {
    if (message) await message.put(tx, personId);
    return makeIn(tx, studioId, personId, by, expiresAt);
  });
}

/** A link that was neither ended nor has run out. */
const works = and(
  isNull(personLink.revokedAt),
  or(isNull(personLink.expiresAt), gt(personLink.expiresAt, sql`now()`)),
);

/** Ends all of a person's links. */
export async function revokeLink(studioId: string, personId: string, by: Maker | null = null): Promise<void> {
  if (!(await findPerson(studioId, personId)))
    throw new Refused("not-found", "There is no such person here.");
  await transaction(async (tx) => {
    await tx
      .update(personLink)
      .set({ revokedAt: new Date() })
      .where(and(eq(personLink.personId, personId), isNull(personLink.revokedAt)));
    if (by) await noteIn(tx, { studioId, kind: "link-ended", actor: by.name, personId });
  });
}

/** Ends the links that an instructor made for people of a studio: they are leaving it. */
export async function endLinksOf(tx: Tx, studioId: string, userId: string): Promise<void> {
  const here = tx.select({ id: person.id }).from(person).where(eq(person.studioId, studioId));
  await tx
    .update(personLink)
    .set({ revokedAt: new Date() })
    .where(
      and(eq(personLink.madeBy, userId), isNull(personLink.revokedAt), inArray(personLink.personId, here)),
    );
}

/** A link that opens a person's pages, as they are told of it. */
export interface OtherLink {
  readonly madeAtMs: number;
  /** Name of the instructor who made it; null where nobody did by hand. */
  readonly by: string | null;
}

/** The links besides this one that open a person's pages, the last made first. */
export async function otherLinks({ personId, linkId }: Participant): Promise<OtherLink[]> {
  const rows = await db()
    .select({ createdAt: personLink.createdAt, by: user.name })
    .from(personLink)
    .leftJoin(user, eq(user.id, personLink.madeBy))
    .where(and(eq(personLink.personId, personId), ne(personLink.id, linkId), works))
    .orderBy(desc(personLink.createdAt));
  return rows.map(({ createdAt, by }) => ({ madeAtMs: createdAt.getTime(), by }));
}

/** Ends all links but the one that asks. */
export async function endOtherLinks({ personId, linkId, studioId }: Participant): Promise<void> {
  await transaction(async (tx) => {
    await tx
      .update(personLink)
      .set({ revokedAt: new Date() })
      .where(and(eq(personLink.personId, personId), ne(personLink.id, linkId), isNull(personLink.revokedAt)));
    await noteIn(tx, { studioId, kind: "own-links-ended", actor: BY_PERSON, personId });
  });
}

/** Those of some links that still open what they opened. */
export async function linksThatWork(ids: readonly string[]): Promise<readonly string[]> {
  if (ids.length === 0) return [];
  const rows = await db()
    .select({ id: personLink.id })
    .from(personLink)
    .where(and(inArray(personLink.id, [...ids]), works));
  return rows.map(({ id }) => id);
}

/** Whether a person has a link that works. */
export async function hasLink(studioId: string, personId: string): Promise<boolean> {
  const rows = await db()
    .select({ id: personLink.id })
    .from(personLink)
    .innerJoin(person, eq(person.id, personLink.personId))
    .where(and(eq(person.studioId, studioId), eq(person.id, personId), works));
  return rows.length > 0;
}

/** Who asks with a personal link. */
export interface Participant {
  readonly linkId: string;
  readonly personId: string;
  readonly studioId: string;
  readonly studioName: string;
  readonly doc: Person;
}

/** The person of a token, or null where it is unknown or revoked. */
export async function participantOf(token: string): Promise<Participant | null> {
  if (!isToken(token)) return null;
  const [row] = await db()
    .select({
      linkId: personLink.id,
      personId: person.id,
      studioId: person.studioId,
      studioName: studio.name,
      doc: person.doc,
    })
    .from(personLink)
    .innerJoin(person, eq(person.id, personLink.personId))
    .innerJoin(studio, eq(studio.id, person.studioId))
    .where(and(eq(personLink.tokenHash, hashOf(token)), works));
  return row ? { ...row, doc: ownView(row.doc) } : null;
}
