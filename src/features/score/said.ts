/** The words of what is played at a second: made when asked for, so that an edit doesn't wait for them. */
import type { ClassDoc } from "@/core/class/document";
import type { Segment } from "@/core/class/expand";
import { bookFor } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { tableRow } from "@/core/score/table";
import { pieceWords } from "@/words/piece-words";
import type { Words } from "@/words/words";
import type { Below } from "./notches";

export interface Played {
  readonly doc: ClassDoc;
  readonly below: Below;
}

export function saidOf(segment: Segment, { doc, below }: Played, words: Words): string {
  const row = tableRow(doc, segment, bookFor(doc, LIBRARY_BOOK));
  const { start, end } = segment;
  const lacking = below.notches.find(({ at, short }) => short > 0 && at >= start && at < end);
  return `${pieceWords(row, words)}${lacking ? ` · ${lacking.short} s short for ${lacking.people}` : ""}`;
}
