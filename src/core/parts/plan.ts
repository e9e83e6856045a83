/** What a slot sets at each mark, and every move that can be reached from it with what it costs in any home. */
import { type Block, type Way as LevelWay, type Slot, wayAt } from "../class/document";
import { slotSides } from "../class/expand";
import { slotMove } from "../class/sequence";
import { MARKS, type Mark, type Person, wantedMark } from "../homes/home";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import { IMPACTS, type LinkHow } from "../moves/move";
import { isJudged } from "../strength/judge";
import { COSTS, type CostSheet, costSum, NO_COST } from "./costs";
import { type Reached, reachableFrom } from "./reach";

/** What the slot sets for a person: its move at natural, else its way at their mark. */
export interface Wanted {
  readonly mark: Mark;
  readonly base: KnownMove;
  readonly target: KnownMove;
  readonly targetLevel: number;
  readonly way: LevelWay | null;
}

const LEVEL: Record<Mark, number> = { flat: -1, natural: 0, sharp: 1 };

/** Done as far as it is comfortable, whoever does it: there is no easier one to want. */
const AS_FAR_AS_IT_GOES: readonly (string | undefined)[] = ["stretch", "mobility"];

/** Easier isn't sitting down, nor holding still: what stands and moves is done standing and moving. */
function isAlike(base: KnownMove, move: KnownMove): boolean {
  const sitsDown = move.position === "seated" && base.position !== "seated";
  return !sitsDown && (move.isometric ?? false) === (base.isometric ?? false) && !move.gym;
}

/**
 * What is wanted at a mark: the slot's own way for it; else the move itself, with more or less in reserve
 * where strain can be told in it; else the first link that way to what is done alike.
 */
export function wantedAt(slot: Slot, mark: Mark, book: MoveBook): Wanted {
  const base = slotMove(slot, book);
  const asSet = { mark, base, target: base, targetLevel: 0, way: null };
  if (mark === "natural") return asSet;
  const way = wayAt(slot, mark);
  if (way) {
    const target = way.move === undefined ? base : resolveMove(way.move, book);
    return { mark, base, target, targetLevel: LEVEL[mark], way };
  }
  if (isJudged(base) || AS_FAR_AS_IT_GOES.includes(base.pattern)) return asSet;
  const kind = mark === "flat" ? "easier" : "harder";
  for (const link of base.links ?? []) {
    const move = link.kind === kind ? book.get(link.to) : undefined;
    if (move && isAlike(base, move)) return { mark, base, target: move, targetLevel: LEVEL[mark], way: null };
  }
  return asSet;
}

/** To get warm or to come down. */
export function isGentle({ role }: Block): boolean {
  return role === "warmup" || role === "cooldown";
}

/**
 * What is wanted of a person: at their mark for the pattern of the slot's move. Nobody warms up harder than
 * is set, unless the instructor says a harder way herself.
 */
export function wantedFor(block: Block, slot: Slot, person: Person, book: MoveBook): Wanted {
  const mark = wantedMark(person, slotMove(slot, book).pattern);
  const stays = mark === "sharp" && isGentle(block) && wayAt(slot, mark) === null;
  return wantedAt(slot, stays ? "natural" : mark, book);
}
/** One reached move with all of its cost that no home changes. */
export interface Entry {
  readonly reached: Reached;
  readonly isTarget: boolean;
  readonly level: number;
  readonly swapped: boolean;
  /** What was set is held or pulled, and this isn't. */
  readonly unloaded: boolean;
  readonly sheet: CostSheet;
  readonly total: number;
}

export interface Plan {
  readonly wanted: Wanted;
  /** Cheapest first; ties: fewer links, then the smaller id. */
  readonly entries: readonly Entry[];
}

function impactStep(move: KnownMove): number {
  return IMPACTS.indexOf(move.impact ?? "none");
}

