/** Moves that were changed while teaching. The score keeps its times; what is done in a slot changes. */
import { type ClassDoc, type Slot, slotsOf } from "../class/document";
import { slotSides } from "../class/expand";
import type { MoveBook } from "../moves/book";

export interface Swap {
  readonly slot: string;
  readonly move: string;
  /** Roster id, for one person only; left out for the whole room. */
  readonly person?: string;
}

/** The slot with another move: its sides and dose stay, so that its time stays; words about the old move go. */
function swapped(slot: Slot, move: string, book: MoveBook): Slot {
  const { marks: _ways, cue: _cue, call: _call, ...rest } = slot;
  return { ...rest, move, sides: slotSides(slot, book) };
}

/** The class as it is done after these swaps; the last one of a slot (and person) holds. */
export function withSwaps(doc: ClassDoc, swaps: readonly Swap[], book: MoveBook): ClassDoc {
  if (swaps.length === 0) return doc;
  const forAll = new Map(swaps.filter(({ person }) => person === undefined).map((swap) => [swap.slot, swap]));
  const own = new Map(
    swaps.flatMap(({ slot, move, person }) =>
      person === undefined ? [] : [[`${slot} ${person}`, { slot, move, person }] as const],
    ),
  );
  const kept = (doc.overruled ?? []).filter(
    ({ slot, person }) => !own.has(`${slot} ${person}`) && !forAll.has(slot),
  );
  return {
    ...doc,
    overruled: [...kept, ...own.values()],
    blocks: doc.blocks.map((block) =>
      slotsOf(block).some((slot) => forAll.has(slot.id))
        ? {
            ...block,
            slots: slotsOf(block).map((slot) => {
              const swap = forAll.get(slot.id);
              return swap ? swapped(slot, swap.move, book) : slot;
            }),
          }
        : block,
    ),
  };
}
