/** What can happen to a taught class. Rows are appended and never changed; the state is their fold. */
import type { Ms } from "../units";

export const RUN_EVENT_KINDS = ["start", "pause", "resume", "skip", "back", "extend", "end"] as const;
export type RunEventKind = (typeof RUN_EVENT_KINDS)[number];

/** `start`: milliseconds of count-in before the score's second 0. `extend`: seconds added to the present segment. */
export interface RunPayload {
  readonly countInMs?: Ms;
  readonly seconds?: number;
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
