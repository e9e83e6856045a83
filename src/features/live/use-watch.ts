"use client";
/** A session that this device only watches: the clock and the events, no commands. */
import { useState } from "react";
import type { SessionEvent } from "@/core/live/events";
import { type ClockState, clockState } from "@/core/live/fold";
import type { LiveScore } from "@/core/live/live-score";
import { useServerClock } from "./use-server-clock";
import { joinEvents, useStream } from "./use-stream";
import { useTicking } from "./use-ticking";

export interface Watch {
  readonly events: readonly SessionEvent[];
  readonly now: () => number;
  readonly synced: boolean;
  /** This device's clock lies within so many ms of the server's; null while it isn't known. */
  readonly within: number | null;
  readonly reached: boolean;
  readonly stateOf: (score: LiveScore) => ClockState;
}

/** Watches the events at these paths; redrawn ten times a second. */
export function useWatch(stream: string, eventsPath: string, first: readonly SessionEvent[]): Watch {
  const { now, estimate } = useServerClock();
  const [events, setEvents] = useState(first);
  const [reached, setReached] = useState(true);
  useTicking(now);
  useStream(
    stream,
    eventsPath,
    events,
    (more) => setEvents((before) => joinEvents(before, more)),
    setReached,
  );
  return {
    events,
    now,
    synced: estimate !== null,
    within: estimate?.uncertaintyMs ?? null,
    reached,
    stateOf: (score) => clockState(score, events, now()),
  };
}
