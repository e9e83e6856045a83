/** What people have at home: types, measures, and what each thing can do for a move. */
import type { Tension } from "../moves/move";
import { type MassUnits, massText } from "../units";

export const KIT_TYPES = [
  "dumbbell",
  "adjustable-dumbbell",
  "kettlebell",
  "barbell",
  "plate",
  "tube-band",
  "loop-band",
  "mini-band",
  "strap-trainer",
  "door-anchor",
  "overhead-bar",
  "bench",
  "step",
  "ball",
  "roller",
  "slider",
  "mat",
  "broomstick",
  "ankle-strap",
  "chair",
  "sofa",
  "table",
  "counter",
  "wall",
  "door",
  "towel",
  "backpack",
  "bottle",
  "tin",
  "jug",
  "books",
] as const;
export type KitType = (typeof KIT_TYPES)[number];

/** One line of a home's kit: a type, how many, and the measures that matter for it. */
export interface KitItem {
  readonly id: string;
  readonly type: KitType;
  /** 1 where left out. */
  readonly count?: number;
  /** Each one, not the sum. */
  readonly kg?: number;
  readonly minKg?: number;
  readonly maxKg?: number;
  readonly stepKg?: number;
  readonly changeSeconds?: number;
  readonly tension?: Tension;
  readonly fullStretchKg?: number;
  readonly handles?: boolean;
  readonly heightCm?: number;
  readonly litres?: number;
  readonly grams?: number;
  /** Furniture bears body weight only where this is stated. */
  readonly sturdy?: boolean;
  /** A door anchors or is leaned on only where it latches. */
  readonly latches?: boolean;
  /** Seen from where the person stands: `away` shuts when pulled. */
  readonly opens?: "away" | "towards";
}

/** Items of this line. */
export function kitCount(item: KitItem): number {
  return item.count ?? 1;
}

const NAMES: Record<KitType, readonly [one: string, many: string]> = {
  dumbbell: ["dumbbell", "dumbbells"],
  "adjustable-dumbbell": ["adjustable dumbbell", "adjustable dumbbells"],
  kettlebell: ["kettlebell", "kettlebells"],
  barbell: ["barbell", "barbells"],
  plate: ["plate", "plates"],
  "tube-band": ["tube band", "tube bands"],
  "loop-band": ["long loop band", "long loop bands"],
  "mini-band": ["mini band", "mini bands"],
  "strap-trainer": ["suspension strap", "suspension straps"],
  "door-anchor": ["door anchor", "door anchors"],
  "overhead-bar": ["overhead bar", "overhead bars"],
  bench: ["bench", "benches"],
  step: ["step", "steps"],
  ball: ["stability ball", "stability balls"],
  roller: ["roller", "rollers"],
  slider: ["slider", "sliders"],
  mat: ["mat", "mats"],
  broomstick: ["broomstick", "broomsticks"],
  "ankle-strap": ["ankle strap", "ankle straps"],
  chair: ["chair", "chairs"],
  sofa: ["sofa", "sofas"],
  table: ["table", "tables"],
  counter: ["counter", "counters"],
  wall: ["clear wall", "clear walls"],
  door: ["door", "doors"],
  towel: ["towel", "towels"],
  backpack: ["backpack", "backpacks"],
  bottle: ["bottle", "bottles"],
  tin: ["tin", "tins"],
  jug: ["jug", "jugs"],
  books: ["stack of books", "stacks of books"],
};

/** `two dumbbells of 6 kg`'s middle: the type's name for this many. */
export function kitName(type: KitType, count = 1): string {
  return NAMES[type][count === 1 ? 0 : 1];
}

/** A kit line in words: `2 dumbbells 6 kg`, `tube band, medium`, `4 bottles 1.5 l`. */
export function kitText(item: KitItem, count = kitCount(item), units: MassUnits = "kg"): string {
  const name = count === 1 ? kitName(item.type) : `${count} ${kitName(item.type, count)}`;
  const measure = measureText(item, units);
  return measure === null ? name : `${name} ${measure}`;
}

function measureText(item: KitItem, units: MassUnits): string | null {
  if (item.litres !== undefined) return `${item.litres} l`;
  if (item.grams !== undefined) return `${item.grams} g`;
  if (item.kg !== undefined) return massText(item.kg, units);
  if (item.minKg !== undefined && item.maxKg !== undefined) {
    return `${massText(item.minKg, units)}–${massText(item.maxKg, units)}`;
  }
  if (item.type === "backpack" && item.maxKg !== undefined) return `up to ${massText(item.maxKg, units)}`;
  if (item.tension !== undefined) return `(${item.tension})`;
  if (item.heightCm !== undefined) return `${item.heightCm} cm`;
  return null;
}

/** Kilograms of one item as it would be held, or null where it has no weight of its own. Water weighs 1 kg a litre. */
export function kgRange(item: KitItem): readonly [number, number] | null {
  switch (item.type) {
    case "dumbbell":
    case "kettlebell":
    case "plate":
    case "barbell":
    case "jug":
      return item.kg === undefined ? null : [item.kg, item.kg];
    case "adjustable-dumbbell":
      return item.minKg === undefined || item.maxKg === undefined ? null : [item.minKg, item.maxKg];
    case "bottle":
      return item.litres === undefined ? null : [item.litres, item.litres];
    case "tin":
      return item.grams === undefined ? null : [item.grams / 1000, item.grams / 1000];
    case "backpack":
      return item.maxKg === undefined ? null : [0, item.maxKg];
    default:
      return null;
  }
}

/** Usual heights of furniture where nobody measured, cm from the floor. */
const USUAL_HEIGHT_CM: Partial<Record<KitType, number>> = {
  chair: 45,
  sofa: 42,
  bench: 43,
  step: 20,
  table: 74,
  counter: 90,
};

/** How high a thing stands, measured or usual; null for things that aren't stood at. */
export function heightCmOf(item: KitItem): number | null {
  return item.heightCm ?? USUAL_HEIGHT_CM[item.type] ?? null;
}
