/** Whether those who follow a session still may: asked for all streams of this process at once. */
import { and, eq, gt, inArray, sql } from "drizzle-orm";
import { db } from "../db/client";
import { member, signIn } from "../db/schema";
import { linksThatWork } from "../links";

/** By what somebody came in: a personal link, or a sign-in as an instructor of a studio. */
export type Door =
  | { readonly kind: "link"; readonly id: string }
  | { readonly kind: "sign-in"; readonly id: string; readonly userId: string; readonly studioId: string };

/** A door as a key: equal where it is the same one. */
export const doorKey = (door: Door): string =>
  door.kind === "link" ? `link ${door.id}` : `sign-in ${door.id} ${door.userId} ${door.studioId}`;

/** Sign-ins that hold, as keys, of instructors that still teach in the studio. */
async function signInsThatHold(ids: readonly string[]): Promise<readonly string[]> {
  if (ids.length === 0) return [];
  const rows = await db()
    .select({ id: signIn.id, userId: signIn.userId, studioId: member.studioId })
    .from(signIn)
    .innerJoin(member, eq(member.userId, signIn.userId))
    .where(and(inArray(signIn.id, [...ids]), gt(signIn.expiresAt, sql`now()`)));
  return rows.map((row) => doorKey({ kind: "sign-in", ...row }));
}

/** The keys of those doors that are still open: two questions, however many there are. */
export async function openDoors(doors: readonly Door[]): Promise<ReadonlySet<string>> {
  const ids = (kind: Door["kind"]) => [
    ...new Set(doors.flatMap((door) => (door.kind === kind ? [door.id] : []))),
  ];
  const [links, signIns] = await Promise.all([linksThatWork(ids("link")), signInsThatHold(ids("sign-in"))]);
  return new Set([...links.map((id) => doorKey({ kind: "link", id })), ...signIns]);
}
