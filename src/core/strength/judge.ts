/** How a move is judged for one person: by what they lift, by what they hold, or not at all. */
import { type Mark, usualMark } from "../homes/home";
import type { KnownMove } from "../moves/book";
import { type Belief, maximumAt, type Strengths } from "./belief";
import { careOf } from "./predict";
import { type ScaledMove, scaledMove } from "./scaled";

export type Judge =
  | {
      readonly by: "load";
      readonly scaled: ScaledMove;
      readonly belief: Belief;
      /** Log of the maximum with the care that the move wants; total load in kg. */
      readonly lnMaximum: number;
    }
  | { readonly by: "hold"; readonly limitSeconds: number };

/** What people hold against a natural person, by their usual level. */
export const HOLD: Readonly<Record<Mark, number>> = { flat: 0.6, natural: 1, sharp: 1.5 };
const YEAR_DAYS = 364;

function longestHold({ person, on }: Strengths, id: string | null): number {
  const own = (person.workingSets ?? []).filter(({ move, seconds, date }) => {
    if (move !== id || seconds === undefined) return false;
    const days = date === undefined ? 0 : (Date.parse(on) - Date.parse(date)) / 86_400_000;
    return !(days < 0 || days > YEAR_DAYS);
  });
  return Math.max(0, ...own.map(({ seconds = 0 }) => seconds));
}

function judge(strengths: Strengths, move: KnownMove): Judge | null {
  const scaled = scaledMove(move);
  const belief = strengths.of(move);
  if (scaled && belief) {
    return { by: "load", scaled, belief, lnMaximum: Math.log(maximumAt(belief, careOf(move, belief))) };
  }
  if (move.holdSeconds === undefined) return null;
  const usual = move.holdSeconds * HOLD[usualMark(strengths.person, move.pattern)];
  return { by: "hold", limitSeconds: Math.max(usual, longestHold(strengths, move.id)) };
}

const known = new WeakMap<Strengths, Map<KnownMove, Judge | null>>();

/** How a move is judged; null where it is done neither against a load nor held. */
export function judgeOf(strengths: Strengths, move: KnownMove): Judge | null {
  const own = known.get(strengths) ?? new Map<KnownMove, Judge | null>();
  known.set(strengths, own);
  const there = own.get(move);
  if (there !== undefined) return there;
  const made = judge(strengths, move);
  own.set(move, made);
  return made;
}

/** Whether anybody's strain can be told in a move. */
export function isJudged(move: KnownMove): boolean {
  return scaledMove(move) !== null || move.holdSeconds !== undefined;
}
