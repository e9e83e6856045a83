/** What a slot's dose comes to in one way of doing it: reps of one limb, or seconds of a hold, and what is to be left. */
import {
  type Block,
  type Dose,
  doseAt,
  type Load,
  loadAt,
  type Sides,
  type Slot,
  type Stance,
  type Way,
} from "../class/document";
import { doseKind, lastsAsSaid, rowOf, rungs, spanOf } from "../class/dose-kinds";
import { repSecondsOf } from "../class/dose-time";
import { type Care, isEffortHold, NO_CARE } from "../homes/care";
import type { Mark } from "../homes/home";
import type { KnownMove } from "../moves/book";
import { reserveAt, reserveSet } from "../strength/predict";
import type { Seconds, Triple } from "../units";
import { spanTriple } from "../values/span";

/** How a way does a slot: by which level's numbers, on which sides, and whether its sides share a timed piece. */
export interface Doing {
  readonly slot: Slot;
  readonly way: Way | null;
  readonly move: KnownMove;
  readonly sides: Sides;
  readonly shares: boolean;
  readonly mark: Mark;
  readonly stance: Stance;
  /** What the person's limits ask of every dose. */
  readonly care: Care;
}

/** One set as it is meant, before a weight is chosen for it. */
export interface Work {
  /** Reps as the slot counts them; null where they aren't counted. */
  readonly reps: Triple | null;
  /** Seconds of a timed or held piece, of one side where sides share it; null where reps are counted. */
  readonly seconds: Seconds | null;
  /** Reps of one limb that this comes to. */
  readonly limbReps: number;
  readonly reserve: number;
  readonly load: Load | undefined;
  /** Held for less than was set, because a limit says so: then being easy is no fault of it. */
  readonly shortened?: boolean;
}

/** Half of what both limbs do, where they share it. */
function ofOneLimb(n: number, { slot, sides }: Doing, isTimed: boolean): number {
  const takesTurns = sides === "alternating" && (isTimed || slot.count === "total");
  return takesTurns || (sides === "inTurn" && slot.count === "total") ? Math.ceil(n / 2) : n;
}

function timedWork(dose: Dose, doing: Doing, load: Load | undefined): Work {
  const { slot, way, move, sides, shares, mark, stance } = doing;
  const said = spanTriple(spanOf(dose) ?? 0).plan;
  const halved = sides === "inTurn" && slot.count === "total" ? Math.ceil(said / 2) : said;
  const whole = Math.min(halved, way?.seconds ?? halved);
  const seconds = shares ? Math.ceil(whole / 2) : whole;
  const reps = Math.floor(seconds / repSecondsOf(dose, move.repSeconds));
  const toLimit = doseKind(dose) === "toLimit";
  return {
    reps: null,
    seconds,
    limbReps: Math.max(1, sides === "alternating" ? Math.floor(reps / 2) : reps),
    reserve: reserveAt(mark, toLimit ? 0 : reserveSet(load, stance)),
    load,
  };
}

/** Held for somebody who must not hold long: so many seconds at a time. */
function heldAtMost({ move, care }: Doing, seconds: Seconds | null): Seconds | null {
  if (care.holdSeconds === null || seconds === null || !isEffortHold(move)) return seconds;
  return Math.min(seconds, care.holdSeconds);
}

/** The work of the slot's `index`-th own appearance, from 0, with what the person's limits ask of it. */
export function workAt(doing: Doing, index: number): Work {
  const work = meantAt(doing, index);
  const { care } = doing;
  if (care === NO_CARE) return work;
  const seconds = heldAtMost(doing, work.seconds);
  const reserve = Math.max(work.reserve, care.reserve);
  return { ...work, seconds, reserve, shortened: seconds !== work.seconds };
}

function meantAt(doing: Doing, index: number): Work {
  const { slot, way, mark, stance } = doing;
  const dose = doseAt(slot, index);
  const load = way?.load ?? loadAt(slot, index);
  if (lastsAsSaid(dose) || doseKind(dose) === "toLimit") return timedWork(dose, doing, load);
  const span = way?.reps ?? dose.reps;
  const reps = span === undefined ? null : spanTriple(span);
  const { amount } = rowOf(dose);
  const rung = typeof amount === "object" && "from" in amount ? Math.max(...rungs(amount)) : 1;
  return {
    reps,
    seconds: null,
    limbReps: reps ? ofOneLimb(reps.plan, doing, false) : rung,
    reserve: reserveAt(mark, reserveSet(load, stance)),
    load,
  };
}

/** Tenths of a dose by which it can come down at most: below half of it another way is better. */
export const MOST_LESS = 5;

/** A plan of fewer reps: within the range that was set the range stays, below it the fewer are the range. */
function fewerReps({ min, max }: Triple, plan: number): Triple {
  return plan >= min ? { min, plan, max } : { min: plan, plan, max: plan };
}

/** The same work with so many tenths less; at least one rep, or five seconds. */
export function lessWork(work: Work, tenths: number): Work {
  if (tenths === 0) return work;
  const share = 1 - tenths / 10;
  const fewer = (n: number) => Math.max(1, Math.round(n * share));
  return {
    ...work,
    reps: work.reps && fewerReps(work.reps, fewer(work.reps.plan)),
    seconds:
      work.seconds === null ? null : Math.max(Math.min(5, work.seconds), Math.round(work.seconds * share)),
    limbReps: fewer(work.limbReps),
  };
}

/** How many of a slot's appearances differ: one where its dose and load are the same in all. */
export function distinctAppearances(slot: Slot, block: Block): number {
  const lists = [slot.dose, slot.load].flatMap((list) => (Array.isArray(list) ? [list.length] : []));
  return block.cap !== undefined ? 1 : Math.max(1, ...lists);
}
