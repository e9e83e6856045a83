/**
 * Which weight or band for every set, and by how much a dose comes down where nothing else makes it right.
 * Every set by itself; beside the best weight for each stands the best one for all, for who would rather
 * not change (`ways.ts` puts both to the choice of the whole part).
 */
import type { Filling } from "../homes/fillings";
import type { HomeIndex } from "../homes/home-index";
import type { WeightOption } from "../homes/packing";
import type { KnownMove } from "../moves/book";
import type { Judge } from "../strength/judge";
import { loadMoved, strandKg } from "../strength/load";
import { holdStrain, loadStrain, meanPoints, STRAIN, strainPoints } from "../strength/strain";
import type { Seconds, Triple } from "../units";
import { type Closes, closedBy, type Weighed } from "./closes";
import { COSTS } from "./costs";
import { type Doing, lessWork, MOST_LESS, type Work } from "./work";

/** One set as a way does it. */
export interface WaySet {
  readonly reps: Triple | null;
  readonly seconds: Seconds | null;
  /** Reps of one limb that it comes to. */
  readonly limbReps: number;
  readonly reserve: number;
  readonly option: WeightOption | null;
  /** Total load, kg; null where the move isn't done against one. */
  readonly loadKg: number | null;
  /** Null where it can't be told. */
  readonly strain: number | null;
  /** A weight nearer to what the instructor wrote, that is there and closed: too much for this person. */
  readonly closed: { readonly eachKg: number; readonly loadKg: number | null } | null;
  /** Kilograms of each thing by which it lies off the weight that was written; 0 where none was. */
  readonly off: number;
  /** Held for less than was set, because a limit says so. */
  readonly shortened?: boolean;
  readonly gentle?: boolean;
  /** Seconds of the piece that it was made to fit. */
  readonly fits?: Seconds;
}

/** The sets of a way at their weights: one that stands for all, or one for each of the slot's own appearances. */
export interface SetChoice {
  readonly sets: readonly WaySet[];
  /** Tenths by which the dose came down. */
  readonly less: number;
  /** Points of the strain, and of the dose that came down. */
  readonly strain: number;
  readonly lessPoints: number;
}

/** A written weight may lie this far above what is there. */
export const ABOVE = 1.05;

/** Things that a move holds of a filling, against the first way to meet its needs, for which `held` is stated. */
function heldShare(filling: Filling, move: KnownMove): number {
  if (filling.doubled || filling.weighed === null) return 1;
  const first = (move.needs?.[0] ?? []).find((need) => need.kg !== undefined);
  return first === undefined ? 1 : filling.items / (first.count ?? 1);
}

function bandKg(filling: Filling, home: HomeIndex): number {
  if (!filling.tension) return 0;
  const use = filling.uses.find(({ as }) => as === "long-band" || as === "mini-band");
  const item = home.kit.find(({ id }) => id === use?.kit);
  return strandKg(filling.tension, item?.fullStretchKg) * (filling.doubled ? 2 : 1);
}

function weigh(filling: Filling, { move }: Doing, judge: Judge | null, home: HomeIndex): readonly Weighed[] {
  const share = heldShare(filling, move);
  const band = bandKg(filling, home);
  const options = filling.weighed === null ? [null] : filling.weights;
  return options.map((option) => {
    const eachKg = option?.kg ?? band;
    if (judge?.by !== "load") return { option, eachKg, loadKg: null, lnLoad: 0 };
    const loadKg = loadMoved(judge.scaled.strength, home.person.bodyKg, share * eachKg);
    return { option, eachKg, loadKg, lnLoad: Math.log(loadKg) };
  });
}

const weighed = new WeakMap<Judge, Map<Filling, readonly Weighed[]>>();

