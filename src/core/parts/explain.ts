/** The reasons of a part: why this way, what else was open, and what is missing where there is none. */
import { doseAt, loadAt, type Slot } from "../class/document";
import { careFor, isEffortHold } from "../homes/care";
import { hasFor } from "../homes/fillings";
import type { Person } from "../homes/home";
import { homeIndex } from "../homes/home-index";
import type { KnownMove, MoveBook } from "../moves/book";
import type { Need } from "../moves/move";
import { heldBy } from "../reasons/held";
import { named } from "../reasons/named";
import type { Adjust, Dearer, LoadReason, Why, WhyNot } from "../reasons/part-reasons";
import type { Of } from "../reasons/value";
import type { Strengths } from "../strength/belief";
import { maximumAt } from "../strength/belief";
import { repsLeft } from "../strength/load";
import { MOST_TOLD, repsRange } from "../strength/predict";
import type { ScaledMove } from "../strength/scaled";
import type { UsedSet } from "../strength/sets";
import { STRAIN } from "../strength/strain";
import { COST_TERMS, COSTS } from "./costs";
import type { Instead, Status } from "./part";
import { idOf, type Wanted } from "./plan";
import { type Cell, followPoints, type PartProblem } from "./problem";
import { reachableFrom } from "./reach";
import { type Asked, meansOf, type OpenWay, obstacle, openWays, waysOfMove } from "./ways";

/** Why a move can't be done by this person here: a limit, the room, or the kit. Null where it can. */
export function whyNot(move: KnownMove, person: Person): WhyNot | null {
  const stop = obstacle(move, person);
  if (stop === "ceiling" || stop === "length" || stop === "jumping") return { code: stop };
  if (stop !== null) return { code: "limit", limit: { limits: [stop] } };
  if (meansOf(homeIndex(person), move).fillings.length > 0) return null;
  if (person.kit === undefined) return { code: "home-unknown" };
  const { needs, together } = missingNeeds(move, person);
  const [only] = needs;
  const off = only && !together && needs.length === 1 ? weightOff(only, person) : null;
  if (off) return { code: off, needs: { needs: [{ as: (only as Need).as }] } };
  return { code: together ? "not-at-once" : "no-kit", needs: { needs } };
}

/** Of a need whose things are there: whether all of them are too heavy for the move, or too light. Null otherwise. */
function weightOff({ as, kg }: Need, person: Person): "kit-too-heavy" | "kit-too-light" | null {
  if (!kg) return null;
  const home = homeIndex(person);
  const weights = home.fillers(as).flatMap((item) => home.weightsOf(item).map((option) => option.kg));
  if (weights.length === 0) return null;
  if (weights.every((weight) => weight > kg[1])) return "kit-too-heavy";
  return weights.every((weight) => weight < kg[0]) ? "kit-too-light" : null;
}

/** What the alternative that lacks least still needs; together: each thing is there, and not all at once. */
function missingNeeds(move: KnownMove, person: Person): { needs: readonly Need[]; together: boolean } {
  const lists = (move.needs ?? []).map((alternative) => alternative.filter((need) => !hasFor(need, person)));
  const [least] = lists.filter((list) => list.length > 0).sort((a, b) => a.length - b.length);
  return least ? { needs: least, together: false } : { needs: move.needs?.[0] ?? [], together: true };
}

/** What the weight of a way is chosen by, and how sure that is; null where nothing is held. */
export function loadReason(
  way: OpenWay,
  { strengths, wanted }: Pick<Asked, "strengths" | "wanted">,
): LoadReason | null {
  const [set] = way.sets;
  if (way.judge?.by !== "load" || way.judge.scaled.strength.held === 0 || !set || set.strain === null)
    return null;
  const reps = repsRange(way.judge.belief, set.loadKg ?? 0, set.reserve);
  if (!reps) return null;
  const likely = {
    low: Math.min(MOST_TOLD, reps.low),
    high: Math.min(MOST_TOLD, reps.high),
    open: reps.high > MOST_TOLD ? ("yes" as const) : ("no" as const),
    rir: set.reserve,
  };
  const from = nearestSet(way.judge.scaled, strengths);
  if (!from) return { code: "from-level", mark: { mark: wanted.mark }, ...likely };
  const move = named(strengths.book.get(from.set.move) ?? way.move);
  const { date } = from.set;
  return date === undefined
    ? { code: "from-sets-undated", move, ...likely }
    : { code: "from-sets", move, day: { day: date }, ...likely };
}

