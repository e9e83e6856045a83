/**
 * The rules of progression, for one person and one move: from what was confirmed in the last classes to one step.
 * Double progression in a range of reps (ACSM 2009: more when all sets reach the top in two sessions running), what a
 * pause of weeks takes (Ogasawara 2013), pain never progresses. Where this home has no weight for it the step is made
 * without one.
 */
import { fillingsOf } from "../homes/fillings";
import type { Person } from "../homes/home";
import { homeIndex } from "../homes/home-index";
import type { KnownMove, MoveBook } from "../moves/book";
import { maximumAt, type Strengths } from "../strength/belief";
import { loadMoved, repsAt } from "../strength/load";
import { RESERVE_OF } from "../strength/more";
import { careOf } from "../strength/predict";
import { scaledMove } from "../strength/scaled";
import { daysBetween, type Exposure, HOLD_STEP, MOST_HOLD } from "./exposure";
import type { ProgressReason, Proposal, Step } from "./proposal";

/** A class counts as hard from this effort on, and twice running asks for less. */
const HARD_EFFORT = 9;
/** Away for so long: the same or a tenth less; and for longer: a tenth to a fifth less. Days. */
const AWAY_DAYS = 14;
const LONG_AWAY_DAYS = 29;
const AWAY_SHARE = { least: 0.9, most: 1 } as const;
const LONG_AWAY_SHARE = { least: 0.8, most: 0.9 } as const;
/** Reps past the top of the range before the next weight is out of reach for good. */
const REPS_PAST_TOP = 3;
/** What makes it harder where there is no heavier weight, in this order. */
const WITHOUT_WEIGHT = ["slower", "pause", "one-and-a-half"] as const;
const IN_TIME = ["more-in-time", "less-rest", "another-round"] as const;

/** Whom and what a proposal is for. */
export interface Asked {
  readonly person: Person;
  readonly move: KnownMove & { readonly id: string };
  readonly book: MoveBook;
  readonly strengths: Strengths;
  /** `YYYY-MM-DD` of the class that comes. */
  readonly on: string;
  /** Steps of this move that were taken since its weight was last changed. */
  readonly taken: readonly Step["do"][];
}

/** Weights that a home can make for a move, kg of each thing as it is held, lightest first. */
export function weightsFor(person: Person, move: KnownMove): readonly number[] {
  const { list } = fillingsOf(move.needs, homeIndex(person));
  const all = list.flatMap(({ weighed, weights }) => (weighed === null ? [] : weights.map(({ kg }) => kg)));
  return [...new Set(all)].sort((a, b) => a - b);
}

/** Reps that are likely at a weight with so many left, by what is believed of the person, with the care of the move. */
function likelyReps({ person, move, strengths }: Asked, eachKg: number, reserve: number): number | null {
  const scaled = scaledMove(move);
  const belief = strengths.of(move);
  if (!scaled || !belief) return null;
  const loadKg = loadMoved(scaled.strength, person.bodyKg, eachKg);
  return repsAt(maximumAt(belief, careOf(move, belief)), loadKg, reserve);
}

const missed = ({ kind, reps, repsMeant, seconds, secondsMeant, sets, setsMeant }: Exposure): boolean => {
  if (sets < setsMeant - 1) return true;
  if (kind === "reps") return reps !== null && repsMeant !== null && reps < repsMeant.min;
  return seconds !== null && secondsMeant !== null && seconds < secondsMeant * 0.9;
};

/** All that was meant was done, at the top where there is a range. */
const atTop = ({ kind, sets, setsMeant, reps, repsMeant, seconds, secondsMeant }: Exposure): boolean => {
  if (sets < setsMeant) return false;
  if (kind === "reps") return reps !== null && repsMeant !== null && reps >= repsMeant.max;
  return kind === "timed" || (seconds !== null && secondsMeant !== null && seconds >= secondsMeant);
};

/** As many were left as were to be, or more; null where nobody said. */
const leftEnough = ({ more, reserveMeant }: Exposure): boolean | null =>
  more === null ? null : RESERVE_OF[more] >= Math.min(reserveMeant, RESERVE_OF["4-or-more"]);

const isHard = ({ effort }: Exposure): boolean => (effort ?? 0) >= HARD_EFFORT;

const sameLoad = (a: Exposure, b: Exposure): boolean => a.eachKg === b.eachKg;

/** The heaviest weight of a home between two shares of what was held; else the heaviest below. */
function lighter(
  asked: Asked,
  fromKg: number,
  { least, most }: { readonly least: number; readonly most: number },
): Step {
  const below = weightsFor(asked.person, asked.move).filter((kg) => kg <= fromKg * most + 1e-9);
  const within = below.filter((kg) => kg >= fromKg * least - 1e-9);
  const toKg = within.at(-1) ?? below.at(-1);
  if (toKg === undefined || toKg === fromKg) return { do: "same" };
  return { do: "weight", fromKg, toKg };
}

/** Less of it: the next lighter weight, fewer reps or seconds, or the easier way. */
function down(asked: Asked, last: Exposure): Step {
  const { eachKg, reps, repsMeant, seconds } = last;
  if (eachKg !== null) {
    const step = lighter(asked, eachKg, { least: 0, most: 0.999 });
    if (step.do !== "same") return step;
  }
  const easier = linkFrom(asked, "easier");
  if (easier) return easier;
  if (reps !== null && reps > 1)
    return { do: "reps", from: reps, to: Math.max(1, Math.min(reps - 1, repsMeant?.min ?? reps)) };
  return seconds !== null && seconds > HOLD_STEP
    ? { do: "hold", from: seconds, to: seconds - HOLD_STEP }
    : { do: "same" };
}

