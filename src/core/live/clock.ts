/**
 * Reading another clock over a network. Each round trip bounds the other clock: it read what it read after the
 * question was sent and before the answer came. What all of them allow together is far narrower than any one of them
 * (intersection: Marzullo & Owicki 1983, as in RFC 5905), however uneven the way there and the way back are.
 */
import type { Ms } from "../units";

export interface ClockSample {
  /** On this device's monotonic clock. */
  readonly sentMs: Ms;
  readonly receivedMs: Ms;
  /** The other clock's reading when it answered, in whole ms. */
  readonly serverMs: Ms;
  /** That reading lies within this much of the clock that is meant; 0 where left out. */
  readonly withinMs?: Ms;
}

export interface ClockEstimate {
  /** Add this to the device's clock to get the server's. */
  readonly offsetMs: Ms;
  /** The true offset lies within this much of it. */
  readonly uncertaintyMs: Ms;
}

/** Two clocks of computers run apart by less than this: 100 parts in a million (RFC 5905 reckons with 15, and allows 500). */
export const CLOCK_DRIFT = 100e-6;
/** A reading in whole ms is wrong by up to this much. */
const ROUNDED_MS = 1;

interface Bounds {
  readonly low: number;
  readonly high: number;
}

/** Between what the offset lies by one trip, as it is known so long after it. */
function boundsOf({ sentMs, receivedMs, serverMs, withinMs = 0 }: ClockSample, nowMs: Ms): Bounds {
  const loose = withinMs + ROUNDED_MS + Math.max(0, nowMs - receivedMs) * CLOCK_DRIFT;
  return { low: serverMs - receivedMs - loose, high: serverMs - sentMs + loose };
}

/**
 * The estimate from these samples, or null where there is none. `nowMs`: on the device's clock; the last answer where
 * left out. Where they contradict each other a clock was set: then the newest that agree count.
 */
export function estimateClock(samples: readonly ClockSample[], nowMs?: Ms): ClockEstimate | null {
  const sound = samples.filter(({ sentMs, receivedMs }) => receivedMs >= sentMs);
  const at = nowMs ?? Math.max(...sound.map(({ receivedMs }) => receivedMs));
  let all: Bounds | null = null;
  for (const sample of [...sound].sort((a, b) => b.receivedMs - a.receivedMs)) {
    const one = boundsOf(sample, at);
    const both: Bounds = all ? { low: Math.max(all.low, one.low), high: Math.min(all.high, one.high) } : one;
    if (both.low > both.high) break;
    all = both;
  }
  if (!all) return null;
  const offsetMs = Math.round((all.low + all.high) / 2);
  return { offsetMs, uncertaintyMs: Math.ceil(Math.max(all.high - offsetMs, offsetMs - all.low)) };
}
