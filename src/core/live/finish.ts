/** Finishing on time: what each way would come to, before it is taken. */
import type { Ms } from "../units";
import { type ClockKind, MOST_SHORTEN_SECONDS } from "./event-kinds";
import { happening, type Said, type SessionEvent } from "./events";
import { type ClockState, clockState } from "./fold";
import type { LiveScore } from "./live-score";

/** What ends a class earlier. */
export type FinishKind = Extract<ClockKind, "drop-round" | "shorten-rests" | "drop-finisher">;

export interface FinishWay {
  readonly says: Said<FinishKind>;
  /** When the class would then end. */
  readonly endMs: Ms;
  readonly savesMs: Ms;
  /** It would then end by the wanted time; true where none is wanted. */
  readonly lands: boolean;
}

/** A quarter of the rests that are left is what shortening means where no finish is wanted. */
const SHARE_OF_RESTS = 0.25;

function restsLeftMs(score: LiveScore, state: ClockState): Ms {
  return state.lengths.reduce((sum, length, i) => {
    const kind = score.segments[i]?.kind;
    return i > state.index && (kind === "rest" || kind === "long-rest") ? sum + length : sum;
  }, 0);
}

/**
 * The ways to end earlier that are open now: a round less, shorter rests (by what is missing to the
 * wanted finish), no finisher. One that would change nothing isn't listed.
 */
export function finishWays(
  score: LiveScore,
  events: readonly SessionEvent[],
  nowMs: Ms,
): readonly FinishWay[] {
  const state = clockState(score, events, nowMs);
  const end = state.projectedEndMs;
  if (end === null) return [];
  const wanted = state.finishAtMs;
  const over = wanted === null ? restsLeftMs(score, state) * SHARE_OF_RESTS : end - wanted;
  const options: readonly Said<FinishKind>[] = [
    ["drop-round"],
    ...(over > 0
      ? [["shorten-rests", { seconds: Math.min(MOST_SHORTEN_SECONDS, Math.ceil(over / 1000)) }] as const]
      : []),
    ["drop-finisher"],
  ];
  return options.flatMap((says) => {
    const next: SessionEvent = { id: "", seq: state.seq + 1, atMs: nowMs, ...happening(says) };
    const endMs = clockState(score, [...events, next], nowMs).projectedEndMs;
    if (endMs === null || endMs >= end) return [];
    return [{ says, endMs, savesMs: end - endMs, lands: wanted === null || endMs <= wanted }];
  });
}

/**
 * The instant that a clock face such as 19:20 means: of the ones around, the first that lies after
 * `nowMs`. `offsetMs`: what the zone is ahead of UTC at that time.
 */
export function nextTimeOfDay(hours: number, minutes: number, nowMs: Ms, offsetMs: Ms): Ms {
  const day = 86_400_000;
  const today = Math.floor((nowMs + offsetMs) / day) * day;
  const at = today + (hours * 60 + minutes) * 60_000 - offsetMs;
  return at > nowMs ? at : at + day;
}
