import { describe, expect, test } from "vitest";
import type { Slot } from "../class/document";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import { classOf } from "../testing/classes";
import { ORDER_CAUSES, ORDER_COSTS, orderTables, sumOf } from "./order-costs";

const slot = (move: string): Slot => ({ id: move, move, dose: { seconds: 40 } });
const move = (id: string) => {
  const found = LIBRARY.find((entry) => entry.id === id);
  if (!found) throw new Error(id);
  return found;
};
/** With no time between them. */
const pairsOf = (slots: readonly Slot[], parts: Parameters<typeof orderTables>[2] = []) =>
  orderTables({ id: "b", title: "", slots }, LIBRARY_BOOK, parts, "strength").pairs;
const between = (a: string, b: string) => {
  const cost = pairsOf([slot(a), slot(b)])[0]?.[1];
  if (!cost) throw new Error("no cost");
  return cost;
};
const UPRIGHT = ["standing", "seated"];

describe("what one station after another costs", () => {
  test("is counted for every pair of the library's moves by what they share", () => {
    const some = LIBRARY.filter((_, i) => i % 5 === 0);
    const costs = pairsOf(some.map(({ id }) => slot(id)));
    some.forEach((a, i) => {
      some.forEach((b, j) => {
        const cost = costs[i]?.[j];
        if (!cost) throw new Error("no cost");
        if (i === j) {
          expect(sumOf(cost)).toBe(0);
          return;
        }
        const both = a.muscles.primary.filter((muscle) => b.muscles.primary.includes(muscle)).length;
        expect(cost.muscles).toBeGreaterThanOrEqual(both * ORDER_COSTS.sharedPrimary);
        if (both === 0) expect(cost.muscles % ORDER_COSTS.sharedSecondary).toBe(0);
        const gripped = a.loads.includes("grip") && b.loads.includes("grip");
        expect(cost.grip).toBe(gripped ? ORDER_COSTS.grip : 0);
        const land = (a.landings?.perRep ?? 0) > 0 && (b.landings?.perRep ?? 0) > 0;
        expect(cost.jumps).toBe(land ? ORDER_COSTS.jumps : 0);
        const turns = UPRIGHT.includes(a.position) !== UPRIGHT.includes(b.position);
        expect(cost.position).toBe(
          a.position === b.position ? 0 : turns ? ORDER_COSTS.position : ORDER_COSTS.position / 4,
        );
        expect(sumOf(cost)).toBe(ORDER_CAUSES.reduce((sum, cause) => sum + cost[cause], 0));
        // All but the change of kit weighs the same in both directions.
        const back = costs[j]?.[i];
        expect({ ...cost, kit: 0 }).toEqual({ ...back, kit: 0 });
      });
    });
  });

  test("of kit is nothing where both need the same, and more where the next has to be set up", () => {
    expect(between("bodyweight-squat", "plank").kit).toBe(0);
    const { kit } = between("bodyweight-squat", "goblet-squat");
    const seconds = 4 + (move("goblet-squat").setupSeconds ?? 0);
    expect(kit).toBe(Math.ceil(seconds / 3) * ORDER_COSTS.kit);
  });

  test("of kit is the median of the people's changes, where there are people", () => {
    const doc = classOf([
      { id: "b", title: "", rounds: 2, slots: [slot("bodyweight-squat"), slot("goblet-squat")] },
    ]);
    const slots = [slot("bodyweight-squat"), slot("goblet-squat")];
    const kettlebell = { kit: [{ id: "kb", type: "kettlebell" as const, kg: 12 }] };
    const people = (n: number, own: object) =>
      Array.from({ length: n }, (_, i) => ({
        id: `${i} ${JSON.stringify(own).length}`,
        name: "N",
        kit: [],
        ...own,
      }));
    const costOf = (who: ReturnType<typeof people>) =>
      pairsOf(slots, partsFor(doc, who, LIBRARY_BOOK))[0]?.[1]?.kit ?? -1;
    const holding = costOf(people(1, kettlebell));
    expect(holding).toBeGreaterThan(0);
    const empty = costOf(people(1, {}));
    expect(empty).toBe(0);
    expect(costOf([...people(3, kettlebell), ...people(2, {})])).toBe(holding);
    expect(costOf([...people(2, kettlebell), ...people(3, {})])).toBe(empty);
  });
});
