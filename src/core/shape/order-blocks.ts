/** Which of the main blocks comes first, where a class has several in a row: by what the step from one to the next costs. */
import { moveBlock, together } from "../class/commands";
import { type Block, type ClassDoc, slotsOf } from "../class/document";
import { applyEdit, type Edit } from "../class/edits";
import { bookFor, type MoveBook } from "../moves/book";
import type { Part } from "../parts/part";
import type { Seconds } from "../units";
import {
  beforeCost,
  directCost,
  kitSeconds,
  ORDER_CAUSES,
  type OrderCause,
  type OrderCost,
  type Station,
  stationOf,
  sumOf,
} from "./order-costs";

export interface BlocksOrder {
  /** Ids of all blocks in the proposed order. */
  readonly order: readonly string[];
  readonly cost: number;
  readonly was: number;
  readonly causes: Readonly<Record<OrderCause, { readonly was: number; readonly now: number }>>;
  readonly better: boolean;
  readonly withParts: boolean;
}

/** Main blocks in a row whose every order is tried; of more only the first so many. */
const MOST = 7;

interface Ends {
  readonly block: Block;
  readonly stations: readonly Station[];
}

const isOpen = (block: Block) => (block.role ?? "main") === "main" && slotsOf(block).length > 0;

/** Main blocks in a row, two or more: warm-up, finisher, cool-down, breaks and talks keep their places. */
function runsOf(blocks: readonly Block[]): readonly (readonly Block[])[] {
  const runs: Block[][] = [[]];
  for (const block of blocks) {
    const last = runs.at(-1) as Block[];
    if (!isOpen(block) || last.length === MOST) runs.push([]);
    if (isOpen(block)) (runs.at(-1) as Block[]).push(block);
  }
  return runs.filter((run) => run.length > 1);
}

/** Seconds from the last piece of a block to the first of the next. */
function gapBetween(from: Block, to: Block): Seconds {
  const shown = slotsOf(to).reduce((sum, slot) => sum + (slot.demo ?? to.demo ?? 0), 0);
  return (from.after ?? 0) + (to.brief ?? 0) + (to.prepare ?? 0) + (to.demoAt === "slot" ? 0 : shown);
}

function permutations<T>(list: readonly T[]): readonly (readonly T[])[] {
  if (list.length <= 1) return [list];
  return list.flatMap((first, i) =>
    permutations([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [first, ...rest]),
  );
}

/** The costs of blocks in an order, each by its causes: steps from one to the next, and what stands before what. */
function costsOf(order: readonly Ends[], book: MoveBook, parts: readonly Part[]): readonly OrderCost[] {
  const steps = order.slice(1).map((to, i) => {
    const from = order[i] as Ends;
    const [a, b] = [from.stations.at(-1) as Station, to.stations[0] as Station];
    return directCost(a, b, gapBetween(from.block, to.block), kitSeconds(a.slot, b.slot, book, parts));
  });
  const before = order.flatMap((later, i) =>
    order
      .slice(0, i)
      .flatMap((earlier) => earlier.stations.flatMap((a) => later.stations.map((b) => beforeCost(a, b)))),
  );
  return [...steps, ...before];
}

const total = (costs: readonly OrderCost[]) => costs.reduce((sum, cost) => sum + sumOf(cost), 0);

/** The best order of the main blocks; null where there are no two in a row. Where the present one is as good it stays. */
export function orderBlocks(
  doc: ClassDoc,
  library: MoveBook,
  parts: readonly Part[] = [],
): BlocksOrder | null {
  const book = bookFor(doc, library);
  const runs = runsOf(doc.blocks);
  if (runs.length === 0) return null;
  const was: OrderCost[] = [];
  const now: OrderCost[] = [];
  let order = doc.blocks.map(({ id }) => id);
  for (const run of runs) {
    const ends = run.map(
      (block): Ends => ({
        block,
        stations: slotsOf(block).map((slot) => stationOf(slot, book, doc.stance)),
      }),
    );
    const present = costsOf(ends, book, parts);
    let best = { order: ends as readonly Ends[], costs: present };
    for (const other of permutations(ends)) {
      const costs = costsOf(other, book, parts);
      if (total(costs) < total(best.costs)) best = { order: other, costs };
    }
    was.push(...present);
    now.push(...best.costs);
    const at = order.indexOf(run[0]?.id ?? "");
    order = order.toSpliced(at, run.length, ...best.order.map(({ block }) => block.id));
  }
  const sumFor = (costs: readonly OrderCost[], cause: OrderCause) =>
    costs.reduce((sum, cost) => sum + cost[cause], 0);
  const causes = Object.fromEntries(
    ORDER_CAUSES.map((cause) => [cause, { was: sumFor(was, cause), now: sumFor(now, cause) }]),
  ) as BlocksOrder["causes"];
  const [cost, before] = [total(now), total(was)];
  return { order, cost, was: before, causes, better: cost < before, withParts: parts.length > 0 };
}

/** The edit that puts a class's blocks in an order. */
export function blocksEdit(doc: ClassDoc, order: readonly string[]): Edit {
  const edits: Edit[] = [];
  let now = doc;
  for (const [i, id] of [...order].reverse().entries()) {
    const before = i === 0 ? null : (order[order.length - i] ?? null);
    const at = now.blocks.findIndex((block) => block.id === id);
    if ((now.blocks[at + 1]?.id ?? null) === before) continue;
    const edit = moveBlock(now, id, before);
    const next = applyEdit(now, edit);
    if (!next.ok) continue;
    edits.push(edit);
    now = next.value;
  }
  return together(edits);
}
