/** The library that ships with Brontle: all moves, with their links in both directions. */
import { loadsOf } from "../body";
import { type MoveBook, makeBook } from "../book";
import type { Link, Move } from "../move";
import { MORE_CURLS, MORE_EXTENSIONS, MORE_RAISES } from "./arms";
import { bodyFactsOf } from "./body";
import type { LibraryMove, WrittenLink } from "./define";
import { EASE } from "./ease";
import { FACT_IDS, factsOf } from "./facts";
import { GYM } from "./gym";
import { MORE_ABDUCTIONS, MORE_CALVES, MORE_HINGES } from "./hips";
import { MORE_LUNGES, MORE_SQUATS } from "./knees";
import { HINGES, LUNGES, SQUATS } from "./legs";
import { MORE_MOBILITY, MORE_STRETCHES } from "./loosen";
import { ONE_ARM, STANDING_EASE } from "./one-arm";
import { LOW_PULLS, MORE_PULL_DOWNS, MORE_ROWS } from "./pulls";
import { ARMS, PULLS, PUSHES } from "./push-pull";
import { MORE_FLAT_PUSHES, MORE_HIGH_PUSHES } from "./pushes";
import { SEATED_WORK } from "./seated";
import { SMALL_KIT } from "./small-kit";
import { MORE_JUMPS, MORE_RUNS } from "./travel";
import { MORE_BRACES, MORE_CARRIES, MORE_FLEXES, MORE_TURNS, WALL_TRUNK } from "./trunk";
import { ENGINE, TRUNK } from "./trunk-engine";

const WRITTEN: readonly LibraryMove[] = [
  ...SQUATS,
  ...MORE_SQUATS,
  ...LUNGES,
  ...MORE_LUNGES,
  ...HINGES,
  ...MORE_HINGES,
  ...MORE_CALVES,
  ...MORE_ABDUCTIONS,
  ...PUSHES,
  ...MORE_FLAT_PUSHES,
  ...MORE_HIGH_PUSHES,
  ...PULLS,
  ...MORE_ROWS,
  ...LOW_PULLS,
  ...MORE_PULL_DOWNS,
  ...ARMS,
  ...MORE_CURLS,
  ...MORE_EXTENSIONS,
  ...MORE_RAISES,
  ...TRUNK,
  ...MORE_BRACES,
  ...WALL_TRUNK,
  ...MORE_FLEXES,
  ...MORE_TURNS,
  ...MORE_CARRIES,
  ...ENGINE,
  ...MORE_JUMPS,
  ...MORE_RUNS,
  ...EASE,
  ...MORE_MOBILITY,
  ...MORE_STRETCHES,
  ...SEATED_WORK,
  ...ONE_ARM,
  ...STANDING_EASE,
  ...SMALL_KIT,
  ...GYM,
];

const INVERSE = { easier: "harder", harder: "easier", swap: "swap" } as const;

/** A move with what the tables say of it. */
function withFacts(move: LibraryMove, links: readonly Link[]): Move {
  const body = bodyFactsOf(move.id, move.position);
  const loads = loadsOf(body, move.isometric, move.landings.perRep);
  return { ...move, ...factsOf(move.id), body, loads, links };
}

/** What is written as harder one way is easier the other way; a swap is a swap both ways. */
function bothWays(moves: readonly LibraryMove[]): readonly Move[] {
  const links = new Map<string, Link[]>(moves.map((move) => [move.id, []]));
  for (const move of moves) {
    for (const [kind, to, how] of move.links as readonly WrittenLink[]) {
      links.get(move.id)?.push({ to, kind, how });
      links.get(to)?.push({ to: move.id, kind: INVERSE[kind], how });
    }
  }
  return moves.map((move) => withFacts(move, links.get(move.id) ?? []));
}

/** Every move that ships, in the order of the patterns. */
export const LIBRARY: readonly Move[] = bothWays(WRITTEN);

/** The library as a book, to which a class adds its own moves. */
export const LIBRARY_BOOK: MoveBook = makeBook(LIBRARY);

/** The same moves with those that are alike beside one another, easiest first. */
export function inTableOrder(): readonly Move[] {
  return [...LIBRARY].sort((a, b) => FACT_IDS.indexOf(a.id) - FACT_IDS.indexOf(b.id));
}
