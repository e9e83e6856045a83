import { describe, expect, test } from "vitest";
import { EXAMPLE_KITS, homeWith } from "../homes/example-kits";
import { fillMove } from "../homes/fillings";
import { type KitKind, NO_WAY_UNDER_LIMIT, NO_WAY_WITH_KIT, NO_WAY_WITH_NOTHING } from "../homes/gaps";
import { excludes, LIMITS } from "../homes/limits";
import { fillersOf } from "../homes/match";
import { Faults, type Json } from "../values/check-values";
import { parseTempo } from "../values/tempo";
import { nearestIds } from "./book";
import { checkOwnMove } from "./check-move";
import { LIBRARY, LIBRARY_BOOK } from "./library";
import { type Move, PATTERNS, type Pattern } from "./move";

const byId = new Map(LIBRARY.map((move) => [move.id, move]));
const ofPattern = (pattern: Pattern) => LIBRARY.filter((move) => move.pattern === pattern);
const needsNothing = (move: Move) => move.needs.some((list) => list.length === 0);

describe("the library", () => {
  test("has at least 420 moves over all patterns, with unique ids and names", () => {
    expect(LIBRARY.length).toBeGreaterThanOrEqual(420);
    expect(new Set(LIBRARY.map((move) => move.id)).size).toBe(LIBRARY.length);
    expect(new Set(LIBRARY.map((move) => move.name.toLowerCase())).size).toBe(LIBRARY.length);
    expect(new Set(LIBRARY.map((move) => move.pattern))).toEqual(new Set(PATTERNS));
  });

  test.each(LIBRARY.map((move) => [move.id, move] as const))("%s is complete and sound", (_id, move) => {
    const faults = new Faults();
    checkOwnMove(faults, "move", move as unknown as Json);
    expect(faults.list).toEqual([]);
    if (move.tempo !== undefined) expect(parseTempo(move.tempo)).not.toBeNull();
    expect(move.cues.length).toBeGreaterThanOrEqual(2);
    expect(move.cues.length).toBeLessThanOrEqual(4);
    expect(move.faults).toHaveLength(2);
    expect(move.cautions.length).toBeGreaterThanOrEqual(1);
    expect(move.muscles.primary.length + move.muscles.secondary.length).toBeGreaterThan(0);
    for (const text of [...move.cues, ...move.faults, ...move.cautions])
      expect(text).toMatch(/^[A-Z].+[.?]$/);
    for (const link of move.links) expect(byId.has(link.to), link.to).toBe(true);
    expect(move.links.length, "is linked to something").toBeGreaterThan(
      move.id === "slow-breathing" ? -1 : 0,
    );
  });

  test("every need is one that some kit can meet, but a gym's cables and machines", () => {
    for (const move of LIBRARY) {
      const open = move.needs.some((list) => list.every((need) => fillersOf(need.as).length > 0));
      const gymOnly = move.needs.every((list) => list.some((n) => n.as === "cable" || n.as === "machine"));
      expect(open || (move.gym === true && gymOnly), move.id).toBe(true);
    }
  });

  test("every way of the gym leads home: a swap with the same pattern and a shared muscle", () => {
    for (const move of LIBRARY.filter((entry) => entry.gym)) {
      const home = move.links
        .filter((link) => link.kind === "swap")
        .map((link) => byId.get(link.to) as Move)
        .filter((to) => !to.gym && to.pattern === move.pattern)
        .filter((to) => to.muscles.primary.some((muscle) => move.muscles.primary.includes(muscle)));
      expect(home.length, move.id).toBeGreaterThanOrEqual(2);
    }
    for (const word of ["barbell", "cable", "machine", "bench"]) {
      expect(LIBRARY.some((move) => move.gym && move.needs.flat().some((need) => need.as === word))).toBe(
        true,
      );
    }
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
      const to = move.links.map((link) => link.to);
      expect(
        to.filter((id, i) => to.indexOf(id) !== i),
        move.id,
      ).toEqual([]);
    }
  });

  test("fewer than a fifth of the moves have no easier way, fewer than a third no harder one", () => {
    const without = (kind: string) =>
      LIBRARY.filter(({ links }) => !links.some((link) => link.kind === kind));
    expect(without("easier").length).toBeLessThan(LIBRARY.length / 5);
    expect(without("harder").length).toBeLessThan(LIBRARY.length / 3);
  });

  test("nobody's easier way is another muscle: what one works first, the other works too", () => {
    const all = ({ muscles }: Move) => [...muscles.primary, ...muscles.secondary];
    const worksToo = (a: Move, b: Move) => a.muscles.primary.some((muscle) => all(b).includes(muscle));
    for (const move of LIBRARY) {
      for (const { to, kind } of move.links) {
        const other = byId.get(to) as Move;
        if (kind !== "harder" || all(move).length === 0 || all(other).length === 0) continue;
        const shared = worksToo(move, other) || worksToo(other, move) || move.muscles.primary.length === 0;
        expect(shared, `${move.id} → ${to}`).toBe(true);
      }
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

  test.each(PATTERNS)("%s has at least three levels, one above the other", (pattern) => {
    const depth = (move: Move): number =>
      1 +
      Math.max(
        0,
        ...move.links
          .filter((link) => link.kind === "harder")
          .map((link) => byId.get(link.to) as Move)
          .filter((to) => to.pattern === pattern)
          .map(depth),
      );
    expect(Math.max(...ofPattern(pattern).map(depth))).toBeGreaterThanOrEqual(3);
  });

  test.each(PATTERNS)("%s has a way with nothing, or says that there is none", (pattern) => {
    expect(ofPattern(pattern).some(needsNothing)).toBe(NO_WAY_WITH_NOTHING[pattern] === undefined);
  });

  test("every limit leaves a way in every pattern, or says that there is none", () => {
    for (const pattern of PATTERNS) {
      for (const limit of LIMITS) {
        const left = ofPattern(pattern).some((move) => !move.gym && !excludes(limit, move));
        const stated = NO_WAY_UNDER_LIMIT.some((gap) => gap.limit === limit && gap.pattern === pattern);
        expect(left, `${limit} in ${pattern}`).toBe(!stated);
      }
    }
  });

  const kinds = EXAMPLE_KITS.filter((kind): kind is KitKind => kind !== "nothing");
  test.each(kinds)("every pattern has a way that uses %s, or says why not", (kind) => {
    const home = homeWith(kind);
    for (const pattern of PATTERNS) {
      const found = ofPattern(pattern).some(
        (move) =>
          !move.gym &&
          move.needs.some((list) => list.length > 0 && (fillMove([list], home)?.length ?? 0) > 0),
      );
      const stated = NO_WAY_WITH_KIT[pattern]?.[kind];
      expect(found, `${pattern} with ${kind}`).toBe(stated === undefined);
    }
  });

  test("there are seated and low-impact ways in the patterns that carry a class", () => {
    const carrying: Pattern[] = PATTERNS.filter((pattern) => pattern !== "stretch");
    for (const pattern of carrying) {
      expect(
        ofPattern(pattern).some((move) => move.position === "seated"),
        `seated ${pattern}`,
      ).toBe(true);
      expect(
        ofPattern(pattern).some((move) => move.impact === "none"),
        `quiet ${pattern}`,
      ).toBe(true);
    }
  });

  test("what is done on the floor says so, and what jumps lands", () => {
    for (const move of LIBRARY) {
      const low = !["standing", "seated"].includes(move.position) && !move.gym;
      if (low) expect(move.loads.includes("floor"), move.id).toBe(true);
      const stays = move.body?.passes.every((position) => position === "standing");
      if (move.position === "standing" && stays) expect(move.loads.includes("floor"), move.id).toBe(false);
      expect(move.landings.perRep > 0, move.id).toBe(move.loads.includes("jump"));
      if (move.position === "kneeling" || move.position === "half-kneeling") {
        expect(move.loads.includes("kneeling"), move.id).toBe(true);
      }
      const always = (role: string) => move.needs.every((list) => list.some((need) => need.as === role));
      const cautions = move.cautions.join(" ");
      if (always("anchor") || always("door")) expect(cautions, move.id).toMatch(/door/i);
      if (always("long-band") && !always("anchor")) expect(cautions, move.id).toMatch(/band|anchor/i);
    }
  });

  test("no brand, and no claim to slim a place", () => {
    const words = LIBRARY.flatMap((move) => [move.name, ...move.cues, ...move.faults, ...move.cautions]).join(
      " ",
    );
    expect(words).not.toMatch(/[®™]|slim|fat|burn|tone up|melt|detox|calorie/i);
  });

  test("a misspelt id finds its neighbours, a strange one nothing far-fetched", () => {
    expect(nearestIds("gobelt-squat", LIBRARY_BOOK)[0]).toBe("goblet-squat");
    expect(nearestIds("row", LIBRARY_BOOK).some((id) => id.includes("row"))).toBe(true);
    expect(nearestIds("zzzzzzzzzzzzzzzzzzzzzzzzz", LIBRARY_BOOK)).toEqual([]);
  });
});
