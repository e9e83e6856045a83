"use client";
/**
 * Sending what was done on this device until the server has it: soon, in order, one batch at a time; what isn't
 * taken just now is tried again less and less often. The one way for edits at the Desk, commands and entries.
 */
import { useCallback, useEffect, useRef, useState } from "react";
import { againAfterMs } from "@/browser/again";
import type { ApiFailure, ApiResult } from "@/browser/api";

/**
 * Why something that was sent isn't taken yet. waiting: tried again by itself. sign-in: goes on once somebody has
 * signed in. stopped: not sent again as it is.
 */
export type Held = "waiting" | "sign-in" | "stopped";

export interface SendingDoor<T, Answer> {
  /** What isn't taken yet, the first to go first. */
  readonly waiting: readonly T[];
  /** Sent together at most. */
  readonly most: number;
  /** Quiet time before something new is sent, ms. */
  readonly quietMs: number;
  readonly send: (batch: readonly T[]) => Promise<ApiResult<Answer>>;
  readonly onSending?: () => void;
  /** The server has them: they leave what waits. */
  readonly onTaken: (batch: readonly T[], answer: Answer) => void;
  /** Not taken. Gives how it stands with them, or null where they have left what waits. */
  readonly onFailed: (batch: readonly T[], failure: ApiFailure) => Held | null;
}

/** Between looks whether somebody has signed in again, in this tab or another. */
const SIGNED_IN_MS = 8000;

export interface Sending {
  readonly held: Held | null;
  /** Sends now what waits, also what was stopped. */
  readonly sendNow: () => Promise<void>;
}

export function useSending<T, Answer>(door: SendingDoor<T, Answer>): Sending {
  const { waiting, quietMs } = door;
  const [held, setHeld] = useState<Held | null>(null);
  const latest = useRef({ door, held });
  latest.current = { door, held };
  const busy = useRef(false);
  const tries = useRef(0);

  const sendNow = useCallback(async () => {
    const { waiting: now, most, send, onSending, onTaken, onFailed } = latest.current.door;
    if (busy.current || now.length === 0) return;
    busy.current = true;
    onSending?.();
    const batch = now.slice(0, most);
    const reply = await send(batch);
    busy.current = false;
    if (reply.ok) {
      tries.current = 0;
      setHeld(null);
      onTaken(batch, reply.value);
      return;
    }
    const next = onFailed(batch, reply.failure);
    tries.current = next === null ? 0 : tries.current + 1;
    setHeld(next);
  }, []);

  useEffect(() => {
    // What the server refuses as it is isn't sent again by itself.
    if (waiting.length === 0 || held === "stopped") return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let over = false;
    const wait = () => {
      const now = latest.current.held;
      const ms = now === "waiting" ? againAfterMs(tries.current) : now === "sign-in" ? SIGNED_IN_MS : quietMs;
      // A try that fails in the same way changes nothing here: so the next one is set from here.
      timer = setTimeout(() => void sendNow().then(again), ms);
    };
    const again = () => {
      if (!over && latest.current.held !== null) wait();
    };
    wait();
    const back = () => void sendNow();
    if (held === "sign-in") window.addEventListener("focus", back);
    return () => {
      over = true;
      clearTimeout(timer);
      window.removeEventListener("focus", back);
    };
  }, [waiting, held, quietMs, sendNow]);

  return { held, sendNow };
}
