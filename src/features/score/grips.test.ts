/** How large the score is drawn, and what lies under the pointer on it. */
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { scoreOf } from "@/core/score/score";
import { classOf } from "@/core/testing/classes";
import { slotFaces } from "@/drawing/faces";
import { LEAST_ROW, MOST_ROW, measuresFor, placeOf, ROW_MINUTES, secondAt } from "@/drawing/measures";
import { topAt } from "@/drawing/shapes";
import { gripAt } from "./grips";

describe("the measures of a score", () => {
  const arbBox = fc.record({
    width: fc.integer({ min: 200, max: 2400 }),
    height: fc.integer({ min: 0, max: 1500 }),
  });
  const arbSeconds = fc.integer({ min: 0, max: 20_000 });
  const arbMinutes = fc.constantFrom(...ROW_MINUTES);

  test("rows fill the room as far as they may, and every lane has its place", () => {
    fc.assert(
      fc.property(arbBox, arbSeconds, arbMinutes, (box, total, minutes) => {
        const { row, rows, m } = measuresFor(box, total, minutes * 60);
        expect(row).toBeGreaterThanOrEqual(LEAST_ROW);
        expect(row).toBeLessThanOrEqual(MOST_ROW);
        expect(rows * minutes * 60).toBeGreaterThanOrEqual(total);
        if (row > LEAST_ROW) expect(row * rows).toBeLessThanOrEqual(box.height);
        if (row < MOST_ROW) expect((row + 1) * rows).toBeGreaterThan(box.height);
        // A bar of full effort, its label and the title over it; what is short under the line.
        expect(m.baseline - m.fullBar).toBe(24);
        expect(row - m.baseline).toBe(13);
        expect(m.fullBar).toBeGreaterThan(10);
      }),
    );
  });

  test("a second is found where it is drawn", () => {
    fc.assert(
      fc.property(arbBox, arbSeconds, arbMinutes, (box, second, minutes) => {
        const at = measuresFor(box, second + 1, minutes * 60);
        const { x, top } = placeOf(at, second);
        expect(secondAt(at, x + 1e-6, top + 1)).toBeCloseTo(second, 3);
        expect(secondAt(at, 3, top)).toBeNull();
      }),
    );
  });
});

describe("what lies under the pointer", () => {
  const doc = classOf([
    {
      id: "b",
      title: "Main",
      rounds: 2,
      rest: 20,
      slots: [
        { id: "a", move: "goblet-squat", dose: { seconds: 40 } },
        { id: "c", move: "high-knees", dose: { ladder: { from: 1, to: 4 } } },
      ],
    },
  ]);
  const score = scoreOf(doc, LIBRARY_BOOK);
  const at = measuresFor({ width: 944, height: 200 }, score.seconds.plan, 300);
  const faces = slotFaces(doc);
  const grip = (second: number, y: number, selectedSlot: string | null = null) =>
    gripAt(placeOf(at, second).x, y, { doc, score, faces, selectedSlot, book: LIBRARY_BOOK }, at);
  const { baseline } = at.m;

  test("is an end beside it on both sides, of a rest too; of a ladder there is none", () => {
    expect(grip(39.5, baseline - 3)).toEqual({ kind: "edge", index: 0 });
    expect(grip(40.5, baseline - 3)).toEqual({ kind: "edge", index: 0 });
    expect(grip(59.5, baseline - 3)).toEqual({ kind: "edge", index: 1 });
    expect(grip(20, baseline - 3)).toEqual({ kind: "plain" });
    const ladder = score.segments.findIndex(({ slot, kind }) => slot === "c" && kind === "work");
    const end = score.segments[ladder]?.end ?? 0;
    expect(grip(end - 0.5, baseline - 3)).toEqual({ kind: "plain" });
  });

  test("is a title over it, and of what is chosen the top and the bar", () => {
    expect(grip(20, 5)).toEqual({ kind: "title", block: "b" });
    const first = score.segments[0];
    const top = first ? topAt(first, faces.get("a")?.effort ?? 0, 0.5, at.m) : 0;
    expect(grip(20, top, "a")).toEqual({ kind: "top", slot: "a" });
    expect(grip(20, baseline - 2, "a")).toEqual({ kind: "carry", slot: "a" });
    expect(grip(20, top - 9, "a")).toEqual({ kind: "plain" });
    expect(grip(20, baseline - 2, "c")).toEqual({ kind: "plain" });
  });
});
