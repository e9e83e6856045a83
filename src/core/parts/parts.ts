/** Working out parts: for each person the best ways of the whole class at once. */

import { type ClassDoc, doseAt, type Slot } from "../class/document";
import { spanOf } from "../class/dose-kinds";
import { slotSides } from "../class/expand";
import type { Mark, Person } from "../homes/home";
import { homeIndex } from "../homes/home-index";
import { bookFor, type MoveBook, resolveMove } from "../moves/book";
import type { Seconds } from "../units";
import { spanTriple } from "../values/span";
import { type ChangeOverTable, changeOverSeconds, sideChangeSeconds } from "./change-over";
import { chooseBest } from "./choose";
import { NO_COST } from "./costs";
import { adjustments, insteadOf, loadReason, whyChosenUnmet, whyOf, whyUnmet } from "./explain";
import { MOST_REPS, ROUGH_REPS, repsAtLoad } from "./loads";
import type { ChangeOver, Part, PartLoad, PartSlot, Predicted, Status } from "./part";
import type { Wanted } from "./plan";
import { type Cell, ownCosts, type PartProblem, pairCosts, partProblem, standOf } from "./problem";
import { isTimed, type OpenWay, searchStopped } from "./ways";

function markOf(level: number): Mark {
  return level < 0 ? "flat" : level > 0 ? "sharp" : "natural";
}

function statusOf(way: OpenWay, wanted: Wanted): Status {
  if (way.isTarget) return "as-set";
  if (way.swapped || way.level === wanted.targetLevel) return "swapped";
  return way.level < wanted.targetLevel ? "eased" : "raised";
}

function loadOf(way: OpenWay): PartLoad {
  if (way.kg !== null) {
    const { filling } = way;
    return { kg: filling.doubled ? way.kg / filling.items : way.kg, items: filling.items };
  }
  return way.filling.tension ? { tension: way.filling.tension } : null;
}

function predictedOf(way: OpenWay): Predicted | null {
  const { goal, kg } = way;
  if (goal.kind !== "predicted" || kg === null) return null;
  const reps = repsAtLoad(goal.maximum, kg + goal.bodyKg, goal.rir);
  return reps === null || reps > MOST_REPS ? null : { reps, rir: goal.rir, rough: reps > ROUGH_REPS };
}

function sharesOf(slot: Slot, way: OpenWay, book: MoveBook): PartSlot["shares"] {
  const sides = slotSides(slot, book);
  // The slot's own move is done as the slot says; any other one, also a level's, by its own sides.
  if (way.move === resolveMove(slot.move, book)) return null;
  if (way.move.sides !== "inTurn" || sides === "inTurn" || sides === "swap") return null;
  if (!isTimed(slot)) return null;
  const { plan } = spanTriple(spanOf(doseAt(slot, 0)) ?? 0);
  return [Math.ceil(plan / 2), Math.floor(plan / 2)];
}

/** What a way comes to; a way that is chosen again for the same slot says the same again. */
function slotPart(cell: Cell, way: OpenWay | null, problem: PartProblem, book: MoveBook): PartSlot {
  if (!way) return describe(cell, null, problem, book);
  const { passing } = homeIndex(problem.person);
  const there = passing.get(way) as PartSlot | undefined;
  if (there) return there;
  const made = describe(cell, way, problem, book);
  passing.set(way, made);
  return made;
}

function describe(cell: Cell, way: OpenWay | null, problem: PartProblem, book: MoveBook): PartSlot {
  const { slot, wanted } = cell;
  const own = way?.isTarget ? wanted.way : null;
  const reps = own?.reps ?? doseAt(slot, 0).reps;
  const common = {
    slot: slot.id,
    reps: reps === undefined ? null : spanTriple(reps),
    overruled: cell.overruled !== null,
    instead: [],
  };
  if (!way) {
    const why =
      cell.overruled === null
        ? whyUnmet(wanted, problem.person, book)
        : whyChosenUnmet(cell.overruled, problem.person, book);
    return {
      ...common,
      status: "unmet",
      mark: wanted.mark,
      move: null,
      name: wanted.base.name,
      position: null,
      uses: [],
      load: null,
      seconds: null,
      shares: null,
      predicted: null,
      adjust: [],
      note: null,
      why,
      loadReason: null,
      cost: NO_COST,
    };
  }
  const status = statusOf(way, wanted);
  const predicted = predictedOf(way);
  const adjust = adjustments(way, slot, predicted, problem.person, book);
  return {
    ...common,
    status,
    mark: status === "as-set" ? markOf(wanted.targetLevel) : markOf(way.level),
    move: way.move.id,
    name: way.move.name,
    position: way.move.position ?? null,
    uses: way.uses,
    load: loadOf(way),
    seconds: own?.seconds ?? null,
    shares: sharesOf(slot, way, book),
    predicted,
    adjust,
    note: own?.note ?? null,
    why: whyOf(way, wanted, status, problem.person, common.overruled),
    loadReason: loadReason(way, predicted, problem.person),
    cost: way.cost,
  };
}

