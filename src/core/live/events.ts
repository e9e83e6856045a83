/** What can happen to a taught class. Rows are appended and never changed; the state is their fold. */
import type { Mark } from "../homes/home";
import type { Ms } from "../units";

/** The instructor's commands that move the clock or change what is still to come. */
export const CLOCK_KINDS = [
  "start",
  "pause",
  "resume",
  "skip",
  "back",
  "repeat",
  "extend",
  "shorten",
  "shorten-rests",
  "drop-round",
  "drop-finisher",
  "land-at",
  "end",
] as const;
export type ClockKind = (typeof CLOCK_KINDS)[number];

/** What participants enter by themselves: it commutes with everything, and never moves the clock. */
export const ENTRY_KINDS = ["join", "leave", "mark", "done", "hurt", "uncomfortable"] as const;
export type EntryKind = (typeof ENTRY_KINDS)[number];

/** Commands of the instructor's that aren't about the clock. */
export const ROOM_KINDS = ["hurt-seen", "note"] as const;

/**
 * What the server writes when it has worked out parts anew: `part` for one person (a walk-in, new limits
 * or kit tonight), `swap` where a slot's move was changed. `erased`: a removed person's entry.
 */
export const CONTENT_KINDS = ["part", "swap"] as const;
export const ERASED = "erased";

export const COMMAND_KINDS = [...CLOCK_KINDS, ...ROOM_KINDS] as const;
export const RUN_EVENT_KINDS = [
  ...CLOCK_KINDS,
  ...ROOM_KINDS,
  ...ENTRY_KINDS,
  ...CONTENT_KINDS,
  ERASED,
] as const;
export type CommandKind = (typeof COMMAND_KINDS)[number];
export type RunEventKind = (typeof RUN_EVENT_KINDS)[number];

/** `start`: milliseconds of count-in before the score's second 0. `extend`, `shorten`: seconds of the present segment. */
export interface RunPayload {
  readonly countInMs?: Ms;
  /** `shorten-rests`: seconds to take from the rests still to come, all together. */
  readonly seconds?: number;
  /** `land-at`: when the class is to be over; null takes that back. */
  readonly finishAtMs?: Ms | null;
  /** Roster id of the person that an entry is of, or that `hurt-seen` answers. */
  readonly person?: string;
  /** `mark`: the level from now on. */
  readonly mark?: Mark;
  /** `done`, `hurt`, `uncomfortable`, `swap`: the slot. */
  readonly slot?: string;
  /** `swap`: the move that is done instead. */
  readonly move?: string;
  /** `note`: what the instructor wrote; nobody else sees it. */
  readonly text?: string;
  /** `start`, `part`, `swap`: which version of the session's parts holds from here. */
  readonly version?: number;
}

/** A command as a device makes it: `id` is its own, so that it counts once however often it is sent. */
export interface RunCommand {
  readonly id: string;
  readonly kind: RunEventKind;
  readonly payload: RunPayload;
}

export interface RunEvent extends RunCommand {
  /** Counts up by one per session, from 1. */
  readonly seq: number;
  /** Time by the database's clock, never before the event above. */
  readonly atMs: Ms;
}

/** Longest count-in and longest single change that are taken. */
export const MOST_COUNT_IN_MS = 60_000;
export const MOST_EXTEND_SECONDS = 600;
export const MOST_SHORTEN_SECONDS = 3600;
/** What of its seconds a command may ask for; 0 for those that have none. */
export function mostSeconds(kind: RunEventKind): number {
  if (kind === "extend") return MOST_EXTEND_SECONDS;
  return kind === "shorten" || kind === "shorten-rests" ? MOST_SHORTEN_SECONDS : 0;
}

/** The seconds that a command has, within its bounds. */
export function secondsOf({ kind, payload }: Pick<RunCommand, "kind" | "payload">): number {
  return Math.min(mostSeconds(kind), Math.max(0, payload.seconds ?? 0));
}

export const MOST_NOTE_CHARACTERS = 500;

/** Whether an event moves the clock or changes what is to come. */
export function movesClock(event: Pick<RunEvent, "kind">): boolean {
  return (CLOCK_KINDS as readonly string[]).includes(event.kind);
}

const OWN_KINDS: readonly string[] = [...ENTRY_KINDS, "hurt-seen", "part"];

/** What one participant may see of the events: the clock's, a move changed for all, and their own. */
export function seenBy(events: readonly RunEvent[], person: string): readonly RunEvent[] {
  return events.filter(
    ({ kind, payload }) =>
      movesClock({ kind }) ||
      (kind === "swap" && (payload.person === undefined || payload.person === person)) ||
      (OWN_KINDS.includes(kind) && payload.person === person),
  );
}

/** What everybody may see, and a picture shared into a call may show: the clock alone, and moves changed for all. */
export function seenByAll(events: readonly RunEvent[]): readonly RunEvent[] {
  return events.filter(
    ({ kind, payload }) => movesClock({ kind }) || (kind === "swap" && payload.person === undefined),
  );
}

/** The newest version of the parts that these events speak of; 0 where none does. */
export function contentVersion(events: readonly RunEvent[]): number {
  return events.reduce((version, { payload }) => Math.max(version, payload.version ?? 0), 0);
}
