"use client";
import { useEffect, useRef } from "react";
import type { RunEvent } from "@/core/live/events";

/** Follows an event stream from where one is; the browser comes back by itself with the last number it had. */
export function useStream(
  path: string | null,
  known: readonly RunEvent[],
  onEvents: (events: readonly RunEvent[]) => void,
  onReached: (reached: boolean) => void,
): void {
  const latest = useRef({ onEvents, onReached, seq: 0 });
  latest.current.onEvents = onEvents;
  latest.current.onReached = onReached;
  latest.current.seq = Math.max(latest.current.seq, known.at(-1)?.seq ?? 0);
  useEffect(() => {
    if (path === null) return;
    const source = new EventSource(`${path}${path.includes("?") ? "&" : "?"}after=${latest.current.seq}`);
    source.onopen = () => latest.current.onReached(true);
    source.onerror = () => latest.current.onReached(false);
    source.onmessage = ({ data }) => latest.current.onEvents(JSON.parse(data) as RunEvent[]);
    return () => source.close();
  }, [path]);
}

/** Two lists of events as one, in the order of their numbers, each once. */
export function joinEvents(known: readonly RunEvent[], more: readonly RunEvent[]): readonly RunEvent[] {
  const have = new Set(known.map((event) => event.seq));
  const fresh = more.filter((event) => !have.has(event.seq));
  return fresh.length === 0 ? known : [...known, ...fresh].sort((a, b) => a.seq - b.seq);
}
