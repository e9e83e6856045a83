import { describe, expect, test } from "vitest";
import { heightCmOf, KIT_TYPES, type KitItem, kgRange, kitCount, kitName, kitText } from "./kit";

const item = (more: Partial<KitItem> & Pick<KitItem, "type">): KitItem => ({ id: "k", ...more });

describe("kit", () => {
  test("of every type has a name for one and for several", () => {
    for (const type of KIT_TYPES) {
      expect(kitName(type)).not.toBe("");
      expect(kitName(type, 2)).not.toBe(kitName(type));
    }
  });

  test.each<[Partial<KitItem> & Pick<KitItem, "type">, string]>([
    [{ type: "dumbbell", count: 2, kg: 6 }, "2 dumbbells 6 kg"],
    [{ type: "adjustable-dumbbell", minKg: 2, maxKg: 20 }, "adjustable dumbbell 2 kg–20 kg"],
    [{ type: "tube-band", tension: "medium" }, "tube band (medium)"],
    [{ type: "bottle", count: 4, litres: 1.5 }, "4 bottles 1.5 l"],
    [{ type: "tin", count: 2, grams: 400 }, "2 tins 400 g"],
    [{ type: "backpack", maxKg: 10 }, "backpack up to 10 kg"],
    [{ type: "step", heightCm: 20 }, "step 20 cm"],
    [{ type: "wall" }, "clear wall"],
  ])("%j is told", (line, text) => expect(kitText(item(line))).toBe(text));

  test("is told as many as are used, and in the person's own units", () => {
    expect(kitText(item({ type: "dumbbell", count: 2, kg: 6 }), 1)).toBe("dumbbell 6 kg");
    expect(kitText(item({ type: "kettlebell", kg: 10 }), 1, "lb")).toMatch(/^kettlebell 22(\.\d)? lb$/);
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
