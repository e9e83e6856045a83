/** The words of what is played at a second: made when asked for, so that an edit doesn't wait for them. */

import type { ClassDoc } from "@/core/class/document";
import type { Segment } from "@/core/class/expand";
import { bookFor, type MoveBook } from "@/core/moves/book";
import { tableRow } from "@/core/score/table";
import type { Below } from "@/drawing/notches";
import { pieceWords } from "@/words/piece-words";
import type { Say } from "@/words/screens/screens";
import type { Words } from "@/words/words";

export interface Played {
  readonly doc: ClassDoc;
  readonly below: Below;
}

export function saidOf(
  segment: Segment,
  { doc, below }: Played,
  library: MoveBook,
  words: Words,
  t: Say<"score">,
): string {
  const row = tableRow(doc, segment, bookFor(doc, library));
  const { start, end } = segment;
  const lacking = below.notches.find(({ at, short }) => short > 0 && at >= start && at < end);
  return `${pieceWords(row, words)}${lacking ? ` · ${t("shortFor", { seconds: lacking.short, people: lacking.people })}` : ""}`;
}
