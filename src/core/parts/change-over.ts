/**
 * Seconds needed to get from one way to the next: one table, editable in the settings. Getting into
 * the other position and putting kit down go on together; then the next kit is taken up and set up.
 * The seconds are our own estimates from walking through the changes at home; a studio edits them.
 */
import type { KitItem } from "../homes/kit";
import { KIT_TYPES, type KitType, kitFacts } from "../homes/kit-types";
import type { Use } from "../homes/match";
import { POSITIONS, type Position } from "../moves/move";
import type { Seconds } from "../units";

export interface ChangeOverTable {
  /** Seconds from the first position into the second. */
  readonly position: Readonly<Record<Position, Readonly<Record<Position, Seconds>>>>;
  /** Seconds to put down and to take up one line of kit. */
  readonly putDown: Readonly<Partial<Record<KitType, Seconds>>>;
  readonly takeUp: Readonly<Partial<Record<KitType, Seconds>>>;
  /** Seconds to put down or take up what isn't named. */
  readonly otherKit: Seconds;
  /** Seconds to change plates or packing, and an adjustable weight that doesn't say its own. */
  readonly changeLoad: Seconds;
  /** Seconds to change sides where the position or the thing held has to change too. */
  readonly sideLying: Seconds;
  readonly sideHeld: Seconds;
}

/** How far down a position is, in steps; a step down takes a second, a step up a second and a half. */
const DEPTH: Readonly<Record<Position, number>> = {
  standing: 0,
  seated: 1,
  "half-kneeling": 2,
  kneeling: 2,
  "all-fours": 3,
  plank: 3,
  prone: 4,
  supine: 4,
  "side-lying": 4,
};

function positionSeconds(from: Position, to: Position): Seconds {
  if (from === to) return 0;
  const steps = DEPTH[to] - DEPTH[from];
  return steps === 0 ? 2 : steps > 0 ? 1 + steps : Math.ceil(1 + -steps * 1.5);
}

function matrix(): ChangeOverTable["position"] {
  const row = (from: Position) =>
    Object.fromEntries(POSITIONS.map((to) => [to, positionSeconds(from, to)])) as Record<Position, Seconds>;
  return Object.fromEntries(POSITIONS.map((from) => [from, row(from)])) as ChangeOverTable["position"];
}

/** The seconds of the types that have their own. */
function kitSeconds(which: "putDown" | "takeUp"): Readonly<Partial<Record<KitType, Seconds>>> {
  const own = KIT_TYPES.map((type) => [type, kitFacts(type)[which]] as const);
  return Object.fromEntries(own.filter(([, seconds]) => seconds !== null));
}

export const CHANGE_OVER: ChangeOverTable = {
  position: matrix(),
  putDown: kitSeconds("putDown"),
  takeUp: kitSeconds("takeUp"),
  otherKit: 2,
  changeLoad: 15,
  sideLying: 4,
  sideHeld: 2,
};

/** What of a way decides its change-overs. */
export interface Stand {
  readonly position: Position | undefined;
  /** Without what fills a bag or a bar: that goes with its holder. */
  readonly uses: readonly Use[];
  readonly setupSeconds: Seconds;
}

/** Standing with nothing in hand. */
export const EMPTY_HANDED: Stand = { position: undefined, uses: [], setupSeconds: 0 };

function loadSeconds(item: KitItem | undefined, table: ChangeOverTable): Seconds {
  return item?.changeSeconds ?? table.changeLoad;
}

/** The same thing, as many, in the same role. */
function same(a: Use, b: Use): boolean {
  return a.kit === b.kit && a.as === b.as && a.count === b.count;
}

/** Seconds needed between two ways of one person. */
export function changeOverSeconds(
  from: Stand,
  to: Stand,
  kit: ReadonlyMap<string, KitItem>,
  table: ChangeOverTable = CHANGE_OVER,
): Seconds {
  const move = from.position && to.position ? table.position[from.position][to.position] : 0;
  const before = from.uses;
  const after = to.uses;
  const seconds = (by: ChangeOverTable["putDown"], use: Use) =>
    by[kit.get(use.kit)?.type ?? "ball"] ?? table.otherKit;
  let put = 0;
  let take = 0;
  let load = 0;
  let kept = 0;
  for (const use of before) {
    const next = after.find((other) => same(use, other));
    if (!next) put += seconds(table.putDown, use);
    else kept += 1;
    if (next && next.kg !== use.kg) load = Math.max(load, loadSeconds(kit.get(use.kit), table));
  }
  for (const use of after) {
    if (!before.some((other) => same(use, other))) take += seconds(table.takeUp, use);
  }
  const keepsAll = after.length > 0 && kept === after.length && before.length === kept;
  return Math.max(move, put) + take + load + (keepsAll ? 0 : to.setupSeconds);
}

/** Seconds needed to change sides within a one-sided way. */
export function sideChangeSeconds(way: Stand, table: ChangeOverTable = CHANGE_OVER): Seconds {
  if (way.position === "side-lying") return table.sideLying;
  return way.uses.some((use) => use.as !== "wall" && use.as !== "support" && use.as !== "filling")
    ? table.sideHeld
    : 0;
}
