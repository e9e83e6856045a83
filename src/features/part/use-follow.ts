"use client";
/** A class as a participant's phone sees it: the clock, and what they entered, kept until the server has it. */
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { againAfterMs } from "@/browser/again";
import { api, type FailureCode } from "@/browser/api";
import type { EntryKind } from "@/core/live/event-kinds";
import { type Entered, entered, type RunCommand, type RunEvent } from "@/core/live/events";
import { type RunState, runState } from "@/core/live/fold";
import type { RunScore } from "@/core/live/run-score";
import { useServerClock } from "@/features/live/use-server-clock";
import { joinEvents, useStream } from "@/features/live/use-stream";
import { useTicking, useWaiting } from "@/features/live/use-waiting";

type Waiting = RunCommand<EntryKind> & { readonly atMs: number; readonly offline: boolean };

/** What the server will never take; anything else is kept and sent again, a fault of ours too. */
const NEVER: readonly FailureCode[] = [
  "not-found",
  "not-yours",
  "conflict",
  "malformed",
  "invalid",
  "too-large",
  "other-origin",
];

/** Enters something of oneself. */
export type Enter = (...entered: Entered) => void;

export interface Follow {
  readonly state: RunState;
  readonly events: readonly RunEvent[];
  /** What the server has taken. */
  readonly known: readonly RunEvent[];
  readonly now: () => number;
  readonly synced: boolean;
  readonly reached: boolean;
  /** Why the first of what was entered here hasn't been taken yet; it is kept and sent again. */
  readonly held: FailureCode | null;
  readonly enter: Enter;
}

/** What had happened by then; the start is known at once, so that nobody misses the count-in. */
function heardBy(events: readonly RunEvent[], atMs: number): readonly RunEvent[] {
  return events.filter((event) => event.atMs <= atMs || event.kind === "start");
}

export function useFollow(
  token: string,
  runId: string,
  person: string,
  score: RunScore,
  first: readonly RunEvent[],
  lateMs: number,
): Follow {
  const { now, estimate } = useServerClock(`/api/part/${token}/clock`);
  const [known, setKnown] = useState(first);
  const [waiting, setWaiting] = useWaiting<Waiting>(`brontle.part.${runId}.${person}`);
  useTicking();
  const [reached, setReached] = useState(true);
  const [held, setHeld] = useState<FailureCode | null>(null);
  const tries = useRef(0);
  const sending = useRef(false);
  useStream(
    `/api/part/${token}/stream?run=${runId}`,
    `/api/part/${token}/events?run=${runId}`,
    known,
    (events) => setKnown((before) => joinEvents(before, events)),
    setReached,
  );

  useEffect(() => {
    const send = async () => {
      const [head] = waiting;
      if (!head || sending.current) return;
      sending.current = true;
      const { id, kind, payload, atMs, offline } = head;
      // Who it is goes by the link.
      const { person: _self, ...said } = payload;
      const reply = await api("POST", `/api/part/${token}/events`, {
        id,
        run: runId,
        kind,
        ...said,
        ...(offline ? { offlineAtMs: atMs } : {}),
      });
      sending.current = false;
      // Kept unless the server has it, or will never take it.
      if (!reply.ok && !NEVER.includes(reply.failure.code)) {
        tries.current += 1;
        setHeld(reply.failure.code);
        if (reply.failure.code === "offline") setReached(false);
        setWaiting((list) => list.map((entry) => ({ ...entry, offline: true })));
        return;
      }
      tries.current = 0;
      setHeld(null);
      setWaiting((list) => list.filter((entry) => entry.id !== id));
    };
    if (waiting.length === 0) return;
    if (!waiting[0]?.offline) void send();
    const timer = setTimeout(send, againAfterMs(tries.current));
    return () => clearTimeout(timer);
  }, [waiting, token, runId, setWaiting]);

  const enter = useCallback<Enter>(
    (...said) =>
      setWaiting((list) => [
        ...list,
        { ...entered(person, said), id: crypto.randomUUID(), atMs: now(), offline: false },
      ]),
    [now, person, setWaiting],
  );
  const events = useMemo(() => {
    const taken = new Set(known.map((event) => event.id));
    const last = known.at(-1);
    const own = waiting
      .filter((entry) => !taken.has(entry.id))
      .map((entry, i) => ({ ...entry, seq: (last?.seq ?? 0) + i + 1 }));
    return [...known, ...own];
  }, [known, waiting]);
  // Somebody who hears the instructor late sees the clock as late as they hear her.
  const heard = lateMs === 0 ? known : heardBy(known, now() - lateMs);
  const state = runState(score, heard, now() - lateMs);
  return { state, events, known, now, synced: estimate !== null, reached, held, enter };
}
