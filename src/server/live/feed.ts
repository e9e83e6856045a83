/**
 * What happened in one session, in the memory of this process: read once whatever number of streams follow
 * it. The table stays the truth; this is what was read of it, in its order and without gaps.
 */
import type { SessionEvent } from "../../core/live/events";

type Load = (afterSeq: number) => Promise<readonly SessionEvent[]>;
type Take = (fresh: readonly SessionEvent[]) => void;

export class Feed {
  private known: readonly SessionEvent[] = [];
  private last = 0;
  private reading: Promise<void> | null = null;
  private again = false;
  private stale = false;

  /** `take` is handed what is new, once each, in the order of the numbers. */
  constructor(
    private readonly load: Load,
    private readonly take: Take,
  ) {}

  /** The last number that was read. */
  get lastSeq(): number {
    return this.last;
  }

  /** What is known after a number. */
  after(seq: number): readonly SessionEvent[] {
    return seq === 0 ? this.known : this.known.filter((event) => event.seq > seq);
  }

  /**
   * Reads on. One read at a time: who asks during one waits for another after it, since what they know of may
   * be newer than what is being read. Never fails: where the database is away the next call tries again.
   */
  read(): Promise<void> {
    this.again = true;
    this.reading ??= this.readAll().finally(() => {
      this.reading = null;
    });
    return this.reading;
  }

  /** What was read may no longer be so (somebody was erased): all of it is read again, and nothing handed on twice. */
  readAnew(): Promise<void> {
    this.stale = true;
    return this.read();
  }

  private async readAll(): Promise<void> {
    while (this.again) {
      this.again = false;
      const anew = this.stale;
      this.stale = false;
      try {
        const events = await this.load(anew ? 0 : this.last);
        this.keep(events, anew);
      } catch {
        this.stale ||= anew;
      }
    }
  }

  private keep(events: readonly SessionEvent[], anew: boolean): void {
    const fresh = events.filter(({ seq }) => seq > this.last);
    this.known = anew ? events : fresh.length > 0 ? [...this.known, ...fresh] : this.known;
    this.last = this.known.at(-1)?.seq ?? 0;
    if (fresh.length > 0) this.take(fresh);
  }
}
