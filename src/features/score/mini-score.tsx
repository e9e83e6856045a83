"use client";
import type { ClassDoc } from "@/core/class/document";
import { barsOf, type Outline } from "@/core/effort/outline";
import { bookFor } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import type { Score } from "@/core/score/score";
import { useTexts } from "@/features/language/use-texts";

type Short = Pick<Outline, "bars" | "seconds" | "pieces">;

/** What a small score is drawn from, of a class whose score is there already. */
export function shortOf(doc: ClassDoc, score: Score): Short {
  const bars = barsOf(doc, score, bookFor(doc, LIBRARY_BOOK));
  return { bars, seconds: score.seconds.plan, pieces: score.pieces };
}

const HEIGHT = 28;

/** A class in one line: bars by effort, rests empty, to the scale of the longest class beside it. */
export function MiniScore({
  bars,
  seconds,
  pieces,
  longestSeconds,
  low = false,
}: Short & {
  readonly longestSeconds: number;
  /** In a row of a list, as high as a line of text. */
  readonly low?: boolean;
}) {
  const t = useTexts("score");
  const path = bars
    .map(([start, length, effort]) => {
      const height = Math.round((effort / 10) * (HEIGHT - 2) * 10) / 10;
      return `M${start} ${HEIGHT - height}h${length}v${height}h${-length}z`;
    })
    .join("");
  return (
    <svg
      role="img"
      aria-label={t("pieces", { pieces })}
      viewBox={`0 0 ${longestSeconds} ${HEIGHT}`}
      preserveAspectRatio="none"
      className={`block w-full ${low ? "h-5" : "h-7"}`}
    >
      <line
        x1="0"
        x2={seconds}
        y1={HEIGHT - 0.5}
        y2={HEIGHT - 0.5}
        className="stroke-hairline"
        strokeWidth="1"
      />
      <path d={path} className="fill-pine" />
    </svg>
  );
}
