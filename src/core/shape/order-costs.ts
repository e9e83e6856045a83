/** What it costs to put one station directly after another, or anywhere before it: documented integers, by cause. */
import { type Block, doseAt, type Slot, type Stance, slotsOf } from "../class/document";
import { pieceDoses } from "../class/dose-time";
import { slotSides } from "../class/expand";
import { goesToLimit } from "../class/to-limit";
import { slotEffort } from "../effort/demand";
import { bodyOf } from "../moves/body";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import type { Muscle } from "../moves/move";
import { CHANGE_OVER, changeOverSeconds } from "../parts/change-over";
import type { Part } from "../parts/part";
import type { Seconds } from "../units";
import { spanTriple } from "../values/span";

export const ORDER_CAUSES = [
  "muscles",
  "grip",
  "shoulders",
  "hard",
  "jumps",
  "position",
  "kit",
  "fresh",
  "last",
] as const;
export type OrderCause = (typeof ORDER_CAUSES)[number];
export type OrderCost = Readonly<Record<OrderCause, number>>;

export const ORDER_COSTS = {
  /** Each prime mover of both. */
  sharedPrimary: 10,
  /** Each prime mover of one that helps in the other. */
  sharedSecondary: 3,
  /** Both grip. */
  grip: 4,
  /** Both load the shoulders. */
  shoulders: 3,
  /** Both an effort of 7 or more. */
  hard: 6,
  /** Both land. */
  jumps: 8,
  /** Up from or down to the floor with no time for it; another posture at the same height costs a quarter. */
  position: 4,
  /** Each started 3 seconds of putting down, taking up and setting up that the gap doesn't cover; the median over the people. */
  kit: 1,
  /** What tires the legs comes anywhere before what needs them fresh. */
  fresh: 4,
  /** What goes to the limit comes anywhere before something else. */
  last: 3,
} as const;

const KIT_UNIT_SECONDS = 3;
const HARD_EFFORT = 7;
const UPRIGHT: readonly string[] = ["standing", "seated"];
const SHOULDERS: readonly Muscle[] = ["front-shoulders", "side-shoulders", "rear-shoulders"];
const LEGS: readonly Muscle[] = ["quads", "glutes", "hamstrings", "calves"];
/** Practice from which a move is done well only on fresh legs. */
const FRESH_SKILL = 3;

function loadsShoulders(move: KnownMove): boolean {
  const primary = move.muscles?.primary ?? [];
  return primary.some((muscle) => SHOULDERS.includes(muscle)) || (move.loads?.includes("overhead") ?? false);
}

function muscleCost(a: KnownMove, b: KnownMove): number {
  const [p, q] = [a.muscles?.primary ?? [], b.muscles?.primary ?? []];
  const [s, t] = [a.muscles?.secondary ?? [], b.muscles?.secondary ?? []];
  const both = p.filter((muscle) => q.includes(muscle)).length;
  const helps =
    p.filter((muscle) => t.includes(muscle)).length + q.filter((muscle) => s.includes(muscle)).length;
  return both * ORDER_COSTS.sharedPrimary + helps * ORDER_COSTS.sharedSecondary;
}

/** Seconds and points of getting into another position. */
function positionChange(a: KnownMove, b: KnownMove): { readonly seconds: Seconds; readonly points: number } {
  if (!a.position || !b.position || a.position === b.position) return { seconds: 0, points: 0 };
  const crosses = UPRIGHT.includes(a.position) !== UPRIGHT.includes(b.position);
  return {
    seconds: CHANGE_OVER.position[a.position][b.position],
    points: crosses ? ORDER_COSTS.position : ORDER_COSTS.position / 4,
  };
}

/** The median of the people's changes of kit, in seconds; by the moves as set where nobody is there. */
export function kitSeconds(a: Slot, b: Slot, book: MoveBook, parts: readonly Part[]): Seconds {
  if (parts.length === 0) {
    const roles = (slot: Slot) =>
      (resolveMove(slot.move, book).needs?.[0] ?? []).map((need) => need.as).join();
    return roles(a) === roles(b) ? 0 : 4 + (resolveMove(b.move, book).setupSeconds ?? 0);
  }
  const all = parts
    .flatMap((part) => {
      const from = part.slots.find((slot) => slot.slot === a.id);
      const to = part.slots.find((slot) => slot.slot === b.id);
      if (!from || !to || from.status === "unmet" || to.status === "unmet") return [];
      const held = (uses: typeof from.uses) => uses.filter((use) => use.as !== "filling");
      const setupSeconds = to.move === null ? 0 : (book.get(to.move)?.setupSeconds ?? 0);
      return changeOverSeconds(
        { position: undefined, uses: held(from.uses), setupSeconds: 0 },
        { position: undefined, uses: held(to.uses), setupSeconds },
        new Map(Object.entries(part.kinds).map(([id, type]) => [id, { id, type }])),
      );
    })
    .sort((x, y) => x - y);
  return all.length === 0 ? 0 : (all[Math.floor((all.length - 1) / 2)] as number);
}

/** Points of what the gap leaves uncovered, the change of kit after that of position. */
function uncovered(
  position: { readonly seconds: Seconds; readonly points: number },
  kit: Seconds,
  gap: Seconds,
): Pick<OrderCost, "position" | "kit"> {
  const lacking = Math.max(0, position.seconds + kit - gap);
  const ofKit = Math.min(kit, lacking);
  const share = position.seconds === 0 ? 0 : Math.min(1, (lacking - ofKit) / position.seconds);
  return {
    position: Math.ceil(position.points * share),
    kit: ORDER_COSTS.kit * Math.ceil(ofKit / KIT_UNIT_SECONDS),
  };
}

