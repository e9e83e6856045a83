/** What can happen to a taught class. Rows are appended and never changed; the state is their fold. */
import type { Mark } from "../homes/home";
import type { Ms } from "../units";

/** The instructor's commands that move the clock. */
export const CLOCK_KINDS = ["start", "pause", "resume", "skip", "back", "extend", "end"] as const;
export type ClockKind = (typeof CLOCK_KINDS)[number];

/** What participants enter by themselves: it commutes with everything, and never moves the clock. */
export const ENTRY_KINDS = ["join", "leave", "mark", "done", "hurt", "uncomfortable"] as const;
export type EntryKind = (typeof ENTRY_KINDS)[number];

/** Commands of the instructor's that aren't about the clock. */
export const ROOM_KINDS = ["hurt-seen"] as const;

export const COMMAND_KINDS = [...CLOCK_KINDS, ...ROOM_KINDS] as const;
export const RUN_EVENT_KINDS = [...CLOCK_KINDS, ...ROOM_KINDS, ...ENTRY_KINDS] as const;
export type RunEventKind = (typeof RUN_EVENT_KINDS)[number];

/** `start`: milliseconds of count-in before the score's second 0. `extend`: seconds added to the present segment. */
export interface RunPayload {
  readonly countInMs?: Ms;
  readonly seconds?: number;
  /** Roster id of the person that an entry is of, or that `hurt-seen` answers. */
  readonly person?: string;
  /** `mark`: the level from now on. */
  readonly mark?: Mark;
  /** `done`, `hurt`, `uncomfortable`: the slot that was on. */
  readonly slot?: string;
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

/** Longest count-in and longest single extension that are taken. */
export const MOST_COUNT_IN_MS = 60_000;
export const MOST_EXTEND_SECONDS = 600;

/** Whether an event moves the clock. */
export function movesClock(event: Pick<RunEvent, "kind">): boolean {
  return (CLOCK_KINDS as readonly string[]).includes(event.kind);
}

/** What one participant may see of the events: the clock's, and their own. */
export function seenBy(events: readonly RunEvent[], person: string): readonly RunEvent[] {
  return events.filter((event) => movesClock(event) || event.payload.person === person);
}
