/** A session: a class on a date, with the people who are asked to it. */
import type { ClassDoc } from "../class/document";
import type { Mark } from "../homes/home";
import type { KnownMove } from "../moves/book";
import type { Part } from "../parts/part";
import type { Ms } from "../units";
import type { Substitute } from "./substitutes";

export const SESSION_STATES = ["planned", "open", "running", "ended", "cancelled"] as const;
/** planned: on a date. open: people may come in. running: the clock was started. */
export type SessionState = (typeof SESSION_STATES)[number];

/** What a session is taught from; from the start on it is frozen. `version` counts up with every change. */
export interface SessionContent {
  readonly version: number;
  readonly frozen: boolean;
  /** The class that gives the times. */
  readonly doc: ClassDoc;
  readonly substitutes: readonly Substitute[];
  readonly parts: readonly Part[];
  readonly partsByMark: Readonly<Record<Mark, readonly Part[]>>;
  readonly moves: readonly KnownMove[];
}

/** A class that was opened and never ended counts as going on for so long. */
export const OPEN_HOURS = 8;
/** After a class its page stays on what was done, before it turns to the next one. */
const AFTER_MS = 3 * 3_600_000;
/** A planned class that wasn't opened is waited for so long. */
const WAIT_MS = 2 * 3_600_000;
/** What was done can be looked at and entered for so long. */
export const ENTER_MS = 7 * 86_400_000;

export interface SessionTimes {
  readonly id: string;
  readonly state: SessionState;
  readonly startsAtMs: Ms;
  /** When the clock was started. */
  readonly startedAtMs: Ms | null;
  readonly endedAtMs: Ms | null;
}

/**
 * Whether so long has passed since a session was to begin that nobody is in it any more; one that was
 * started late counts from then.
 */
export function isLongPast(startsAtMs: Ms, startedAtMs: Ms | null, nowMs: Ms): boolean {
  return nowMs - Math.max(startsAtMs, startedAtMs ?? 0) >= OPEN_HOURS * 3_600_000;
}

/**
 * Which of a person's sessions their page shows: one that goes on; else one that was opened ahead of its time; else
 * one that has just ended; else the next one that is planned; else the last one, for a week. Of several the
 * latest; of planned ones the first.
 */
export function sessionToShow<T extends SessionTimes>(sessions: readonly T[], nowMs: Ms): T | null {
  const latest = (list: readonly T[]) => [...list].sort((a, b) => b.startsAtMs - a.startsAtMs)[0] ?? null;
  const sinceEnd = (entry: T) => nowMs - (entry.endedAtMs ?? entry.startsAtMs);
  const going = sessions.filter(
    ({ state, startsAtMs, startedAtMs }) =>
      (state === "open" || state === "running") && !isLongPast(startsAtMs, startedAtMs, nowMs),
  );
  const ended = sessions.filter((entry) => entry.state === "ended" && sinceEnd(entry) < ENTER_MS);
  const just = ended.filter((entry) => sinceEnd(entry) < AFTER_MS);
  const planned = sessions.filter(
    ({ state, startsAtMs }) => state === "planned" && startsAtMs > nowMs - WAIT_MS,
  );
  const next = [...planned].sort((a, b) => a.startsAtMs - b.startsAtMs)[0] ?? null;
  // Opened before it is to begin, it takes nobody out of a class that runs; from then on it does, since the one
  // before may only have been left without an end.
  const due = going.filter(({ state, startsAtMs }) => state === "running" || startsAtMs <= nowMs);
  return latest(due) ?? latest(going) ?? latest(just) ?? next ?? latest(ended);
}
