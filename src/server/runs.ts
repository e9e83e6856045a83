/** Taught classes: what was frozen when one began, and the events since. */
import { and, asc, desc, eq, gt, isNull, or, sql } from "drizzle-orm";
import { classBook } from "../core/class/check-class";
import { type ClassDoc, slotsOf } from "../core/class/document";
import { MARKS, type Mark } from "../core/homes/home";
import type { RunCommand, RunEvent } from "../core/live/events";
import { mergeCommand } from "../core/live/merge";
import { peopleNow } from "../core/live/people-now";
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
  /** null for a class that was taught before levels could change on the spot. */
  readonly partsByMark: Readonly<Record<Mark, readonly Part[]>> | null;
  readonly moves: readonly KnownMove[];
}

const RUN_COLUMNS = {
  id: run.id,
  classId: run.classId,
  doc: run.doc,
  parts: run.parts,
  partsByMark: run.partsByMark,
  moves: run.moves,
};

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
  const partsByMark = await partsAtMarks(studioId, stored.doc);
  const moves = movesUsed(stored.doc, [...parts, ...MARKS.flatMap((mark) => partsByMark[mark])]);
  const [row] = await db()
    .insert(run)
    .values({ studioId, classId, doc: stored.doc, parts, partsByMark, moves })
    .returning({ id: run.id });
  if (!row) throw new Error("the run was not stored");
  return row.id;
}

/** Everyone's part as if their level were each of the three, in all patterns. */
async function partsAtMarks(
  studioId: string,
  doc: ClassDoc,
): Promise<Readonly<Record<Mark, readonly Part[]>>> {
  const people = (await listPeople(studioId)).map((row) => row.doc);
  const { changeOver } = await settingsOf(studioId);
  const at = (mark: Mark) =>
    partsFor(
      doc,
      people.map(({ marks: _marks, ...person }) => ({ ...person, mark })),
      LIBRARY_BOOK,
      { table: changeOver },
    );
  return { flat: at("flat"), natural: at("natural"), sharp: at("sharp") };
}

/** One taught class, or null where this studio has none of that id. */
export async function findRun(studioId: string, id: string): Promise<StoredRun | null> {
  const [row] = await db().select(RUN_COLUMNS).from(run).where(owned(studioId, id));
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

/** Appends an event under the lock of its run's row, and tells whoever listens: only that, and of which run. */
async function append(
  tx: Tx,
  id: string,
  command: RunCommand,
  events: readonly RunEvent[],
  nowMs: Ms,
  offlineAtMs: Ms | null,
): Promise<RunEvent> {
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
  await tx.execute(sql`select pg_notify('run_events', ${id})`);
  return event;
}

/** Most entries of one person a minute: nobody presses faster. */
const MOST_ENTRIES = 60;

/** Takes what a participant entered; sent twice it counts once. The caller has checked that the run is theirs. */
export async function takeEntry(id: string, command: RunCommand, offlineAtMs: Ms | null): Promise<void> {
  await db().transaction(async (tx) => {
    const [row] = await tx.select({ id: run.id }).from(run).where(eq(run.id, id)).for("update");
    if (!row) throw new Refused("not-found", "There is no such class here.");
    const events = await eventsOf(tx, id);
    if (events.some((event) => event.id === command.id)) return;
    const nowMs = await databaseNow(tx);
    const lately = events.filter(
      (event) => event.payload.person === command.payload.person && event.atMs > nowMs - 60_000,
    );
    // Nobody who says that it hurts is told to wait; saying it again before the answer adds nothing.
    const hurts = command.kind === "hurt";
    if (hurts && peopleNow(events).hurt.some(({ person }) => person === command.payload.person)) return;
    if (!hurts && lately.length >= MOST_ENTRIES)
      throw new Refused("conflict", "That is too often: wait a moment.");
    if (events.some((event) => event.kind === "end")) return;
    await append(tx, id, command, events, nowMs, offlineAtMs);
  });
}

/** The events of a run after a sequence number; for those who already know that it is theirs to see. */
export async function eventsAfter(id: string, seq: number): Promise<readonly RunEvent[]> {
  return (await eventsOf(db(), id)).filter((event) => event.seq > seq);
}

/** How long a class that was never ended counts as going on, hours. */
const OPEN_HOURS = 8;

/** Whether a class of this studio was frozen with a part for this person in it. */
export async function runHas(studioId: string, id: string, personDocId: string): Promise<boolean> {
  const inIt = sql`exists (select 1 from json_array_elements(${run.parts}) as part where part->>'person' = ${personDocId})`;
  const rows = await db()
    .select({ id: run.id })
    .from(run)
    .where(and(owned(studioId, id), inIt));
  return rows.length > 0;
}

function goingOn(studioId: string) {
  return and(
    eq(run.studioId, studioId),
    gt(run.createdAt, sql`now() - make_interval(hours => ${OPEN_HOURS})`),
    or(isNull(run.endedAt), gt(run.endedAt, sql`now() - interval '1 hour'`)),
  );
}

/** The studio's class that is going on, or that ended within the hour: the latest; null where there is none. */
export async function currentRun(
  studioId: string,
): Promise<(StoredRun & { readonly partsByMark: Readonly<Record<Mark, readonly Part[]>> | null }) | null> {
  const [row] = await db()
    .select(RUN_COLUMNS)
    .from(run)
    .where(goingOn(studioId))
    .orderBy(desc(run.createdAt))
    .limit(1);
  return row ?? null;
}

/** Its id alone, which is asked for often. */
export async function currentRunId(studioId: string): Promise<string | null> {
  const [row] = await db()
    .select({ id: run.id })
    .from(run)
    .where(goingOn(studioId))
    .orderBy(desc(run.createdAt))
    .limit(1);
  return row?.id ?? null;
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
    const event = await append(tx, id, command, events, nowMs, offlineAtMs);
    const { atMs } = event;
    if (command.kind === "end") {
      await tx
        .update(run)
        .set({ endedAt: new Date(atMs) })
        .where(and(owned(studioId, id), isNull(run.endedAt)));
    }
    return { taken: true, events: [...events, event], nowMs };
  });
}
