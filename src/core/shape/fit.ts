/**
 * Making a class as long as it should be, at the least cost of changes. For every block the cheapest
 * way to every length that it can have (a knapsack over its knobs, for each number of rounds), then
 * over the blocks: exact in whole seconds. Rep ranges are planned at plan.
 */
import { type ClassDoc, slotsOf } from "../class/document";
import { THRESHOLDS, type Thresholds } from "../effort/thresholds";
import type { MoveBook } from "../moves/book";
import type { Part } from "../parts/part";
import type { Seconds } from "../units";
import { Chain, type Found } from "./fit-chain";
import type { FitChange } from "./fit-change";
import { gapNeeds } from "./fit-knobs";
import { type Allowed, type BlockModel, type BlockTable, modelOf, NEVER, tableOf } from "./fit-table";

export interface FitOption {
  readonly total: Seconds;
  readonly cost: number;
  readonly changes: readonly FitChange[];
}

/** A number of a block, or a whole slot, that may not be changed. */
export type Locked = { readonly block: string; readonly key: string } | { readonly slot: string };

export interface FitResult {
  /** Cheapest first, at most five, no two touching the same numbers. */
  readonly options: readonly FitOption[];
  /** Where none is in reach: the nearest total, and what is locked. */
  readonly nearest: Seconds | null;
  readonly locked: readonly Locked[];
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

/** Costs that are tried in turn: most classes fit for little, and little is quickly looked through. */
const LIMITS = [60, 200, 800, NEVER - 1] as const;

const touched = (changes: readonly FitChange[]) =>
  JSON.stringify(
    [...new Set(changes.map((change) => `${change.block} ${change.slot ?? ""} ${change.key}`))].sort(),
  );

/** The chain of the first limit of cost under which there is a way, with that way; else of the last limit. */
function cheapest(all: readonly BlockTable[], seconds: Seconds, within: Seconds): [Chain, Found | null] {
  let chain = new Chain(all, LIMITS[0]);
  let best = chain.solve(seconds, within);
  for (const limit of LIMITS.slice(1)) {
    if (best) break;
    chain = new Chain(all, limit);
    best = chain.solve(seconds, within);
  }
  return [chain, best];
}

const lockedIn = (doc: ClassDoc): FitResult["locked"] =>
  doc.blocks.flatMap((block) => [
    ...(block.locked ?? []).map((key) => ({ block: block.id, key })),
    ...slotsOf(block)
      .filter((slot) => slot.locked)
      .map((slot) => ({ slot: slot.id })),
  ]);

const hasKnob = ({ rounds }: BlockModel, key: string) =>
  key === "rounds"
    ? rounds.length > 1
    : rounds.some(({ knobs }) => knobs.some(({ knob }) => knob.key === key));

interface FitModels {
  readonly models: readonly BlockModel[];
  /** The table of each of them, with nothing forbidden. */
  readonly all: readonly BlockTable[];
}

/**
 * Other ways than the best one, by forbidding what that one touches: a knob, a block, a kind of knob; or all but one
 * block.
 */
function otherWays(
  { models, all, best }: FitModels & { readonly best: Found },
  chain: Chain,
  seconds: Seconds,
  within: Seconds,
): (Found | null)[] {
  const others = chain.limit;
  const withoutIn = (block: string, allowed: Allowed) => {
    const at = models.findIndex((model) => model.block.id === block);
    return chain.solve(seconds, within, at, tableOf(models[at] as BlockModel, allowed));
  };
  const still = best.changes.length > 0 ? models.map((model) => tableOf(model, () => false)) : [];
  const onlyIn = (at: number) =>
    new Chain(
      still.map((own, j) => (j === at ? (all[at] as BlockTable) : own)),
      others,
    ).solve(seconds, within);
  const withoutKind = (key: string) =>
    new Chain(
      models.map((model, i) =>
        hasKnob(model, key) ? tableOf(model, (_, __, k) => k !== key) : (all[i] as BlockTable),
      ),
      others,
      chain,
    ).solve(seconds, within);
  return [
    ...best.changes.map(({ block, slot, key }) => withoutIn(block, (_, s, k) => !(s === slot && k === key))),
    ...[...new Set(best.changes.map(({ block }) => block))].map((block) => withoutIn(block, () => false)),
    ...still.map((_, at) => onlyIn(at)),
    ...[...new Set(best.changes.map(({ key }) => key))].map(withoutKind),
  ];
}

/** Up to five ways to a length, the cheapest first. The document must be valid. */
export function fitClass(input: FitInput): FitResult {
  const { doc, library, seconds, within = 30, parts = [], thresholds = THRESHOLDS } = input;
  const needs = gapNeeds(doc.blocks, parts);
  const models = doc.blocks.map((block) =>
    modelOf(doc, block, library, { thresholds, needs: parts.length > 0 ? needs.get(block.id) : undefined }),
  );
  const all = models.map((model) => tableOf(model, () => true));
  const [tried, best] = cheapest(all, seconds, within);
  const locked = lockedIn(doc);
  if (!best) return { options: [], nearest: tried.nearest(seconds), locked };
  // Other options may be dearer than the best; beyond this they are no options.
  const chain = new Chain(all, best.cost * 2 + 60);
  const found = new Map<string, Found>();
  for (const option of [best, ...otherWays({ models, all, best }, chain, seconds, within)]) {
    if (!option) continue;
    const key = touched(option.changes);
    const known = found.get(key);
    if (!known || option.cost < known.cost) found.set(key, option);
  }
  const options = [...found.values()]
    .sort((a, b) => a.cost - b.cost || (touched(a.changes) < touched(b.changes) ? -1 : 1))
    .slice(0, 5);
  return { options, nearest: chain.nearest(seconds), locked };
}
