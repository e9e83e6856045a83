import { describe, expect, test } from "vitest";
import type { Need } from "../moves/move";
import type { KitItem } from "./kit";
import type { Use } from "./match";
import { countWord, needsText, needText, usesText } from "./need-words";

const kit: readonly KitItem[] = [
  { id: "d", type: "dumbbell", count: 2, kg: 6 },
  { id: "bp", type: "backpack", maxKg: 10 },
  { id: "bt", type: "bottle", count: 4, litres: 1.5 },
  { id: "t", type: "towel" },
  { id: "dr", type: "door", latches: true },
];
const use = (id: string, as: Use["as"], more: Partial<Use> = {}): Use =>
  ({ kit: id, as, count: 1, ...more }) as Use;

describe("needs in words", () => {
  test.each<[Need, string]>([
    [{ as: "hand-weight" } as Need, "a hand weight"],
    [{ as: "hand-weight", count: 2, kg: [2, 30] } as Need, "two equal hand weights of 2 kg or more"],
    [{ as: "support", bearsWeight: true, heightCm: [38, 55] } as Need, "a sturdy support, 38–55 cm high"],
    [{ as: "anchor", at: "high" } as Need, "a high anchor"],
  ])("%j", (need, text) => expect(needText(need)).toBe(text));

  test("are told with their alternatives, and as nothing where one of them is nothing", () => {
    const weight = { as: "hand-weight" } as Need;
    const wall = { as: "wall" } as Need;
    expect(needsText(undefined)).toBe("nothing");
    expect(needsText([])).toBe("nothing");
    expect(needsText([[weight], []])).toBe("nothing");
    expect(needsText([[weight, wall], [wall]])).toBe(
      `${needText(weight)} and ${needText(wall)}, or ${needText(wall)}`,
    );
  });

  test("count in words up to six", () => {
    expect([0, 1, 6, 7].map(countWord)).toEqual(["no", "one", "six", "7"]);
  });
});

describe("what is used, in words", () => {
  test("is each thing with its number and measure", () => {
    expect(usesText([], kit)).toBe("");
    expect(usesText([use("d", "hand-weight", { count: 2 })], kit)).toBe("2 dumbbells 6 kg");
    expect(usesText([use("t", "hand-weight"), use("dr", "anchor"), use("d", "hand-weight")], kit)).toBe(
      "towel, door and dumbbell 6 kg",
    );
  });

  test("of a backpack says what to pack into it; what isn't in the home any more is left out", () => {
    const packed = [use("bp", "hand-weight"), use("bt", "filling", { count: 3 })];
    expect(usesText(packed, kit)).toBe("backpack up to 10 kg (3 bottles 1.5 l)");
    expect(usesText([use("gone", "hand-weight")], kit)).toBe("");
  });
});