const NO_COST: OrderCost = {
  muscles: 0,
  grip: 0,
  shoulders: 0,
  hard: 0,
  jumps: 0,
  position: 0,
  kit: 0,
  fresh: 0,
  last: 0,
};

const lands = (move: KnownMove) => (move.landings?.perRep ?? 0) > 0;
const grips = (move: KnownMove) => move.loads?.includes("grip") ?? false;

/** What it costs that two moves follow one another, whoever does them and however long the gap. */
function moveCosts(a: KnownMove, b: KnownMove): Pick<OrderCost, "muscles" | "grip" | "shoulders" | "jumps"> {
  const both = (cause: "grip" | "shoulders" | "jumps", is: (move: KnownMove) => boolean) =>
    is(a) && is(b) ? ORDER_COSTS[cause] : 0;
  return {
    muscles: muscleCost(a, b),
    grip: both("grip", grips),
    shoulders: both("shoulders", loadsShoulders),
    jumps: both("jumps", lands),
  };
}

const worksLegs = (move: KnownMove) => (move.muscles?.primary ?? []).some((muscle) => LEGS.includes(muscle));

/** Seconds of a slot's window that its work leaves; 0 where it has none. */
function windowLeft(slot: Slot, book: MoveBook): Seconds {
  const dose = doseAt(slot, 0);
  if (dose.within === undefined) return 0;
  const { repSeconds } = resolveMove(slot.move, book);
  const pieces = pieceDoses(dose, slotSides(slot, book), slot.count ?? "each", repSeconds);
  return Math.max(0, dose.within - pieces.reduce((sum, { seconds }) => sum + seconds.plan, 0));
}

/** The gaps after a slot: to the next one, and where it is the last to the first of the next lap. */
function gapsAfter(
  block: Block,
  slot: Slot,
  book: MoveBook,
): { readonly next: Seconds; readonly lap: Seconds } {
  const left = windowLeft(slot, book);
  const rest = spanTriple(slot.rest ?? block.rest).plan + left;
  const long = spanTriple(block.longRest ?? block.rest).plan + left;
  // Station by station it is the long rest that lies between two of them.
  if (block.loop === "station" && block.cap === undefined) return { next: long, lap: long };
  return { next: rest, lap: block.cap === undefined ? long : rest };
}

/** All that the order of a block's stations costs, by cause; each table by the order of the block. */
export interface OrderTables {
  readonly pairs: readonly (readonly OrderCost[])[];
  readonly closing: readonly (readonly OrderCost[])[];
  readonly before: readonly (readonly OrderCost[])[];
}

/** What of a slot decides what its place costs. */
export interface Station {
  readonly slot: Slot;
  readonly move: KnownMove;
  readonly hard: boolean;
  readonly tires: boolean;
  readonly needsFresh: boolean;
  readonly toLimit: boolean;
}

export function stationOf(slot: Slot, book: MoveBook, stance: Stance): Station {
  const move = resolveMove(slot.move, book);
  const hard = slotEffort(slot, book, stance) >= HARD_EFFORT;
  return {
    slot,
    move,
    hard,
    tires: worksLegs(move) && (hard || lands(move)),
    needsFresh: worksLegs(move) && ((move.skill ?? 1) >= FRESH_SKILL || bodyOf(move)?.balance === "much"),
    toLimit: goesToLimit(slot),
  };
}

/** What it costs that `b` comes directly after `a`, with so many seconds between and so many for the kit. */
export function directCost(a: Station, b: Station, gap: Seconds, kit: Seconds): OrderCost {
  return {
    ...NO_COST,
    ...moveCosts(a.move, b.move),
    hard: a.hard && b.hard ? ORDER_COSTS.hard : 0,
    ...uncovered(positionChange(a.move, b.move), kit, gap),
  };
}

/** What it costs, once, that `a` comes anywhere before `b`. */
export function beforeCost(a: Station, b: Station): OrderCost {
  return {
    ...NO_COST,
    fresh: a.tires && b.needsFresh ? ORDER_COSTS.fresh : 0,
    last: a.toLimit && !b.toLimit ? ORDER_COSTS.last : 0,
  };
}

/** Costs by cause of every station directly after every other, at the end of a lap, and anywhere before. */
export function orderTables(
  block: Block,
  book: MoveBook,
  parts: readonly Part[],
  stance: Stance,
): OrderTables {
  const stations = slotsOf(block).map((slot) => stationOf(slot, book, stance));
  const gaps = stations.map(({ slot }) => gapsAfter(block, slot, book));
  const kits = stations.map((a, i) =>
    stations.map((b, j) => (i === j ? 0 : kitSeconds(a.slot, b.slot, book, parts))),
  );
  const each = (of: (i: number, j: number) => OrderCost) =>
    stations.map((_, i) => stations.map((_other, j) => (i === j ? NO_COST : of(i, j))));
  const direct = (gap: "next" | "lap") =>
    each((i, j) =>
      directCost(stations[i] as Station, stations[j] as Station, gaps[i]?.[gap] ?? 0, kits[i]?.[j] ?? 0),
    );
  return {
    pairs: direct("next"),
    closing: direct("lap"),
    before: each((i, j) => beforeCost(stations[i] as Station, stations[j] as Station)),
  };
}

/** All causes together. */
export function sumOf(cost: OrderCost): number {
  return ORDER_CAUSES.reduce((sum, cause) => sum + cost[cause], 0);
}
