/**
 * Making a class as long as it should be, at the least cost of changes. For every block the cheapest
 * way to every length that it can have (a knapsack over its knobs, for each number of rounds and with one slot
 * left out), then over the blocks: exact in whole seconds. Rep ranges are planned at plan.
 */
import { type ClassDoc, slotsOf } from "../class/document";
import { THRESHOLDS, type Thresholds } from "../effort/thresholds";
import type { Person } from "../homes/home";
import { bookFor, type MoveBook } from "../moves/book";
import type { Part } from "../parts/part";
import { scoreOf } from "../score/score";
import type { Seconds } from "../units";
import { endsOf } from "./ends";
import { Chain, type Found } from "./fit-chain";
import { type FitChange, keyOfChange } from "./fit-change";
import { type EndCosts, gapNeeds, type Limits, slotCost, spareSlots } from "./fit-knobs";
import { chosenOptions } from "./fit-options";
import { type Proposal, proposalsFor } from "./fit-proposals";
import { repBounds } from "./fit-reps";
import { type Allowed, type BlockModel, type BlockTable, isOpen, modelOf, NEVER, tableOf } from "./fit-table";

export interface FitOption {
  readonly total: Seconds;
  readonly cost: number;
  readonly changes: readonly FitChange[];
}

/** A number of a block, or a whole slot, that may not be changed. */
export type Locked = { readonly block: string; readonly key: string } | { readonly slot: string };

/** How far it gets where all that is locked in one block is unlocked. */
export interface Unlocked {
  readonly block: string;
  readonly nearest: Seconds;
}

export interface FitResult {
  /** Cheapest first, at most five, no two touching the same numbers, of as many kinds as there are. */
  readonly options: readonly FitOption[];
  /** Where none is in reach: the nearest total, what is locked, and what it would help to unlock, the most first. */
  readonly nearest: Seconds | null;
  readonly locked: readonly Locked[];
  readonly unlock: readonly Unlocked[];
  /** What a class that is too short could have more of: a warm-up or cool-down that isn't there, another block. */
  readonly proposals: readonly Proposal[];
}

export interface FitInput {
  readonly doc: ClassDoc;
  readonly library: MoveBook;
  readonly seconds: Seconds;
  /** Seconds by which the total may miss; 30 where left out. */
  readonly within?: Seconds;
  readonly parts?: readonly Part[];
  /** Who comes, for a block that is proposed. */
  readonly people?: readonly Person[];
  readonly thresholds?: Thresholds;
  /** Numbers that stay as they are everywhere: `rest`, `longRest`, `rounds`, `dose`, `moves`. */
  readonly kept?: readonly string[];
}

/** Costs that are tried in turn: most classes fit for little, and little is quickly looked through. */
const LIMITS = [60, 200, 800, NEVER - 1] as const;

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

const hasKnob = ({ variants }: BlockModel, key: string) =>
  key === "rounds"
    ? variants.length > 1
    : variants.some(({ knobs }) => knobs.some(({ knob }) => knob.key === key));

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
  // A block that is too short as it stands may change in all of them.
  const stillOf = (model: BlockModel, i: number) => {
    const table = tableOf(model, () => false);
    return isOpen(table) ? table : (all[i] as BlockTable);
  };
  const still = best.changes.length > 0 ? models.map(stillOf) : [];
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
  const keys = [...new Set(best.changes.map(keyOfChange))];
  return [
    ...best.changes.map((change) =>
      withoutIn(change.block, (_, s, k) => !(s === change.slot && k === keyOfChange(change))),
    ),
    ...[...new Set(best.changes.map(({ block }) => block))].map((block) => withoutIn(block, () => false)),
    ...still.map((_, at) => onlyIn(at)),
    ...keys.map(withoutKind),
  ];
}

function costsOf(grows: boolean, lacks: Seconds): EndCosts {
  if (!grows) return "as-it-is";
  return lacks > 0 ? "fills" : "padded";
}

/** What the blocks of a class may change, and by how much. */
class Fitting {
  private readonly limits: (block: string) => Limits;
  /** Of a block at an end by how many seconds it is to change at least, and how it counts. */
  private readonly ends: ReadonlyMap<string, { readonly by: Seconds; readonly end: EndCosts }>;
  readonly plan: Seconds;

  constructor(private readonly input: FitInput) {
    const { doc, library, seconds, parts = [], thresholds = THRESHOLDS, kept } = input;
    const book = bookFor(doc, library);
    const needs = gapNeeds(doc.blocks, parts);
    this.limits = (block) => ({
      stance: doc.stance,
      thresholds,
      needs: parts.length > 0 ? needs.get(block) : undefined,
      ...(kept ? { kept } : {}),
      repsOf: (slot, index) => repBounds(slot, index, book, doc.stance, parts),
    });
    const score = scoreOf(doc, library);
    this.plan = score.seconds.plan;
    // What is too short of a warm-up or cool-down is filled before anything is padded, and never cut.
    const grows = seconds > this.plan;
    this.ends = new Map(
      endsOf(doc, score, thresholds, seconds).flatMap(({ blocks: [block], has, least }) => {
        const lacks = least - has;
        return block
          ? [[block.id, { by: grows ? lacks : Math.min(0, lacks), end: costsOf(grows, lacks) }]]
          : [];
      }),
    );
  }

