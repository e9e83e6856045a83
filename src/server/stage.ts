/** A session as everybody may see it, shared into a call: the class and its three ways, and no person. */
import type { ClassDoc } from "../core/class/document";
import { publicDoc } from "../core/live/own-part";
import { withSubstitutes } from "../core/live/substitutes";
import { type ThreeWays, threeWays } from "../core/live/three-ways";
import { bookFor, type KnownMove } from "../core/moves/book";
import { LIBRARY_BOOK } from "../core/moves/library";
import type { Language } from "../words/languages";
import { bookIn, moveIn } from "../words/moves/moves-in";
import { movesUsed } from "./content";
import { sessionContent } from "./sessions";

export interface StageContent {
  readonly version: number;
  /** The class that gives the times, and as it is done. */
  readonly doc: ClassDoc;
  readonly shown: ClassDoc;
  readonly moves: readonly KnownMove[];
  readonly ways: Readonly<Record<string, ThreeWays>>;
}

/** What the stage shows of a session, its moves in a language. */
export async function stageContent(
  studioId: string,
  id: string,
  language: Language = "en",
): Promise<StageContent> {
  const { content } = await sessionContent(studioId, id);
  const doc = publicDoc(content.doc);
  const substitutes = content.substitutes.filter((substitute) => substitute.person === undefined);
  const book = bookFor(doc, bookIn(LIBRARY_BOOK, language));
  const shown = publicDoc(withSubstitutes(doc, substitutes, book));
  const moves = [...movesUsed(doc, []), ...movesUsed(shown, [])];
  const unique = [...new Map(moves.map((move) => [move.id ?? move.name, move])).values()];
  return {
    version: content.version,
    doc,
    shown,
    moves: unique.map((move) => moveIn(move, language)),
    ways: threeWays(shown, book),
  };
}
