/** The ways that are open to a person in a slot, with what each costs. */

import type { ClassDoc, Slot, Stance } from "../class/document";
import { doseAt } from "../class/document";
import { lastsAsSaid } from "../class/dose-kinds";
import type { Filling } from "../homes/fillings";
import { fillingsOf, usesAt } from "../homes/fillings";
import type { Person } from "../homes/home";
import { type HomeIndex, homeIndex } from "../homes/home-index";
import { excludes, type Limit } from "../homes/limits";
import type { Use } from "../homes/match";
import type { KnownMove, MoveBook } from "../moves/book";
import { TENSIONS, type Tension } from "../moves/move";
import { COSTS, type CostSheet } from "./costs";
import { ABOVE, type LoadGoal, loadGoal, nearestWeight, wantedKg } from "./loads";
import { type Entry, entryOf, idOf, planFor, type Wanted } from "./plan";

/** One way of doing a slot in a home: a move, the things used, and how much. */
export interface OpenWay {
  readonly move: KnownMove;
  readonly uses: readonly Use[];
  /** Difficulty against the slot's own move: −1 is one step easier. */
  readonly level: number;
  readonly swapped: boolean;
  /** Whether it is just what is wanted at this person's mark. */
  readonly isTarget: boolean;
  readonly steps: number;
  readonly cost: CostSheet;
  readonly total: number;
  readonly filling: Filling;
  readonly goal: LoadGoal;
  /** Kilograms of each thing held (of the sum where two are held as one), or null. */
  readonly kg: number | null;
  /** Kilograms that were looked for, or null. */
  readonly wantedKg: number | null;
}

/** The first limit that rules a move out for a person, or a reason of space; null where nothing does. */
export function obstacle(move: KnownMove, person: Person): Limit | "ceiling" | "length" | "jumping" | null {
  for (const limit of person.limits ?? []) if (excludes(limit, move)) return limit;
  const { space } = person;
  if (!space) return null;
  if (space.jumping === false && (move.impact === "high" || move.loads?.includes("jump"))) return "jumping";
  if (space.ceilingCm !== undefined && (move.room?.heightCm ?? 0) > space.ceilingCm) return "ceiling";
  if (space.lengthM !== undefined && (move.room?.lengthM ?? 0) > space.lengthM) return "length";
  return null;
}
/** What a home can do for a move: every filling, and all the weights it can make, lightest first. */
export interface Means {
  readonly open: boolean;
  readonly fillings: readonly Filling[];
  readonly weights: readonly number[];
}

/** What a home can do for a move, remembered for as long as the home is at hand. */
export function meansOf(home: HomeIndex, move: KnownMove): Means {
  const there = home.known.get(move) as Means | undefined;
  if (there) return there;
  const open = obstacle(move, home.person) === null;
  const { list: fillings, stopped } = open ? fillingsOf(move.needs, home) : { list: [], stopped: false };
  if (stopped) home.stopped.add(move);
  const made = { open, fillings, weights: fillings.some((f) => f.weighed) ? weightsIn(fillings) : [] };
  home.known.set(move, made);
  return made;
}

/** The weights that can be made with single things; with two at once only where nothing else will do. */
function weightsIn(fillings: readonly Filling[]): readonly number[] {
  const single = fillings.filter((filling) => !filling.doubled);
  const kgs = (single.length > 0 ? single : fillings).flatMap((f) => f.weights.map((option) => option.kg));
  return [...new Set(kgs)].sort((a, b) => a - b);
}

const WANTED_TENSION = { light: "light", medium: "medium", heavy: "heavy" } as const;

function tensionCost(filling: Filling, goal: LoadGoal): number {
  if (!filling.tension || goal.kind !== "feel") return 0;
  const wanted: Tension = WANTED_TENSION[goal.feel];
  const has = TENSIONS.indexOf(filling.tension) + (filling.doubled ? 1 : 0);
  return Math.abs(has - TENSIONS.indexOf(wanted)) * COSTS.tension;
}

/** How far a weight misses what is wanted, in points. */
function missCost(kg: number, wanted: number): number {
  if (kg > wanted * ABOVE + 1e-9) return COSTS.tooHeavy;
  if (wanted <= 0) return 0;
  const tenths = Math.floor((Math.abs(kg - wanted) / wanted) * 10 + 1e-9);
  return Math.min(COSTS.loadMost, tenths * COSTS.load);
}

