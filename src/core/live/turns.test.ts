import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { Dose } from "../class/document";
import { LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { classOf } from "../testing/classes";
import { CUE_KINDS, cuesBetween } from "./cues";
import type { ClockState } from "./fold";
import { liveScore } from "./live-score";

const scoreWith = (dose: Dose) => {
  const doc = classOf([{ id: "b", title: "", slots: [{ id: "s", move: "bodyweight-squat", dose }] }]);
  return liveScore(doc, scoreOf(doc, LIBRARY_BOOK), LIBRARY_BOOK);
};
const turnsOf = (dose: Dose) => {
  const score = scoreWith(dose);
  const at = score.segments.findIndex(({ kind }) => kind === "work");
  return score.turns[at];
};
const SQUAT = LIBRARY_BOOK.get("bodyweight-squat")?.repSeconds as number;
const PRESS = LIBRARY_BOOK.get("press-up")?.repSeconds as number;

describe("what changes within a piece", () => {
  test("the next of several moves comes by the rep times, over and over, and not at the very end", () => {
    const sequence = [
      { move: "bodyweight-squat", reps: 4 },
      { move: "press-up", reps: 2 },
    ];
    const [a, b] = [4 * SQUAT * 1000, 2 * PRESS * 1000];
    const told = turnsOf({ sequence, seconds: 40 })?.map(({ afterMs }) => afterMs);
    const expected: number[] = [];
    for (let at = a, i = 1; at <= 38_500; i += 1) {
      expected.push(at);
      at += i % 2 === 1 ? b : a;
    }
    expect(told).toEqual(expected);
    expect(turnsOf({ sequence })).toEqual([{ kind: "turn", afterMs: a }]);
  });

  test("pulses, or a hold, after the last rep are told when they begin", () => {
    const length = 10 * SQUAT + 8;
    expect(turnsOf({ reps: 10, then: { pulses: 8 } })).toEqual([
      { kind: "then", afterMs: (Math.ceil(length) - 8) * 1000 },
    ]);
    expect(turnsOf({ reps: 10 })).toEqual([]);
    expect(turnsOf({ seconds: 40 })).toEqual([]);
  });

  test("sound within their piece, and not past where it was cut", () => {
    expect(CUE_KINDS).toContain("turn");
    const score = scoreWith({
      sequence: [
        { move: "bodyweight-squat", reps: 3 },
        { move: "press-up", reps: 3 },
      ],
      seconds: 60,
    });
    const index = score.segments.findIndex(({ kind }) => kind === "work");
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 60 }), (seconds) => {
        const state = {
          phase: "running",
          index,
          intoMs: 0,
          lengthMs: seconds * 1000,
          lengths: score.lengths,
        } as unknown as ClockState;
        const turns = cuesBetween(score, state, 0, 0, 60_000).filter(({ kind }) => kind === "turn");
        expect(turns.map(({ atMs }) => atMs)).toEqual(
          score.turns[index]?.map(({ afterMs }) => afterMs).filter((ms) => ms < seconds * 1000),
        );
      }),
    );
  });
});
