/** Effort and balance of a class as data: as set at every mark, for each part, and the spread over the parts. */
import type { ClassDoc } from "../class/document";
import { MARKS } from "../homes/home";
import type { MoveBook } from "../moves/book";
import type { Part } from "../parts/part";
import type { Thresholds } from "../review/thresholds";
import { type Balance, balanceOf } from "./balance";
import { type EffortCurve, effortCurve } from "./effort";

export interface Spread {
  readonly least: number;
  readonly middle: number;
  readonly most: number;
}

/** Least, middle and most of a number over the parts; null where there are none. */
export function spreadOf(values: readonly number[]): Spread | null {
  if (values.length === 0) return null;
  const sorted = [...values].sort((a, b) => a - b);
  return {
    least: sorted[0] as number,
    middle: sorted[Math.floor((sorted.length - 1) / 2)] as number,
    most: sorted.at(-1) as number,
  };
}

function curveJson(curve: EffortCurve) {
  return { ...curve, fatigue: Object.fromEntries(curve.fatigue) };
}

function balanceJson(balance: Balance) {
  return {
    ...balance,
    hardSets: Object.fromEntries(balance.hardSets),
    positionSeconds: Object.fromEntries(balance.positionSeconds),
  };
}

/** All of it, as `./brontle shape` prints it. */
export function shapeJson(doc: ClassDoc, library: MoveBook, parts: readonly Part[], thresholds: Thresholds) {
  const people = parts.map((part) => ({
    person: part.person,
    effort: effortCurve(doc, library, { part }),
    balance: balanceOf(doc, library, thresholds, part),
  }));
  const muscles = new Set(people.flatMap((entry) => [...entry.balance.hardSets.keys()]));
  return {
    asSet: {
      effort: Object.fromEntries(MARKS.map((mark) => [mark, curveJson(effortCurve(doc, library, { mark }))])),
      balance: balanceJson(balanceOf(doc, library, thresholds)),
    },
    people: people.map((entry) => ({
      person: entry.person,
      effort: curveJson(entry.effort),
      balance: balanceJson(entry.balance),
    })),
    spread: {
      hardSets: Object.fromEntries(
        [...muscles].map((muscle) => [
          muscle,
          spreadOf(people.map((entry) => entry.balance.hardSets.get(muscle) ?? 0)),
        ]),
      ),
      landings: spreadOf(people.map((entry) => entry.balance.landings)),
      gripSeconds: spreadOf(people.map((entry) => entry.balance.gripSeconds)),
      sessionLoad: spreadOf(people.map((entry) => entry.effort.sessionLoad)),
    },
  };
}
