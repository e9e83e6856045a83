import { desc, eq } from "drizzle-orm";
import { faultLine } from "../core/class/faults";
import { readSettings, SETTINGS, type Settings } from "../core/settings";
import { db, type Tx, transaction } from "./db/client";
import { member, studio } from "./db/schema";
import { Refused } from "./refused";

/** A new instructor gets a studio of their own, named after them until they rename it. */
export async function createStudioFor(userId: string, name: string): Promise<void> {
  await transaction(async (tx) => {
    const [made] = await tx.insert(studio).values({ name }).returning({ id: studio.id });
    if (made) await tx.insert(member).values({ studioId: made.id, userId, role: "owner" });
  });
}

export interface StudioOfUser {
  readonly studioId: string;
  readonly studioName: string;
  readonly role: "owner" | "coach";
}

/** The studio that a user works in (of several the one joined last), or null. */
export async function studioOf(userId: string): Promise<StudioOfUser | null> {
  const [row] = await db()
    .select({ studioId: studio.id, studioName: studio.name, role: member.role })
    .from(member)
    .innerJoin(studio, eq(studio.id, member.studioId))
    .where(eq(member.userId, userId))
    .orderBy(desc(member.joinedAt))
    .limit(1);
  return row ?? null;
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

/** Stores what differs from the defaults; nothing is stored where it has faults. */
export async function saveSettings(studioId: string, input: Record<string, unknown>): Promise<void> {
  const read = readSettings(input);
  if (!read.ok) {
    throw new Refused("invalid", `Nothing was stored: ${read.error.map(faultLine).join("; ")}`, read.error);
  }
  await db().update(studio).set({ settings: input }).where(eq(studio.id, studioId));
}
