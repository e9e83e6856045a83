"use client";
/** Things that a home may have, and the measures with which they begin. */
import { type KitItem, type KitType, kitName } from "@/core/homes/kit";

/** What most homes have. */
export const HOUSEHOLD: readonly KitType[] = [
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
  "broomstick",
];
/** What is bought for training. */
export const GYM: readonly KitType[] = [
  "dumbbell",
  "adjustable-dumbbell",
  "kettlebell",
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
  "barbell",
  "plate",
  "ankle-strap",
];

/** Measures with which a thing begins, so that one tick is enough where they are right. */
const USUAL: Partial<Record<KitType, Partial<KitItem>>> = {
  dumbbell: { count: 2, kg: 4 },
  "adjustable-dumbbell": { count: 2, minKg: 2, maxKg: 20, stepKg: 2 },
  kettlebell: { kg: 8 },
  barbell: { kg: 10 },
  plate: { count: 2, kg: 5 },
  "tube-band": { tension: "medium" },
  "loop-band": { tension: "medium" },
  "mini-band": { tension: "medium" },
  backpack: { maxKg: 10 },
  bottle: { count: 2, litres: 1.5 },
  tin: { count: 2, grams: 400 },
  jug: { count: 2, kg: 5 },
  towel: { count: 1 },
  slider: { count: 2 },
  chair: { sturdy: true },
  sofa: { sturdy: true },
  step: { heightCm: 20, sturdy: true },
  door: { latches: true },
};

/** One more thing of a kind, with an id that is free. */
export function addedItem(kit: readonly KitItem[], type: KitType): KitItem {
  const taken = new Set(kit.map((item) => item.id));
  let n = 1;
  while (taken.has(`${type}-${n}`)) n += 1;
  return { id: `${type}-${n}`, type, ...USUAL[type] };
}

/** The things that can be added, a press each. */
export function AddKit(props: {
  readonly title: string;
  readonly types: readonly KitType[];
  readonly onAdd: (type: KitType) => void;
}) {
  return (
    <div className="mt-3">
      <h3 className="text-sm font-semibold text-quiet">{props.title}: press to add</h3>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {props.types.map((type) => (
          <button
            key={type}
            type="button"
            className="border border-hairline bg-white px-2 py-1 hover:border-ink"
            onClick={() => props.onAdd(type)}
          >
            + {kitName(type)}
          </button>
        ))}
      </div>
    </div>
  );
}
