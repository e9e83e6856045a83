/** Which sounds are due when: worked out ahead, so that they can be scheduled on the audio clock. */
import type { Ms } from "../units";
import { type CountCue, countCues } from "./count-now";
import type { ClockState } from "./fold";
import { type LiveScore, type LiveSegment, repsInPiece } from "./live-score";
import type { Turn } from "./turns";

/** What changes in a class, and what is heard of a count: a number, its other side, another phase of a slow rep. */
export const CUE_KINDS = [
  "count-in",
  "start",
  "turn",
  "then",
  "half-way",
  "last-ten",
  "end",
  "number",
  "same",
  "phase",
] as const;
export type CueKind = (typeof CUE_KINDS)[number];

export type Cue = { readonly kind: Exclude<CueKind, CountCue["kind"]>; readonly atMs: Ms } | CountCue;

/** Pieces this long or longer get a half-way sound; and a last-ten sound. */
export const HALF_WAY_FROM_MS = 30_000;
export const LAST_TEN_FROM_MS = 25_000;
const COUNT_IN_TICKS_MS = [3000, 2000, 1000];

/** Of a piece whose reps are heard their half and their last two are, in place of the time's. */
function pieceCues({ startMs, lengthMs, waits, turns, count }: ToCome): Cue[] {
  const cues: Cue[] = [{ kind: "start", atMs: startMs }];
  // Of a piece that was cut what lay behind its end doesn't come.
  for (const { kind, afterMs } of turns) if (afterMs < lengthMs) cues.push({ kind, atMs: startMs + afterMs });
  if (count.length > 0) {
    for (const cue of count) cues.push({ ...cue, atMs: startMs + cue.atMs });
    if (!waits) cues.push({ kind: "end", atMs: startMs + lengthMs });
    return cues;
  }
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
  /** What is heard of its count, ms into the piece. */
  readonly count: readonly CountCue[];
  /** Whether it is the first of the class. */
  readonly isFirst: boolean;
}

/** What is heard of the count of a piece of that length, ms into it; `fromMs`: where in it the count begins. */
export type CountsHeard = (index: number, lengthMs: Ms, fromMs: Ms) => readonly CountCue[];

/** The count that everybody follows, as it is heard. */
export const commonCounts =
  (score: LiveScore): CountsHeard =>
  (index, lengthMs, fromMs) => {
    const reps = repsInPiece(score, index, lengthMs, fromMs);
    const slow = (score.counted[index]?.tempo ?? null) !== null;
    return countCues(reps, slow).map((cue) => ({ ...cue, atMs: cue.atMs + fromMs }));
  };

/** A piece to come, as long as it is planned or has become, counted from its beginning. */
const toCome = (planned: LiveSegment, lengthMs: Ms | undefined) => ({
  lengthMs: lengthMs ?? planned.lengthMs,
  countFromMs: 0,
});

/** The pieces from the present one on, without those that were cut to nothing, as far as the first that waits. */
function* piecesFrom(
  score: LiveScore,
  state: ClockState,
  stateAtMs: Ms,
  counts: CountsHeard | null,
): Generator<ToCome> {
  let startMs = stateAtMs - state.intoMs;
  for (const [i, timing] of score.timings.entries()) {
    if (i < state.index) continue;
    const { lengthMs, countFromMs } = i === state.index ? state : toCome(timing, state.lengths[i]);
    if (lengthMs === 0 && i !== state.index) continue;
    const works = score.segments[i]?.kind === "work";
    const turns = score.turns[i] ?? [];
    const count = counts ? counts(i, lengthMs, countFromMs) : [];
    yield { startMs, lengthMs, works, waits: timing.waits, turns, count, isFirst: i === 0 };
    if (timing.waits) return;
    startMs += lengthMs;
  }
}

/**
 * The sounds due in the half-open window [fromMs, toMs), if nothing else happens after `state`
 * (which is the state at `stateAtMs`). Nothing sounds while the class is paused or over, nor past
 * a piece that waits for "next". `counts`: what of counts is heard too.
 */
export function cuesBetween(
  score: LiveScore,
  state: ClockState,
  stateAtMs: Ms,
  fromMs: Ms,
  toMs: Ms,
  counts: CountsHeard | null = null,
): readonly Cue[] {
  if (state.phase !== "running" && state.phase !== "count-in") return [];
  return cuesUntil(score, state, stateAtMs, toMs, counts)
    .filter((cue) => cue.atMs >= fromMs && cue.atMs < toMs)
    .sort((a, b) => a.atMs - b.atMs);
}

/** The sounds of the present piece and of all that begin before `toMs`. */
function cuesUntil(
  score: LiveScore,
  state: ClockState,
  stateAtMs: Ms,
  toMs: Ms,
  counts: CountsHeard | null,
): readonly Cue[] {
  const countsIn = state.phase === "count-in";
  const cues: Cue[] = [];
  // What lies before the first segment is the count-in; before others it is the gap in front of them.
  let gapStartMs = countsIn ? stateAtMs : stateAtMs - state.intoMs;
  for (const piece of piecesFrom(score, state, stateAtMs, counts)) {
    if (gapStartMs >= toMs) break;
    const { startMs, lengthMs } = piece;
    if (piece.works) {
      cues.push(...ticksBefore(startMs, gapStartMs), ...pieceCues(piece));
      gapStartMs = startMs + lengthMs;
    } else if (piece.isFirst && countsIn) gapStartMs = startMs;
  }
  return cues;
}
