/** The check of the body's facts that a move states: all of them, since limits are told from them. */
import {
  type Bounds,
  checkBoolean,
  checkKey,
  checkList,
  checkNumber,
  checkObject,
  checkOneOf,
  type Faults,
} from "../values/check-values";
import {
  BALANCES,
  type BodyFacts,
  FACES,
  FEET,
  GRIPS,
  HINGES,
  KNEE_BENDS,
  LIMBS,
  REACHES,
  SPINES,
} from "./body-facts";
import { POSITIONS } from "./position";

type Check = (faults: Faults, path: string, value: unknown) => unknown;

const PERCENT: Bounds = { least: 0, most: 100 };
const percent: Check = (faults, path, value) => checkNumber(faults, path, value, PERCENT);
const word =
  (closed: readonly string[]): Check =>
  (faults, path, value) =>
    checkOneOf(faults, path, value, closed);
/** Each once at most. */
const words =
  (closed: readonly string[], what: string): Check =>
  (faults, path, value) =>
    checkList(faults, path, value, { least: 0, most: closed.length, what }, (p, v) =>
      checkOneOf(faults, p, v, closed),
    );

const CHECKS: Record<keyof BodyFacts, Check> = {
  passes: words(POSITIONS, "positions"),
  floor: checkBoolean,
  chair: checkBoolean,
  plank: checkBoolean,
  onHands: percent,
  onForearms: percent,
  onKnees: checkBoolean,
  feet: word(FEET),
  legs: word(LIMBS),
  arms: word(LIMBS),
  knee: word(KNEE_BENDS),
  hinge: word(HINGES),
  spine: words(SPINES, "ways of the spine"),
  spineLoaded: checkBoolean,
  reach: word(REACHES),
  headLow: checkBoolean,
  face: word(FACES),
  grip: word(GRIPS),
  quick: checkBoolean,
  aboveFace: checkBoolean,
  balance: word(BALANCES),
};

/** A fact that is left out or isn't of the closed list is a fault at its place. */
export function checkBody(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  for (const [name, check] of Object.entries(CHECKS))
    checkKey(faults, path, value, name, (p, v) => check(faults, p, v), true);
}
