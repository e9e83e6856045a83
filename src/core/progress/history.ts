/** What somebody did in each move over time, and what was believed of their strength then: for charts and tables. */
import type { Person } from "../homes/home";
import type { KnownMove, MoveBook } from "../moves/book";
import { type Belief, maximumAt, Strengths } from "../strength/belief";
import type { Region } from "../strength/regions";
import { scaledMove } from "../strength/scaled";
import type { Exposure } from "./exposure";

/** Three in five lie between `low` and `high`, as `./brontle strength` prints them. */
const Z = 0.84;

/** What is moved once, total load in kg. */
export interface MaximumBand {
  readonly low: number;
  readonly median: number;
  readonly high: number;
}

export interface MovePoint {
  readonly exposure: Exposure;
  /** Null of a move that isn't done against a load. */
  readonly maximum: MaximumBand | null;
}

export interface MoveHistory {
  readonly move: string;
  /** The first first. */
  readonly points: readonly MovePoint[];
}

export interface RegionBelief {
  readonly region: Region;
  /** The move by which it is told: the one of it with the most own sets. */
  readonly move: string;
  readonly now: MaximumBand;
  readonly before: MaximumBand;
}

const round = (kg: number) => Math.round(kg * 10) / 10;

function bandOf(belief: Belief): MaximumBand {
  const at = (z: number) => round(maximumAt(belief, z));
  return { low: at(-Z), median: at(0), high: at(Z) };
}

/** The band of a move on a day, from the sets that were known by then. */
function bandOn(person: Person, move: KnownMove, book: MoveBook, on: string, known: Map<string, Strengths>) {
  const there = known.get(on) ?? new Strengths(person, book, on);
  known.set(on, there);
  const belief = there.of(move);
  return belief && bandOf(belief);
}

/** Every move with what was done in it, those done most often first. */
export function historyByMove(
  person: Person,
  exposures: readonly Exposure[],
  book: MoveBook,
): readonly MoveHistory[] {
  const known = new Map<string, Strengths>();
  const moves = [...new Set(exposures.map(({ move }) => move))];
  return moves
    .map((id): MoveHistory => {
      const move = book.get(id);
      const own = exposures
        .filter((each) => each.move === id)
        .sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0));
      return {
        move: id,
        points: own.map((exposure) => ({
          exposure,
          maximum: move ? bandOn(person, move, book, exposure.day, known) : null,
        })),
      };
    })
    .sort((a, b) => b.points.length - a.points.length || (a.move < b.move ? -1 : 1));
}

/** What is believed by region now, and what was on an earlier day; by the move with the most own sets in it. */
export function regionBeliefs(
  person: Person,
  book: MoveBook,
  { before, on }: { readonly before: string; readonly on: string },
): readonly RegionBelief[] {
  const counts = new Map<Region, Map<string, number>>();
  for (const { move } of person.workingSets ?? []) {
    const scaled = scaledMove(book.get(move));
    if (!scaled) continue;
    const own = counts.get(scaled.region) ?? new Map<string, number>();
    own.set(move, (own.get(move) ?? 0) + 1);
    counts.set(scaled.region, own);
  }
  const known = new Map<string, Strengths>();
  return [...counts].flatMap(([region, moves]): RegionBelief[] => {
    const [id] = [...moves].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))[0] ?? [];
    const move = id === undefined ? undefined : book.get(id);
    const now = move && bandOn(person, move, book, on, known);
    const then = move && bandOn(person, move, book, before, known);
    return id !== undefined && now && then ? [{ region, move: id, now, before: then }] : [];
  });
}
