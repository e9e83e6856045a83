/** What a fit may turn: the numbers of a block, how far each may go, and what a step costs. */

import {
  type Block,
  dosesOf,
  isLocked,
  MOST_ROUNDS,
  roundsAreFixed,
  type Slot,
  type Stance,
  slotsOf,
  wayAt,
} from "../class/document";
import { doseKind, rowOf, spanOf } from "../class/dose-kinds";
import { slotSides } from "../class/expand";
import { blockShape } from "../class/sentence";
import type { Thresholds } from "../effort/thresholds";
import { MARKS } from "../homes/home";
import type { MoveBook } from "../moves/book";
import type { Part } from "../parts/part";
import type { Seconds } from "../units";
import { type Span, spanTriple, tidySpan } from "../values/span";
import type { RepBounds } from "./fit-reps";

/** A knob of seconds moves in steps of so many from where it stands. */
export const STEP: Seconds = 5;

/**
 * Points of the first step: of five seconds, of one rep, of one round, of a slot left out. The k-th step of a
 * knob costs k times that, so that cuts spread. The work of the main blocks is dearest, talk is cheapest; the
 * sum over all knobs is what an option costs.
 */
export const FIT_COSTS = {
  rounds: 40,
  roundsOfEnds: 20,
  slot: 90,
  slotOfEnds: 40,
  work: 12,
  workOfEnds: 6,
  reps: 8,
  repsOfEnds: 4,
  cap: 6,
  rest: 5,
  slotRest: 6,
  longRest: 4,
  prepare: 3,
  demo: 2,
  after: 2,
  brief: 1,
} as const;

/** In the block that the class is about everything but talk costs so many times as much. */
const HEART = 4;

/** What a warm-up or cool-down that is too short grows by costs a third: a second round of it is the dearer way. */
const FILLS = 1 / 3;

/** A warm-up or cool-down that is long enough isn't what a class gets longer by. */
const PADDED = 3;

/** How many steps a knob may go to either side. */
const REACH = { work: 4, rest: 12, cap: 24, prepare: 4, demo: 4, after: 12, brief: 12 } as const;

/** Shorter than this nothing is said and nothing is seen; what is shorter already may stay. */
const LEAST_BRIEF: Seconds = 10;
const LEAST_DEMO: Seconds = 5;

export interface Knob {
  readonly slot: string | null;
  /** Path inside the block or slot: `rest`, `dose.seconds`, `dose.1.hold`. */
  readonly key: string;
  readonly now: Span;
  /** Steps that are allowed, 0 among them. */
  readonly least: number;
  readonly most: number;
  /** Points of the first step. */
  readonly cost: number;
  /** By how much a step moves it: five seconds, or reps. */
  readonly step: number;
}

/** Points of so many steps of a knob: the k-th costs k times the first. */
export function stepsCost(first: number, steps: number): number {
  const n = Math.abs(steps);
  return (first * n * (n + 1)) / 2;
}

/** A span moved by so many seconds; one that was written as a range stays one. */
export function moved(span: Span, by: Seconds): Span {
  const { min, plan, max } = spanTriple(span);
  const to = { min: min + by, plan: plan + by, max: max + by };
  return typeof span === "number" ? to.plan : min === max ? to : tidySpan(to);
}

function isEnd(block: Block): boolean {
  return block.role === "warmup" || block.role === "cooldown";
}

/** Least seconds that the parts leave for the gaps of a block. */
export interface GapNeeds {
  /** After a slot within a turn of the loop. */
  readonly afterSlot: ReadonlyMap<string, Seconds>;
  readonly betweenTurns: Seconds;
  readonly afterBlock: Seconds;
}

