"use client";
import { type ReactNode, useState } from "react";
import type { ClassDoc } from "@/core/class/document";
import { bookFor } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { resolveAt } from "@/core/score/resolve";
import type { Score } from "@/core/score/score";
import { tableRows } from "@/core/score/table";
import { useWords } from "@/features/language/use-words";
import { pieceWords } from "@/words/piece-words";
import type { Words } from "@/words/words";
import { secondAt } from "./measures";
import type { Below } from "./notches";

interface Hint {
  readonly left: number;
  readonly top: number;
  readonly text: string;
}

/** Px between the pointer and its words, and how wide they may be. */
const UNDER = 16;
const WIDEST = 340;

interface Played {
  readonly doc: ClassDoc;
  readonly score: Score;
  readonly below: Below;
}

/** The words of what is played at a second; made when asked for, so that an edit doesn't wait for them. */
function textAt(second: number, { doc, score, below }: Played, words: Words): string | null {
  const position = resolveAt(score.segments, second);
  if (!position) return null;
  const [row] = tableRows(doc, { ...score, segments: [position.segment] }, bookFor(doc, LIBRARY_BOOK));
  if (!row) return null;
  const { start, end } = position.segment;
  const lacking = below.notches.find(({ at, short }) => short > 0 && at >= start && at < end);
  return `${pieceWords(row, words)}${lacking ? ` · ${lacking.short} s short for ${lacking.people}` : ""}`;
}

/**
 * Says what the mouse is over beside it. Only the words are drawn anew as it moves: what is inside isn't.
 * For screen readers there is the table of the class; these words would say it twice.
 */
export function Hinted(props: Played & { readonly children: ReactNode }) {
  const words = useWords();
  const [hint, setHint] = useState<Hint | null>(null);
  return (
    <div
      className="relative"
      onPointerLeave={() => setHint(null)}
      onPointerMove={({ currentTarget, clientX, clientY, pointerType }) => {
        const svg = currentTarget.querySelector("svg");
        // A finger covers what it would read.
        if (!svg || pointerType !== "mouse") return;
        const second = secondAt(svg, clientX, clientY);
        const text = second === null ? null : textAt(second, props, words);
        const box = currentTarget.getBoundingClientRect();
        const left = Math.max(0, Math.min(clientX - box.left, box.width - WIDEST));
        setHint(text === null ? null : { left, top: clientY - box.top + UNDER, text });
      }}
    >
      {props.children}
      {hint && (
        <p
          aria-hidden
          data-hint
          className="pointer-events-none absolute z-10 w-max border border-ink bg-paper px-2 py-0.5 text-sm"
          style={{ left: hint.left, top: hint.top, maxWidth: WIDEST }}
        >
          {hint.text}
        </p>
      )}
    </div>
  );
}
