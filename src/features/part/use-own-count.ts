"use client";
/** The count of one's own way: from the piece's beginning, from where the instructor began anew, or from one's own press. */
import { useCallback, useMemo, useState } from "react";
import type { ClassDoc } from "@/core/class/document";
import type { CountsHeard } from "@/core/live/cues";
import type { ClockState } from "@/core/live/fold";
import type { LiveScore } from "@/core/live/live-score";
import { ownCount, ownCountCues } from "@/core/live/own-count";
import type { MoveBook } from "@/core/moves/book";
import type { Part } from "@/core/parts/part";
import { useWords } from "@/features/language/use-words";
import { type CountView, viewOf } from "@/features/live/count-view";

export interface OwnCounting {
  readonly heard: CountsHeard;
  /** Where in which piece the count was begun by one's own press. */
  readonly pressed: Pressed | null;
  /** Begins the count here. */
  readonly begin: (index: number, intoMs: number) => void;
}
interface Pressed {
  readonly index: number;
  readonly fromMs: number;
}

/** What is counted, and heard of it. */
export function useOwnCounting(doc: ClassDoc, score: LiveScore, part: Part, book: MoveBook): OwnCounting {
  const [pressed, setPressed] = useState<Pressed | null>(null);
  const heard = useCallback<CountsHeard>(
    (index, lengthMs, commonMs) => {
      const fromMs = pressed?.index === index ? pressed.fromMs : commonMs;
      const cues = ownCountCues(ownCount(doc, score, part, index, lengthMs - fromMs, book));
      return cues.map((cue) => ({ ...cue, atMs: cue.atMs + fromMs }));
    },
    [doc, score, part, book, pressed],
  );
  const begin = useCallback((index: number, intoMs: number) => setPressed({ index, fromMs: intoMs }), []);
  return { heard, pressed, begin };
}

/** Where the count is now; null where nothing is counted. */
export function useOwnCountView(
  {
    doc,
    score,
    part,
    book,
  }: { readonly doc: ClassDoc; readonly score: LiveScore; readonly part: Part; readonly book: MoveBook },
  state: ClockState,
  { pressed }: OwnCounting,
): { readonly view: CountView | null; readonly counts: boolean } {
  const words = useWords();
  const { index, lengthMs, intoMs, phase } = state;
  const fromMs = pressed?.index === index ? pressed.fromMs : state.countFromMs;
  const { reps } = useMemo(
    () => ownCount(doc, score, part, index, lengthMs - fromMs, book),
    [doc, score, part, index, lengthMs, fromMs, book],
  );
  const runs = phase === "running" || phase === "paused";
  return { view: runs ? viewOf(reps, intoMs - fromMs, words) : null, counts: runs && reps.length > 0 };
}
