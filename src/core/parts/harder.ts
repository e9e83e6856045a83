/** Whether one way of a slot is harder than another, as they are written: what *easier* and *harder* must not turn round. */
import type { Load, Slot, Stance, Way } from "../class/document";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import { maximumAt, type Strengths } from "../strength/belief";
import { judgeOf } from "../strength/judge";
import { loadMoved, overLoad } from "../strength/load";
import { reserveSet } from "../strength/predict";
import { scaledMove } from "../strength/scaled";
import { holdStrain } from "../strength/strain";
import { type From, type Work, workAt, writtenDoing } from "./work";

/** MET by which something done for time differs before anybody calls it harder; a tenth of the log for each of it. */
const MET_NOTICED = 0.5;
/** What a rep in reserve counts as, as a log: a rep more of ten with two left is a fortieth. */
const REP_LEFT = 1 / 40;

interface Written {
  readonly move: KnownMove;
  readonly work: Work;
}

function kgOf(load: Load | undefined): number | null {
  return load?.kg ?? null;
}

/** The log of what is moved and how often, against what somebody moves once; null where the weight isn't known. */
function loadDemand({ move, work }: Written, strengths: Strengths): number | null {
  const scaled = scaledMove(move);
  const belief = strengths.of(move);
  if (!scaled || !belief) return null;
  const kg = scaled.strength.held === 0 ? 0 : kgOf(work.load);
  if (kg === null) return null;
  const total = loadMoved(scaled.strength, strengths.person.bodyKg, kg);
  if (total <= 0) return null;
  return Math.log(total) + Math.log(overLoad(work.limbReps)) - Math.log(maximumAt(belief, 0));
}

function holdDemand({ move, work }: Written, strengths: Strengths): number | null {
  const judge = judgeOf(strengths, move);
  if (judge?.by !== "hold" || work.seconds === null) return null;
  return holdStrain(work.seconds, 0, judge.limitSeconds);
}

/** One move twice: by what is to be left where that differs, else by how much of it is done. */
function sameMove(a: Work, b: Work, stance: Stance): number {
  const [left, other] = [reserveSet(a.load, stance), reserveSet(b.load, stance)];
  if (left !== other) return (left - other) * REP_LEFT;
  if (a.seconds !== null && b.seconds !== null) return Math.log(b.seconds / a.seconds);
  return Math.log(overLoad(b.limbReps) / overLoad(a.limbReps));
}

/** By how much `b` is harder than `a`, as a log; below 0 it is easier. Null where that can't be told. */
function harderBy(a: Written, b: Written, strengths: Strengths, stance: Stance): number | null {
  const kgs = [kgOf(a.work.load), kgOf(b.work.load)];
  const isSame = a.move === b.move;
  if (isSame && (kgs[0] === null || kgs[1] === null)) return sameMove(a.work, b.work, stance);
  for (const demand of [loadDemand, holdDemand]) {
    const [x, y] = [demand(a, strengths), demand(b, strengths)];
    if (x !== null && y !== null) return y - x;
  }
  // What is done for time, against no load: by what it costs.
  const plain = [a.move, b.move].every((move) => !scaledMove(move) && move.holdSeconds === undefined);
  const met = (b.move.energy?.met ?? 0) - (a.move.energy?.met ?? 0);
  if (!plain || !a.move.energy || !b.move.energy) return null;
  return Math.abs(met) > MET_NOTICED ? met / 10 : 0;
}

/**
 * By how much a level's own way of a slot is harder than the slot as set, as a log, for somebody: the first
 * set of each, with the reserve that is meant for who does it as set. Null where that can't be told: where
 * each takes the weight that suits, the weights make them alike.
 */
export function harderThanSet(
  slot: Slot,
  way: Way,
  set: From,
  strengths: Strengths,
  stance: Stance,
  book: MoveBook,
): number | null {
  const move = way.move === undefined ? set.move : resolveMove(way.move, book);
  const asSet = { move: set.move, work: workAt(writtenDoing(slot, set, stance), 0) };
  const own = { move, work: workAt(writtenDoing(slot, set, stance, { way, move }), 0) };
  return harderBy(asSet, own, strengths, stance);
}
