"use client";
import { useEffect, useRef } from "react";
import { api } from "@/browser/api";
import { followStream } from "@/browser/shared-stream";
import type { SessionEvent } from "@/core/live/events";

function after(path: string, seq: number): string {
  return `${path}${path.includes("?") ? "&" : "?"}after=${seq}`;
}

/**
 * Follows an event stream from where one is; the browser comes back by itself with the last number it had.
 * `events`: where the same events are asked for at once.
 */
export function useStream(
  path: string,
  events: string,
  known: readonly SessionEvent[],
  onEvents: (events: readonly SessionEvent[]) => void,
  onReached: (reached: boolean) => void,
  onLook: () => void = () => undefined,
): void {
  const latest = useRef({ onEvents, onReached, onLook, seq: 0 });
  latest.current.onEvents = onEvents;
  latest.current.onLook = onLook;
  latest.current.onReached = onReached;
  latest.current.seq = Math.max(latest.current.seq, known.at(-1)?.seq ?? 0);
  useEffect(
    () =>
      followStream(path, {
        seq: () => latest.current.seq,
        onEvents: (more) => latest.current.onEvents(more),
        onReached: (reached) => latest.current.onReached(reached),
        onLook: () => latest.current.onLook(),
        catchUp: async (seq) => {
          const reply = await api<{ events: SessionEvent[] }>("GET", after(events, seq));
          return reply.ok ? reply.value.events : [];
        },
      }),
    [path, events],
  );
}

/** Two lists of events as one, in the order of their numbers, each once. */
export function joinEvents(
  known: readonly SessionEvent[],
  more: readonly SessionEvent[],
): readonly SessionEvent[] {
  const have = new Set(known.map((event) => event.seq));
  const fresh = more.filter((event) => !have.has(event.seq));
  return fresh.length === 0 ? known : [...known, ...fresh].sort((a, b) => a.seq - b.seq);
}
