"use client";
import { useCallback, useEffect, useRef, useState } from "react";
import { api } from "@/browser/api";
import { KEEP_MS } from "@/browser/kept-page";
import { deviceNowMs } from "@/browser/now";
import { keep, kept } from "@/browser/store";
import { type ClockEstimate, type ClockSample, estimateClock } from "@/core/live/clock";

/** At first one sample after the other, a few on a good line, more where trips are uneven; then one every so often. */
const LEAST_SAMPLES = 3;
const MOST_AT_FIRST = 60;
const SAMPLE_EVERY_MS = 15_000;
/** The same while more is left open than a screen can show. */
const SOON_MS = 3000;
const MOST_SAMPLES = 80;
/** What is planned ahead waits until so many samples are there, or until they leave so little open, ms. */
const ENOUGH_SAMPLES = 6;
const CLOSE_MS = 12;

/** By how much this device's clock was off when it was last measured. */
interface KeptOffset {
  readonly offsetMs: number;
  readonly atMs: number;
}
const KEY = "brontle.clock";

/** Where every device asks the time. */
const PATH = "/api/clock";

async function sampled(): Promise<ClockSample | null> {
  const sentMs = deviceNowMs();
  const reply = await api<{ nowMs: number; withinMs: number }>("GET", PATH);
  const receivedMs = deviceNowMs();
  if (!reply.ok) return null;
  const { nowMs: serverMs, withinMs } = reply.value;
  return { sentMs, receivedMs, serverMs, withinMs };
}

/** The server's clock, estimated from round trips through the whole class: what all of them allow together. */
export function useServerClock(): {
  readonly now: () => number;
  readonly estimate: ClockEstimate | null;
} {
  const [estimate, setEstimate] = useState<ClockEstimate | null>(null);
  const offset = useRef(0);
  useEffect(() => {
    let over = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let samples: readonly ClockSample[] = [];
    let openMs = Number.POSITIVE_INFINITY;
    // Opened without network: as far as this device's clock was off the last time.
    const before = kept<KeptOffset>(KEY);
    if (before && deviceNowMs() - before.atMs < KEEP_MS) offset.current = before.offsetMs;
    const measure = async () => {
      const sample = await sampled();
      if (over || !sample) return;
      samples = [...samples, sample].slice(-MOST_SAMPLES);
      const found = estimateClock(samples, deviceNowMs());
      if (!found) return;
      offset.current = found.offsetMs;
      openMs = found.uncertaintyMs;
      if (samples.length >= ENOUGH_SAMPLES || found.uncertaintyMs <= CLOSE_MS) setEstimate(found);
    };
    const begin = async () => {
      for (let i = 0; i < MOST_AT_FIRST && !over; i += 1) {
        if (i >= LEAST_SAMPLES && openMs <= CLOSE_MS) break;
        await measure();
      }
      go();
    };
    const go = () => {
      if (over) return;
      if (samples.length > 0)
        keep(KEY, { offsetMs: offset.current, atMs: deviceNowMs() } satisfies KeptOffset);
      timer = setTimeout(() => void measure().then(go), openMs > CLOSE_MS ? SOON_MS : SAMPLE_EVERY_MS);
    };
    void begin();
    return () => {
      over = true;
      clearTimeout(timer);
    };
  }, []);
  const now = useCallback(() => Math.round(deviceNowMs() + offset.current), []);
  return { now, estimate };
}
