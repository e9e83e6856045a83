import { describe, expect, test } from "vitest";
import { events } from "../testing/events";
import { devicesNow, isNews } from "./devices-now";
import { seenBy, seenByAll } from "./events";

describe("how well screens know the time", () => {
  const list = events(
    [0, "device", { person: "a", withinMs: 90, lateMs: 0 }],
    [1, "device", { person: "b", withinMs: 4, lateMs: 600 }],
    [2, "device", { person: "a", withinMs: 12, lateMs: 0 }],
  );

  test("is what each said last, and instructors' alone", () => {
    expect(Object.fromEntries(devicesNow(list))).toEqual({
      a: { withinMs: 12, lateMs: 0 },
      b: { withinMs: 4, lateMs: 600 },
    });
    expect(seenBy(list, "a")).toEqual([]);
    expect(seenByAll(list)).toEqual([]);
  });

  test("is said anew where it has changed much, or the call is later", () => {
    const at = (withinMs: number, lateMs = 0) => ({ withinMs, lateMs });
    expect(isNews(null, at(3))).toBe(true);
    expect(isNews(at(90), at(12))).toBe(true);
    expect(isNews(at(12), at(90))).toBe(true);
    expect(isNews(at(12), at(5))).toBe(false);
    expect(isNews(at(100), at(80))).toBe(false);
    expect(isNews(at(12), at(12, 400))).toBe(true);
  });
});
