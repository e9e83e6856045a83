/**
 * Readers of event streams who take nothing any more: a phone in a tunnel keeps its connection for minutes, and
 * what is sent to it piles up. Where nothing could be handed over for a while the connection ends; the reader
 * comes back by itself with the last number that it had.
 */
import type { ServerResponse } from "node:http";

/** Between two looks, ms, and how many of them in a row may find the same bytes waiting. */
const LOOK_MS = 2000;
const MOST_LOOKS = 5;

interface Watched {
  /** Bytes that the connection had taken at the last look. */
  taken: number;
  looks: number;
}

export class SlowReaders {
  private readonly watched = new Map<ServerResponse, Watched>();

  constructor() {
    setInterval(() => this.look(), LOOK_MS).unref();
  }

  /** Watches an answer until it is over. */
  watch(response: ServerResponse): void {
    this.watched.set(response, { taken: 0, looks: 0 });
    response.on("close", () => this.watched.delete(response));
  }

  /** One look at all; gives how many were ended. */
  look(): number {
    let ended = 0;
    for (const [response, seen] of this.watched) {
      const taken = (response.socket?.bytesWritten ?? 0) - (response.socket?.writableLength ?? 0);
      const stuck = response.writableNeedDrain && taken === seen.taken;
      seen.looks = stuck ? seen.looks + 1 : 0;
      seen.taken = taken;
      if (seen.looks < MOST_LOOKS) continue;
      response.socket?.destroy();
      ended += 1;
    }
    return ended;
  }
}

/** Whether an address is that of an event stream. */
export function isStream(url: string): boolean {
  return /^\/api\/(part|sessions)\/[^/?]+\/stream(\?|$)/.test(url);
}
