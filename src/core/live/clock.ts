/** Reading another clock over a network: the sample with the shortest trip is the best one. */
import type { Ms } from "../units";

export interface ClockSample {
  /** On this device's monotonic clock. */
  readonly sentMs: Ms;
  readonly receivedMs: Ms;
  /** The other clock's reading when it answered. */
  readonly serverMs: Ms;
  /** That reading lies within this much of the clock that is meant; 0 where left out. */
  readonly withinMs?: Ms;
}

export interface ClockEstimate {
  /** Add this to the device's clock to get the server's. */
  readonly offsetMs: Ms;
  /** The true offset lies within this much of it: half the shortest trip, and what the other clock was unsure of. */
  readonly uncertaintyMs: Ms;
}

/** The estimate from these samples, or null where there is none (Cristian 1989: half the trip each way). */
export function estimateClock(samples: readonly ClockSample[]): ClockEstimate | null {
  let best: ClockSample | null = null;
  for (const sample of samples) {
    const trip = sample.receivedMs - sample.sentMs;
    if (trip >= 0 && (best === null || trip < best.receivedMs - best.sentMs)) best = sample;
  }
  if (!best) return null;
  const half = (best.receivedMs - best.sentMs) / 2;
  return {
    offsetMs: Math.round(best.serverMs - (best.sentMs + half)),
    uncertaintyMs: Math.ceil(half + (best.withinMs ?? 0)),
  };
}