function wayOf(
  entry: Entry,
  filling: Filling,
  slot: Slot,
  wanted: Wanted,
  home: HomeIndex,
  stance: Stance,
): OpenWay {
  const { move } = entry.reached;
  const goal: LoadGoal =
    filling.weighed || filling.tension
      ? loadGoal(slot, entry.isTarget ? wanted.way : null, home.person, move, stance)
      : { kind: "none" };
  const kgWanted = filling.weighed ? wantedKg(goal, meansOf(home, move).weights) : null;
  const option = nearestWeight(filling.weights, kgWanted);
  const miss = option && kgWanted !== null ? missCost(option.kg, kgWanted) : tensionCost(filling, goal);
  const doubled = filling.doubled ? COSTS.doubled : 0;
  const load = entry.sheet.load + miss + doubled;
  return {
    move,
    uses: usesAt(filling, option),
    level: entry.level,
    swapped: entry.swapped,
    isTarget: entry.isTarget,
    steps: entry.reached.steps,
    cost: load === 0 ? entry.sheet : { ...entry.sheet, load },
    total: entry.total + miss + doubled,
    filling,
    goal,
    kg: option?.kg ?? null,
    wantedKg: kgWanted,
  };
}

function usesKey(uses: readonly Use[]): string {
  let key = "";
  for (const { kit, count, as, kg } of uses) key += `${kit}*${count}:${as}@${kg ?? ""};`;
  return key;
}

function byCost(a: OpenWay, b: OpenWay): number {
  if (a.total !== b.total) return a.total - b.total;
  if (a.steps !== b.steps) return a.steps - b.steps;
  const [x, y] = [idOf(a.move), idOf(b.move)];
  if (x !== y) return x < y ? -1 : 1;
  const [p, q] = [usesKey(a.uses), usesKey(b.uses)];
  return p === q ? 0 : p < q ? -1 : 1;
}

/**
 * All ways of a slot that this home can meet and no limit excludes, cheapest first; ties go to fewer
 * links, then the smaller move id, then the kit named first. Ways dearer than the cheapest by more
 * than `within` points are left out.
 */
export function openWays(
  slot: Slot,
  wanted: Wanted,
  person: Person,
  book: MoveBook,
  stance: Stance,
  within = Number.POSITIVE_INFINITY,
): readonly OpenWay[] {
  const { entries, wanted: own } = planFor(slot, wanted.mark, book);
  const home = homeIndex(person);
  const ways: OpenWay[] = [];
  let best = Number.POSITIVE_INFINITY;
  for (const entry of entries) {
    if (entry.total > best + within) break;
    for (const filling of meansOf(home, entry.reached.move).fillings) {
      const way = wayOf(entry, filling, slot, own, home, stance);
      best = Math.min(best, way.total);
      ways.push(way);
    }
  }
  return ways.filter((way) => way.total <= best + within).sort(byCost);
}

/** Whether the search for ways to meet a move's needs stopped early, for any move that a slot leads to. */
export function searchStopped(slot: Slot, wanted: Wanted, person: Person, book: MoveBook): boolean {
  const { stopped } = homeIndex(person);
  if (stopped.size === 0) return false;
  return planFor(slot, wanted.mark, book).entries.some(({ reached }) => stopped.has(reached.move));
}

/** The ways of one move only, for a cell that the instructor has overruled. */
export function overruledWays(
  slot: Slot,
  wanted: Wanted,
  moveId: string,
  person: Person,
  book: MoveBook,
  stance: Stance,
): readonly OpenWay[] {
  const plan = planFor(slot, wanted.mark, book);
  const entry = plan.entries.find((other) => other.reached.move.id === moveId);
  const move = book.get(moveId);
  if (!entry && !move) return [];
  const chosen =
    entry ?? entryOf(slot, plan.wanted, { move: move as KnownMove, steps: 4, level: 0, swapped: true }, book);
  const home = homeIndex(person);
  return meansOf(home, chosen.reached.move)
    .fillings.map((filling) => wayOf(chosen, filling, slot, plan.wanted, home, stance))
    .sort(byCost);
}

/** The move that the instructor chose for this person and slot: for this class, or always. */
export function overruledMove(doc: ClassDoc, slot: Slot, person: Person): string | null {
  const once = doc.overruled?.find((entry) => entry.slot === slot.id && entry.person === person.id);
  if (once) return once.move;
  return typeof slot.move === "string" ? (person.always?.[slot.move] ?? null) : null;
}

/** Whether the slot's first dose is timed. */
export function isTimed(slot: Slot): boolean {
  return lastsAsSaid(doseAt(slot, 0));
}
