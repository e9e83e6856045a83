/** Which sounds are due when: worked out ahead, so that they can be scheduled on the audio clock. */
import type { Ms } from "../units";
import type { ClockState } from "./fold";
import type { LiveScore } from "./live-score";

export const CUE_KINDS = ["count-in", "start", "half-way", "last-ten", "end"] as const;
export type CueKind = (typeof CUE_KINDS)[number];

export interface Cue {
  readonly kind: CueKind;
  readonly atMs: Ms;
}

/** Pieces this long or longer get a half-way sound; and a last-ten sound. */
export const HALF_WAY_FROM_MS = 30_000;
export const LAST_TEN_FROM_MS = 25_000;
const COUNT_IN_TICKS_MS = [3000, 2000, 1000];

function pieceCues(startMs: Ms, lengthMs: Ms, waits: boolean): Cue[] {
  const cues: Cue[] = [{ kind: "start", atMs: startMs }];
  if (lengthMs >= HALF_WAY_FROM_MS) cues.push({ kind: "half-way", atMs: startMs + Math.round(lengthMs / 2) });
  if (lengthMs >= LAST_TEN_FROM_MS) cues.push({ kind: "last-ten", atMs: startMs + lengthMs - 10_000 });
  if (!waits) cues.push({ kind: "end", atMs: startMs + lengthMs });
  return cues;
}

/** Ticks on the last three seconds before a piece, as far as the gap before it is long enough. */
function ticksBefore(startMs: Ms, gapStartMs: Ms): Cue[] {
  return COUNT_IN_TICKS_MS.map((before) => startMs - before)
    .filter((atMs) => atMs >= gapStartMs)
    .map((atMs) => ({ kind: "count-in", atMs }));
}

/**
 * The sounds due in the half-open window [fromMs, toMs), if nothing else happens after `state`
 * (which is the state at `stateAtMs`). Nothing sounds while the class is paused or over, nor past
 * a piece that waits for "next".
 */
export function cuesBetween(
  score: LiveScore,
  state: ClockState,
  stateAtMs: Ms,
  fromMs: Ms,
  toMs: Ms,
): readonly Cue[] {
  if (state.phase !== "running" && state.phase !== "count-in") return [];
  const cues: Cue[] = [];
  let startMs = stateAtMs - state.intoMs;
  // What lies before the first segment is the count-in; before others it is the gap in front of them.
  let gapStartMs = state.phase === "count-in" ? stateAtMs : startMs;
  for (let i = state.index; i < score.segments.length && gapStartMs < toMs; i += 1) {
    const segment = score.segments[i];
    const timing = score.timings[i];
    if (!segment || !timing) break;
    const lengthMs = i === state.index ? state.lengthMs : (state.lengths[i] ?? timing.lengthMs);
    if (lengthMs === 0 && i !== state.index) continue;
    if (segment.kind === "work") {
      if (gapStartMs < startMs) cues.push(...ticksBefore(startMs, gapStartMs));
      cues.push(...pieceCues(startMs, lengthMs, timing.waits));
      gapStartMs = startMs + lengthMs;
    } else if (i === 0 && state.phase === "count-in") gapStartMs = startMs;
    if (timing.waits) break;
    startMs += lengthMs;
  }
  return cues.filter((cue) => cue.atMs >= fromMs && cue.atMs < toMs).sort((a, b) => a.atMs - b.atMs);
}
