/**
 * Matching kit to needs: which things can fill which roles, and whether one measures up.
 * `fillings.ts` puts them together, with counts.
 */
import type { Need, NeedRole } from "../moves/move";
import type { Person } from "./home";
import { heightCmOf, type KitItem, type KitType } from "./kit";

/** `count` items of a line of kit, in a role. */
export interface Use {
  readonly kit: string;
  readonly count: number;
  readonly as: NeedRole;
  /** Kilograms of each, where it is held: chosen within an adjustable one's range. */
  readonly kg?: number;
}

const FILLS: Record<NeedRole, readonly KitType[]> = {
  "hand-weight": ["dumbbell", "adjustable-dumbbell", "kettlebell", "jug", "bottle", "tin"],
  "held-weight": ["dumbbell", "adjustable-dumbbell", "kettlebell", "plate", "backpack", "jug", "bottle"],
  "worn-weight": ["backpack"],
  "long-band": ["tube-band", "loop-band"],
  "mini-band": ["mini-band"],
  anchor: ["door-anchor", "overhead-bar"],
  door: ["door"],
  strap: ["strap-trainer"],
  support: ["chair", "sofa", "bench", "step", "table", "counter"],
  "slider-pair": ["slider", "towel"],
  wall: ["wall"],
  bar: ["overhead-bar"],
  ball: ["ball"],
  "soft-surface": ["mat"],
  towel: ["towel"],
  stick: ["broomstick"],
  kettlebell: ["kettlebell"],
  bench: ["bench"],
  barbell: ["barbell"],
  filling: ["bottle", "tin", "jug", "plate", "books"],
  // No home kit is a cable or a machine: ways of the gym that need one are sources only.
  cable: [],
  machine: [],
};

/** The kit types that can fill a role. */
export function fillersOf(role: NeedRole): readonly KitType[] {
  return FILLS[role];
}

/** Items that a need takes: sliders come as a pair. */
export function needCount(need: Need): number {
  return need.as === "slider-pair" ? 2 : (need.count ?? 1);
}

/** Whether a thing measures up to a need in this home; weights aside. */
export function measuresFit(item: KitItem, need: Need, person: Person): boolean {
  if (need.tension && !(item.tension && need.tension.includes(item.tension))) return false;
  if (need.heightCm) {
    const height = heightCmOf(item);
    if (height === null || height < need.heightCm[0] || height > need.heightCm[1]) return false;
  }
  if (need.bearsWeight && item.sturdy !== true) return false;
  // Pulling shuts a door only if it opens away from the person; one that nobody described isn't trusted.
  if (need.as === "door") return item.latches === true && item.opens === "away";
  if (need.as === "slider-pair") return person.space?.floor === "smooth" || person.space?.floor === "tile";
  if (need.as === "anchor" && item.type === "overhead-bar")
    return need.at === undefined || need.at === "high";
  return true;
}

/** One need may bring another: a door anchor is only as good as its door. */
export function expandNeeds(needs: readonly Need[], item: KitItem | null): readonly Need[] {
  return item?.type === "door-anchor" ? [...needs, { as: "door" }] : needs;
}
