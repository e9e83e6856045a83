/** Two or more instructors in one studio: the owner asks coaches by a link that is used once. */
import { and, asc, eq, gt, isNull, sql } from "drizzle-orm";
import { forgetBusyIn } from "./busy";
import { db, transaction } from "./db/client";
import { member, memberInvite, studio, user } from "./db/schema";
import { endLinksOf, type Maker } from "./links";
import { Refused } from "./refused";
import { hashOf, isToken, newToken } from "./tokens";
import { note, noteIn } from "./trail";

const DAYS = 7;

export interface Member {
  readonly userId: string;
  readonly name: string;
  readonly email: string;
  readonly role: "owner" | "coach";
}

/** The instructors of a studio, the owner first. */
export async function listMembers(studioId: string): Promise<Member[]> {
  return db()
    .select({ userId: user.id, name: user.name, email: user.email, role: member.role })
    .from(member)
    .innerJoin(user, eq(user.id, member.userId))
    .where(eq(member.studioId, studioId))
    .orderBy(sql`${member.role} desc`, asc(user.name));
}

/** Makes a link by which one coach can join within a week; gives the token, this once. */
export async function inviteMember(studioId: string, by: string | null = null): Promise<string> {
  const token = newToken();
  const expiresAt = new Date(Date.now() + DAYS * 86_400_000);
  await db()
    .insert(memberInvite)
    .values({ studioId, tokenHash: hashOf(token), expiresAt });
  if (by) await note({ studioId, kind: "coach-asked", actor: by });
  return token;
}

const open = and(isNull(memberInvite.usedAt), gt(memberInvite.expiresAt, sql`now()`));

/** The studio that a token leads to, or null. */
export async function inviteOf(token: string): Promise<{ studioId: string; studioName: string } | null> {
  if (!isToken(token)) return null;
  const [row] = await db()
    .select({ studioId: studio.id, studioName: studio.name })
    .from(memberInvite)
    .innerJoin(studio, eq(studio.id, memberInvite.studioId))
    .where(and(eq(memberInvite.tokenHash, hashOf(token)), open));
  return row ?? null;
}

/** Joins a studio as a coach; the link is then used up. */
export async function joinStudio({ userId, name }: Maker, token: string): Promise<void> {
  await transaction(async (tx) => {
    const [used] = await tx
      .update(memberInvite)
      .set({ usedAt: new Date() })
      .where(and(eq(memberInvite.tokenHash, hashOf(token)), open))
      .returning({ studioId: memberInvite.studioId });
    if (!used) throw new Refused("not-found", "This invitation was used or has run out.");
    await tx
      .insert(member)
      .values({ studioId: used.studioId, userId, role: "coach", joinedAt: new Date() })
      .onConflictDoNothing();
    await noteIn(tx, { studioId: used.studioId, kind: "coach-joined", actor: name });
  });
}

/** Takes a coach out of a studio, and ends the links that they made for its people. An owner stays. */
export async function removeMember(
  studioId: string,
  userId: string,
  by: string | null = null,
): Promise<void> {
  await transaction(async (tx) => {
    const rows = await tx
      .delete(member)
      .where(and(eq(member.studioId, studioId), eq(member.userId, userId), eq(member.role, "coach")))
      .returning({ userId: member.userId });
    if (rows.length === 0) throw new Refused("not-found", "There is no such coach here.");
    await endLinksOf(tx, studioId, userId);
    await forgetBusyIn(tx, studioId, userId);
    if (by) await noteIn(tx, { studioId, kind: "coach-removed", actor: by });
  });
}

/** Leaves a studio as a coach; the links that they made for its people end. An owner stays with theirs. */
export async function leaveStudio({ userId, name }: Maker, studioId: string): Promise<void> {
  await transaction(async (tx) => {
    const [found] = await tx
      .select({ role: member.role })
      .from(member)
      .where(and(eq(member.studioId, studioId), eq(member.userId, userId)))
      .for("update");
    if (!found) throw new Refused("not-found", "You don't work in that studio.");
    if (found.role === "owner") throw new Refused("conflict", "This studio is yours: it can't be left.");
    await tx.delete(member).where(and(eq(member.studioId, studioId), eq(member.userId, userId)));
    await endLinksOf(tx, studioId, userId);
    await forgetBusyIn(tx, studioId, userId);
    await noteIn(tx, { studioId, kind: "coach-left", actor: name });
  });
}
