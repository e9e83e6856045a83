"use client";
import { useEffect, useState } from "react";

const TICK_MS = 100;

/** Draws anew ten times a second: what is shown is worked out from the clock each time. */
export function useTicking(): void {
  const [, setTick] = useState(0);
  useEffect(() => {
    const timer = setInterval(() => setTick((n) => n + 1), TICK_MS);
    return () => clearInterval(timer);
  }, []);
}
