/** The ways that are open to a person in a slot, with what each costs. */

import type { Way as LevelWay } from "../class/document";
import {
  type Alternative,
  type Block,
  type ClassDoc,
  doseAt,
  type Slot,
  type Stance,
} from "../class/document";
import { lastsAsSaid } from "../class/dose-kinds";
import { slotSides } from "../class/expand";
import { slotMove } from "../class/sequence";
import { type Care, careFor } from "../homes/care";
import type { Filling } from "../homes/fillings";
import { fillingsOf, fillMove, usesAt } from "../homes/fillings";
import { type Goal, goalOn } from "../homes/goals";
import type { Person } from "../homes/home";
import { type HomeIndex, homeIndex } from "../homes/home-index";
import { kitFacts } from "../homes/kit-types";
import { excludes, type Limit } from "../homes/limits";
import type { Use } from "../homes/match";
import { noRoom } from "../homes/space";
import { bodyOf } from "../moves/body";
import type { KnownMove, MoveBook } from "../moves/book";
import type { Strengths } from "../strength/belief";
import { type Judge, judgeOf } from "../strength/judge";
import { COSTS, type CostSheet, NO_COST } from "./costs";
import { withGoal } from "./goal-way";
import { lastResort } from "./last-resort";
import { type Entry, entryOf, idOf, isGentle, planFor, type Wanted } from "./plan";
import type { Reached } from "./reach";
import { setChoices, type WaySet } from "./sets";
import { type Doing, distinctAppearances, holdsForReps, isEachSide, type Work, workAt } from "./work";

/** One way of doing a slot in a home: a move, the things used, and how much in every set. */
export interface OpenWay {
  readonly move: KnownMove;
  /** The things of the first set. */
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
  readonly judge: Judge | null;
  /** One that stands for all, or one for each of the slot's own appearances. */
  readonly sets: readonly WaySet[];
  /** Tenths by which the dose came down. */
  readonly less: number;
  /** A one-sided way in a two-sided timed piece: its sides share it. */
  readonly shares: boolean;
  /** Its reps are of each side, where the slot's are of both. */
  readonly eachSide: boolean;
  /** The level's numbers by which it is done, with those of a goal; null where it is done as it is set. */
  readonly numbers: LevelWay | null;
  readonly goal: Goal | null;
  /** One of the instructor's own ways for who can't do what is set. */
  readonly own?: Alternative;
}

/** Where a slot's ways are looked for, and for whom. */
export interface Asked {
  readonly block: Block;
  readonly slot: Slot;
  readonly wanted: Wanted;
  readonly person: Person;
  readonly book: MoveBook;
  readonly stance: Stance;
  /** What is believed of the person. */
  readonly strengths: Strengths;
  /** The day for which goals hold; left out: whichever there are. */
  readonly on?: string | undefined;
}

/** The kilograms of each thing in a set (of the sum where two are held as one), or null. */
export function kgOf({ option }: WaySet): number | null {
  return option?.kg ?? null;
}

/** The set of a way in the slot's `index`-th own appearance. */
export function setAt(sets: readonly WaySet[], index: number): WaySet {
  return sets[Math.min(index, sets.length - 1)] as WaySet;
}

/** The first limit that rules a move out for a person, or a reason of space; null where nothing does. */
export function obstacle(move: KnownMove, person: Person): Limit | "ceiling" | "length" | "jumping" | null {
  for (const limit of person.limits ?? []) if (excludes(limit, move)) return limit;
  return noRoom(move, person);
}

/** Whether a person can do a move as it stands: no limit, no want of room or of kit. */
export function canDo(person: Person, move: KnownMove): boolean {
  return obstacle(move, person) === null && fillMove(move.needs, person) !== null;
}

/** What a home can do for a move: every filling of its needs. */
export interface Means {
  readonly open: boolean;
  readonly fillings: readonly Filling[];
}

/** What a home can do for a move, remembered for as long as the home is at hand. */
export function meansOf(home: HomeIndex, move: KnownMove): Means {
  const there = home.known.get(move) as Means | undefined;
  if (there) return there;
  const open = obstacle(move, home.person) === null;
  const { list: fillings, stopped } = open ? fillingsOf(move.needs, home) : { list: [], stopped: false };
  if (stopped) home.stopped.add(move);
  const made = { open, fillings };
  home.known.set(move, made);
  return made;
}

