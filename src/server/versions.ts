/** Versions of a class: kept by themselves before changes after a pause, and under names that people give. */
import { and, desc, eq, isNull, sql } from "drizzle-orm";
import type { ClassDoc } from "../core/class/document";
import { db, type Tx, transaction } from "./db/client";
import { classes, classVersion, user } from "./db/schema";
import { owned } from "./own-class";
import { Refused, sentence } from "./refused";

/** A change that comes so long after the last version keeps what stood before it, minutes. */
const PAUSE_MINUTES = 10;
/** So many are kept by themselves; those with a name stay until they are taken away. */
const KEPT = 50;
/** A name. */
export const VERSION_NAME = { longest: 80 } as const;
/** Named versions of one class. */
const MOST_NAMED = 200;

export interface VersionLine {
  readonly id: string;
  readonly atMs: number;
  /** Null where it was kept by itself. */
  readonly name: string | null;
  /** The instructor who named it, or whose changes came after it; null once they are gone. */
  readonly by: string | null;
}

/** Keeps a class as it stands before somebody's changes, unless a version was kept a short while ago. Within the lock on its row. */
export async function keepBefore(
  tx: Tx,
  row: { readonly id: string; readonly doc: ClassDoc; readonly revision: number },
  userId: string,
): Promise<void> {
  const [last] = await tx
    .select({ id: classVersion.id })
    .from(classVersion)
    .where(
      and(
        eq(classVersion.classId, row.id),
        isNull(classVersion.name),
        sql`${classVersion.at} > now() - make_interval(mins => ${PAUSE_MINUTES})`,
      ),
    )
    .limit(1);
  if (last) return;
  const { id: classId, doc, revision } = row;
  // Of an account that is gone meanwhile nothing is left to name.
  const known = sql`(select ${user.id} from ${user} where ${user.id} = ${userId})`;
  await tx.insert(classVersion).values({ classId, doc, revision, userId: known });
  const newest = tx
    .select({ id: classVersion.id })
    .from(classVersion)
    .where(and(eq(classVersion.classId, classId), isNull(classVersion.name)))
    .orderBy(desc(classVersion.at))
    .limit(KEPT);
  await tx
    .delete(classVersion)
    .where(
      and(
        eq(classVersion.classId, classId),
        isNull(classVersion.name),
        sql`${classVersion.id} not in ${newest}`,
      ),
    );
}

async function ownClass(tx: Tx, studioId: string, classId: string) {
  const [row] = await tx
    .select({ id: classes.id, doc: classes.doc, revision: classes.revision })
    .from(classes)
    .where(owned(studioId, classId));
  if (!row) throw new Refused("not-found", "There is no such class here.");
  return row;
}

/** The versions of a class, the newest first. */
export async function listVersions(studioId: string, classId: string): Promise<VersionLine[]> {
  await ownClass(db(), studioId, classId);
  const rows = await db()
    .select({ id: classVersion.id, at: classVersion.at, name: classVersion.name, by: user.name })
    .from(classVersion)
    .leftJoin(user, eq(user.id, classVersion.userId))
    .where(eq(classVersion.classId, classId))
    .orderBy(desc(classVersion.at), classVersion.id);
  return rows.map(({ at, ...row }) => ({ ...row, atMs: at.getTime() }));
}

/** What a class was in a version. */
export async function versionDoc(studioId: string, classId: string, id: string): Promise<ClassDoc> {
  await ownClass(db(), studioId, classId);
  const [row] = await db()
    .select({ doc: classVersion.doc })
    .from(classVersion)
    .where(and(eq(classVersion.id, id), eq(classVersion.classId, classId)));
  if (!row) throw new Refused("not-found", "There is no such version.");
  return row.doc;
}

/** Keeps the class as it stands now under a name. */
export async function nameVersion(
  who: { readonly studioId: string; readonly userId: string },
  classId: string,
  name: string,
): Promise<{ readonly id: string }> {
  return transaction(async (tx) => {
    const row = await ownClass(tx, who.studioId, classId);
    const named = await tx
      .select({ id: classVersion.id })
      .from(classVersion)
      .where(and(eq(classVersion.classId, classId), sql`${classVersion.name} is not null`));
    if (named.length >= MOST_NAMED)
      throw new Refused(
        "invalid",
        sentence("A class has up to {most} named versions. Take one away first.", { most: MOST_NAMED }),
      );
    const { doc, revision } = row;
    const [made] = await tx
      .insert(classVersion)
      .values({ classId, doc, revision, name, userId: who.userId })
      .returning({ id: classVersion.id });
    if (!made) throw new Error("the version was not stored");
    return made;
  });
}

/** Takes a version away. */
export async function dropVersion(studioId: string, classId: string, id: string): Promise<void> {
  await ownClass(db(), studioId, classId);
  const gone = await db()
    .delete(classVersion)
    .where(and(eq(classVersion.id, id), eq(classVersion.classId, classId)))
    .returning({ id: classVersion.id });
  if (gone.length === 0) throw new Refused("not-found", "There is no such version.");
}
