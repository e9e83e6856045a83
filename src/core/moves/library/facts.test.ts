import { describe, expect, test } from "vitest";
import { regionOf } from "../../strength/regions";
import type { Move } from "../move";
import { LIBRARY, LIBRARY_BOOK } from ".";
import { readFacts } from "./read-facts";

const move = (id: string) => LIBRARY_BOOK.get(id) as Move;
/** A band round the knees makes the hips work, and one that is held on to helps: neither is what is lifted. */
const NOT_LIFTED = [
  "side-to-side-squat",
  "band-bridge",
  "band-bridge-knees-out",
  "band-held-squat",
  "band-helped-chin-up",
];
const isHeld = ({ id, needs }: Move) =>
  !NOT_LIFTED.includes(id) &&
  needs.some((list) =>
    list.some(
      ({ as, kg }) => kg !== undefined || ["long-band", "mini-band", "cable", "machine"].includes(as),
    ),
  );

describe("the table of facts", () => {
  test("is read from a row, and says what isn't in the form", () => {
    expect(readFacts("0.64 0.85 0 2 lower 2-0-1-0")).toEqual({
      strength: { body: 0.64, maximum: 0.85, held: 0 },
      skill: 2,
      phases: { begins: "lower", seconds: [2, 0, 1, 0] },
      tempo: "2-0-1-0",
    });
    expect(readFacts("hold 40  3")).toEqual({ holdSeconds: 40, skill: 3 });
    expect(readFacts("- 1")).toEqual({ skill: 1 });
    for (const wrong of ["", "0.5 0.9 1", "hold 40 7", "0.5 0.9 1 2 lower 2-0-1"])
      expect(() => readFacts(wrong), wrong).toThrow(RangeError);
  });

  test("gives each move a skill, and what is held a limit in seconds", () => {
    for (const { id, skill, isometric, pattern, holdSeconds } of LIBRARY) {
      expect(skill, id).toBeGreaterThanOrEqual(1);
      expect(holdSeconds !== undefined, id).toBe(isometric && pattern !== "stretch");
    }
  });

  test("has strength for patterns that are done against a load alone, and things held where something is held", () => {
    for (const one of LIBRARY) {
      const { id, strength, pattern } = one;
      if (!strength) continue;
      expect(regionOf(pattern), id).not.toBeNull();
      expect(strength.held > 0, id).toBe(isHeld(one));
      expect(strength.body, id).toBeLessThanOrEqual(0.97);
      // What can't be lifted once by the body alone needs somebody stronger: few moves are so.
      expect(strength.maximum, id).toBeGreaterThan(strength.body);
    }
    // A move without strength isn't done against a load, or one's own hands resist.
    const without = LIBRARY.filter(
      ({ strength, isometric, pattern }) => !strength && !isometric && regionOf(pattern),
    );
    expect(without.every((one) => !isHeld(one))).toBe(true);
    expect(without.length).toBeLessThanOrEqual(18);
  });

  test("has phases that make up the rep, and a tempo where they are whole", () => {
    for (const { id, phases, repSeconds, tempo } of LIBRARY) {
      if (!phases) {
        expect(tempo, id).toBeUndefined();
        continue;
      }
      const sum = phases.seconds.reduce((all, seconds) => all + seconds, 0);
      expect(sum, id).toBeCloseTo(repSeconds, 9);
      expect(tempo, id).toBe(phases.seconds.every(Number.isInteger) ? phases.seconds.join("-") : undefined);
    }
  });

  test("agrees with the anchors", () => {
    const anchors: readonly (readonly [id: string, body: number, maximum: number])[] = [
      ["press-up", 0.64, 0.85],
      ["knee-press-up", 0.49, 0.85],
      ["feet-up-press-up", 0.72, 0.85],
      ["counter-press-up", 0.35, 0.85],
      ["wall-press-up", 0.15, 0.85],
      ["pike-press-up", 0.7, 0.8],
      ["floor-press", 0, 0.5],
      ["standing-press", 0, 0.27],
      ["side-raise", 0, 0.15],
      ["curl", 0, 0.26],
      ["overhead-extension", 0, 0.16],
      ["one-arm-row", 0, 0.28],
      ["bent-row", 0, 0.5],
      ["prone-w-hold", 0.04, 0.065],
      ["chin-up", 0.95, 0.98],
      ["bodyweight-squat", 0.89, 1.65],
      ["split-squat", 0.8, 1.35],
      ["dumbbell-hinge", 0.45, 1.2],
      ["single-leg-weighted-hinge", 0.45, 0.8],
      ["bridge", 0.5, 1.6],
      ["single-leg-bridge", 0.5, 0.85],
      ["calf-raise", 0.97, 2.8],
      ["single-leg-calf-raise", 0.97, 1.7],
    ];
    for (const [id, body, maximum] of anchors) expect(move(id).strength, id).toMatchObject({ body, maximum });
  });

  test("makes what is linked as easier by load, range, lever or support no harder for a natural person", () => {
    const ease = ({ strength }: Move) => (strength ? strength.maximum / Math.max(0.01, strength.body) : null);
    for (const one of LIBRARY) {
      for (const { to, kind, how } of one.links) {
        const other = move(to);
        const same = one.pattern === other.pattern && !isHeld(one) && !isHeld(other);
        if (kind !== "easier" || !same || !["range", "lever", "support"].includes(how)) continue;
        const [a, b] = [ease(one), ease(other)];
        if (a !== null && b !== null) expect(b, `${one.id} → ${to}`).toBeGreaterThanOrEqual(a - 1e-9);
      }
    }
  });
});
