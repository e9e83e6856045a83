/**
 * Moves, and what is made of them, in somebody's language. These tables are large: all of them are used where pages and
 * files are made, one at the most on an instructor's own screen, and none in anybody's phone.
 */
import type { OwnParts, OwnSession } from "../../core/live/own-part";
import type { SessionContent } from "../../core/live/session";
import type { KnownMove, MoveBook } from "../../core/moves/book";
import type { Part } from "../../core/parts/part";
import { type Language, languageOf } from "../languages";
import { bookWithTexts, contentWith, type MoveTexts, moveWith, nameWith, partWith } from "./moves-with";
import { MOVE_TEXTS } from "./texts";

const textsOf = (language: Language): MoveTexts | null => (language === "en" ? null : MOVE_TEXTS[language]);

/** A move with its name, cues, cautions and steps in a language; found by its English names too. */
export function moveIn(move: KnownMove, language: Language): KnownMove {
  const texts = textsOf(language);
  return texts ? moveWith(move, texts) : move;
}

/** A book with its moves in a language; the same one each time. `tag`: a BCP 47 tag. */
export function bookIn(book: MoveBook, tag: string): MoveBook {
  const texts = textsOf(languageOf(tag));
  return texts ? bookWithTexts(book, texts) : book;
}

/** A library move's name in a language; the one that is given for a move that isn't the library's. `tag`: BCP 47. */
export function nameIn(id: string | null, name: string, tag: string): string {
  const texts = textsOf(languageOf(tag));
  return texts ? nameWith(id, name, texts) : name;
}

/** What the library's moves are called in a language, by id; undefined in English. `tag`: a BCP 47 tag. */
export const moveNamesIn = (tag: string | undefined): Readonly<Record<string, string>> | undefined =>
  textsOf(languageOf(tag))?.names;

/** A part with the moves' names in a language. `tag`: a BCP 47 tag. */
export function partIn(part: Part, tag: string): Part {
  const texts = textsOf(languageOf(tag));
  return texts ? partWith(part, texts) : part;
}

/** What an instructor teaches from, its moves in their language. */
export function contentIn<C extends SessionContent>(content: C, language: Language): C {
  const texts = textsOf(language);
  return texts ? contentWith(content, texts) : content;
}

function partsIn({ usual, byMark }: OwnParts, language: Language): OwnParts {
  const { flat, natural, sharp } = byMark;
  return {
    usual: partIn(usual, language),
    byMark: {
      flat: partIn(flat, language),
      natural: partIn(natural, language),
      sharp: partIn(sharp, language),
    },
  };
}

/** What a participant is given of a session, its moves in their language. */
export function ownSessionIn(session: OwnSession, language: Language): OwnSession {
  if (language === "en") return session;
  return {
    ...session,
    moves: session.moves.map((move) => moveIn(move, language)),
    parts: session.parts && partsIn(session.parts, language),
  };
}
