/** What a fit may turn: the numbers of a block, how far each may go, and what a step costs. */

import {
  type Block,
  dosesOf,
  MOST_ROUNDS,
  roundsAreFixed,
  type Slot,
  type Stance,
  slotsOf,
  wayAt,
} from "../class/document";
import { doseKind, rowOf, spanOf } from "../class/dose-kinds";
import { slotSides } from "../class/expand";
import type { Thresholds } from "../effort/thresholds";
import { MARKS } from "../homes/home";
import type { MoveBook } from "../moves/book";
import type { Part } from "../parts/part";
import type { Seconds } from "../units";
import { type Span, spanTriple, tidySpan } from "../values/span";

/** A knob moves in steps of so many seconds from where it stands. */
export const STEP: Seconds = 5;

/**
 * Points of one step of five seconds (of `rounds`: of one round). The work of the main blocks is
 * dearest, talk is cheapest; the sum over all knobs is what an option costs.
 */
export const FIT_COSTS = {
  rounds: 40,
  roundsOfEnds: 20,
  work: 12,
  workOfEnds: 6,
  cap: 6,
  rest: 5,
  slotRest: 6,
  longRest: 4,
  prepare: 3,
  demo: 2,
  after: 2,
  brief: 1,
} as const;

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
  readonly cost: number;
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

interface Limits {
  readonly stance: Stance;
  readonly thresholds: Thresholds;
  readonly needs: GapNeeds | undefined;
}

/** Steps from where a span stands within bounds; where it stands outside them it may only come nearer. */
function steps(now: Span, least: Seconds, most: Seconds, reach: number): { least: number; most: number } {
  const { min, max } = spanTriple(now);
  const down = Math.floor((min - Math.min(min, least)) / STEP);
  const up = Math.floor((Math.max(max, most) - max) / STEP);
  return { least: -Math.min(reach, down), most: Math.min(reach, up) };
}

/** The knobs of a block that don't change how often anything happens. */
export function knobsOf(block: Block, { stance, thresholds, needs }: Limits): readonly Knob[] {
  const knobs: Knob[] = [];
  const locked = (key: string) => block.locked?.includes(key) ?? false;
  const add = (
    key: string,
    now: Span,
    least: Seconds,
    most: Seconds,
    reach: number,
    cost: number,
    slot: string | null = null,
  ) => {
    const range = steps(now, least, most, reach);
    if (range.least < 0 || range.most > 0) knobs.push({ slot, key, now, ...range, cost });
  };
  const own = thresholds.stance[stance];
  const slots = slotsOf(block);
  if (block.brief !== undefined && !locked("brief"))
    add("brief", block.brief, LEAST_BRIEF, 7200, REACH.brief, FIT_COSTS.brief);
  if (!locked("after")) {
    add(
      "after",
      block.after ?? 0,
      Math.min(block.after ?? 0, needs?.afterBlock ?? 0),
      7200,
      REACH.after,
      FIT_COSTS.after,
    );
  }
  if (slots.length === 0) return knobs;
  if (!locked("prepare")) add("prepare", block.prepare ?? 0, 0, 7200, REACH.prepare, FIT_COSTS.prepare);
  if (!locked("demo") && slots.some((slot) => slot.demo === undefined)) {
    add("demo", block.demo ?? 0, LEAST_DEMO, 7200, REACH.demo, FIT_COSTS.demo);
  }
  if (block.cap !== undefined) {
    if (!locked("cap")) add("cap", block.cap, 60, 7200, REACH.cap, FIT_COSTS.cap);
    return knobs;
  }
  const rested = slots.filter((slot) => slot.rest === undefined);
  const restNeeds = Math.max(0, ...rested.map((slot) => needs?.afterSlot.get(slot.id) ?? 0));
  const main = !isEnd(block);
  if (!locked("rest") && block.rest !== undefined) {
    // Of one station the rest is what lies between its rounds.
    const alone = slots.length === 1 && block.longRest === undefined;
    const [low, high] = main ? (alone ? own.betweenRoundsSeconds : own.restSeconds) : ([0, 60] as const);
    const bound = Math.max(low, Math.min(restNeeds, spanTriple(block.rest).min));
    add("rest", block.rest, bound, high, REACH.rest, FIT_COSTS.rest);
  }
  if (!locked("longRest") && block.longRest !== undefined) {
    const [low, high] = main ? own.betweenRoundsSeconds : ([0, 90] as const);
    const bound = Math.max(low, Math.min(needs?.betweenTurns ?? 0, spanTriple(block.longRest).min));
    add("longRest", block.longRest, bound, high, REACH.rest, FIT_COSTS.longRest);
  }
  for (const slot of slots) if (slot.locked !== true) addSlot(slot);
  return knobs;

  function addSlot(slot: Slot): void {
    if (slot.rest !== undefined && !locked("rest")) {
      const [low, high] = main ? own.restSeconds : ([0, 60] as const);
      const bound = Math.max(low, Math.min(needs?.afterSlot.get(slot.id) ?? 0, spanTriple(slot.rest).min));
      add("rest", slot.rest, bound, high, REACH.rest, FIT_COSTS.slotRest, slot.id);
    }
    if (locked("slots") || locked("dose")) return;
    dosesOf(slot).forEach((dose, i) => {
      const span = rowOf(dose).row.number === "work" ? spanOf(dose) : null;
      if (span === null) return;
      const kind = doseKind(dose);
      const key = Array.isArray(slot.dose) ? `dose.${i}.${kind}` : `dose.${kind}`;
      // Half of a total must be left for either side, and a level that stops early stops before the end.
      const stops = MARKS.map((mark) => wayAt(slot, mark)?.seconds ?? 0);
      const least = Math.max(slot.count === "total" ? 10 : 5, ...stops);
      add(key, span, least, 7200, REACH.work, main ? FIT_COSTS.work : FIT_COSTS.workOfEnds, slot.id);
    });
  }
}

/** Numbers of rounds that a block may have, its own first; what hangs on their number keeps it. */
export function roundsOf(block: Block, book: MoveBook): readonly Span[] {
  const now = block.rounds ?? 1;
  const slots = slotsOf(block);
  const fixed =
    slots.length === 0 ||
    block.cap !== undefined ||
    block.locked?.includes("rounds") ||
    roundsAreFixed(block) ||
    slots.some((slot) => slot.locked);
  if (fixed) return [now];
  const swaps = slots.some((slot) => slotSides(slot, book) === "swap");
  const even = (span: Span) => spanTriple(span).plan % 2 === 0;
  const { min, max } = spanTriple(now);
  const others = [-2, -1, 1, 2]
    .filter((by) => min + by >= 1 && max + by <= MOST_ROUNDS)
    .map((by) => moved(now, by))
    .filter((span) => !swaps || even(span) || !even(now));
  return [now, ...others];
}

/** Points of another number of rounds. */
export function roundsCost(block: Block, to: Span): number {
  const by = Math.abs(spanTriple(to).plan - spanTriple(block.rounds ?? 1).plan);
  return by * (isEnd(block) ? FIT_COSTS.roundsOfEnds : FIT_COSTS.rounds);
}
