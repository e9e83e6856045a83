"use client";
import { useEffect, useRef } from "react";
import { deviceNowMs } from "@/browser/now";
import type { Enter } from "./use-follow";

/** Between two joins of one page, ms. */
const AGAIN_AFTER_MS = 5000;

/** Says that one is here when the page is open, and that one has left when it is closed. */
export function usePresence(
  token: string,
  session: string,
  open: boolean,
  here: boolean,
  enter: Enter,
): void {
  const joinedAtMs = useRef<number | null>(null);
  useEffect(() => {
    if (!open) return;
    const last = joinedAtMs.current;
    // At first always: the leave of the page before a reload may still be on its way. Later where a
    // second tab that was closed said that one has left; never again and again where it is refused.
    if (last !== null && (here || deviceNowMs() - last < AGAIN_AFTER_MS)) return;
    joinedAtMs.current = deviceNowMs();
    enter("join");
  }, [open, here, enter]);
  useEffect(() => {
    if (!open) return;
    // A page that is closed can still send this much; one that comes back from the cache joins again.
    const leave = () => {
      const body = JSON.stringify({ id: crypto.randomUUID(), session, kind: "leave" });
      void fetch(`/api/part/${token}/events`, {
        method: "POST",
        keepalive: true,
        headers: { "content-type": "application/json" },
        body,
      }).catch(() => undefined);
    };
    const back = (event: PageTransitionEvent) => event.persisted && enter("join");
    window.addEventListener("pagehide", leave);
    window.addEventListener("pageshow", back);
    return () => {
      window.removeEventListener("pagehide", leave);
      window.removeEventListener("pageshow", back);
    };
  }, [token, session, open, enter]);
}
