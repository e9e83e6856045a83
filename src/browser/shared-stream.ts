/**
 * One event stream for all tabs of one browser that follow the same thing: browsers open six connections
 * to a server, and each stream holds one. The tab that has the lock reads; it tells the others.
 */
import type { SessionEvent } from "../core/live/events";
import { againAfterMs } from "./again";

export interface Follower {
  /** The last number that is known here. */
  readonly seq: () => number;
  readonly onEvents: (events: readonly SessionEvent[]) => void;
  readonly onReached: (reached: boolean) => void;
  /** Another class may be the one to follow now. */
  readonly onLook?: () => void;
  /** Asks for what came after a number, outside the stream: what another tab heard before this one listened. */
  readonly catchUp: (after: number) => Promise<readonly SessionEvent[]>;
}

type Said =
  | { readonly events: readonly SessionEvent[] }
  | { readonly reached: boolean }
  | { readonly look: true }
  | { readonly who: "new" };

function withAfter(path: string, after: number): string {
  return `${path}${path.includes("?") ? "&" : "?"}after=${after}`;
}

/** Reads the stream itself, and says what it hears. */
function read(path: string, follower: Follower, say: (said: Said) => void): () => void {
  let source: EventSource | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let tries = 0;
  const reached = (value: boolean) => {
    follower.onReached(value);
    say({ reached: value });
  };
  const open = () => {
    const made = new EventSource(withAfter(path, follower.seq()));
    source = made;
    made.onopen = () => {
      tries = 0;
      reached(true);
    };
    made.onerror = () => {
      reached(false);
      // The browser comes back by itself where the connection broke, but not where it was answered no.
      if (made.readyState !== EventSource.CLOSED) return;
      tries += 1;
      timer = setTimeout(open, againAfterMs(tries));
    };
    made.onmessage = ({ data }) => {
      const events = JSON.parse(data) as SessionEvent[];
      follower.onEvents(events);
      say({ events });
    };
    made.addEventListener("look", () => {
      follower.onLook?.();
      say({ look: true });
    });
  };
  open();
  return () => {
    clearTimeout(timer);
    source?.close();
  };
}

/** Follows a stream until the function that it gives is called. */
export function followStream(path: string, follower: Follower): () => void {
  // Without locks (an old browser, an address without encryption) each tab reads for itself.
  if (!("locks" in navigator) || typeof BroadcastChannel === "undefined")
    return read(path, follower, () => undefined);
  const name = `brontle ${path}`;
  const channel = new BroadcastChannel(name);
  const over = new AbortController();
  let leading = false;
  let standing: boolean | null = null;
  channel.onmessage = ({ data }: MessageEvent<Said>) => {
    if ("events" in data) follower.onEvents(data.events);
    else if ("reached" in data) follower.onReached(data.reached);
    else if ("look" in data) follower.onLook?.();
    else if (leading && standing !== null) channel.postMessage({ reached: standing } satisfies Said);
  };
  const say = (said: Said) => {
    if ("reached" in said) standing = said.reached;
    channel.postMessage(said);
  };
  let stopReading = () => {};
  void navigator.locks
    .request(
      name,
      { signal: over.signal },
      () =>
        new Promise<void>((release) => {
          if (over.signal.aborted) return release();
          leading = true;
          const close = read(path, follower, say);
          stopReading = () => {
            close();
            release();
          };
        }),
    )
    .catch(() => undefined);
  channel.postMessage({ who: "new" } satisfies Said);
  void follower.catchUp(follower.seq()).then((events) => {
    if (!over.signal.aborted && events.length > 0) follower.onEvents(events);
  });
  return () => {
    over.abort();
    stopReading();
    channel.close();
  };
}
