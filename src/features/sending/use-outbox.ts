"use client";
/**
 * What is pressed on this device and on its way to the server: kept over a reload, sent one by one in its order,
 * tried again for as long as it may still be taken. The instructor's commands and the phones' entries go by it.
 */
import { useCallback, useState } from "react";
import type { ApiFailure, ApiResult, FailureCode } from "@/browser/api";
import { useSending } from "./use-sending";
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
  const leave = useCallback(
    (ids: readonly string[], change: (left: T) => T = (left) => left) =>
      setWaiting((list) => list.filter((entry) => !ids.includes(entry.id)).map(change)),
    [setWaiting],
  );
  useSending<T, Answer>({
    waiting,
    most: 1,
    quietMs: 0,
    send: ([head]) => door.send(head as T),
    onTaken: ([head], answer) => {
      setHeld(null);
      setReached(true);
      const entry = head as T;
      leave([entry.id], door.onTaken?.(entry, answer));
    },
    onFailed: ([head], failure) => {
      const entry = head as T;
      setReached(failure.code !== "offline");
      if (NEVER.includes(failure.code)) {
        setHeld(null);
        door.onRefused?.(entry, failure);
        leave([entry.id]);
        return null;
      }
      setHeld(failure.code);
      setWaiting((list) => list.map((each) => (each.offline ? each : { ...each, offline: true })));
      return "waiting";
    },
  });
  const add = useCallback<Outbox<T>["add"]>(
    (make) => setWaiting((list) => [...list, make(list)]),
    [setWaiting],
  );
  return { waiting, add, held, reached, setReached };
}
