/** Taught classes: what was frozen when one began, and the events since. */
import { and, asc, eq, isNull, sql } from "drizzle-orm";
import { classBook } from "../core/class/check-class";
import { type ClassDoc, slotsOf } from "../core/class/document";
import type { RunCommand, RunEvent } from "../core/live/events";
import { mergeCommand } from "../core/live/merge";
import { type KnownMove, resolveMove } from "../core/moves/book";
import { LIBRARY_BOOK } from "../core/moves/library";
import type { Part } from "../core/parts/part";
import { partsFor } from "../core/parts/parts";
import type { Ms } from "../core/units";
import { findClass } from "./classes";
import { type Database, db } from "./db/client";
import { run, runEvent } from "./db/schema";
import { listPeople } from "./people";
import { Refused } from "./refused";
import { settingsOf } from "./studios";

export interface StoredRun {
  readonly id: string;
  readonly classId: string | null;
  readonly doc: ClassDoc;
  readonly parts: readonly Part[];
  readonly moves: readonly KnownMove[];
}

type Tx = Pick<Database, "select" | "insert" | "execute" | "update">;

function owned(studioId: string, id: string) {
  return and(eq(run.studioId, studioId), eq(run.id, id));
}

/** Every move that the class or somebody's part names, once. */
function movesUsed(doc: ClassDoc, parts: readonly Part[]): KnownMove[] {
  const book = classBook(doc, LIBRARY_BOOK);
  const used = new Map<string, KnownMove>();
  const add = (move: KnownMove | undefined) => move && used.set(move.id ?? move.name, move);
  for (const block of doc.blocks) for (const slot of slotsOf(block)) add(resolveMove(slot.move, book));
  for (const part of parts) for (const slot of part.slots) if (slot.move) add(book.get(slot.move));
  return [...used.values()];
}

/** Begins to teach a class: freezes the document, the moves and everyone's part. */
export async function createRun(studioId: string, classId: string): Promise<string> {
  const stored = await findClass(studioId, classId);
  if (!stored) throw new Refused("not-found", "There is no such class here.");
  const people = await listPeople(studioId);
  const parts = partsFor(
    stored.doc,
    people.map((row) => row.doc),
    LIBRARY_BOOK,
    { table: (await settingsOf(studioId)).changeOver },
  );
  const moves = movesUsed(stored.doc, parts);
  const [row] = await db()
    .insert(run)
    .values({ studioId, classId, doc: stored.doc, parts, moves })
    .returning({ id: run.id });
  if (!row) throw new Error("the run was not stored");
  return row.id;
}

/** One taught class, or null where this studio has none of that id. */
export async function findRun(studioId: string, id: string): Promise<StoredRun | null> {
  const [row] = await db()
    .select({ id: run.id, classId: run.classId, doc: run.doc, parts: run.parts, moves: run.moves })
    .from(run)
    .where(owned(studioId, id));
  return row ?? null;
}

async function eventsOf(tx: Tx, runId: string): Promise<RunEvent[]> {
  const rows = await tx.select().from(runEvent).where(eq(runEvent.runId, runId)).orderBy(asc(runEvent.seq));
  return rows.map(({ seq, commandId, kind, payload, at }) => ({
    seq,
    id: commandId,
    kind,
    payload,
    atMs: at.getTime(),
  }));
}

/** The database's clock, which all others follow. */
export async function databaseNow(tx: Tx = db()): Promise<Ms> {
  const result = await tx.execute<{ now: string }>(
    sql`select floor(extract(epoch from clock_timestamp()) * 1000) as now`,
  );
  return Number(result.rows[0]?.now);
}

/** The events of a run in order. */
export async function listRunEvents(studioId: string, id: string): Promise<RunEvent[]> {
  if (!(await findRun(studioId, id))) throw new Refused("not-found", "There is no such class here.");
  return eventsOf(db(), id);
}

export interface CommandOutcome {
  readonly taken: boolean;
  readonly events: readonly RunEvent[];
  readonly nowMs: Ms;
}

/**
 * Takes a command. The row of the run is locked while the sequence number is counted up, so that
 * numbers have no gaps and follow the order of commits. `offlineAtMs`: when the lead device did it
 * without a connection, by its estimate of this clock; kept between the last event and now.
 */
export async function takeCommand(
  studioId: string,
  id: string,
  command: RunCommand,
  seenSeq: number,
  offlineAtMs: Ms | null,
): Promise<CommandOutcome> {
  return db().transaction(async (tx) => {
    const [row] = await tx.select({ id: run.id }).from(run).where(owned(studioId, id)).for("update");
    if (!row) throw new Refused("not-found", "There is no such class here.");
    const events = await eventsOf(tx, id);
    const nowMs = await databaseNow(tx);
    const merged = mergeCommand(command, events, seenSeq);
    if (merged !== "taken") return { taken: merged === "again", events, nowMs };
    const last = events.at(-1);
    const atMs = Math.max(last?.atMs ?? 0, Math.min(nowMs, offlineAtMs ?? nowMs));
    const event: RunEvent = { ...command, seq: (last?.seq ?? 0) + 1, atMs };
    await tx.insert(runEvent).values({
      runId: id,
      seq: event.seq,
      commandId: command.id,
      kind: command.kind,
      payload: command.payload,
      at: new Date(atMs),
    });
    if (command.kind === "end") {
      await tx
        .update(run)
        .set({ endedAt: new Date(atMs) })
        .where(and(owned(studioId, id), isNull(run.endedAt)));
    }
    return { taken: true, events: [...events, event], nowMs };
  });
}
