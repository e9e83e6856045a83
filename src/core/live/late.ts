/** Who comes late: a short warm-up of their own, and an easier first round. */
import { type ClassDoc, slotsOf } from "../class/document";
import type { Ms } from "../units";
import { isOf, type SessionEvent } from "./events";
import { clockState } from "./fold";
import type { LiveScore } from "./live-score";
import { positionOf } from "./position";

/** Coming later than this after the class's first second counts as late. */
export const LATE_AFTER_MS = 60_000;
/** With this much of the warm-up still to come nobody needs one of their own. */
const ENOUGH_WARM_UP_MS = 60_000;
const OWN_PIECE_MS = 30_000;
const MOST_PIECES = 3;

export interface LateStart {
  readonly joinedAtMs: Ms;
  /** Own warm-up: slots of the class's own warm-up, in turn; none where the class has no warm-up. */
  readonly pieces: readonly { readonly slot: string | null; readonly fromMs: Ms; readonly toMs: Ms }[];
  readonly warmUntilMs: Ms;
}

function firstJoin(events: readonly SessionEvent[], person: string): SessionEvent | undefined {
  return events.filter(isOf("join")).find(({ payload }) => payload.person === person);
}

/** When the class's second 0 was, or null before the start. */
export function begunAtMs(events: readonly SessionEvent[]): Ms | null {
  const start = events.find(isOf("start"));
  return start ? start.atMs + (start.payload.countInMs ?? 0) : null;
}

/** By how much somebody came late, ms, or null for who was there in time or isn't there. */
export function lateByMs(events: readonly SessionEvent[], person: string): Ms | null {
  const begun = begunAtMs(events);
  const join = firstJoin(events, person);
  if (begun === null || !join || join.atMs - begun < LATE_AFTER_MS) return null;
  return join.atMs - begun;
}

/** The own warm-up of somebody who came late, or null where they need none. */
export function lateStart(
  doc: ClassDoc,
  score: LiveScore,
  events: readonly SessionEvent[],
  person: string,
): LateStart | null {
  const join = firstJoin(events, person);
  if (!join || lateByMs(events, person) === null) return null;
  const then = clockState(
    score,
    events.filter((event) => event.seq <= join.seq),
    join.atMs,
  );
  const roleAt = (i: number) => score.roles.get(score.segments[i]?.block ?? "");
  const warmLeft = then.lengths.reduce((sum, length, i) => {
    if (roleAt(i) !== "warmup" || i < then.index) return sum;
    return sum + (i === then.index ? then.leftMs : length);
  }, 0);
  if (warmLeft >= ENOUGH_WARM_UP_MS || roleAt(then.index) === "cooldown") return null;
  const slots = doc.blocks
    .filter((block) => block.role === "warmup")
    .flatMap((block) => slotsOf(block).map((slot) => slot.id))
    .slice(0, MOST_PIECES);
  const turns: readonly (string | null)[] = slots.length > 0 ? slots : [null, null, null];
  const pieces = turns.map((slot, i) => ({
    slot,
    fromMs: join.atMs + i * OWN_PIECE_MS,
    toMs: join.atMs + (i + 1) * OWN_PIECE_MS,
  }));
  return { joinedAtMs: join.atMs, pieces, warmUntilMs: join.atMs + turns.length * OWN_PIECE_MS };
}

/** Which round of which block it is; between pieces the one that comes. */
function roundKey(score: LiveScore, events: readonly SessionEvent[], atMs: Ms): string {
  const state = clockState(score, events, atMs);
  const piece = positionOf(score, state).shown;
  return piece ? `${piece.block} ${piece.round}` : "";
}

/** Whether somebody late still takes the easier way: through their warm-up and the round that follows it. */
export function easesIn(
  score: LiveScore,
  events: readonly SessionEvent[],
  late: LateStart | null,
  nowMs: Ms,
): boolean {
  if (!late) return false;
  if (nowMs < late.warmUntilMs) return true;
  const then = events.filter((event) => event.atMs <= late.warmUntilMs);
  return roundKey(score, then, late.warmUntilMs) === roundKey(score, events, nowMs);
}
