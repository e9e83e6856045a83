/** The library that ships with Brontle: all moves, with their links in both directions. */
import { type MoveBook, makeBook } from "../book";
import type { Link, Move } from "../move";
import type { LibraryMove, WrittenLink } from "./define";
import { EASE } from "./ease";
import { HINGES, LUNGES, SQUATS } from "./legs";
import { ARMS, PULLS, PUSHES } from "./push-pull";
import { ENGINE, TRUNK } from "./trunk-engine";

const WRITTEN: readonly LibraryMove[] = [
  ...SQUATS,
  ...LUNGES,
  ...HINGES,
  ...PUSHES,
  ...PULLS,
  ...ARMS,
  ...TRUNK,
  ...ENGINE,
  ...EASE,
];

/** What is written as harder one way is easier the other way; a swap is a swap both ways. */
function bothWays(moves: readonly LibraryMove[]): readonly Move[] {
  const links = new Map<string, Link[]>(moves.map((move) => [move.id, []]));
  for (const move of moves) {
    for (const [kind, to, how] of move.links as readonly WrittenLink[]) {
      links.get(move.id)?.push({ to, kind, how });
      links.get(to)?.push({ to: move.id, kind: kind === "harder" ? "easier" : "swap", how });
    }
  }
  return moves.map((move) => ({ ...move, links: links.get(move.id) ?? [] }));
}

/** Every move that ships, in the order of the patterns. */
export const LIBRARY: readonly Move[] = bothWays(WRITTEN);

/** The library as a book, to which a class adds its own moves. */
export const LIBRARY_BOOK: MoveBook = makeBook(LIBRARY);
