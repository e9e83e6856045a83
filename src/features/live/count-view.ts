import type { Rep } from "@/core/live/count";
import { type CountNow, countAt } from "@/core/live/count-now";
import type { ClockState } from "@/core/live/fold";
import { type LiveScore, repsInPiece } from "@/core/live/live-score";
import { type CountText, countText } from "@/words/count-words";
import type { Words } from "@/words/words";

/** The count of a piece at a moment, with its words. */
export interface CountView {
  readonly now: CountNow;
  readonly text: CountText;
}

/** A count at a moment, `intoMs` after it began; null where nothing is counted then. */
export function viewOf(reps: readonly Rep[], intoMs: number, words: Words): CountView | null {
  const now = countAt(reps, intoMs);
  return now && { now, text: countText(now, reps.at(-1)?.n ?? 0, words) };
}

/** The count that everybody follows; null where nothing is counted now. */
export function countView(score: LiveScore, state: ClockState, words: Words): CountView | null {
  if (state.phase !== "running" && state.phase !== "paused") return null;
  const { index, lengthMs, intoMs, countFromMs } = state;
  const reps = repsInPiece(score, index, lengthMs, countFromMs);
  return viewOf(reps, intoMs - countFromMs, words);
}
