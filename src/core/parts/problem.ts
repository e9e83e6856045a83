/** What the choice of a part is made of: the open ways of every slot, and what changing between them costs. */
import { type Block, type ClassDoc, type Slot, slotsOf } from "../class/document";
import { usesAt } from "../homes/fillings";
import type { Mark, Person } from "../homes/home";
import { homeIndex } from "../homes/home-index";
import type { KitItem } from "../homes/kit";
import { bookFor, type MoveBook } from "../moves/book";
import type { Strengths } from "../strength/belief";
import { strengthsOf } from "../strength/of-person";
import type { Seconds } from "../units";
import { alternativeWays } from "./alternatives";
import {
  CHANGE_OVER,
  type ChangeOverTable,
  changeOverSeconds,
  EMPTY_HANDED,
  type Stand,
} from "./change-over";
import type { PairCost } from "./choose";
import { COSTS } from "./costs";
import { type Neighbours, type Sequence, sequenceOf } from "./neighbours";
import { idOf, type Wanted, wantedAt, wantedFor } from "./plan";
import type { Twins } from "./repeats";
import { type Asked, kgOf, type OpenWay, openWays, overruledMove, overruledWays, setAt } from "./ways";

/** One slot of a class for one person: what is wanted, and the ways that are open. */
export interface Cell {
  readonly slot: Slot;
  readonly wanted: Wanted;
  readonly overruled: string | null;
  readonly ways: readonly OpenWay[];
  readonly asked: Asked;
}

/** What the choice is made of; handed to the tests, which add it up for themselves. */
export interface PartProblem {
  readonly person: Person;
  readonly cells: readonly Cell[];
  readonly sequence: Sequence;
  readonly kit: ReadonlyMap<string, KitItem>;
  readonly table: ChangeOverTable;
  /** Slots that had better not be done with the same move. */
  readonly twins: readonly Twins[];
}

/**
 * What decides the change-overs of a way in one of its slot's appearances, from 0; an unmet slot leaves a
 * person standing with nothing.
 */
export function standOf(way: OpenWay | null, index = 0): Stand {
  if (!way) return EMPTY_HANDED;
  const all = index === 0 ? way.uses : usesAt(way.filling, setAt(way.sets, index).option);
  const filled = all.some((use) => use.as === "filling");
  const uses = filled ? all.filter((use) => use.as !== "filling") : all;
  return { position: way.move.position, uses, setupSeconds: way.move.setupSeconds ?? 0 };
}

/** Whether a way's weight changes from set to set. */
export function isVaried({ sets }: OpenWay): boolean {
  return sets.some(({ option }) => option?.kg !== sets[0]?.option?.kg);
}

