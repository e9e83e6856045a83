"use client";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { api } from "@/browser/api";
import type { SessionState } from "@/core/live/session";

/** Between two looks, ms: of a page that waits for a class, and of one that is in it and is told besides. */
const LOOK_MS = 5000;
const RARE_LOOK_MS = 60_000;
/** Phones that are told at once ask within this, ms, not all in the same instant. */
const SPREAD_MS = 1500;

interface Shown {
  readonly session: string | null;
  readonly state: SessionState | null;
}

/**
 * Looks every few seconds, while the page can be seen, whether the page would show another class now, or
 * the same one opened, or over. With `follow` it goes over by itself; without, it says that there is
 * another, since nobody should lose the class that they are in the middle of. `looks`: how often it was told that
 * there may be; null where nobody tells.
 */
export function useOtherClass(
  token: string,
  shown: Shown,
  follow: boolean,
  looks: number | null = null,
): boolean {
  const router = useRouter();
  const [other, setOther] = useState(false);
  const { session, state } = shown;
  useEffect(() => {
    const look = async () => {
      if (document.visibilityState !== "visible") return;
      const reply = await api<Shown>("GET", `/api/part/${token}/shown`);
      if (!reply.ok) return;
      const another = reply.value.session !== null && reply.value.session !== session;
      const stepped = reply.value.session === session && reply.value.state !== state;
      const gone = reply.value.session === null && session !== null;
      setOther(another);
      if (follow && (another || stepped || gone)) router.refresh();
    };
    const soon = looks ? setTimeout(look, Math.random() * SPREAD_MS) : undefined;
    const timer = setInterval(look, looks === null ? LOOK_MS : RARE_LOOK_MS);
    return () => {
      clearTimeout(soon);
      clearInterval(timer);
    };
  }, [token, session, state, follow, looks, router]);
  return other;
}
