"use client";
/**
 * What is pressed on this device and on its way to the server: kept over a reload, sent one by one in its order,
 * tried again for as long as it may still be taken. The instructor's commands and the phones' entries go by it.
 */
import { useCallback, useEffect, useRef, useState } from "react";
import { againAfterMs } from "@/browser/again";
import type { ApiFailure, ApiResult, FailureCode } from "@/browser/api";
import { useWaiting } from "./use-waiting";

export interface Outgoing {
  readonly id: string;
  /** It was once tried and not taken: the server is told when it was pressed. */
  readonly offline: boolean;
}

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

export interface OutboxDoor<T extends Outgoing, Answer> {
  readonly send: (entry: T) => Promise<ApiResult<Answer>>;
  /** The server has it. Gives how those that still wait change, where they do. */
  readonly onTaken?: (entry: T, answer: Answer) => (left: T) => T;
  /** The server will never take it: it isn't sent again. */
  readonly onRefused?: (entry: T, failure: ApiFailure) => void;
}

export interface Outbox<T> {
  readonly waiting: readonly T[];
  readonly add: (make: (waiting: readonly T[]) => T) => void;
  /** Why the first that waits hasn't been taken yet; it is kept and sent again. */
  readonly held: FailureCode | null;
  readonly reached: boolean;
  readonly setReached: (reached: boolean) => void;
}

export function useOutbox<T extends Outgoing, Answer>(
  storeKey: string,
  door: OutboxDoor<T, Answer>,
): Outbox<T> {
  const [waiting, setWaiting] = useWaiting<T>(storeKey);
  const [reached, setReached] = useState(true);
  const [held, setHeld] = useState<FailureCode | null>(null);
  const tries = useRef(0);
  const sending = useRef(false);
  const latest = useRef({ waiting, door });
  latest.current = { waiting, door };

  const send = useCallback(async () => {
    const [head] = latest.current.waiting;
    if (!head || sending.current) return;
    sending.current = true;
    const reply = await latest.current.door.send(head);
    sending.current = false;
    const { onTaken, onRefused } = latest.current.door;
    if (!reply.ok && !NEVER.includes(reply.failure.code)) {
      tries.current += 1;
      setHeld(reply.failure.code);
      if (reply.failure.code === "offline") setReached(false);
      setWaiting((list) => list.map((entry) => ({ ...entry, offline: true })));
      return;
    }
    tries.current = 0;
    setHeld(null);
    setReached(true);
    const changed = reply.ok ? onTaken?.(head, reply.value) : undefined;
    if (!reply.ok) onRefused?.(head, reply.failure);
    setWaiting((list) => {
      const left = list.filter((entry) => entry.id !== head.id);
      return changed ? left.map(changed) : left;
    });
  }, [setWaiting]);

  useEffect(() => {
    if (waiting.length === 0) return;
    if (!waiting[0]?.offline) void send();
    const timer = setTimeout(send, againAfterMs(tries.current));
    return () => clearTimeout(timer);
  }, [waiting, send]);

  const add = useCallback<Outbox<T>["add"]>(
    (make) => setWaiting((list) => [...list, make(list)]),
    [setWaiting],
  );
  return { waiting, add, held, reached, setReached };
}
