/** Events of a taught class for tests: numbered from 1, at times after `T0`. */
import type { RunEvent, RunEventKind, RunPayload } from "../live/events";

/** An instant, ms; only what lies between times matters. */
export const T0 = 1_000_000;

export type AnEvent = readonly [afterMs: number, kind: RunEventKind, payload?: RunPayload];

export function events(...list: AnEvent[]): RunEvent[] {
  return list.map(([after, kind, payload = {}], i) => ({
    id: `e${i}`,
    seq: i + 1,
    atMs: T0 + after,
    kind,
    payload,
  }));
}
