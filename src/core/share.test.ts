import fc from "fast-check";
import { expect, test } from "vitest";
import { share } from "./share";
import { arbClass } from "./testing/arbitraries";

test("what says the same becomes the same, and nothing else is said", () => {
  fc.assert(
    fc.property(arbClass, arbClass, (a, b) => {
      expect(share(a, structuredClone(a))).toBe(a);
      expect(share(a, b)).toEqual(b);
    }),
    { numRuns: 60 },
  );
});

test("one change leaves all the rest as it was", () => {
  const before = {
    blocks: [
      { id: "a", n: [1, 2] },
      { id: "b", n: [3] },
    ],
  };
  const after = share(
    before,
    structuredClone({
      blocks: [
        { id: "b", n: [4] },
        { id: "a", n: [1, 2] },
      ],
    }),
  );
  expect(after.blocks[1]).toBe(before.blocks[0]);
  expect(after).toEqual({
    blocks: [
      { id: "b", n: [4] },
      { id: "a", n: [1, 2] },
    ],
  });
});
