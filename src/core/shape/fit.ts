/**
 * Making a class as long as it should be, at the least cost of changes. For every block the cheapest
 * way to every length that it can have (a knapsack over its knobs, for each number of rounds), then
 * over the blocks: exact in whole seconds. Rep ranges are planned at plan.
 */
import { type Block, type ClassDoc, slotsOf } from "../class/document";
import type { Edit } from "../class/edits";
import { type Span, spanText } from "../class/span";
import { type MoveBook, resolveMove } from "../moves/book";
import type { Part } from "../parts/part";
import { bookFor } from "../parts/problem";
import { THRESHOLDS, type Thresholds } from "../review/thresholds";
import { expandedSeconds } from "../score/expand";
import { clockText, type Seconds } from "../units";
import { type GapNeeds, gapNeeds, type Knob, knobsOf, moved, roundsCost, roundsOf, STEP } from "./fit-knobs";

export interface FitChange {
  readonly block: string;
  readonly slot: string | null;
  readonly key: string;
  readonly from: Span;
  readonly to: Span;
}

export interface FitOption {
  readonly total: Seconds;
  readonly cost: number;
  readonly changes: readonly FitChange[];
  readonly why: string;
}

export interface FitResult {
  /** Cheapest first, at most five, no two touching the same numbers. */
  readonly options: readonly FitOption[];
  /** Where none is in reach: the nearest total, and what is locked. */
  readonly nearest: Seconds | null;
  readonly locked: readonly string[];
}

export interface FitInput {
  readonly doc: ClassDoc;
  readonly library: MoveBook;
  readonly seconds: Seconds;
  /** Seconds by which the total may miss; 30 where left out. */
  readonly within?: Seconds;
  readonly parts?: readonly Part[];
  readonly thresholds?: Thresholds;
}

function withKnob(block: Block, knob: Knob, to: Span): Block {
  if (knob.slot === null) return { ...block, [knob.key]: to };
  const path = knob.key.split(".");
  const slots = slotsOf(block).map((slot) =>
    slot.id === knob.slot ? (setPath(slot, path, to) as typeof slot) : slot,
  );
  return { ...block, slots };
}

function setPath(value: unknown, [step, ...rest]: readonly string[], to: unknown): unknown {
  if (step === undefined) return to;
  if (Array.isArray(value))
    return value.map((entry, i) => (i === Number(step) ? setPath(entry, rest, to) : entry));
  const object = value as Record<string, unknown>;
  return { ...object, [step]: setPath(object[step], rest, to) };
}

type Allowed = (block: string, slot: string | null, key: string) => boolean;

interface BlockModel {
  readonly block: Block;
  /** For each number of rounds: the length as it stands and what a step of each knob adds. */
  readonly rounds: readonly {
    readonly to: Span;
    readonly cost: number;
    readonly base: Seconds;
    readonly knobs: readonly { readonly knob: Knob; readonly perStep: Seconds }[];
  }[];
}

