/** What is known of an account besides its password. */
import { eq } from "drizzle-orm";
import { type Language, wholeLanguage } from "../words/languages";
import { db } from "./db/client";
import { user } from "./db/schema";

/** Somebody has shown that they read the mail of their address. */
export async function markProven(userId: string): Promise<void> {
  await db().update(user).set({ emailVerified: true }).where(eq(user.id, userId));
}

/** Whether a second factor is asked of somebody. */
export async function hasSecondFactor(userId: string): Promise<boolean> {
  const [row] = await db().select({ on: user.twoFactorEnabled }).from(user).where(eq(user.id, userId));
  return row?.on ?? false;
}

/** The language that somebody has chosen for their screens, where they have. */
export async function chosenLanguage(userId: string): Promise<Language | null> {
  const [row] = await db().select({ language: user.language }).from(user).where(eq(user.id, userId));
  return wholeLanguage(row?.language ?? null);
}

/** Chooses it; null: as their browser asks. */
export async function chooseLanguage(userId: string, language: Language | null): Promise<void> {
  await db().update(user).set({ language }).where(eq(user.id, userId));
}
