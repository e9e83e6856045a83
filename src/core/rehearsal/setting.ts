/** What a rehearsal is of: a class with everybody's parts, as a session would be taught from it. */
import type { ClassDoc } from "../class/document";
import { type LiveScore, scoreOfKept } from "../live/live-score";
import { bookOf, type KnownMove, type MoveBook } from "../moves/book";
import type { Part } from "../parts/part";

export interface Setting {
  readonly doc: ClassDoc;
  readonly score: LiveScore;
  readonly book: MoveBook;
  readonly parts: ReadonlyMap<string, Part>;
}

export function settingOf(content: {
  readonly doc: ClassDoc;
  readonly moves: readonly KnownMove[];
  readonly parts: readonly Part[];
}): Setting {
  const { doc, moves, parts } = content;
  const book = bookOf(moves);
  return {
    doc,
    score: scoreOfKept({ doc, moves }),
    book,
    parts: new Map(parts.map((part) => [part.person, part])),
  };
}
