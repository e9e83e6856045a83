/** The blocks of a class one after another: the cheapest lengths of all of them that make a total. */
import type { Seconds } from "../units";
import type { FitChange } from "./fit-change";
import { STEP } from "./fit-knobs";
import {
  type BlockTable,
  type Costs,
  cell,
  changesTo,
  costAt,
  joined,
  NEVER,
  remainder,
  type Sums,
} from "./fit-table";

const NOTHING: Sums = [{ from: 0, cost: Int32Array.of(0) }];

export interface Found {
  readonly total: Seconds;
  readonly cost: number;
  readonly changes: readonly FitChange[];
}

/** The blocks one after another: the sums of those before and of those after each are worked out once. */
export class Chain {
  private readonly before: Sums[] = [NOTHING];
  private behind: Sums[] | null = null;

  /**
   * Ways dearer than `limit` are left out: what is found under it is the cheapest all the same. The
   * sums of the first blocks are taken over from `like`, a chain of the same limit, as far as its tables
   * are the same ones.
   */
  constructor(
    readonly tables: readonly BlockTable[],
    readonly limit: number,
    like?: Chain,
  ) {
    let same = like !== undefined && like.limit === limit;
    for (const [i, table] of tables.entries()) {
      same &&= like?.tables[i] === table;
      this.before.push(
        same ? (like?.before[i + 1] as Sums) : joined(this.before[i] as Sums, table.sums, limit),
      );
    }
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
    const left = instead
      ? joined(this.before[at] as Sums, middle.sums, this.limit)
      : (this.before[at + 1] as Sums);
    const right = this.after(at + 1);
    const best: Best = { total: 0, cost: NEVER, left: 0 };
    for (const { from, cost } of left) {
      for (let i = 0; i < cost.length; i += 1) {
        const base = cost[i] as number;
        if (base >= NEVER || base > best.cost) continue;
        for (const costs of right) better(best, base, from + i * STEP, costs, aim, within);
      }
    }
    if (best.cost >= NEVER) return null;
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

/** The cheapest so far; none where its cost is `NEVER`. */
interface Best {
  total: Seconds;
  cost: number;
  left: Seconds;
}

/** Puts into `best` what `costs` make cheaper, or as cheap and nearer, after `length` seconds that cost `base`. */
function better(
  best: Best,
  base: number,
  length: Seconds,
  costs: Costs,
  aim: Seconds,
  within: Seconds,
): void {
  // Only totals that these lengths can make: every fifth second.
  const low = aim - within;
  const first = low + remainder(length + costs.from - low);
  for (let total = first; total <= aim + within; total += STEP) {
    const sum = base + cell(costs, total - length);
    if (sum >= NEVER || sum > best.cost) continue;
    if (sum < best.cost || nearer(total, best.total, aim)) {
      best.total = total;
      best.cost = sum;
      best.left = length;
    }
  }
}

/** Whether a total is nearer to the aim than another, or as near and shorter. */
function nearer(total: Seconds, other: Seconds, aim: Seconds): boolean {
  const [here, there] = [Math.abs(total - aim), Math.abs(other - aim)];
  return here < there || (here === there && total < other);
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
