/** Every length that a block can have at its least cost of changes: a knapsack over its knobs, for each number of rounds. */
import { type Block, type ClassDoc, slotsOf } from "../class/document";
import { expandedSeconds } from "../class/expand";
import type { Thresholds } from "../effort/thresholds";
import { bookFor, type MoveBook } from "../moves/book";
import type { Seconds } from "../units";
import type { Span } from "../values/span";
import { type FitChange, setPath } from "./fit-change";
import { type GapNeeds, type Knob, knobsOf, moved, roundsCost, roundsOf, STEP } from "./fit-knobs";

function withKnob(block: Block, knob: Knob, to: Span): Block {
  if (knob.slot === null) return { ...block, [knob.key]: to };
  const path = knob.key.split(".");
  const slots = slotsOf(block).map((slot) =>
    slot.id === knob.slot ? (setPath(slot, path, to) as typeof slot) : slot,
  );
  return { ...block, slots };
}

export type Allowed = (block: string, slot: string | null, key: string) => boolean;

export interface BlockModel {
  readonly block: Block;
  /** For each number of rounds: the length as it stands and what a step of each knob adds. */
  readonly rounds: readonly {
    readonly to: Span;
    readonly cost: number;
    readonly base: Seconds;
    readonly knobs: readonly { readonly knob: Knob; readonly perStep: Seconds }[];
  }[];
}

export function modelOf(
  doc: ClassDoc,
  block: Block,
  library: MoveBook,
  limits: { thresholds: Thresholds; needs: GapNeeds | undefined },
): BlockModel {
  const seconds = (own: Block) => expandedSeconds({ ...doc, blocks: [own] }, library, "plan");
  const knobs = knobsOf(block, { stance: doc.stance, ...limits });
  return {
    block,
    rounds: roundsOf(block, bookFor(doc, library)).map((to) => {
      const own = to === (block.rounds ?? 1) ? block : { ...block, rounds: to };
      const base = seconds(own);
      return {
        to,
        cost: roundsCost(block, to),
        base,
        knobs: knobs.map((knob) => ({
          knob,
          perStep: seconds(withKnob(own, knob, moved(knob.now, STEP))) - base,
        })),
      };
    }),
  };
}

/** What can't be reached costs this; sums of two of them still fit 32 bits. */
export const NEVER = 1 << 29;

/** Least costs by length, in steps of five seconds from `from`. */
export interface Costs {
  readonly from: Seconds;
  readonly cost: Int32Array;
}

/** One number of rounds of a block: after each knob its least costs, kept to read the changes back. */
interface Turned {
  readonly to: Span;
  readonly layers: readonly Costs[];
  readonly knobs: readonly { readonly knob: Knob; readonly perStep: Seconds }[];
  readonly first: number;
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

/** Least costs with one more knob. */
function turn(before: Costs, knob: Knob, perStep: Seconds): Costs {
  const stride = perStep / STEP;
  const down = knob.least * stride;
  const cost = new Int32Array(before.cost.length + (knob.most - knob.least) * stride).fill(NEVER);
  for (let n = knob.least; n <= knob.most; n += 1) {
    const shift = n * stride - down;
    const price = Math.abs(n) * knob.cost;
    for (let i = 0; i < before.cost.length; i += 1) {
      const sum = (before.cost[i] as number) + price;
      if (sum < (cost[i + shift] as number)) cost[i + shift] = sum;
    }
  }
  return { from: before.from + down * STEP, cost };
}

export function tableOf(model: BlockModel, allowed: Allowed): BlockTable {
  const { block } = model;
  const turned: Turned[] = [];
  for (const { to, cost, base, knobs } of model.rounds) {
    const own = to === (block.rounds ?? 1);
    if (!own && !allowed(block.id, null, "rounds")) continue;
    const used = knobs.filter(({ knob, perStep }) => perStep > 0 && allowed(block.id, knob.slot, knob.key));
    const layers: Costs[] = [{ from: base, cost: Int32Array.of(cost) }];
    for (const { knob, perStep } of used) layers.push(turn(layers.at(-1) as Costs, knob, perStep));
    turned.push({ to, layers, knobs: used, first: cost });
  }
  const ends = turned.map(({ layers }) => layers.at(-1) as Costs);
  return { block, turned, sums: lowest(ends) };
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

/** The changes that bring a block to a length at its least cost; ties take fewer rounds changed, then the step nearer to none. */
export function changesTo({ block, turned }: BlockTable, length: Seconds): FitChange[] {
  let best: Turned | null = null;
  for (const entry of turned) {
    const value = cell(entry.layers.at(-1) as Costs, length);
    if (value < NEVER && (!best || value < cell(best.layers.at(-1) as Costs, length))) best = entry;
  }
  if (!best) return [];
  const changes: FitChange[] = [];
  let here = length;
  for (let k = best.knobs.length - 1; k >= 0; k -= 1) {
    const { knob, perStep } = best.knobs[k] as Turned["knobs"][number];
    const [before, now] = [best.layers[k] as Costs, best.layers[k + 1] as Costs];
    const value = cell(now, here);
    const steps = Array.from({ length: knob.most - knob.least + 1 }, (_, i) => knob.least + i);
    const n = steps
      .sort((a, b) => Math.abs(a) - Math.abs(b) || a - b)
      .find((step) => cell(before, here - step * perStep) + Math.abs(step) * knob.cost === value) as number;
    here -= n * perStep;
    if (n === 0) continue;
    changes.unshift({
      block: block.id,
      slot: knob.slot,
      key: knob.key,
      from: knob.now,
      to: moved(knob.now, n * STEP),
    });
  }
  if (best.to !== (block.rounds ?? 1)) {
    changes.unshift({ block: block.id, slot: null, key: "rounds", from: block.rounds ?? 1, to: best.to });
  }
  return changes;
}
