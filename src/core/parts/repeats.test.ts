import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { PairCost } from "./choose";
import { chooseWithoutRepeats, MOST_NODES, type RepeatProblem, repeated, totalWithRepeats } from "./repeats";

/** Slots with a few states each; a state's move is one of three, so that repeats are common. */
const arbProblem = fc
  .array(
    fc.array(fc.tuple(fc.integer({ min: 0, max: 9 }), fc.constantFrom("x", "y", "z", null)), {
      minLength: 1,
      maxLength: 4,
    }),
    {
      minLength: 2,
      maxLength: 5,
    },
  )
  .chain((slots) => {
    const n = slots.length;
    const all = slots.flatMap((_, a) => slots.slice(a + 1).map((__, i) => ({ a, b: a + 1 + i })));
    return fc.record({
      slots: fc.constant(slots),
      twins: fc.subarray(all),
      seed: fc.nat(1000),
      cost: fc.integer({ min: 0, max: 12 }),
      ring: fc.boolean(),
      n: fc.constant(n),
    });
  })
  .map(({ slots, twins, seed, cost, ring, n }): RepeatProblem => {
    const link = (a: number, b: number): PairCost => ({
      a,
      b,
      cost: (s, t) => ((s * 7 + t * 13 + a * 5 + seed) * 2654435761) % 5,
    });
    const chain = slots.slice(1).map((_, i) => link(i, i + 1));
    return {
      own: slots.map((states) => states.map(([own]) => own)),
      moves: slots.map((states) => states.map(([, move]) => move)),
      pairs: ring && n > 2 ? [...chain, link(n - 1, 0)] : chain,
      twins,
      cost,
    };
  });

function leastByTrying(problem: RepeatProblem): number {
  let best = Number.POSITIVE_INFINITY;
  const go = (states: readonly number[]): void => {
    if (states.length === problem.own.length) {
      best = Math.min(best, totalWithRepeats(problem, states));
      return;
    }
    problem.own[states.length]?.forEach((_, s) => {
      go([...states, s]);
    });
  };
  go([]);
  return best;
}

describe("choosing where repeats cost", () => {
  test("finds the least that trying everything finds, and says that it is the least", () => {
    fc.assert(
      fc.property(arbProblem, (problem) => {
        const choice = chooseWithoutRepeats(problem);
        expect(choice.cost).toBe(leastByTrying(problem));
        expect(totalWithRepeats(problem, choice.states)).toBe(choice.cost);
        expect([choice.exact, choice.gap]).toEqual([true, 0]);
      }),
      { numRuns: 500 },
    );
  });

  test("pays where leaving the move costs more, and leaves it where it costs less", () => {
    const problem = (cost: number): RepeatProblem => ({
      own: [
        [0, 10],
        [0, 10],
      ],
      moves: [
        ["x", "y"],
        ["x", "z"],
      ],
      pairs: [],
      twins: [{ a: 0, b: 1 }],
      cost,
    });
    expect(chooseWithoutRepeats(problem(9))).toMatchObject({ states: [0, 0], cost: 9 });
    expect(chooseWithoutRepeats(problem(11)).cost).toBe(10);
    // What isn't done at all repeats nothing.
    const none = {
      ...problem(50),
      moves: [
        [null, "y"],
        [null, "z"],
      ],
    };
    expect(repeated(none, [0, 0])).toEqual([]);
    expect(chooseWithoutRepeats(none).cost).toBe(0);
  });

  test("stops after its share of nodes and says how far off it may be", () => {
    // Twelve slots that all had better not do what all of them do best: every order of moves is as good.
    const slots = Array.from({ length: 12 }, (_, i) => i);
    const problem: RepeatProblem = {
      own: slots.map(() => [0, 1, 2, 3, 4, 5]),
      moves: slots.map(() => ["a", "b", "c", "d", "e", "f"]),
      pairs: [],
      twins: slots.flatMap((a) => slots.slice(a + 1).map((b) => ({ a, b }))),
      cost: 3,
    };
    const choice = chooseWithoutRepeats(problem);
    expect(MOST_NODES).toBe(500);
    expect(choice.exact).toBe(false);
    expect(choice.gap).toBeGreaterThan(0);
    expect(choice.cost).toBeLessThan(
      totalWithRepeats(
        problem,
        slots.map(() => 0),
      ),
    );
  });
});
