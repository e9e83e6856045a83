import fc from "fast-check";
import { expect, test } from "vitest";
import { isSame, keepSame } from "./same";

test("what is written alike keeps its reference, and nothing else changes", () => {
  const entry = fc.record({ a: fc.nat(3), b: fc.array(fc.nat(2), { maxLength: 2 }) });
  fc.assert(
    fc.property(fc.array(entry, { maxLength: 6 }), fc.array(entry, { maxLength: 6 }), (before, now) => {
      const kept = keepSame(before, now);
      expect(kept).toEqual(now);
      kept.forEach((each, i) => {
        expect(each === before[i]).toBe(isSame(before[i], now[i]));
      });
      expect(kept === before).toBe(isSame(before, now));
    }),
  );
});
