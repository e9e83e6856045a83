import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { chooseBest, type PairCost, totalOf } from "./choose";

const arbOwn = fc.array(fc.array(fc.integer({ min: 0, max: 6 }), { minLength: 1, maxLength: 4 }), {
  minLength: 1,
  maxLength: 6,
});

/** Pairs with a cost for every two states, drawn from a seed so that they fit any sizes. */
function pairsOf(links: readonly (readonly [number, number, number])[], count: number): PairCost[] {
  return links.flatMap(([a, b, seed]) => {
    const [x, y] = [a % count, b % count];
    if (x === y) return [];
    return [{ a: x, b: y, cost: (s: number, t: number) => ((s * 7 + t * 13 + seed) * 2654435761) % 5 }];
  });
}

/** The first of all best choices in the order of their states. */
function tryAll(own: readonly (readonly number[])[], pairs: readonly PairCost[]) {
  let best: { states: number[]; cost: number } | null = null;
  const go = (states: number[]): void => {
    if (states.length === own.length) {
      const cost = totalOf(own, pairs, states);
      if (!best || cost < best.cost) best = { states: [...states], cost };
      return;
    }
    for (let s = 0; s < (own[states.length]?.length ?? 0); s += 1) go([...states, s]);
  };
  go([]);
  return best as { states: number[]; cost: number } | null;
}

describe("choosing the least sum", () => {
  const arbLinks = fc.array(fc.tuple(fc.nat(20), fc.nat(20), fc.nat(1000)), { maxLength: 10 });

  test("finds what trying everything finds, ties and all, whoever is whose neighbour", () => {
    fc.assert(
      fc.property(arbOwn, arbLinks, (own, links) => {
        const pairs = pairsOf(links, own.length);
        const choice = chooseBest(own, pairs);
        expect(choice.exact).toBe(true);
        expect({ states: choice.states, cost: choice.cost }).toEqual(tryAll(own, pairs));
      }),
      { numRuns: 400 },
    );
  });

  test("opens a ring of forty slots at once", () => {
    const own = Array.from({ length: 40 }, (_, i) => [i % 3, (i * 5) % 4, 2]);
    const ring = own.map((_, i) => [i, i + 1, i] as const).map(([a, b, s]) => [a, b % 40, s] as const);
    const choice = chooseBest(own, pairsOf(ring, 40));
    expect(choice.exact).toBe(true);
    expect(choice.cost).toBe(totalOf(own, pairsOf(ring, 40), choice.states));
  });

  test("says so where everybody is everybody's neighbour and the proof would take too long", () => {
    const own = Array.from({ length: 24 }, () => [1, 0, 2, 1]);
    const all = own.flatMap((_, a) => own.map((__, b) => [a, b, a * 31 + b] as const));
    const choice = chooseBest(own, pairsOf(all, 24));
    expect(choice.exact).toBe(false);
    expect(choice.cost).toBe(totalOf(own, pairsOf(all, 24), choice.states));
  });
});
