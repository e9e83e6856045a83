import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { Slot } from "../class/document";
import { resolveMove } from "../moves/book";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { classOf } from "../testing/classes";
import { stepNow, stepText } from "./steps";

/** The piece of a class with one slot, and the step at a second of it. */
function pieceOf(slot: Omit<Slot, "id">) {
  const own = { ...slot, id: "s" } as Slot;
  const doc = classOf([{ id: "b", title: "", slots: [own] }]);
  const score = scoreOf(doc, LIBRARY_BOOK);
  const segment = score.segments.find(({ kind }) => kind === "work");
  if (!segment) throw new Error("no piece");
  const move = resolveMove(own.move, LIBRARY_BOOK);
  const lengthMs = (segment.end - segment.start) * 1000;
  return {
    lengthMs,
    at: (ms: number) => stepNow(own, move, segment, ms, lengthMs, LIBRARY_BOOK),
  };
}

describe("a move of many steps", () => {
  test("tells each step for its share of a rep, over and over", () => {
    const { at } = pieceOf({ move: "burpee", dose: { reps: 10 } });
    const rep = (LIBRARY_BOOK.get("burpee")?.repSeconds as number) * 1000;
    expect(at(0)).toEqual({ text: "Hands down.", reps: null, n: 1, of: 4 });
    expect(at(rep / 4)?.n).toBe(2);
    expect(at(rep - 1)?.n).toBe(4);
    expect(at(rep)?.n).toBe(1);
    expect(stepText(at(0) as never)).toBe("Hands down · 1 of 4");
  });

  test("shares a timed piece, by the instructor's own steps before the library's", () => {
    const { at } = pieceOf({ move: "get-up", dose: { seconds: 60 }, sides: "both", steps: ["Up", "Down"] });
    expect(at(29_999)?.text).toBe("Up");
    expect(at(30_000)?.text).toBe("Down");
    expect(at(60_000)).not.toBeNull();
  });

  test("has none where a move has none, or but one", () => {
    expect(pieceOf({ move: "plank", dose: { hold: 30 } }).at(0)).toBeNull();
    expect(pieceOf({ move: "plank", dose: { hold: 30 }, steps: ["Hold"] }).at(0)).toBeNull();
  });

  test("of the library are two or more, short enough to be called", () => {
    const stepped = LIBRARY.filter(({ steps }) => steps);
    expect(stepped.length).toBeGreaterThan(8);
    for (const { id, steps = [] } of stepped) {
      expect(steps.length, id).toBeGreaterThanOrEqual(2);
      for (const step of steps) expect(step.length, `${id}: ${step}`).toBeLessThanOrEqual(40);
    }
  });
});

describe("several moves in turn", () => {
  test("tell which is on, by the rep times, whatever the second", () => {
    const sequence = [
      { move: "bodyweight-squat", reps: 4 },
      { move: "press-up", reps: 2 },
    ];
    const { at, lengthMs } = pieceOf({ move: { name: "Both" }, dose: { sequence, seconds: 60 } });
    const [a, b] = sequence.map(
      ({ move, reps }) => reps * (LIBRARY_BOOK.get(move)?.repSeconds as number) * 1000,
    ) as [number, number];
    fc.assert(
      fc.property(fc.integer({ min: 0, max: lengthMs - 1 }), (ms) => {
        const first = ms % (a + b) < a;
        expect(at(ms)).toEqual(
          first ? { text: "Squat", reps: 4, n: 1, of: 2 } : { text: "Press-up", reps: 2, n: 2, of: 2 },
        );
      }),
    );
    expect(stepText(at(0) as never)).toBe("Squat, 4");
  });
});
