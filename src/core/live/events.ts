/** Events of a taught class. Rows are appended and never changed; the state is their fold. */
import type { Ms } from "../units";
import {
  type ClockKind,
  type EntryKind,
  factsOf,
  isClockKind,
  type PayloadOf,
  type SessionEventKind,
} from "./event-kinds";

/** A kind with what it carries. */
export type Happening<K extends SessionEventKind = SessionEventKind> = {
  [Each in K]: { readonly kind: Each; readonly payload: PayloadOf<Each> };
}[K];

/** A command as a device makes it: `id` is its own, so that it counts once however often it is sent. */
export type SessionCommand<K extends SessionEventKind = SessionEventKind> = Happening<K> & {
  readonly id: string;
};

export type SessionEvent<K extends SessionEventKind = SessionEventKind> = SessionCommand<K> & {
  /** Counts up by one per session, from 1. */
  readonly seq: number;
  /** Time by the database's clock, never before the event above. */
  readonly atMs: Ms;
};

/** What is said to make something happen: the kind, and what it carries where it carries anything. */
export type Said<K extends SessionEventKind> = {
  [Each in K]: Record<never, never> extends PayloadOf<Each>
    ? readonly [kind: Each, payload?: PayloadOf<Each>]
    : readonly [kind: Each, payload: PayloadOf<Each>];
}[K];

/** The kind and what it carries, of what was said. */
export function happening<K extends SessionEventKind>(said: Said<K>): Happening<K> {
  const [kind, payload] = said;
  return { kind, payload: payload ?? {} } as Happening<K>;
}

type Own<K extends EntryKind> = Omit<PayloadOf<K>, "person">;

/** What a participant says of themselves: who it is goes without saying. */
export type Entered = {
  [K in EntryKind]: Record<never, never> extends Own<K>
    ? readonly [kind: K, payload?: Own<K>]
    : readonly [kind: K, payload: Own<K>];
}[EntryKind];

/** The entry that somebody has made. */
export function entered(person: string, [kind, payload]: Entered): Happening<EntryKind> {
  return { kind, payload: { ...payload, person } } as Happening<EntryKind>;
}

/** Whether an event is of this kind. */
export function isOf<K extends SessionEventKind>(kind: K) {
  return (event: SessionEvent): event is Extract<SessionEvent, { readonly kind: K }> => event.kind === kind;
}

/** The seconds that a command has, within the bounds of its kind: what was stored before these counts too. */
export function secondsOf({ kind, payload }: Happening<"extend" | "shorten" | "shorten-rests">): number {
  const { kind: bounds } = factsOf(kind).payload.seconds ?? {};
  const most = bounds?.is === "whole" ? bounds.most : 0;
  return Math.min(most, Math.max(0, payload.seconds || 0));
}

/** The name of the instructor who took the lead last; null where nobody said so. */
export function leaderOf(events: readonly SessionEvent[]): string | null {
  return events.findLast(isOf("lead"))?.payload.name ?? null;
}

/** The end of a class, where it wasn't taken back. */
export function endOf(events: readonly SessionEvent[]): SessionEvent | undefined {
  const wentOn = events.findLast(({ kind }) => kind === "go-on")?.seq ?? 0;
  return events.find(({ kind, seq }) => kind === "end" && seq > wentOn);
}

/** Whether an event moves the clock or changes what is to come. */
export function movesClock(event: SessionEvent): event is SessionEvent<ClockKind> {
  return isClockKind(event.kind);
}

/** Roster id of whom an event tells, or null. */
export function personOf({ payload }: { readonly payload: object }): string | null {
  return "person" in payload && typeof payload.person === "string" ? payload.person : null;
}

/** What one participant may see of the events: the clock's, a move changed for all, and their own. */
export function seenBy(events: readonly SessionEvent[], person: string): readonly SessionEvent[] {
  return events.filter((event) => {
    const to = factsOf(event.kind).seenBy;
    if (to === "all") return true;
    const of = personOf(event);
    return to !== "instructors" && (of === person || (to === "person-or-all" && of === null));
  });
}

/** What everybody may see, and a picture shared into a call may show: the clock alone, and moves changed for all. */
export function seenByAll(events: readonly SessionEvent[]): readonly SessionEvent[] {
  return events.filter((event) => {
    const to = factsOf(event.kind).seenBy;
    return to === "all" || (to === "person-or-all" && personOf(event) === null);
  });
}

/** The same of what changes more than how heavy the next set is: for screens that show who does what. */
export function movesVersion(events: readonly SessionEvent[]): number {
  return contentVersion(events.filter(({ kind }) => kind !== "next-set"));
}

/** The newest version of the parts that these events speak of; 0 where none does. */
export function contentVersion(events: readonly SessionEvent[]): number {
  return events.reduce(
    (newest, { payload }) => Math.max(newest, "version" in payload ? (payload.version ?? 0) : 0),
    0,
  );
}
