/** Working out parts: for each person the best ways of the whole class at once. */

import { type ClassDoc, type Dose, doseAt, type Way as LevelWay, type Slot } from "../class/document";
import { spanOf } from "../class/dose-kinds";
import { usesAt } from "../homes/fillings";
import type { Mark, Person } from "../homes/home";
import { homeIndex } from "../homes/home-index";
import type { KitType } from "../homes/kit-types";
import { bookFor, type MoveBook } from "../moves/book";
import { maximumAt } from "../strength/belief";
import { repsLeft } from "../strength/load";
import { MOST_TOLD, type Range, repsRange } from "../strength/predict";
import { holdLeft, STRAIN } from "../strength/strain";
import type { Seconds } from "../units";
import { spanTriple } from "../values/span";
import { choiceWays } from "./alternatives";
import { type ChangeOverTable, changeOverSeconds, sideChangeSeconds } from "./change-over";
import { chooseBest } from "./choose";
import { COSTS, NO_COST } from "./costs";
import { adjustments, insteadOf, loadReason, whyChosenUnmet, whyNot, whyOf, whyUnmet } from "./explain";
import { tooManyLandings } from "./landings";
import type { ChangeOver, Part, PartLoad, PartSet, PartSlot, Predicted, Status } from "./part";
import { idOf, type Wanted } from "./plan";
import { type Cell, isVaried, ownCosts, type PartProblem, pairCosts, partProblem, standOf } from "./problem";
import { chooseWithoutRepeats, type RepeatChoice, type RepeatProblem, repeated } from "./repeats";
import type { WaySet } from "./sets";
import { type Asked, kgOf, type OpenWay, searchStopped } from "./ways";

function markOf(level: number): Mark {
  return level < 0 ? "flat" : level > 0 ? "sharp" : "natural";
}

/** What a person does against what was set: other kit or a limit swaps, a level eases or raises. */
function statusOf(way: OpenWay, cell: Cell, person: Person): Status {
  const { wanted } = cell;
  if (way.own) return "swapped";
  // Where the library has no level of it that can be done here, what is set is done as it is.
  if (way.move === wanted.base && wanted.way === null && !way.isTarget) return "as-set";
  if (way.isTarget) return isLessThanSet(way, cell) ? "eased" : "as-set";
  const step = way.level - wanted.targetLevel;
  const [target] = cell.ways.find(({ isTarget }) => isTarget)?.sets ?? [];
  // What there is at home is too light for the set way: that is the kit's doing, not the level's.
  const tooLight = (target?.strain ?? 0) < STRAIN.easyFrom;
  if (step === 0 || tooLight || whyNot(wanted.target, person) !== null) return "swapped";
  return step < 0 ? "eased" : "raised";
}

/** Whether a dose came down below what was set: below the range, where a range was. */
function isLessThanSet({ less, sets }: OpenWay, { asked }: Cell): boolean {
  const [set] = sets;
  if (set?.shortened) return true;
  if (less === 0) return false;
  const span = asked.wanted.way?.reps ?? doseAt(asked.slot, 0).reps;
  return !set?.reps || span === undefined || set.reps.plan < spanTriple(span).min;
}

/** The mark beside the status: the person's own, unless what is done is of another level than that. */
function shownMark({ isTarget, level }: OpenWay, { mark, targetLevel }: Wanted): Mark {
  return isTarget || (level === 0 && targetLevel === 0) ? mark : markOf(level);
}

function loadOf({ filling }: OpenWay, set: WaySet): PartLoad {
  const kg = kgOf(set);
  if (kg !== null) return { kg: filling.doubled ? kg / filling.items : kg, items: filling.items };
  return filling.tension ? { tension: filling.tension } : null;
}

function rangeOf({ judge }: OpenWay, { loadKg, reserve, strain }: WaySet): Range | null {
  return judge?.by === "load" && loadKg !== null && strain !== null
    ? repsRange(judge.belief, loadKg, reserve)
    : null;
}

/** Reps that are likely left after a set, at the median; null where that can't be told. */
function leftOf({ judge }: OpenWay, { loadKg, limbReps, seconds, strain }: WaySet): number | null {
  if (!judge || strain === null) return null;
  if (judge.by === "hold") return seconds === null ? null : holdLeft(seconds, judge.limitSeconds);
  return loadKg ? repsLeft(maximumAt(judge.belief, 0), loadKg, limbReps) : null;
}

