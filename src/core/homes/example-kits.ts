/** Homes of one kind each, to show what a kind of kit is enough for. */
import type { KitKind } from "./gaps";
import type { Person } from "./home";
import type { KitItem } from "./kit";

const KITS: Readonly<Record<KitKind | "nothing", readonly Omit<KitItem, "id">[]>> = {
  nothing: [],
  household: [
    { type: "chair", sturdy: true },
    { type: "sofa", sturdy: true },
    { type: "counter", sturdy: true },
    { type: "table", sturdy: true },
    { type: "door", latches: true, opens: "away" },
    { type: "towel", count: 2 },
    { type: "backpack", maxKg: 15 },
    { type: "bottle", count: 4, litres: 1.5 },
    { type: "books" },
    { type: "broomstick" },
  ],
  band: [
    { type: "tube-band", tension: "medium" },
    { type: "loop-band", tension: "heavy" },
    { type: "mini-band", tension: "medium" },
    { type: "door-anchor" },
    { type: "door", latches: true, opens: "away" },
  ],
  dumbbell: [{ type: "dumbbell", count: 2, kg: 6 }],
  kettlebell: [{ type: "kettlebell", kg: 8 }],
  straps: [
    { type: "strap-trainer" },
    { type: "door-anchor" },
    { type: "door", latches: true, opens: "away" },
  ],
};

export const EXAMPLE_KITS = Object.keys(KITS) as readonly (KitKind | "nothing")[];

/** Somebody whose home has that kind of kit and a smooth floor, and nothing else. */
export function homeWith(kind: KitKind | "nothing", more: Partial<Person> = {}): Person {
  const kit = KITS[kind].map((item, i) => ({ ...item, id: `k${i}` }));
  return { id: "p", name: "P", space: { floor: "smooth" }, kit, ...more };
}
