"use client";
/** A taught class as this device sees it: the events that are known, the clock, and commands on their way. */
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { deviceNowMs } from "@/browser/now";
import { keep, kept } from "@/browser/store";
import { type ClockEstimate, type ClockSample, estimateClock } from "@/core/live/clock";
import type { RunEvent, RunEventKind, RunPayload } from "@/core/live/events";
import { type RunState, runState } from "@/core/live/fold";
import type { RunScore } from "@/core/live/run-score";

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
  const since = events.filter((event) => event.seq > entry.seen);
  const last = since.at(-1);
  return last && since.every((event) => mine.has(event.id)) ? { ...entry, seen: last.seq } : entry;
}

const TICK_MS = 100;
const RETRY_MS = 1500;
const FOLLOW_MS = 4000;
const CLOCK_EVERY_MS = 60_000;
const CLOCK_SAMPLES = 5;

/** The server's clock, estimated from round trips; the shortest trip wins. */
function useServerClock(): { readonly now: () => number; readonly estimate: ClockEstimate | null } {
  const [estimate, setEstimate] = useState<ClockEstimate | null>(null);
  const offset = useRef(0);
  useEffect(() => {
    let over = false;
    const measure = async () => {
      const samples: ClockSample[] = [];
      for (let i = 0; i < CLOCK_SAMPLES && !over; i += 1) {
        const sentMs = deviceNowMs();
        const reply = await api<{ nowMs: number }>("GET", "/api/clock");
        if (reply.ok) samples.push({ sentMs, receivedMs: deviceNowMs(), serverMs: reply.value.nowMs });
      }
      const found = estimateClock(samples);
      if (found && !over) {
        offset.current = found.offsetMs;
        setEstimate(found);
      }
    };
    void measure();
    const timer = setInterval(measure, CLOCK_EVERY_MS);
    return () => {
      over = true;
      clearInterval(timer);
    };
  }, []);
  const now = useCallback(() => Math.round(deviceNowMs() + offset.current), []);
  return { now, estimate };
}

export interface Run {
  readonly state: RunState;
  readonly events: readonly RunEvent[];
  readonly now: () => number;
  /** The clock was read: what is shown is the server's second. */
  readonly synced: boolean;
  readonly reached: boolean;
  readonly command: (kind: RunEventKind, payload?: RunPayload) => void;
}

export function useRun(id: string, score: RunScore, first: readonly RunEvent[]): Run {
  const { now, estimate } = useServerClock();
  const [confirmed, setConfirmed] = useState(first);
  const [waiting, setWaiting] = useState<readonly Waiting[]>([]);
  const [reached, setReached] = useState(true);
  const [, setTick] = useState(0);
  const latest = useRef({ confirmed, waiting });
  latest.current = { confirmed, waiting };
  const sending = useRef(false);
  const mine = useRef(new Set<string>());
  const storeKey = `brontle.run.${id}`;

  // What this device did without a connection survives a reload of the page.
  useEffect(() => {
    const left = kept<Waiting[]>(storeKey);
    if (left && left.length > 0) setWaiting(left);
  }, [storeKey]);
  useEffect(() => keep(storeKey, waiting.length > 0 ? waiting : null), [waiting, storeKey]);

  useEffect(() => {
    const timer = setInterval(() => setTick((n) => n + 1), TICK_MS);
    return () => clearInterval(timer);
  }, []);

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
    if (!reply.ok && reply.failure.code === "offline") {
      setReached(false);
      setWaiting((list) => list.map((entry) => ({ ...entry, offline: true })));
      return;
    }
    setReached(true);
    const after = reply.ok ? reply.value.events : [];
    setWaiting((list) =>
      list.filter((entry) => entry.event.id !== event.id).map((entry) => sawOwn(entry, after, mine.current)),
    );
    if (!reply.ok) toast.error(`Not done: ${reply.failure.message}`);
    else {
      setConfirmed(reply.value.events);
      if (!reply.value.taken) toast("Another screen moved the class at the same moment; its move counts.");
    }
  }, [id]);

  useEffect(() => {
    if (waiting.length === 0) return;
    if (!waiting[0]?.offline) void send();
    const timer = setInterval(send, RETRY_MS);
    return () => clearInterval(timer);
  }, [waiting, send]);

  // Another tab may lead: follow what the server has.
  useEffect(() => {
    const follow = async () => {
      if (latest.current.waiting.length > 0) return;
      const reply = await api<{ events: RunEvent[] }>("GET", `/api/runs/${id}/events`);
      setReached(reply.ok || reply.failure.code !== "offline");
      if (!reply.ok) return;
      const { events } = reply.value;
      setConfirmed((before) => (events.length > before.length ? events : before));
    };
    const timer = setInterval(follow, FOLLOW_MS);
    return () => clearInterval(timer);
  }, [id]);

  const command = useCallback(
    (kind: RunEventKind, payload: RunPayload = {}) => {
      const { confirmed: known, waiting: list } = latest.current;
      const lastKnown = list.at(-1)?.event ?? known.at(-1);
      const event: RunEvent = {
        id: crypto.randomUUID(),
        kind,
        payload,
        seq: (lastKnown?.seq ?? 0) + 1,
        atMs: Math.max(now(), lastKnown?.atMs ?? 0),
      };
      mine.current.add(event.id);
      setWaiting([...list, { event, seen: known.at(-1)?.seq ?? 0, offline: false }]);
    },
    [now],
  );
  const events = useMemo(() => [...confirmed, ...waiting.map((entry) => entry.event)], [confirmed, waiting]);
  const state = runState(score, events, now());
  return { state, events, now, synced: estimate !== null, reached, command };
}
