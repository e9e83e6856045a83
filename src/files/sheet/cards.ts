/** Cards for the wall, a station a page: what to do there, how, and the other ways, readable from where one stands. */

import { type ClassDoc, type Slot, slotsOf, wayAt } from "../../core/class/document";
import { slotSides } from "../../core/class/expand";
import { isMain } from "../../core/effort/hard";
import { bookFor, type MoveBook, resolveMove } from "../../core/moves/book";
import { shownDoses } from "../../words/dose-words";
import { needsText } from "../../words/need-words";
import { levelText } from "../../words/way-words";
import type { Words } from "../../words/words";

export interface Card {
  readonly slot: string;
  readonly block: string;
  readonly number: number;
  readonly of: number;
  readonly move: string;
  readonly dose: string;
  readonly cues: readonly string[];
  /** Empty where there is none. */
  readonly easier: string;
  readonly harder: string;
  readonly needs: string;
  readonly cautions: readonly string[];
}

const MOST_CUES = 3;

/** The level that is written, else the first link of the library. */
function wayText(slot: Slot, mark: "flat" | "sharp", book: MoveBook, words: Words): string {
  const own = levelText(wayAt(slot, mark) ?? undefined, book, words);
  if (own) return own;
  const kind = mark === "flat" ? "easier" : "harder";
  const link = resolveMove(slot.move, book).links?.find((entry) => entry.kind === kind);
  return (link && book.get(link.to)?.name) || "";
}

/** A card for each slot of the main blocks; of all blocks where none is main. */
export function cardsOf(doc: ClassDoc, library: MoveBook, words: Words): readonly Card[] {
  const book = bookFor(doc, library);
  const main = doc.blocks.filter(isMain);
  const blocks = main.length > 0 ? main : doc.blocks;
  return blocks.flatMap((block) =>
    slotsOf(block).map((slot, i, all): Card => {
      const move = resolveMove(slot.move, book);
      const sides = slotSides(slot, book);
      return {
        slot: slot.id,
        block: block.title,
        number: i + 1,
        of: all.length,
        move: move.name,
        dose: [shownDoses(slot.dose, words, book), sides === "both" ? "" : words.phrase("sheet", sides)]
          .join(" ")
          .trim(),
        cues: (move.cues ?? []).slice(0, MOST_CUES),
        easier: wayText(slot, "flat", book, words),
        harder: wayText(slot, "sharp", book, words),
        needs: (move.needs ?? []).every((list) => list.length > 0) ? needsText(move.needs ?? [], words) : "",
        cautions: move.cautions ?? [],
      };
    }),
  );
}
