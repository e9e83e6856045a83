import { eq } from "drizzle-orm";
import { db } from "./db/client";
import { member, studio } from "./db/schema";

/** A new instructor gets a studio of their own, named after them until they rename it. */
export async function createStudioFor(userId: string, name: string): Promise<void> {
  await db().transaction(async (tx) => {
    const [made] = await tx.insert(studio).values({ name }).returning({ id: studio.id });
    if (made) await tx.insert(member).values({ studioId: made.id, userId, role: "owner" });
  });
}

export interface StudioOfUser {
  readonly studioId: string;
  readonly studioName: string;
  readonly role: "owner" | "coach";
}

/** The studio that a user works in, or null. */
export async function studioOf(userId: string): Promise<StudioOfUser | null> {
  const [row] = await db()
    .select({ studioId: studio.id, studioName: studio.name, role: member.role })
    .from(member)
    .innerJoin(studio, eq(studio.id, member.studioId))
    .where(eq(member.userId, userId))
    .limit(1);
  return row ?? null;
}
