import { describe, expect, test } from "vitest";
import { Faults, type Json } from "../class/check-values";
import { parseTempo } from "../class/tempo";
import { fillersOf } from "../homes/match";
import { nearestIds } from "./book";
import { checkOwnMove } from "./check-move";
import { LIBRARY, LIBRARY_BOOK } from "./library";
import { PATTERNS, type Pattern } from "./move";

const byId = new Map(LIBRARY.map((move) => [move.id, move]));

describe("the library", () => {
  test("has at least 40 moves over all patterns, with unique ids and names", () => {
    expect(LIBRARY.length).toBeGreaterThanOrEqual(40);
    expect(new Set(LIBRARY.map((move) => move.id)).size).toBe(LIBRARY.length);
    expect(new Set(LIBRARY.map((move) => move.name.toLowerCase())).size).toBe(LIBRARY.length);
    expect(new Set(LIBRARY.map((move) => move.pattern))).toEqual(new Set(PATTERNS));
  });

  test.each(LIBRARY.map((move) => [move.id, move] as const))("%s is complete and sound", (_id, move) => {
    const faults = new Faults();
    checkOwnMove(faults, "move", move as unknown as Json);
    expect(faults.list).toEqual([]);
    expect(parseTempo(move.tempo)).not.toBeNull();
    expect(move.cues.length).toBeGreaterThanOrEqual(2);
    expect(move.cues.length).toBeLessThanOrEqual(4);
    expect(move.faults).toHaveLength(2);
    expect(move.cautions.length).toBeGreaterThanOrEqual(1);
    for (const need of move.needs.flat()) expect(fillersOf(need.as).length).toBeGreaterThan(0);
    for (const link of move.links) expect(byId.has(link.to)).toBe(true);
  });

  test("easier and harder are each other's inverse, swaps go both ways, no move links to itself", () => {
    const inverse = { easier: "harder", harder: "easier", swap: "swap" } as const;
    for (const move of LIBRARY) {
      for (const link of move.links) {
        expect(link.to).not.toBe(move.id);
        const back = byId
          .get(link.to)
          ?.links.find((other) => other.to === move.id && other.kind === inverse[link.kind]);
        expect(back, `${move.id} → ${link.to}`).toBeDefined();
      }
      expect(new Set(move.links.map((link) => link.to)).size).toBe(move.links.length);
    }
  });

  test("harder never leads round in a circle", () => {
    const state = new Map<string, "open" | "done">();
    const visit = (id: string): void => {
      if (state.get(id) === "done") return;
      expect(state.get(id), `a circle through ${id}`).not.toBe("open");
      state.set(id, "open");
      for (const link of byId.get(id)?.links ?? []) if (link.kind === "harder") visit(link.to);
      state.set(id, "done");
    };
    for (const move of LIBRARY) visit(move.id);
  });

  test("every pattern has a way with nothing, or is one of those that say there is none", () => {
    // An arm is loaded by a thing or not at all; these begin with a towel or a wall.
    const none: Pattern[] = ["arm-flexion", "arm-extension", "push-vertical"];
    for (const pattern of PATTERNS) {
      const free = LIBRARY.some(
        (move) => move.pattern === pattern && move.needs.some((list) => list.length === 0),
      );
      expect(free || none.includes(pattern), pattern).toBe(true);
    }
  });

  test("what is done on the floor says so, and what jumps lands", () => {
    for (const move of LIBRARY) {
      const low = !["standing", "seated"].includes(move.position);
      expect(move.loads.includes("floor"), move.id).toBe(low);
      expect(move.landings.perRep > 0, move.id).toBe(move.loads.includes("jump"));
    }
  });

  test("a misspelt id finds its neighbours, a strange one nothing far-fetched", () => {
    expect(nearestIds("gobelt-squat", LIBRARY_BOOK)[0]).toBe("goblet-squat");
    expect(nearestIds("row", LIBRARY_BOOK).some((id) => id.includes("row"))).toBe(true);
    expect(nearestIds("zzzzzzzzzzzzzzzzzzzzzzzzz", LIBRARY_BOOK)).toEqual([]);
  });
});
