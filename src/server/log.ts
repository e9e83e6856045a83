/** What was written down of sessions: appended only, read back with what the clock and the parts say. */
import { and, asc, eq } from "drizzle-orm";
import { findSlot } from "../core/class/document";
import type { Mark } from "../core/homes/home";
import type { SessionEvent } from "../core/live/events";
import { scoreOfKept } from "../core/live/live-score";
import { peopleNow } from "../core/live/people-now";
import { withPicks } from "../core/live/picks";
import type { SessionContent } from "../core/live/session";
import { isNews, keptOf, type LogEntry, type SlotDone, type Written } from "../core/log/entries";
import { doneIn, type LoggedPerson, type SessionLog } from "../core/log/log-file";
import { prefilled, recordOf } from "../core/log/record";
import { taughtSets, withTaught } from "../core/log/working-sets";
import { LIBRARY_BOOK } from "../core/moves/library";
import type { Part, PartSlot } from "../core/parts/part";
import type { LoggedClass } from "../core/progress/from-log";
import { dayOf } from "../core/units";
import { contentOf, frozenContent, type WholeSessionRow } from "./content";
import { db, type Tx, transaction } from "./db/client";
import { logEntry, person, sessionPerson } from "./db/schema";
import { Refused } from "./refused";
import { eventsAfter, eventsOf, lockSession, nowIn } from "./session-events";
import { listSessions, needSession, sessionsOfPerson } from "./sessions";

/** Everything that was entered into the log of a session, in its order. */
export async function entriesOf(tx: Tx, sessionId: string): Promise<LogEntry[]> {
  const rows = await tx
    .select({
      person: person.rosterId,
      field: logEntry.field,
      value: logEntry.value,
      by: logEntry.author,
      at: logEntry.at,
    })
    .from(logEntry)
    .innerJoin(person, eq(person.id, logEntry.personId))
    .where(eq(logEntry.sessionId, sessionId))
    .orderBy(asc(logEntry.id));
  // What is stored was checked when it was written: a field stands with a value of its kind.
  return rows.map(({ at, ...rest }) => ({ ...rest, atMs: at.getTime() }) as LogEntry);
}

/**
 * Writes down something about a person in a session that is over or running. What stands there already
 * isn't written again; what stood there before stays. `author`: `BY_SELF` or the instructor's name.
 */
export async function write(
  studioId: string,
  sessionId: string,
  personId: string,
  author: string,
  entries: readonly Written[],
): Promise<void> {
  await transaction(async (tx) => {
    const row = await lockSession(tx, studioId, sessionId);
    if (row.state !== "running" && row.state !== "ended")
      throw new Refused("conflict", "This class hasn't been taught yet.");
    const [asked] = await tx
      .select({ rosterId: person.rosterId })
      .from(sessionPerson)
      .innerJoin(person, eq(person.id, sessionPerson.personId))
      .where(and(eq(sessionPerson.sessionId, sessionId), eq(sessionPerson.personId, personId)));
    if (!asked) throw new Refused("not-found", "There is no such person in this class.");
    const known = await entriesOf(tx, sessionId);
    const fresh = entries.filter((entry) => isNews(known, asked.rosterId, entry));
    if (fresh.length === 0) return;
    const at = new Date(await nowIn(tx));
    await tx
      .insert(logEntry)
      .values(fresh.map(({ field, value }) => ({ sessionId, personId, field, value, author, at })));
    await teach(tx, row, personId, asked.rosterId, fresh);
  });
}