/** Points of all the times that one way follows another; of ways whose weights change each time by itself. */
export function followPoints(
  { times, meetings }: Pick<Neighbours, "times" | "meetings">,
  from: OpenWay | null,
  to: OpenWay | null,
  kit: PartProblem["kit"],
  table: ChangeOverTable,
): number {
  const once = (i: number, j: number) =>
    changeOverPoints(changeOverSeconds(standOf(from, i), standOf(to, j), kit, table));
  const varies = (from && isVaried(from)) || (to && isVaried(to));
  return varies ? meetings.reduce((sum, [i, j]) => sum + once(i, j), 0) : times * once(0, 0);
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

function standKey(way: OpenWay, byMove: boolean): string {
  let key = `${byMove ? idOf(way.move) : ""}|${way.move.position ?? ""}|${way.move.setupSeconds ?? 0}`;
  for (const { kit, count, as, kg } of way.uses) key += `|${kit}*${count}:${as}@${kg ?? ""}`;
  if (isVaried(way)) for (const set of way.sets) key += `|${kgOf(set)}`;
  return key;
}

/**
 * Of ways that nobody could tell apart while changing over, only the cheapest can be best; where it counts
 * which move is done (`byMove`), only of those of one move.
 */
function distinct(ways: readonly OpenWay[], byMove: boolean): readonly OpenWay[] {
  if (ways.length < 2) return ways;
  const seen = new Set<string>();
  return ways.filter((way) => {
    const key = standKey(way, byMove);
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
}

interface KnownCell {
  /** What is believed of the person, with the book and the day that it is from. */
  readonly strengths: Strengths;
  readonly stance: ClassDoc["stance"];
  readonly capped: boolean;
  readonly role: Block["role"];
  readonly again: Neighbours | undefined;
  readonly within: number;
  readonly byMove: boolean;
  readonly cell: Cell;
}

/** Whether an own set that follows directly on the last means anything new for a cell. */
function sameAgain(a: Neighbours | undefined, b: Neighbours | undefined): boolean {
  return a === b || (a?.times === b?.times && JSON.stringify(a?.meetings) === JSON.stringify(b?.meetings));
}

/** The cell of a slot; one that was worked out for as much or more serves again. */
function cellFor(doc: ClassDoc, asked: Asked, again: Neighbours | undefined, rest: Rest): Cell {
  const { slot, block, person, strengths, stance } = asked;
  const overruled = overruledMove(doc, slot, person, asked.on);
  const { passing } = homeIndex(person);
  const there = passing.get(slot) as KnownCell | undefined;
  const capped = block.cap !== undefined;
  const serves =
    there?.strengths === strengths &&
    there.stance === stance &&
    there.capped === capped &&
    there.role === block.role &&
    there.within >= rest.within &&
    (there.byMove || !rest.byMove) &&
    there.cell.overruled === overruled &&
    there.cell.wanted.mark === asked.wanted.mark &&
    sameAgain(there.again, again);
  if (there && serves) return there.cell;
  const cell = workOutCell(asked, again, rest, overruled);
  const { within, byMove } = rest;
  const { role } = block;
  passing.set(slot, { strengths, stance, capped, role, again, within, byMove, cell } satisfies KnownCell);
  return cell;
}

/** What else a cell hangs on: how dear a way may be, and what a change costs here. */
interface Rest {
  readonly within: number;
  /** Whether it counts which move is done, not only with what and where. */
  readonly byMove: boolean;
  readonly kit: PartProblem["kit"];
  readonly table: ChangeOverTable;
}

function workOutCell(
  asked: Asked,
  again: Neighbours | undefined,
  { within, byMove, kit, table }: Rest,
  overruled: string | null,
): Cell {
  const { slot, wanted } = asked;
  const found =
    overruled === null
      ? (alternativeWays(asked) ?? openWays(asked, within))
      : overruledWays(asked, overruled);
  const ways = again
    ? found
        .map((way) =>
          isVaried(way) ? { ...way, total: way.total + followPoints(again, way, way, kit, table) } : way,
        )
        .sort((a, b) => a.total - b.total)
    : found;
  return { slot, wanted, overruled, ways: distinct(ways, byMove), asked };
}

export interface ProblemOptions {
  readonly table?: ChangeOverTable;
  readonly mark?: Mark;
  readonly on?: string;
  /** Points by which a way may be dearer for what it saves in repeats; then every move counts by itself. */
  readonly repeats?: number;
  /** Slots that are done no harder than they are set. */
  readonly calm?: ReadonlySet<string>;
}

/** All slots, their open ways and their neighbours. The document must be valid. */
export function partProblem(
  doc: ClassDoc,
  person: Person,
  library: MoveBook,
  { table = CHANGE_OVER, mark, on, repeats = 0, calm }: ProblemOptions = {},
): PartProblem {
  const book = bookFor(doc, library);
  const sequence = sequenceOf(doc, library);
  const meetings = new Map<string, number>();
  for (const { from, to, times } of [...sequence.pairs, ...sequence.again]) {
    meetings.set(from, (meetings.get(from) ?? 0) + times);
    meetings.set(to, (meetings.get(to) ?? 0) + times);
  }
  const most = mostPoints(person, book, table);
  const kit = new Map((person.kit ?? []).map((item) => [item.id, item]));
  const again = new Map(sequence.again.map((pair) => [pair.from, pair]));
  const strengths = strengthsOf(person, book, on);
  const cells = doc.blocks.flatMap((block) =>
    slotsOf(block).map((slot) => {
      // A way dearer than the cheapest by more than all its change-overs can cost is never best.
      const within = (meetings.get(slot.id) ?? 0) * most + repeats;
      const level = calm?.has(slot.id) ? "natural" : mark;
      const wanted = level ? wantedAt(slot, level, book) : wantedFor(block, slot, person, book);
      const asked = { block, slot, wanted, person, book, stance: doc.stance, strengths, on };
      return cellFor(doc, asked, again.get(slot.id), { within, byMove: repeats > 0, kit, table });
    }),
  );
  const twins = twinsOf(doc, cells);
  return withoutHopeless({ person, cells, sequence, kit, table, twins }, repeats);
}

const twinSlots = new WeakMap<ClassDoc, readonly (readonly [string, string])[]>();

/** Slots of one lap that share a round, by their ids. */
function twinSlotsOf(doc: ClassDoc): readonly (readonly [string, string])[] {
  const there = twinSlots.get(doc);
  if (there) return there;
  const made = doc.blocks.flatMap((block) => {
    if (block.loop === "station" && block.cap === undefined) return [];
    const slots = slotsOf(block);
    return slots.flatMap((a, i) =>
      slots
        .slice(i + 1)
        .filter((b) => !a.rounds || !b.rounds || a.rounds.some((round) => b.rounds?.includes(round)))
        .map((b) => [a.id, b.id] as const),
    );
  });
  twinSlots.set(doc, made);
  return made;
}

/** Those of them that are set with different moves: doing them with the same one costs extra. */
function twinsOf(doc: ClassDoc, cells: readonly Cell[]): readonly Twins[] {
  const at = new Map(cells.map((cell, i) => [cell.slot.id, i]));
  return twinSlotsOf(doc).flatMap(([first, second]) => {
    const [a, b] = [at.get(first) ?? 0, at.get(second) ?? 0];
    const [x, y] = [a, b].map((i) => idOf((cells[i] as Cell).wanted.base));
    return x === y ? [] : [{ a, b }];
  });
}

/**
 * Leaves out the ways that can't be best: dearer than the cheapest of their slot by more than all the
 * change-overs of that cheapest one with anything that its neighbours could do, and what may be saved in repeats.
 */
function withoutHopeless(problem: PartProblem, repeats: number): PartProblem {
  const { cells, sequence, kit, table } = problem;
  const waysById = new Map(cells.map((cell) => [cell.slot.id, cell.ways]));
  const spare = new Map<string, number>();
  const most = (id: string, other: string, pair: Neighbours) => {
    const [best] = waysById.get(id) ?? [];
    if (!best || (waysById.get(id)?.length ?? 0) < 2) return 0;
    const all = (waysById.get(other) ?? []).map((way) =>
      id === pair.from
        ? followPoints(pair, best, way, kit, table)
        : followPoints(pair, way, best, kit, table),
    );
    return Math.max(0, ...all);
  };
  for (const pair of sequence.pairs) {
    const { from, to } = pair;
    spare.set(from, (spare.get(from) ?? 0) + most(from, to, pair));
    spare.set(to, (spare.get(to) ?? 0) + most(to, from, pair));
  }
  const kept = cells.map((cell) => {
    const limit = (cell.ways[0]?.total ?? 0) + (spare.get(cell.slot.id) ?? 0) + repeats;
    const ways = cell.ways.filter((way) => way.total <= limit);
    return ways.length === cell.ways.length ? cell : { ...cell, ways };
  });
  return { ...problem, cells: kept };
}

/** The pairs of a problem with their costs in points, remembered as they are asked for. */
export function pairCosts({ cells, sequence, kit, table }: PartProblem): PairCost[] {
  const at = new Map(cells.map((cell, i) => [cell.slot.id, i]));
  const pairs: PairCost[] = [];
  for (const pair of sequence.pairs) {
    const { from, to } = pair;
    const [a, b] = [at.get(from), at.get(to)];
    if (a === undefined || b === undefined) continue;
    const [left, right] = [(cells[a] as Cell).ways, (cells[b] as Cell).ways];
    // An unmet slot is passed over: nothing is changed for it.
    if (left.length === 0 || right.length === 0) continue;
    const known: number[] = [];
    pairs.push({
      a,
      b,
      cost: (x, y) => {
        const key = x * right.length + y;
        let points = known[key];
        if (points === undefined) {
          points = followPoints(pair, left[x] ?? null, right[y] ?? null, kit, table);
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
