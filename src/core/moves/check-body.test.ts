import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { excludes, LIMITS } from "../homes/limits";
import { Faults } from "../values/check-values";
import { bodyOf, loadsOf, usualBody } from "./body";
import { checkBody } from "./check-body";
import { checkNamedMove } from "./check-move";
import { LIBRARY } from "./library";
import { LOADS, POSITIONS } from "./move";

function faultsOf(value: unknown): readonly string[] {
  const faults = new Faults();
  checkBody(faults, "body", value);
  return faults.list.map(({ path }) => path);
}

describe("the body's facts", () => {
  test("of every move of the library are whole and of the closed lists, its own position first", () => {
    for (const { id, body, position } of LIBRARY) {
      expect(faultsOf(body), id).toEqual([]);
      expect(body?.passes[0], id).toBe(position);
    }
  });

  test("are refused by their place where one is left out or strange", () => {
    const body = usualBody("standing");
    expect(faultsOf({ ...body, knee: "bendy", onHands: 130, spine: ["bends", "sags"] })).toEqual([
      "body.onHands",
      "body.knee",
      "body.spine[1]",
    ]);
    const { face: _face, ...rest } = body;
    expect(faultsOf(rest)).toEqual(["body.face"]);
    expect(faultsOf("strong")).toEqual(["body"]);
    const faults = new Faults();
    checkNamedMove(faults, "move", { name: "Own", body: {} }, () => undefined);
    expect(faults.any).toBe(true);
  });

  test("told from a coach's words give these words back, and no limit fails on them", () => {
    // These hang on the dose, on landings or are told of holds alone.
    const others = ["straining", "long-hold", "jump"];
    fc.assert(
      fc.property(fc.constantFrom(...POSITIONS), fc.subarray([...LOADS]), (position, loads) => {
        const body = bodyOf({ position, loads });
        if (!body) throw new Error("a position is known");
        const told = loadsOf(body, false, 0);
        for (const load of loads.filter((one) => !others.includes(one))) {
          // On the back or seated, "one leg" is about which leg works.
          if (load === "single-leg" && body.feet === "none") expect(body.legs).toBe("one");
          else expect(told).toContain(load);
        }
        for (const limit of LIMITS) {
          const is = excludes(limit, { id: "own", name: "Own", repSeconds: 3, position, loads });
          expect(typeof is).toBe("boolean");
        }
      }),
    );
    expect(bodyOf({})).toBeNull();
    expect(bodyOf({ loads: [] })).toBeNull();
  });
});
