/** Which sets somebody did in a block at their own pace: what they said, and what was timed in between. */
import type { SessionEvent } from "../live/events";
import { clockState } from "../live/fold";
import type { LiveScore } from "../live/live-score";
import { ownPlace, pressesOf, setKey } from "../live/own-pace";
import type { OwnRun } from "../live/runs";
import type { Stay } from "../live/trace";
import type { Part } from "../parts/part";

/**
 * Sets by slot, in a run as it was left last; null for who pressed nothing in it: then the clock is all that is known.
 */
export function ownSetsDone(
  score: LiveScore,
  run: OwnRun,
  stays: readonly Stay[],
  events: readonly SessionEvent[],
  person: string,
  part: Part | null,
): ReadonlyMap<string, number> | null {
  const last = stays.findLast(({ index }) => index >= run.from && index <= run.to);
  if (!last) return null;
  // The moment before it was left.
  const atMs = last.toMs - 1;
  const known = events.filter((event) => event.atMs <= atMs);
  const presses = pressesOf(score, known, atMs);
  const place = ownPlace(score, clockState(score, known, atMs), presses, person, part);
  const said = presses.of.get(person)?.done;
  if (!place || !said || !place.sets.some((set) => said.has(setKey(set)))) return null;
  const done = new Map<string, number>();
  for (const [i, set] of place.sets.entries())
    if (i < place.at || said.has(setKey(set))) done.set(set.slot, (done.get(set.slot) ?? 0) + 1);
  return done;
}
