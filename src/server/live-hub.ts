/**
 * Event streams of taught classes. One connection of this process listens to the database and wakes
 * whoever follows a session; what is sent is read from the table, so that nothing lives here only and any
 * number of processes can serve the same class.
 */
import { Client } from "pg";
import type { SessionEvent } from "../core/live/events";
import { PATIENCE } from "./db/client";
import { env } from "./env";
import { Refused } from "./refused";

type Wake = () => void;

/** Between tries to listen again after the connection was lost: at first, and after many in vain. */
const RETRY_MS = 500;
const MOST_RETRY_MS = 8000;
/** Streams of one personal link or one instructor: a screen each, and some that are just going. */
const MOST_OF_ONE = 12;
/**
 * A comment now and then, so that proxies and browsers know the stream is alive; then it is also asked
 * whether its reader still may have it: a stream outlasts its link by no more than this.
 */
const PING_MS = 10_000;

/** Whose a stream is, for counting. */
export interface StreamOwner {
  /** The personal link's person or the instructor, as an id. */
  readonly id: string;
  readonly address: string;
}

/** What a stream follows, for whom, and what of it they may see. */
export interface Followed {
  readonly session: string;
  readonly owner: StreamOwner;
  readonly load: (seq: number) => Promise<readonly SessionEvent[]>;
  readonly show: (events: readonly SessionEvent[]) => readonly SessionEvent[];
  /** Whether whoever follows still may: their link, sign-in or place in the studio may have ended. */
  readonly still: () => Promise<boolean>;
}

/**
 * Reads on after `seq` whenever it is woken, one read at a time, and hands on what came, with its last
 * number. A wake during a read is followed by another read, so that nothing is missed.
 */
function reader(
  load: Followed["load"],
  seq: number,
  take: (events: readonly SessionEvent[], last: number) => void,
): () => Promise<void> {
  let last = seq;
  let busy = false;
  let again = false;
  return async () => {
    again = true;
    if (busy) return;
    busy = true;
    while (again) {
      again = false;
      try {
        const events = await load(last);
        last = events.at(-1)?.seq ?? last;
        if (events.length > 0) take(events, last);
      } catch {
        // The database is away: the next notification or ping tries again.
      }
    }
    busy = false;
  };
}

class LiveHub {
  private readonly followers = new Map<string, Set<Wake>>();
  private readonly closers = new Set<() => void>();
  private readonly open = new Map<string, number>();
  private listening = false;
  private tries = 0;

  constructor() {
    // An open stream would keep the server from ending.
    for (const signal of ["SIGTERM", "SIGINT"] as const) {
      process.once(signal, () => {
        for (const close of this.closers) close();
      });
    }
  }

  private countOpen(key: string, by: 1 | -1): void {
    const now = (this.open.get(key) ?? 0) + by;
    if (now <= 0) this.open.delete(key);
    else this.open.set(key, now);
  }

  /** @throws Refused where one link, instructor or address has as many streams as it may */
  admit({ id, address }: StreamOwner): void {
    const full =
      (this.open.get(id) ?? 0) >= MOST_OF_ONE || (this.open.get(address) ?? 0) >= env.streamsPerAddress;
    if (full)
      throw new Refused("too-often", "Too many screens follow a class from here: close some of them.");
  }

  private async listen(): Promise<void> {
    if (this.listening) return;
    this.listening = true;
    const client = new Client({
      connectionString: env.databaseUrl,
      connectionTimeoutMillis: PATIENCE.connectMs,
      keepAlive: true,
    });
    const lost = () => {
      if (!this.listening) return;
      this.listening = false;
      client.removeAllListeners();
      client.on("error", () => {});
      void client.end().catch(() => {});
      this.tries += 1;
      setTimeout(
        () => {
          if (this.followers.size > 0) void this.listen();
        },
        Math.min(MOST_RETRY_MS, RETRY_MS * 2 ** Math.min(10, this.tries - 1)),
      ).unref();
    };
    client.on("error", lost);
    client.on("end", lost);
    client.on("notification", ({ payload }) => {
      for (const wake of this.followers.get(payload ?? "") ?? []) wake();
    });
    try {
      await client.connect();
      await client.query("LISTEN session_events");
      this.tries = 0;
      // Whatever happened while nobody listened.
      for (const wakes of this.followers.values()) for (const wake of wakes) wake();
    } catch {
      lost();
    }
  }

  /** A stream of the events of a session after `seq`, in batches, each with the last number as its id. */
  stream(
    { session: sessionId, owner, signal, load, show, still }: Followed & { readonly signal: AbortSignal },
    seq: number,
  ): ReadableStream<Uint8Array> {
    const encoder = new TextEncoder();
    let end = () => {};
    return new ReadableStream<Uint8Array>({
      start: (controller) => {
        let open = true;
        const put = (text: string) => {
          if (open) controller.enqueue(encoder.encode(text));
        };
        const wake = reader(load, seq, (events, last) => {
          const seen = show(events);
          if (seen.length > 0) put(`id: ${last}\ndata: ${JSON.stringify(seen)}\n\n`);
        });
        const ping = setInterval(() => {
          put(": here\n\n");
          void wake();
          // A database that is away says nothing of anybody: the stream stays.
          void still().then(
            (may) => may || end(),
            () => undefined,
          );
        }, PING_MS);
        const wakes = this.followers.get(sessionId) ?? new Set<Wake>();
        this.followers.set(sessionId, wakes.add(wake));
        end = () => {
          if (!open) return;
          open = false;
          clearInterval(ping);
          this.countOpen(owner.id, -1);
          this.countOpen(owner.address, -1);
          wakes.delete(wake);
          if (wakes.size === 0) this.followers.delete(sessionId);
          this.closers.delete(end);
          try {
            controller.close();
          } catch {
            // The reader has gone before.
          }
        };
        this.closers.add(end);
        this.countOpen(owner.id, 1);
        this.countOpen(owner.address, 1);
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

/**
 * An answer that goes on: server-sent events from where the reader left off.
 * @throws Refused where whoever asks has as many streams as they may
 */
export function eventStream(request: Request, followed: Followed): Response {
  const asked = request.headers.get("last-event-id") ?? new URL(request.url).searchParams.get("after") ?? "0";
  const seq = /^\d{1,9}$/.test(asked) ? Number(asked) : 0;
  const hub = liveHub();
  hub.admit(followed.owner);
  return new Response(hub.stream({ ...followed, signal: request.signal }, seq), {
    headers: {
      "content-type": "text/event-stream; charset=utf-8",
      "cache-control": "no-store, no-transform",
      "x-accel-buffering": "no",
    },
  });
}
