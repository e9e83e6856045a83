"use client";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { api } from "@/browser/api";

/** Between two looks, ms. */
const LOOK_MS = 5000;

/**
 * Looks every few seconds, while the page can be seen, whether another class was opened than the one
 * shown (`run`, null for none). With `follow` the page goes over to it by itself; without, it says that
 * there is one, since nobody should lose the class that they are in the middle of.
 */
export function useOtherClass(token: string, run: string | null, follow: boolean): boolean {
  const router = useRouter();
  const [other, setOther] = useState(false);
  useEffect(() => {
    const look = async () => {
      if (document.visibilityState !== "visible") return;
      const reply = await api<{ run: string | null }>("GET", `/api/part/${token}/clock`);
      if (!reply.ok) return;
      const found = reply.value.run !== null && reply.value.run !== run;
      setOther(found);
      if (found && follow) router.refresh();
    };
    const timer = setInterval(look, LOOK_MS);
    return () => clearInterval(timer);
  }, [token, run, follow, router]);
  return other;
}
