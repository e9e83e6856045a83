"use client";
import { useRouter } from "next/navigation";
import { useCallback, useRef } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import type { Desk } from "./use-desk";

export interface TeachNow {
  /** Saves what isn't saved, and goes to the session that is near; where there is none it asks whom. */
  readonly begin: () => Promise<void>;
  /** Opens the class for these people, by their row ids, and goes to Teach. */
  readonly open: (people: readonly string[]) => Promise<void>;
}

/** From the Desk to Teach. `anybody`: the studio has people; `ask`: opens the question whom it is for. */
export function useTeachNow(id: string, desk: Desk, anybody: boolean, ask: () => void): TeachNow {
  const router = useRouter();
  // Pressed twice before the page is there, it is still one class.
  const busy = useRef(false);
  const open = useCallback(
    async (people: readonly string[]) => {
      const result = await api<{ id: string }>("POST", "/api/sessions/now", { classId: id, people });
      busy.current = result.ok;
      if (result.ok) router.push(`/teach/${result.value.id}`);
      else toast.error(result.failure.message);
    },
    [id, router],
  );
  const begin = async () => {
    if (busy.current) return;
    busy.current = true;
    await desk.saveNow();
    const near = await api<{ session: string | null }>("GET", `/api/sessions/now?class=${id}`);
    busy.current = false;
    if (!near.ok) toast.error(near.failure.message);
    else if (near.value.session !== null || !anybody) await open([]);
    else ask();
  };
  return { begin, open };
}
