import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import { block, doc, person, rounds, slot } from "../testing/class-builders";
import { ROOM } from "../testing/good/room";
import { goodClass } from "../testing/planted/plant";
import { groupSets, roomLimits } from "./room-limits";

const limits = (own: ReturnType<typeof doc>, people: Parameters<typeof partsFor>[1]) =>
  roomLimits(own, LIBRARY_BOOK, partsFor(own, people, LIBRARY_BOOK));

describe("where the room is at its limit", () => {
  test("is nowhere without anybody, and nowhere in a gentle class", () => {
    expect(limits(goodClass("Sitting at the slip"), ROOM)).toEqual([]);
    expect(limits(goodClass("Harbour pairs"), [])).toEqual([]);
  });

  test("is where sets leave hardly a rep, with who, most people first", () => {
    const own = doc([
      rounds(3, [slot("press-up", { toLimit: 30 }), slot("plank", { hold: 20 })], { longRest: 60 }),
      block([slot("bodyweight-squat", { reps: 10 })]),
    ]);
    const people = ["a", "b"].map((id) => person({ id, name: `Person ${id}` }));
    const [first, ...others] = limits(own, people);
    expect(first?.slot).toBe(own.blocks[0]?.slots?.[0]?.id);
    expect(first?.who).toEqual(["Person a", "Person b"]);
    expect(others.every(({ who }) => who.length <= (first?.who.length ?? 0))).toBe(true);
    expect(others.map(({ slot: id }) => id)).not.toContain(own.blocks[1]?.slots?.[0]?.id);
  });

  test("tells a muscle that is full though each set by itself leaves something", () => {
    const own = doc([
      block(
        Array.from({ length: 6 }, () => slot("fast-feet", { seconds: 40 })),
        { rest: 5, stacked: true },
      ),
    ]);
    const found = limits(own, [person()]);
    expect(found.some(({ muscle }) => muscle !== null)).toBe(true);
    expect(found.every(({ at }) => at >= 0)).toBe(true);
  });

  test("hard sets of a group are those of its muscle that gets the most", () => {
    const sets = new Map([
      ["quads", 6],
      ["glutes", 3],
      ["chest", 2.5],
    ] as const);
    expect(groupSets(sets)).toEqual({ legs: 6, push: 2.5, pull: 0, trunk: 0 });
  });
});
