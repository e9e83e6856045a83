/** Where a class is: the piece that is worked or comes, and what follows it. The one answer to "now and next". */
import type { Segment } from "../class/expand";
import type { ClockState } from "./fold";
import { type LiveScore, nextLivePiece } from "./live-score";

export interface Position {
  /** The present segment; null once the score is over. */
  readonly segment: Segment | null;
  /** A piece is being worked: not while counting in. */
  readonly working: boolean;
  /** The piece that is worked, or else the one that comes; null where none is left. */
  readonly shown: Segment | null;
  /** While working: the same turn goes on with the other side, in this segment. */
  readonly otherSide: Segment | null;
  /** The piece after the one that is shown, past its other side; null where none is left. */
  readonly next: Segment | null;
}

/** The position in a state. Pure: the same state gives the same on every screen. */
export function positionOf(
  score: LiveScore,
  state: Pick<ClockState, "index" | "phase" | "lengths">,
): Position {
  const segment = score.segments[state.index] ?? null;
  const isPiece = segment?.kind === "work";
  const working = isPiece && state.phase !== "count-in";
  const after = (piece: Segment | null) =>
    piece && nextLivePiece(score, state.lengths, score.segments.indexOf(piece));
  const shown = isPiece ? segment : nextLivePiece(score, state.lengths, state.index);
  const following = after(shown);
  // Only what has sides goes on in its turn: laps against a cap name no slot at all.
  const sameTurn =
    working && following?.side != null && following.slot === shown?.slot && following.round === shown?.round;
  const otherSide = sameTurn ? following : null;
  return { segment, working, shown, otherSide, next: sameTurn ? after(following) : following };
}
