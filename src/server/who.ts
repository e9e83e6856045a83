import { and, eq, gt, sql } from "drizzle-orm";
import { headers } from "next/headers";
import { redirect } from "next/navigation";
import { cache } from "react";
import { auth } from "./auth";
import { db } from "./db/client";
import { member, signIn } from "./db/schema";
import { studioOf } from "./studios";

/** Who asks: an instructor with the studio they may see. */
export interface Instructor {
  readonly userId: string;
  /** Of the sign-in that asks. */
  readonly signInId: string;
  readonly name: string;
  readonly studioId: string;
  readonly studioName: string;
  readonly role: "owner" | "coach";
}

/** The signed-in instructor, or null. Read again for every request; kept for the length of one. */
export const instructor = cache(async (): Promise<Instructor | null> => {
  // Asked for first: it tells the build that this is answered per request.
  const asked = await headers();
  const session = await auth().api.getSession({ headers: asked });
  if (!session) return null;
  const studio = await studioOf(session.user.id);
  return (
    studio && { userId: session.user.id, signInId: session.session.id, name: session.user.name, ...studio }
  );
});

/** Whether a sign-in still holds and its instructor still teaches in that studio: for what goes on after it was asked. */
export async function stillSignedIn({ signInId, studioId, userId }: Instructor): Promise<boolean> {
  const rows = await db()
    .select({ id: signIn.id })
    .from(signIn)
    .innerJoin(member, and(eq(member.userId, signIn.userId), eq(member.studioId, studioId)))
    .where(and(eq(signIn.id, signInId), eq(signIn.userId, userId), gt(signIn.expiresAt, sql`now()`)));
  return rows.length > 0;
}

/** For pages: the instructor, or off to sign in. */
export async function requireInstructor(): Promise<Instructor> {
  const who = await instructor();
  if (!who) redirect("/sign-in");
  return who;
}
