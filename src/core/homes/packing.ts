/** Loads that are put together: plates on a bar, bottles in a backpack. */
import { type KitItem, kgRange, kitCount } from "./kit";
import type { Use } from "./match";

/** A weight that can be made, with the things that make it up besides the holder itself. */
export interface WeightOption {
  /** Kilograms of one thing as it is held, fillings included. */
  readonly kg: number;
  readonly filling: readonly Use[];
}

/** Sums are kept in whole grams, so that 0.1 + 0.2 is 0.3. */
const GRAMS = 1000;
/** More sums than anybody would weigh out are not looked for. */
const MOST_SUMS = 400;

interface Portion {
  readonly kit: string;
  readonly grams: number;
  readonly count: number;
}

interface Sum {
  readonly items: number;
  readonly uses: readonly Use[];
}

/** Every sum that these portions make up to `most` grams, with the fewest items (ties: the earlier portion). */
function sumsOf(portions: readonly Portion[], most: number): Map<number, Sum> {
  let sums = new Map<number, Sum>([[0, { items: 0, uses: [] }]]);
  for (const { kit, grams, count } of portions) {
    const next = new Map(sums);
    for (const [sum, made] of sums) {
      for (let n = 1; n <= count && sum + n * grams <= most && next.size < MOST_SUMS; n += 1) {
        const total = sum + n * grams;
        const items = made.items + n;
        const known = next.get(total);
        if (known && known.items <= items) continue;
        next.set(total, { items, uses: [...made.uses, { kit, count: n, as: "filling" }] });
      }
    }
    sums = next;
  }
  return sums;
}

function portionsOf(kit: readonly KitItem[], types: readonly string[], perSide: boolean): Portion[] {
  return kit
    .filter((item) => types.includes(item.type))
    .map((item) => ({
      kit: item.id,
      grams: Math.round((kgRange(item)?.[0] ?? 0) * GRAMS),
      count: perSide ? Math.floor(kitCount(item) / 2) : kitCount(item),
    }))
    .filter((portion) => portion.grams > 0 && portion.count > 0);
}

/**
 * Weights of a backpack: every sum of bottles, tins, jugs and plates of this home that it can hold,
 * and whole kilograms between them, filled with whatever weighs about right. Lightest first.
 */
export function backpackWeights(bag: KitItem, kit: readonly KitItem[]): readonly WeightOption[] {
  const most = Math.round((bag.maxKg ?? 0) * GRAMS);
  const sums = sumsOf(portionsOf(kit, ["bottle", "tin", "jug", "plate"], false), most);
  const options = [...sums]
    .filter(([grams]) => grams > 0)
    .map(([grams, { uses }]) => ({ kg: grams / GRAMS, filling: uses }));
  for (let grams = GRAMS; grams <= most; grams += GRAMS) {
    if (!sums.has(grams)) options.push({ kg: grams / GRAMS, filling: [] });
  }
  return options.sort((a, b) => a.kg - b.kg);
}

/** Weights of a barbell: the bar with the same plates on both sides. Lightest first. */
export function barbellWeights(bar: KitItem, kit: readonly KitItem[]): readonly WeightOption[] {
  const own = Math.round((bar.kg ?? 0) * GRAMS);
  const sums = sumsOf(portionsOf(kit, ["plate"], true), 500 * GRAMS);
  return [...sums]
    .map(([side, { uses }]) => ({
      kg: (own + 2 * side) / GRAMS,
      filling: uses.map((use) => ({ ...use, count: use.count * 2 })),
    }))
    .sort((a, b) => a.kg - b.kg);
}

/** Weights of an adjustable one, step by step. */
export function adjustableWeights(item: KitItem): readonly WeightOption[] {
  const { minKg, maxKg } = item;
  if (minKg === undefined || maxKg === undefined) return [];
  const step = item.stepKg && item.stepKg > 0 ? item.stepKg : null;
  if (step === null) return (minKg === maxKg ? [minKg] : [minKg, maxKg]).map((kg) => ({ kg, filling: [] }));
  const count = Math.min(MOST_SUMS, Math.floor((maxKg - minKg) / step + 1e-9));
  return Array.from({ length: count + 1 }, (_, i) => ({
    kg: Math.round((minKg + i * step) * GRAMS) / GRAMS,
    filling: [],
  }));
}
