/**
 * The state of a taught class: `state(score, events, now)`, pure. Time is whole milliseconds;
 * every position is computed from an anchor (where the clock stood at a known instant), so that
 * nothing adds up errors and pause, skip and late join need no code of their own.
 */
import type { Ms } from "../units";
import { movesClock, type RunEvent } from "./events";
import type { RunScore } from "./run-score";

/** Going back within this long of a segment's start goes to the one before it. */
export const BACK_GRACE_MS = 3000;

export type RunPhase = "ready" | "count-in" | "running" | "paused" | "over" | "ended";

export interface RunState {
  readonly phase: RunPhase;
  /** Index of the present segment; the number of segments once the score is over. */
  readonly index: number;
  /** Into the present segment; negative while counting in. */
  readonly intoMs: Ms;
  /** Length of the present segment with what was added to it. */
  readonly lengthMs: Ms;
  /** Until the present segment ends, never negative. */
  readonly leftMs: Ms;
  /** Past its planned end, where a rep-based piece waits for "next". */
  readonly waitedMs: Ms;
  readonly startedAtMs: Ms | null;
  /** When the class would end if nothing else happened; null before the start and after the end. */
  readonly projectedEndMs: Ms | null;
  /** Projected end against the plan: positive is late. */
  readonly driftMs: Ms;
  /** Sequence number of the last event that was folded. */
  readonly seq: number;
}

/** Where the clock stood at an instant. */
interface Anchor {
  readonly phase: "ready" | "running" | "paused" | "ended";
  readonly index: number;
  readonly atMs: Ms;
  readonly intoMs: Ms;
  readonly extraMs: Ms;
  /** Planned end, known from the start on. */
  readonly plannedEndMs: Ms;
  readonly startedAtMs: Ms | null;
}

const READY: Anchor = {
  phase: "ready",
  index: 0,
  atMs: 0,
  intoMs: 0,
  extraMs: 0,
  plannedEndMs: 0,
  startedAtMs: null,
};

/** The anchor moved on to `now`, through every segment that ended meanwhile. */
function advance(score: RunScore, anchor: Anchor, nowMs: Ms): Anchor {
  if (anchor.phase !== "running" || nowMs <= anchor.atMs) return anchor;
  let { index, intoMs, extraMs, atMs } = anchor;
  for (;;) {
    const segment = score.run[index];
    const left = segment ? segment.lengthMs + extraMs - intoMs : Number.POSITIVE_INFINITY;
    if (!segment || segment.waits || nowMs - atMs < left) break;
    atMs += left;
    index += 1;
    intoMs = 0;
    extraMs = 0;
  }
  return { ...anchor, index, intoMs: intoMs + (nowMs - atMs), extraMs, atMs: nowMs };
}

function goTo(anchor: Anchor, index: number): Anchor {
  return { ...anchor, index, intoMs: 0, extraMs: 0 };
}

/** One event applied. An event that means nothing in this state (pause when paused) changes nothing. */
function apply(score: RunScore, before: Anchor, event: RunEvent): Anchor {
  if (!movesClock(event)) return before;
  const anchor = advance(score, before, event.atMs);
  const last = score.run.length;
  switch (event.kind) {
    case "start": {
      if (anchor.phase !== "ready") return anchor;
      const countInMs = event.payload.countInMs ?? 0;
      return {
        ...anchor,
        phase: "running",
        atMs: event.atMs,
        intoMs: -countInMs,
        startedAtMs: event.atMs,
        plannedEndMs: event.atMs + countInMs + score.totalMs,
      };
    }
    case "pause":
      return anchor.phase === "running" ? { ...anchor, phase: "paused", atMs: event.atMs } : anchor;
    case "resume":
      return anchor.phase === "paused" ? { ...anchor, phase: "running", atMs: event.atMs } : anchor;
    case "skip":
      if (anchor.phase !== "running" && anchor.phase !== "paused") return anchor;
      // A count-in is skipped by itself: what follows it is the first segment.
      return anchor.intoMs < 0 ? goTo(anchor, anchor.index) : goTo(anchor, Math.min(last, anchor.index + 1));
    case "back": {
      if (anchor.phase !== "running" && anchor.phase !== "paused") return anchor;
      const toStart = anchor.intoMs >= BACK_GRACE_MS && anchor.index < last;
      return goTo(anchor, Math.max(0, anchor.index - (toStart ? 0 : 1)));
    }
    case "extend": {
      const live = anchor.phase === "running" || anchor.phase === "paused";
      if (!live || anchor.index >= last) return anchor;
      return { ...anchor, extraMs: anchor.extraMs + (event.payload.seconds ?? 0) * 1000 };
    }
    case "end":
      return anchor.phase === "ended" ? anchor : { ...anchor, phase: "ended", atMs: event.atMs };
    default:
      // What people enter never moves the clock.
      return anchor;
  }
}

function phaseOf(anchor: Anchor, last: number): RunPhase {
  if (anchor.phase !== "running") return anchor.phase;
  if (anchor.index >= last) return "over";
  return anchor.intoMs < 0 ? "count-in" : "running";
}

/** Milliseconds from the anchor to the end of the score, if the clock runs. */
function remainingMs(score: RunScore, anchor: Anchor): Ms {
  const present = score.run[anchor.index];
  if (!present) return 0;
  let sum = Math.max(0, present.lengthMs + anchor.extraMs - anchor.intoMs);
  for (let i = anchor.index + 1; i < score.run.length; i += 1) sum += score.run[i]?.lengthMs ?? 0;
  return sum;
}

/**
 * The state at `nowMs` after these events, in the order of their sequence numbers.
 * Pure: equal inputs give equal states, whichever device asks. An event later than `nowMs` (a device
 * whose clock lags a little) has happened all the same: the state is then that at the event.
 */
export function runState(score: RunScore, events: readonly RunEvent[], nowMs: Ms): RunState {
  let anchor: Anchor = READY;
  for (const event of events) anchor = apply(score, anchor, event);
  anchor = advance(score, anchor, nowMs);
  const segment = score.run[anchor.index];
  const lengthMs = segment ? segment.lengthMs + anchor.extraMs : 0;
  const live = anchor.phase === "running" || anchor.phase === "paused";
  const projectedEndMs = live ? Math.max(nowMs, anchor.atMs) + remainingMs(score, anchor) : null;
  return {
    phase: phaseOf(anchor, score.run.length),
    index: anchor.index,
    intoMs: anchor.intoMs,
    lengthMs,
    leftMs: Math.max(0, lengthMs - anchor.intoMs),
    waitedMs: segment?.waits ? Math.max(0, anchor.intoMs - lengthMs) : 0,
    startedAtMs: anchor.startedAtMs,
    projectedEndMs,
    driftMs: projectedEndMs === null ? 0 : projectedEndMs - anchor.plannedEndMs,
    seq: events.at(-1)?.seq ?? 0,
  };
}
