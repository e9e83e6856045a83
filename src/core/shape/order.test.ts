import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { checkClass } from "../class/check-class";
import { orderSlots } from "../class/commands";
import type { Block, ClassDoc, Slot } from "../class/document";
import { applyEdit } from "../class/edits";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { classOf } from "../testing/classes";
import { type OrderResult, orderStations } from "./order";
import { bestTour, keepsRules, lapCost, type Prices } from "./tour";

const arbMove = fc.constantFrom(...LIBRARY.map((move) => move.id));

function lap(slots: readonly Partial<Slot>[], more: Partial<Block> = {}): ClassDoc {
  return classOf([
    {
      id: "b",
      title: "",
      rounds: 3,
      slots: slots.map((slot, i) => ({ id: `s${i}`, move: "plank", dose: { seconds: 30 }, ...slot })),
      ...more,
    },
  ]);
}

const ask = (doc: ClassDoc) => orderStations({ doc, library: LIBRARY_BOOK, block: "b" });

/** Every order, the cheapest that keeps the rules; null where none does. */
function tryAll(doc: ClassDoc, prices: Prices, rounds: number): number | null {
  const slots = doc.blocks[0]?.slots ?? [];
  const place = slots.map((slot, i) => (slot.pinned ? i : -1));
  const partners: number[][] = slots.map(() => []);
  slots.forEach((slot, i) => {
    const j = slots.findIndex((other) => other.id === slot.together);
    if (j >= 0 && j !== i) {
      partners[i]?.push(j);
      partners[j]?.push(i);
    }
  });
  let best: number | null = null;
  const go = (order: number[], left: readonly number[]): void => {
    if (left.length === 0) {
      if (!keepsRules(order, { place, partners })) return;
      const cost = lapCost(order, prices, rounds);
      if (best === null || cost < best) best = cost;
      return;
    }
    for (const station of left)
      go(
        [...order, station],
        left.filter((other) => other !== station),
      );
  };
  go(
    [],
    slots.map((_, i) => i),
  );
  return best;
}

const indexes = (order: readonly string[]) => order.map((id) => Number(id.slice(1)));