/** What was confirmed is known of the person from now on. */
async function teach(
  tx: Tx,
  row: { readonly id: string; readonly startsAt: Date },
  personId: string,
  rosterId: string,
  entries: readonly Written[],
): Promise<void> {
  const slots = new Map<string, SlotDone>();
  for (const { field, value } of entries) {
    if (field.startsWith("slot:") && value) slots.set(field.slice("slot:".length), value as SlotDone);
  }
  const content = slots.size === 0 ? null : await frozenContent(tx, row.id);
  if (!content) return;
  const at = partAt(content, await eventsOf(tx, row.id, 0), rosterId);
  // As the library knows a move now: what was frozen may be older than the scale of strength.
  const moveOf = (id: string) => LIBRARY_BOOK.get(id) ?? content.moves.find((move) => move.id === id);
  const slotAt = (slot: string, mark: Mark | undefined) =>
    taughtMove(
      (at(mark ?? null) ?? at(null))?.slots.find((own) => own.slot === slot),
      content,
    );
  const sets = taughtSets(slots, slotAt, moveOf, dayOf(row.startsAt.getTime()));
  if (sets.length === 0) return;
  const [found] = await tx
    .select({ doc: person.doc })
    .from(person)
    .where(eq(person.id, personId))
    .for("update");
  if (!found) return;
  const workingSets = withTaught(found.doc.workingSets ?? [], sets);
  await tx
    .update(person)
    .set({ doc: { ...found.doc, workingSets }, updatedAt: new Date() })
    .where(eq(person.id, personId));
}

/** Which session a log is of. */
type LoggedSession = Pick<WholeSessionRow, "id" | "startsAt" | "timeZone" | "endedAt">;

/** A person's part at a level, with what they picked where the class left the choice. */
function partAt(
  content: SessionContent,
  events: readonly SessionEvent[],
  rosterId: string,
): (mark: Mark | null) => Part | undefined {
  const picks = peopleNow(events).picks.get(rosterId);
  return (mark) => {
    const parts = mark === null ? content.parts : content.partsByMark[mark];
    const own = parts.find((part) => part.person === rosterId);
    return own && withPicks(own, picks);
  };
}

/** The move whose strength a slot's set teaches: what was done; of a move by name the one that it is like. */
function taughtMove(own: PartSlot | undefined, { doc }: SessionContent): PartSlot | undefined {
  if (!own || own.move !== null || own.status === "unmet") return own;
  const move = findSlot(doc, own.slot)?.slot.move;
  return { ...own, move: (typeof move === "object" ? move.like : move) ?? null };
}

/** The log of a session: record, people, what was said and what is prefilled. `only`: of one person, by roster id. */
async function logOf(row: LoggedSession, content: SessionContent, only?: string): Promise<SessionLog> {
  const score = scoreOfKept(content);
  const events = await eventsAfter(row.id, 0);
  const entries = await entriesOf(db(), row.id);
  const nowMs = row.endedAt?.getTime() ?? Date.now();
  const people = await db()
    .select({ rosterId: person.rosterId, doc: person.doc })
    .from(sessionPerson)
    .innerJoin(person, eq(person.id, sessionPerson.personId))
    .where(eq(sessionPerson.sessionId, row.id));
  const chosen = people.filter(({ rosterId }) => only === undefined || rosterId === only);
  const record = recordOf(
    score,
    events,
    people.map(({ rosterId }) => rosterId),
    nowMs,
  );
  const logged = chosen.map(({ rosterId, doc }): LoggedPerson => {
    const kept = keptOf(entries, rosterId);
    const came = (record.people.find((entry) => entry.person === rosterId)?.spans.length ?? 0) > 0;
    const said = kept.present?.value;
    return {
      person: rosterId,
      name: doc.name,
      present: said ?? came,
      kept,
      prefilled: prefilled(score, events, partAt(content, events, rosterId), rosterId, nowMs),
      part: partAt(content, events, rosterId)(null) ?? null,
    };
  });
  return {
    title: content.doc.title,
    startsAt: row.startsAt.toISOString(),
    timeZone: row.timeZone,
    doc: content.doc,
    record,
    people: logged.sort((a, b) => a.name.localeCompare(b.name, "en")),
  };
}

/** The log of a session of a studio. */
export async function sessionLog(studioId: string, id: string): Promise<SessionLog> {
  const row = await needSession(studioId, id);
  return logOf(row, (await frozenContent(db(), id)) ?? (await contentOf(db(), row)));
}

/** One person's own page of the log of a session that they were asked to. */
export async function ownLog(row: LoggedSession, rosterId: string): Promise<LoggedPerson | null> {
  const content = await frozenContent(db(), row.id);
  if (!content) return null;
  return (await logOf(row, content, rosterId)).people[0] ?? null;
}

