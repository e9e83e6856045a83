/** What a move would do where it is put: to the class's length, its balance, its change-overs, and who follows it. */
import type { ClassDoc } from "../class/document";
import { applyEdit } from "../class/edits";
import type { PutMove } from "../class/put-move";
import { balanceOf } from "../effort/balance";
import type { Thresholds } from "../effort/thresholds";
import type { MoveBook } from "../moves/book";
import type { Muscle } from "../moves/move";
import { follows, inSlot, type Part, type Status } from "../parts/part";
import { scoreOf } from "../score/score";
import type { Seconds } from "../units";

/** People who do what is set in a slot at their own level, as it is, another move instead, or nothing. */
export interface Follow {
  readonly as: number;
  readonly swapped: number;
  readonly unmet: number;
}

export interface PutEffect {
  /** Seconds that the class grows by, negative where it shrinks. */
  readonly seconds: Seconds;
  /** Hard sets that muscles get more, or less, as the class is set: the largest changes first. */
  readonly sets: readonly (readonly [muscle: Muscle, change: number])[];
  /** Push and pull sets, now and then. */
  readonly pushPull: {
    readonly before: readonly [number, number];
    readonly after: readonly [number, number];
  };
  /** People who wouldn't have the seconds to change over before or behind it; and seconds that half of them need. */
  readonly short: number;
  readonly needs: Seconds;
  readonly follow: Follow;
}

/** Changes of sets that are told. */
const MOST_SETS = 3;

function setsChange(
  before: ReadonlyMap<Muscle, number>,
  after: ReadonlyMap<Muscle, number>,
): PutEffect["sets"] {
  const muscles = new Set([...before.keys(), ...after.keys()]);
  return [...muscles]
    .map((muscle) => [muscle, (after.get(muscle) ?? 0) - (before.get(muscle) ?? 0)] as const)
    .filter(([, change]) => change !== 0)
    .sort(([a, n], [b, m]) => Math.abs(m) - Math.abs(n) || (a < b ? -1 : 1))
    .slice(0, MOST_SETS);
}

/** Change-overs into a slot and out of it. */
function around(part: Part, slot: string) {
  return part.changeovers.filter(({ from, to }) => (from === slot) !== (to === slot));
}

function followOf(parts: readonly Part[], slot: string): Follow {
  const own = inSlot(parts, slot);
  const count = (sought: Status) => own.filter(({ status }) => status === sought).length;
  return { as: own.filter(follows).length, swapped: count("swapped"), unmet: count("unmet") };
}

/** Null where the edit doesn't apply. `partsOf`: everybody's parts in a version of the class. */
export function putEffect(
  doc: ClassDoc,
  { edit, slot }: PutMove,
  library: MoveBook,
  thresholds: Thresholds,
  partsOf: (doc: ClassDoc) => readonly Part[],
): PutEffect | null {
  const next = applyEdit(doc, edit);
  if (!next.ok) return null;
  const before = balanceOf(doc, library, thresholds);
  const after = balanceOf(next.value, library, thresholds);
  const parts = partsOf(next.value);
  const needs = parts.map((part) => Math.max(0, ...around(part, slot).map((change) => change.needs)));
  const pair = ({ push, pull }: typeof before.pushPull) => [push, pull] as const;
  return {
    seconds: scoreOf(next.value, library).seconds.plan - scoreOf(doc, library).seconds.plan,
    sets: setsChange(before.hardSets, after.hardSets),
    pushPull: { before: pair(before.pushPull), after: pair(after.pushPull) },
    short: parts.filter((part) => around(part, slot).some((change) => change.short > 0)).length,
    needs: [...needs].sort((a, b) => a - b)[Math.floor(needs.length / 2)] ?? 0,
    follow: followOf(parts, slot),
  };
}
