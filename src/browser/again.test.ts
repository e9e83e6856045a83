import { expect, test } from "vitest";
import { againAfterMs } from "./again";

test("tries come less and less often, and never stop coming", () => {
  expect([1, 2, 3, 4, 5, 6].map(againAfterMs)).toEqual([1500, 3000, 6000, 12_000, 24_000, 30_000]);
  expect(againAfterMs(10_000)).toBe(30_000);
  expect(againAfterMs(0)).toBe(1500);
});
