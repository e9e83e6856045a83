/** What people have at home: types, measures, and what each thing can do for a move. */
import type { Tension } from "../moves/move";
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
export function kitCount(item: Pick<KitItem, "count">): number {
  return item.count ?? 1;
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
