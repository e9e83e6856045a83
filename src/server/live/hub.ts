/**
 * Streams of taught classes. Each process hears of an event through one connection, reads it once, and hands it
 * to every stream of the session from memory; what was read is the table's, so any number of processes can
 * serve the same class. Nothing asks the database for one stream, one ping or one second.
 */
import type { ServerResponse } from "node:http";
import type { SessionEvent } from "../../core/live/events";
import { env } from "../env";
import { Refused } from "../refused";
import { eventsAfter, lastSeqs } from "../session-events";
import { type Door, doorKey, openDoors } from "./doors";
import { Feed } from "./feed";
import { type Eyes, Frames, frameOf, seenWith } from "./frames";
import { Listener } from "./listener";
import { metrics } from "./metrics";
import { GONE_MS, Presences } from "./presences";
import { CHANNELS } from "./said";

/** Streams of one personal link or one instructor: a screen each, and some that are just going. */
const MOST_OF_ONE = 12;
/** Bytes that may wait for a reader who is slow: then the stream ends, and is welcomed back by its last number. */
const MOST_BEHIND = 192 * 1024;
const WAITING = 64 * 1024;
/** Between two sweeps, ms. */
const SWEEP_MS = 1000;
/**
 * Every so many sweeps a stream gets a comment, so that proxies and browsers know that it is alive, and all of
 * them together are asked for: whether their readers still may, whether an event was missed. So a stream
 * outlasts its link by no more than this.
 */
const SWEEPS_A_ROUND = 10;
/** What was read of a session is kept for so long after the last stream of it, ms. */
const KEPT_MS = GONE_MS + 20_000;

/** Whose a stream is, for counting. */
export interface StreamOwner {
  /** The personal link's person or the instructor, as an id. */
  readonly id: string;
  readonly address: string;
}

/** What a stream follows, for whom, and what of it they may see. */
export interface Followed {
  readonly session: string;
  readonly studio: string;
  readonly owner: StreamOwner;
  readonly eyes: Eyes;
  readonly door: Door;
}

interface Stream extends Followed {
  /** In which sweep of a round it gets its comment. */
  readonly turn: number;
  put(bytes: Uint8Array): void;
  end(): void;
}

/** What a reader's stream does: it ends, or has taken all that was put aside for it. */
interface Joined {
  readonly end: () => void;
  readonly caughtUp: () => void;
}

/** Whether all that was put into a stream has gone on to its answer: only then may something be written to that itself. */
function isClear({ desiredSize }: ReadableStreamDefaultController, answer: ServerResponse): boolean {
  return desiredSize === WAITING && answer.headersSent && !answer.writableNeedDrain && !answer.writableEnded;
}

/** Bytes that wait for a reader. */
function behind({ desiredSize }: ReadableStreamDefaultController, answer: ServerResponse | null): number {
  return WAITING - (desiredSize ?? 0) + (answer?.writableLength ?? 0);
}

interface Room {
  readonly feed: Feed;
  readonly streams: Set<Stream>;
  /** Resolves when what had happened before is known. */
  readonly ready: Promise<void>;
  emptySinceMs: number | null;
}

const encoder = new TextEncoder();
const HELLO = encoder.encode("retry: 1000\n\n");
const PING = encoder.encode(": here\n\n");
const LOOK = encoder.encode("event: look\ndata: {}\n\n");

class LiveHub {
  private readonly rooms = new Map<string, Room>();
  private readonly open = new Map<string, number>();
  private readonly presences = new Presences((session) => this.rooms.get(session)?.feed.after(0) ?? []);
  private sweeps = 0;
  private readonly listener = new Listener(
    {
      [CHANNELS.events]: (session) => void this.rooms.get(session)?.feed.read(),
      [CHANNELS.anew]: (session) => void this.rooms.get(session)?.feed.readAnew(),
      [CHANNELS.here]: (key) => this.presences.elsewhere(key),
      [CHANNELS.sessions]: (studio) => this.look(studio),
    },
    () => {
      // Whatever happened while nobody listened.
      for (const { feed } of this.rooms.values()) void feed.readAnew();
    },
    () => this.rooms.size > 0,
  );

  constructor() {
    // An open stream would keep the server from ending.
    for (const signal of ["SIGTERM", "SIGINT"] as const) process.once(signal, () => this.endAll());
    setInterval(() => this.sweep(), SWEEP_MS).unref();
  }

  /** Streams that are open, and sessions that are followed. */
  get standing(): { readonly streams: number; readonly rooms: number } {
    let streams = 0;
    for (const room of this.rooms.values()) streams += room.streams.size;
    return { streams, rooms: this.rooms.size };
  }

