import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { makeBook } from "./book";
import { checkOwn } from "./check-own";
import { ladderOf } from "./ladder";
import { LIBRARY, LIBRARY_BOOK } from "./library";
import type { Link, Move } from "./move";

const [model] = LIBRARY.filter((move) => move.id === "goblet-squat");
if (!model) throw new Error("no model");
const own: Move = {
  ...model,
  id: "lantern-squat",
  name: "Lantern squat",
  links: [{ to: "bodyweight-squat", kind: "easier", how: "load" }],
};
const faultsOf = (value: unknown, others = LIBRARY_BOOK) => {
  const result = checkOwn(value, others);
  return result.ok ? [] : result.error.map(({ path, code }) => `${path} ${code}`);
};

describe("an own move", () => {
  test("that is complete and linked is taken", () => expect(faultsOf(own)).toEqual([]));

  test.each<[string, object, string]>([
    ["takes no id that there is", { id: "plank" }, "id not-unique"],
    ["takes no name that there is", { name: "  plank " }, "name not-unique"],
    ["has two cues at least", { cues: ["One."] }, "cues length"],
    ["has four cues at most", { cues: ["A.", "B.", "C.", "D.", "E."] }, "cues length"],
    ["has two faults", { faults: ["One."] }, "faults length"],
    ["has a caution", { cautions: [] }, "cautions length"],
    ["says what it needs, be it nothing", { needs: [] }, "needs length"],
    ["is linked to something", { links: [] }, "links length"],
    [
      "isn't linked to itself",
      { links: [{ to: "lantern-squat", kind: "swap", how: "kit" }] },
      "links[0].to one-of",
    ],
    [
      "moves no more than the body",
      { strength: { body: 1.5, maximum: 2, held: 0 } },
      "strength.body at-most",
    ],
    ["has a maximum", { strength: { body: 0.5, maximum: 0, held: 0 } }, "strength.maximum above"],
    ["holds whole things", { strength: { body: 0, maximum: 1, held: 0.5 } }, "strength.held kind"],
    ["is held for some seconds", { holdSeconds: 0 }, "holdSeconds at-least"],
    ["wants practice of five steps", { skill: 6 }, "skill at-most"],
    [
      "begins by lowering or lifting",
      { phases: { begins: "up", seconds: [1, 0, 1, 0] } },
      "phases.begins one-of",
    ],
    ["has four phases", { phases: { begins: "lift", seconds: [1, 0, 1] } }, "phases.seconds length"],
    [
      "has phases in seconds",
      { phases: { begins: "lift", seconds: [1, 0, -1, 0] } },
      "phases.seconds[2] at-least",
    ],
    ["isn't linked to nothing", { links: [{ to: "gone", kind: "swap", how: "kit" }] }, "links[0].to one-of"],
    [
      "isn't linked twice to the same",
      { links: [own.links[0], { to: "bodyweight-squat", kind: "swap", how: "kit" }] },
      "links[1].to not-unique",
    ],
  ])("%s", (_words, change, fault) => {
    expect(faultsOf({ ...own, ...change })).toContain(fault);
  });

  test("without a part that the library's have says which, all at once", () => {
    const { cues: _cues, cautions: _cautions, ...rest } = own;
    const faults = faultsOf(rest);
    expect(faults).toHaveLength(2);
    expect(faults.join()).toContain("cues missing");
    expect(faults.join()).toContain("cautions missing");
  });

  test("leads round in no circle: refused just where following harder comes back to it", () => {
    const ids = ["a", "b", "c", "d"];
    const arbLinks = fc.array(
      fc.record({
        from: fc.constantFrom(...ids),
        to: fc.constantFrom(...ids),
        kind: fc.constantFrom("easier" as const, "harder" as const),
      }),
      { maxLength: 10 },
    );
    fc.assert(
      fc.property(arbLinks, fc.constantFrom(...ids), fc.boolean(), (links, to, harder) => {
        const known = ids.map((id) => ({
          ...model,
          id,
          name: id,
          links: links
            .filter((link) => link.from === id)
            .map(({ to: end, kind }): Link => ({ to: end, kind, how: "load" })),
        }));
        // Of those the last may lead on to the own move.
        const back: Link = { to: own.id, kind: "harder", how: "load" };
        const moves = known.map((move) =>
          move.id === "d" ? { ...move, links: [...move.links, back] } : move,
        );
        const mine = {
          ...own,
          links: [{ to, kind: harder ? ("harder" as const) : ("swap" as const), how: "load" as const }],
        };
        const reach = new Set<string>();
        const go = (id: string) => {
          if (reach.has(id)) return;
          reach.add(id);
          const here = moves.find((move) => move.id === id);
          for (const link of here?.links ?? []) if (link.kind === "harder" && link.to !== own.id) go(link.to);
        };
        if (harder) go(to);
        const refused = faultsOf(mine, makeBook(moves)).includes("links kind");
        expect(refused).toBe(reach.has("d"));
      }),
    );
  });
});

describe("a ladder", () => {
  test("of every move climbs from the easiest to the hardest, each rung at the fewest steps", () => {
    for (const move of LIBRARY) {
      const { rungs, steps } = ladderOf(move, LIBRARY_BOOK);
      expect(rungs.filter(({ level }) => level === 0).map((rung) => rung.move.id)).toEqual([move.id]);
      expect(rungs.map(({ level }) => level)).toEqual(rungs.map(({ level }) => level).sort((a, b) => a - b));
      const level = new Map(rungs.map((rung) => [rung.move.id, rung.level]));
      expect(level.size).toBe(rungs.length);
      for (const { easier, harder } of steps) {
        expect(level.get(harder) ?? 0).toBeGreaterThan(level.get(easier) ?? 0);
        const links = LIBRARY_BOOK.get(easier)?.links ?? [];
        expect(links.some((link) => link.to === harder && link.kind === "harder")).toBe(true);
      }
      for (const { move: rung, level: own } of rungs) {
        if (own === 0) continue;
        // One step back towards the move lies a rung from which it is reached.
        const kind = own < 0 ? "easier" : "harder";
        const from = rungs.filter((other) => other.level === own - Math.sign(own));
        expect(
          from.some((other) => other.move.links?.some((link) => link.kind === kind && link.to === rung.id)),
        ).toBe(true);
      }
    }
  });

  test("of a move that only the class names is that move alone", () => {
    const named = { id: null, name: "Something else", repSeconds: 3 } as never;
    expect(ladderOf(named, LIBRARY_BOOK)).toEqual({ rungs: [{ move: named, level: 0 }], steps: [] });
  });
});