/** Every step that a way is harder on the joints; that it is kinder counts once, however much. */
function impactPoints(target: KnownMove, move: KnownMove): number {
  const steps = impactStep(move) - impactStep(target);
  return Math.max(steps, Math.min(1, -steps)) * COSTS.impact;
}

const twoSided = (sides: string) => sides === "both" || sides === "alternating";

/** Whether a move holds or is pulled against something that was chosen for its load. */
function isLoaded(move: KnownMove): boolean {
  return (move.strength?.held ?? 0) > 0;
}

/** Easier by these is the same, smaller. */
const SMALLER: readonly LinkHow[] = ["range", "lever", "support"];

type Leaving = Pick<CostSheet, "leave" | "link" | "smaller" | "kit">;

/** What it costs to leave the wanted way for another, by the links that lead there. */
function leavingOf({ base, target }: Wanted, { steps, links, move }: Reached): Leaving {
  const none = { leave: 0, link: 0, smaller: 0, kit: 0 };
  if (base !== target || links.length === 0) return { ...none, leave: COSTS.leave, link: steps * COSTS.link };
  const smaller = links.filter(({ kind, how }) => kind === "easier" && SMALLER.includes(how)).length;
  const other = links.filter(({ how }) => how === "kit").length;
  const unloaded =
    isLoaded(base) && !isLoaded(move) && links.some(({ kind, how }) => kind === "easier" && how === "load");
  const rest = links.length - smaller - other - (unloaded ? 1 : 0);
  return {
    leave: rest > 0 ? COSTS.leave : 0,
    link: Math.max(0, rest) * COSTS.link,
    smaller: smaller * COSTS.smaller,
    kit: other * COSTS.otherKit + (unloaded ? COSTS.household : 0),
  };
}

/** Steps of difficulty that lie between, without those of impact, which have a cost of their own. */
function stepsBesideImpact({ level, links }: Reached): number {
  const ofImpact = links.filter(({ how, kind }) => how === "impact" && kind !== "swap");
  return ofImpact.reduce((left, { kind }) => left + (kind === "easier" ? 1 : -1), level);
}

/** Steps of difficulty away from the mark where strain doesn't tell how hard a way is; else those that are harder. */
function markPoints(wanted: Wanted, reached: Reached, level: number): number {
  const { move } = reached;
  if (AS_FAR_AS_IT_GOES.includes(wanted.base.pattern)) return 0;
  const meant = isJudged(wanted.base) && !wanted.way ? LEVEL[wanted.mark] : wanted.targetLevel;
  if (!isJudged(wanted.target) || !isJudged(move)) {
    const steps = wanted.mark === "natural" ? stepsBesideImpact(reached) : level;
    return Math.abs(steps - meant) * COSTS.mark + Math.max(0, steps - meant) * COSTS.harder;
  }
  return Math.max(0, level - Math.max(meant, wanted.targetLevel)) * COSTS.harder;
}

/** How much less or more out of breath a way leaves somebody, where nothing else tells how hard it is. */
function energyPoints(target: KnownMove, move: KnownMove): number {
  if (isJudged(target) || !target.energy || !move.energy) return 0;
  return Math.round(Math.abs(target.energy.met - move.energy.met)) * COSTS.energy;
}

function positionPoints(target: KnownMove, move: KnownMove): number {
  if (!target.position || !move.position || target.position === move.position) return 0;
  const sits = move.position === "seated" && target.position === "standing";
  return COSTS.position + (sits ? COSTS.sitting : 0);
}

/** Where strain tells how hard a way is, one step more of skill is no matter. */
function skillPoints(target: KnownMove, { skill }: KnownMove): number {
  if (isJudged(target) || target.skill === undefined || skill === undefined) return 0;
  return Math.max(0, skill - target.skill) * COSTS.skill;
}

/** Stretches are held or moved into alike. */
function holdingPoints(target: KnownMove, move: KnownMove): number {
  const other = (target.isometric ?? false) !== (move.isometric ?? false);
  return other && target.pattern !== "stretch" ? COSTS.holding : 0;
}