/** What the people's change-overs need, by where the gap comes from. */
export function gapNeeds(blocks: readonly Block[], parts: readonly Part[]): ReadonlyMap<string, GapNeeds> {
  const blockOf = new Map(blocks.flatMap((block) => slotsOf(block).map((slot) => [slot.id, block] as const)));
  const needs = new Map<
    string,
    { afterSlot: Map<string, Seconds>; betweenTurns: Seconds; afterBlock: Seconds }
  >();
  for (const block of blocks) needs.set(block.id, { afterSlot: new Map(), betweenTurns: 0, afterBlock: 0 });
  for (const line of parts.flatMap((part) => part.changeovers)) {
    const [from, to] = [blockOf.get(line.from), blockOf.get(line.to)];
    const own = from && needs.get(from.id);
    if (!from || !to || !own || line.from === line.to) continue;
    if (from.id !== to.id) own.afterBlock = Math.max(own.afterBlock, line.needs);
    else {
      own.betweenTurns = Math.max(own.betweenTurns, line.needs);
      own.afterSlot.set(line.from, Math.max(own.afterSlot.get(line.from) ?? 0, line.needs));
    }
  }
  return needs;
}

export interface Limits {
  readonly stance: Stance;
  readonly thresholds: Thresholds;
  readonly needs: GapNeeds | undefined;
  /** Keys that stay as they are in the whole class. */
  readonly kept?: readonly string[];
  /** Of a slot the reps by which its dose may go either way, for each of its doses. */
  readonly repsOf?: (slot: Slot, index: number) => RepBounds;
}

/** Steps from where a span stands within bounds; where it stands outside them it may only come nearer. */
function steps(now: Span, least: Seconds, most: Seconds, reach: number): { least: number; most: number } {
  const { min, max } = spanTriple(now);
  const down = Math.floor((min - Math.min(min, least)) / STEP);
  const up = Math.floor((Math.max(max, most) - max) / STEP);
  return { least: -Math.min(reach, down), most: Math.min(reach, up) };
}

interface KnobBounds {
  readonly least: Seconds;
  readonly most: Seconds;
  /** Steps that it may go either way. */
  readonly reach: number;
  readonly cost: number;
  /** The slot that it is of, where it is one's. */
  readonly slot?: string;
}

/** A knob, or nothing where its bounds leave it where it is. */
function knob(key: string, now: Span, { least, most, reach, cost, slot }: KnobBounds): Knob[] {
  const range = steps(now, least, most, reach);
  return range.least < 0 || range.most > 0
    ? [{ slot: slot ?? null, key, now, ...range, cost, step: STEP }]
    : [];
}

type Kept = (key: string) => boolean;
type KnobMaker = (block: Block, limits: Limits, locked: Kept) => Knob[];

/** A pause stays above what people need in it, and what is shorter already isn't made longer for that. */
const pauseFrom = (low: Seconds, need: Seconds, now: Span) =>
  Math.max(low, Math.min(need, spanTriple(now).min));

/** What comes before and after a block's own time. */
const aroundKnobs: KnobMaker = (block, { needs }, locked) => {
  // Talk is never stretched to fill a class.
  const before = { least: LEAST_BRIEF, most: 0, reach: REACH.brief, cost: FIT_COSTS.brief };
  const now = block.after ?? 0;
  const least = Math.min(spanTriple(now).min, needs?.afterBlock ?? 0);
  return [
    ...(block.brief === undefined || locked("brief") ? [] : knob("brief", block.brief, before)),
    ...(locked("after")
      ? []
      : knob("after", now, { least, most: 7200, reach: REACH.after, cost: FIT_COSTS.after })),
  ];
};

/** What comes before its first slot. */
const openingKnobs: KnobMaker = (block, _, locked) => {
  const prepare = { least: 0, most: 0, reach: REACH.prepare, cost: FIT_COSTS.prepare };
  const demo = { least: LEAST_DEMO, most: 0, reach: REACH.demo, cost: FIT_COSTS.demo };
  const shown = slotsOf(block).some((slot) => slot.demo === undefined);
  return [
    ...(locked("prepare") ? [] : knob("prepare", block.prepare ?? 0, prepare)),
    ...(locked("demo") || !shown ? [] : knob("demo", block.demo ?? 0, demo)),
  ];
};

