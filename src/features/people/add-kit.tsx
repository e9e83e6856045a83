"use client";
import { useRef } from "react";
import { type KitItem, type KitType, kitCount } from "@/core/homes/kit";
import { kitFacts, kitTypesWhere } from "@/core/homes/kit-types";
/** Things that a home may have; one tap says that one is there, with the measures with which it begins. */
import { useWords } from "@/features/language/use-words";
import { kitName } from "@/words/kit-words";

/** What most homes have, and what is bought for training. A wall is taken as there: whether one is free is asked with the space. */
const HOUSEHOLD = kitTypesWhere(({ from }) => from === "home").filter((type) => type !== "wall");
const GYM = kitTypesWhere(({ from }) => from === "shop");

/** One more thing of a kind, with an id that is free. */
export function addedItem(kit: readonly KitItem[], type: KitType): KitItem {
  const taken = new Set(kit.map((item) => item.id));
  let n = 1;
  while (taken.has(`${type}-${n}`)) n += 1;
  return { id: `${type}-${n}`, type, ...kitFacts(type).begins };
}

/**
 * All kinds of things at places that never move: a tap says that one is there, another that it isn't. What was said
 * of it comes back with the next tap. Several of a kind that differ are added in their lines below.
 */
export function KitTaps(props: {
  readonly kit: readonly KitItem[];
  readonly onKit: (kit: readonly KitItem[]) => void;
}) {
  const { kit, onKit } = props;
  const words = useWords();
  const taken = useRef(new Map<KitType, readonly KitItem[]>());
  const tap = (type: KitType) => {
    const own = kit.filter((item) => item.type === type);
    if (own.length > 0) {
      taken.current.set(type, own);
      onKit(kit.filter((item) => item.type !== type));
      return;
    }
    const before = taken.current.get(type);
    onKit([...kit, ...(before ?? [addedItem(kit, type)])]);
  };
  return (
    <>
      <Taps title={words.phrase("home", "household")} types={HOUSEHOLD} kit={kit} onTap={tap} />
      <Taps title={words.phrase("home", "training")} types={GYM} kit={kit} onTap={tap} />
    </>
  );
}

function Taps(props: {
  readonly title: string;
  readonly types: readonly KitType[];
  readonly kit: readonly KitItem[];
  readonly onTap: (type: KitType) => void;
}) {
  const words = useWords();
  return (
    <fieldset className="mt-3">
      <legend className="text-sm font-semibold text-quiet">{props.title}</legend>
      <div className="mt-1 grid grid-cols-2 gap-1.5 sm:grid-cols-3 lg:grid-cols-4">
        {props.types.map((type) => {
          const own = props.kit.filter((item) => item.type === type);
          const count = own.reduce((sum, item) => sum + kitCount(item), 0);
          return (
            <button
              key={type}
              type="button"
              aria-pressed={own.length > 0}
              className="flex min-h-8 items-center justify-between gap-2 border border-hairline bg-white px-2 py-1 text-left leading-tight hover:border-ink aria-pressed:border-ink aria-pressed:bg-marker max-md:min-h-11"
              onClick={() => props.onTap(type)}
            >
              {kitName(type, 1, words)}
              <span aria-hidden className="w-4 text-right font-bold">
                {own.length === 0 ? "" : kitFacts(type).single ? "✓" : count}
              </span>
            </button>
          );
        })}
      </div>
    </fieldset>
  );
}
