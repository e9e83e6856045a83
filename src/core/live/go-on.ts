/** Whether the end of a class can still be taken back. */

import type { Ms } from "../units";
import { endOf, type SessionEvent } from "./events";
import { type ClockState, GO_ON_MS } from "./fold";
import type { LiveScore } from "./live-score";

/** True for a minute after an end that was pressed in the middle of a class. */
export function canGoOn(
  score: LiveScore,
  { state, events }: { readonly state: ClockState; readonly events: readonly SessionEvent[] },
  nowMs: Ms,
): boolean {
  const ended = endOf(events);
  const midway = state.startedAtMs !== null && state.index < score.timings.length;
  return state.phase === "ended" && midway && ended !== undefined && nowMs - ended.atMs <= GO_ON_MS;
}