/** The weights of a filling with the loads that they make; remembered with the judge, who is of one person and move. */
function weighedOf(filling: Filling, doing: Doing, judge: Judge | null, home: HomeIndex): readonly Weighed[] {
  if (!judge) return weigh(filling, doing, judge, home);
  const known = weighed.get(judge) ?? new Map<Filling, readonly Weighed[]>();
  weighed.set(judge, known);
  const there = known.get(filling);
  if (there) return there;
  const made = weigh(filling, doing, judge, home);
  known.set(filling, made);
  return made;
}

function strainOf(work: Work, { lnLoad }: Weighed, judge: Judge | null): number | null {
  if (!judge || work.load?.target === "none") return null;
  if (judge.by === "hold") {
    if (work.seconds === null) return null;
    const strain = holdStrain(work.seconds, work.reserve, judge.limitSeconds);
    return work.shortened || work.gentle ? Math.max(0, strain) : strain;
  }
  const strain = loadStrain(lnLoad, work.limbReps, work.reserve, judge.lnMaximum);
  return work.gentle ? Math.max(0, strain) : strain;
}

/** Whether somebody may be sent to a weight: not far too hard, and of a move not done before no more than they surely lift once. */
function isOpen(strain: number | null, weight: Weighed, judge: Judge | null): boolean {
  if (strain === null || judge?.by !== "load") return true;
  // What nobody holds can't be put down: it is open as long as it can be done once at all.
  const liftable = weight.lnLoad <= judge.lnMaximum;
  if (weight.eachKg === 0) return liftable;
  return strain <= STRAIN.openTo && (judge.belief.sets > 0 || liftable);
}

interface Picked {
  readonly weight: Weighed;
  readonly strain: number | null;
  readonly closed?: Weighed | null;
}

function isBetter(a: Picked, b: Picked | null, written: number | undefined): boolean {
  if (b === null) return true;
  if (written !== undefined) return Math.abs(a.weight.eachKg - written) < Math.abs(b.weight.eachKg - written);
  if (a.strain === null || b.strain === null) return false;
  const [p, q] = [strainPoints(a.strain), strainPoints(b.strain)];
  return p !== q ? p < q : Math.abs(a.strain) < Math.abs(b.strain);
}

/** The open weight with the fewest points: ties to the least strain, then the lighter. Null where none is open. */
function pick(work: Work, weights: readonly Weighed[], judge: Judge | null, closes: Closes): Picked | null {
  const written = weights[0]?.option ? work.load?.kg : undefined;
  let best: Picked | null = null;
  let closed: Weighed | null = null;
  for (const weight of weights) {
    if (written !== undefined && weight.eachKg > written * ABOVE + 1e-9) break;
    const strain = strainOf(work, weight, judge);
    if (!isOpen(strain, weight, judge) || closes(work, weight, strain)) {
      closed = weight;
      continue;
    }
    const found = { weight, strain };
    if (isBetter(found, best, written)) best = found;
  }
  // Heavier ones come later: what is closed below a written weight is the nearest to it.
  return best && written !== undefined ? { ...best, closed } : best;
}

function setOf(work: Work, { weight, strain, closed = null }: Picked): WaySet {
  const { reps, seconds, limbReps, reserve, shortened, gentle, fits, load } = work;
  const { option, loadKg } = weight;
  const off = option && load?.kg !== undefined ? Math.abs(option.kg - load.kg) : 0;
  return { reps, seconds, limbReps, reserve, option, loadKg, strain, closed, off, shortened, gentle, fits };
}

function pointsOf(sets: readonly WaySet[]): number {
  const [first] = sets;
  if (sets.length === 1) return first && first.strain !== null ? meanPoints([first.strain]) : 0;
  return meanPoints(sets.flatMap(({ strain }) => (strain === null ? [] : [strain])));
}

function choiceOf(sets: readonly WaySet[], less: number): SetChoice {
  return { sets, less, strain: pointsOf(sets), lessPoints: less * COSTS.less };
}

function sum({ strain, lessPoints }: SetChoice): number {
  return strain + lessPoints;
}

/**
 * Whether a dose comes down: where it is too heavy; and within a range of reps already where it is hard. A
 * rep less than a number that was set, for a strain that nobody notices, is no help to anybody.
 */
