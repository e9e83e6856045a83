/** What happens in a session: appended under the lock of its row, numbered without gaps, never changed. */
import { and, asc, desc, eq, gt, inArray, max, sql } from "drizzle-orm";
import { factsOf } from "../core/live/event-kinds";
import { personOf, type SessionCommand, type SessionEvent } from "../core/live/events";
import { GO_ON_MS } from "../core/live/fold";
import { mergeCommand } from "../core/live/merge";
import { isLongPast } from "../core/live/session";
import type { Substitute } from "../core/live/substitutes";
import type { Ms } from "../core/units";
import { freeze, LIGHT, type SessionRow, workAnew } from "./content";
import { db, type Tx, transaction } from "./db/client";
import { person, session, sessionEvent, sessionPerson, whereabouts } from "./db/schema";
import { sayIn } from "./live/said";
import { Refused } from "./refused";

/** The database's clock, which all others follow, asked inside a transaction. */
export async function nowIn(tx: Tx): Promise<Ms> {
  const result = await tx.execute<{ now: string }>(
    sql`select floor(extract(epoch from clock_timestamp()) * 1000) as now`,
  );
  return Number(result.rows[0]?.now);
}

/** `nowIn` where nothing is held. */
export function databaseNow(): Promise<Ms> {
  return nowIn(db());
}

/** Kind and payload were checked together before they were stored. */
const asEvent = ({ seq, commandId, kind, payload, at }: typeof sessionEvent.$inferSelect): SessionEvent =>
  ({ seq, id: commandId, kind, payload, atMs: at.getTime() }) as SessionEvent;

export async function eventsOf(tx: Tx, sessionId: string, after = 0): Promise<SessionEvent[]> {
  const rows = await tx
    .select()
    .from(sessionEvent)
    .where(and(eq(sessionEvent.sessionId, sessionId), gt(sessionEvent.seq, Math.min(after, MOST_SEQ))))
    .orderBy(asc(sessionEvent.seq));
  return rows.map(asEvent);
}

/** The last event of a session, which tells the next number and the earliest time. */
export async function lastOf(tx: Tx, sessionId: string): Promise<SessionEvent | undefined> {
  const [row] = await tx
    .select()
    .from(sessionEvent)
    .where(eq(sessionEvent.sessionId, sessionId))
    .orderBy(desc(sessionEvent.seq))
    .limit(1);
  return row && asEvent(row);
}

/** The event that a command became, where it was taken before. */
export async function takenAs(
  tx: Tx,
  sessionId: string,
  commandId: string,
): Promise<SessionEvent | undefined> {
  const [row] = await tx
    .select()
    .from(sessionEvent)
    .where(and(eq(sessionEvent.sessionId, sessionId), eq(sessionEvent.commandId, commandId)));
  return row && asEvent(row);
}

/**
 * A command that comes again counts once; one with an id that another one had is refused, since nobody could
 * tell which of them counted. What the server adds when it takes one is left out; an erased person's entry is any.
 */
export function sameOrRefused(taken: SessionEvent, command: SessionCommand): void {
  if (taken.kind === "erased") return;
  const sent = ({ kind, payload }: SessionCommand) => {
    const fields = factsOf(kind).payload;
    const own = Object.entries(payload).filter(([name]) => !fields[name]?.ours);
    return JSON.stringify(own.sort(([a], [b]) => (a < b ? -1 : 1)));
  };
  if (taken.kind !== command.kind || sent(taken) !== sent(command))
    throw new Refused("conflict", "Something else was sent under this number before: it is not done.");
}

/** The events of a session after a sequence number; for those who already know that it is theirs to see. */
export function eventsAfter(id: string, seq: number): Promise<readonly SessionEvent[]> {
  return eventsOf(db(), id, seq);
}

/** The last numbers of some sessions, by id; one in which nothing has happened has none. */
export async function lastSeqs(ids: readonly string[]): Promise<ReadonlyMap<string, number>> {
  if (ids.length === 0) return new Map();
  const rows = await db()
    .select({ id: sessionEvent.sessionId, seq: max(sessionEvent.seq) })
    .from(sessionEvent)
    .where(inArray(sessionEvent.sessionId, [...ids]))
    .groupBy(sessionEvent.sessionId);
  return new Map(rows.map(({ id, seq }) => [id, seq ?? 0]));
}

