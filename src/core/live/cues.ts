/** Which sounds are due when: worked out ahead, so that they can be scheduled on the audio clock. */
import type { Ms } from "../units";
import { type CountCue, countCues } from "./count-now";
import type { ClockState } from "./fold";
import { type LiveScore, type LiveSegment, repsInPiece } from "./live-score";
import { type OwnRun, runAt, runTime, WARNING_MS } from "./runs";
import type { Turn } from "./turns";

/** What changes in a class, and what is heard of a count: a number, its other side, another phase of a slow rep. */
export const CUE_KINDS = [
  "count-in",
  "start",
  "turn",
  "then",
  "half-way",
  "last-ten",
  "warning",
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
/** Ticks before a piece, ms ahead of it. */
export const COUNT_IN_TICKS_MS = [3000, 2000, 1000];

/** Of a block at one's own pace: how long is left, once, and its end. */
function runCues(startMs: Ms, lengthMs: Ms, waits: boolean): Cue[] {
  const cues: Cue[] = [{ kind: "start", atMs: startMs }];
  if (lengthMs >= 2 * WARNING_MS) cues.push({ kind: "warning", atMs: startMs + lengthMs - WARNING_MS });
  if (lengthMs >= LAST_TEN_FROM_MS) cues.push({ kind: "last-ten", atMs: startMs + lengthMs - 10_000 });
  if (!waits) cues.push({ kind: "end", atMs: startMs + lengthMs });
  return cues;
}

/** Of a piece whose reps are heard their half and their last two are, in place of the time's. */
function pieceCues({ startMs, lengthMs, waits, turns, count, isRun }: ToCome): Cue[] {
  if (isRun) return runCues(startMs, lengthMs, waits);
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
  /** A whole block at one's own pace, from its first piece to its last. */
  readonly isRun: boolean;
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

const sumFrom = (lengths: readonly Ms[], from: number, to: number): Ms =>
  lengths.slice(from, to + 1).reduce((all, length) => all + length, 0);

/** A block at one's own pace as one piece. */
function runToCome(score: LiveScore, { from, to }: OwnRun, startMs: Ms, lengthMs: Ms): ToCome {
  const waits = score.timings[to]?.waits ?? false;
  return { startMs, lengthMs, works: true, waits, turns: [], count: [], isFirst: from === 0, isRun: true };
}

/** What begins at a segment: the piece as long as it is, or a whole block at one's own pace; `next`: what follows it. */
function pieceAt(
  score: LiveScore,
  state: ClockState,
  index: number,
  startMs: Ms,
  counts: CountsHeard | null,
): { readonly piece: ToCome; readonly next: number } {
  const run = runAt(score.runs, index);
  if (run) {
    const piece = runToCome(score, run, startMs, sumFrom(state.lengths, run.from, run.to));
    return { piece, next: run.to + 1 };
  }
  const timing = score.timings[index] as LiveSegment;
  const { lengthMs, countFromMs } = index === state.index ? state : toCome(timing, state.lengths[index]);
  const works = score.segments[index]?.kind === "work";
  const turns = score.turns[index] ?? [];
  const count = counts ? counts(index, lengthMs, countFromMs) : [];
  const { waits } = timing;
  const piece = { startMs, lengthMs, works, waits, turns, count, isFirst: index === 0, isRun: false };
  return { piece, next: index + 1 };
}

/** The pieces from the present one on, without those that were cut to nothing, as far as the first that waits. */
function* piecesFrom(
  score: LiveScore,
  state: ClockState,
  stateAtMs: Ms,
  counts: CountsHeard | null,
): Generator<ToCome> {
  const time = runTime(score.runs, state);
  let index = state.index;
  let startMs = stateAtMs - state.intoMs;
  if (time) {
    const piece = runToCome(score, time.run, stateAtMs - time.intoMs, time.lengthMs);
    yield piece;
    if (piece.waits) return;
    index = time.run.to + 1;
    startMs = piece.startMs + piece.lengthMs;
  }
  while (index < score.timings.length) {
    const { piece, next } = pieceAt(score, state, index, startMs, counts);
    if (piece.lengthMs > 0 || index === state.index) {
      yield piece;
      if (piece.waits) return;
      startMs += piece.lengthMs;
    }
    index = next;
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
