/** Every length that a block can have at its least cost of changes: a knapsack over its knobs, for each number of rounds. */
import { type Block, type ClassDoc, slotsOf } from "../class/document";
import { expandedSeconds } from "../class/expand";
import { bookFor, type MoveBook } from "../moves/book";
import type { Seconds } from "../units";
import type { Span } from "../values/span";
import { type FitChange, setPath } from "./fit-change";
import {
  type EndCosts,
  type Knob,
  knobsOf,
  type Limits,
  moved,
  roundsCost,
  roundsOf,
  STEP,
  slotCost,
  spareSlots,
  stepsCost,
} from "./fit-knobs";

/** A block with a knob somewhere else. */
export function withKnob(block: Block, knob: Knob, to: Span): Block {
  if (knob.slot === null) return { ...block, [knob.key]: to };
  const path = knob.key.split(".");
  const slots = slotsOf(block).map((slot) =>
    slot.id === knob.slot ? (setPath(slot, path, to) as typeof slot) : slot,
  );
  return { ...block, slots };
}

/** Whether a number may be changed: by block, slot and key; a slot left out has the key `remove`. */
export type Allowed = (block: string, slot: string | null, key: string) => boolean;

/** A knob and the seconds that each of its steps adds, from its least on. */
interface Turnable {
  readonly knob: Knob;
  readonly adds: readonly Seconds[];
}

/** A block with another number of rounds or without one of its slots. */
interface Variant {
  readonly to: Span;
  readonly removed: string | null;
  readonly cost: number;
  /** Its length with all knobs as they stand. */
  readonly base: Seconds;
  readonly knobs: readonly Turnable[];
}

export interface BlockModel {
  readonly block: Block;
  /** Seconds that it is to have at least, where it is too short for what it is; null where it isn't. */
  readonly least: Seconds | null;
  readonly variants: readonly Variant[];
}

/** Seconds of every step of a knob. Seconds add up; reps are rounded up piece by piece, so each is timed. */
function addsOf(
  block: Block,
  knob: Knob,
  base: Seconds,
  secondsOf: (own: Block) => Seconds,
): readonly Seconds[] {
  const count = knob.most - knob.least + 1;
  const at = (n: number) => secondsOf(withKnob(block, knob, moved(knob.now, n * knob.step))) - base;
  if (knob.key.endsWith("reps"))
    return Array.from({ length: count }, (_, i) => (knob.least + i === 0 ? 0 : at(knob.least + i)));
  const one = knob.most > 0 ? at(1) : -at(-1);
  return Array.from({ length: count }, (_, i) => (knob.least + i) * one);
}

interface ModelOptions {
  /** Seconds that it is to have at least. */
  readonly least?: Seconds | null;
  readonly without?: boolean;
  readonly end?: EndCosts | undefined;
}

/** `without`: also with one slot left out, which takes longer to look through. */
export function modelOf(
  doc: ClassDoc,
  block: Block,
  library: MoveBook,
  limits: Limits,
  { least = null, without = false, end = "as-it-is" }: ModelOptions = {},
): BlockModel {
  const secondsOf = (own: Block) => expandedSeconds({ ...doc, blocks: [own] }, library, "plan");
  const knobs = knobsOf(block, limits, end);
  const now = block.rounds ?? 1;
  const removed = [null, ...(without ? spareSlots(block, limits.kept).map(({ id }) => id) : [])];
  const variants = roundsOf(block, bookFor(doc, library), limits.kept).flatMap((to) =>
    removed.map((slot): Variant => {
      const turned = to === now ? block : { ...block, rounds: to };
      const own =
        slot === null ? turned : { ...turned, slots: slotsOf(turned).filter(({ id }) => id !== slot) };
      const base = secondsOf(own);
      return {
        to,
        removed: slot,
        cost: roundsCost(block, to, end) + (slot === null ? 0 : slotCost(block)),
        base,
        knobs: knobs
          .filter((knob) => slot === null || knob.slot !== slot)
          .map((knob) => ({ knob, adds: addsOf(own, knob, base, secondsOf) })),
      };
    }),
  );
  return { block, least, variants };
}