/** Locks a session of a studio for a change; what it is taught from isn't read. */
export async function lockSession(tx: Tx, studioId: string, id: string): Promise<SessionRow> {
  const [row] = await tx
    .select(LIGHT)
    .from(session)
    .where(and(eq(session.studioId, studioId), eq(session.id, id)))
    .for("update");
  if (!row) throw new Refused("not-found", "There is no such class here.");
  return row;
}

/** More events than a class ever has; the number is what a column of the database holds. */
const MOST_SEQ = 2_000_000_000;
/** Events of one session: forty people who press something every twenty seconds for two hours. */
export const MOST_EVENTS = 15_000;

/** Appends an event under the lock of its session's row, and tells whoever listens: only that, and of which session. */
export async function append(
  tx: Tx,
  id: string,
  command: SessionCommand,
  last: SessionEvent | undefined,
  nowMs: Ms,
  offlineAtMs: Ms | null = null,
): Promise<SessionEvent> {
  const atMs = Math.max(last?.atMs ?? 0, Math.min(nowMs, offlineAtMs ?? nowMs));
  const event: SessionEvent = { ...command, seq: (last?.seq ?? 0) + 1, atMs };
  await tx.insert(sessionEvent).values({
    sessionId: id,
    seq: event.seq,
    commandId: command.id,
    kind: command.kind,
    person: personOf(command),
    payload: command.payload,
    at: new Date(atMs),
  });
  await sayIn(tx, "events", id);
  return event;
}

/** Works parts anew and says so in the events: the caller holds the lock of the row. */
export async function announce(
  tx: Tx,
  row: SessionRow,
  change: {
    readonly person?: { readonly id: string; readonly rosterId: string };
    readonly substitute?: Substitute;
  },
  commandId: string = crypto.randomUUID(),
): Promise<void> {
  const person = change.person?.id;
  const before = hasStarted(row) ? await eventsOf(tx, row.id) : [];
  const version = await workAnew(
    tx,
    row,
    { ...(person ? { person } : {}), ...(change.substitute ? { substitute: change.substitute } : {}) },
    before,
  );
  const last = await lastOf(tx, row.id);
  const command: SessionCommand = change.substitute
    ? { id: commandId, kind: "substitute", payload: { version, ...change.substitute } }
    : {
        id: commandId,
        kind: "part",
        payload: { version, ...(change.person ? { person: change.person.rosterId } : {}) },
      };
  await append(tx, row.id, command, last, await nowIn(tx));
}

export interface CommandOutcome {
  readonly taken: boolean;
  /** What happened after the number that the sender had seen, this command included. */
  readonly events: readonly SessionEvent[];
  readonly nowMs: Ms;
}

/** Whether what is taught is frozen: from the start on, or at the end of a class that never was. */
export function hasStarted({ state }: Pick<SessionRow, "state">): boolean {
  return state === "running" || state === "ended";
}

/** Refuses to change a class that is over. */
export function refuseIfOver({ state }: Pick<SessionRow, "state">): void {
  if (state === "ended" || state === "cancelled") throw new Refused("conflict", "This class is over.");
}

const startsWith = (row: SessionRow, command: SessionCommand): command is SessionCommand<"start"> =>
  command.kind === "start" && !hasStarted(row);

/** The start of a class, with the version that is frozen for it. */
async function started(
  tx: Tx,
  row: SessionRow,
  command: SessionCommand<"start">,
): Promise<SessionCommand<"start">> {
  // Nobody's page shows it any more: people would miss it.
  if (isLongPast(row.startsAt.getTime(), null, await nowIn(tx)))
    throw new Refused("conflict", "The time of this class has long passed: move it to another time first.");
  return { ...command, payload: { ...command.payload, version: await freeze(tx, row) } };
}

/** @throws Refused where a class was cancelled, or can only be ended since so much has happened in it */
function refuseIfFull({ state }: SessionRow, { kind }: SessionCommand, lastSeq: number): void {
  if (lastSeq >= MOST_EVENTS && kind !== "end")
    throw new Refused("conflict", "So much has happened in this class that it can only be ended.");
  if (state === "cancelled") throw new Refused("conflict", "This class was cancelled.");
}

