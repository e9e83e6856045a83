"use client";
import { useMemo, useRef } from "react";
import type { Finding } from "@/core/review/finding";
import type { Line } from "@/core/review/line";
import { isOpen } from "@/core/review/ranked";
import type { Score } from "@/core/score/score";
import { isSame } from "@/core/values/same";
import { type Below, belowScore } from "@/drawing/notches";
import type { Room } from "@/features/room/use-parts";

/** What waits for an answer, each by itself: a line of several has a place on the score for every one. */
function openFindings(lines: readonly Line[]): readonly Finding[] {
  return lines.filter(isOpen).flatMap(({ members }) => members);
}

/** What hangs below the score; the same where other parts and findings leave it so, and the score isn't drawn again. */
export function useBelow(score: Score, { parts, findings }: Room): Below {
  const known = useRef<{ readonly score: Score; readonly below: Below } | null>(null);
  return useMemo(() => {
    const below = belowScore(score, parts, openFindings(findings));
    const before = known.current?.score === score ? known.current.below : null;
    const kept = before && isSame(before, below) ? before : below;
    known.current = { score, below: kept };
    return kept;
  }, [score, parts, findings]);
}