  modelsOf(without: boolean): FitModels {
    const { doc, library } = this.input;
    const models = doc.blocks.map((block) => {
      const end = this.ends.get(block.id);
      const least = end ? scoreOf({ ...doc, blocks: [block] }, library).seconds.plan + end.by : null;
      const model = modelOf(doc, block, library, this.limits(block.id), {
        least,
        without,
        end: end?.end,
      });
      // What can't be long enough whatever is done may be as it is.
      return isOpen(tableOf(model, () => true)) ? model : { ...model, least: null };
    });
    return { models, all: models.map((model) => tableOf(model, () => true)) };
  }

  /** The cheapest way with one slot of each block left out in turn, and its rounds as they are. */
  withoutOne({ models, all }: FitModels, limit: number): (Found | null)[] {
    const { doc, library, seconds, within = 30, kept } = this.input;
    return doc.blocks.flatMap((block, at) => {
      if (spareSlots(block, kept).length === 0) return [];
      const limits = this.limits(block.id);
      const { variants } = modelOf(doc, block, library, limits, { without: true });
      const removed = variants.filter((own) => own.removed !== null && own.to === (block.rounds ?? 1));
      const table = tableOf({ ...(models[at] as BlockModel), variants: removed }, () => true);
      return [new Chain(all.with(at, table), limit).solve(seconds, within)];
    });
  }
}

/** The cheapest way at all: also with slots left out, where that could be cheaper. */
function bestOf(fitting: Fitting, { doc, seconds, within = 30, kept }: FitInput) {
  const plain = fitting.modelsOf(false);
  const [tried, best] = cheapest(plain.all, seconds, within);
  const spare = doc.blocks.filter((block) => spareSlots(block, kept).length > 0).map(slotCost);
  // Dearer than what is found already, leaving out one is no help.
  if (spare.length === 0 || (best && best.cost <= Math.min(...spare))) return { models: plain, tried, best };
  const wider = fitting.modelsOf(true);
  const [widely, found] = cheapest(wider.all, seconds, within);
  return { models: wider, tried: widely, best: found };
}

/** How far it gets with what is locked in one block or another unlocked; only where that is nearer. */
function unlockedBy(input: FitInput, nearest: Seconds | null): readonly Unlocked[] {
  const { doc, seconds, within = 30 } = input;
  const off = (total: Seconds) => Math.abs(total - seconds);
  return doc.blocks
    .flatMap((block, at): Unlocked[] => {
      const isLocked = (block.locked ?? []).length > 0 || slotsOf(block).some((slot) => slot.locked);
      if (!isLocked) return [];
      const { locked: _gone, ...open } = block;
      const slots = slotsOf(block).map(({ locked: _own, ...slot }) => slot);
      const own = { ...doc, blocks: doc.blocks.with(at, { ...open, ...(block.slots ? { slots } : {}) }) };
      const [chain, best] = cheapest(
        new Fitting({ ...input, doc: own }).modelsOf(false).all,
        seconds,
        within,
      );
      const total = best?.total ?? chain.nearest(seconds);
      return total === null || (nearest !== null && off(total) >= off(nearest))
        ? []
        : [{ block: block.id, nearest: total }];
    })
    .sort((a, b) => off(a.nearest) - off(b.nearest));
}

/** Up to five ways to a length, the cheapest first. The document must be valid. */
export function fitClass(input: FitInput): FitResult {
  const { doc, library, seconds, within = 30, thresholds = THRESHOLDS, people = [] } = input;
  const fitting = new Fitting(input);
  const { models, tried, best } = bestOf(fitting, input);
  const locked = lockedIn(doc);
  const proposals = proposalsFor(doc, library, people, thresholds, seconds);
  if (!best) {
    const nearest = tried.nearest(seconds);
    return { options: [], nearest, locked, unlock: unlockedBy(input, nearest), proposals };
  }
  // Other options may be dearer than the best; beyond this they are no options.
  const limit = best.cost * 2 + 60;
  const chain = new Chain(models.all, limit);
  const others = otherWays({ ...models, best }, chain, seconds, within);
  const without = best.changes.length === 0 ? [] : fitting.withoutOne(models, Math.max(limit, 200));
  const options = chosenOptions(doc, [best, ...others, ...without]);
  return { options, nearest: chain.nearest(seconds), locked, unlock: [], proposals };
}
