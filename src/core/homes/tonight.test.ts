import fc from "fast-check";
import { expect, test } from "vitest";
import { MARKS, type Person, usualMark, wantedMark } from "./home";
import { LIMITS } from "./limits";
import { type Tonight, withTonight } from "./tonight";

const person: Person = {
  id: "p",
  name: "Pia",
  mark: "natural",
  marks: { squat: "sharp" },
  limits: ["no-jumping"],
  kit: [
    { id: "a", type: "towel" },
    { id: "b", type: "chair" },
  ],
};

const arbTonight: fc.Arbitrary<Tonight> = fc.record(
  {
    limits: fc.subarray([...LIMITS]),
    without: fc.subarray(["a", "b", "not there"]),
    mark: fc.constantFrom(...MARKS),
  },
  { requiredKeys: [] },
);

test("what is said for tonight only takes away, never gives, and holds in every pattern", () => {
  fc.assert(
    fc.property(arbTonight, (tonight) => {
      const then = withTonight(person, tonight);
      expect(then.limits).toEqual(expect.arrayContaining(["no-jumping", ...(tonight.limits ?? [])]));
      expect(new Set(then.limits).size).toBe(then.limits?.length);
      const left = (then.kit ?? []).map((item) => item.id);
      expect(left).toEqual(["a", "b"].filter((id) => !tonight.without?.includes(id)));
      expect(wantedMark(then, "squat")).toBe(tonight.mark ?? "sharp");
      // What somebody is believed to lift hangs on what they usually do.
      expect(usualMark(then, "squat")).toBe("sharp");
      expect(usualMark(then, "hinge")).toBe("natural");
      expect(then.name).toBe("Pia");
    }),
  );
});

test("nothing said is the person as they are; a home that wasn't said stays unsaid", () => {
  expect(withTonight(person, null)).toBe(person);
  expect(withTonight({ id: "q", name: "Q" }, { without: ["a"], limits: [] })).toEqual({ id: "q", name: "Q" });
});
