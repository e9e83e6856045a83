/** What words were found to mean, remembered: while somebody types, all lines but one are as they were. */
import type { MoveBook } from "../moves/book";
import { exactMove, type FoundMove, findMoves } from "../moves/find";

/** Words that are remembered for each book; then all are forgotten. */
const MOST = 2000;

const known = new WeakMap<MoveBook, Map<string, readonly FoundMove[]>>();

/** The moves that some words fit, best first; the first few. */
export function movesFor(text: string, book: MoveBook): readonly FoundMove[] {
  const words = known.get(book) ?? new Map<string, readonly FoundMove[]>();
  known.set(book, words);
  const there = words.get(text);
  if (there) return there;
  if (words.size >= MOST) words.clear();
  const made = findMoves(text, book).slice(0, 12);
  words.set(text, made);
  return made;
}

/** The same, where one that is called just so is enough: it alone, without what is near. */
export function surelyFor(text: string, book: MoveBook): readonly FoundMove[] {
  const move = exactMove(text, book);
  return move ? [{ move, score: 100 }] : movesFor(text, book);
}
