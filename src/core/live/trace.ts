/** What a taught class really was: where the clock stood, from when to when. */
import type { Ms } from "../units";
import type { SessionEvent } from "./events";
import { type Anchor, advance, applyEvent, readyAnchor } from "./fold";
import type { LiveScore } from "./live-score";

/** A stay in one segment; going back to it makes another stay. */
export interface Stay {
  readonly index: number;
  readonly fromMs: Ms;
  /** The end of the stay; pauses in between count into it. */
  readonly toMs: Ms;
}

/**
 * The stays of a class up to `nowMs`, in their order, each beginning where the one before ended.
 * The first begins after the count-in; what was dropped, or lies beyond the end, has none.
 */
export function staysOf(score: LiveScore, events: readonly SessionEvent[], nowMs: Ms): readonly Stay[] {
  const stays: Stay[] = [];
  let fromMs: Ms | null = null;
  /** The count-in is over where the clock passes the first second. */
  const cross = (anchor: Anchor, toMs: Ms) => {
    const zeroMs = anchor.atMs - anchor.intoMs;
    if (fromMs === null && anchor.phase === "running" && anchor.intoMs <= 0 && zeroMs <= toMs)
      fromMs = zeroMs;
  };
  const leave = (index: number, atMs: Ms) => {
    if (fromMs === null) return;
    if (atMs > fromMs && index < score.timings.length) stays.push({ index, fromMs, toMs: atMs });
    fromMs = Math.max(fromMs, atMs);
  };
  let anchor = readyAnchor(score);
  for (const event of events) {
    // Nothing happens in a class that is over, but that its end is taken back.
    if (anchor.phase === "ended" && event.kind !== "go-on") continue;
    cross(anchor, event.atMs);
    const before = advance(score, anchor, event.atMs, leave);
    anchor = applyEvent(score, before, event);
    const moved = anchor.index !== before.index || anchor.intoMs < before.intoMs;
    if (moved || anchor.phase === "ended") leave(before.index, event.atMs);
  }
  if (anchor.phase === "ended" || anchor.phase === "ready") return stays;
  cross(anchor, nowMs);
  const now = advance(score, anchor, nowMs, leave);
  leave(now.index, nowMs);
  return stays;
}

/** What each segment took in all, ms, by index; null for one that was never reached. */
export function tookMs(score: LiveScore, stays: readonly Stay[]): readonly (Ms | null)[] {
  const took: (Ms | null)[] = score.timings.map(() => null);
  for (const { index, fromMs, toMs } of stays) took[index] = (took[index] ?? 0) + (toMs - fromMs);
  return took;
}

/** A beat is looked for this far back from a tap. */
export const MOST_LATE_MS = 3000;

/**
 * How late somebody hears the instructor, from one tap on the beat with which a piece begins: the time
 * since the last such beat, or null where there was none in the last three seconds.
 */
export function heardLateMs(score: LiveScore, events: readonly SessionEvent[], tapMs: Ms): Ms | null {
  const starts = staysOf(score, events, tapMs)
    .filter((stay) => score.segments[stay.index]?.kind === "work" && stay.fromMs <= tapMs)
    .map((stay) => stay.fromMs);
  const last = starts.at(-1);
  return last === undefined || tapMs - last > MOST_LATE_MS ? null : tapMs - last;
}
