"use client";
/** What a press on the score chooses: a piece, with Shift all up to it, or a stretch that is drawn over. */
import { type MouseEvent, useRef } from "react";
import { resolveAt } from "@/core/score/resolve";
import type { Score } from "@/core/score/score";
import { secondAt } from "./measures";

export interface ScoreChoices {
  readonly onSelect: (block: string, slot: string | null) => void;
  /** With Shift: up to this one. */
  readonly onExtend?: (slot: string) => void;
  /** The moves of a stretch of time that was drawn over, in the order of the class. */
  readonly onStretch?: (slots: readonly string[]) => void;
}

type Press = MouseEvent<SVGSVGElement>;
const secondOf = ({ currentTarget, clientX, clientY }: Press) => secondAt(currentTarget, clientX, clientY);

/** A press that moves further than this over the score draws a stretch. */
const DRAWN_SECONDS = 8;

/** The slots with a piece between two seconds, in the order of the class. */
function slotsBetween({ segments }: Score, from: number, to: number): readonly string[] {
  const within = segments.filter(({ kind, start, end }) => kind === "work" && end > from && start < to);
  return [...new Set(within.flatMap(({ slot }) => slot ?? []))];
}

export function useScorePress(score: Score, choices: ScoreChoices) {
  const began = useRef<number | null>(null);
  return {
    onMouseDown: (event: Press) => {
      // With Shift no text is selected on the way.
      if (event.shiftKey) event.preventDefault();
      began.current = secondOf(event);
    },
    onClick: (event: Press) => {
      const second = secondOf(event);
      const from = began.current;
      began.current = null;
      if (second === null) return;
      if (from !== null && Math.abs(second - from) > DRAWN_SECONDS) {
        choices.onStretch?.(slotsBetween(score, Math.min(from, second), Math.max(from, second)));
        return;
      }
      const position = resolveAt(score.segments, second);
      if (!position) return;
      const { block, slot } = position.segment;
      if (event.shiftKey && slot !== null) choices.onExtend?.(slot);
      else choices.onSelect(block, slot);
    },
  };
}