/** A person's classes that are over and were confirmed in some way, the last first; `most` of them. */
export async function loggedClasses(
  studioId: string,
  personId: string,
  rosterId: string,
  most = 16,
): Promise<readonly LoggedClass[]> {
  const sessions = (await sessionsOfPerson(studioId, personId)).filter(({ state }) => state === "ended");
  const found: LoggedClass[] = [];
  for (const { id, startsAtMs, endedAtMs, timeZone } of sessions.slice(0, most)) {
    const content = await frozenContent(db(), id);
    if (!content) continue;
    const endedAt = endedAtMs === null ? null : new Date(endedAtMs);
    const log = await logOf({ id, startsAt: new Date(startsAtMs), timeZone, endedAt }, content, rosterId);
    const [own] = log.people;
    if (!own) continue;
    const hurt = log.record.people.find(({ person: who }) => who === rosterId)?.hurt ?? [];
    const slots = new Set(hurt.flatMap(({ slot }) => slot ?? []));
    found.push({ day: dayOf(startsAtMs), doc: content.doc, own, hurt: slots });
  }
  return found;
}

/** Everybody's classes that are over since an instant, the last first, by roster id; each session is read once for all. */
export async function loggedRoom(
  studioId: string,
  sinceMs: number,
): Promise<ReadonlyMap<string, readonly LoggedClass[]>> {
  const sessions = (await listSessions(studioId)).filter(
    ({ state, startsAtMs }) => state === "ended" && startsAtMs >= sinceMs,
  );
  const room = new Map<string, LoggedClass[]>();
  for (const { id, startsAtMs, endedAtMs, timeZone } of sessions) {
    const content = await frozenContent(db(), id);
    if (!content) continue;
    const endedAt = endedAtMs === null ? null : new Date(endedAtMs);
    const log = await logOf({ id, startsAt: new Date(startsAtMs), timeZone, endedAt }, content);
    for (const own of log.people) {
      const hurt = log.record.people.find(({ person: who }) => who === own.person)?.hurt ?? [];
      const slots = new Set(hurt.flatMap(({ slot }) => slot ?? []));
      const list = room.get(own.person) ?? [];
      list.push({ day: dayOf(startsAtMs), doc: content.doc, own, hurt: slots });
      room.set(own.person, list);
    }
  }
  return room;
}

type DoneIn = NonNullable<ReturnType<typeof doneIn>>;

export interface HistoryLine {
  readonly sessionId: string;
  readonly title: string;
  readonly startsAtMs: number;
  readonly timeZone: string;
  readonly present: boolean;
  readonly effort: number | null;
  readonly note: string | null;
  readonly hurt: number;
  /** `move`: of the library; null for one by name. */
  readonly done: readonly { readonly move: string | null; readonly name: string; readonly what: DoneIn }[];
}

/** What a person did in the sessions that are over, the last first; `most` of them. */
export async function historyOf(
  studioId: string,
  personId: string,
  rosterId: string,
  most = 30,
): Promise<HistoryLine[]> {
  const sessions = (await sessionsOfPerson(studioId, personId)).filter(({ state }) => state === "ended");
  const lines: HistoryLine[] = [];
  for (const session of sessions.slice(0, most)) {
    const content = await frozenContent(db(), session.id);
    if (!content) continue;
    const { id, startsAtMs, endedAtMs, timeZone } = session;
    const endedAt = endedAtMs === null ? null : new Date(endedAtMs);
    const log = await logOf({ id, startsAt: new Date(startsAtMs), timeZone, endedAt }, content, rosterId);
    const own = log.people[0];
    const effort = own?.kept.effort?.value;
    const note = own?.kept.note?.value;
    lines.push({
      sessionId: session.id,
      title: session.title,
      startsAtMs: session.startsAtMs,
      timeZone: session.timeZone,
      present: own?.present ?? false,
      effort: effort ?? null,
      note: note ?? null,
      hurt: log.record.people.find((entry) => entry.person === rosterId)?.hurt.length ?? 0,
      done: own?.present
        ? (own.part?.slots ?? []).flatMap((slot) => {
            const what = doneIn(own, slot.slot);
            return what ? [{ move: slot.move, name: slot.name, what }] : [];
          })
        : [],
    });
  }
  return lines;
}