/** The rests that it sets for all of its slots. */
const restKnobs: KnobMaker = (block, { stance, thresholds, needs }, locked) => {
  const own = thresholds.stance[stance];
  const slots = slotsOf(block);
  const { rest, longRest } = block;
  const main = !isEnd(block);
  const rested = slots.filter((slot) => slot.rest === undefined);
  const restNeeds = Math.max(0, ...rested.map((slot) => needs?.afterSlot.get(slot.id) ?? 0));
  // Of one station the rest is what lies between its rounds.
  const alone = slots.length === 1 && longRest === undefined;
  const mainRest = alone ? own.betweenRoundsSeconds : own.restSeconds;
  const [low, high] = main ? mainRest : ([0, 60] as const);
  const [longLow, longHigh] = main ? own.betweenRoundsSeconds : ([0, 90] as const);
  const made: Knob[] = [];
  // Every minute stays every minute.
  if (!locked("rest") && rest !== undefined && blockShape(block) !== "windows") {
    const bounds = { least: pauseFrom(low, restNeeds, rest), most: high };
    made.push(...knob("rest", rest, { ...bounds, reach: REACH.rest, cost: FIT_COSTS.rest }));
  }
  if (!locked("longRest") && longRest !== undefined) {
    const bounds = { least: pauseFrom(longLow, needs?.betweenTurns ?? 0, longRest), most: longHigh };
    made.push(...knob("longRest", longRest, { ...bounds, reach: REACH.rest, cost: FIT_COSTS.longRest }));
  }
  return made;
};

/** A slot's own rest, and its work at each of its doses. */
function slotKnobs(
  slot: Slot,
  block: Block,
  { stance, thresholds, needs, repsOf }: Limits,
  locked: Kept,
): Knob[] {
  const main = !isEnd(block);
  const made: Knob[] = [];
  if (slot.rest !== undefined && !locked("rest") && !isLocked(slot, "rest")) {
    const [low, high] = main ? thresholds.stance[stance].restSeconds : ([0, 60] as const);
    const least = pauseFrom(low, needs?.afterSlot.get(slot.id) ?? 0, slot.rest);
    made.push(
      ...knob("rest", slot.rest, {
        least,
        most: high,
        reach: REACH.rest,
        cost: FIT_COSTS.slotRest,
        slot: slot.id,
      }),
    );
  }
  if (locked("slots") || locked("dose") || isLocked(slot, "dose")) return made;
  // Half of a total must be left for either side, and a level that stops early stops before the end.
  const stops = MARKS.map((mark) => wayAt(slot, mark)?.seconds ?? 0);
  const least = Math.max(slot.count === "total" ? 10 : 5, ...stops);
  const cost = main ? FIT_COSTS.work : FIT_COSTS.workOfEnds;
  dosesOf(slot).forEach((dose, i) => {
    const span = rowOf(dose).row.number === "work" ? spanOf(dose) : null;
    if (span === null) return;
    const kind = doseKind(dose);
    const key = Array.isArray(slot.dose) ? `dose.${i}.${kind}` : `dose.${kind}`;
    made.push(...knob(key, span, { least, most: 7200, reach: REACH.work, cost, slot: slot.id }));
  });
  return [...made, ...repKnobs(slot, block, repsOf)];
}

/** Reps of a slot's doses, where the strength model says how far they may go. */
function repKnobs(slot: Slot, block: Block, repsOf: Limits["repsOf"]): Knob[] {
  if (!repsOf) return [];
  return dosesOf(slot).flatMap((dose, i) => {
    if (dose.reps === undefined || dose.within !== undefined) return [];
    const { least, most, step } = repsOf(slot, i);
    if (least === 0 && most === 0) return [];
    const key = Array.isArray(slot.dose) ? `dose.${i}.reps` : "dose.reps";
    const cost = isEnd(block) ? FIT_COSTS.repsOfEnds : FIT_COSTS.reps;
    return [{ slot: slot.id, key, now: dose.reps, least, most, cost, step }];
  });
}

