/** Classes whose time has passed: those that nobody ended, and those that were never begun. */
import type { Ms } from "../units";
import { movesClock, type SessionEvent } from "./events";
import { clockState } from "./fold";
import type { LiveScore } from "./live-score";
import { isLongPast, OPEN_HOURS, type SessionState } from "./session";

const OPEN_MS = OPEN_HOURS * 3_600_000;

/** Whether a session's time passed without anybody starting its clock. */
export function wasNotHeld(state: SessionState, startsAtMs: Ms, nowMs: Ms): boolean {
  return (state === "planned" || state === "open") && isLongPast(startsAtMs, null, nowMs);
}

/**
 * When a class that was started and not ended was over, once nothing has happened in it for long; null
 * where it has ended, was never started, or may still go on. A class that was left in a pause was over
 * when it was paused; any other when its score had run out.
 */
export function forgottenEnd(score: LiveScore, events: readonly SessionEvent[], nowMs: Ms): Ms | null {
  const last = events.at(-1);
  if (!last || nowMs - last.atMs < OPEN_MS) return null;
  const moved = events.filter(movesClock).at(-1)?.atMs ?? last.atMs;
  const { phase, startedAtMs, projectedEndMs } = clockState(score, events, moved);
  if (startedAtMs === null || phase === "ended") return null;
  return phase === "paused" || projectedEndMs === null ? moved : Math.min(nowMs, projectedEndMs);
}
