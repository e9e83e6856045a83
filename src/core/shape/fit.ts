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

/** The cheapest way of one block to one length. */
interface Reached {
  readonly cost: number;
  readonly changes: readonly FitChange[];
}

/** Lengths that a block can have, each with its cheapest way; ties keep the way found first. */
type BlockTable = ReadonlyMap<Seconds, Reached>;

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

/** Every length of a block at its least cost. */
function tableOf(model: BlockModel, allowed: Allowed): BlockTable {
  const best = new Map<Seconds, Reached>();
  const { block } = model;
  for (const { to, cost, base, knobs } of model.rounds) {
    const turned = to !== (block.rounds ?? 1);
    if (turned && !allowed(block.id, null, "rounds")) continue;
    const first: FitChange[] = turned
      ? [{ block: block.id, slot: null, key: "rounds", from: block.rounds ?? 1, to }]
      : [];
    let reach = new Map<Seconds, Reached>([[base, { cost, changes: first }]]);
    for (const { knob, perStep } of knobs) {
      if (perStep === 0 || !allowed(block.id, knob.slot, knob.key)) continue;
      const next = new Map(reach);
      for (let n = knob.least; n <= knob.most; n += 1) {
        if (n === 0) continue;
        const change = {
          block: block.id,
          slot: knob.slot,
          key: knob.key,
          from: knob.now,
          to: moved(knob.now, n * STEP),
        };
        for (const [length, way] of reach) {
          const total = way.cost + Math.abs(n) * knob.cost;
          const known = next.get(length + n * perStep);
          if (known && known.cost <= total) continue;
          next.set(length + n * perStep, { cost: total, changes: [...way.changes, change] });
        }
      }
      reach = next;
    }
    for (const [length, way] of reach) {
      const known = best.get(length);
      if (!known || way.cost < known.cost) best.set(length, way);
    }
  }
  return best;
}

/** The cheapest total within the tolerance; ties go to the nearer total. */
function solve(
  tables: readonly BlockTable[],
  aim: Seconds,
  within: Seconds,
): { best: { total: Seconds; cost: number; changes: readonly FitChange[] } | null; nearest: Seconds | null } {
  let sums = new Map<Seconds, { cost: number; block: Reached | null; before: Seconds }>([
    [0, { cost: 0, block: null, before: 0 }],
  ]);
  const layers: (typeof sums)[] = [sums];
  for (const table of tables) {
    const next: typeof sums = new Map();
    for (const [sum, { cost }] of sums) {
      for (const [length, way] of table) {
        const total = cost + way.cost;
        const known = next.get(sum + length);
        if (!known || total < known.cost) next.set(sum + length, { cost: total, block: way, before: sum });
      }
    }
    sums = next;
    layers.push(sums);
  }
  let total: Seconds | null = null;
  let nearest: Seconds | null = null;
  for (const [sum, { cost }] of sums) {
    if (nearest === null || Math.abs(sum - aim) < Math.abs(nearest - aim)) nearest = sum;
    if (Math.abs(sum - aim) > within) continue;
    const known = total === null ? null : sums.get(total);
    const better =
      !known ||
      cost < known.cost ||
      (cost === known.cost && Math.abs(sum - aim) < Math.abs((total as Seconds) - aim));
    if (better) total = sum;
  }
  if (total === null) return { best: null, nearest };
  const changes: FitChange[] = [];
  let here: Seconds = total;
  for (let i = layers.length - 1; i > 0; i -= 1) {
    const entry = layers[i]?.get(here);
    changes.unshift(...(entry?.block?.changes ?? []));
    here = entry?.before ?? 0;
  }
  return { best: { total, cost: sums.get(total)?.cost ?? 0, changes }, nearest };
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
  const { best, nearest } = solve(all, seconds, within);
  const locked = doc.blocks.flatMap((block) => [
    ...(block.locked ?? []).map((key) => `${key} of ${block.title || "a block"}`),
    ...slotsOf(block)
      .filter((slot) => slot.locked)
      .map((slot) => resolveMove(slot.move, bookFor(doc, library)).name.toLowerCase()),
  ]);
  if (!best) return { options: [], nearest, locked };
  const found = new Map<string, { total: Seconds; cost: number; changes: readonly FitChange[] }>();
  const keep = (option: typeof best | null) => {
    if (!option) return;
    const key = touched(option.changes);
    const known = found.get(key);
    if (!known || option.cost < known.cost) found.set(key, option);
  };
  keep(best);
  // Others come from forbidding what the best one touches: a knob, a kind of knob, a block; or all but one block.
  const without = (allowed: Allowed, only?: ReadonlySet<string>) =>
    keep(
      solve(
        models.map((model, i) =>
          only && !only.has(model.block.id) ? (all[i] as BlockTable) : tableOf(model, allowed),
        ),
        seconds,
        within,
      ).best,
    );
  for (const { block, slot, key } of best.changes) {
    const own = new Set([block]);
    without((b, s, k) => !(b === block && s === slot && k === key), own);
    without((b) => b !== block, own);
    without((_, __, k) => k !== key);
  }
  if (best.changes.length > 0) {
    for (const block of doc.blocks) without((b) => b === block.id);
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
