import fc from "fast-check";
import { expect, test } from "vitest";
import { LOAD_TARGETS, type Load, type Slot } from "../class/document";
import { loadTyped, typedLoad } from "./typed-load";

const read = (text: string) => {
  const typed = typedLoad(text);
  return typed.ok ? typed.load : "no";
};

test("a load is typed in words, kilograms, reserve, RPE, and set by set", () => {
  expect(read("heavy")).toEqual({ target: "heavy" });
  expect(read("None")).toEqual({ target: "none" });
  expect(read(" 12.5 kg")).toEqual({ kg: 12.5 });
  expect(read("2 RIR")).toEqual({ rir: 2 });
  expect(read("2 in reserve")).toEqual({ rir: 2 });
  expect(read("RPE 8.5")).toEqual({ rpe: 8.5 });
  expect(read("12/14/16 kg")).toEqual([{ kg: 12 }, { kg: 14 }, { kg: 16 }]);
  expect(read("light / medium/heavy")).toEqual([
    { target: "light" },
    { target: "medium" },
    { target: "heavy" },
  ]);
  expect(read("3/2/1 in reserve")).toEqual([{ rir: 3 }, { rir: 2 }, { rir: 1 }]);
  for (const nothing of ["", "—", " - "]) expect(read(nothing)).toBeUndefined();
  for (const wrong of ["a lot", "12", "12 kg heavy", "heavy/", "12/x kg"]) expect(read(wrong)).toBe("no");
});

test("what is shown of a load is read as that load", () => {
  const load: fc.Arbitrary<Load> = fc.oneof(
    fc.constantFrom(...LOAD_TARGETS).map((target) => ({ target })),
    fc.integer({ min: 1, max: 160 }).map((n) => ({ kg: n / 4 })),
    fc.integer({ min: 0, max: 10 }).map((rir) => ({ rir })),
    fc.integer({ min: 2, max: 20 }).map((n) => ({ rpe: n / 2 })),
  );
  const any: fc.Arbitrary<Slot["load"]> = fc.oneof(load, fc.array(load, { minLength: 2, maxLength: 5 }));
  fc.assert(
    fc.property(any, (own) => {
      expect(read(loadTyped(own))).toEqual(own);
    }),
  );
});