/** @throws Refused where an end is to be taken back that wasn't pressed within the last minute, in the middle of a class */
function refuseLate(row: SessionRow, { kind }: SessionCommand, atMs: Ms): void {
  if (kind !== "go-on") return;
  const { endedAt, startedAt, state } = row;
  if (state !== "ended" || !endedAt || !startedAt || atMs - endedAt.getTime() > GO_ON_MS)
    throw new Refused("conflict", "An end can be taken back within a minute.");
}

/** What a start and an end do to the session itself. */
async function follow(tx: Tx, row: SessionRow, command: SessionCommand, at: Date): Promise<void> {
  const { id } = row;
  if (command.kind === "go-on" || command.kind === "start" || command.kind === "end")
    await sayIn(tx, "sessions", row.studioId);
  if (command.kind === "go-on")
    await tx.update(session).set({ state: "running", endedAt: null }).where(eq(session.id, id));
  if (startsWith(row, command))
    await tx.update(session).set({ state: "running", startedAt: at }).where(eq(session.id, id));
  if (command.kind !== "end" || row.state === "ended") return;
  // A class that is ended without ever having been started keeps what it would have been.
  await freeze(tx, row);
  await tx.update(session).set({ state: "ended", endedAt: at }).where(eq(session.id, id));
  await tx.delete(whereabouts).where(eq(whereabouts.sessionId, id));
}

/**
 * Takes a command. The row of the session is locked while the sequence number is counted up, so that
 * numbers have no gaps and follow the order of commits. `offlineAtMs`: when the lead device did it
 * without a connection, by its estimate of this clock; kept between the last event and now.
 * Starting freezes what is taught; ending forgets where people are.
 */
export async function takeCommand(
  studioId: string,
  id: string,
  command: SessionCommand,
  seenSeq: number,
  offlineAtMs: Ms | null,
): Promise<CommandOutcome> {
  return transaction(async (tx) => {
    const row = await lockSession(tx, studioId, id);
    const before = await takenAs(tx, id, command.id);
    if (before) sameOrRefused(before, command);
    const events = await eventsOf(tx, id, seenSeq);
    const merged = before ? "again" : mergeCommand(command, events, seenSeq);
    // A class is started once: whoever presses second sees it running.
    const second = command.kind === "start" && row.state === "running";
    if (merged !== "taken" || second) return { taken: merged === "again", events, nowMs: await nowIn(tx) };
    const last = events.at(-1) ?? (await lastOf(tx, id));
    refuseIfFull(row, command, last?.seq ?? 0);
    const full = startsWith(row, command) ? await started(tx, row, command) : command;
    const nowMs = await nowIn(tx);
    refuseLate(row, command, Math.min(nowMs, offlineAtMs ?? nowMs));
    const event = await append(tx, id, full, last, nowMs, offlineAtMs);
    await follow(tx, row, command, new Date(event.atMs));
    return { taken: true, events: [...events, event], nowMs };
  });
}

/** Changes a slot's move, for the room or for one person. */
export async function substituteMove(
  studioId: string,
  id: string,
  commandId: string,
  substitute: Substitute,
): Promise<void> {
  await transaction(async (tx) => {
    const row = await lockSession(tx, studioId, id);
    const taken = await takenAs(tx, id, commandId);
    // Which version it made is known once it is taken.
    const version = taken?.kind === "substitute" ? taken.payload.version : 0;
    if (taken)
      return sameOrRefused(taken, { id: commandId, kind: "substitute", payload: { ...substitute, version } });
    refuseIfOver(row);
    if (substitute.person === undefined) return announce(tx, row, { substitute }, commandId);
    const [found] = await tx
      .select({ id: person.id })
      .from(sessionPerson)
      .innerJoin(person, eq(person.id, sessionPerson.personId))
      .where(and(eq(sessionPerson.sessionId, id), eq(person.rosterId, substitute.person)));
    if (!found) throw new Refused("not-found", "There is no such person in this class.");
    await announce(tx, row, { substitute, person: { id: found.id, rosterId: substitute.person } }, commandId);
  });
}