  private endAll(): void {
    this.presences.stop();
    for (const { streams } of this.rooms.values()) for (const stream of [...streams]) stream.end();
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

  private room(session: string): Room {
    const there = this.rooms.get(session);
    if (there) return there;
    const streams = new Set<Stream>();
    const load = async (seq: number) => {
      metrics().reads.inc();
      return eventsAfter(session, seq);
    };
    const feed = new Feed(load, (fresh) => this.hand(streams, fresh));
    // Listened first, then read: what happens in between is said, or is already there.
    const ready = this.listener.listen().then(() => feed.read());
    const made: Room = { feed, streams, ready, emptySinceMs: performance.now() };
    this.rooms.set(session, made);
    return made;
  }

  private hand(streams: ReadonlySet<Stream>, fresh: readonly SessionEvent[]): void {
    if (streams.size === 0) return;
    const frames = new Frames(fresh);
    for (const stream of streams) {
      const frame = frames.for(stream.eyes);
      if (frame) stream.put(frame);
    }
    const last = fresh.at(-1);
    if (last) metrics().handed.observe(Math.max(0, Date.now() - last.atMs) / 1000);
  }

  /** Tells the screens of a studio's people that another class may be theirs now. */
  private look(studio: string): void {
    for (const { streams } of this.rooms.values())
      for (const stream of streams)
        if (stream.studio === studio && typeof stream.eyes === "object") stream.put(LOOK);
  }

  private sweep(): void {
    this.sweeps = (this.sweeps + 1) % SWEEPS_A_ROUND;
    const nowMs = performance.now();
    for (const [session, { streams, emptySinceMs }] of this.rooms) {
      for (const stream of streams) if (stream.turn === this.sweeps) stream.put(PING);
      if (streams.size === 0 && emptySinceMs !== null && nowMs - emptySinceMs > KEPT_MS)
        this.rooms.delete(session);
    }
    if (this.sweeps === 0) void this.askForAll();
  }

  /** Two questions for all that is open. A database that is away says nothing of anybody: the streams stay. */
  private async askForAll(): Promise<void> {
    const streams = [...this.rooms.values()].flatMap((room) => [...room.streams]);
    if (streams.length === 0) return;
    try {
      const [doors, lasts] = await Promise.all([
        openDoors(streams.map(({ door }) => door)),
        lastSeqs([...this.rooms.keys()]),
      ]);
      for (const stream of streams) if (!doors.has(doorKey(stream.door))) stream.end();
      for (const [session, seq] of lasts) {
        const feed = this.rooms.get(session)?.feed;
        if (feed && feed.lastSeq < seq) void feed.read();
      }
    } catch {
      // Asked again in the next round.
    }
  }

  /** A stream of the events of a session after `seq`, in batches, each with the last number as its id. */
  stream(
    followed: Followed,
    seq: number,
    signal: AbortSignal,
    answer: ServerResponse | null = null,
  ): ReadableStream<Uint8Array> {
    let joined: Joined | null = null;
    return new ReadableStream<Uint8Array>(
      {
        start: (controller) => {
          joined = this.welcome(followed, seq, controller, answer);
          signal.addEventListener("abort", joined.end);
        },
        pull: () => joined?.caughtUp(),
        cancel: () => joined?.end(),
      },
      new ByteLengthQueuingStrategy({ highWaterMark: WAITING }),
    );
  }

  private welcome(
    followed: Followed,
    seq: number,
    controller: ReadableStreamDefaultController<Uint8Array>,
    answer: ServerResponse | null,
  ): Joined {
    const { session, owner, eyes } = followed;
    const room = this.room(session);
    const person = typeof eyes === "object" ? { session, id: owner.id, person: eyes.person } : null;
    let open = true;
    let most = MOST_BEHIND;
    const stream: Stream = {
      ...followed,
      turn: (this.standing.streams + this.sweeps) % SWEEPS_A_ROUND,
      put: (bytes) => {
        if (!open) return;
        metrics().sent.inc();
        if (answer && isClear(controller, answer)) answer.write(bytes);
        else controller.enqueue(bytes);
        if (behind(controller, answer) < most) return;
        metrics().cut.inc();
        stream.end();
      },
      end: () => {
        if (!open) return;
        open = false;
        this.countOpen(owner.id, -1);
        this.countOpen(owner.address, -1);
        room.streams.delete(stream);
        if (room.streams.size === 0) room.emptySinceMs = performance.now();
        if (person) this.presences.gone(person);
        try {
          controller.close();
        } catch {
          // The reader has gone before.
        }
      },
    };
    this.countOpen(owner.id, 1);
    this.countOpen(owner.address, 1);
    room.emptySinceMs = null;
    stream.put(HELLO);
    if (person) this.presences.came(person);
    void room.ready.then(() => {
      if (!open) return;
      const missed = seenWith(eyes, room.feed.after(seq));
      const frame = frameOf(missed, room.feed.lastSeq);
      // However much somebody has missed, it is theirs to read before they count as slow.
      most += frame?.length ?? 0;
      if (frame) stream.put(frame);
      room.streams.add(stream);
    });
    const caughtUp = () => {
      most = MOST_BEHIND;
    };
    return { end: stream.end, caughtUp };
  }
}

const held = globalThis as typeof globalThis & { brontleLive?: LiveHub };

/** The one hub of this process. */
export function liveHub(): LiveHub {
  held.brontleLive ??= new LiveHub();
  return held.brontleLive;
}