/** Of the sets that taught the latest of the move itself, else of its region, else of its half, else of all. */
function nearestSet(move: ScaledMove, { used }: Strengths): UsedSet | null {
  const near = [
    (set: UsedSet) => set.move.key === move.key,
    (set: UsedSet) => set.move.region === move.region,
    (set: UsedSet) => set.move.half === move.half,
  ].map((is) => used.filter(is));
  const sets = near.find((list) => list.length > 0) ?? used;
  return sets.reduce<UsedSet | null>(
    (latest, set) => (!latest || (set.set.date ?? "") >= (latest.set.date ?? "") ? set : latest),
    null,
  );
}

const because = (reason: WhyNot) => ({ topic: "whyNot" as const, reasons: [reason] });

/** Why a way that could be done was left: it is too hard yet, its effort is further off, or the change costs more. */
function whyLeft(way: OpenWay, target: OpenWay | undefined, { slot, wanted }: Cell): WhyNot {
  if (!target) {
    const need = wanted.target.needs?.[0]?.find(({ kg }) => kg !== undefined);
    const written = loadAt(slot, 0)?.kg !== undefined;
    return written && need
      ? { code: "kit-too-heavy", needs: { needs: [{ as: need.as }] } }
      : { code: "too-hard" };
  }
  const off = ({ cost }: OpenWay) => cost.strain + cost.less;
  const nearer = off(target) - off(way) >= COSTS.less;
  return { code: target.total > way.total || nearer ? "effort" : "saves-changing" };
}

/** Why the chosen way. */
export function whyOf(way: OpenWay, cell: Cell, status: Status, person: Person): Why {
  const { wanted } = cell;
  const overruled = cell.overruled !== null;
  const best = cell.ways.find(({ isTarget }) => isTarget) ?? waysOfMove(cell.asked, wanted.target)[0];
  const held = heldBy(person, way.uses);
  if (overruled) return { code: "chosen", move: named(way.move), held };
  if (way.own) return alternativeWhy(way, cell, held, person);
  if (status === "eased" && way.isTarget) return { code: "less", mark: { mark: wanted.mark }, held };
  if (!way.isTarget && status === "as-set") return { code: "as-set", held };
  if (way.isTarget) {
    return wanted.targetLevel === 0
      ? { code: "as-set", held }
      : { code: "as-set-level", mark: { mark: wanted.mark }, held };
  }
  return {
    code: "instead",
    move: named(way.move),
    held,
    set: named(wanted.target),
    because: because(whyNot(wanted.target, person) ?? whyLeft(way, best, cell)),
  };
}

/** Why one of the instructor's own ways: it is one of equals, or what is set can't be done. */
function alternativeWhy(way: OpenWay, cell: Cell, held: Of<"held">, person: Person): Why {
  const { slot, wanted } = cell;
  if (slot.choice) return { code: "choice", move: named(way.move), held };
  const set = wanted.way?.move === undefined ? wanted.base : wanted.target;
  const reason = whyNot(set, person) ?? { code: "too-hard" as const };
  return { code: "own", move: named(way.move), held, set: named(set), because: because(reason) };
}

/** What stands in the way of every way within reach, the set one first, and what would help. */
export function whyUnmet(wanted: Wanted, person: Person, book: MoveBook): Why {
  const helped = reachableFrom(wanted.base, book)
    .filter((entry) => obstacle(entry.move, person) === null && !entry.move.gym)
    .map((entry) => missingNeeds(entry.move, person).needs)
    .filter((needs) => needs.length > 0);
  const reason = whyNot(wanted.target, person);
  // What can't be done for a limit alone could be with something lighter: then that is what is missing.
  const tooHard = reason?.code === "limit" && reachableFrom(wanted.base, book).some(hasMeans(person));
  return {
    code: "unmet",
    because: because(tooHard ? { code: "too-hard" } : (reason ?? { code: "not-here" })),
    help: { needs: tooHard ? [] : (helped[0] ?? []) },
  };
}

