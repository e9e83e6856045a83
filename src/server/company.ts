/** Who else has a class open, and where in it they are; good for some seconds, in no file and no log. */
import { and, eq, ne, sql } from "drizzle-orm";
import type { ClassDoc } from "../core/class/document";
import { findClass } from "./classes";
import { db } from "./db/client";
import { classes, classHere, user } from "./db/schema";
import { owned } from "./own-class";
import { Refused } from "./refused";

/** Who hasn't been heard of for so long is no longer there, seconds. */
const GONE_SECONDS = 12;

export interface Companion {
  readonly name: string;
  readonly block: string;
  readonly slot: string | null;
}

export interface Company {
  readonly others: readonly Companion[];
  readonly revision: number;
  /** The class as it stands, where the one who asks knows an older one. */
  readonly doc: ClassDoc | null;
}

/** Notes where somebody is in a class, and tells who else is there, and what they made of it. */
export async function beHere(
  who: { readonly studioId: string; readonly userId: string },
  classId: string,
  here: {
    readonly tab: string;
    readonly block: string;
    readonly slot: string | null;
    readonly revision: number;
  },
): Promise<Company> {
  const [stands] = await db()
    .select({ revision: classes.revision })
    .from(classes)
    .where(owned(who.studioId, classId));
  if (!stands) throw new Refused("not-found", "There is no such class here.");
  const { tab, block, slot } = here;
  const seen = { userId: who.userId, block, slot, at: sql`now()` };
  await db()
    .insert(classHere)
    .values({ classId, tab, ...seen })
    .onConflictDoUpdate({ target: [classHere.classId, classHere.tab], set: seen });
  const rows = await db()
    .select({ name: user.name, block: classHere.block, slot: classHere.slot })
    .from(classHere)
    .innerJoin(user, eq(user.id, classHere.userId))
    .where(
      and(
        eq(classHere.classId, classId),
        ne(classHere.tab, tab),
        sql`${classHere.at} > now() - make_interval(secs => ${GONE_SECONDS})`,
      ),
    )
    .orderBy(user.name, classHere.tab);
  // Asked every few seconds: the class itself is read only where there is another one.
  const newer = stands.revision === here.revision ? null : await findClass(who.studioId, classId);
  return { others: rows, revision: newer?.revision ?? stands.revision, doc: newer?.doc ?? null };
}

/** Forgets who was where. */
export async function forgetCompany(): Promise<void> {
  await db().delete(classHere).where(sql`${classHere.at} < now() - make_interval(mins => 10)`);
}
