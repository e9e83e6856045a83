"use client";
/** A class as a participant's phone sees it: the clock, and what they entered, kept until the server has it. */
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { api, type FailureCode } from "@/browser/api";
import { type DeviceNow, isNews } from "@/core/live/devices-now";
import type { EntryKind } from "@/core/live/event-kinds";
import { type Entered, entered, type SessionCommand, type SessionEvent } from "@/core/live/events";
import { type ClockState, clockState } from "@/core/live/fold";
import type { LiveScore } from "@/core/live/live-score";
import { useServerClock } from "@/features/live/use-server-clock";
import { joinEvents, useStream } from "@/features/live/use-stream";
import { useTicking } from "@/features/live/use-ticking";
import { type Outgoing, useOutbox } from "@/features/sending/use-outbox";
import { keepOf, keptOf } from "./kept-class";

type Waiting = SessionCommand<EntryKind> & Outgoing & { readonly atMs: number };

/** Enters something of oneself. */
export type Enter = (...entered: Entered) => void;

export interface Follow {
  readonly state: ClockState;
  readonly events: readonly SessionEvent[];
  /** What the server has taken. */
  readonly known: readonly SessionEvent[];
  readonly now: () => number;
  /** This device's clock lies within so many ms of the server's; null while it isn't known. */
  readonly within: number | null;
  readonly synced: boolean;
  readonly reached: boolean;
  /** Why the first of what was entered here hasn't been taken yet; it is kept and sent again. */
  readonly held: FailureCode | null;
  /** How often it was said that another class may be the one to follow. */
  readonly looks: number;
  readonly enter: Enter;
}

/** What had happened by then; the start is known at once, so that nobody misses the count-in. */
function heardBy(events: readonly SessionEvent[], atMs: number): readonly SessionEvent[] {
  return events.filter((event) => event.atMs <= atMs || event.kind === "start");
}

/** What the server has taken is heard of by the stream within this; what isn't by then was stored as nothing, ms. */
const HEARD_MS = 10_000;

/**
 * What was taken, until the stream brings it: between the answer and that it would be forgotten for a moment, and whoever
 * presses again just then would press in a state that is no longer so.
 */
function useTaken(): [readonly Waiting[], (entry: Waiting) => void] {
  const [taken, setTaken] = useState<readonly Waiting[]>([]);
  const keepTaken = useCallback((entry: Waiting) => {
    setTaken((list) => [...list, entry]);
    setTimeout(() => setTaken((list) => list.filter(({ id }) => id !== entry.id)), HEARD_MS);
  }, []);
  return [taken, keepTaken];
}

export function useFollow(
  token: string,
  sessionId: string,
  person: string,
  score: LiveScore,
  first: readonly SessionEvent[],
  lateMs: number,
): Follow {
  const { now, estimate } = useServerClock();
  const [known, setKnown] = useState(first);
  // Opened again without network: what had come in by then is known.
  useEffect(() => {
    const there = keptOf("events", sessionId, person);
    if (there) setKnown((before) => joinEvents(before, there));
  }, [sessionId, person]);
  useEffect(() => keepOf("events", sessionId, person, known), [sessionId, person, known]);
  const [looks, setLooks] = useState(0);
  useTicking(now);
  const [taken, keepTaken] = useTaken();
  const { waiting, add, held, reached, setReached } = useOutbox<Waiting, unknown>(
    `brontle.part.${sessionId}.${person}`,
    {
      send: ({ id, kind, payload, atMs, offline }) => {
        // Who it is goes by the link.
        const { person: _self, ...said } = payload;
        const when = offline ? { offlineAtMs: atMs } : {};
        return api("POST", `/api/part/${token}/events`, { id, session: sessionId, kind, ...said, ...when });
      },
      onTaken: (entry) => {
        keepTaken(entry);
        return (left) => left;
      },
    },
  );
  useStream(
    `/api/part/${token}/stream?session=${sessionId}`,
    `/api/part/${token}/events?session=${sessionId}`,
    known,
    (events) => setKnown((before) => joinEvents(before, events)),
    setReached,
    () => setLooks((n) => n + 1),
  );

  const enter = useCallback<Enter>(
    (...said) =>
      add(() => ({ ...entered(person, said), id: crypto.randomUUID(), atMs: now(), offline: false })),
    [now, person, add],
  );
  const within = estimate?.uncertaintyMs ?? null;
  const told = useRef<DeviceNow | null>(null);
  const { phase } = clockState(score, known, now());
  useEffect(() => {
    if (within === null || phase === "ended") return;
    const device = { withinMs: within, lateMs };
    if (!isNews(told.current, device)) return;
    told.current = device;
    enter("device", device);
  }, [within, lateMs, phase, enter]);
  const events = useMemo(() => {
    const heard = new Set(known.map((event) => event.id));
    const last = known.at(-1);
    const ids = new Set(taken.map(({ id }) => id));
    const own = [...taken, ...waiting.filter(({ id }) => !ids.has(id))]
      .filter((entry) => !heard.has(entry.id))
      .map((entry, i) => ({ ...entry, seq: (last?.seq ?? 0) + i + 1 }));
    return [...known, ...own];
  }, [known, taken, waiting]);
  // Somebody who hears the instructor late sees the clock as late as they hear her.
  const heard = lateMs === 0 ? known : heardBy(known, now() - lateMs);
  const state = clockState(score, heard, now() - lateMs);
  return { state, events, known, now, within, synced: within !== null, reached, held, looks, enter };
}