function modelOf(
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
const NEVER = 1 << 29;

/** Least costs by length, in steps of five seconds from `from`. */
interface Costs {
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
type Sums = readonly Costs[];

/** Every length of a block at its least cost, and how it came about. */
interface BlockTable {
  readonly block: Block;
  readonly turned: readonly Turned[];
  readonly sums: Sums;
}

const remainder = (length: Seconds) => ((length % STEP) + STEP) % STEP;

/** Least cost of a length, or NEVER. */
function costAt(sums: Sums, length: Seconds): number {
  for (const costs of sums) {
    if (remainder(costs.from) === remainder(length)) return cell(costs, length);
  }
  return NEVER;
}

const cell = (costs: Costs, length: Seconds): number => {
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

function tableOf(model: BlockModel, allowed: Allowed): BlockTable {
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
function joined(a: Sums, b: Sums, limit: number): Sums {
  const all: Costs[] = [];
  for (const right of b) {
    // The cheapest first, so that each row ends where the limit is passed.
    const order = [...right.cost.keys()]
      .filter((j) => (right.cost[j] as number) <= limit)
      .sort((x, y) => (right.cost[x] as number) - (right.cost[y] as number));
    for (const left of a) {
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
      all.push({ from: left.from + right.from, cost });
    }
  }
  return lowest(all);
}

/** The changes that bring a block to a length at its least cost; ties take fewer rounds changed, then the step nearer to none. */
function changesTo({ block, turned }: BlockTable, length: Seconds): FitChange[] {
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
/** Costs that are tried in turn: most classes fit for little, and little is quickly looked through. */
const LIMITS = [60, 200, 800, NEVER - 1] as const;

const NOTHING: Sums = [{ from: 0, cost: Int32Array.of(0) }];

interface Found {
  readonly total: Seconds;
  readonly cost: number;
  readonly changes: readonly FitChange[];
}

/** The blocks one after another: the sums of those before and of those after each are worked out once. */
class Chain {
  private readonly before: Sums[] = [NOTHING];
  private behind: Sums[] | null = null;

  /** Ways dearer than `limit` are left out: what is found under it is the cheapest all the same. */
  constructor(
    readonly tables: readonly BlockTable[],
    private readonly limit: number,
  ) {
    for (const table of tables) this.before.push(joined(this.before.at(-1) as Sums, table.sums, limit));
  }

  /** Sums of the blocks from each on; worked out when a block is replaced before the last. */
  private after(at: number): Sums {
    if (at === this.tables.length) return NOTHING;
    if (!this.behind) {
      this.behind = [NOTHING];
      for (const table of [...this.tables].reverse()) {
        this.behind.unshift(joined(table.sums, this.behind[0] as Sums, this.limit));
      }
    }
    return this.behind[at] as Sums;
  }

  /** The nearest total that can be had at all. */
  nearest(aim: Seconds): Seconds | null {
    let best: Seconds | null = null;
    for (const { from, cost } of this.before.at(-1) as Sums) {
      for (let i = 0; i < cost.length; i += 1) {
        const total = from + i * STEP;
        if ((cost[i] as number) >= NEVER) continue;
        if (best === null || Math.abs(total - aim) < Math.abs(best - aim)) best = total;
      }
    }
    return best;
  }

  /** The cheapest total within the tolerance, with one block's table in the place of another where given; ties go to the nearer total, then the shorter. */
  solve(aim: Seconds, within: Seconds, at = this.tables.length - 1, instead?: BlockTable): Found | null {
    const middle = instead ?? (this.tables[at] as BlockTable);
    const left = joined(this.before[at] as Sums, middle.sums, this.limit);
    const right = this.after(at + 1);
    let best: { total: Seconds; cost: number; left: Seconds } | null = null;
    for (const { from, cost } of left) {
      for (let i = 0; i < cost.length; i += 1) {
        const base = cost[i] as number;
        if (base >= NEVER || (best && base > best.cost)) continue;
        const length = from + i * STEP;
        for (let total = aim - within; total <= aim + within; total += 1) {
          const sum = base + costAt(right, total - length);
          if (sum >= NEVER) continue;
          const nearer = best && Math.abs(total - aim) < Math.abs(best.total - aim);
          if (!best || sum < best.cost || (sum === best.cost && nearer))
            best = { total, cost: sum, left: length };
        }
      }
    }
    if (!best) return null;
    const changes = [
      ...this.changesBefore(at, best.left, middle),
      ...this.changesAfter(at + 1, best.total - best.left),
    ];
    return { total: best.total, cost: best.cost, changes };
  }

  /** Changes of the blocks up to `at`, whose lengths sum to `length`. */
  private changesBefore(at: number, length: Seconds, own: BlockTable): FitChange[] {
    const changes: FitChange[] = [];
    let left = length;
    for (let i = at; i >= 0; i -= 1) {
      const table = i === at ? own : (this.tables[i] as BlockTable);
      const taken = split(table.sums, this.before[i] as Sums, left);
      changes.unshift(...changesTo(table, taken));
      left -= taken;
    }
    return changes;
  }

  private changesAfter(at: number, length: Seconds): FitChange[] {
    const changes: FitChange[] = [];
    let left = length;
    for (let i = at; i < this.tables.length; i += 1) {
      const table = this.tables[i] as BlockTable;
      const taken = split(table.sums, this.after(i + 1), left);
      changes.push(...changesTo(table, taken));
      left -= taken;
    }
    return changes;
  }
}

/** The length of the first of two that makes their cheapest sum; ties take the cheaper first, then the shorter. */
function split(first: Sums, others: Sums, length: Seconds): Seconds {
  let best: { length: Seconds; cost: number; own: number } | null = null;
  for (const { from, cost } of first) {
    for (let i = 0; i < cost.length; i += 1) {
      const own = cost[i] as number;
      if (own >= NEVER) continue;
      const sum = own + costAt(others, length - from - i * STEP);
      if (sum >= NEVER) continue;
      const better = !best || sum < best.cost || (sum === best.cost && own < best.own);
      if (better) best = { length: from + i * STEP, cost: sum, own };
    }
  }
  return best?.length ?? 0;
}

const KEY_WORDS: Readonly<Record<string, string>> = {
  rounds: "rounds",
  rest: "s rest",
  longRest: "s between rounds",
  brief: "s of talk",
  demo: "s to show each",
  prepare: "s to get ready",
  after: "s after it",
  cap: "s for as many rounds as possible",
};

/** A change in words: `15 s rest instead of 20 in Quay circuit`. */
export function changeText(change: FitChange, doc: ClassDoc, library: MoveBook): string {
  const block = doc.blocks.find((entry) => entry.id === change.block);
  const slot = block && slotsOf(block).find((entry) => entry.id === change.slot);
  const words = KEY_WORDS[change.key] ?? "s of work";
  const place = slot
    ? resolveMove(slot.move, bookFor(doc, library)).name.toLowerCase()
    : block?.title || "the block";
  const join = slot ? (change.key === "rest" ? "after" : "in") : "in";
  return `${spanText(change.to)} ${words} instead of ${spanText(change.from)} ${join} ${place}`;
}

/** The edit that makes these changes in one step. */
export function fitEdit(doc: ClassDoc, changes: readonly FitChange[]): Edit {
  const edits = new Map<string, Edit>();
  for (const change of changes) {
    const block = doc.blocks.find((entry) => entry.id === change.block) as Block;
    if (change.slot === null) {
      const from = block[change.key as keyof Block];
      edits.set(`${change.block} ${change.key}`, {
        op: "set",
        target: { in: "block", id: change.block },
        key: change.key,
        from,
        to: change.to,
      });
      continue;
    }
    const slot = slotsOf(block).find((entry) => entry.id === change.slot);
    const [key = "", ...path] = change.key.split(".");
    const id = `${change.slot} ${key}`;
    const known = edits.get(id);
    const from = slot?.[key as keyof typeof slot];
    const now = known?.op === "set" ? known.to : from;
    edits.set(id, {
      op: "set",
      target: { in: "slot", id: change.slot },
      key,
      from,
      to: setPath(now, path, change.to),
    });
  }
  return { op: "together", edits: [...edits.values()] };
}

const touched = (changes: readonly FitChange[]) =>
  JSON.stringify(
    [...new Set(changes.map((change) => `${change.block} ${change.slot ?? ""} ${change.key}`))].sort(),
  );

/** Up to five ways to a length, the cheapest first. The document must be valid. */
export function fitClass(input: FitInput): FitResult {
  const { doc, library, seconds, within = 30, parts = [], thresholds = THRESHOLDS } = input;
  const needs = gapNeeds(doc.blocks, parts);
  const models = doc.blocks.map((block) =>
    modelOf(doc, block, library, { thresholds, needs: parts.length > 0 ? needs.get(block.id) : undefined }),
  );
  const all = models.map((model) => tableOf(model, () => true));
  let chain = new Chain(all, LIMITS[0]);
  let best = chain.solve(seconds, within);
  for (const limit of LIMITS.slice(1)) {
    if (best) break;
    chain = new Chain(all, limit);
    best = chain.solve(seconds, within);
  }
  // Other options may be dearer than the best; beyond this they are no options.
  const others = best ? best.cost * 2 + 60 : NEVER - 1;
  if (best) chain = new Chain(all, others);
  const locked = doc.blocks.flatMap((block) => [
    ...(block.locked ?? []).map((key) => `${key} of ${block.title || "a block"}`),
    ...slotsOf(block)
      .filter((slot) => slot.locked)
      .map((slot) => resolveMove(slot.move, bookFor(doc, library)).name.toLowerCase()),
  ]);
  const nearest = chain.nearest(seconds);
  if (!best) return { options: [], nearest, locked };
  const found = new Map<string, Found>();
  const keep = (option: Found | null) => {
    if (!option) return;
    const key = touched(option.changes);
    const known = found.get(key);
    if (!known || option.cost < known.cost) found.set(key, option);
  };
  keep(best);
  // Others come from forbidding what the best one touches: a knob, a block, a kind of knob; or all but one block.
  const withoutIn = (block: string, allowed: Allowed) => {
    const at = models.findIndex((model) => model.block.id === block);
    keep(chain.solve(seconds, within, at, tableOf(models[at] as BlockModel, allowed)));
  };
  for (const { block, slot, key } of best.changes) {
    withoutIn(block, (_, s, k) => !(s === slot && k === key));
  }
  for (const block of new Set(best.changes.map((change) => change.block))) withoutIn(block, () => false);
  if (best.changes.length > 0) {
    const still = models.map((model) => tableOf(model, () => false));
    for (const [i, table] of all.entries()) {
      keep(
        new Chain(
          still.map((own, j) => (j === i ? table : own)),
          others,
        ).solve(seconds, within),
      );
    }
    for (const key of new Set(best.changes.map((change) => change.key))) {
      keep(
        new Chain(
          models.map((model) => tableOf(model, (_, __, k) => k !== key)),
          others,
        ).solve(seconds, within),
      );
    }
  }
  const options = [...found.values()]
    .sort((a, b) => a.cost - b.cost || (touched(a.changes) < touched(b.changes) ? -1 : 1))
    .slice(0, 5)
    .map((option) => ({
      ...option,
      why:
        option.changes.length === 0
          ? `It is ${clockText(option.total)} as it stands.`
          : `${capital(option.changes.map((change) => changeText(change, doc, library)).join("; "))}: ${clockText(option.total)}.`,
    }));
  return { options, nearest, locked };
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
