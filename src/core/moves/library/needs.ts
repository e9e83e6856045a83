/** Needs and cautions that many moves share, as the rows name them. */
import type { Need } from "../move";

/** Hand weights: `count` of them, alike in weight. */
export function handWeights(count: 1 | 2, fromKg: number, toKg: number): Need {
  return { as: "hand-weight", count, kg: [fromKg, toKg], ...(count === 2 ? { equal: true } : {}) };
}

/** One weight held in both hands. */
export function heldWeight(fromKg: number, toKg: number): Need {
  return { as: "held-weight", kg: [fromKg, toKg] };
}

/** Furniture that carries body weight, by height in cm. */
export function sturdy(fromCm: number, toCm: number): Need {
  return { as: "support", bearsWeight: true, heightCm: [fromCm, toCm] };
}

export const LONG_BAND: Need = { as: "long-band" };
export const WALL: Need = { as: "wall" };

export const CAUTION = {
  furniture: "Furniture that carries you: sturdy, pushed against a wall, nothing on castors.",
  door: "Door shut and latched, pulled only the way that closes it; tug twice before you lean.",
  band: "Look the band over for nicks; keep your eyes out of the line of pull and your feet flat on it.",
  overhead: "Clear the space above: lamp, ceiling, children and pets out of the way.",
  landing: "Shoes on, dry floor; land softly, and mind the ceiling and the neighbours.",
  sliding: "No running start on a smooth floor; keep a hand near support.",
  balance: "Stand next to a wall or chair that you can touch.",
} as const;

export const MINI_BAND: Need = { as: "mini-band" };
export const SLIDERS: Need = { as: "slider-pair" };
export const TOWEL: Need = { as: "towel" };
export const STRAP: Need = { as: "strap" };
export const BALL: Need = { as: "ball" };
export const HIGH: Need = { as: "anchor", at: "high" };
export const MID: Need = { as: "anchor", at: "mid" };
export const LOW: Need = { as: "anchor", at: "low" };
/** A seat that carries a person. */
export const SEAT: Need = { as: "support", bearsWeight: true, heightCm: [38, 55] };
/** A step or low seat to stand on. */
export const STEP: Need = { as: "support", bearsWeight: true, firm: true, heightCm: [10, 35] };
/** A seat that is stood on. */
export const HIGH_STEP: Need = { ...SEAT, firm: true };
/** Something to touch for balance. */
export const HAND_ON: readonly (readonly Need[])[] = [
  [{ as: "wall" }],
  [{ as: "support", heightCm: [70, 110] }],
  [{ as: "support", bearsWeight: true, heightCm: [38, 55] }],
];
