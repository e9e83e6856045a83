import { describe, expect, test } from "vitest";
import { heightCmOf, type KitItem, kgRange, kitCount } from "./kit";

const item = (more: Partial<KitItem> & Pick<KitItem, "type">): KitItem => ({ id: "k", ...more });

describe("kit", () => {
  test("counts as one where nothing is said", () => {
    expect(kitCount(item({ type: "towel" }))).toBe(1);
  });

  test.each<[Partial<KitItem> & Pick<KitItem, "type">, readonly [number, number] | null]>([
    [{ type: "kettlebell", kg: 8 }, [8, 8]],
    [{ type: "kettlebell" }, null],
    [{ type: "adjustable-dumbbell", minKg: 2, maxKg: 20 }, [2, 20]],
    [{ type: "adjustable-dumbbell", minKg: 2 }, null],
    [{ type: "bottle", litres: 1.5 }, [1.5, 1.5]],
    [{ type: "bottle" }, null],
    [{ type: "tin", grams: 400 }, [0.4, 0.4]],
    [{ type: "tin" }, null],
    [{ type: "backpack", maxKg: 12 }, [0, 12]],
    [{ type: "backpack" }, null],
    [{ type: "chair" }, null],
  ])("%j weighs what it says", (line, range) => expect(kgRange(item(line))).toEqual(range));

  test("stands as high as was measured, else as such things do", () => {
    expect(heightCmOf(item({ type: "chair", heightCm: 51 }))).toBe(51);
    expect(heightCmOf(item({ type: "chair" }))).toBe(45);
    expect(heightCmOf(item({ type: "towel" }))).toBeNull();
  });
});
