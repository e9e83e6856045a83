/** The sounds of a class as it is planned, from its first second to its last: nobody waits, nothing is stopped. */
import type { ClassDoc } from "../class/document";
import { bookFor, type MoveBook } from "../moves/book";
import { scoreOf } from "../score/score";
import { type Cue, commonCounts, cuesBetween } from "./cues";
import { advance, readyAnchor, stateAt } from "./fold";
import { liveScore } from "./live-score";

/** A block that waits at its end goes on by itself: a track has nobody who presses. */
function goingOn(doc: ClassDoc): ClassDoc {
  return { ...doc, blocks: doc.blocks.map(({ atEnd: _, ...block }) => block) };
}

/** The cues in order, ms from the beginning of the class; `counts`: numbers and phases of reps among them. */
export function plannedCues(doc: ClassDoc, library: MoveBook, counts = true): readonly Cue[] {
  const played = goingOn(doc);
  const score = liveScore(played, scoreOf(played, library), bookFor(played, library));
  const begun = { ...readyAnchor(score), phase: "running", startedAtMs: 0 } as const;
  const state = stateAt(score, advance(score, begun, 0), 0, 0);
  // The end of the last piece sounds at the class's own end.
  return cuesBetween(score, state, 0, 0, score.totalMs + 1, counts ? commonCounts(score) : null);
}
