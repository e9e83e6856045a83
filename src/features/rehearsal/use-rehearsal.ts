"use client";
/** A rehearsal on this device: its time goes as fast as it is told to, and nothing of it leaves the page. */
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { deviceNowMs } from "@/browser/now";
import type { CommandKind } from "@/core/live/event-kinds";
import type { Said } from "@/core/live/events";
import type { SimulatedPerson } from "@/core/rehearsal/crowd";
import { Rehearsal, runOn } from "@/core/rehearsal/rehearsal";
import type { Setting } from "@/core/rehearsal/setting";
import type { Lead } from "@/features/live/lead";
import { COUNT_IN_MS } from "@/features/teach/controls";

/** How much faster than in earnest. */
export const SPEEDS = [1, 4, 15, 60] as const;
export type Speed = (typeof SPEEDS)[number];

const TICK_MS = 100;
/** A page that was hidden goes on from where it was, not from where it would be, ms. */
const MOST_JUMP_MS = 1000;
/** Going to the end at once is done in such pieces, ms of the class, so that the page goes on answering. */
const PIECE_MS = 120_000;

export interface Rehearsing {
  readonly rehearsal: Rehearsal;
  readonly lead: Lead;
  readonly speed: Speed;
  readonly setSpeed: (speed: Speed) => void;
  /** Goes to the end, pressing "next" wherever the class waits. */
  readonly toTheEnd: () => void;
}

export function useRehearsal(
  setting: Setting,
  crowd: readonly SimulatedPerson[],
  seed: number,
  first: Speed,
): Rehearsing {
  const [rehearsal] = useState(() => {
    const made = new Rehearsal(setting, crowd, seed, deviceNowMs());
    // Everybody who is in time stands at the door.
    made.advance(made.openedMs + 5000);
    made.say("start", { countInMs: COUNT_IN_MS });
    return made;
  });
  const [speed, setSpeed] = useState(first);
  const hurrying = useRef(false);
  const [, setTick] = useState(0);
  useEffect(() => {
    let lastMs = deviceNowMs();
    const timer = setInterval(() => {
      const passed = Math.min(MOST_JUMP_MS, deviceNowMs() - lastMs);
      lastMs = deviceNowMs();
      if (!hurrying.current) rehearsal.advance(rehearsal.nowMs + passed * speed);
      setTick((n) => n + 1);
    }, TICK_MS);
    return () => clearInterval(timer);
  }, [rehearsal, speed]);

  const toTheEnd = useCallback(() => {
    hurrying.current = true;
    const go = () => {
      runOn(rehearsal, rehearsal.nowMs + PIECE_MS);
      const { phase } = rehearsal.state;
      if (phase === "over" || phase === "ended") hurrying.current = false;
      else setTimeout(go, 0);
    };
    setTimeout(go, 0);
  }, [rehearsal]);
  const state = rehearsal.state;
  useEffect(() => {
    if (state.phase === "over") rehearsal.say("end");
  }, [state.phase, rehearsal]);
  const command = useCallback((...said: Said<CommandKind>) => rehearsal.say(...said), [rehearsal]);
  const now = useCallback(() => rehearsal.nowMs, [rehearsal]);
  const { events } = rehearsal;
  const lead = useMemo<Lead>(
    () => ({ state, events, now, synced: true, within: 0, reached: true, held: null, command }),
    [state, events, now, command],
  );
  return { rehearsal, lead, speed, setSpeed, toTheEnd };
}
