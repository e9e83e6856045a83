import { describe, expect, test } from "vitest";
import type { Slot } from "../class/document";
import { LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { classOf } from "../testing/classes";
import { sinceLast } from "./since-last";

/** What is said before each set of a slot. */
function said(slot: Partial<Slot>, rounds = 3) {
  const doc = classOf([
    { id: "b", title: "", rounds, longRest: 30, slots: [{ id: "s", move: "goblet-squat", ...slot }] },
  ]);
  const { segments } = scoreOf(doc, LIBRARY_BOOK);
  return segments
    .filter(({ kind }) => kind === "work")
    .map((piece) => sinceLast(doc, segments, piece, LIBRARY_BOOK));
}

describe("what has changed since the last set", () => {
  test("is nothing of the first, nor where all is as it was", () => {
    expect(said({ dose: { reps: 10 } })).toEqual([null, null, null]);
  });

  test("is the reps, the seconds or the tempo, where a set has its own", () => {
    expect(said({ dose: [{ reps: 12 }, { reps: 10 }, { reps: 10 }] })).toEqual([null, { reps: 10 }, null]);
    expect(said({ dose: [{ seconds: 30 }, { seconds: 40 }, { hold: 40 }] })).toEqual([
      null,
      { seconds: 40 },
      null,
    ]);
    expect(said({ dose: [{ reps: 8 }, { reps: 8, tempo: "3-0-1-0" }, { reps: 8 }] })).toEqual([
      null,
      { tempo: "3-0-1-0" },
      null,
    ]);
  });

  test("is the load, and whether it is heavier or lighter where it is said in the same way", () => {
    const loads = said({ dose: { reps: 8 }, load: [{ kg: 12 }, { kg: 14 }, { target: "light" }] });
    expect(loads).toEqual([
      null,
      { load: { now: { kg: 14 }, change: "heavier" } },
      { load: { now: { target: "light" }, change: null } },
    ]);
    const reserve = said({ dose: { reps: 8 }, load: [{ rir: 3 }, { rir: 1 }, { rir: 2 }] });
    expect(reserve.map((each) => each?.load?.change ?? null)).toEqual([null, "heavier", "lighter"]);
  });

  test("is the side of a move that swaps from set to set", () => {
    const sides = said({ move: "side-plank-knees", sides: "swap", dose: { hold: 20 } });
    expect(sides).toEqual([null, { side: "right" }, { side: "left" }]);
  });
});
