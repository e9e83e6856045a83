/** Effort and balance of a class as data: as set at every mark, for each part, and the spread over the parts. */
import type { ClassDoc } from "../class/document";
import { type Balance, balanceOf } from "../effort/balance";
import { type EffortCurve, effortCurve } from "../effort/effort";
import type { Thresholds } from "../effort/thresholds";
import { MARKS } from "../homes/home";
import type { MoveBook } from "../moves/book";
import type { Part } from "../parts/part";

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

/** Of one person what the spread over all needs, without the curve, which is long. */
type Measured = Pick<EffortCurve, "sessionLoad"> & Pick<Balance, "hardSets" | "landings" | "gripSeconds">;

function spreadJson(people: readonly Measured[]) {
  const muscles = new Set(people.flatMap((entry) => [...entry.hardSets.keys()]));
  const hardSets = [...muscles].map((muscle) => [
    muscle,
    spreadOf(people.map((entry) => entry.hardSets.get(muscle) ?? 0)),
  ]);
  return {
    hardSets: Object.fromEntries(hardSets),
    landings: spreadOf(people.map((entry) => entry.landings)),
    gripSeconds: spreadOf(people.map((entry) => entry.gripSeconds)),
    sessionLoad: spreadOf(people.map((entry) => entry.sessionLoad)),
  };
}

/**
 * All of it, as `./brontle shape` prints it: one JSON object, in pieces that follow each other, so that
 * a class of a day for a thousand people is never one text in memory.
 */
export function* shapePieces(
  doc: ClassDoc,
  library: MoveBook,
  parts: Iterable<Part>,
  thresholds: Thresholds,
): Generator<string> {
  const asSet = {
    effort: Object.fromEntries(MARKS.map((mark) => [mark, curveJson(effortCurve(doc, library, { mark }))])),
    balance: balanceJson(balanceOf(doc, library, thresholds)),
  };
  yield `{"asSet":${JSON.stringify(asSet)},"people":[`;
  const measured: Measured[] = [];
  for (const part of parts) {
    const effort = effortCurve(doc, library, { part });
    const balance = balanceOf(doc, library, thresholds, part);
    const person = { person: part.person, effort: curveJson(effort), balance: balanceJson(balance) };
    yield `${measured.length > 0 ? "," : ""}${JSON.stringify(person)}`;
    const { hardSets, landings, gripSeconds } = balance;
    measured.push({ hardSets, landings, gripSeconds, sessionLoad: effort.sessionLoad });
  }
  yield `],"spread":${JSON.stringify(spreadJson(measured))}}`;
}