const WEIGHTS: readonly string[] = ["hand-weight", "held-weight", "kettlebell"];

/** Points of what is held: a household thing for a weight, or two things where one is asked for. */
function heldPoints({ weighed, uses, doubled }: Filling, home: HomeIndex): number {
  const use =
    weighed !== null && WEIGHTS.includes(weighed) ? uses.find(({ as }) => as === weighed) : undefined;
  const type = home.kit.find(({ id }) => id === use?.kit)?.type;
  const household = type !== undefined && kitFacts(type).from === "home";
  return (household ? COSTS.household : 0) + (doubled ? COSTS.doubled : 0);
}

/** How a move does a slot at a mark, whoever does it and whatever is used for it. */
interface Attempt {
  readonly doing: Doing;
  readonly works: readonly Work[];
}

/** Whether a move is done by the one arm or leg that a person has to work with. */
function worksAlone(move: KnownMove, { arm, leg }: Care): boolean {
  if (!arm && !leg) return false;
  const body = bodyOf(move);
  return (arm && body?.arms === "one") || (leg && body?.legs === "one");
}

/** How a move does a slot that it is named for. */
export function attemptOf(move: KnownMove, asked: Asked): Attempt {
  return entryAttempt(namedEntry(move, asked), asked, goalFor(move, asked));
}

/** The goal of this person in a move; none where they get warm or come down. */
function goalFor(move: KnownMove, { person, block, on }: Asked): Goal | null {
  return isGentle(block) ? null : goalOn(person.goals, move.id, on);
}

function entryAttempt(entry: Entry, asked: Asked, goal: Goal | null): Attempt {
  const { slot, block, wanted, book, stance, person } = asked;
  const { move } = entry.reached;
  const sides = slotSides(slot, book);
  // The slot's own move is done as the slot says; any other one, also a level's, by its own sides.
  const set = slotMove(slot, book);
  const from = move === set ? null : { move: set, sides };
  const alone = worksAlone(move, careFor(person));
  const sharing =
    from !== null && !alone && move.sides === "inTurn" && sides !== "inTurn" && sides !== "swap";
  const timed = lastsAsSaid(doseAt(slot, 0)) || holdsForReps(doseAt(slot, 0), { from, move });
  // Numbers that a level has without a move of its own are about the person, whatever way they do.
  const numbers = entry.isTarget || wanted.way?.move === undefined;
  const doing: Doing = {
    slot,
    way: withGoal(numbers ? wanted.way : null, goal, { slot, block }, move),
    move,
    // One limb that works alone does it for both: there is no other side to change to.
    sides: alone && from ? "both" : from ? (move.sides ?? "both") : sides,
    shares: sharing && timed,
    from,
    mark: wanted.mark,
    stance,
    care: careFor(person),
    gentle: isGentle(block),
  };
  const works = Array.from({ length: distinctAppearances(slot, block) }, (_, i) => workAt(doing, i));
  return { doing, works };
}

interface KnownAttempt extends Attempt {
  readonly stance: Stance;
  readonly capped: boolean;
  readonly gentle: boolean;
}

const attempts = new WeakMap<Entry, Map<Care, KnownAttempt>>();

/** The same for everybody whose limits ask the same of a dose: an entry belongs to one slot at one mark. */
function attemptFor(entry: Entry, asked: Asked, goal: Goal | null): Attempt {
  // A goal is one person's own.
  if (goal) return entryAttempt(entry, asked, goal);
  const capped = asked.block.cap !== undefined;
  const care = careFor(asked.person);
  const byCare = attempts.get(entry) ?? new Map<Care, KnownAttempt>();
  attempts.set(entry, byCare);
  const there = byCare.get(care);
  const gentle = isGentle(asked.block);
  if (there?.stance === asked.stance && there.capped === capped && there.gentle === gentle) return there;
  const made = { ...entryAttempt(entry, asked, null), stance: asked.stance, capped, gentle };
  byCare.set(care, made);
  return made;
}

