/** Which sounds are due when: worked out ahead, so that they can be scheduled on the audio clock. */
import type { Ms } from "../units";
import type { ClockState } from "./fold";
import type { LiveScore } from "./live-score";
import type { Turn } from "./turns";

export const CUE_KINDS = ["count-in", "start", "turn", "then", "half-way", "last-ten", "end"] as const;
export type CueKind = (typeof CUE_KINDS)[number];

export interface Cue {
  readonly kind: CueKind;
  readonly atMs: Ms;
}

/** Pieces this long or longer get a half-way sound; and a last-ten sound. */
export const HALF_WAY_FROM_MS = 30_000;
export const LAST_TEN_FROM_MS = 25_000;
const COUNT_IN_TICKS_MS = [3000, 2000, 1000];

function pieceCues({ startMs, lengthMs, waits, turns }: ToCome): Cue[] {
  const cues: Cue[] = [{ kind: "start", atMs: startMs }];
  // Of a piece that was cut what lay behind its end doesn't come.
  for (const { kind, afterMs } of turns) if (afterMs < lengthMs) cues.push({ kind, atMs: startMs + afterMs });
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

interface ToCome {
  readonly startMs: Ms;
  readonly lengthMs: Ms;
  readonly works: boolean;
  readonly waits: boolean;
  readonly turns: readonly Turn[];
  /** Whether it is the first of the class. */
  readonly isFirst: boolean;
}

/** The pieces from the present one on, without those that were cut to nothing, as far as the first that waits. */
function* piecesFrom(score: LiveScore, state: ClockState, stateAtMs: Ms): Generator<ToCome> {
  let startMs = stateAtMs - state.intoMs;
  for (const [i, timing] of score.timings.entries()) {
    if (i < state.index) continue;
    const lengthMs = i === state.index ? state.lengthMs : (state.lengths[i] ?? timing.lengthMs);
    if (lengthMs === 0 && i !== state.index) continue;
    const works = score.segments[i]?.kind === "work";
    const turns = score.turns[i] ?? [];
    yield { startMs, lengthMs, works, waits: timing.waits, turns, isFirst: i === 0 };
    if (timing.waits) return;
    startMs += lengthMs;
  }
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
  const counting = state.phase === "count-in";
  if (state.phase !== "running" && !counting) return [];
  const cues: Cue[] = [];
  // What lies before the first segment is the count-in; before others it is the gap in front of them.
  let gapStartMs = counting ? stateAtMs : stateAtMs - state.intoMs;
  for (const piece of piecesFrom(score, state, stateAtMs)) {
    if (gapStartMs >= toMs) break;
    const { startMs, lengthMs } = piece;
    if (piece.works) {
      if (gapStartMs < startMs) cues.push(...ticksBefore(startMs, gapStartMs));
      cues.push(...pieceCues(piece));
      gapStartMs = startMs + lengthMs;
    } else if (piece.isFirst && counting) gapStartMs = startMs;
  }
  return cues.filter((cue) => cue.atMs >= fromMs && cue.atMs < toMs).sort((a, b) => a.atMs - b.atMs);
}
