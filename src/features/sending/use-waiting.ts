"use client";
import { useEffect, useState } from "react";
import { keep, kept } from "@/browser/store";

/** What waits for the server, kept under a key so that it survives a reload of the page. */
export function useWaiting<T>(storeKey: string) {
  const [waiting, setWaiting] = useState<readonly T[]>([]);
  useEffect(() => {
    const left = kept<T[]>(storeKey);
    if (left && left.length > 0) setWaiting(left);
  }, [storeKey]);
  useEffect(() => keep(storeKey, waiting.length > 0 ? waiting : null), [waiting, storeKey]);
  return [waiting, setWaiting] as const;
}
