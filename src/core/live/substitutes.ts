/** Moves that were changed while teaching. The score keeps its times; what is done in a slot changes. */
import { type ClassDoc, type Slot, slotsOf } from "../class/document";
import { slotSides } from "../class/expand";
import type { MoveBook } from "../moves/book";

export interface Substitute {
  readonly slot: string;
  readonly move: string;
  /** Roster id, for one person only; left out for the whole room. */
  readonly person?: string;
}

/** The slot with another move: its sides and dose stay, so that its time stays; words about the old move go. */
function swapped(slot: Slot, move: string, book: MoveBook): Slot {
  const { marks: _ways, cue: _cue, call: _call, alternatives: _own, choice: _equals, ...rest } = slot;
  return { ...rest, move, sides: slotSides(slot, book) };
}

/** The class as it is done after these substitutes; the last one of a slot (and person) holds. */
export function withSubstitutes(doc: ClassDoc, substitutes: readonly Substitute[], book: MoveBook): ClassDoc {
  if (substitutes.length === 0) return doc;
  const forAll = new Map(
    substitutes
      .filter(({ person }) => person === undefined)
      .map((substitute) => [substitute.slot, substitute]),
  );
  const own = new Map(
    substitutes.flatMap(({ slot, move, person }) =>
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
              const substitute = forAll.get(slot.id);
              return substitute ? swapped(slot, substitute.move, book) : slot;
            }),
          }
        : block,
    ),
  };
}
