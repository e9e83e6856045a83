import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { WAYS_ON } from "../homes/goals";
import { type Decision, goalsOf, isDecided, takenIn, VERDICTS } from "./decisions";
import type { Step } from "./proposal";

const made = (step: Step, more: Partial<Decision> = {}): Decision => ({
  move: "goblet-squat",
  step,
  verdict: "accepted",
  day: "2026-11-27",
  evidence: "2026-11-24",
  ...more,
});

describe("what was decided", () => {
  test("is a goal, step by step, until the weight changes", () => {
    const list = [
      made({ do: "reps", from: 12, to: 13 }, { day: "2026-11-01" }),
      made({ do: "slower" }, { day: "2026-11-08" }),
      made({ do: "pause" }, { day: "2026-11-15" }),
    ];
    expect(goalsOf(list)).toEqual({
      "goblet-squat": { since: "2026-11-15", reps: 13, on: ["slower", "pause"] },
    });
    expect(takenIn(goalsOf(list), "goblet-squat")).toEqual(["slower", "pause"]);
    const heavier = [...list, made({ do: "weight", fromKg: 12, toKg: 14 })];
    expect(goalsOf(heavier)).toEqual({ "goblet-squat": { since: "2026-11-27", kg: 14 } });
    expect(takenIn(goalsOf(heavier), "goblet-squat")).toEqual([]);
    expect(goalsOf([...heavier, made({ do: "move", to: "front-squat", way: "harder" })])).toEqual({
      "goblet-squat": { since: "2026-11-27", move: "front-squat" },
    });
  });

  test("is nothing where it was dismissed, is to be asked about or stays", () => {
    expect(goalsOf([made({ do: "weight", fromKg: 12, toKg: 14 }, { verdict: "dismissed" })])).toEqual({});
    expect(goalsOf([made({ do: "ask" }), made({ do: "same" })])).toEqual({});
  });

  test("isn't asked again until something was confirmed since", () => {
    const proposal = { move: "goblet-squat", step: { do: "slower" }, why: "ready" } as const;
    const evidence = (day: string) => [{ day }] as never;
    expect(isDecided({ ...proposal, evidence: evidence("2026-11-24") }, [made({ do: "slower" })])).toBe(true);
    expect(isDecided({ ...proposal, evidence: evidence("2026-11-28") }, [made({ do: "slower" })])).toBe(
      false,
    );
    expect(isDecided({ ...proposal, evidence: evidence("2026-11-24") }, [])).toBe(false);
  });

  test("of one move says nothing of another, whatever was decided and in whatever order of moves", () => {
    const arbStep: fc.Arbitrary<Step> = fc.oneof(
      fc.constantFrom(...WAYS_ON).map((way) => ({ do: way }) as Step),
      fc.record({ do: fc.constant("weight" as const), fromKg: fc.nat(20), toKg: fc.nat(20) }),
      fc.record({ do: fc.constant("reps" as const), from: fc.nat(20), to: fc.integer({ min: 1, max: 20 }) }),
      fc.record({ do: fc.constant("hold" as const), from: fc.nat(60), to: fc.integer({ min: 5, max: 60 }) }),
      fc.constantFrom<Step>({ do: "same" }, { do: "ask" }),
    );
    const arb = fc.array(
      fc.record({
        move: fc.constantFrom("a", "b", "c"),
        step: arbStep,
        verdict: fc.constantFrom(...VERDICTS),
        day: fc.integer({ min: 10, max: 28 }).map((day) => `2026-11-${day}`),
        evidence: fc.constant("2026-11-01"),
      }),
    );
    fc.assert(
      fc.property(arb, (all) => {
        const goals = goalsOf(all);
        for (const move of ["a", "b", "c"]) {
          const own = all.filter((each) => each.move === move);
          expect(goalsOf(own)[move]).toEqual(goals[move]);
          expect(new Set(takenIn(goals, move)).size).toBe(takenIn(goals, move).length);
          if (own.every(({ verdict }) => verdict === "dismissed")) expect(goals[move]).toBeUndefined();
        }
      }),
    );
  });
});