/** Reps from which a prediction is called rough. */
const ROUGH_REPS = 10;

function predictedOf(way: OpenWay): Predicted | null {
  const [set] = way.sets;
  const range = set ? rangeOf(way, set) : null;
  if (!set || !range || way.judge?.by !== "load" || way.judge.scaled.strength.held === 0) return null;
  return { reps: Math.min(MOST_TOLD, range.median), rir: set.reserve, rough: range.median > ROUGH_REPS };
}

/** The weight that was written and is too much, with the reps that are likely with it; null where there is none. */
function closedOf({ sets, judge }: OpenWay): PartSlot["closed"] {
  const set = sets.find(({ closed }) => closed !== null);
  if (!set?.closed || judge?.by !== "load") return null;
  const range = repsRange(judge.belief, set.closed.loadKg ?? 0, set.reserve);
  return range && { kg: set.closed.eachKg, reps: range.median, rir: set.reserve };
}

/** The first so many of a slot's own appearances that are theirs, by their level or a goal; undefined: all. */
function roundsOf({ numbers }: OpenWay, { way }: Wanted): number | undefined {
  return numbers?.rounds ?? way?.rounds;
}

/** Every set of a slot in order, at the planned number of rounds. */
function setsOf(way: OpenWay, { slot, block, wanted }: Asked): readonly PartSet[] {
  const rounds = block.cap !== undefined ? 1 : spanTriple(block.rounds, 1).plan;
  const own = (slot.rounds ?? Array.from({ length: rounds }, (_, i) => i + 1))
    .filter((round) => round <= rounds)
    .slice(0, roundsOf(way, wanted));
  const told = way.sets.map((set) => {
    const { seconds, reps, strain } = set;
    return {
      seconds,
      reps,
      limbReps: way.judge?.by === "load" ? set.limbReps : null,
      uses: usesAt(way.filling, set.option),
      load: loadOf(way, set),
      predicted: rangeOf(way, set),
      left: leftOf(way, set),
      strain,
    };
  });
  const last = told.length - 1;
  return own.map((round, i) => ({ round, ...(told[Math.min(i, last)] as (typeof told)[number]) }));
}

/** Seconds after which one stops early, of both sides where they share the piece. */
function stopsAt(way: OpenWay, level: LevelWay | null, { dose }: { readonly dose: Dose }): Seconds | null {
  const [set] = way.sets;
  const seconds = set?.seconds ?? null;
  const asSaid = way.less === 0 && !set?.shortened && dose.reps === undefined;
  if (asSaid || seconds === null) return level?.seconds ?? null;
  return way.shares ? seconds * 2 : seconds;
}

function sharesOf(slot: Slot, way: OpenWay): PartSlot["shares"] {
  if (!way.shares) return null;
  const held = doseAt(slot, 0).reps === undefined ? null : (way.sets[0]?.seconds ?? 0);
  if (held !== null) return [held, held];
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
  const others = cell.overruled === null ? choicesOf(cell, way, problem, book) : [];
  const whole = others.length > 0 ? { ...made, choices: others } : made;
  passing.set(way, whole);
  return whole;
}

/** What somebody may pick in place of a way, where the slot leaves the choice. */
function choicesOf(cell: Cell, way: OpenWay, problem: PartProblem, book: MoveBook): readonly PartSlot[] {
  const equals = choiceWays(cell.asked);
  return equals
    .filter(({ move }) => idOf(move) !== idOf(way.move))
    .map((equal) => describe(cell, equal, problem, book));
}

/** What is only said where it is so. */
function ownFacts(
  way: OpenWay,
  wanted: Wanted,
  level: LevelWay | null,
): Pick<PartSlot, "eachSide" | "rounds" | "tempo" | "own"> {
  const counted = way.sets[0]?.reps !== null;
  const rounds = roundsOf(way, wanted);
  return {
    ...(way.eachSide && counted ? { eachSide: true } : {}),
    ...(rounds === undefined ? {} : { rounds }),
    ...(level?.tempo === undefined || !way.move.phases ? {} : { tempo: level.tempo }),
    ...(way.own ? { own: true } : {}),
  };
}

