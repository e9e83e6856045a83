"use client";
import { useRouter } from "next/navigation";
import { useRef } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import type { Desk } from "./use-desk";

/** Saves what isn't saved, opens the class for everybody, and goes to Teach. */
export function useTeachNow(id: string, desk: Desk): () => Promise<void> {
  const router = useRouter();
  // Pressed twice before the page is there, it is still one class.
  const opening = useRef(false);
  return async () => {
    if (opening.current) return;
    opening.current = true;
    await desk.saveNow();
    const result = await api<{ id: string }>("POST", "/api/sessions/now", { classId: id });
    opening.current = result.ok;
    if (result.ok) router.push(`/teach/${result.value.id}`);
    else toast.error(result.failure.message);
  };
}
