/** The score as the fold needs it: lengths in milliseconds, and where the clock waits for "next". */
import type { ClassDoc } from "../class/document";
import type { Segment } from "../score/expand";
import type { Score } from "../score/score";
import type { Ms } from "../units";

export interface RunSegment {
  readonly lengthMs: Ms;
  /** A rep-based piece of a block that waits: the clock stays at its end until "next". */
  readonly waits: boolean;
}

export interface RunScore {
  readonly segments: readonly Segment[];
  readonly run: readonly RunSegment[];
  readonly totalMs: Ms;
}

/** A frozen score made ready for teaching. */
export function runScore(doc: ClassDoc, score: Score): RunScore {
  const waiting = new Set(doc.blocks.filter((block) => block.atEnd === "wait").map((block) => block.id));
  const run = score.segments.map((segment) => ({
    lengthMs: (segment.end - segment.start) * 1000,
    waits: segment.kind === "work" && segment.reps !== undefined && waiting.has(segment.block),
  }));
  return { segments: score.segments, run, totalMs: score.seconds.plan * 1000 };
}
