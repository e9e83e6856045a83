/** The list of a studio's classes: in short, by tags, put away, and one made after another. */

import { and, desc, eq, isNotNull, isNull, max, sql } from "drizzle-orm";
import { type Outline, outlineOf } from "../core/effort/outline";
import { LIBRARY_BOOK } from "../core/moves/library";
import type { Language } from "../words/languages";
import { screenIn } from "../words/screens/screens";
import { createClass, findClass } from "./classes";
import { db } from "./db/client";
import { classes, session } from "./db/schema";
import { notOfSeason, owned } from "./own-class";
import { Refused } from "./refused";

export interface ShelvedClass extends Outline {
  readonly id: string;
  readonly tags: readonly string[];
  readonly archived: boolean;
  readonly updatedAtMs: number;
  /** The last time that it was taught to its end; null where it never was. */
  readonly taughtAtMs: number | null;
}

/** Outlines of classes by id, each of one revision: a list is read far more often than a class is changed. */
const outlines = new Map<string, { readonly revision: number; readonly outline: Outline }>();
const MOST_KEPT = 5000;

function outlined(row: { id: string; revision: number; doc: Parameters<typeof outlineOf>[0] }): Outline {
  const known = outlines.get(row.id);
  if (known?.revision === row.revision) return known.outline;
  const outline = outlineOf(row.doc, LIBRARY_BOOK);
  if (outlines.size >= MOST_KEPT) outlines.clear();
  outlines.set(row.id, { revision: row.revision, outline });
  return outline;
}

/** When each of a studio's classes was last taught to its end, ms. */
async function lastTaught(studioId: string): Promise<ReadonlyMap<string, number>> {
  const rows = await db()
    .select({ id: session.classId, at: max(session.endedAt) })
    .from(session)
    .where(and(eq(session.studioId, studioId), isNotNull(session.endedAt), isNotNull(session.classId)))
    .groupBy(session.classId);
  return new Map(rows.flatMap(({ id, at }) => (id && at ? [[id, at.getTime()]] : [])));
}

/** The studio's classes in short, the last edited first; those put away too. */
export async function listShelf(studioId: string): Promise<ShelvedClass[]> {
  const query = db()
    .select({
      id: classes.id,
      doc: classes.doc,
      revision: classes.revision,
      tags: classes.tags,
      archivedAt: classes.archivedAt,
      updatedAt: classes.updatedAt,
    })
    .from(classes)
    .where(and(eq(classes.studioId, studioId), isNull(classes.deletedAt), notOfSeason()))
    .orderBy(desc(classes.updatedAt), classes.id);
  const [rows, taught] = await Promise.all([query, lastTaught(studioId)]);
  return rows.map((row) => ({
    ...outlined(row),
    id: row.id,
    tags: row.tags,
    archived: row.archivedAt !== null,
    updatedAtMs: row.updatedAt.getTime(),
    taughtAtMs: taught.get(row.id) ?? null,
  }));
}

/** How many tags a class has at most, and how long each may be. */
export const TAGS = { most: 12, longest: 40 };

/** Tags as they are kept: without blanks at their ends, each once whatever its capitals. */
export function tidyTags(tags: readonly string[]): readonly string[] {
  const seen = new Set<string>();
  return tags
    .map((tag) => tag.trim().replace(/\s+/g, " "))
    .filter((tag) => {
      const key = tag.toLowerCase();
      if (tag === "" || seen.has(key)) return false;
      seen.add(key);
      return true;
    });
}

/** Other tags, or put away and back; what isn't named stays. */
export async function shelve(
  studioId: string,
  id: string,
  change: { readonly tags?: readonly string[]; readonly archived?: boolean },
): Promise<void> {
  const { tags, archived } = change;
  const rows = await db()
    .update(classes)
    .set({
      // What isn't named is set to what it is.
      tags: tags ? [...tidyTags(tags)] : sql`${classes.tags}`,
      archivedAt: archived === undefined ? sql`${classes.archivedAt}` : archived ? new Date() : null,
    })
    .where(owned(studioId, id))
    .returning({ id: classes.id });
  if (rows.length === 0) throw new Refused("not-found", "There is no such class here.");
}

const LONGEST_TITLE = 120;
/** Letters that what is said of a copy takes at the most. */
const MOST_SAID = 10;

/** Another class just like it, under a title that says so in a language; its tags come along. */
export async function copyClass(studioId: string, id: string, language: Language = "en"): Promise<string> {
  const stored = await findClass(studioId, id);
  if (!stored) throw new Refused("not-found", "There is no such class here.");
  const own = [...stored.doc.title].slice(0, LONGEST_TITLE - MOST_SAID).join("");
  const title = screenIn("classes", language)("again", { title: own });
  const made = await createClass(studioId, { ...stored.doc, title });
  const [row] = await db().select({ tags: classes.tags }).from(classes).where(owned(studioId, id));
  if (row && row.tags.length > 0) await shelve(studioId, made, { tags: row.tags });
  return made;
}
