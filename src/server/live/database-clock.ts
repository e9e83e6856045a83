/**
 * The database's clock as this process knows it: read over the wire now and then, and by the process's own
 * monotonic clock in between, so that a thousand devices that ask the time ask nobody else.
 */
import { CLOCK_DRIFT, type ClockEstimate, type ClockSample, estimateClock } from "../../core/live/clock";
import type { Ms } from "../../core/units";
import { databaseNow } from "../session-events";

const SAMPLES = 3;
/** An estimate is good for so long; while one is measured anew the old one answers. */
const GOOD_MS = 10_000;
/** One as old as this is no answer any more: whoever asks waits for another. */
const OLD_MS = 60_000;

export interface ClockReading {
  /** The database's clock. */
  readonly nowMs: Ms;
  /** It lies within this much of the truth. */
  readonly withinMs: Ms;
}

interface Door {
  /** The database's clock, asked over the wire. */
  readonly ask: () => Promise<Ms>;
  /** This process's own clock, which never steps. */
  readonly ownMs: () => Ms;
}

export class DatabaseClock {
  private known: { readonly estimate: ClockEstimate; readonly atMs: Ms } | null = null;
  private measuring: Promise<void> | null = null;

  constructor(private readonly door: Door) {}

  /** @throws where nothing is known and the database is away */
  async read(): Promise<ClockReading> {
    const age = this.known ? this.door.ownMs() - this.known.atMs : Number.POSITIVE_INFINITY;
    if (age > GOOD_MS) {
      this.measuring ??= this.measure().finally(() => {
        this.measuring = null;
      });
      // Told only to who waits.
      if (age > OLD_MS) await this.measuring;
      else this.measuring.catch(() => undefined);
    }
    const { known } = this;
    if (!known) throw new Error("the database's clock is not known");
    const ownMs = this.door.ownMs();
    const drifted = Math.ceil((ownMs - known.atMs) * CLOCK_DRIFT);
    return {
      nowMs: Math.round(ownMs + known.estimate.offsetMs),
      withinMs: known.estimate.uncertaintyMs + drifted,
    };
  }

  private async measure(): Promise<void> {
    const samples: ClockSample[] = [];
    for (let i = 0; i < SAMPLES; i += 1) {
      const sentMs = this.door.ownMs();
      const serverMs = await this.door.ask();
      samples.push({ sentMs, receivedMs: this.door.ownMs(), serverMs });
    }
    const estimate = estimateClock(samples);
    if (estimate) this.known = { estimate, atMs: this.door.ownMs() };
  }
}

const held = globalThis as typeof globalThis & { brontleClock?: DatabaseClock };

/** The one of this process. */
export function databaseClock(): DatabaseClock {
  held.brontleClock ??= new DatabaseClock({
    ask: databaseNow,
    ownMs: () => performance.timeOrigin + performance.now(),
  });
  return held.brontleClock;
}
