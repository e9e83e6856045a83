/**
 * Personal links: a participant's way in without an account. The token is long and random, only its
 * hash is stored, it opens that person's own pages and nothing else, and it can be revoked or renewed.
 */
import { createHash, randomBytes } from "node:crypto";
import { and, eq, gt, isNull, or, sql } from "drizzle-orm";
import type { Person } from "../core/homes/home";
import { ownView } from "../core/homes/own-view";
import { db, transaction } from "./db/client";
import { person, personLink, studio } from "./db/schema";
import { findPerson } from "./people";
import { Refused } from "./refused";

/** 32 random bytes: nobody guesses one. */
const TOKEN_BYTES = 32;

function hashOf(token: string): string {
  return createHash("sha256").update(token).digest("hex");
}

/** Makes a new link for a person and ends the ones before; gives the token, this once. */
export async function renewLink(studioId: string, personId: string): Promise<string> {
  if (!(await findPerson(studioId, personId)))
    throw new Refused("not-found", "There is no such person here.");
  const token = randomBytes(TOKEN_BYTES).toString("base64url");
  await transaction(async (tx) => {
    await tx
      .update(personLink)
      .set({ revokedAt: new Date() })
      .where(and(eq(personLink.personId, personId), isNull(personLink.revokedAt)));
    await tx.insert(personLink).values({ personId, tokenHash: hashOf(token) });
  });
  return token;
}

/** Makes one more link for a person, which ends by itself; those before go on. Gives the token, this once. */
export async function addLink(studioId: string, personId: string, expiresAt: Date): Promise<string> {
  if (!(await findPerson(studioId, personId)))
    throw new Refused("not-found", "There is no such person here.");
  const token = randomBytes(TOKEN_BYTES).toString("base64url");
  await db()
    .insert(personLink)
    .values({ personId, tokenHash: hashOf(token), expiresAt });
  return token;
}

/** A link that was neither ended nor has run out. */
const works = and(
  isNull(personLink.revokedAt),
  or(isNull(personLink.expiresAt), gt(personLink.expiresAt, sql`now()`)),
);

/** Ends all of a person's links. */
export async function revokeLink(studioId: string, personId: string): Promise<void> {
  if (!(await findPerson(studioId, personId)))
    throw new Refused("not-found", "There is no such person here.");
  await db()
    .update(personLink)
    .set({ revokedAt: new Date() })
    .where(and(eq(personLink.personId, personId), isNull(personLink.revokedAt)));
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
  readonly personId: string;
  readonly studioId: string;
  readonly studioName: string;
  readonly doc: Person;
}

/** The person of a token, or null where it is unknown or revoked. */
export async function participantOf(token: string): Promise<Participant | null> {
  if (!/^[A-Za-z0-9_-]{43}$/.test(token)) return null;
  const [row] = await db()
    .select({ personId: person.id, studioId: person.studioId, studioName: studio.name, doc: person.doc })
    .from(personLink)
    .innerJoin(person, eq(person.id, personLink.personId))
    .innerJoin(studio, eq(studio.id, person.studioId))
    .where(and(eq(personLink.tokenHash, hashOf(token)), works));
  return row ? { ...row, doc: ownView(row.doc) } : null;
}