/** What can't be reached costs this; sums of two of them still fit 32 bits. */
export const NEVER = 1 << 29;

/** Least costs by length, in steps of five seconds from `from`. */
export interface Costs {
  readonly from: Seconds;
  readonly cost: Int32Array;
}

/** A variant of a block: after each knob its least costs, kept to read the changes back. */
interface Turned {
  readonly variant: Variant;
  readonly layers: readonly Sums[];
  readonly knobs: readonly Turnable[];
}

/** Least costs for all lengths: knobs move in fives, so there is one array for each remainder by five. */
export type Sums = readonly Costs[];

/** Every length of a block at its least cost, and how it came about. */
export interface BlockTable {
  readonly block: Block;
  readonly turned: readonly Turned[];
  readonly sums: Sums;
}

export const remainder = (length: Seconds) => ((length % STEP) + STEP) % STEP;

/** Least cost of a length, or NEVER. */
export function costAt(sums: Sums, length: Seconds): number {
  for (const costs of sums) {
    if (remainder(costs.from) === remainder(length)) return cell(costs, length);
  }
  return NEVER;
}

/** Least cost of a length in one array, or NEVER. */
export const cell = (costs: Costs, length: Seconds): number => {
  const index = (length - costs.from) / STEP;
  return Number.isInteger(index) && index >= 0 && index < costs.cost.length
    ? (costs.cost[index] as number)
    : NEVER;
};

/** Least costs with one more knob: every step of it moves them, by its own seconds and for its own price. */
function turn(before: Sums, { knob, adds }: Turnable): Sums {
  const byFives = adds.every((seconds) => remainder(seconds) === 0);
  if (byFives) return before.map((costs) => turnByFives(costs, knob, adds));
  return lowest(
    before.flatMap(({ from, cost }) =>
      adds.map((seconds, i) => {
        const price = stepsCost(knob.cost, knob.least + i);
        return { from: from + seconds, cost: cost.map((value) => (value >= NEVER ? NEVER : value + price)) };
      }),
    ),
  );
}

/** The same where all steps are of fives: one array stays one. */
function turnByFives(before: Costs, knob: Knob, adds: readonly Seconds[]): Costs {
  const low = Math.min(...adds);
  const room = (Math.max(...adds) - low) / STEP;
  const cost = new Int32Array(before.cost.length + room).fill(NEVER);
  for (const [k, seconds] of adds.entries()) {
    const shift = (seconds - low) / STEP;
    const price = stepsCost(knob.cost, knob.least + k);
    for (let i = 0; i < before.cost.length; i += 1) {
      const sum = (before.cost[i] as number) + price;
      if (sum < (cost[i + shift] as number)) cost[i + shift] = sum;
    }
  }
  return { from: before.from + low, cost };
}

const isOf = (allowed: Allowed, block: Block, { removed, to }: Variant) =>
  (to === (block.rounds ?? 1) || allowed(block.id, null, "rounds")) &&
  (removed === null || allowed(block.id, removed, "remove"));

export function tableOf(model: BlockModel, allowed: Allowed): BlockTable {
  const { block, least } = model;
  const turned = model.variants
    .filter((variant) => isOf(allowed, block, variant))
    .map((variant): Turned => {
      const knobs = variant.knobs
        .filter(
          ({ knob, adds }) => adds.some((seconds) => seconds !== 0) && allowed(block.id, knob.slot, knob.key),
        )
        // What moves by other steps than fives comes last: it makes five rows of one.
        .sort((a, b) => Number(isByReps(a)) - Number(isByReps(b)));
      const layers: Sums[] = [[{ from: variant.base, cost: Int32Array.of(variant.cost) }]];
      for (const own of knobs) layers.push(turn(layers.at(-1) as Sums, own));
      return { variant, layers, knobs };
    });
  const sums = lowest(turned.flatMap(({ layers }) => layers.at(-1) as Sums));
  return { block, turned, sums: least === null ? sums : atLeast(sums, least) };
}

const isByReps = ({ knob }: Turnable) => knob.key.endsWith("reps");

