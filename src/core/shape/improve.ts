/** A better order by small steps, for more stations than can be searched exactly. */
import { keepsRules, lapCost, type Prices, type Rules } from "./tour";

/** Exchanges and moves of one station until none helps, from the order as it is: good, not proved. */
export function improved(prices: Prices, rounds: number, rules: Rules): readonly number[] {
  let order: readonly number[] = prices.pairs.map((_, i) => i);
  let cost = lapCost(order, prices, rounds);
  const places = [...order];
  const takeBetter = (i: number, j: number): boolean => {
    const before = cost;
    for (const next of [moved(order, i, j), swapped(order, i, j)]) {
      const value = lapCost(next, prices, rounds);
      if (value < cost && keepsRules(next, rules)) {
        order = next;
        cost = value;
      }
    }
    return cost < before;
  };
  for (let better = true; better; ) {
    better = false;
    for (const i of places) {
      for (const j of places) if (i !== j && takeBetter(i, j)) better = true;
    }
  }
  return order;
}

function moved(order: readonly number[], from: number, to: number): readonly number[] {
  const next = order.filter((_, k) => k !== from);
  next.splice(to, 0, order[from] as number);
  return next;
}

function swapped(order: readonly number[], i: number, j: number): readonly number[] {
  return order.with(i, order[j] as number).with(j, order[i] as number);
}