const hasMeans =
  (person: Person) =>
  ({ move }: { readonly move: KnownMove }) =>
    meansOf(homeIndex(person), move).fillings.length > 0;

/** Why a cell that the instructor chose can't be done as chosen. */
export function whyChosenUnmet(moveId: string, person: Person, book: MoveBook): Why {
  const move = book.get(moveId);
  if (!move) return { code: "chosen-unknown", id: moveId };
  return {
    code: "chosen-unmet",
    move: named(move),
    because: because(whyNot(move, person) ?? { code: "not-here" }),
  };
}

/** So many times the top of what is set can surely be done: too light. */
const TOO_LIGHT = 1.5;

/** The first move that a link leads to which this person can do. */
function linkedTo(
  { move }: OpenWay,
  person: Person,
  book: MoveBook,
  kind: "easier" | "harder",
  how?: string,
): KnownMove | undefined {
  return (move.links ?? [])
    .filter((link) => link.kind === kind && (how === undefined || link.how === how))
    .map((link) => book.get(link.to))
    .find((to) => to !== undefined && whyNot(to, person) === null);
}

function forTooLight(
  way: OpenWay,
  slot: Slot,
  reps: number,
  person: Person,
  book: MoveBook,
): readonly Adjust[] {
  const dose = doseAt(slot, 0);
  const limb = linkedTo(way, person, book, "harder", "limbs");
  const harder = linkedTo(way, person, book, "harder");
  return [
    ...(way.filling.doubled ? [{ code: "two-at-once" } as const] : []),
    ...(limb ? [{ code: "one-limb", move: named(limb) } as const] : []),
    ...(way.move.phases ? [{ code: "slower" } as const] : []),
    { code: "pause" },
    { code: "one-and-a-half" },
    ...(dose.reps === undefined ? [] : [{ code: "more-reps", reps: Math.min(MOST_TOLD, reps) } as const]),
    ...(harder && harder !== limb ? [{ code: "harder", move: named(harder) } as const] : []),
  ];
}

function forTooHeavy(way: OpenWay, person: Person, book: MoveBook): readonly Adjust[] {
  const both = linkedTo(way, person, book, "easier", "limbs");
  const lever = linkedTo(way, person, book, "easier", "lever");
  const easier = linkedTo(way, person, book, "easier");
  return [
    ...(both ? [{ code: "both-hands", move: named(both) } as const] : []),
    ...(lever ? [{ code: "lever", move: named(lever) } as const] : []),
    { code: "smaller-range" },
    ...(easier ? [{ code: "easier", move: named(easier) } as const] : []),
  ];
}

/** What the person's limits ask of the dose. */
function forLimits({ move, sets, judge }: OpenWay, person: Person): readonly Adjust[] {
  const { holdSeconds, reserve } = careFor(person);
  if (holdSeconds !== null && sets.some(({ shortened }) => shortened))
    return [{ code: "hold-at-most", seconds: holdSeconds }];
  const isHold = isEffortHold(move) && sets[0]?.seconds !== null;
  if (isHold) return holdSeconds === null ? [] : [{ code: "hold-at-most", seconds: holdSeconds }];
  return reserve > 0 && judge?.by === "load" ? [{ code: "keep-reserve", reps: reserve }] : [];
}

/** What limits ask, then what to do about a load that is too light or too heavy, in the order in which it is offered. */
export function adjustments(way: OpenWay, slot: Slot, person: Person, book: MoveBook): readonly Adjust[] {
  return [...forLimits(way, person), ...forTime(way), ...forLoad(way, slot, person, book)];
}

/** What came down so that the way fits its piece. */
function forTime({ sets }: OpenWay): readonly Adjust[] {
  const set = sets.find(({ fits }) => fits !== undefined);
  return set?.fits === undefined ? [] : [{ code: "fits-time", seconds: Math.round(set.fits) }];
}

