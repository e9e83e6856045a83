/** What is heard of one's own pace: the last seconds of one's own rest, the beginning and end of what is timed. */
import type { Ms } from "../units";
import { COUNT_IN_TICKS_MS, type Cue } from "./cues";
import type { OwnPlace } from "./own-pace";

/** The sounds to come from where somebody is, if they press nothing: `nowMs` on the class's clock, which runs. */
export function ownPaceCues({ sets, at, doing, leftMs }: OwnPlace, nowMs: Ms): readonly Cue[] {
  const set = sets[at];
  if (!set) return [];
  const endsMs = nowMs + leftMs;
  const timed = (fromMs: Ms): readonly Cue[] =>
    set.timed ? [{ kind: "end", atMs: fromMs + set.workMs }] : [];
  if (doing === "set") return set.timed ? [{ kind: "end", atMs: endsMs }] : [];
  const ticks = COUNT_IN_TICKS_MS.map((before): Cue => ({ kind: "count-in", atMs: endsMs - before }));
  return [...ticks, { kind: "start", atMs: endsMs }, ...timed(endsMs)];
}
