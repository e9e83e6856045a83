"use client";
import type { KitItem, KitType } from "@/core/homes/kit";
import { kitFacts, kitTypesWhere } from "@/core/homes/kit-types";
/** Things that a home may have; one press adds one with the measures with which it begins. */
import { useWords } from "@/features/language/use-words";
import { kitName } from "@/words/kit-words";

/** What most homes have, and what is bought for training. */
/** A wall is taken as there: whether one is free is asked with the space. */
export const HOUSEHOLD = kitTypesWhere(({ from }) => from === "home").filter((type) => type !== "wall");
export const GYM = kitTypesWhere(({ from }) => from === "shop");

/** One more thing of a kind, with an id that is free. */
export function addedItem(kit: readonly KitItem[], type: KitType): KitItem {
  const taken = new Set(kit.map((item) => item.id));
  let n = 1;
  while (taken.has(`${type}-${n}`)) n += 1;
  return { id: `${type}-${n}`, type, ...kitFacts(type).begins };
}

/** The things that can be added, a press each. */
export function AddKit(props: {
  readonly title: string;
  readonly types: readonly KitType[];
  readonly onAdd: (type: KitType) => void;
}) {
  const words = useWords();
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
            + {kitName(type, 1, words)}
          </button>
        ))}
      </div>
    </div>
  );
}
