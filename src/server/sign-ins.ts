/** Where an instructor is signed in, as they are told. */
import { and, desc, eq, gt, ne, sql } from "drizzle-orm";
import { db } from "./db/client";
import { signIn } from "./db/schema";
import type { Instructor } from "./who";

export interface SignIn {
  readonly id: string;
  readonly sinceMs: number;
  /** As the browser says. */
  readonly device: Device;
  readonly address: string;
  readonly here: boolean;
}

/** A browser and the system that it runs on; `none` where neither says anything. */
export interface Device {
  readonly browser: string;
  readonly system: string;
}

/** What a browser says of itself, in two words: it says far more than anybody wants to read. */
export function deviceOf(userAgent: string | null): Device {
  const text = userAgent ?? "";
  const browser = /(Edg|OPR|Firefox|Chrome|Safari)\//.exec(text)?.[1] ?? "none";
  const system = /(Windows|Android|iPhone|iPad|Mac OS X|Linux)/.exec(text)?.[1] ?? "none";
  const names: Readonly<Record<string, string>> = { Edg: "Edge", OPR: "Opera", "Mac OS X": "Mac" };
  return { browser: names[browser] ?? browser, system: names[system] ?? system };
}

/** Sign-ins that hold, the last first. */
export async function signInsOf({ userId, signInId }: Instructor): Promise<SignIn[]> {
  const rows = await db()
    .select({
      id: signIn.id,
      createdAt: signIn.createdAt,
      userAgent: signIn.userAgent,
      ipAddress: signIn.ipAddress,
    })
    .from(signIn)
    .where(and(eq(signIn.userId, userId), gt(signIn.expiresAt, sql`now()`)))
    .orderBy(desc(signIn.createdAt));
  return rows.map(({ id, createdAt, userAgent, ipAddress }) => ({
    id,
    sinceMs: createdAt.getTime(),
    device: deviceOf(userAgent),
    address: ipAddress ?? "",
    here: id === signInId,
  }));
}

/** Ends every sign-in of an instructor but the one that asks; gives how many. */
export async function endOtherSignIns({ userId, signInId }: Instructor): Promise<number> {
  const rows = await db()
    .delete(signIn)
    .where(and(eq(signIn.userId, userId), ne(signIn.id, signInId)))
    .returning({ id: signIn.id });
  return rows.length;
}
