/**
 * The least sum of costs over slots and pairs of slots, exactly: slots are eliminated one by one from
 * the last to the first, each leaving a table of its best cost for every state of the slots it meets.
 * A lap is a ring and a class a chain of rings, so the tables stay small; fixing the first slot of a
 * ring is what opens it. Reading the choices back from the first slot to the last gives, among equal
 * sums, the one whose first slot has the earliest state, then its second, and so on.
 */

/** `cost(a, b)` of the states of two different variables. */
export interface PairCost {
  readonly a: number;
  readonly b: number;
  cost(a: number, b: number): number;
}

export interface Choice {
  /** The chosen state of every variable. */
  readonly states: readonly number[];
  readonly cost: number;
  /** False where the tables would have grown past `MOST_CELLS` and a search by improvement took over. */
  readonly exact: boolean;
}

/** Cells of one table; more would take seconds. No class that people teach comes near it. */
const MOST_CELLS = 2_000_000;

interface Table {
  /** Ascending. */
  readonly over: readonly number[];
  at(states: readonly number[]): number;
}

function pairTable({ a, b, cost }: PairCost): Table {
  return { over: a < b ? [a, b] : [b, a], at: (states) => cost(states[a] as number, states[b] as number) };
}

/** Calls `visit` for every assignment of these variables, writing into `states`. */
function everyState(
  over: readonly number[],
  sizes: readonly number[],
  states: number[],
  visit: () => void,
  i = 0,
): void {
  const variable = over[i];
  if (variable === undefined) {
    visit();
    return;
  }
  const size = sizes[variable] as number;
  for (let s = 0; s < size; s += 1) {
    states[variable] = s;
    everyState(over, sizes, states, visit, i + 1);
  }
}

function cells(over: readonly number[], sizes: readonly number[]): number {
  return over.reduce((product, variable) => product * (sizes[variable] as number), 1);
}

function bake(over: readonly number[], sizes: readonly number[], values: Float64Array): Table {
  const strides = over.map((_, i) => cells(over.slice(i + 1), sizes));
  return {
    over,
    at: (states) => {
      let index = 0;
      for (let i = 0; i < over.length; i += 1) {
        index += (states[over[i] as number] as number) * (strides[i] as number);
      }
      return values[index] as number;
    },
  };
}

function sumAt(tables: readonly Table[], states: readonly number[]): number {
  let sum = 0;
  for (const table of tables) sum += table.at(states);
  return sum;
}

/**
 * The best states. `own[v][s]` is the cost of state s of variable v; every variable has a state.
 * States earlier in their list win ties.
 */
export function chooseBest(own: readonly (readonly number[])[], pairs: readonly PairCost[]): Choice {
  const sizes = own.map((costs) => costs.length);
  const states = own.map(() => 0);
  let open: Table[] = pairs.map(pairTable);
  const met: Table[][] = own.map(() => []);
  for (let v = own.length - 1; v >= 0; v -= 1) {
    const here = open.filter((table) => table.over.includes(v));
    open = open.filter((table) => !table.over.includes(v));
    met[v] = here;
    const over = [...new Set(here.flatMap((table) => table.over))]
      .filter((u) => u !== v)
      .sort((a, b) => a - b);
    const size = cells(over, sizes);
    if (size * (sizes[v] as number) > MOST_CELLS) return improve(own, pairs);
    const values = new Float64Array(size);
    let cell = 0;
    everyState(over, sizes, states, () => {
      let best = Number.POSITIVE_INFINITY;
      for (let s = 0; s < (sizes[v] as number); s += 1) {
        states[v] = s;
        best = Math.min(best, (own[v]?.[s] as number) + sumAt(here, states));
      }
      values[cell] = best;
      cell += 1;
    });
    if (over.length > 0) open.push(bake(over, sizes, values));
  }
  // Every table of a variable speaks of earlier variables only, which are settled by now.
  for (let v = 0; v < own.length; v += 1) {
    let best = Number.POSITIVE_INFINITY;
    let chosen = 0;
    for (let s = 0; s < (sizes[v] as number); s += 1) {
      states[v] = s;
      const cost = (own[v]?.[s] as number) + sumAt(met[v] ?? [], states);
      if (cost < best) {
        best = cost;
        chosen = s;
      }
    }
    states[v] = chosen;
  }
  return { states, cost: totalOf(own, pairs, states), exact: true };
}

/** The sum of a given choice. */
export function totalOf(
  own: readonly (readonly number[])[],
  pairs: readonly PairCost[],
  states: readonly number[],
): number {
  let sum = 0;
  own.forEach((costs, v) => {
    sum += costs[states[v] as number] as number;
  });
  for (const { a, b, cost } of pairs) sum += cost(states[a] as number, states[b] as number);
  return sum;
}

/** One slot changed at a time from each slot's own best, until nothing gets better: good, not proved. */
function improve(own: readonly (readonly number[])[], pairs: readonly PairCost[]): Choice {
  const states = own.map((costs) => costs.indexOf(Math.min(...costs)));
  let cost = totalOf(own, pairs, states);
  for (let better = true; better; ) {
    better = false;
    for (let v = 0; v < own.length; v += 1) {
      const before = states[v] as number;
      for (let s = 0; s < (own[v]?.length ?? 0); s += 1) {
        const kept = states[v] as number;
        states[v] = s;
        const now = totalOf(own, pairs, states);
        if (now < cost) cost = now;
        else states[v] = kept;
      }
      better ||= states[v] !== before;
    }
  }
  return { states, cost, exact: false };
}
