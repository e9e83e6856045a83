"use client";
/** A taught class as this device sees it: the events that are known, the clock, and commands on their way. */
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { toast } from "sonner";
import { againAfterMs } from "@/browser/again";
import { api, type FailureCode } from "@/browser/api";
import type { CommandKind } from "@/core/live/event-kinds";
import { happening, movesClock, type RunEvent, type Said } from "@/core/live/events";
import { type RunState, runState } from "@/core/live/fold";
import type { RunScore } from "@/core/live/run-score";
import { useServerClock } from "./use-server-clock";
import { joinEvents, useStream } from "./use-stream";
import { useTicking, useWaiting } from "./use-waiting";

/** A command that the server hasn't confirmed. `offline`: it was once not reached with it. */
interface Waiting {
  readonly event: RunEvent;
  readonly seen: number;
  readonly offline: boolean;
}

/**
 * A command that waited behind this device's own earlier ones has seen those: it was pressed after
 * them. Somebody else's in between it has not.
 */
function sawOwn(entry: Waiting, events: readonly RunEvent[], mine: ReadonlySet<string>): Waiting {
  const since = events.filter((event) => event.seq > entry.seen && movesClock(event));
  const last = since.at(-1);
  return last && since.every((event) => mine.has(event.id)) ? { ...entry, seen: last.seq } : entry;
}

export interface Run {
  readonly state: RunState;
  readonly events: readonly RunEvent[];
  readonly now: () => number;
  /** The clock was read: what is shown is the server's second. */
  readonly synced: boolean;
  readonly reached: boolean;
  /** Why the first of what was pressed here hasn't been taken yet; it is kept and sent again. */
  readonly held: FailureCode | null;
  readonly command: (...said: Said<CommandKind>) => void;
}

export function useRun(id: string, score: RunScore, first: readonly RunEvent[]): Run {
  const { now, estimate } = useServerClock("/api/clock");
  const [confirmed, setConfirmed] = useState(first);
  const [waiting, setWaiting] = useWaiting<Waiting>(`brontle.run.${id}`);
  useTicking();
  const [reached, setReached] = useState(true);
  const [held, setHeld] = useState<FailureCode | null>(null);
  const tries = useRef(0);
  const latest = useRef({ confirmed, waiting });
  latest.current = { confirmed, waiting };
  const sending = useRef(false);
  const mine = useRef(new Set<string>());
  const send = useCallback(async () => {
    const [head] = latest.current.waiting;
    if (!head || sending.current) return;
    sending.current = true;
    const { event, seen, offline } = head;
    const body = {
      id: event.id,
      kind: event.kind,
      payload: event.payload,
      seen,
      ...(offline ? { offlineAtMs: event.atMs } : {}),
    };
    const reply = await api<{ taken: boolean; events: RunEvent[] }>("POST", `/api/runs/${id}/events`, body);
    sending.current = false;
    if (!reply.ok && (reply.failure.passing || reply.failure.code === "signed-out")) {
      tries.current += 1;
      setHeld(reply.failure.code);
      if (reply.failure.code === "offline") setReached(false);
      setWaiting((list) => list.map((entry) => ({ ...entry, offline: true })));
      return;
    }
    tries.current = 0;
    setHeld(null);
    setReached(true);
    const after = reply.ok ? reply.value.events : [];
    setWaiting((list) =>
      list.filter((entry) => entry.event.id !== event.id).map((entry) => sawOwn(entry, after, mine.current)),
    );
    if (!reply.ok) toast.error(`Not done: ${reply.failure.message}`);
    else {
      setConfirmed((before) => joinEvents(before, reply.value.events));
      if (!reply.value.taken) toast("Another screen moved the class at the same moment; its move counts.");
    }
  }, [id, setWaiting]);

  useEffect(() => {
    if (waiting.length === 0) return;
    if (!waiting[0]?.offline) void send();
    const timer = setTimeout(send, againAfterMs(tries.current));
    return () => clearTimeout(timer);
  }, [waiting, send]);

  // Another tab may lead, and people enter things: follow what happens.
  useStream(
    `/api/runs/${id}/stream`,
    `/api/runs/${id}/events`,
    confirmed,
    (events) => setConfirmed((before) => joinEvents(before, events)),
    setReached,
  );

  const command = useCallback(
    (...said: Said<CommandKind>) => {
      const { confirmed: known, waiting: list } = latest.current;
      const lastKnown = list.at(-1)?.event ?? known.at(-1);
      const event: RunEvent = {
        id: crypto.randomUUID(),
        ...happening(said),
        seq: (lastKnown?.seq ?? 0) + 1,
        atMs: Math.max(now(), lastKnown?.atMs ?? 0),
      };
      mine.current.add(event.id);
      setWaiting([...list, { event, seen: known.at(-1)?.seq ?? 0, offline: false }]);
    },
    [now, setWaiting],
  );
  const events = useMemo(() => {
    // One of ours that has come back by the stream already is no longer on its way.
    const taken = new Set(confirmed.map((event) => event.id));
    return [...confirmed, ...waiting.map((entry) => entry.event).filter((event) => !taken.has(event.id))];
  }, [confirmed, waiting]);
  const state = runState(score, events, now());
  return { state, events, now, synced: estimate !== null, reached, held, command };
}