/** What to bring: the most of each thing used at once, in order of first use. */
function bringList(slots: readonly PartSlot[]): Part["bring"] {
  const most = new Map<string, number>();
  for (const { uses } of slots) {
    const here = new Map<string, number>();
    for (const use of uses) here.set(use.kit, (here.get(use.kit) ?? 0) + use.count);
    for (const [kit, count] of here) most.set(kit, Math.max(most.get(kit) ?? 0, count));
  }
  return [...most].map(([kit, count]) => ({ kit, count }));
}

function changeOversOf(problem: PartProblem, chosen: ReadonlyMap<string, OpenWay | null>): ChangeOver[] {
  const { sequence, kit, table } = problem;
  const line = (from: string, to: string, times: number, needs: Seconds, gap: Seconds): ChangeOver => ({
    from,
    to,
    times,
    needs,
    gap,
    short: Math.max(0, needs - gap),
  });
  const between = sequence.pairs.flatMap(({ from, to, times, gapSeconds }) => {
    const [a, b] = [chosen.get(from) ?? null, chosen.get(to) ?? null];
    if (gapSeconds === null || !a || !b) return [];
    return [line(from, to, times, changeOverSeconds(standOf(a), standOf(b), kit, table), gapSeconds)];
  });
  const within = sequence.sides.flatMap(({ slot, times, gapSeconds }) => {
    const way = chosen.get(slot);
    if (!way || way.move.sides === "both" || way.move.sides === "alternating") return [];
    return [line(slot, slot, times, sideChangeSeconds(standOf(way), table), gapSeconds)];
  });
  return [...between, ...within];
}

/** Whether the best two alternatives of every slot are worked out too; they take longer than the part. */
export interface PartOptions {
  readonly table?: ChangeOverTable;
  readonly instead?: boolean;
}

/** One person's part in the whole class: the exact least cost. The document must be valid. */
export function partFor(doc: ClassDoc, person: Person, library: MoveBook, options: PartOptions = {}): Part {
  const book = bookFor(doc, library);
  const problem = partProblem(doc, person, library, options.table);
  const own = ownCosts(problem);
  const pairs = pairCosts(problem);
  const choice = chooseBest(own, pairs);
  const ways = problem.cells.map((cell, i) => cell.ways[choice.states[i] as number] ?? null);
  let slots = problem.cells.map((cell, i) => slotPart(cell, ways[i] ?? null, problem, book));
  if (options.instead) {
    slots = slots.map((slot, i) => ({
      ...slot,
      instead: insteadOf(i, ways, problem, doc, book, choice.cost),
    }));
  }
  const chosen = new Map(problem.cells.map((cell, i) => [cell.slot.id, ways[i] ?? null]));
  return {
    person: person.id,
    name: person.name,
    homeKnown: person.kit !== undefined,
    cost: choice.cost,
    exact:
      choice.exact && !problem.cells.some(({ slot, wanted }) => searchStopped(slot, wanted, person, book)),
    slots,
    bring: bringList(slots),
    changeovers: changeOversOf(problem, chosen),
    kinds: Object.fromEntries((person.kit ?? []).map((item) => [item.id, item.type])),
  };
}

/** Everyone's parts, in the order of the roster. */
export function partsFor(
  doc: ClassDoc,
  people: readonly Person[],
  library: MoveBook,
  options: PartOptions = {},
): readonly Part[] {
  return people.map((person) => partFor(doc, person, library, options));
}
