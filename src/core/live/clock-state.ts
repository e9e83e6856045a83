/** Where the clock of a taught class stands, as every screen is told. */
import type { Ms } from "../units";

export type ClockPhase = "ready" | "count-in" | "running" | "paused" | "over" | "ended";

export interface ClockState {
  readonly phase: ClockPhase;
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
  /** When the class is to be over, where the instructor said so. */
  readonly finishAtMs: Ms | null;
  /** Into the present segment: where its count began anew; 0 where it began with the piece. */
  readonly countFromMs: Ms;
  /** Length of every segment as things stand, by index; 0 for one that was dropped. */
  readonly lengths: readonly Ms[];
  /** Sequence number of the last event that was folded. */
  readonly seq: number;
}
