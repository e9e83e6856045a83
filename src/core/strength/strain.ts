/**
 * Strain: how far what somebody is to do lies above what they are believed to do with the reserve that is
 * meant, as a log. 0 is just right, 0.1 about a tenth too hard.
 */
import { overLoad } from "./load";

export const STRAIN = {
  /** Points for each log unit above `hardFrom`, and below `easyFrom`. */
  hard: 200,
  hardFrom: 0.05,
  easy: 60,
  easyFrom: -0.1,
  most: 150,
  /** A weight with more strain is closed. */
  openTo: 0.25,
  /** Too heavy, where it is the lightest there is. */
  tooHeavy: 0.15,
} as const;

/** ln(W·(1 + (n + r)/30)/M): of a load whose log is `lnLoad`, for who moves `exp(lnMaximum)` once. */
export function loadStrain(lnLoad: number, reps: number, reserve: number, lnMaximum: number): number {
  return lnLoad + Math.log(overLoad(reps + reserve)) - lnMaximum;
}

/** Seconds of a hold that count as a rep in reserve. */
export const HOLD_REP_SECONDS = 5;

/** Of a hold: ln((t + 5r)/limit). */
export function holdStrain(seconds: number, reserve: number, limitSeconds: number): number {
  return Math.log((seconds + HOLD_REP_SECONDS * reserve) / limitSeconds);
}

/** The same the other way: reps that a hold leaves, one for each five seconds. */
export function holdLeft(seconds: number, limitSeconds: number): number {
  return (limitSeconds - seconds) / HOLD_REP_SECONDS;
}

/** What a strain costs, in points that aren't rounded yet: nothing where it is about right, at most 150. */
export function strainPoints(strain: number): number {
  const hard = STRAIN.hard * Math.max(0, strain - STRAIN.hardFrom);
  const easy = STRAIN.easy * Math.max(0, STRAIN.easyFrom - strain);
  return Math.min(STRAIN.most, hard + easy);
}

/** Points of a slot: the mean over its sets, rounded half up. */
export function meanPoints(strains: readonly number[]): number {
  if (strains.length === 0) return 0;
  const sum = strains.reduce(
    (all, strain) => all + Math.min(STRAIN.most, Math.floor(strainPoints(strain) + 0.5)),
    0,
  );
  return Math.floor(sum / strains.length + 0.5);
}
