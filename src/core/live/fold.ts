/**
 * The state of a taught class: `state(score, events, now)`, pure. Time is whole milliseconds;
 * every position is computed from an anchor (where the clock stood at a known instant), so that
 * nothing adds up errors and pause, skip and late join need no code of their own.
 */
import type { Ms } from "../units";
import type { ClockPhase, ClockState } from "./clock-state";
import type { ClockKind } from "./event-kinds";
import { movesClock, type SessionEvent, secondsOf } from "./events";
import type { LiveScore } from "./live-score";
import { runAt } from "./runs";
import { dropFinisher, dropRound, shortenRests } from "./to-come";

export type { ClockPhase, ClockState } from "./clock-state";

/** Going back within this long of a segment's start goes to the one before it. */
export const BACK_GRACE_MS = 3000;

/** An end can be taken back for so long. */
export const GO_ON_MS = 60_000;

/** Where the clock stood at an instant. */
export interface Anchor {
  readonly phase: "ready" | "running" | "paused" | "ended";
  readonly index: number;
  readonly atMs: Ms;
  readonly intoMs: Ms;
  readonly extraMs: Ms;
  /** Planned end, known from the start on. */
  readonly plannedEndMs: Ms;
  readonly startedAtMs: Ms | null;
  readonly finishAtMs: Ms | null;
  readonly countFromMs: Ms;
  readonly lengths: readonly Ms[];
}

/** Where every class begins. */
export function readyAnchor(score: LiveScore): Anchor {
  return {
    phase: "ready",
    index: 0,
    atMs: 0,
    intoMs: 0,
    extraMs: 0,
    plannedEndMs: 0,
    startedAtMs: null,
    finishAtMs: null,
    countFromMs: 0,
    lengths: score.lengths,
  };
}

/**
 * The anchor moved on to `now`, through every segment that ended meanwhile; `onLeave` hears of each
 * with the instant at which it ended.
 */
export function advance(
  score: LiveScore,
  anchor: Anchor,
  nowMs: Ms,
  onLeave?: (index: number, atMs: Ms) => void,
): Anchor {
  if (anchor.phase !== "running" || nowMs < anchor.atMs) return anchor;
  const { lengths } = anchor;
  let { index, intoMs, extraMs, countFromMs, atMs } = anchor;
  for (;;) {
    const segment = score.timings[index];
    const length = lengths[index] ?? 0;
    const left = segment ? length + extraMs - intoMs : Number.POSITIVE_INFINITY;
    if (!segment || (segment.waits && length > 0) || nowMs - atMs < left) break;
    atMs += left;
    onLeave?.(index, atMs);
    index += 1;
    intoMs = 0;
    extraMs = 0;
    countFromMs = 0;
  }
  return { ...anchor, index, intoMs: intoMs + (nowMs - atMs), extraMs, countFromMs, atMs: nowMs };
}

function goTo(anchor: Anchor, index: number): Anchor {
  return { ...anchor, index, intoMs: 0, extraMs: 0, countFromMs: 0 };
}

/** The next segment that is left, from `index` on in steps of 1 or -1; `index` itself beyond the ends. */
function aliveFrom(anchor: Anchor, index: number, step: 1 | -1): number {
  let i = index;
  while (i >= 0 && i < anchor.lengths.length && anchor.lengths[i] === 0) i += step;
  return i;
}

/** The piece that is worked, or else the one that was worked last. */
function lastPieceIndex(score: LiveScore, anchor: Anchor): number | null {
  for (let i = Math.min(anchor.index, score.timings.length - 1); i >= 0; i -= 1) {
    if (score.segments[i]?.kind === "work" && (anchor.lengths[i] ?? 0) > 0) return i;
  }
  return null;
}

/** Whether something can still be changed: the class runs, or is held. */
const isLive = ({ phase }: Anchor) => phase === "running" || phase === "paused";

/** What is to come, changed. */
function changed(anchor: Anchor, change: (lengths: readonly Ms[]) => readonly Ms[]): Anchor {
  return isLive(anchor) ? { ...anchor, lengths: change(anchor.lengths) } : anchor;
}

type Step<K extends ClockKind> = (score: LiveScore, anchor: Anchor, event: SessionEvent<K>) => Anchor;

/**
 * What each kind does to the clock, which has been moved on to the event's time. One that means nothing in
 * this state (pause when paused) gives the same anchor.
 */
