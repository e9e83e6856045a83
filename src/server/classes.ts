/** Classes of a studio. Every function takes the studio that asks, and sees nothing else. */

import { and, desc, eq, inArray, isNull } from "drizzle-orm";
import { checkClass } from "../core/class/check-class";
import { NOTHING } from "../core/class/commands";
import type { ClassDoc } from "../core/class/document";
import type { Edit } from "../core/class/edits";
import { applyChecked, type Refusal } from "../core/class/history";
import { LIBRARY_BOOK } from "../core/moves/library";
import { db, type Tx, transaction } from "./db/client";
import { classEdit, classes } from "./db/schema";
import { notOfSeason, owned } from "./own-class";
import { notStored, Refused } from "./refused";
import { keepBefore } from "./versions";

export interface StoredClass {
  readonly id: string;
  readonly doc: ClassDoc;
  readonly revision: number;
  readonly updatedAt: Date;
}

const COLUMNS = {
  id: classes.id,
  doc: classes.doc,
  revision: classes.revision,
  updatedAt: classes.updatedAt,
};

/** The studio's classes that aren't put away nor a season's own, the last edited first. */
export async function listClasses(studioId: string): Promise<StoredClass[]> {
  return db()
    .select(COLUMNS)
    .from(classes)
    .where(
      and(
        eq(classes.studioId, studioId),
        isNull(classes.deletedAt),
        isNull(classes.archivedAt),
        notOfSeason(),
      ),
    )
    .orderBy(desc(classes.updatedAt), classes.id);
}

/** One class, or null where this studio has none of that id. */
export async function findClass(studioId: string, id: string): Promise<StoredClass | null> {
  const [row] = await db().select(COLUMNS).from(classes).where(owned(studioId, id));
  return row ?? null;
}

/** Stores a document after checking it; nothing is stored where it has faults. */
export async function createClass(studioId: string, input: unknown): Promise<string> {
  const checked = checkClass(input, LIBRARY_BOOK);
  if (!checked.ok) throw notStored(checked.error);
  const [row] = await db()
    .insert(classes)
    .values({ studioId, title: checked.value.title, doc: checked.value })
    .returning({ id: classes.id });
  if (!row) throw new Error("the class was not stored");
  return row.id;
}

/** What is left of an edit that named a person who was erased. */
const ERASED_EDIT = JSON.stringify(NOTHING);

export interface SentEdit {
  readonly id: string;
  readonly edit: Edit;
}

export interface EditsOutcome {
  readonly revision: number;
  /** The document as it stands now, where others' edits are in it too; null where the sender has it already. */
  readonly doc: ClassDoc | null;
  readonly refused: readonly { readonly id: string; readonly why: Refusal }[];
  /** Edits that weren't looked at: of a very large class only some are taken at once. They are sent again. */
  readonly left: readonly string[];
}

/** Each edit is checked against the whole class: so many characters of it are checked in one request. */
const MOST_CHECKED = 6_000_000;
/** Some are always taken, however large the class. */
const LEAST_AT_ONCE = 5;

/** Edits under these numbers that were taken before, as JSON. */
async function takenEdits(
  tx: Tx,
  classId: string,
  edits: readonly SentEdit[],
): Promise<ReadonlyMap<string, string>> {
  const ids = edits.map((sent) => sent.id);
  const known = await tx
    .select({ id: classEdit.editId, edit: classEdit.edit })
    .from(classEdit)
    .where(and(eq(classEdit.classId, classId), inArray(classEdit.editId, ids)));
  return new Map(known.map(({ id, edit }) => [id, JSON.stringify(edit)]));
}

/** A class with those edits made that can be; one that comes again counts once, another one under its number is told, not guessed. */
function applied(before: ClassDoc, edits: readonly SentEdit[], taken: ReadonlyMap<string, string>) {
  const refused: { id: string; why: Refusal }[] = [];
  const accepted: SentEdit[] = [];
  let doc = before;
  for (const { id, edit } of edits) {
    const known = taken.get(id);
    if (known !== undefined) {
      const isSame = known === JSON.stringify(edit) || known === ERASED_EDIT;
      if (!isSame) refused.push({ id, why: { code: "taken", what: "edit", id } });
      continue;
    }
    const next = applyChecked(doc, edit, LIBRARY_BOOK);
    if (next.ok) {
      doc = next.value;
      accepted.push({ id, edit });
    } else refused.push({ id, why: next.error });
  }
  return { doc, accepted, refused };
}

/**
 * Applies edits in order to the class as it stands, whatever revision they were made on: they name
 * blocks and slots by id, and each is checked again. One that no longer fits is told, not dropped.
 */
export async function applyEdits(
  who: { readonly studioId: string; readonly userId: string },
  id: string,
  base: number,
  edits: readonly SentEdit[],
): Promise<EditsOutcome> {
  return transaction(async (tx) => {
    const [row] = await tx.select(COLUMNS).from(classes).where(owned(who.studioId, id)).for("update");
    if (!row) throw new Refused("not-found", "There is no such class here.");
    const taken = await takenEdits(tx, id, edits);
    const most = Math.max(LEAST_AT_ONCE, Math.floor(MOST_CHECKED / JSON.stringify(row.doc).length));
    const { doc, accepted, refused } = applied(row.doc, edits.slice(0, most), taken);
    const revision = row.revision + (accepted.length > 0 ? 1 : 0);
    if (accepted.length > 0) {
      await keepBefore(tx, row, who.userId);
      await tx
        .update(classes)
        .set({ title: doc.title, doc, revision, updatedAt: new Date() })
        .where(owned(who.studioId, id));
      await tx.insert(classEdit).values(
        accepted.map(({ id: editId, edit }) => ({
          classId: id,
          editId,
          revision,
          userId: who.userId,
          edit,
        })),
      );
    }
    const sameBase = row.revision === base && refused.length === 0;
    const left = edits.slice(most).map((sent) => sent.id);
    return { revision, doc: sameBase ? null : doc, refused, left };
  });
}

/** Takes a class off the list. What was taught from it stays. */
export async function deleteClass(studioId: string, id: string): Promise<void> {
  const rows = await db()
    .update(classes)
    .set({ deletedAt: new Date() })
    .where(owned(studioId, id))
    .returning({ id: classes.id });
  if (rows.length === 0) throw new Refused("not-found", "There is no such class here.");
}