function comesDown({ strain, reps }: WaySet): boolean {
  if (strain === null) return false;
  const inRange = reps !== null && reps.plan > reps.min;
  return strain > (inRange ? STRAIN.hardFrom : STRAIN.tooHeavy);
}

type Choose = (
  works: readonly Work[],
  weights: readonly Weighed[],
  judge: Judge | null,
  closes: Closes,
  less: number,
) => SetChoice | null;

/** The best of choices with ever less of the dose, from all of it on; null where nothing is open at any. */
function leastOf(
  choose: Choose,
  works: readonly Work[],
  weights: readonly Weighed[],
  judge: Judge | null,
  closes: Closes,
): SetChoice | null {
  let best = choose(works, weights, judge, closes, 0);
  if (!judge || (best && !best.sets.some(comesDown))) return best;
  for (let less = 1; less <= MOST_LESS && less * COSTS.less < (best ? sum(best) : COSTS.unmet); less += 1) {
    const made = choose(lesser(works, less), weights, judge, closes, less);
    if (made && (!best || sum(made) < sum(best))) best = made;
  }
  return best;
}

const lesserWorks = new WeakMap<readonly Work[], (readonly Work[])[]>();

/** Works with so many tenths less; the same for everybody, so worked out once. */
function lesser(works: readonly Work[], tenths: number): readonly Work[] {
  const known = lesserWorks.get(works) ?? [];
  lesserWorks.set(works, known);
  known[tenths] ??= works.map((work) => lessWork(work, tenths));
  return known[tenths];
}

/** One weight for all sets: of all that are open in each, the one with the fewest points. */
function constantChoice(
  works: readonly Work[],
  weights: readonly Weighed[],
  judge: Judge | null,
  closes: Closes,
  less: number,
): SetChoice | null {
  let best: SetChoice | null = null;
  for (const weight of weights) {
    const made = eachChoice(works, [weight], judge, closes, less);
    if (made && (!best || sum(made) < sum(best))) best = made;
  }
  return best;
}

function isConstant({ sets }: SetChoice): boolean {
  return sets.every(({ option }) => option?.kg === sets[0]?.option?.kg);
}

/**
 * The ways to do a slot's sets with one filling: the best weight for each set, and where that changes from
 * set to set also the best one for all. None where no weight is open. `works`: the sets that differ, as meant.
 */
export function setChoices(
  doing: Doing,
  works: readonly Work[],
  filling: Filling,
  judge: Judge | null,
  home: HomeIndex,
): readonly SetChoice[] {
  const weights = weighedOf(filling, doing, judge, home);
  const closes = closedBy(doing, judge);
  const each = leastOf(eachChoice, works, weights, judge, closes);
  if (!each) return [];
  if (works.length === 1 || isConstant(each)) return [each];
  const constant = leastOf(constantChoice, works, weights, judge, closes);
  return constant ? [each, constant] : [each];
}

/** The strain of the hardest set with the lightest that a filling has, at all of the dose; null where it can't be told. */
export function leastStrain(
  doing: Doing,
  works: readonly Work[],
  filling: Filling,
  judge: Judge | null,
  home: HomeIndex,
): number | null {
  const [lightest] = weighedOf(filling, doing, judge, home);
  const strains = works.map((work) => (lightest ? strainOf(work, lightest, judge) : null));
  const told = strains.filter((strain): strain is number => strain !== null);
  return told.length === 0 ? null : Math.max(...told);
}

/** The best weight for each set; null where one has none that is open. */
function eachChoice(
  works: readonly Work[],
  weights: readonly Weighed[],
  judge: Judge | null,
  closes: Closes,
  less: number,
): SetChoice | null {
  const sets: WaySet[] = [];
  for (const work of works) {
    const found = pick(work, weights, judge, closes);
    if (!found) return null;
    sets.push(setOf(work, found));
  }
  return choiceOf(sets, less);
}
