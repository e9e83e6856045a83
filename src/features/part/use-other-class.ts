"use client";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { api } from "@/browser/api";
import type { SessionState } from "@/core/live/session";

/** Between two looks, ms. */
const LOOK_MS = 5000;

interface Shown {
  readonly session: string | null;
  readonly state: SessionState | null;
}

/**
 * Looks every few seconds, while the page can be seen, whether the page would show another class now, or
 * the same one opened, or over. With `follow` it goes over by itself; without, it says that there is
 * another, since nobody should lose the class that they are in the middle of.
 */
export function useOtherClass(token: string, shown: Shown, follow: boolean): boolean {
  const router = useRouter();
  const [other, setOther] = useState(false);
  const { session, state } = shown;
  useEffect(() => {
    const look = async () => {
      if (document.visibilityState !== "visible") return;
      const reply = await api<Shown>("GET", `/api/part/${token}/clock`);
      if (!reply.ok) return;
      const another = reply.value.session !== null && reply.value.session !== session;
      const stepped = reply.value.session === session && reply.value.state !== state;
      const gone = reply.value.session === null && session !== null;
      setOther(another);
      if (follow && (another || stepped || gone)) router.refresh();
    };
    const timer = setInterval(look, LOOK_MS);
    return () => clearInterval(timer);
  }, [token, session, state, follow, router]);
  return other;
}