/** The instructor's words about a way: of her alternative, or of the level that does just what it says. */
function noteOf(way: OpenWay, level: LevelWay | null): string | null {
  if (way.own) return way.own.note ?? null;
  return way.isTarget ? (level?.note ?? null) : null;
}

const NO_OTHERS: PartSlot["instead"] = [];

function describe(cell: Cell, way: OpenWay | null, problem: PartProblem, book: MoveBook): PartSlot {
  const { slot, wanted } = cell;
  // Numbers that a level has without a move of its own go with the person, whatever way they do.
  const own = way ? way.numbers : wanted.way;
  const reps = way?.sets[0]?.reps ?? null;
  if (!way) {
    const why =
      cell.overruled === null
        ? whyUnmet(wanted, problem.person, book)
        : whyChosenUnmet(cell.overruled, problem.person, book);
    return {
      slot: slot.id,
      reps,
      overruled: cell.overruled !== null,
      instead: NO_OTHERS,
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
      sets: [],
      adjust: [],
      note: null,
      why,
      loadReason: null,
      cost: NO_COST,
    };
  }
  const { person } = problem;
  const status = statusOf(way, cell, person);
  return {
    slot: slot.id,
    reps,
    overruled: cell.overruled !== null,
    instead: NO_OTHERS,
    status,
    mark: shownMark(way, wanted),
    move: way.move.id,
    name: way.move.name,
    position: way.move.position ?? null,
    uses: way.uses,
    load: loadOf(way, way.sets[0] as WaySet),
    closed: closedOf(way),
    seconds: stopsAt(way, own, { dose: doseAt(slot, 0) }),
    shares: sharesOf(slot, way),
    ...ownFacts(way, wanted, own),
    ...(way.goal ? { goal: way.goal } : {}),
    predicted: predictedOf(way),
    sets: setsOf(way, cell.asked),
    adjust: adjustments(way, slot, person, book),
    note: noteOf(way, own),
    why: whyOf(way, cell, status, person),
    loadReason: loadReason(way, cell.asked),
    cost: way.cost,
  };
}

/** Things whose weight is chosen. */
const CHOSEN: readonly KitType[] = ["adjustable-dumbbell", "backpack", "barbell"];

/** What to bring: the most of each thing used at once in any set, with all weights of all sets, in order of first use. */
function bringList(ways: readonly (OpenWay | null)[], kit: PartProblem["kit"]): Part["bring"] {
  const most = new Map<string, number>();
  const kgs = new Map<string, Set<number>>();
  const sets = ways.flatMap((way) => (way ? way.sets.map((set) => usesAt(way.filling, set.option)) : []));
  for (const uses of sets) {
    const here = new Map<string, number>();
    for (const use of uses) {
      here.set(use.kit, (here.get(use.kit) ?? 0) + use.count);
      const type = kit.get(use.kit)?.type;
      if (use.kg === undefined || use.as === "filling" || !type || !CHOSEN.includes(type)) continue;
      kgs.set(use.kit, (kgs.get(use.kit) ?? new Set()).add(use.kg));
    }
    for (const [id, count] of here) most.set(id, Math.max(most.get(id) ?? 0, count));
  }
  return [...most].map(([id, count]) => {
    const chosen = kgs.get(id);
    return { kit: id, count, ...(chosen ? { kgs: [...chosen].sort((x, y) => x - y) } : {}) };
  });
}

/** The longest change-over of all the times that one way follows another. */
function longest(
  meetings: readonly (readonly [number, number])[],
  from: OpenWay,
  to: OpenWay,
  { kit, table }: PartProblem,
): Seconds {
  const varies = isVaried(from) || isVaried(to);
  const each = varies ? meetings : [[0, 0] as const];
  return Math.max(
    0,
    ...each.map(([i, j]) => changeOverSeconds(standOf(from, i), standOf(to, j), kit, table)),
  );
}

