/** For one person and slot: every way that this home and these limits allow, with its cost. */
import { type LoadTarget, loadAt, type Slot, type Way } from "../class/document";
import { type Mark, type Person, wantedMark } from "../homes/home";
import { excludes, type Limit } from "../homes/limits";
import { fillMove, type Use, type WantedKg } from "../homes/match";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import { IMPACTS } from "../moves/move";
import { slotSides } from "../score/expand";
import { COSTS, type CostSheet, costSum } from "./costs";
import { type Reached, reachableFrom } from "./reach";

export interface Candidate {
  readonly move: KnownMove;
  readonly uses: readonly Use[];
  /** Difficulty against the slot's own move: −1 is one step easier. */
  readonly level: number;
  readonly swapped: boolean;
  readonly cost: CostSheet;
  readonly total: number;
}

/** What the slot sets for a person: its move at natural, else its way at their mark. */
export interface Wanted {
  readonly mark: Mark;
  readonly base: KnownMove;
  readonly target: KnownMove;
  readonly targetLevel: number;
  readonly way: Way | null;
}

const LEVEL: Record<Mark, number> = { flat: -1, natural: 0, sharp: 1 };

/** What is wanted: the slot's own way for the mark where it gives one, else the first link that way, else the move itself. */
export function wantedFor(slot: Slot, person: Person, book: MoveBook): Wanted {
  const base = resolveMove(slot.move, book);
  const mark = wantedMark(person, base.pattern);
  if (mark === "natural") return { mark, base, target: base, targetLevel: 0, way: null };
  const way = slot.marks?.[mark] ?? null;
  if (way) {
    const target = way.move === undefined ? base : resolveMove(way.move, book);
    return { mark, base, target, targetLevel: LEVEL[mark], way };
  }
  const kind = mark === "flat" ? "easier" : "harder";
  for (const link of base.links ?? []) {
    const move = link.kind === kind ? book.get(link.to) : undefined;
    if (move) return { mark, base, target: move, targetLevel: LEVEL[mark], way: null };
  }
  return { mark, base, target: base, targetLevel: 0, way: null };
}

/** The weight that the slot's load asks for, as far as it can be told without a known working set. */
export function wantedKg(slot: Slot, way: Way | null): WantedKg {
  const written = way?.load ?? loadAt(slot, 0);
  if (written?.kg !== undefined) return written.kg;
  const byTarget: Record<LoadTarget, WantedKg> = {
    none: null,
    light: null,
    medium: "middle",
    heavy: "heaviest",
  };
  if (written?.target) return byTarget[written.target];
  const reserve = written?.rir ?? (written?.rpe === undefined ? null : 10 - written.rpe);
  if (reserve === null) return "middle";
  return reserve <= 2 ? "heaviest" : reserve <= 4 ? "middle" : null;
}

/** The first limit that rules a move out for a person, or a reason of space; null where nothing does. */
export function obstacle(move: KnownMove, person: Person): Limit | "ceiling" | "length" | "jumping" | null {
  const limit = person.limits?.find((entry) => excludes(entry, move));
  if (limit) return limit;
  const { space } = person;
  if (space?.jumping === false && (move.impact === "high" || move.loads?.includes("jump"))) return "jumping";
  if (space?.ceilingCm !== undefined && (move.room?.heightCm ?? 0) > space.ceilingCm) return "ceiling";
  if (space?.lengthM !== undefined && (move.room?.lengthM ?? 0) > space.lengthM) return "length";
  return null;
}

function impactStep(move: KnownMove): number {
  return IMPACTS.indexOf(move.impact ?? "none");
}

function costOf(slot: Slot, wanted: Wanted, reached: Reached, isTarget: boolean, book: MoveBook): CostSheet {
  // Measured against what is wanted at this mark, so that it costs nothing itself.
  const base = wanted.target;
  const { move } = reached;
  const level = isTarget ? wanted.targetLevel : reached.level;
  const lost = (base.muscles?.primary ?? []).filter(
    (muscle) => !move.muscles?.primary.includes(muscle),
  ).length;
  const known = base.pattern !== undefined && move.pattern !== undefined;
  const twoSided = (sides: string) => sides === "both" || sides === "alternating";
  return {
    mark: Math.abs(level - wanted.targetLevel) * COSTS.mark,
    link: (isTarget ? 0 : reached.steps) * COSTS.link,
    pattern: known && base.pattern !== move.pattern ? COSTS.pattern : 0,
    muscles: move.muscles ? lost * COSTS.muscles : 0,
    position: base.position && move.position && base.position !== move.position ? COSTS.position : 0,
    impact: Math.abs(impactStep(base) - impactStep(move)) * COSTS.impact,
    sidedness:
      isTarget || twoSided(slotSides(slot, book)) === twoSided(move.sides ?? "both") ? 0 : COSTS.sidedness,
  };
}

/**
 * All ways for this slot that this home can meet and no limit excludes, cheapest first;
 * ties go to fewer links and then to the smaller move id, so that equal inputs give equal screens.
 */
export function candidatesFor(
  slot: Slot,
  person: Person,
  wanted: Wanted,
  book: MoveBook,
): readonly Candidate[] {
  const reached = [...reachableFrom(wanted.base, book)];
  if (wanted.target !== wanted.base && !reached.some((entry) => entry.move === wanted.target)) {
    reached.push({ move: wanted.target, steps: 1, level: wanted.targetLevel, swapped: false });
  }
  const kg = wantedKg(slot, wanted.way);
  const candidates: (Candidate & { steps: number })[] = [];
  for (const entry of reached) {
    if (obstacle(entry.move, person) !== null) continue;
    const uses = fillMove(entry.move.needs, person, kg);
    if (!uses) continue;
    const isTarget = entry.move === wanted.target;
    const cost = costOf(slot, wanted, entry, isTarget, book);
    const level = isTarget ? wanted.targetLevel : entry.level;
    const swapped = isTarget ? false : entry.swapped;
    candidates.push({
      move: entry.move,
      uses,
      level,
      swapped,
      cost,
      total: costSum(cost),
      steps: entry.steps,
    });
  }
  const id = (move: KnownMove) => move.id ?? move.name;
  return candidates.sort(
    (a, b) => a.total - b.total || a.steps - b.steps || (id(a.move) < id(b.move) ? -1 : 1),
  );
}
