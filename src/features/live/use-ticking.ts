"use client";
import { useEffect, useState } from "react";
import { deviceNowMs } from "@/browser/now";

const TICK_MS = 100;
/** A timer that fires a little early waits for the next tick, not for this one again. */
const EARLY_MS = 8;

/**
 * Draws anew ten times a second, on the tenths of a clock: screens that follow the same clock change together. What is
 * shown is worked out from the clock each time. `now` must be the same function each time.
 */
export function useTicking(now: () => number = deviceNowMs): void {
  const [, setTick] = useState(0);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const next = () => {
      const left = TICK_MS - (now() % TICK_MS);
      timer = setTimeout(
        () => {
          setTick((n) => n + 1);
          next();
        },
        left < EARLY_MS ? left + TICK_MS : left,
      );
    };
    next();
    return () => clearTimeout(timer);
  }, [now]);
}
