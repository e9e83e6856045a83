"use client";
import type { Remote } from "comlink";
import { useEffect, useRef, useState } from "react";
import type { About } from "@/core/engine/engine";
import type { DeskWorker } from "@/workers/desk.worker";
import type { Room } from "./use-parts";

/** Something to ask the worker about the class and the room as they are now. */
export type Question<T> = (worker: Remote<DeskWorker>, about: About) => Promise<T>;

/**
 * What the worker answers to a question about the class as it is, asked again when any of `on` is
 * another; the last answer stays until the next is there. A question of null isn't asked.
 */
export function useAnswer<T>(
  ask: Room["ask"],
  question: Question<T> | null,
  on: readonly unknown[],
): T | null {
  const [answer, setAnswer] = useState<T | null>(null);
  const latest = useRef(question);
  latest.current = question;
  useEffect(() => {
    if (!latest.current) return;
    let gone = false;
    void ask(latest.current).then((made) => {
      if (!gone && made !== null) setAnswer(() => made);
    });
    return () => {
      gone = true;
    };
  }, [ask, ...on]);
  return answer;
}