/** Without the lengths that are too short. */
function atLeast(sums: Sums, least: Seconds): Sums {
  return sums.map(({ from, cost }) => ({
    from,
    cost: cost.map((value, i) => (from + i * STEP < least ? NEVER : value)),
  }));
}

/** Whether a table has any length at all. */
export function isOpen({ sums }: BlockTable): boolean {
  return sums.some(({ cost }) => cost.some((value) => value < NEVER));
}

/** The lower of several, cell by cell, an array for each remainder. */
function lowest(all: readonly Costs[]): Sums {
  const groups = new Map<number, Costs[]>();
  for (const costs of all) {
    const key = remainder(costs.from);
    groups.set(key, [...(groups.get(key) ?? []), costs]);
  }
  return [...groups.values()].map((group) => {
    const from = Math.min(...group.map((costs) => costs.from));
    const to = Math.max(...group.map((costs) => costs.from + (costs.cost.length - 1) * STEP));
    const cost = new Int32Array((to - from) / STEP + 1).fill(NEVER);
    for (const costs of group) {
      const shift = (costs.from - from) / STEP;
      for (let i = 0; i < costs.cost.length; i += 1) {
        const value = costs.cost[i] as number;
        if (value < (cost[i + shift] as number)) cost[i + shift] = value;
      }
    }
    return { from, cost };
  });
}

/** Least costs of one after the other, as far as they are no dearer than `limit`. */
export function joined(a: Sums, b: Sums, limit: number): Sums {
  const all: Costs[] = [];
  for (const right of b) {
    // The cheapest first, so that each row ends where the limit is passed.
    const order = [...right.cost.keys()]
      .filter((j) => (right.cost[j] as number) <= limit)
      .sort((x, y) => (right.cost[x] as number) - (right.cost[y] as number));
    for (const left of a) all.push(joinedTwo(left, right, order, limit));
  }
  return lowest(all);
}

/** Least costs of two rows together; `order` are the places of the right one, the cheapest first. */
function joinedTwo(left: Costs, right: Costs, order: readonly number[], limit: number): Costs {
  const cost = new Int32Array(left.cost.length + right.cost.length - 1).fill(NEVER);
  for (let i = 0; i < left.cost.length; i += 1) {
    const base = left.cost[i] as number;
    if (base > limit) continue;
    for (const j of order) {
      const sum = base + (right.cost[j] as number);
      if (sum > limit) break;
      if (sum < (cost[i + j] as number)) cost[i + j] = sum;
    }
  }
  return { from: left.from + right.from, cost };
}

/** The changes that bring a block to a length at its least cost; ties take the variant that comes first, then the step nearer to none. */
export function changesTo({ block, turned }: BlockTable, length: Seconds): FitChange[] {
  let best: Turned | null = null;
  let least = NEVER;
  for (const entry of turned) {
    const value = costAt(entry.layers.at(-1) as Sums, length);
    if (value >= least) continue;
    best = entry;
    least = value;
  }
  if (!best) return [];
  const changes: FitChange[] = [];
  let here = length;
  for (let k = best.knobs.length - 1; k >= 0; k -= 1) {
    const { knob, adds } = best.knobs[k] as Turnable;
    const [before, now] = [best.layers[k] as Sums, best.layers[k + 1] as Sums];
    const value = costAt(now, here);
    const steps = adds.map((_, i) => knob.least + i);
    const n = steps
      .sort((a, b) => Math.abs(a) - Math.abs(b) || a - b)
      .find(
        (step) =>
          costAt(before, here - (adds[step - knob.least] as Seconds)) + stepsCost(knob.cost, step) === value,
      ) as number;
    here -= adds[n - knob.least] as Seconds;
    if (n === 0) continue;
    const to = moved(knob.now, n * knob.step);
    changes.unshift({ block: block.id, slot: knob.slot, key: knob.key, from: knob.now, to });
  }
  const { to, removed } = best.variant;
  const from = block.rounds ?? 1;
  if (to !== from) changes.unshift({ block: block.id, slot: null, key: "rounds", from, to });
  if (removed !== null) changes.push({ block: block.id, slot: removed, remove: true });
  return changes;
}
