/** The studio's own moves: the library's form, with the library's checks. */
import { and, eq, ne } from "drizzle-orm";
import { bookWith } from "../core/moves/book";
import { checkOwn } from "../core/moves/check-own";
import { LIBRARY_BOOK } from "../core/moves/library";
import type { Move } from "../core/moves/move";
import { db, type Tx, transaction } from "./db/client";
import { ownMove } from "./db/schema";
import { mergedWith } from "./merging";
import { notStored, Refused, sentence } from "./refused";

export interface StoredMove {
  readonly id: string;
  readonly doc: Move;
}

const COLUMNS = { id: ownMove.id, doc: ownMove.doc };

function owned(studioId: string, id: string) {
  return and(eq(ownMove.studioId, studioId), eq(ownMove.id, id));
}

/** The studio's own moves, by name. */
export async function listMoves(studioId: string): Promise<StoredMove[]> {
  const rows = await db().select(COLUMNS).from(ownMove).where(eq(ownMove.studioId, studioId));
  return rows.sort((a, b) => a.doc.name.localeCompare(b.doc.name, "en") || (a.id < b.id ? -1 : 1));
}

async function checked(tx: Tx, studioId: string, input: unknown, except: string | null): Promise<Move> {
  const where =
    except === null
      ? eq(ownMove.studioId, studioId)
      : and(eq(ownMove.studioId, studioId), ne(ownMove.id, except));
  const others = await tx.select(COLUMNS).from(ownMove).where(where);
  const result = checkOwn(
    input,
    bookWith(
      LIBRARY_BOOK,
      others.map((row) => row.doc),
    ),
  );
  if (result.ok) return result.value;
  throw notStored(result.error);
}

/** Own moves of one studio: each class may carry as many as two hundred of them. */
const MOST_MOVES = 300;

/** Adds a move of the studio's own. */
export async function createMove(studioId: string, input: unknown): Promise<string> {
  if ((await listMoves(studioId)).length >= MOST_MOVES)
    throw new Refused(
      "invalid",
      sentence("Nothing was stored: a studio has at most {most} moves of its own.", { most: MOST_MOVES }),
    );
  const doc = await checked(db(), studioId, input, null);
  const [row] = await db()
    .insert(ownMove)
    .values({ studioId, moveId: doc.id, doc })
    .onConflictDoNothing()
    .returning({ id: ownMove.id });
  if (!row)
    throw new Refused("conflict", sentence("There is a move with the id {id} already.", { id: doc.id }));
  return row.id;
}

/** Stores a changed move. Its id stays: classes name it. What others changed since `before` stays too. */
export async function updateMove(
  studioId: string,
  id: string,
  input: Record<string, unknown>,
  before: Record<string, unknown> | null = null,
): Promise<void> {
  await transaction(async (tx) => {
    const [row] = await tx.select(COLUMNS).from(ownMove).where(owned(studioId, id)).for("update");
    if (!row) throw new Refused("not-found", "There is no such move here.");
    const doc = await checked(tx, studioId, { ...mergedWith(before, input, row.doc), id: row.doc.id }, id);
    await tx.update(ownMove).set({ doc, updatedAt: new Date() }).where(owned(studioId, id));
  });
}

/** Removes a move from the studio's own; classes that use it keep their copy. */
export async function deleteMove(studioId: string, id: string): Promise<void> {
  const rows = await db().delete(ownMove).where(owned(studioId, id)).returning({ id: ownMove.id });
  if (rows.length === 0) throw new Refused("not-found", "There is no such move here.");
}
