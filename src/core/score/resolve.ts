/** "What is at t?": a bare second turned into a position that knows what is around it. */

import type { Segment } from "../class/expand";
import type { Seconds } from "../units";

export interface ScorePosition {
  readonly index: number;
  readonly segment: Segment;
  /** Seconds since the segment began, and until it ends. */
  readonly intoSeconds: Seconds;
  readonly leftSeconds: Seconds;
  /** The piece that is being worked, or null between pieces. */
  readonly piece: Segment | null;
  /** The next piece after this segment, or null where none is left. */
  readonly nextPiece: Segment | null;
}

/**
 * The position at `t` seconds. A segment includes its start and not its end.
 * Null before 0 and from the end of the class on. Binary search: O(log n).
 */
export function resolveAt(segments: readonly Segment[], t: Seconds): ScorePosition | null {
  if (!(t >= 0)) return null;
  let low = 0;
  let high = segments.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((segments[middle] as Segment).end <= t) low = middle + 1;
    else high = middle;
  }
  const segment = segments[low];
  if (!segment) return null;
  return {
    index: low,
    segment,
    intoSeconds: t - segment.start,
    leftSeconds: segment.end - t,
    piece: segment.kind === "work" ? segment : null,
    nextPiece: nextPiece(segments, low),
  };
}

/** The first piece after the segment at `index`, or null. */
export function nextPiece(segments: readonly Segment[], index: number): Segment | null {
  for (let i = index + 1; i < segments.length; i += 1) {
    const segment = segments[i] as Segment;
    if (segment.kind === "work") return segment;
  }
  return null;
}

/** How many times a segment's slot came in rounds before it, and so which of its doses holds there. */
export function appearanceOf(segments: readonly Segment[], here: Segment): number {
  const rounds = new Set<number | null>();
  for (const other of segments) {
    if (other === here) break;
    if (other.kind === "work" && other.slot === here.slot && other.round !== here.round)
      rounds.add(other.round);
  }
  return rounds.size;
}