/** How a block at an end of a class counts: it is filled up, it would only be padded, or neither. */
export type EndCosts = "fills" | "padded" | "as-it-is";

/**
 * The knobs of a block that don't change how often anything happens. `fills`: a warm-up or cool-down that is too
 * short gets more of what is in it, and nothing around it.
 */
export function knobsOf(block: Block, limits: Limits, end: EndCosts = "as-it-is"): readonly Knob[] {
  const fills = end === "fills";
  const locked: Kept = (key) => (block.locked?.includes(key) || limits.kept?.includes(key)) ?? false;
  const around = fills ? [] : aroundKnobs(block, limits, locked);
  if (slotsOf(block).length === 0) return around;
  const opening = fills ? [] : [...around, ...openingKnobs(block, limits, locked)];
  const times = (block.heart ? HEART : 1) * (fills ? FILLS : end === "padded" ? PADDED : 1);
  const dear = (knobs: readonly Knob[]) =>
    knobs.map((each) => ({ ...each, cost: Math.max(1, Math.round(each.cost * times)) }));
  if (block.cap !== undefined) {
    const cap = { least: 60, most: 7200, reach: REACH.cap, cost: FIT_COSTS.cap };
    return [...opening, ...dear(locked("cap") ? [] : knob("cap", block.cap, cap))];
  }
  const slots = slotsOf(block).flatMap((slot) => slotKnobs(slot, block, limits, locked));
  return [...opening, ...dear([...restKnobs(block, limits, locked), ...slots])];
}

/** Numbers of rounds that a block may have, its own first; what hangs on their number keeps it. */
export function roundsOf(block: Block, book: MoveBook, kept: readonly string[] = []): readonly Span[] {
  const now = block.rounds ?? 1;
  const slots = slotsOf(block);
  const fixed =
    slots.length === 0 ||
    block.cap !== undefined ||
    block.locked?.includes("rounds") ||
    kept.includes("rounds") ||
    roundsAreFixed(block) ||
    slots.some((slot) => isLocked(slot, "rounds"));
  if (fixed) return [now];
  const least = Math.min(spanTriple(now).min, block.least?.rounds ?? 1);
  const swaps = slots.some((slot) => slotSides(slot, book) === "swap");
  const even = (span: Span) => spanTriple(span).plan % 2 === 0;
  const { min, max } = spanTriple(now);
  const others = [-2, -1, 1, 2]
    .filter((by) => min + by >= least && max + by <= MOST_ROUNDS)
    .map((by) => moved(now, by))
    .filter((span) => !swaps || even(span) || !even(now));
  return [now, ...others];
}

/** Points of another number of rounds. */
export function roundsCost(block: Block, to: Span, end: EndCosts = "as-it-is"): number {
  const by = spanTriple(to).plan - spanTriple(block.rounds ?? 1).plan;
  const whole = end === "fills" ? 2 : end === "padded" ? PADDED : 1;
  const first = isEnd(block) ? FIT_COSTS.roundsOfEnds * whole : FIT_COSTS.rounds;
  return stepsCost(first * (block.heart ? HEART : 1), by);
}

/** Points of leaving out one slot of a block. */
export function slotCost(block: Block): number {
  return (isEnd(block) ? FIT_COSTS.slotOfEnds : FIT_COSTS.slot) * (block.heart ? HEART : 1);
}

/** Slots of a block of which one may be left out: never one of two, nor one that others hang on. */
export function spareSlots(block: Block, kept: readonly string[] = []): readonly Slot[] {
  const slots = slotsOf(block);
  if (
    slots.length < 3 ||
    block.cap !== undefined ||
    block.locked?.some((key) => key === "slots" || key === "moves") ||
    kept.includes("moves")
  )
    return [];
  return slots.filter(
    (slot) =>
      !slot.pinned &&
      slot.together === undefined &&
      !isLocked(slot, "slot") &&
      !slots.some((other) => other.together === slot.id),
  );
}
