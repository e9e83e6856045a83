"use client";
import { useEffect, useState } from "react";
import { api } from "@/browser/api";
import { deviceChoices } from "@/browser/device";
import type { WayToShow } from "@/core/live/what-to-show";

type Shown = Readonly<Record<string, readonly WayToShow[]>>;

/** Which ways to show in which slot, asked anew where people's parts have changed (`version`; null before the class runs); nothing until it is known. */
export function useWhatToShow(session: string, version: number | null): Shown {
  const [shown, setShown] = useState<Shown>({});
  useEffect(() => {
    if (version === null) return;
    let over = false;
    const { self } = deviceChoices();
    void api<{ slots: Shown }>("GET", `/api/sessions/${session}/show?self=${self}`).then((reply) => {
      if (!over && reply.ok) setShown(reply.value.slots);
    });
    return () => {
      over = true;
    };
  }, [session, version]);
  return shown;
}
