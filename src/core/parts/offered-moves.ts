/** The moves of the picker in the order in which they are offered: what the room can do comes first. */
import type { Person } from "../homes/home";
import type { KnownMove, MoveBook } from "../moves/book";
import { findMoves } from "../moves/find";
import { PATTERNS, type Pattern } from "../moves/move";
import { isFound, searchable } from "../values/typed-search";
import { canDo } from "./ways";

export interface Offered {
  readonly move: KnownMove;
  /** How many of the people can do it as it stands. */
  readonly can: number;
}

/** How many of these people can do a move as it stands. */
export function countAsSet(move: KnownMove, people: readonly Person[]): number {
  return people.filter((person) => canDo(person, move)).length;
}

/** Of what is typed as many moves as can be looked through. */
const MOST_FOUND = 60;
/** A name that is wholly typed, or begun just so, comes first whoever can do it. */
const BY_NAME = 95;

/**
 * What is offered for words that were typed: names as they are typed, then what at least half of the room can do,
 * then the others, each as well as they fit and by their own names first.
 *
 * @param count people in the room; of an empty one the words alone count
 */
export function offeredFor(
  typed: string,
  book: MoveBook,
  can: ReadonlyMap<KnownMove, number>,
  count: number,
): readonly Offered[] {
  const found = findMoves(typed, book, (move) => can.get(move) ?? 0).slice(0, MOST_FOUND);
  const rank = ({ move, score }: (typeof found)[number]) =>
    score >= BY_NAME ? 0 : (can.get(move) ?? 0) * 2 >= count ? 1 : 2;
  // What is called so comes before what others also call so.
  const named = ({ move }: (typeof found)[number]) => (isFound(typed, searchable([move.name])) ? 0 : 1);
  return found
    .map((each, i) => ({ each, rank: rank(each), named: named(each), i }))
    .sort((a, b) => a.rank - b.rank || a.named - b.named || a.i - b.i)
    .map(({ each: { move } }) => ({ move, can: can.get(move) ?? 0 }));
}

/** All moves by pattern, that of the move which is replaced in front; in each what most can do first. */
export function offeredByPattern(
  book: MoveBook,
  can: ReadonlyMap<KnownMove, number>,
  first: Pattern | undefined,
): readonly (readonly [Pattern, readonly Offered[]])[] {
  const patterns = first ? [first, ...PATTERNS.filter((pattern) => pattern !== first)] : PATTERNS;
  const home = ({ gym }: KnownMove) => (gym ? 1 : 0);
  return patterns.map((pattern) => [
    pattern,
    book.moves
      .filter((move) => move.pattern === pattern)
      .map((move) => ({ move, can: can.get(move) ?? 0 }))
      .sort(
        (a, b) =>
          home(a.move) - home(b.move) || b.can - a.can || a.move.name.localeCompare(b.move.name, "en"),
      ),
  ]);
}
