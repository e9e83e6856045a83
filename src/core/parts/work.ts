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
import { doseKind, lastsAsSaid, rowOf, rungs, spanOf, stopsBefore } from "../class/dose-kinds";
import { pieceDoses, repSecondsOf } from "../class/dose-time";
import { type Care, isEffortHold, NO_CARE } from "../homes/care";
import type { Mark } from "../homes/home";
import type { KnownMove } from "../moves/book";
import { reserveAt, reserveSet } from "../strength/predict";
import { mapTriple, type Seconds, type Triple } from "../units";
import { spanTriple } from "../values/span";

/** How a way does a slot: by which level's numbers, on which sides, and whether its sides share a timed piece. */
export interface Doing {
  readonly slot: Slot;
  readonly way: Way | null;
  readonly move: KnownMove;
  readonly sides: Sides;
  /** Its sides share the seconds of a piece that both sides were set for. */
  readonly shares: boolean;
  /** Its dose comes from another move's: the slot's own, and the sides that this is set for. */
  readonly from: From | null;
  readonly mark: Mark;
  readonly stance: Stance;
  /** What the person's limits ask of every dose. */
  readonly care: Care;
  /** To get warm or to come down: nothing is wrong with its being easy. */
  readonly gentle: boolean;
}

/** The move that a slot sets, and the sides on which it sets it. */
export interface From {
  readonly move: KnownMove;
  readonly sides: Sides;
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
  /** Being easy is no fault of it. */
  readonly gentle?: boolean;
  /** The seconds of the piece that it was made to fit: all of the dose would take longer this way. */
  readonly fits?: Seconds;
}

/** Half of what both limbs do, where they share it. */
function ofOneLimb(n: number, { slot, sides }: Doing, isTimed: boolean): number {
  const takesTurns = sides === "alternating" && (isTimed || slot.count === "total");
  return takesTurns || (sides === "inTurn" && slot.count === "total") ? Math.ceil(n / 2) : n;
}

