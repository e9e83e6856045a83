"use client";
/** Several moves chosen at once: from the selected one to another, by Shift with the arrows, by a stretch of the score. */
import { useCallback, useMemo, useState } from "react";
import { stretchOf } from "@/core/class/change-together";
import { findSlot, slotsOf } from "@/core/class/document";
import type { Desk } from "./use-desk";

interface Marked {
  /** The selected move that it goes from: with another one selected it is over. */
  readonly from: string;
  readonly to: string;
}

export function useMarks({ doc, selection, select }: Desk) {
  const [marked, setMarked] = useState<Marked | null>(null);
  const now = marked && marked.from === selection.slot ? marked : null;
  const ids: ReadonlySet<string> = useMemo(() => {
    const list = now ? stretchOf(doc, now.from, now.to) : [];
    return new Set(list.length > 1 ? list : []);
  }, [doc, now]);
  const clear = useCallback(() => setMarked(null), []);
  /** From the selected move to this one. */
  const extendTo = useCallback(
    (slot: string) => {
      if (selection.slot !== null) setMarked({ from: selection.slot, to: slot });
    },
    [selection.slot],
  );
  /** One move further, or one back. */
  const extendBy = (by: -1 | 1) => {
    const all = doc.blocks.flatMap(slotsOf).map(({ id }) => id);
    const next = all[all.indexOf(now?.to ?? selection.slot ?? "") + by];
    if (next) extendTo(next);
  };
  /** All moves of a stretch of the class, from the first of them to the last. */
  const mark = useCallback(
    (slots: readonly string[]) => {
      const [first] = slots;
      const last = slots.at(-1);
      const found = first === undefined ? null : findSlot(doc, first);
      if (!found || !last) return;
      select(found.block.id, found.slot.id);
      setMarked({ from: found.slot.id, to: last });
    },
    [doc, select],
  );
  return { ids, clear, extendTo, extendBy, mark };
}
export type Marks = ReturnType<typeof useMarks>;
