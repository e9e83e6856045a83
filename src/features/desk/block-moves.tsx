"use client";
import { memo, useCallback, useRef } from "react";
import { findSlot, slotsOf } from "@/core/class/document";
import { BlockActions } from "./desk-lines";
import { SlotDetails } from "./slot-details";
import { SlotLines } from "./slot-lines";
import type { useDeskActions } from "./use-desk-actions";
import type { DeskParts } from "./use-desk-view";
import type { Marks } from "./use-marks";

interface Moment extends DeskParts {
  readonly actions: ReturnType<typeof useDeskActions>;
  readonly marks: Marks;
}

/** The choice of another move for a slot, wherever it stands. */
export function chooseFor({ desk, view }: DeskParts, slotId: string): void {
  const owner = findSlot(desk.doc, slotId)?.block;
  if (!owner) return;
  desk.select(owner.id, slotId);
  view.open("replace");
}

/** The moves of the selected block, line by line, more of the selected one, and what can be done with them. */
export const BlockMoves = memo(function BlockMoves({ now }: { readonly now: Moment }) {
  const { desk, view, room, marks, actions } = now;
  const { selection } = desk;
  const { open } = view;
  // The same function throughout: a line whose own move stands as it was isn't drawn again.
  const latest = useRef(now);
  latest.current = now;
  const chooseMove = useCallback((slotId: string) => chooseFor(latest.current, slotId), []);
  const block = desk.doc.blocks.find((entry) => entry.id === selection.block);
  if (!block) return null;
  const slot = slotsOf(block).find((entry) => entry.id === selection.slot);
  return (
    <>
      {slotsOf(block).length > 0 && (
        <SlotLines
          desk={desk}
          block={block}
          parts={room.parts}
          onChooseMove={chooseMove}
          onExtend={marks.extendTo}
        />
      )}
      {view.more && slot && <SlotDetails key={slot.id} desk={desk} slot={slot} onPick={open} />}
      <BlockActions
        desk={desk}
        block={block}
        actions={actions}
        more={view.more}
        onMore={view.toggleMore}
        onAdd={() => open("add")}
        onOrder={() => open("order")}
        onPaste={() => open("paste")}
      />
    </>
  );
});
