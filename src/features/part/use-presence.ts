"use client";
import { useEffect, useRef } from "react";
import type { EntryKind } from "@/core/live/events";

/** Says that one is here when the page is open, and that one has left when it is closed. */
export function usePresence(
  token: string,
  run: string,
  open: boolean,
  here: boolean,
  enter: (kind: EntryKind) => void,
): void {
  const joined = useRef(false);
  useEffect(() => {
    if (joined.current || !open) return;
    joined.current = true;
    if (!here) enter("join");
  }, [open, here, enter]);
  useEffect(() => {
    if (!open) return;
    // A page that is closed can still send this much; one that comes back from the cache joins again.
    const leave = () => {
      const body = JSON.stringify({ id: crypto.randomUUID(), run, kind: "leave" });
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
  }, [token, run, open, enter]);
}