describe("order", () => {
  const arbLap = fc.record({
    moves: fc.array(arbMove, { minLength: 2, maxLength: 7 }),
    rounds: fc.integer({ min: 1, max: 4 }),
    pinned: fc.array(fc.nat(6), { maxLength: 2 }),
    together: fc.array(fc.tuple(fc.nat(6), fc.nat(6)), { maxLength: 2 }),
  });

  test("is the cheapest of all orders, with pins and pairs, closing the lap", () => {
    fc.assert(
      fc.property(arbLap, ({ moves, rounds, pinned, together }) => {
        const slots = moves.map((move, i) => {
          const pair = together.find(([a, b]) => a === i && b !== i && b < moves.length);
          return {
            move,
            ...(pinned.includes(i) ? { pinned: true } : {}),
            ...(pair ? { together: `s${pair[1]}` } : {}),
          };
        });
        const doc = lap(slots, { rounds });
        const result = ask(doc);
        if (typeof result === "string") {
          expect(result).toBe("impossible");
          const free = ask(
            lap(
              moves.map((move) => ({ move })),
              { rounds },
            ),
          );
          if (typeof free !== "string") expect(tryAll(doc, free, rounds)).toBeNull();
          return;
        }
        expect(result.exact).toBe(true);
        expect(result.cost).toBe(tryAll(doc, result, rounds));
        expect(lapCost(indexes(result.order), result, rounds)).toBe(result.cost);
        const sum = Object.values(result.causes).reduce((all, cause) => all + cause.now, 0);
        expect(sum).toBe(result.cost);
      }),
      { numRuns: 250 },
    );
  });

  test("and of eight stations", () => {
    fc.assert(
      fc.property(fc.array(arbMove, { minLength: 8, maxLength: 8 }), (moves) => {
        const doc = lap(moves.map((move) => ({ move })));
        const result = ask(doc) as OrderResult;
        expect(result.cost).toBe(tryAll(doc, result, 3));
      }),
      { numRuns: 4 },
    );
  });

  test("applying it gives the order, and the same question then changes nothing", () => {
    fc.assert(
      fc.property(fc.array(arbMove, { minLength: 2, maxLength: 9 }), (moves) => {
        const doc = lap(moves.map((move) => ({ move })));
        const result = ask(doc) as OrderResult;
        const next = applyEdit(doc, orderSlots(doc.blocks[0] as Block, result.order));
        if (!next.ok) throw new Error("doesn't apply");
        expect(next.value.blocks[0]?.slots?.map((slot) => slot.id)).toEqual(result.order);
        expect(checkClass(next.value, LIBRARY_BOOK).ok).toBe(true);
        expect(result.cost).toBeLessThanOrEqual(result.was);
        expect((ask(next.value) as OrderResult).was).toBe(result.cost);
      }),
      { numRuns: 60 },
    );
  });

  test("is the cheapest with any prices at all, also of what comes before what", () => {
    const arbTable = (n: number) =>
      fc.array(fc.array(fc.nat(20), { minLength: n, maxLength: n }), { minLength: n, maxLength: n });
    const arbPrices = fc.integer({ min: 4, max: 6 }).chain((n) =>
      fc.record({
        prices: fc.record({ pairs: arbTable(n), closing: arbTable(n), before: arbTable(n) }),
        rounds: fc.integer({ min: 1, max: 4 }),
        pinned: fc.option(fc.tuple(fc.nat(n - 1), fc.nat(n - 1)), { nil: null }),
        pair: fc.option(fc.tuple(fc.nat(n - 1), fc.nat(n - 1)), { nil: null }),
      }),
    );
    fc.assert(
      fc.property(arbPrices, ({ prices, rounds, pinned, pair }) => {
        const place = prices.pairs.map((_, i) => (pinned?.[0] === i ? pinned[1] : -1));
        const partners: number[][] = prices.pairs.map(() => []);
        if (pair && pair[0] !== pair[1]) {
          partners[pair[0]]?.push(pair[1]);
          partners[pair[1]]?.push(pair[0]);
        }
        const rules = { place, partners };
        const found = bestTour(prices, rounds, rules, () => {});
        let best = Number.POSITIVE_INFINITY;
        const go = (order: readonly number[], left: readonly number[]): void => {
          if (left.length === 0 && keepsRules(order, rules))
            best = Math.min(best, lapCost(order, prices, rounds));
          for (const next of left)
            go(
              [...order, next],
              left.filter((other) => other !== next),
            );
        };
        go(
          [],
          prices.pairs.map((_, i) => i),
        );
        if (!found) throw new Error("nothing found");
        expect(keepsRules(found, rules)).toBe(true);
        expect(lapCost(found, prices, rounds)).toBe(best);
      }),
      { numRuns: 400 },
    );
  });

  test("puts what tires the legs behind what needs them fresh, and the limit last", () => {
    const slots = [
      { move: "high-knees" },
      { move: "press-up", dose: { toLimit: 30 } },
      { move: "single-leg-squat", dose: { reps: 5 } },
      { move: "plank" },
    ];
    const result = ask(lap(slots, { rest: 60, rounds: 1 })) as OrderResult;
    const place = (i: number) => result.order.indexOf(`s${i}`);
    expect(place(2)).toBeLessThan(place(0));
    expect(place(1)).toBe(3);
  });

  test("goes up and down where the rest is long enough for it, and no other way of going round is worse", () => {
    const moves = ["bridge", "towel-row", "dead-bug", "side-step-reach"];
    const slots = moves.map((move) => ({ move }));
    const short = ask(lap(slots, { rest: 0, longRest: 60 })) as OrderResult;
    const along = short.order.map((id) => moves[Number(id.slice(1))]);
    const isFloor = (move: string | undefined) => move === "bridge" || move === "dead-bug";
    const changes = along.filter((move, i) => i > 0 && isFloor(move) !== isFloor(along[i - 1]));
    expect(changes).toHaveLength(1);
    // A gap of a minute covers all of it.
    const long = ask(lap(slots, { rest: 60, longRest: 60 })) as OrderResult;
    expect(long.causes.position.was).toBe(0);
    expect(long.causes.kit.was).toBe(0);
  });

  test("of straight sets counts the way along it once, over the rest between stations", () => {
    const slots = [{ move: "squat-jump" }, { move: "star-jack" }, { move: "plank" }];
    const result = ask(lap(slots, { loop: "station", rest: 30, longRest: 90 })) as OrderResult;
    expect(result.cost).toBe(lapCost(indexes(result.order), result, 1));
    expect(result.causes.jumps.now).toBe(0);
  });

  test("sixteen stations are exact, seventeen are not and say so", () => {
    const many = (n: number) => lap(LIBRARY.slice(0, n).map((move) => ({ move: move.id })));
    expect(ask(many(16))).toMatchObject({ exact: true });
    const more = ask(many(17)) as OrderResult;
    expect(more.exact).toBe(false);
    expect(more.cost).toBeLessThanOrEqual(more.was);
    expect(ask(lap([{}]))).toBe("too-few");
  });
});
