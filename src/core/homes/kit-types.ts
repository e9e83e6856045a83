/**
 * Every type of kit, with all that is known of it but its name: what it can fill, what is asked of it, with what it
 * begins, how heavy it is, how high it usually is, how long it takes to take up. A type that is added here and
 * lacks something doesn't compile; there is no list of types beside it.
 */
import type { NeedRole, Tension } from "../moves/move";
import type { Seconds } from "../units";

/** Measures that a form asks for. */
export type KitMeasure = "kg" | "minKg" | "maxKg" | "stepKg" | "litres" | "grams" | "heightCm";

/** What one thing begins with when it is added with a press. */
interface Begins {
  readonly count?: number;
  readonly kg?: number;
  readonly minKg?: number;
  readonly maxKg?: number;
  readonly stepKg?: number;
  readonly litres?: number;
  readonly grams?: number;
  readonly heightCm?: number;
  readonly tension?: Tension;
  readonly sturdy?: boolean;
  readonly latches?: boolean;
}

export interface KitFacts {
  /** What most homes have, or what is bought for training. */
  readonly from: "home" | "shop";
  /** What it can be for a move. */
  readonly fills: readonly NeedRole[];
  /** Of what it fills, what people would name it for: "a chair" for a support. */
  readonly typical: readonly NeedRole[];
  readonly asks: readonly KitMeasure[];
  readonly begins: Begins;
  /** Where its weight comes from; `load`: up to what can be put into it. */
  readonly weighs: "kg" | "range" | "litres" | "grams" | "load" | null;
  /** A home has one or doesn't. */
  readonly single: boolean;
  /** Whether it bears somebody is asked. */
  readonly bears: boolean;
  /** Gives way under a foot: not to be stood on. */
  readonly soft: boolean;
  /** Comes in tensions. */
  readonly stretches: boolean;
  /** Where nobody measured, cm from the floor; null for what isn't stood at. */
  readonly usualHeightCm: number | null;
  /** Seconds to put it down and to take it up; null: what most things take. */
  readonly putDown: Seconds | null;
  readonly takeUp: Seconds | null;
}

const thing = {
  fills: [],
  typical: [],
  asks: [],
  begins: {},
  weighs: null,
  single: false,
  bears: false,
  soft: false,
  stretches: false,
  usualHeightCm: null,
  putDown: null,
  takeUp: null,
} as const;
const shop = { ...thing, from: "shop" } as const;
const home = { ...thing, from: "home" } as const;
const weight = { ...shop, asks: ["kg"], weighs: "kg" } as const;
const band = { ...shop, stretches: true, begins: { tension: "medium" } } as const;
const furniture = { ...home, fills: ["support"], bears: true } as const;

