import { and, desc, eq } from "drizzle-orm";
import { readSettings, SETTINGS, type Settings } from "../core/settings/settings";
import type { TrailKind } from "../core/trail/trail";
import { db, type Tx, transaction } from "./db/client";
import { member, studio, user } from "./db/schema";
import { mergedWith } from "./merging";
import { notStored, Refused } from "./refused";
import { note } from "./trail";

/** A new instructor gets a studio of their own, named after them until they rename it. */
export async function createStudioFor(userId: string, name: string): Promise<void> {
  await transaction(async (tx) => {
    const [made] = await tx.insert(studio).values({ name }).returning({ id: studio.id });
    if (made) await tx.insert(member).values({ studioId: made.id, userId, role: "owner" });
  });
}

/** What of an instructor's account stands in the trail. */
type AccountKind = Extract<
  TrailKind,
  "signed-in" | "password-replaced" | "second-factor-on" | "second-factor-off"
>;

/** Writes what somebody did with their account into the trail of every studio that they work in. */
export async function noteAtStudios(userId: string, kind: AccountKind): Promise<void> {
  const rows = await db()
    .select({ studioId: member.studioId, actor: user.name })
    .from(member)
    .innerJoin(user, eq(user.id, member.userId))
    .where(eq(member.userId, userId));
  for (const row of rows) await note({ ...row, kind });
}

export interface StudioOfUser {
  readonly studioId: string;
  readonly studioName: string;
  readonly role: "owner" | "coach";
}

/** Where a user works now, and the language that they have chosen: what every request asks. */
interface WorkingUser extends StudioOfUser {
  readonly language: string | null;
}

/** Every studio that a user works in, the one that they work in now first. */
export async function studiosOf(userId: string): Promise<StudioOfUser[]> {
  return db()
    .select({ studioId: studio.id, studioName: studio.name, role: member.role })
    .from(member)
    .innerJoin(studio, eq(studio.id, member.studioId))
    .where(eq(member.userId, userId))
    .orderBy(desc(member.joinedAt), studio.id);
}

/** Makes one of a user's studios the one that they work in. */
export async function chooseStudio(userId: string, studioId: string): Promise<void> {
  const rows = await db()
    .update(member)
    .set({ joinedAt: new Date() })
    .where(and(eq(member.userId, userId), eq(member.studioId, studioId)))
    .returning({ studioId: member.studioId });
  if (rows.length === 0) throw new Refused("not-found", "You don't work in that studio.");
}

/** The studio that a user works in (of several the one joined last), or null. */
export async function studioOf(userId: string): Promise<WorkingUser | null> {
  const [row] = await db()
    .select({
      studioId: studio.id,
      studioName: studio.name,
      role: member.role,
      language: user.language,
    })
    .from(member)
    .innerJoin(studio, eq(studio.id, member.studioId))
    .innerJoin(user, eq(user.id, member.userId))
    .where(eq(member.userId, userId))
    .orderBy(desc(member.joinedAt), studio.id)
    .limit(1);
  return row ?? null;
}

/** What a studio calls itself, for letters. */
export async function studioName(studioId: string): Promise<string> {
  const [row] = await db().select({ name: studio.name }).from(studio).where(eq(studio.id, studioId));
  return row?.name ?? "Your instructor";
}

async function storedIn(tx: Tx, studioId: string): Promise<Record<string, unknown>> {
  const [row] = await tx.select({ settings: studio.settings }).from(studio).where(eq(studio.id, studioId));
  return row?.settings ?? {};
}

/** The studio's numbers over the defaults. Settings that a later version no longer knows count as none. */
export async function settingsIn(tx: Tx, studioId: string): Promise<Settings> {
  const read = readSettings(await storedIn(tx, studioId));
  return read.ok ? read.value : SETTINGS;
}

/** `settingsIn` where nothing is held. */
export function settingsOf(studioId: string): Promise<Settings> {
  return settingsIn(db(), studioId);
}

/** What a studio has changed of the defaults, as it was stored. */
export function storedSettings(studioId: string): Promise<Record<string, unknown>> {
  return storedIn(db(), studioId);
}

/** The time zone that somebody of the studio chose; null where nobody has. */
export async function zoneOf(studioId: string): Promise<string | null> {
  const stored = await storedIn(db(), studioId);
  const chosen = (stored.teaching as { readonly timeZone?: unknown } | undefined)?.timeZone;
  return typeof chosen === "string" ? chosen : null;
}

/**
 * Stores what differs from the defaults; nothing is stored where it has faults. What others changed since
 * `before` stays.
 */
export async function saveSettings(
  studioId: string,
  input: Record<string, unknown>,
  before: Record<string, unknown> | null = null,
): Promise<void> {
  await transaction(async (tx) => {
    const [row] = await tx
      .select({ settings: studio.settings })
      .from(studio)
      .where(eq(studio.id, studioId))
      .for("update");
    if (!row) throw new Refused("not-found", "There is no such studio.");
    const settings = mergedWith(before, input, row.settings) as Record<string, unknown>;
    const read = readSettings(settings);
    if (!read.ok) {
      throw notStored(read.error);
    }
    await tx.update(studio).set({ settings }).where(eq(studio.id, studioId));
  });
}
