/** What people have at home: types, measures, and what each thing can do for a move. */
import type { Tension } from "../moves/move";
import { type MassUnits, massText } from "../units";
import { type KitType, kitFacts } from "./kit-types";

export { KIT_TYPES, type KitType } from "./kit-types";

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

/** `two dumbbells of 6 kg`'s middle: the type's name for this many. */
export function kitName(type: KitType, count = 1): string {
  return kitFacts(type).names[count === 1 ? 0 : 1];
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
  const { kg, minKg, maxKg, litres, grams } = item;
  const one = (weight: number | undefined) => (weight === undefined ? null : ([weight, weight] as const));
  switch (kitFacts(item.type).weighs) {
    case "kg":
      return one(kg);
    case "range":
      return minKg === undefined || maxKg === undefined ? null : [minKg, maxKg];
    case "litres":
      return one(litres);
    case "grams":
      return one(grams === undefined ? undefined : grams / 1000);
    case "load":
      return maxKg === undefined ? null : [0, maxKg];
    case null:
      return null;
  }
}

/** How high a thing stands, measured or usual; null for things that aren't stood at. */
export function heightCmOf(item: KitItem): number | null {
  return item.heightCm ?? kitFacts(item.type).usualHeightCm;
}
