"use client";
import { useEffect, useState } from "react";
import { api } from "@/browser/api";

export interface Left {
  readonly place: string;
  readonly contact: string;
}

/** What is known of where somebody is: asked for only when it is wanted, and forgotten with the alert. */
export function useWhereabouts(session: string, person: string | null) {
  const [left, setLeft] = useState<Left | null | "none" | "unreached">(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another person's alert begins without an answer
  useEffect(() => setLeft(null), [person]);
  const ask = async () => {
    if (person === null) return;
    const reply = await api<{ left: Left | null }>(
      "GET",
      `/api/sessions/${session}/whereabouts?person=${encodeURIComponent(person)}`,
    );
    setLeft(reply.ok ? (reply.value.left ?? "none") : "unreached");
  };
  return { left, ask };
}