export const KIT = {
  dumbbell: {
    ...weight,
    fills: ["hand-weight", "held-weight"],
    begins: { count: 2, kg: 4 },
  },
  "adjustable-dumbbell": {
    ...shop,
    fills: ["hand-weight", "held-weight"],
    asks: ["minKg", "maxKg", "stepKg"],
    begins: { count: 2, minKg: 2, maxKg: 20, stepKg: 2 },
    weighs: "range",
  },
  kettlebell: {
    ...weight,
    fills: ["hand-weight", "held-weight", "kettlebell"],
    begins: { kg: 8 },
  },
  "tube-band": { ...band, fills: ["long-band"] },
  "loop-band": { ...band, fills: ["long-band"] },
  "mini-band": { ...band, fills: ["mini-band"], putDown: 4, takeUp: 6 },
  "strap-trainer": {
    ...shop,
    fills: ["strap"],
    single: true,
    putDown: 1,
    takeUp: 3,
  },
  "door-anchor": { ...shop, fills: ["anchor"], single: true },
  "overhead-bar": {
    ...shop,
    fills: ["anchor", "bar"],
    single: true,
  },
  bench: {
    ...furniture,
    from: "shop",
    fills: ["support", "bench"],
    single: true,
    usualHeightCm: 43,
  },
  step: {
    ...furniture,
    from: "shop",
    asks: ["heightCm"],
    begins: { heightCm: 20, sturdy: true },
    usualHeightCm: 20,
  },
  ball: { ...shop, fills: ["ball", "cushion"], single: true },
  roller: { ...shop, fills: ["roller"], single: true },
  slider: { ...shop, fills: ["slider-pair"], begins: { count: 2 } },
  mat: { ...shop, fills: ["soft-surface"], single: true, putDown: 0, takeUp: 2 },
  barbell: {
    ...weight,
    fills: ["barbell"],
    begins: { kg: 10 },
    putDown: 4,
    takeUp: 4,
  },
  plate: {
    ...weight,
    fills: ["held-weight", "filling", "wedge"],
    begins: { count: 2, kg: 5 },
  },
  "ankle-strap": { ...shop, fills: ["ankle-strap"] },
  "ankle-weight": {
    ...weight,
    fills: ["ankle-weight"],
    begins: { count: 2, kg: 1 },
    putDown: 4,
    takeUp: 6,
  },
  "weight-vest": {
    ...weight,
    fills: ["worn-weight"],
    begins: { kg: 5 },
    single: true,
    putDown: 5,
    takeUp: 8,
  },
  "medicine-ball": { ...weight, fills: ["hand-weight", "held-weight"], begins: { kg: 3 } },
  sandbag: { ...weight, fills: ["held-weight", "worn-weight"], begins: { kg: 8 }, takeUp: 4 },
  "skipping-rope": { ...shop, fills: ["rope"], single: true, putDown: 1, takeUp: 2 },
  rack: { ...shop, fills: ["anchor", "rack"], single: true },
  "push-up-handles": { ...shop, fills: ["handle-pair"], single: true, putDown: 1, takeUp: 1 },
  chair: {
    ...furniture,
    typical: ["support"],
    begins: { sturdy: true },
    usualHeightCm: 45,
  },
  sofa: { ...furniture, soft: true, begins: { sturdy: true }, single: true, usualHeightCm: 42 },
  table: { ...furniture, usualHeightCm: 74 },
  counter: { ...furniture, single: true, usualHeightCm: 90 },
  bed: { ...furniture, soft: true, begins: { sturdy: true }, single: true, usualHeightCm: 52 },
  stairs: {
    ...furniture,
    fills: ["support", "stairs"],
    typical: ["stairs"],
    begins: { sturdy: true },
    single: true,
    usualHeightCm: 18,
  },
  cushion: { ...home, fills: ["cushion", "soft-surface"], typical: ["cushion"], putDown: 1, takeUp: 1 },
  wall: {
    ...home,
    fills: ["wall"],
    single: true,
    putDown: 0,
    takeUp: 1,
  },
  door: {
    ...home,
    fills: ["door"],
    begins: { latches: true },
    single: true,
    putDown: 0,
    takeUp: 1,
  },
  towel: {
    ...home,
    fills: ["slider-pair", "towel", "cushion", "wedge"],
    begins: { count: 1 },
    putDown: 1,
    takeUp: 1,
  },
  backpack: {
    ...home,
    fills: ["held-weight", "worn-weight"],
    asks: ["maxKg"],
    begins: { maxKg: 10 },
    weighs: "load",
    takeUp: 4,
  },
  bottle: {
    ...home,
    fills: ["hand-weight", "held-weight", "filling"],
    typical: ["filling"],
    asks: ["litres"],
    begins: { count: 2, litres: 1.5 },
    weighs: "litres",
  },
  tin: {
    ...home,
    fills: ["hand-weight", "filling"],
    asks: ["grams"],
    begins: { count: 2, grams: 400 },
    weighs: "grams",
  },
  jug: {
    ...home,
    fills: ["hand-weight", "held-weight", "filling"],
    asks: ["kg"],
    begins: { count: 2, kg: 5 },
    weighs: "kg",
  },
  books: {
    ...furniture,
    fills: ["filling", "support", "hand-weight", "held-weight", "wedge"],
    typical: ["wedge"],
    asks: ["heightCm", "kg"],
    begins: { heightCm: 15 },
    weighs: "kg",
    usualHeightCm: 15,
    putDown: 1,
  },
  broomstick: { ...home, fills: ["stick"] },
} as const satisfies Readonly<Record<string, KitFacts>>;

export type KitType = keyof typeof KIT;
export const KIT_TYPES = Object.keys(KIT) as readonly KitType[];

/** The facts of a type, for code that asks of any. */
export const kitFacts = (type: KitType): KitFacts => KIT[type];

/** The types of which something holds, in their order. */
export function kitTypesWhere(holds: (facts: KitFacts) => boolean): readonly KitType[] {
  return KIT_TYPES.filter((type) => holds(kitFacts(type)));
}
