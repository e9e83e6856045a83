/** What a class came to, as everybody did it together: of nobody in particular. */
import { type ClassDoc, slotsOf } from "../class/document";
import { type MoveBook, resolveMove } from "../moves/book";
import { nameOf } from "../reasons/named";
import type { MoveName } from "../reasons/value";
import type { ClassRecord, SegmentRecord } from "./record";

export interface BlockDone {
  /** Id of the block. */
  readonly block: string;
  /** Rounds of which something was worked. */
  readonly rounds: number;
  /** The moves that were worked, in their order. */
  readonly moves: readonly MoveName[];
}

/** Work that ran so long, or half of its plan where that is less, took place; what was passed over by a press didn't. */
const TOOK_PLACE_SECONDS = 3;

function tookPlace({ kind, planSeconds, tookSeconds }: SegmentRecord): boolean {
  if (kind !== "work" || !tookSeconds) return false;
  return tookSeconds >= Math.min(TOOK_PLACE_SECONDS, planSeconds / 2);
}

/** The blocks that were taught, with the rounds and moves that really took place. */
export function whatWasDone(doc: ClassDoc, record: ClassRecord, book: MoveBook): readonly BlockDone[] {
  const worked = record.segments.filter(tookPlace);
  return doc.blocks.flatMap((block) => {
    const own = worked.filter((segment) => segment.block === block.id);
    const moves = slotsOf(block)
      // Against a cap the piece is of no slot: all of them are its.
      .filter(({ id }) => own.some(({ slot }) => slot === id || slot === null))
      .map(({ move }) => nameOf(resolveMove(move, book)));
    const rounds = block.cap === undefined ? new Set(own.map(({ round }) => round)).size : 1;
    return own.length === 0 ? [] : [{ block: block.id, rounds, moves }];
  });
}