const STEPS: { readonly [K in ClockKind]: Step<K> } = {
  start: (score, anchor, { payload, atMs }) => {
    if (anchor.phase !== "ready") return anchor;
    const countInMs = payload.countInMs ?? 0;
    return {
      ...anchor,
      phase: "running",
      atMs,
      intoMs: -countInMs,
      startedAtMs: atMs,
      plannedEndMs: atMs + countInMs + score.totalMs,
    };
  },
  pause: (_score, anchor, { atMs }) =>
    anchor.phase === "running" ? { ...anchor, phase: "paused", atMs } : anchor,
  resume: (_score, anchor, { atMs }) =>
    anchor.phase === "paused" ? { ...anchor, phase: "running", atMs } : anchor,
  skip: (score, anchor) => {
    if (!isLive(anchor)) return anchor;
    // A count-in is skipped by itself: what follows it is the first segment.
    if (anchor.intoMs < 0) return goTo(anchor, anchor.index);
    // Where everybody goes at their own pace there is no next piece for all: what comes next is after the block.
    const last = runAt(score.runs, anchor.index)?.to ?? anchor.index;
    return goTo(anchor, aliveFrom(anchor, Math.min(score.timings.length, last + 1), 1));
  },
  back: (score, anchor) => {
    if (!isLive(anchor)) return anchor;
    const first = runAt(score.runs, anchor.index)?.from ?? anchor.index;
    const isIn = anchor.intoMs >= BACK_GRACE_MS || first < anchor.index;
    const toStart = isIn && anchor.index < score.timings.length;
    const to = toStart ? aliveFrom(anchor, first, 1) : aliveFrom(anchor, anchor.index - 1, -1);
    return goTo(anchor, to < 0 ? aliveFrom(anchor, 0, 1) : to);
  },
  repeat: (score, anchor) => {
    const to = isLive(anchor) && anchor.intoMs >= 0 ? lastPieceIndex(score, anchor) : null;
    return to === null ? anchor : goTo(anchor, aliveFrom(anchor, runAt(score.runs, to)?.from ?? to, 1));
  },
  extend: (score, anchor, event) =>
    isLive(anchor) && anchor.index < score.timings.length
      ? { ...anchor, extraMs: anchor.extraMs + secondsOf(event) * 1000 }
      : anchor,
  shorten: (score, anchor, event) => {
    if (!isLive(anchor) || anchor.index >= score.timings.length) return anchor;
    const left = (anchor.lengths[anchor.index] ?? 0) + anchor.extraMs - Math.max(0, anchor.intoMs);
    const by = Math.min(Math.max(0, left), secondsOf(event) * 1000);
    return { ...anchor, extraMs: anchor.extraMs - by };
  },
  count: (score, anchor) =>
    isLive(anchor) && anchor.intoMs >= 0 && score.segments[anchor.index]?.kind === "work"
      ? { ...anchor, countFromMs: anchor.intoMs }
      : anchor,
  "shorten-rests": (score, anchor, event) =>
    changed(anchor, (lengths) => shortenRests(score, lengths, anchor.index, secondsOf(event) * 1000)),
  "drop-round": (score, anchor) => changed(anchor, (lengths) => dropRound(score, lengths, anchor.index)),
  "drop-finisher": (score, anchor) =>
    changed(anchor, (lengths) => dropFinisher(score, lengths, anchor.index)),
  "land-at": (_score, anchor, { payload }) =>
    anchor.phase === "ended" ? anchor : { ...anchor, finishAtMs: payload.finishAtMs },
  "go-on": (score, anchor, { atMs }) =>
    anchor.phase === "ended" &&
    anchor.startedAtMs !== null &&
    anchor.index < score.timings.length &&
    atMs - anchor.atMs <= GO_ON_MS
      ? { ...anchor, phase: "paused", atMs }
      : anchor,
  end: (_score, anchor, { atMs }) =>
    anchor.phase === "ended" ? anchor : { ...anchor, phase: "ended", atMs },
};

/** One event applied; what people enter never moves the clock. */
export function applyEvent(
  score: LiveScore,
  before: Anchor,
  event: SessionEvent,
  onLeave?: (index: number, atMs: Ms) => void,
): Anchor {
  if (!movesClock(event)) return before;
  const step = STEPS[event.kind] as Step<ClockKind>;
  return step(score, advance(score, before, event.atMs, onLeave), event);
}

function phaseOf(anchor: Anchor, last: number): ClockPhase {
  if (anchor.phase !== "running") return anchor.phase;
  if (anchor.index >= last) return "over";
  return anchor.intoMs < 0 ? "count-in" : "running";
}

/** Milliseconds from the anchor to the end of the score, if the clock runs. */
function remainingMs(score: LiveScore, anchor: Anchor): Ms {
  const present = score.timings[anchor.index];
  if (!present) return 0;
  let sum = Math.max(0, (anchor.lengths[anchor.index] ?? 0) + anchor.extraMs - anchor.intoMs);
  for (let i = anchor.index + 1; i < score.timings.length; i += 1) sum += anchor.lengths[i] ?? 0;
  return sum;
}

/**
 * The state at `nowMs` after these events, in the order of their sequence numbers.
 * Pure: equal inputs give equal states, whichever device asks. An event later than `nowMs` (a device
 * whose clock lags a little) has happened all the same: the state is then that at the event.
 */
export function clockState(score: LiveScore, events: readonly SessionEvent[], nowMs: Ms): ClockState {
  let anchor = readyAnchor(score);
  for (const event of events) anchor = applyEvent(score, anchor, event);
  return stateAt(score, anchor, nowMs, events.at(-1)?.seq ?? 0);
}

/** The state at `nowMs` from where the clock stood after the event numbered `seq`. */
export function stateAt(score: LiveScore, from: Anchor, nowMs: Ms, seq: number): ClockState {
  const anchor = advance(score, from, nowMs);
  const segment = score.timings[anchor.index];
  const lengthMs = segment ? (anchor.lengths[anchor.index] ?? 0) + anchor.extraMs : 0;
  const live = anchor.phase === "running" || anchor.phase === "paused";
  const projectedEndMs = live ? Math.max(nowMs, anchor.atMs) + remainingMs(score, anchor) : null;
  return {
    phase: phaseOf(anchor, score.timings.length),
    index: anchor.index,
    intoMs: anchor.intoMs,
    lengthMs,
    leftMs: Math.max(0, lengthMs - anchor.intoMs),
    waitedMs: segment?.waits ? Math.max(0, anchor.intoMs - lengthMs) : 0,
    startedAtMs: anchor.startedAtMs,
    projectedEndMs,
    driftMs: projectedEndMs === null ? 0 : projectedEndMs - anchor.plannedEndMs,
    finishAtMs: anchor.finishAtMs,
    countFromMs: anchor.countFromMs,
    lengths: anchor.lengths,
    seq,
  };
}
