import { describe, expect, test } from "vitest";
import { KIT_TYPES, type KitItem } from "../core/homes/kit";
import type { Use } from "../core/homes/match";
import type { Need } from "../core/moves/move";
import { kitName, kitText } from "./kit-words";
import { wordsIn } from "./languages";
import { needName, needsText, needText } from "./need-words";
import { usesText } from "./part-words";

const words = wordsIn("en");
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
  ])("%j", (need, text) => expect(needText(need, words)).toBe(text));

  test("are told with their alternatives, and as nothing where one of them is nothing", () => {
    const weight = { as: "hand-weight" } as Need;
    const wall = { as: "wall" } as Need;
    expect(needsText(undefined, words)).toBe("nothing");
    expect(needsText([], words)).toBe("nothing");
    expect(needsText([[weight], []], words)).toBe("nothing");
    expect(needsText([[weight, wall], [wall]], words)).toBe(
      `${needText(weight, words)} and ${needText(wall, words)}, or ${needText(wall, words)}`,
    );
  });

  test("count in words up to six", () => {
    expect([0, 1, 6, 7].map((n) => words.phrase("quantity", "few", { n }))).toEqual([
      "no",
      "one",
      "six",
      "7",
    ]);
  });
});

describe("what is used, in words", () => {
  test("is each thing with its number and measure", () => {
    expect(usesText([], { kit }, words)).toBe("");
    expect(usesText([use("d", "hand-weight", { count: 2 })], { kit }, words)).toBe("2 dumbbells 6 kg");
    expect(
      usesText([use("t", "hand-weight"), use("dr", "anchor"), use("d", "hand-weight")], { kit }, words),
    ).toBe("towel, door and dumbbell 6 kg");
  });

  test("of a backpack says what to pack into it; what isn't in the home any more is left out", () => {
    const packed = [use("bp", "hand-weight"), use("bt", "filling", { count: 3 })];
    expect(usesText(packed, { kit }, words)).toBe("backpack up to 10 kg (3 bottles 1.5 l)");
    expect(usesText([use("gone", "hand-weight")], { kit }, words)).toBe("");
  });
});

describe("what lacks, and what is held, in words", () => {
  test("stands without an article where a sentence says that there is none of it", () => {
    const bare = (need: Need) => needText(need, words, true);
    expect(bare({ as: "hand-weight" })).toBe("hand weight");
    expect(bare({ as: "anchor", at: "low" })).toBe("low anchor");
    expect(bare({ as: "hand-weight", count: 2, equal: true })).toBe("two equal hand weights");
    expect(needName({ as: "support", bearsWeight: true, heightCm: [38, 55] }, words)).toBe(
      "a sturdy support",
    );
  });
});

describe("kit in words", () => {
  const item = (more: Partial<KitItem> & Pick<KitItem, "type">): KitItem => ({ id: "k", ...more });

  test("of every type has a name for one and for several", () => {
    for (const type of KIT_TYPES) {
      expect(kitName(type, 1, words)).not.toBe("");
      expect(kitName(type, 2, words)).not.toBe(kitName(type, 1, words));
    }
    const names = KIT_TYPES.flatMap((type) => [1, 2].map((count) => kitName(type, count, words)));
    expect(new Set(names).size).toBe(names.length);
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
  ])("%j is told", (line, text) => expect(kitText(item(line), words)).toBe(text));

  test("is told as many as are used, and in the person's own units", () => {
    expect(kitText(item({ type: "dumbbell", count: 2, kg: 6 }), words, "kg", 1)).toBe("dumbbell 6 kg");
    expect(kitText(item({ type: "kettlebell", kg: 10 }), words, "lb", 1)).toMatch(
      /^kettlebell 22(\.\d)? lb$/,
    );
  });
});
