"use client";
import { useCallback, useEffect, useRef, useState } from "react";
import { api } from "@/browser/api";
import { KEEP_MS } from "@/browser/kept-page";
import { deviceNowMs } from "@/browser/now";
import { keep, kept } from "@/browser/store";
import { type ClockEstimate, type ClockSample, estimateClock } from "@/core/live/clock";

const CLOCK_EVERY_MS = 60_000;
const CLOCK_SAMPLES = 5;

/** By how much this device's clock was off when it was last measured. */
interface KeptOffset {
  readonly offsetMs: number;
  readonly atMs: number;
}
const KEY = "brontle.clock";

/** Where every device asks the time. */
const PATH = "/api/clock";

/** The server's clock, estimated from round trips; the shortest trip wins. */
export function useServerClock(): {
  readonly now: () => number;
  readonly estimate: ClockEstimate | null;
} {
  const [estimate, setEstimate] = useState<ClockEstimate | null>(null);
  const offset = useRef(0);
  useEffect(() => {
    let over = false;
    // Opened without network: as far as this device's clock was off the last time.
    const before = kept<KeptOffset>(KEY);
    if (before && deviceNowMs() - before.atMs < KEEP_MS) offset.current = before.offsetMs;
    const measure = async () => {
      const samples: ClockSample[] = [];
      for (let i = 0; i < CLOCK_SAMPLES && !over; i += 1) {
        const sentMs = deviceNowMs();
        const reply = await api<{ nowMs: number; withinMs: number }>("GET", PATH);
        const receivedMs = deviceNowMs();
        if (!reply.ok) continue;
        const { nowMs: serverMs, withinMs } = reply.value;
        samples.push({ sentMs, receivedMs, serverMs, withinMs });
      }
      const found = estimateClock(samples);
      if (found && !over) {
        offset.current = found.offsetMs;
        keep(KEY, { offsetMs: found.offsetMs, atMs: deviceNowMs() } satisfies KeptOffset);
        setEstimate(found);
      }
    };
    void measure();
    const timer = setInterval(measure, CLOCK_EVERY_MS);
    return () => {
      over = true;
      clearInterval(timer);
    };
  }, []);
  const now = useCallback(() => Math.round(deviceNowMs() + offset.current), []);
  return { now, estimate };
}
