/** What a person's limits close of a weight in a set, whatever they could lift. */
import { CARE } from "../homes/care";
import type { WeightOption } from "../homes/packing";
import { bodyOf } from "../moves/body";
import type { Judge } from "../strength/judge";
import { STRAIN } from "../strength/strain";
import type { Doing, Work } from "./work";

/** A weight with the log of the load that it makes. */
export interface Weighed {
  readonly option: WeightOption | null;
  readonly eachKg: number;
  readonly loadKg: number | null;
  readonly lnLoad: number;
}

export type Closes = (work: Work, weight: Weighed, strain: number | null) => boolean;

const NOTHING_CLOSED: Closes = () => false;

/**
 * What *no straining* and *no gripping* close: what is too hard even with all that is to be left, what is
 * heavy overhead, and what is held in open hands for too long at its weight.
 */
export function closedBy(doing: Doing, judge: Judge | null): Closes {
  const { care } = doing;
  const tires = care.grips ? tiresHands(doing) : NOTHING_CLOSED;
  const strains = care.reserve > 0 && judge?.by === "load" ? strainsIn(doing, judge) : NOTHING_CLOSED;
  if (tires === NOTHING_CLOSED && strains === NOTHING_CLOSED) return NOTHING_CLOSED;
  return (work, weight, strain) => tires(work, weight, strain) || strains(work, weight, strain);
}

/** Of what lies in open hands: so many kilograms in each for so long. */
function tiresHands({ move }: Doing): Closes {
  if (bodyOf(move)?.grip !== "light") return NOTHING_CLOSED;
  const hands = move.needs?.some((list) => list.some(({ as }) => as === "held-weight")) ? 2 : 1;
  return ({ seconds, limbReps }, { eachKg }) =>
    (eachKg / hands) * (seconds ?? limbReps * move.repSeconds) > CARE.gripKgSeconds;
}

/** Too hard even with all that is to be left, or heavy overhead. */
function strainsIn({ move }: Doing, { lnMaximum }: Extract<Judge, { by: "load" }>): Closes {
  const isOverhead = bodyOf(move)?.reach === "overhead";
  const heavy = lnMaximum + Math.log(CARE.overheadShare);
  return (_, { lnLoad }, strain) =>
    (isOverhead && lnLoad > heavy) || (strain !== null && strain > STRAIN.tooHeavy);
}
