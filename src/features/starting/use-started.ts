"use client";
import { type Remote, wrap } from "comlink";
import { useEffect, useRef, useState } from "react";
import type { Person } from "@/core/homes/home";
import type { Settings } from "@/core/settings/settings";
import type { Adapted, AdaptInput } from "@/core/starting/adapt";
import type { Source } from "@/core/starting/started";
import type { DeskWorker } from "@/workers/desk.worker";

/** What a class is begun from and for. */
export interface Wish extends Pick<AdaptInput, "minutes" | "kit"> {
  readonly source: Source;
  readonly people: readonly Person[];
}

export interface Started {
  readonly wish: Wish;
  readonly made: Adapted;
}

/** The class that comes of a wish, worked out in a worker: the last one stays until the next is there, and only the newest wish is worked out. */
export function useStarted(wish: Wish | null, settings: Settings, today: string): Started | null {
  const [started, setStarted] = useState<Started | null>(null);
  const wanted = useRef(wish);
  wanted.current = wish;
  const worker = useRef<Remote<DeskWorker> | null>(null);
  const busy = useRef(false);
  const key = useRef({ settings, today });
  const run = useRef(async () => {
    if (busy.current) return;
    busy.current = true;
    try {
      for (let done: Wish | null = null; wanted.current !== done && worker.current && wanted.current; ) {
        done = wanted.current;
        const { source, people, minutes, kit } = done;
        const about = { people, settings: key.current.settings, on: key.current.today };
        const made = await worker.current.start(source, about, { minutes, kit: kit ?? null });
        if (worker.current) setStarted({ wish: done, made });
      }
    } finally {
      busy.current = false;
    }
  });
  useEffect(() => {
    const own = new Worker(new URL("../../workers/desk.worker.ts", import.meta.url), { type: "module" });
    worker.current = wrap<DeskWorker>(own);
    void run.current();
    return () => {
      worker.current = null;
      own.terminate();
    };
  }, []);
  useEffect(() => {
    if (wish) void run.current();
  }, [wish]);
  return started;
}