export function entryOf(slot: Slot, wanted: Wanted, reached: Reached, book: MoveBook): Entry {
  // Measured against what is wanted at this mark, so that it costs nothing itself.
  const { target } = wanted;
  const { move } = reached;
  const isTarget = move === target;
  const level = isTarget ? wanted.targetLevel : reached.level;
  const known = target.pattern !== undefined && move.pattern !== undefined;
  const lost = (target.muscles?.primary ?? []).filter((m) => !move.muscles?.primary.includes(m)).length;
  const sheet: CostSheet = {
    ...NO_COST,
    ...(isTarget ? {} : leavingOf(wanted, reached)),
    mark: isTarget ? 0 : markPoints(wanted, reached, level),
    pattern: known && target.pattern !== move.pattern ? COSTS.pattern : 0,
    muscles: move.muscles ? lost * COSTS.muscles : 0,
    position: positionPoints(target, move),
    skill: skillPoints(target, move),
    impact: impactPoints(target, move),
    energy: energyPoints(target, move),
    holding: holdingPoints(target, move),
    sidedness:
      isTarget || twoSided(slotSides(slot, book)) === twoSided(move.sides ?? "both") ? 0 : COSTS.sidedness,
  };
  return {
    reached,
    isTarget,
    level,
    swapped: isTarget ? false : reached.swapped,
    unloaded: !isTarget && isLoaded(target) && !isLoaded(move),
    sheet,
    total: costSum(sheet),
  };
}

export const idOf = (move: KnownMove) => move.id ?? move.name;

/** A move may want a little more practice than the one that was set; what the instructor names herself, any. */
export function mayBeTried(slot: Slot, { base, target }: Wanted, move: KnownMove): boolean {
  if (move === target || move.skill === undefined || base.skill === undefined) return true;
  const named = MARKS.some((mark) => wayAt(slot, mark)?.move === move.id);
  return named || move.skill <= base.skill + 1;
}

function planOf(slot: Slot, wanted: Wanted, book: MoveBook): Plan {
  const reached = [...reachableFrom(wanted.base, book)];
  const add = (move: KnownMove, level: number) => {
    if (reached.some((entry) => entry.move === move || idOf(entry.move) === idOf(move))) return;
    reached.push({ move, steps: 1, level, swapped: false, links: [] });
  };
  for (const mark of MARKS) {
    const way = wayAt(slot, mark);
    if (way?.move !== undefined) add(resolveMove(way.move, book), LEVEL[mark]);
  }
  add(wanted.target, wanted.targetLevel);
  const target = reached.find((entry) => idOf(entry.move) === idOf(wanted.target))?.move ?? wanted.target;
  const same = { ...wanted, target };
  const entries = reached
    .filter(({ move }) => mayBeTried(slot, same, move))
    .map((entry) => entryOf(slot, same, entry, book))
    .sort(
      (a, b) =>
        a.total - b.total ||
        a.reached.steps - b.reached.steps ||
        (idOf(a.reached.move) < idOf(b.reached.move) ? -1 : 1),
    );
  return { wanted: same, entries };
}

const plans = new WeakMap<MoveBook, WeakMap<Slot, Map<Mark, Plan>>>();

/** The plan of a slot at a mark; the same for everybody, so worked out once. */
export function planFor(slot: Slot, mark: Mark, book: MoveBook): Plan {
  const bySlot = plans.get(book) ?? new WeakMap<Slot, Map<Mark, Plan>>();
  plans.set(book, bySlot);
  const byMark = bySlot.get(slot) ?? new Map<Mark, Plan>();
  bySlot.set(slot, byMark);
  const there = byMark.get(mark);
  if (there) return there;
  const made = planOf(slot, wantedAt(slot, mark, book), book);
  byMark.set(mark, made);
  return made;
}
