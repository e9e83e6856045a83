/** What somebody did over time as lines of charts, in words. */
import type { KnownMove } from "@/core/moves/book";
import type { MoveHistory, RegionBelief } from "@/core/progress/history";
import { exposureText } from "@/words/progress-words";
import { shortDay } from "@/words/when-words";
import type { Words } from "@/words/words";
import type { ChartMove, ChartRegion } from "./person-charts";

type MoveOf = (id: string) => KnownMove | undefined;

/** By what a move is told: the weight of each thing where something is held, seconds of what is held or timed, else reps. */
function unitOf({ points }: MoveHistory): ChartMove["unit"] {
  if (points.some(({ exposure }) => exposure.eachKg !== null)) return "kg";
  return points.some(({ exposure }) => exposure.reps !== null) ? "reps" : "s";
}

export function chartMoves(
  history: readonly MoveHistory[],
  words: Words,
  moveOf: MoveOf,
): readonly ChartMove[] {
  return history.map((own) => {
    const unit = unitOf(own);
    return {
      id: own.move,
      name: moveOf(own.move)?.name ?? own.move,
      unit,
      points: own.points.map(({ exposure, maximum }) => ({
        day: shortDay(exposure.day, words),
        atMs: Date.parse(exposure.day),
        text: exposureText(exposure, words),
        value: { kg: exposure.eachKg, reps: exposure.reps, s: exposure.seconds }[unit],
        low: maximum?.low ?? null,
        median: maximum?.median ?? null,
        high: maximum?.high ?? null,
      })),
    };
  });
}

/** A region with what is believed now, how sure that is, and how it moved. */
export function chartRegions(
  beliefs: readonly RegionBelief[],
  words: Words,
  moveOf: MoveOf,
): readonly ChartRegion[] {
  return beliefs.map(({ region, move, now, before }) => {
    const change = Math.round((now.median / before.median - 1) * 100);
    return {
      region: words.phrase("region", region),
      move: moveOf(move)?.name ?? move,
      now: words.phrase("progress", "believed", {
        median: words.number(now.median),
        low: words.number(now.low),
        high: words.number(now.high),
      }),
      change: words.phrase("progress", "moved", { change: change > 0 ? `+${change}` : `${change}` }),
    };
  });
}
