/** What the choice of a part is made of: the open ways of every slot, and what changing between them costs. */
import { type ClassDoc, type Slot, slotsOf } from "../class/document";
import type { Person } from "../homes/home";
import { homeIndex } from "../homes/home-index";
import type { KitItem } from "../homes/kit";
import { bookFor, type MoveBook } from "../moves/book";
import type { Seconds } from "../units";
import {
  CHANGE_OVER,
  type ChangeOverTable,
  changeOverSeconds,
  EMPTY_HANDED,
  type Stand,
} from "./change-over";
import type { PairCost } from "./choose";
import { COSTS } from "./costs";
import { type Sequence, sequenceOf } from "./neighbours";
import { type Wanted, wantedFor } from "./plan";
import { type OpenWay, openWays, overruledMove, overruledWays } from "./ways";

/** One slot of a class for one person: what is wanted, and the ways that are open. */
export interface Cell {
  readonly slot: Slot;
  readonly wanted: Wanted;
  readonly overruled: string | null;
  readonly ways: readonly OpenWay[];
}

/** What the choice is made of; handed to the tests, which add it up for themselves. */
export interface PartProblem {
  readonly person: Person;
  readonly cells: readonly Cell[];
  readonly sequence: Sequence;
  readonly kit: ReadonlyMap<string, KitItem>;
  readonly table: ChangeOverTable;
}

/** What decides the change-overs of a way; an unmet slot leaves a person standing with nothing. */
export function standOf(way: OpenWay | null): Stand {
  if (!way) return EMPTY_HANDED;
  const filled = way.uses.some((use) => use.as === "filling");
  const uses = filled ? way.uses.filter((use) => use.as !== "filling") : way.uses;
  return { position: way.move.position, uses, setupSeconds: way.move.setupSeconds ?? 0 };
}

/** Points of one change-over. */
export function changeOverPoints(seconds: Seconds): number {
  return COSTS.changeOver * Math.ceil(seconds / COSTS.changeOverUnitSeconds);
}

const longestSetUp = new WeakMap<MoveBook, Seconds>();

function setUpOf(book: MoveBook): Seconds {
  const known = longestSetUp.get(book);
  if (known !== undefined) return known;
  const most = book.moves.reduce((longest, move) => Math.max(longest, move.setupSeconds ?? 0), 0);
  longestSetUp.set(book, most);
  return most;
}

/** Lines of kit that one way uses at the most. */
const MOST_LINES = 4;

/** The most points that one change-over can take in a home: nothing dearer by more is ever best. */
function mostPoints(person: Person, book: MoveBook, table: ChangeOverTable): number {
  const most = (seconds: Iterable<Seconds>) => Math.max(table.otherKit, ...seconds);
  const position = Math.max(...Object.values(table.position).flatMap((row) => Object.values(row)));
  const down = MOST_LINES * most(Object.values(table.putDown));
  const up = MOST_LINES * most(Object.values(table.takeUp));
  const load = Math.max(table.changeLoad, ...(person.kit ?? []).map((item) => item.changeSeconds ?? 0));
  return changeOverPoints(Math.max(position, down) + up + load + setUpOf(book));
}

function standKey(way: OpenWay): string {
  let key = `${way.move.position ?? ""}|${way.move.setupSeconds ?? 0}`;
  for (const { kit, count, as, kg } of way.uses) key += `|${kit}*${count}:${as}@${kg ?? ""}`;
  return key;
}

