import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { findMoves } from "../moves/find";
import { LIBRARY_BOOK } from "../moves/library";
import { countAsSet, offeredByPattern, offeredFor } from "./offered-moves";

const nobody = { id: "p", name: "P", kit: [] };
const can = new Map(LIBRARY_BOOK.moves.map((move) => [move, countAsSet(move, [nobody])]));

describe("what is offered", () => {
  test("for a room without kit: what it can do before what it can't, but a name that is typed in front", () => {
    const rows = offeredFor("glutes", LIBRARY_BOOK, can, 1);
    const firstOut = rows.findIndex(({ can: count }) => count === 0);
    expect(firstOut).toBeGreaterThan(0);
    const [named] = offeredFor("goblet squat", LIBRARY_BOOK, can, 1);
    expect(named?.move.id).toBe("goblet-squat");
    expect(named?.can).toBe(0);
  });

  test("whatever is typed: after the names nothing that half can do stands behind what they can't", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("press", "squat", "band", "legs", "plank", "chest", "lunge", "towel"),
        fc.integer({ min: 1, max: 4 }),
        (typed, count) => {
          const offered = offeredFor(typed, LIBRARY_BOOK, can, count);
          const named = new Set(
            findMoves(typed, LIBRARY_BOOK)
              .filter(({ score }) => score >= 95)
              .map(({ move }) => move),
          );
          const rest = offered.filter(({ move }) => !named.has(move));
          const isOut = rest.map(({ can: n }) => n * 2 < count);
          expect(isOut).toEqual([...isOut].sort((a, b) => Number(a) - Number(b)));
        },
      ),
    );
  });

  test("without a word all of them, by pattern, the replaced one's first, the most in front", () => {
    const groups = offeredByPattern(LIBRARY_BOOK, can, "hinge");
    expect(groups[0]?.[0]).toBe("hinge");
    expect(groups.flatMap(([, list]) => list)).toHaveLength(LIBRARY_BOOK.moves.length);
    for (const [, list] of groups) {
      const home = list.filter(({ move }) => !move.gym).map(({ can: n }) => n);
      expect(home).toEqual([...home].sort((a, b) => b - a));
    }
  });
});