function forLoad(way: OpenWay, slot: Slot, person: Person, book: MoveBook): readonly Adjust[] {
  const [set] = way.sets;
  if (way.judge?.by !== "load" || !set || set.strain === null || set.gentle) return [];
  if (set.strain > STRAIN.tooHeavy) {
    // Weights are chosen with care where little is known; what most have enough left after is no matter.
    const left = repsLeft(maximumAt(way.judge.belief, 0), set.loadKg ?? 0, set.limbReps);
    return left < set.reserve ? forTooHeavy(way, person, book) : [];
  }
  const low = repsRange(way.judge.belief, set.loadKg ?? 0, set.reserve)?.low ?? 0;
  const top = set.reps?.max ?? set.limbReps;
  return low > TOO_LIGHT * top ? forTooLight(way, slot, low, person, book) : [];
}

/** Points of changing to and from a way of one slot, with the others as chosen. */
function changingPoints(
  slot: string,
  way: OpenWay,
  chosen: readonly (OpenWay | null)[],
  { cells, sequence, kit, table }: PartProblem,
): number {
  const chosenFor = (id: string) => chosen[cells.findIndex((cell) => cell.slot.id === id)] ?? null;
  let points = 0;
  for (const pair of sequence.pairs) {
    if (pair.from !== slot && pair.to !== slot) continue;
    const [a, b] = [pair.from, pair.to].map((id) => (id === slot ? way : chosenFor(id)));
    if (a && b) points += followPoints(pair, a, b, kit, table);
  }
  return points;
}

/** Points of repeats that a way of one slot makes, with the others as chosen. */
function repeatPoints(
  index: number,
  way: OpenWay,
  chosen: readonly (OpenWay | null)[],
  { twins }: PartProblem,
): number {
  const others = twins.flatMap(({ a, b }) => (a === index ? [b] : b === index ? [a] : []));
  const same = others.filter((other) => {
    const move = chosen[other]?.move;
    return move !== undefined && idOf(move) === idOf(way.move);
  });
  return COSTS.repeat * same.length;
}

/** The best two other moves for a slot with all else as chosen, and why each was not taken. */
export function insteadOf(
  index: number,
  chosen: readonly (OpenWay | null)[],
  problem: PartProblem,
  cost: number,
): readonly Instead[] {
  const cell = problem.cells[index];
  const now = chosen[index] ?? null;
  if (!cell || !now) return [];
  const changing = (way: OpenWay) =>
    changingPoints(cell.slot.id, way, chosen, problem) + repeatPoints(index, way, chosen, problem);
  const nowChanging = changing(now);
  const best = new Map<string, { way: OpenWay; total: number; changing: number }>();
  for (const way of openWays(cell.asked)) {
    const id = way.move.id;
    if (id === null || id === now.move.id) continue;
    const points = changing(way);
    const total = cost - now.total - nowChanging + way.total + points;
    const known = best.get(id);
    if (!known || total < known.total) best.set(id, { way, total, changing: points });
  }
  return [...best.entries()]
    .sort(([a, x], [b, y]) => x.total - y.total || (a < b ? -1 : 1))
    .slice(0, 2)
    .map(([move, { way, total, changing: points }]) => ({
      move,
      name: way.move.name,
      cost: total,
      whyNot: whyNotTaken(way, now, points - nowChanging),
    }));
}

function whyNotTaken(way: OpenWay, now: OpenWay, moreChanging: number): readonly Dearer[] {
  const worse: { code: Dearer["code"]; by: number }[] = COST_TERMS.map((code) => ({
    code,
    by: way.cost[code] - now.cost[code],
  }));
  worse.push({ code: "changing", by: moreChanging });
  const reasons = worse
    .filter((term) => term.by > 0)
    .sort((a, b) => b.by - a.by)
    .slice(0, 2)
    .map(({ code }) => ({ code }));
  return reasons.length > 0 ? reasons : [{ code: "same" }];
}