/** The ways of one move with one filling: none where no weight of it is open. */
function waysOf(
  entry: Entry,
  { doing, works }: Attempt,
  judge: Judge | null,
  filling: Filling,
  home: HomeIndex,
  goal: Goal | null,
): readonly OpenWay[] {
  const held = heldPoints(filling, home);
  return setChoices(doing, works, filling, judge, home).map(({ sets, less, strain, lessPoints }) => ({
    move: doing.move,
    uses: usesAt(filling, sets[0]?.option ?? null),
    level: entry.level,
    swapped: entry.swapped,
    isTarget: entry.isTarget,
    steps: entry.reached.steps,
    cost: { ...entry.sheet, kit: entry.sheet.kit + held, less: lessPoints, strain },
    total: entry.total + held + lessPoints + strain,
    filling,
    judge,
    sets,
    less,
    shares: doing.shares,
    eachSide: isEachSide(doing),
    numbers: doing.way,
    goal,
  }));
}

/** Of the ways of one move those that come nearest to a weight that was written, whichever things they are made of. */
function nearest(ways: readonly OpenWay[]): readonly OpenWay[] {
  const offs = ways.map(({ sets }) => sets.reduce((sum, { off }) => sum + off, 0));
  const least = Math.min(...offs);
  return offs.every((off) => off === least) ? ways : ways.filter((_, i) => (offs[i] ?? 0) <= least + 1e-9);
}

/** Whether a goal's weight is reached, or kept to, without it. */
function meetsGoal(ways: readonly OpenWay[], { kg = 0, atMost }: Goal): boolean {
  const [first, ...rest] = ways;
  if (!first) return false;
  const best = rest.reduce((least, way) => (way.total < least.total ? way : least), first);
  const held = best.sets[0] && kgOf(best.sets[0]);
  if (held === null || held === undefined) return false;
  return atMost ? held <= kg + 1e-9 : held >= kg - 1e-9;
}

