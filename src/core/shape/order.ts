/** The stations of a lap in the best order, with what it costs and why. */
import { type Block, type ClassDoc, slotsOf } from "../class/document";
import { bookFor, type MoveBook } from "../moves/book";
import type { Part } from "../parts/part";
import { spanTriple } from "../values/span";
import { improved } from "./improve";
import {
  ORDER_CAUSES,
  type OrderCause,
  type OrderCost,
  type OrderTables,
  orderTables,
  sumOf,
} from "./order-costs";
import { bestTour, keepsRules, lapCost, type Prices, type Rules } from "./tour";

export interface OrderResult {
  /** Slot ids in the proposed order. */
  readonly order: readonly string[];
  readonly cost: number;
  readonly was: number;
  /** False above 16 stations, where a search by improvement takes over. */
  readonly exact: boolean;
  /** `pairs[i][j]`: j directly after i, in the document's order. */
  readonly pairs: readonly (readonly number[])[];
  /** The same where i ends a lap and j begins the next. */
  readonly closing: readonly (readonly number[])[];
  /** `before[i][j]`: i anywhere before j, once. */
  readonly before: readonly (readonly number[])[];
  /** Points by cause, before and after. */
  readonly causes: Readonly<Record<OrderCause, { readonly was: number; readonly now: number }>>;
  /** Whether it costs less than the present order, or keeps rules that the present one breaks. */
  readonly better: boolean;
  /** Worked out with everyone's ways as they are at the present order. */
  readonly withParts: boolean;
}

export type OrderRefusal = "too-few" | "impossible";

/** Exact up to so many stations. */
export const EXACT_STATIONS = 16;

function rulesOf(block: Block): Rules {
  const slots = slotsOf(block);
  const partners: number[][] = slots.map(() => []);
  slots.forEach((slot, i) => {
    const j = slots.findIndex((other) => other.id === slot.together);
    if (j < 0 || j === i) return;
    if (!partners[i]?.includes(j)) partners[i]?.push(j);
    if (!partners[j]?.includes(i)) partners[j]?.push(i);
  });
  return { place: slots.map((slot, i) => (slot.pinned ? i : -1)), partners };
}

export interface OrderInput {
  readonly doc: ClassDoc;
  readonly library: MoveBook;
  readonly block: string;
  /** Everyone's ways as they are at the present order. */
  readonly parts?: readonly Part[];
  readonly onProgress?: (share: number) => void;
}

function pricesOf({ pairs, closing, before }: OrderTables, of: (cost: OrderCost) => number): Prices {
  const table = (rows: readonly (readonly OrderCost[])[]) => rows.map((row) => row.map(of));
  return { pairs: table(pairs), closing: table(closing), before: table(before) };
}

/** How often the lap comes round: once station by station; under a cap people set it, so at least twice. */
function lapsOf(block: Block): number {
  if (block.cap !== undefined) return 2;
  return block.loop === "station" ? 1 : spanTriple(block.rounds, 1).plan;
}

/** The best order of a block's stations. Where the present one is as good it stays. */
export function orderStations(input: OrderInput): OrderResult | OrderRefusal {
  const { doc, library, parts = [], onProgress = () => {} } = input;
  const block = doc.blocks.find((entry) => entry.id === input.block);
  const slots = block ? slotsOf(block) : [];
  if (!block || slots.length < 2) return "too-few";
  const tables = orderTables(block, bookFor(doc, library), parts, doc.stance);
  const prices = pricesOf(tables, sumOf);
  const rounds = lapsOf(block);
  const rules = rulesOf(block);
  const present = slots.map((_, i) => i);
  const was = lapCost(present, prices, rounds);
  const exact = slots.length <= EXACT_STATIONS;
  const found = exact ? bestTour(prices, rounds, rules, onProgress) : improved(prices, rounds, rules);
  if (!found) return "impossible";
  const better = lapCost(found, prices, rounds) < was || !keepsRules(present, rules);
  const order = better ? found : present;
  const causes = Object.fromEntries(
    ORDER_CAUSES.map((cause) => {
      const own = pricesOf(tables, (cost) => cost[cause]);
      return [cause, { was: lapCost(present, own, rounds), now: lapCost(order, own, rounds) }];
    }),
  ) as Record<OrderCause, { was: number; now: number }>;
  const cost = lapCost(order, prices, rounds);
  return {
    order: order.map((i) => slots[i]?.id ?? ""),
    cost,
    was,
    exact,
    ...prices,
    causes,
    better,
    withParts: parts.length > 0,
  };
}
