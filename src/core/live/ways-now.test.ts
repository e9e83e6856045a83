import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { Person } from "../homes/home";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { canDo } from "../parts/ways";
import { arbPerson } from "../testing/arb-roster";
import { waysNow } from "./ways-now";

const bare = (id: string): Person => ({ id, name: id, kit: [] });
const slot = (move: string) => ({ id: "s", move, dose: { reps: 8 } });

describe("what a move can be changed for", () => {
  test("is what those who are here can do, what most can first", () => {
    const strong = {
      ...bare("b"),
      kit: [{ id: "k", type: "dumbbell", count: 2, kg: 8 }],
    } as unknown as Person;
    const ways = waysNow(slot("floor-press"), LIBRARY_BOOK, [bare("a"), strong]);
    expect(ways.length).toBeGreaterThan(0);
    expect(ways.map(({ can }) => can.length)).toEqual(
      [...ways.map(({ can }) => can.length)].sort((a, b) => b - a),
    );
    expect(ways[0]?.can).toEqual(["a", "b"]);
  });

  test("begins with what the instructor says herself", () => {
    const own = { ...slot("bodyweight-squat"), alternatives: [{ move: "plank" }] };
    expect(waysNow(own, LIBRARY_BOOK, [bare("a")])[0]).toMatchObject({ id: "plank", how: "own" });
  });

  test("of any move and room names each once, never itself, and nobody who can't", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...LIBRARY),
        fc.array(arbPerson, { minLength: 1, maxLength: 4 }),
        (move, drawn) => {
          const room = drawn.map((person, i) => ({ ...person, id: `${person.id}-${i}` }));
          const ways = waysNow(slot(move.id), LIBRARY_BOOK, room);
          const ids = ways.map(({ id }) => id);
          expect(new Set(ids).size).toBe(ids.length);
          expect(ids).not.toContain(move.id);
          for (const { id, can } of ways)
            for (const person of room)
              expect(can.includes(person.id)).toBe(canDo(person, LIBRARY_BOOK.get(id) as never));
        },
      ),
      { numRuns: 80 },
    );
  });
});
