/**
 * The read-through: a pure function of class, roster and season to a list of findings. Nothing is ever
 * blocked; every finding says what, where, with its numbers, and offers a fix where there is an
 * obvious one.
 */
import type { ClassDoc } from "../class/document";
import type { Edit } from "../class/edits";
import { THRESHOLDS, type Thresholds } from "../effort/thresholds";
import type { Person } from "../homes/home";
import type { MoveBook } from "../moves/book";
import type { Part } from "../parts/part";
import { scoreOf } from "../score/score";
import { checkDoseHard, checkHoldLong } from "./check-amounts";
import { checkFillers, checkNoRest } from "./check-between";
import { checkCounts, checkLevels, checkSides, checkStretches, checkUnknown } from "./check-doses";
import { checkEnds } from "./check-ends";
import { checkFailure, checkOverFace } from "./check-failure";
import { checkShown, checkWater, checkWindows, checkWords } from "./check-flow";
import { checkGaps } from "./check-gaps";
import { checkDoseKinds, checkOneSide } from "./check-kinds";
import {
  checkEarly,
  checkGrip,
  checkJumps,
  checkMissing,
  checkPushPull,
  checkUpAndDown,
} from "./check-muscles";
import { checkCautions, checkHomes, checkLimits, checkLoads, checkUnmet } from "./check-people";
import { checkDemos, checkWarmUpFit } from "./check-prepared";
import { checkClaims, checkKit, checkLength, checkMoves } from "./check-promise";
import { checkRestMuscle, checkRestStance, checkSameMuscle, checkWorkRest } from "./check-rests";
import { checkSeason } from "./check-season";
import { checkOwnTime, checkWayOrder } from "./check-ways";
import { type ReviewContext, reviewContext } from "./context";
import { staysValid } from "./edits";
import { type Finding, type Found, finish, type Sentence } from "./finding";
import { sharedFirstNames, wholeName, withFullNames } from "./full-names";
import type { Line } from "./line";
import { ranked } from "./ranked";
import type { Season } from "./season";

const CHECKS: readonly ((context: ReviewContext) => Found[])[] = [
  checkLength,
  checkMoves,
  checkKit,
  checkClaims,
  checkGaps,
  checkWindows,
  checkWords,
  checkShown,
  checkWater,
  checkEnds,
  checkSides,
  checkCounts,
  checkStretches,
  checkLevels,
  checkUnknown,
  checkSameMuscle,
  checkRestMuscle,
  checkRestStance,
  checkWorkRest,
  checkGrip,
  checkEarly,
  checkJumps,
  checkUpAndDown,
  checkFailure,
  checkOverFace,
  checkWayOrder,
  checkOwnTime,
  checkDoseHard,
  checkHoldLong,
  checkDoseKinds,
  checkOneSide,
  checkDemos,
  checkWarmUpFit,
  checkFillers,
  checkNoRest,
  checkMissing,
  checkPushPull,
  checkUnmet,
  checkHomes,
  checkLimits,
  checkLoads,
  checkCautions,
  checkSeason,
];

export interface ReviewInput {
  readonly doc: ClassDoc;
  readonly library: MoveBook;
  /** May be empty: then only the class as set is judged. */
  readonly people?: readonly Person[];
  /** The people's parts in this class. */
  readonly parts?: readonly Part[];
  readonly season?: Season | null;
  readonly thresholds?: Thresholds;
  /** For what was acknowledged before reasons were data. */
  readonly sentence?: Sentence;
}

/** The findings of a valid class as lines that are read: one a cause, the gravest first. */
export function readLines(input: ReviewInput): readonly Line[] {
  const { seconds } = scoreOf(input.doc, input.library);
  const stands = (edit: Edit) => staysValid(input.doc, edit, input.library, seconds);
  return ranked(readThrough(input), input.doc, stands);
}

/** All findings of a valid class, by severity and time. */
export function readThrough(input: ReviewInput): readonly Finding[] {
  const context = reviewContext({
    doc: input.doc,
    library: input.library,
    people: input.people ?? [],
    parts: input.parts ?? [],
    season: input.season ?? null,
    thresholds: input.thresholds ?? THRESHOLDS,
  });
  const found = CHECKS.flatMap((check) => check(context));
  const { seconds } = context.score;
  // A fix never leads to a class that couldn't be stored: then there is none to offer.
  const shared = sharedFirstNames(context.people);
  const sound = found.map((entry) => ({
    ...entry,
    says: withFullNames(entry.says, shared),
    ...(entry.lacks
      ? { lacks: entry.lacks.map((lack) => ({ ...lack, name: wholeName(lack.name, shared) })) }
      : {}),
    fixes: entry.fixes?.filter(({ edit }) => staysValid(input.doc, edit, input.library, seconds)) ?? [],
  }));
  return finish(input.doc, sound, input.sentence ?? null);
}