function timedWork(dose: Dose, doing: Doing, load: Load | undefined): Work {
  const { slot, way, sides, shares, mark, stance } = doing;
  const said = spanTriple(spanOf(dose) ?? 0).plan;
  const halved = sides === "inTurn" && slot.count === "total" ? Math.ceil(said / 2) : said;
  const whole = Math.min(halved, way?.seconds ?? halved);
  const seconds = shares ? Math.ceil(whole / 2) : whole;
  const reps = Math.floor(seconds / ownRepSeconds(dose, doing)) * turnsThrough(doing);
  const toLimit = doseKind(dose) === "toLimit";
  const stated = dose.reserve ?? reserveSet(load, stance);
  return {
    reps: null,
    seconds,
    limbReps: Math.max(1, sides === "alternating" ? Math.floor(reps / 2) : reps),
    reserve: reserveAt(mark, toLimit ? 0 : stated),
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
  const meant = meantAt(doing, index);
  const { care } = doing;
  const work = doing.gentle && !meant.load ? { ...meant, gentle: true } : meant;
  if (care === NO_CARE) return work;
  const seconds = heldAtMost(doing, work.seconds);
  const reserve = Math.max(work.reserve, care.reserve);
  const rungs = care.holdSeconds !== null && longestRung(doseAt(doing.slot, index)) > care.holdSeconds;
  return { ...work, seconds, reserve, shortened: rungs || seconds !== work.seconds };
}

const isTwoSided = (sides: Sides) => sides === "both" || sides === "alternating";

/** Seconds of a rep: as the level or the dose says, where the move has a lowering to do so slowly; else its own. */
function ownRepSeconds(dose: Dose, { way, move, from }: Doing): number {
  const told = way?.tempo === undefined ? dose : { ...dose, tempo: way.tempo, repSeconds: undefined };
  return from && !move.phases ? move.repSeconds : repSecondsOf(told as Dose, move.repSeconds);
}

/** Whether reps that were set for both sides are done on each in this way. */
export function isEachSide({ from, sides }: Pick<Doing, "from" | "sides">): boolean {
  return from !== null && isTwoSided(from.sides) && sides !== "both" && sides !== from.sides;
}

/** Turns of a slot done side by side through which a two-sided way runs: both in a row. */
function turnsThrough({ from, sides }: Doing): number {
  return from?.sides === "inTurn" && isTwoSided(sides) ? 2 : 1;
}

/** Reps of each side where a way has them and the slot counts both sides' in one number. */
function ofEachSide(reps: Triple, { slot, from }: Doing): Triple {
  const together = from?.sides === "alternating" && slot.count === "total";
  return together ? mapTriple(reps, (n) => Math.ceil(n / 2)) : reps;
}

/** Seconds that a piece of counted reps has: its window, else what the set reps take in the set move. */
function pieceSeconds(dose: Dose, { slot, from, move, sides }: Doing): Seconds {
  if (dose.within !== undefined) return dose.within;
  const [first] = pieceDoses(
    dose,
    from?.sides ?? sides,
    slot.count ?? "each",
    (from?.move ?? move).repSeconds,
  );
  return first?.seconds.plan ?? 0;
}

/** How often a rep's seconds pass in a piece for one counted rep: once for each side that takes its own turn in it. */
function timesPerRep(dose: Dose, { slot, sides, from }: Doing): number {
  const set = from?.sides ?? sides;
  const total = slot.count === "total";
  if (set === "inTurn") return (total ? 0.5 : 1) * (dose.within === undefined ? 1 : 2);
  if (set === "swap" || sides === "both") return 1;
  return set === "alternating" && sides === "alternating" && total ? 1 : 2;
}

/** How a slot's move is done just as it is set, or in a level's way as that is written, by a natural person. */
export function writtenDoing(
  slot: Slot,
  set: From,
  stance: Stance,
  other: { readonly way: Way; readonly move: KnownMove } | null = null,
): Doing {
  const isOther = other !== null && other.move !== set.move;
  const sides = isOther ? (other.move.sides ?? "both") : set.sides;
  return {
    slot,
    way: other?.way ?? null,
    move: other?.move ?? set.move,
    sides,
    shares: isOther && sides === "inTurn" && isTwoSided(set.sides) && lastsAsSaid(doseAt(slot, 0)),
    from: isOther ? set : null,
    mark: "natural",
    stance,
    care: NO_CARE,
    gentle: false,
  };
}

/** A hold for reps: as long as they take, on each side half of it where the sides share the piece. */
function heldWork(dose: Dose, reps: Triple, doing: Doing, load: Load | undefined): Work {
  const { shares, mark, stance } = doing;
  const room = pieceSeconds(dose, doing);
  const needed = ofOneLimb(reps.plan, doing, false) * repSecondsOf(dose, doing.from?.move.repSeconds ?? 1);
  const whole = Math.min(room, shares ? 2 * needed : needed);
  const one = shares ? whole / 2 : whole;
  // Nobody holds for 36 seconds: in fives.
  const seconds = one < 10 ? Math.max(1, Math.floor(one)) : Math.floor(one / 5) * 5;
  const reserve = reserveAt(mark, reserveSet(load, stance));
  return { reps: null, seconds, limbReps: 1, reserve, load };
}

/** Whether a way is a hold where the slot counts reps of another move. */
export function holdsForReps(dose: Dose, { from, move }: Pick<Doing, "from" | "move">): boolean {
  return from !== null && dose.reps !== undefined && move.isometric === true && from.move.isometric !== true;
}

/**
 * Whether the reps are what the instructor wrote for this very way: they stay, whatever time they take (the
 * read-through says where that is too long). Of another way, or at a slower tempo of a level's, they fit the piece.
 */
function isAsWritten({ from, way }: Doing): boolean {
  if (way?.reps !== undefined) return from === null || way.move !== undefined;
  return from === null && way?.tempo === undefined;
}

function countedWork(dose: Dose, reps: Triple, doing: Doing, load: Load | undefined): Work {
  const { mark, stance } = doing;
  const room = pieceSeconds(dose, doing);
  const fitting = Math.floor((room + 1e-9) / (ownRepSeconds(dose, doing) * timesPerRep(dose, doing)));
  const each = isEachSide(doing) ? ofEachSide(reps, doing) : reps;
  const fits = isAsWritten(doing) || each.plan <= Math.max(1, fitting);
  const own = fits ? each : fewerReps(each, Math.max(1, fitting), true);
  const inBothTurns =
    doing.from?.sides === "inTurn" && doing.sides === "both" && doing.slot.count !== "total";
  const limb = isEachSide(doing) ? own.plan : ofOneLimb(own.plan, doing, false) * (inBothTurns ? 2 : 1);
  return {
    reps: own,
    seconds: null,
    limbReps: limb,
    reserve: reserveAt(mark, reserveSet(load, stance)),
    load,
    ...(fits ? {} : { fits: room }),
  };
}

/** Seconds of the longest hold on a ladder; 0 where nothing is held. */
function longestRung(dose: Dose): Seconds {
  const { ladder } = dose;
  if (!ladder?.hold) return 0;
  return ladder.holdOn === "rep" ? ladder.hold : ladder.hold * Math.max(...rungs(ladder));
}

/** The load that a slot sets: kilograms are of the very move, and say nothing of another. */
function loadFor({ slot, from }: Doing, index: number): Load | undefined {
  const load = loadAt(slot, index);
  return from !== null && load?.kg !== undefined ? undefined : load;
}

function meantAt(doing: Doing, index: number): Work {
  const { slot, way, mark, stance } = doing;
  const dose = doseAt(slot, index);
  const load = way?.load ?? loadFor(doing, index);
  if (lastsAsSaid(dose) || stopsBefore(dose)) return timedWork(dose, doing, load);
  const span = way?.reps ?? dose.reps;
  if (span !== undefined) {
    const reps = spanTriple(span);
    return holdsForReps(dose, doing)
      ? heldWork(dose, reps, doing, load)
      : countedWork(dose, reps, doing, load);
  }
  const { amount } = rowOf(dose);
  const rung = typeof amount === "object" && "from" in amount ? Math.max(...rungs(amount)) : 1;
  const reserve = reserveAt(mark, reserveSet(load, stance));
  return { reps: null, seconds: null, limbReps: rung, reserve, load };
}

/** Tenths of a dose by which it can come down at most: below half of it another way is better. */
export const MOST_LESS = 5;

/** A plan of fewer reps: within the range that was set the range stays, below it the fewer are the range; `most`: it ends there. */
function fewerReps({ min, max }: Triple, plan: number, most = false): Triple {
  return plan >= min ? { min, plan, max: most ? plan : max } : { min: plan, plan, max: plan };
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