/** The ways of one move, by a goal where there is one; its weight counts where it isn't met anyhow. */
function goalWays(
  entry: Entry,
  asked: Asked,
  judge: Judge | null,
  fillings: readonly Filling[],
  home: HomeIndex,
): readonly OpenWay[] {
  const goal = goalFor(entry.reached.move, asked);
  const made = (by: Goal | null) => {
    const attempt = attemptFor(entry, asked, by);
    return nearest(fillings.flatMap((filling) => waysOf(entry, attempt, judge, filling, home, goal)));
  };
  if (goal?.kg === undefined) return made(goal);
  const { kg: _kg, ...free } = goal;
  const ways = made(free);
  return meetsGoal(ways, goal) ? ways : made(goal);
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
 * All ways of a slot that this home can meet, no limit excludes and this person's strength leaves open,
 * cheapest first; ties go to fewer links, then the smaller move id, then the kit named first. Ways dearer
 * than the cheapest by more than `within` points are left out.
 */
export function openWays(asked: Asked, within = Number.POSITIVE_INFINITY): readonly OpenWay[] {
  const { entries, wanted } = planFor(asked.slot, asked.wanted.mark, asked.book);
  const found = new Found({ ...asked, wanted }, within);
  // The way that is wanted costs nothing by itself, so it comes first.
  for (const entry of entries) {
    if (entry.total > found.limit) break;
    found.add(entry);
  }
  if (found.isEmpty) {
    for (const entry of lastResort(asked.slot, asked.wanted.mark, asked.book)) {
      if (entry.total > found.limit) break;
      found.add(entry);
    }
  }
  return found.sorted();
}

/** Ways as they are found, as far as they are not dearer than the cheapest by more than `within`. */
class Found {
  private readonly ways: OpenWay[] = [];
  private readonly home: HomeIndex;
  private least = Number.POSITIVE_INFINITY;
  /** Whether the way that is wanted is about as hard as it was meant. */
  private right = false;

  constructor(
    private readonly asked: Asked,
    private readonly within: number,
  ) {
    this.home = homeIndex(asked.person);
  }

  get isEmpty(): boolean {
    return this.ways.length === 0;
  }

  get limit(): number {
    return this.least + this.within;
  }

  add(entry: Entry): void {
    const more = this.right ? stayPoints(entry) : this.withoutPoints(entry);
    const { fillings } = meansOf(this.home, entry.reached.move);
    if (fillings.length === 0 || entry.total + more > this.limit) return;
    const judge = judgeOf(this.asked.strengths, entry.reached.move);
    for (const way of goalWays(entry, this.asked, judge, fillings, this.home)) this.take(way, more);
  }

  /** More for going without: only where the thing that was set isn't there, not where it is too heavy. */
  private withoutPoints({ unloaded }: Entry): number {
    const { fillings } = meansOf(this.home, this.asked.wanted.target);
    return unloaded && fillings.length === 0 ? COSTS.without : 0;
  }

  private take(way: OpenWay, more: number): void {
    this.right ||= way.isTarget && way.cost.strain + way.cost.less <= COSTS.smaller;
    this.least = Math.min(this.least, way.total + more);
    if (way.total + more <= this.limit) this.ways.push(more === 0 ? way : dearer(way, more, this.right));
  }

  sorted(): readonly OpenWay[] {
    return this.ways.filter((way) => way.total <= this.limit).sort(byCost);
  }
}

/**
 * Where the way that is wanted is about as hard as it was meant, nothing is gained by a smaller one, one
 * with other kit or without: these then cost as much as any other move, so that what was set isn't left
 * for the sake of a shorter change-over.
 */
function stayPoints({ isTarget, sheet }: Entry): number {
  return isTarget || sheet.leave > 0 ? 0 : COSTS.leave;
}

function dearer(way: OpenWay, more: number, right: boolean): OpenWay {
  const term = right ? "leave" : "kit";
  return { ...way, cost: { ...way.cost, [term]: way.cost[term] + more }, total: way.total + more };
}

/** Whether the search for ways to meet a move's needs stopped early, for any move that a slot leads to. */
export function searchStopped(slot: Slot, wanted: Wanted, person: Person, book: MoveBook): boolean {
  const { stopped } = homeIndex(person);
  if (stopped.size === 0) return false;
  return planFor(slot, wanted.mark, book).entries.some(({ reached }) => stopped.has(reached.move));
}

/** The ways of one move only, for a cell that the instructor has overruled. */
export function overruledWays(asked: Asked, moveId: string): readonly OpenWay[] {
  const { slot, book } = asked;
  const plan = planFor(slot, asked.wanted.mark, book);
  const entry = plan.entries.find((other) => other.reached.move.id === moveId);
  const move = book.get(moveId);
  if (!entry && !move) return [];
  const chosen = entry ?? entryOf(slot, plan.wanted, farFrom(move as KnownMove), book);
  return waysOfEntry(chosen, { ...asked, wanted: plan.wanted });
}

const farFrom = (move: KnownMove): Reached => ({ move, steps: 4, level: 0, swapped: true, links: [] });

/** The ways of a move that the instructor names herself: nothing is counted against it but how hard it is and what is held. */
export function waysOfMove(asked: Asked, move: KnownMove): readonly OpenWay[] {
  return waysOfEntry(namedEntry(move, asked), asked);
}

function namedEntry(move: KnownMove, { wanted }: Asked): Entry {
  const isTarget = move === wanted.target;
  const level = isTarget ? wanted.targetLevel : 0;
  const reached = { ...farFrom(move), steps: 0, level };
  return { reached, isTarget, level, swapped: !isTarget, unloaded: false, sheet: NO_COST, total: 0 };
}

function waysOfEntry(entry: Entry, asked: Asked): readonly OpenWay[] {
  const home = homeIndex(asked.person);
  const { move } = entry.reached;
  const judge = judgeOf(asked.strengths, move);
  return [...goalWays(entry, asked, judge, meansOf(home, move).fillings, home)].sort(byCost);
}

/** The move that the instructor chose for this person and slot: for this class, always, or as what they go on to. */
export function overruledMove(
  doc: ClassDoc,
  slot: Slot,
  person: Person,
  on: string | undefined,
): string | null {
  const once = doc.overruled?.find((entry) => entry.slot === slot.id && entry.person === person.id);
  if (once) return once.move;
  const id = typeof slot.move === "string" ? slot.move : slot.move.like;
  if (id === undefined) return null;
  return person.always?.[id] ?? goalOn(person.goals, id, on)?.move ?? null;
}