/** The first move one link away that this home has all things for. */
function linkFrom({ move, book, person }: Asked, kind: "easier" | "harder"): Step | null {
  const home = homeIndex(person);
  const link = move.links?.find(
    (each) => each.kind === kind && fillingsOf(book.get(each.to)?.needs, home).list.length > 0,
  );
  return link ? { do: "move", to: link.to, way: kind } : null;
}

/** The first of some steps that wasn't taken yet; null where all were. */
function firstLeft<S extends Step["do"]>(steps: readonly S[], { taken }: Asked): S | null {
  return steps.find((step) => !taken.includes(step)) ?? null;
}

/** Whether a move has a lowering that can be slow: what is done against a load, and isn't thrown or jumped. */
export function canBeSlower({ move }: Pick<Asked, "move">): boolean {
  return move.phases !== undefined && move.strength !== undefined && (move.impact ?? "none") === "none";
}

function withoutWeight(asked: Asked): Step {
  const next = canBeSlower(asked) ? firstLeft(WITHOUT_WEIGHT, asked) : null;
  if (next) return { do: next };
  return linkFrom(asked, "harder") ?? { do: "same" };
}

/** More of what is counted: the next weight where the reps there reach the range, else a rep more, else another way. */
function upReps(asked: Asked, last: Exposure): Step {
  const { eachKg, reps, repsMeant, reserveMeant } = last;
  if (reps === null || repsMeant === null) return { do: "same" };
  if (eachKg === null) return withoutWeight(asked);
  const toKg = weightsFor(asked.person, asked.move).find((kg) => kg > eachKg + 1e-9);
  if (toKg === undefined) return withoutWeight(asked);
  const likely = likelyReps(asked, toKg, reserveMeant);
  if (likely === null || likely >= repsMeant.min) return { do: "weight", fromKg: eachKg, toKg };
  if (reps < repsMeant.max + REPS_PAST_TOP) return { do: "reps", from: reps, to: reps + 1 };
  const between = canBeSlower(asked) ? firstLeft(["slower", "pause"] as const, asked) : null;
  return between ? { do: between } : { do: "same" };
}

function up(asked: Asked, last: Exposure): Step {
  if (last.kind === "reps") return upReps(asked, last);
  if (last.kind === "hold") {
    const from = last.seconds ?? 0;
    if (from < MOST_HOLD) return { do: "hold", from, to: Math.min(MOST_HOLD, from + HOLD_STEP) };
    return linkFrom(asked, "harder") ?? { do: "same" };
  }
  const next = firstLeft(IN_TIME, asked);
  return next ? { do: next } : { do: "same" };
}

interface Held {
  readonly step: Step;
  readonly why: ProgressReason;
}

/** Having been away: the same or less, by how long; null for who wasn't. */
function afterAway(asked: Asked, last: Exposure): Held | null {
  const awayDays = daysBetween(last.day, asked.on);
  if (awayDays < AWAY_DAYS) return null;
  const isLong = awayDays >= LONG_AWAY_DAYS;
  const share = isLong ? LONG_AWAY_SHARE : AWAY_SHARE;
  const step: Step = last.eachKg === null ? { do: "same" } : lighter(asked, last.eachKg, share);
  if (!isLong) return { step, why: "away" };
  return { step: step.do === "same" ? down(asked, last) : step, why: "long-away" };
}

/** What comes before all progress: pain, having been away, misses, hard classes. Null where nothing does. */
function held(asked: Asked, last: Exposure, before: Exposure | undefined): Held | null {
  if (last.hurt) return { step: { do: "ask" }, why: "hurt" };
  const away = afterAway(asked, last);
  if (away || !before) return away;
  if (missed(last) && missed(before)) return { step: down(asked, last), why: "missed" };
  return isHard(last) && isHard(before) ? { step: down(asked, last), why: "hard-class" } : null;
}

/**
 * One step for the class that comes, from exposures of one move, or null where there are none. Their order doesn't
 * matter; those after the day that is asked for count for nothing.
 */
export function propose(asked: Asked, exposures: readonly Exposure[]): Proposal | null {
  const evidence = exposures
    .filter(({ move, day }) => move === asked.move.id && day <= asked.on)
    .sort((a, b) => (a.day < b.day ? 1 : a.day > b.day ? -1 : 0));
  const [last, before] = evidence;
  if (!last) return null;
  const made = (step: Step, why: ProgressReason, used: number): Proposal => ({
    move: asked.move.id,
    step,
    why,
    evidence: evidence.slice(0, used),
  });
  const first = held(asked, last, before);
  if (first) return made(first.step, first.why, 2);
  const twice = before !== undefined && [last, before].every(atTop) && sameLoad(last, before);
  if (!twice || before.hurt) return made({ do: "same" }, "not-yet", 2);
  const left = [last, before].map(leftEnough);
  if (left.includes(false)) return made({ do: "same" }, "not-yet", 2);
  if (left.includes(null)) return made({ do: "same" }, "said-too-little", 2);
  return made(up(asked, last), "ready", 2);
}