function changeOversOf(problem: PartProblem, chosen: ReadonlyMap<string, OpenWay | null>): ChangeOver[] {
  const { sequence, table } = problem;
  const line = (from: string, to: string, times: number, needs: Seconds, gap: Seconds): ChangeOver => ({
    from,
    to,
    times,
    needs,
    gap,
    short: Math.max(0, needs - gap),
  });
  const between = sequence.pairs.flatMap(({ from, to, times, gapSeconds, meetings }) => {
    const [a, b] = [chosen.get(from) ?? null, chosen.get(to) ?? null];
    if (gapSeconds === null || !a || !b) return [];
    return [line(from, to, times, longest(meetings, a, b, problem), gapSeconds)];
  });
  const again = sequence.again.flatMap(({ from, times, gapSeconds, meetings }) => {
    const way = chosen.get(from);
    if (gapSeconds === null || !way || !isVaried(way)) return [];
    return [line(from, from, times, longest(meetings, way, way, problem), gapSeconds)];
  });
  const within = sequence.sides.flatMap(({ slot, times, gapSeconds }) => {
    const way = chosen.get(slot);
    if (!way || way.move.sides === "both" || way.move.sides === "alternating") return [];
    return [line(slot, slot, times, sideChangeSeconds(standOf(way), table), gapSeconds)];
  });
  return [...between, ...again, ...within];
}

/** Whether the best two alternatives of every slot are worked out too; they take longer than the part. */
export interface PartOptions {
  readonly table?: ChangeOverTable;
  /** The level in all patterns, in place of each person's own: what they are believed to do stays their own. */
  readonly mark?: Mark;
  /** The day for which known sets have an age, `YYYY-MM-DD`; the day of a person's latest set where left out. */
  readonly on?: string;
  readonly instead?: boolean;
  /** Slots that are done no harder than they are set. */
  readonly calm?: ReadonlySet<string>;
}

/** A problem as the repeats of its moves are looked at. */
function repeatProblem(problem: PartProblem): RepeatProblem {
  const moves = problem.cells.map(({ ways }) =>
    ways.length === 0 ? [null] : ways.map(({ move }) => idOf(move)),
  );
  const { twins } = problem;
  return { own: ownCosts(problem), pairs: pairCosts(problem), moves, twins, cost: COSTS.repeat };
}

/**
 * The least cost of a class for one person. First without what repeats cost: most parts have none, and then
 * that is the answer. Else what it comes to with them is as much as the least can be dearer by, and the ways that
 * come into question within that are looked at move by move.
 */
function bestOf(
  doc: ClassDoc,
  person: Person,
  library: MoveBook,
  options: PartOptions,
): { readonly problem: PartProblem; readonly choice: Omit<RepeatChoice, "gap"> } {
  const problem = partProblem(doc, person, library, options);
  const known = repeatProblem(problem);
  const choice = chooseBest(known.own, known.pairs);
  const repeats = repeated(known, choice.states).length * COSTS.repeat;
  if (repeats === 0) return { problem, choice };
  const wider = partProblem(doc, person, library, { ...options, repeats });
  return { problem: wider, choice: chooseWithoutRepeats(repeatProblem(wider)) };
}

/**
 * One person's part in the whole class: the exact least cost. The document must be valid. Where harder ways
 * that nobody wrote make them land too often, they do what is set in those places.
 */
export function partFor(doc: ClassDoc, person: Person, library: MoveBook, options: PartOptions = {}): Part {
  const part = solved(doc, person, library, options);
  if (options.mark !== undefined) return part;
  const calm = tooManyLandings(doc, part, person.mark ?? "natural", library);
  return calm.size === 0 ? part : solved(doc, person, library, { ...options, calm });
}

function solved(doc: ClassDoc, person: Person, library: MoveBook, options: PartOptions): Part {
  const book = bookFor(doc, library);
  const { problem, choice } = bestOf(doc, person, library, options);
  const ways = problem.cells.map((cell, i) => cell.ways[choice.states[i] as number] ?? null);
  let slots = problem.cells.map((cell, i) => slotPart(cell, ways[i] ?? null, problem, book));
  if (options.instead) {
    slots = slots.map((slot, i) => ({
      ...slot,
      instead: insteadOf(i, ways, problem, choice.cost),
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
    bring: bringList(ways, problem.kit),
    changeovers: changeOversOf(problem, chosen),
    kinds: Object.fromEntries((person.kit ?? []).map((item) => [item.id, item.type])),
  };
}