/** Of ways that nobody could tell apart while changing over, only the cheapest can be best. */
function distinct(ways: readonly OpenWay[]): readonly OpenWay[] {
  if (ways.length < 2) return ways;
  const seen = new Set<string>();
  return ways.filter((way) => {
    const key = standKey(way);
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
}

interface KnownCell {
  readonly book: MoveBook;
  readonly stance: ClassDoc["stance"];
  readonly within: number;
  readonly cell: Cell;
}

/** The cell of a slot; one that was worked out for as much or more serves again. */
function cellFor(doc: ClassDoc, slot: Slot, person: Person, book: MoveBook, within: number): Cell {
  const overruled = overruledMove(doc, slot, person);
  const { passing } = homeIndex(person);
  const there = passing.get(slot) as KnownCell | undefined;
  if (
    there &&
    there.book === book &&
    there.stance === doc.stance &&
    there.within >= within &&
    there.cell.overruled === overruled
  ) {
    return there.cell;
  }
  const cell = workOutCell(doc, slot, person, book, within, overruled);
  passing.set(slot, { book, stance: doc.stance, within, cell } satisfies KnownCell);
  return cell;
}

function workOutCell(
  doc: ClassDoc,
  slot: Slot,
  person: Person,
  book: MoveBook,
  within: number,
  overruled: string | null,
): Cell {
  const wanted = wantedFor(slot, person, book);
  const ways =
    overruled === null
      ? openWays(slot, wanted, person, book, doc.stance, within)
      : overruledWays(slot, wanted, overruled, person, book, doc.stance);
  return { slot, wanted, overruled, ways: distinct(ways) };
}

/** All slots, their open ways and their neighbours. The document must be valid. */
export function partProblem(
  doc: ClassDoc,
  person: Person,
  library: MoveBook,
  table: ChangeOverTable = CHANGE_OVER,
): PartProblem {
  const book = bookFor(doc, library);
  const sequence = sequenceOf(doc, library);
  const meetings = new Map<string, number>();
  for (const { from, to, times } of sequence.pairs) {
    meetings.set(from, (meetings.get(from) ?? 0) + times);
    meetings.set(to, (meetings.get(to) ?? 0) + times);
  }
  const most = mostPoints(person, book, table);
  const cells = doc.blocks.flatMap((block) =>
    slotsOf(block).map((slot) =>
      // A way dearer than the cheapest by more than all its change-overs can cost is never best.
      cellFor(doc, slot, person, book, (meetings.get(slot.id) ?? 0) * most),
    ),
  );
  const kit = new Map((person.kit ?? []).map((item) => [item.id, item]));
  return withoutHopeless({ person, cells, sequence, kit, table });
}

/**
 * Leaves out the ways that can't be best: dearer than the cheapest of their slot by more than all the
 * change-overs of that cheapest one with anything that its neighbours could do.
 */
function withoutHopeless(problem: PartProblem): PartProblem {
  const { cells, sequence, kit, table } = problem;
  const byId = new Map(cells.map((cell) => [cell.slot.id, cell]));
  const spare = new Map<string, number>();
  const stands = new Map(cells.map((cell) => [cell.slot.id, cell.ways.map(standOf)]));
  const most = (id: string, other: string, first: boolean) => {
    const [best] = stands.get(id) ?? [];
    let points = 0;
    if (!best || (byId.get(id)?.ways.length ?? 0) < 2) return points;
    for (const stand of stands.get(other) ?? []) {
      const seconds = first
        ? changeOverSeconds(best, stand, kit, table)
        : changeOverSeconds(stand, best, kit, table);
      points = Math.max(points, changeOverPoints(seconds));
    }
    return points;
  };
  for (const { from, to, times } of sequence.pairs) {
    spare.set(from, (spare.get(from) ?? 0) + times * most(from, to, true));
    spare.set(to, (spare.get(to) ?? 0) + times * most(to, from, false));
  }
  const kept = cells.map((cell) => {
    const limit = (cell.ways[0]?.total ?? 0) + (spare.get(cell.slot.id) ?? 0);
    const ways = cell.ways.filter((way) => way.total <= limit);
    return ways.length === cell.ways.length ? cell : { ...cell, ways };
  });
  return { ...problem, cells: kept };
}

/** The pairs of a problem with their costs in points, remembered as they are asked for. */
export function pairCosts({ cells, sequence, kit, table }: PartProblem): PairCost[] {
  const at = new Map(cells.map((cell, i) => [cell.slot.id, i]));
  const pairs: PairCost[] = [];
  for (const { from, to, times } of sequence.pairs) {
    const [a, b] = [at.get(from), at.get(to)];
    if (a === undefined || b === undefined) continue;
    const [left, right] = [(cells[a] as Cell).ways, (cells[b] as Cell).ways];
    // An unmet slot is passed over: nothing is changed for it.
    if (left.length === 0 || right.length === 0) continue;
    const known: number[] = [];
    const [leftStands, rightStands] = [left.map(standOf), right.map(standOf)];
    pairs.push({
      a,
      b,
      cost: (x, y) => {
        const key = x * right.length + y;
        let points = known[key];
        if (points === undefined) {
          const seconds = changeOverSeconds(leftStands[x] as Stand, rightStands[y] as Stand, kit, table);
          points = times * changeOverPoints(seconds);
          known[key] = points;
        }
        return points;
      },
    });
  }
  return pairs;
}

/** What each way costs by itself; an unmet slot has one state. */
export function ownCosts({ cells }: PartProblem): number[][] {
  return cells.map(({ ways }) => (ways.length === 0 ? [COSTS.unmet] : ways.map((way) => way.total)));
}
