/** What it costs to put one station directly after another: documented integers, by cause. */
import type { Slot, Stance } from "../class/document";
import { slotEffort } from "../effort/demand";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import type { Muscle } from "../moves/move";
import { changeOverSeconds } from "../parts/change-over";
import type { Part } from "../parts/part";

export const ORDER_CAUSES = ["muscles", "grip", "shoulders", "hard", "jumps", "position", "kit"] as const;
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
  /** Up from or down to the floor; another posture at the same height costs a quarter. */
  position: 4,
  /** Each started 3 seconds of putting down, taking up and setting up; the median over the people. */
  kit: 1,
} as const;

const KIT_UNIT_SECONDS = 3;
const HARD_EFFORT = 7;
const UPRIGHT: readonly string[] = ["standing", "seated"];
const SHOULDERS: readonly Muscle[] = ["front-shoulders", "side-shoulders", "rear-shoulders"];

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

function positionCost(a: KnownMove, b: KnownMove): number {
  if (!a.position || !b.position || a.position === b.position) return 0;
  const crosses = UPRIGHT.includes(a.position) !== UPRIGHT.includes(b.position);
  return crosses ? ORDER_COSTS.position : ORDER_COSTS.position / 4;
}

/** The median of the people's changes of kit, in points; by the moves as set where nobody is there. */
function kitCost(a: Slot, b: Slot, book: MoveBook, parts: readonly Part[]): number {
  const points = (seconds: number) => ORDER_COSTS.kit * Math.ceil(seconds / KIT_UNIT_SECONDS);
  if (parts.length === 0) {
    const roles = (slot: Slot) =>
      (resolveMove(slot.move, book).needs?.[0] ?? []).map((need) => need.as).join();
    return roles(a) === roles(b) ? 0 : points(4 + (resolveMove(b.move, book).setupSeconds ?? 0));
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
  return all.length === 0 ? 0 : points(all[Math.floor((all.length - 1) / 2)] as number);
}

const NO_COST: OrderCost = { muscles: 0, grip: 0, shoulders: 0, hard: 0, jumps: 0, position: 0, kit: 0 };

const lands = (move: KnownMove) => (move.landings?.perRep ?? 0) > 0;
const grips = (move: KnownMove) => move.loads?.includes("grip") ?? false;

/** What it costs that two moves follow one another, whoever does them; `kit` and `hard` aside. */
function moveCosts(a: KnownMove, b: KnownMove): Omit<OrderCost, "kit" | "hard"> {
  const both = (cause: "grip" | "shoulders" | "jumps", is: (move: KnownMove) => boolean) =>
    is(a) && is(b) ? ORDER_COSTS[cause] : 0;
  return {
    muscles: muscleCost(a, b),
    grip: both("grip", grips),
    shoulders: both("shoulders", loadsShoulders),
    jumps: both("jumps", lands),
    position: positionCost(a, b),
  };
}

/** Costs by cause of every station directly after every other, in the order of the block. */
export function orderPairs(
  slots: readonly Slot[],
  book: MoveBook,
  parts: readonly Part[],
  stance: Stance,
): readonly (readonly OrderCost[])[] {
  const moves = slots.map((slot) => resolveMove(slot.move, book));
  const hard = slots.map((slot) => slotEffort(slot, book, stance) >= HARD_EFFORT);
  return slots.map((from, i) =>
    slots.map((to, j) => {
      if (i === j) return NO_COST;
      return {
        ...moveCosts(moves[i] as KnownMove, moves[j] as KnownMove),
        hard: hard[i] && hard[j] ? ORDER_COSTS.hard : 0,
        kit: kitCost(from, to, book, parts),
      };
    }),
  );
}

/** All causes together. */
export function sumOf(cost: OrderCost): number {
  return ORDER_CAUSES.reduce((sum, cause) => sum + cost[cause], 0);
}
