/** What a session is called in a list. */
import { wasNotHeld } from "../core/live/forgotten";
import type { SessionState } from "../core/live/session";
import type { Ms } from "../core/units";
import type { Words } from "./words";

/** Its state, or that it was never held. */
export function stateText(state: SessionState, startsAtMs: Ms, nowMs: Ms, words: Words): string {
  return wasNotHeld(state, startsAtMs, nowMs)
    ? words.phrase("live", "notHeld")
    : words.name("session", state);
}
