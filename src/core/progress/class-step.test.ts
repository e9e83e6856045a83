import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { Block, ClassDoc } from "../class/document";
import { applyEdit } from "../class/edits";
import { classStep, READY_SHARE } from "./class-step";
import type { Proposal } from "./proposal";

const doc = (block: Partial<Block>, stance: ClassDoc["stance"] = "strength"): ClassDoc => ({
  format: "brontle.class",
  version: 1,
  title: "Quay",
  stance,
  blocks: [
    {
      id: "b",
      title: "Legs",
      rounds: 3,
      rest: 60,
      slots: [{ id: "s", move: "goblet-squat", dose: { reps: 10 } }],
      ...block,
    },
  ],
});
const proposal = (move: string, why: Proposal["why"]): Proposal => ({
  move,
  why,
  step: { do: "same" },
  evidence: [],
});
const room = (ready: number, others: number, move = "goblet-squat") =>
  Array.from({ length: ready + others }, (_, i) => ({
    person: `p${i}`,
    proposals: [proposal(move, i < ready ? "ready" : "not-yet")],
  }));
const blockAfter = (of: ClassDoc, made: ReturnType<typeof classStep>) => {
  const next = made && applyEdit(of, made.edit);
  return next?.ok ? next.value.blocks[0] : null;
};

describe("a class's own step", () => {
  test("is another round of reps, which the others don't do", () => {
    const made = classStep(doc({}), room(4, 2));
    expect(made).toMatchObject({ kind: "another-round", block: "b", ready: ["p0", "p1", "p2", "p3"] });
    expect(made?.others).toEqual([
      { person: "p4", keeps: [{ move: "goblet-squat", step: { do: "keep", rounds: 3 } }] },
      { person: "p5", keeps: [{ move: "goblet-squat", step: { do: "keep", rounds: 3 } }] },
    ]);
    expect(blockAfter(doc({}), made)?.rounds).toBe(4);
  });

  test("is a longer hold, or less rest where the stance lets it shrink", () => {
    const holds = doc({ slots: [{ id: "s", move: "plank", dose: { hold: 30 } }] });
    const longer = classStep(holds, room(3, 1, "plank"));
    expect(longer?.kind).toBe("longer-hold");
    expect(blockAfter(holds, longer)?.slots?.[0]?.dose).toEqual({ hold: 35 });
    expect(longer?.others[0]?.keeps).toEqual([{ move: "plank", step: { do: "keep", seconds: 30 } }]);
    const timed = doc({ rest: 30, slots: [{ id: "s", move: "plank", dose: { seconds: 40 } }] }, "density");
    const rest = classStep(timed, room(3, 0, "plank"));
    expect(rest?.kind).toBe("less-rest");
    expect(blockAfter(timed, rest)?.rest).toBe(25);
  });

  test("isn't taken by one or two, by fewer than two thirds, in a warm-up, or where nothing may grow", () => {
    expect(classStep(doc({}), room(2, 0))).toBeNull();
    expect(classStep(doc({}), room(3, 2))).toBeNull();
    expect(classStep(doc({ role: "warmup" }), room(5, 0))).toBeNull();
    expect(classStep(doc({ rounds: 5 }), room(5, 0))).toBeNull();
    expect(classStep(doc({ locked: ["rounds"] }), room(5, 0))).toBeNull();
    // Moves of another class say nothing of this one.
    expect(classStep(doc({}), room(5, 0, "plank"))).toBeNull();
  });

  test("is there just where two thirds of those who did it are ready", () => {
    fc.assert(
      fc.property(fc.nat(20), fc.nat(20), (ready, others) => {
        const made = classStep(doc({}), room(ready, others));
        const enough = ready + others >= 3 && ready * 3 >= (ready + others) * 3 * READY_SHARE - 1e-6;
        expect(made !== null).toBe(enough);
        if (made) expect(made.ready.length + made.others.length).toBe(ready + others);
      }),
    );
  });
});
