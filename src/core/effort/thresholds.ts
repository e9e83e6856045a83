/**
 * The numbers that the read-through judges by: one table, by stance where schools differ, editable
 * in a studio's settings. Where evidence stands behind a number its source is named; the others are
 * what coaches of that stance usually hold to.
 */
import type { Stance } from "../class/document";
import type { Mark } from "../homes/home";
import { LANDINGS_ALLOWED } from "../parts/landings";
import type { Seconds } from "../units";

type Range = readonly [least: number, most: number];

export interface StanceThresholds {
  /** Seconds until the same muscle works hard again. Longer for strength: ACSM 2009, Grgic 2018. */
  readonly timeBackSeconds: Range;
  readonly restSeconds: Range;
  readonly betweenRoundsSeconds: Range;
  /** Work ÷ rest over the main blocks. */
  readonly workRest: Range;
  /** Hard sets a muscle and week. Schoenfeld 2017a for the direction, a graded response; the range is the stance's. */
  readonly weekSets: Range;
}

export interface Thresholds {
  readonly stance: Readonly<Record<Stance, StanceThresholds>>;
  readonly lengthToleranceSeconds: Seconds;
  /** Share of the planned length by which shortest and longest may differ. */
  readonly looseShare: number;
  /** Slow, clear speech over a call: about 140 words a minute. */
  readonly wordsPerSecond: number;
  readonly waterEverySeconds: Seconds;
  readonly waterSeconds: Seconds;
  readonly longClassSeconds: Seconds;
  /** Least warm-up and cool-down, in long classes and in short ones. */
  readonly warmupSeconds: readonly [long: Seconds, short: Seconds];
  readonly cooldownSeconds: readonly [long: Seconds, short: Seconds];
  /** A static stretch this long a muscle comes after, not before: Kay & Blazevich 2012. */
  readonly longStretchSeconds: Seconds;
  readonly gripSeconds: Seconds;
  readonly gripOffSeconds: Seconds;
  readonly earlySeconds: Seconds;
  readonly earlyEffort: number;
  readonly landings: Readonly<Record<Mark, number>>;
  readonly upAndDown: number;
  /** Push sets ÷ pull sets. */
  readonly pushPull: Range;
  /** Hours between hard exposures of a muscle: Garber 2011. */
  readonly exposureHours: number;
  /** Effort from which a timed piece without a stated load counts as hard. */
  readonly hardEffort: number;
  /** Reserve up to which a set counts as hard. */
  readonly hardReserve: number;
}

export const THRESHOLDS: Thresholds = {
  stance: {
    form: {
      timeBackSeconds: [60, 120],
      restSeconds: [30, 60],
      betweenRoundsSeconds: [60, 90],
      workRest: [1 / 3, 1],
      weekSets: [2, 8],
    },
    strength: {
      timeBackSeconds: [90, 180],
      restSeconds: [0, 180],
      betweenRoundsSeconds: [60, 120],
      workRest: [1 / 4, 1],
      weekSets: [6, 16],
    },
    density: {
      timeBackSeconds: [30, 90],
      restSeconds: [0, 20],
      betweenRoundsSeconds: [30, 60],
      workRest: [1, 4],
      weekSets: [3, 12],
    },
  },
  lengthToleranceSeconds: 60,
  looseShare: 0.1,
  wordsPerSecond: 2.3,
  waterEverySeconds: 1200,
  waterSeconds: 30,
  longClassSeconds: 1800,
  warmupSeconds: [300, 180],
  cooldownSeconds: [240, 120],
  longStretchSeconds: 60,
  gripSeconds: 90,
  gripOffSeconds: 30,
  earlySeconds: 360,
  earlyEffort: 8,
  landings: LANDINGS_ALLOWED,
  upAndDown: 12,
  pushPull: [2 / 3, 3 / 2],
  exposureHours: 48,
  hardEffort: 7,
  hardReserve: 4,
};
