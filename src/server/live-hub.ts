/**
 * Event streams of taught classes. One connection of this process listens to the database and wakes
 * whoever follows a run; what is sent is read from the table, so that nothing lives here only and any
 * number of processes can serve the same class.
 */
import { Client } from "pg";
import type { RunEvent } from "../core/live/events";
import { env } from "./env";

type Wake = () => void;

/** Between tries to listen again after the connection was lost. */
const RETRY_MS = 500;
/** A comment now and then, so that proxies and browsers know the stream is alive. */
const PING_MS = 15_000;

class LiveHub {
  private readonly followers = new Map<string, Set<Wake>>();
  private readonly closers = new Set<() => void>();
  private listening = false;

  constructor() {
    // An open stream would keep the server from ending.
    for (const signal of ["SIGTERM", "SIGINT"] as const) {
      process.once(signal, () => {
        for (const close of this.closers) close();
      });
    }
  }

  private async listen(): Promise<void> {
    if (this.listening) return;
    this.listening = true;
    const client = new Client({ connectionString: env.databaseUrl });
    const lost = () => {
      if (!this.listening) return;
      this.listening = false;
      client.removeAllListeners();
      client.on("error", () => {});
      void client.end().catch(() => {});
      setTimeout(() => {
        if (this.followers.size > 0) void this.listen();
      }, RETRY_MS).unref();
    };
    client.on("error", lost);
    client.on("end", lost);
    client.on("notification", ({ payload }) => {
      for (const wake of this.followers.get(payload ?? "") ?? []) wake();
    });
    try {
      await client.connect();
      await client.query("LISTEN run_events");
      // Whatever happened while nobody listened.
      for (const wakes of this.followers.values()) for (const wake of wakes) wake();
    } catch {
      lost();
    }
  }

  /** A stream of the events of a run after `seq`, in batches, each with the last number as its id. */
  stream(
    runId: string,
    seq: number,
    signal: AbortSignal,
    load: (seq: number) => Promise<readonly RunEvent[]>,
    show: (events: readonly RunEvent[]) => readonly RunEvent[],
  ): ReadableStream<Uint8Array> {
    const encoder = new TextEncoder();
    let last = seq;
    let busy = false;
    let again = false;
    let end = () => {};
    return new ReadableStream<Uint8Array>({
      start: (controller) => {
        let open = true;
        const put = (text: string) => {
          if (open) controller.enqueue(encoder.encode(text));
        };
        const wake = async () => {
          again = true;
          if (busy) return;
          busy = true;
          while (again && open) {
            again = false;
            try {
              const events = await load(last);
              const newest = events.at(-1);
              if (!newest) continue;
              last = newest.seq;
              const seen = show(events);
              if (seen.length > 0) put(`id: ${last}\ndata: ${JSON.stringify(seen)}\n\n`);
            } catch {
              // The database is away: the next notification or ping tries again.
            }
          }
          busy = false;
        };
        const ping = setInterval(() => {
          put(": here\n\n");
          void wake();
        }, PING_MS);
        const wakes = this.followers.get(runId) ?? new Set<Wake>();
        this.followers.set(runId, wakes.add(wake));
        end = () => {
          if (!open) return;
          open = false;
          clearInterval(ping);
          wakes.delete(wake);
          if (wakes.size === 0) this.followers.delete(runId);
          this.closers.delete(end);
          try {
            controller.close();
          } catch {
            // The reader has gone before.
          }
        };
        this.closers.add(end);
        signal.addEventListener("abort", end);
        put("retry: 1000\n\n");
        void this.listen().then(wake);
      },
      cancel: () => end(),
    });
  }
}

const held = globalThis as typeof globalThis & { brontleLive?: LiveHub };

/** The one hub of this process. */
export function liveHub(): LiveHub {
  held.brontleLive ??= new LiveHub();
  return held.brontleLive;
}

/** An answer that goes on: server-sent events from where the reader left off. */
export function eventStream(
  request: Request,
  runId: string,
  load: (seq: number) => Promise<readonly RunEvent[]>,
  show: (events: readonly RunEvent[]) => readonly RunEvent[] = (events) => events,
): Response {
  const asked = request.headers.get("last-event-id") ?? new URL(request.url).searchParams.get("after") ?? "0";
  const seq = /^\d{1,9}$/.test(asked) ? Number(asked) : 0;
  return new Response(liveHub().stream(runId, seq, request.signal, load, show), {
    headers: {
      "content-type": "text/event-stream; charset=utf-8",
      "cache-control": "no-store, no-transform",
      "x-accel-buffering": "no",
    },
  });
}
