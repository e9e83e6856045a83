/** Sessions of the demo that were taught: what happened in them is invented, and written as it would have been. */
import { eq } from "drizzle-orm";
import type { SessionEventKind } from "../src/core/live/event-kinds";
import { happening, personOf, type Said, type SessionEvent } from "../src/core/live/events";
import { clockState } from "../src/core/live/fold";
import { scoreOfKept } from "../src/core/live/live-score";
import type { SessionContent } from "../src/core/live/session";
import { fieldsIn, instantIn } from "../src/core/live/when";
import { freeze, frozenContent } from "../src/server/content";
import { db, transaction } from "../src/server/db/client";
import { logEntry, session, sessionEvent } from "../src/server/db/schema";
import { planSession } from "../src/server/session-changes";
import { lockSession } from "../src/server/session-events";

export const ZONE = "Atlantic/Reykjavik";
export const DAY = 86_400_000;
export const MINUTE = 60_000;
/** Row ids by roster id. */
export type Rows = ReadonlyMap<string, string>;

/** What was pressed, minutes after the start. */
export type Pressed = readonly (readonly [minutes: number, ...said: Said<SessionEventKind>])[];

/** Seven in the evening of the day that is `days` after the one at `nowMs`. */
export function evening(nowMs: number, days: number): Date {
  const { date } = fieldsIn(nowMs + days * DAY, ZONE);
  return new Date(instantIn(date, "19:00", ZONE) ?? nowMs);
}

interface Taught {
  readonly classId: string;
  readonly startsAt: Date;
  /** Roster ids of who came. */
  readonly there: readonly string[];
  /** Minutes after the start at which somebody came; the others in good time. */
  readonly came?: Readonly<Record<string, number>>;
  readonly pressed?: Pressed | ((content: SessionContent) => Pressed);
}

/** A session that was taught to its end; gives its id. */
export async function taught(studioId: string, what: Taught): Promise<string> {
  const { classId, startsAt, there, came = {}, pressed = [] } = what;
  const id = await planSession(studioId, { classId, startsAt, timeZone: ZONE, people: null, state: "open" });
  await transaction(async (tx) => {
    const row = await lockSession(tx, studioId, id);
    await freeze(tx, row);
    const content = await frozenContent(tx, id);
    if (!content) throw new Error("the session was not frozen");
    const score = scoreOfKept(content);
    const zero = startsAt.getTime() + 40_000;
    const happened: { readonly atMs: number; readonly said: Said<SessionEventKind> }[] = [
      ...there.map((name, i) => ({
        atMs: zero + (came[name] ?? -6 + i * 0.22) * MINUTE,
        said: ["join", { person: name }] as const,
      })),
      { atMs: zero - 5000, said: ["start", { countInMs: 5000, version: content.version }] },
      ...(typeof pressed === "function" ? pressed(content) : pressed).map(([minutes, ...said]) => ({
        atMs: zero + minutes * MINUTE,
        said,
      })),
    ];
    happened.sort((a, b) => a.atMs - b.atMs);
    const events: SessionEvent[] = [];
    const put = (atMs: number, said: Said<SessionEventKind>) => {
      const then = clockState(score, events, atMs);
      const slot = score.segments[then.index]?.slot;
      const { kind, payload } = happening(said);
      const where = (kind === "hurt" || kind === "uncomfortable") && slot ? { slot } : {};
      const event = { kind, payload: { ...where, ...payload } } as SessionEvent;
      events.push({ ...event, id: crypto.randomUUID(), seq: events.length + 1, atMs: Math.round(atMs) });
    };
    for (const { atMs, said } of happened) put(atMs, said);
    const end = clockState(score, events, happened.at(-1)?.atMs ?? zero).projectedEndMs ?? zero;
    put(end + 12_000, ["end"]);
    await tx.insert(sessionEvent).values(
      events.map((event) => ({
        sessionId: id,
        seq: event.seq,
        commandId: event.id,
        kind: event.kind,
        person: personOf(event),
        payload: event.payload,
        at: new Date(event.atMs),
      })),
    );
    await tx
      .update(session)
      .set({ state: "ended", startedAt: new Date(zero - 5000), endedAt: new Date(end + 12_000) })
      .where(eq(session.id, id));
  });
  return id;
}

/** What is in a session's log was written within the hours after the class, not now. */
export async function writtenAfter(id: string, nowMs: number): Promise<void> {
  const [over] = await db().select({ endedAt: session.endedAt }).from(session).where(eq(session.id, id));
  const written = await db().select({ id: logEntry.id }).from(logEntry).where(eq(logEntry.sessionId, id));
  for (const [i, entry] of written.sort((a, b) => a.id - b.id).entries()) {
    const at = new Date((over?.endedAt?.getTime() ?? nowMs) + (i + 1) * MINUTE);
    await db().update(logEntry).set({ at }).where(eq(logEntry.id, entry.id));
  }
}
