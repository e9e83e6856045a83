/** The score as the fold needs it: lengths in milliseconds, and where the clock waits for "next". */
import type { BlockRole, ClassDoc, Slot } from "../class/document";
import type { Segment } from "../class/expand";
import { bookOf, type KnownMove, type MoveBook } from "../moves/book";
import { type Score, scoreOf } from "../score/score";
import type { Ms } from "../units";
import { type Counted, countedOf, type Rep, repsOf } from "./count";
import { type OwnRun, runAt, runsOf } from "./runs";
import { slotsById, type Turn, turnsIn } from "./turns";

export interface LiveSegment {
  readonly lengthMs: Ms;
  /** A rep-based piece of a block that waits: the clock stays at its end until "next". */
  readonly waits: boolean;
}

export interface LiveScore {
  readonly segments: readonly Segment[];
  readonly timings: readonly LiveSegment[];
  readonly totalMs: Ms;
  /** Planned lengths by index. */
  readonly lengths: readonly Ms[];
  /** What changes within each piece, by index. */
  readonly turns: readonly (readonly Turn[])[];
  /** Blocks that everybody does at their own pace: in them nothing of turns and counts is common. */
  readonly runs: readonly OwnRun[];
  /** What of each piece is counted and how, by index; null where nothing can be. */
  readonly counted: readonly (Counted | null)[];
  readonly book: MoveBook | null;
  /** Roles of the blocks, by id. */
  readonly roles: ReadonlyMap<string, BlockRole>;
  /** Blocks that go station by station. */
  readonly station: ReadonlySet<string>;
}

/** A frozen score made ready for teaching. Without a book of its moves nothing is known to change within a piece. */
export function liveScore(doc: ClassDoc, score: Score, book?: MoveBook): LiveScore {
  const slots = slotsById(doc);
  const waiting = new Set(doc.blocks.filter((block) => block.atEnd === "wait").map((block) => block.id));
  const runs = runsOf(doc, score.segments);
  // At one's own pace nobody waits for the others but at the end of the block.
  const led = score.segments.map((_, i) => runAt(runs, i) === null);
  const timings = score.segments.map((segment, i) => ({
    lengthMs: (segment.end - segment.start) * 1000,
    waits:
      segment.kind === "work" &&
      segment.reps !== undefined &&
      waiting.has(segment.block) &&
      (led[i] || runs.some(({ to }) => to === i)),
  }));
  const ledBy = <T>(of: (segment: Segment) => T, nothing: T) =>
    book ? score.segments.map((segment, i) => (led[i] ? of(segment) : nothing)) : [];
  return {
    segments: score.segments,
    timings,
    totalMs: score.seconds.plan * 1000,
    lengths: timings.map((segment) => segment.lengthMs),
    turns: ledBy((segment) => (book ? turnsIn(slots, segment, book) : []), []),
    counted: ledBy((segment) => (book ? countedIn(slots, segment, book) : null), null),
    runs,
    book: book ?? null,
    roles: new Map(doc.blocks.map((block) => [block.id, block.role ?? "main"])),
    station: new Set(doc.blocks.filter((block) => block.loop === "station").map((block) => block.id)),
  };
}

function countedIn(slots: ReadonlyMap<string, Slot>, segment: Segment, book: MoveBook): Counted | null {
  const slot = segment.kind === "work" && segment.slot !== null ? slots.get(segment.slot) : undefined;
  return slot ? countedOf(slot, segment, book) : null;
}

const known = new WeakMap<LiveScore, Map<string, readonly Rep[]>>();

/**
 * The reps that are counted in the piece at `index` while it is `lengthMs` long, from the first rep on; empty where
 * nothing is. `fromMs`: where in the piece the count begins. A piece that waits for "next" is counted to the end.
 */
export function repsInPiece(score: LiveScore, index: number, lengthMs: Ms, fromMs: Ms = 0): readonly Rep[] {
  const counted = score.counted[index];
  if (!counted || !score.book) return [];
  const untilMs = score.timings[index]?.waits ? Number.POSITIVE_INFINITY : lengthMs - fromMs;
  const key = `${index} ${untilMs}`;
  const all = known.get(score) ?? new Map<string, readonly Rep[]>();
  known.set(score, all);
  const there = all.get(key);
  if (there) return there;
  const reps = repsOf(counted, untilMs, score.book);
  all.set(key, reps);
  return reps;
}

/** The score of what a session keeps: its class and the moves that it names. */
export function scoreOfKept(kept: {
  readonly doc: ClassDoc;
  readonly moves: readonly KnownMove[];
}): LiveScore {
  const book = bookOf(kept.moves);
  return liveScore(kept.doc, scoreOf(kept.doc, book), book);
}

/** The first piece after the segment at `index` that hasn't been dropped, or null. */
export function nextLivePiece(score: LiveScore, lengths: readonly Ms[], index: number): Segment | null {
  for (let i = index + 1; i < score.segments.length; i += 1) {
    if (score.segments[i]?.kind === "work" && (lengths[i] ?? 0) > 0) return score.segments[i] ?? null;
  }
  return null;
}
