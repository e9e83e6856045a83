/**
 * Matching kit to needs, with counts and measures: which things of a home fill which roles.
 * A thing holds one role at a time; "equal" items are alike in weight and so come from one line
 * of kit (or lines of the same weight). The search is exact: it tries every filling, in an order
 * that is the same everywhere.
 */
import type { Need, NeedRole } from "../moves/move";
import type { Person } from "./home";
import { heightCmOf, type KitItem, type KitType, kgRange, kitCount } from "./kit";

/** `count` items of a line of kit, in a role. */
export interface Use {
  readonly kit: string;
  readonly count: number;
  readonly as: NeedRole;
  /** Kilograms of each, where it is held: chosen within an adjustable one's range. */
  readonly kg?: number;
}

/** Which weight is looked for where several would do, kg of each item; null: the lightest first. */
export type WantedKg = number | "heaviest" | "middle" | null;

const FILLS: Record<NeedRole, readonly KitType[]> = {
  "hand-weight": ["dumbbell", "adjustable-dumbbell", "kettlebell", "jug", "bottle", "tin"],
  "held-weight": ["dumbbell", "adjustable-dumbbell", "kettlebell", "plate", "backpack", "jug", "bottle"],
  "worn-weight": ["backpack"],
  "long-band": ["tube-band", "loop-band"],
  "mini-band": ["mini-band"],
  anchor: ["door-anchor", "overhead-bar"],
  door: ["door"],
  strap: ["strap-trainer"],
  support: ["chair", "sofa", "bench", "step", "table", "counter"],
  "slider-pair": ["slider", "towel"],
  wall: ["wall"],
  bar: ["overhead-bar"],
  ball: ["ball"],
  "soft-surface": ["mat"],
  towel: ["towel"],
  stick: ["broomstick"],
  kettlebell: ["kettlebell"],
  bench: ["bench"],
  barbell: ["barbell"],
  filling: ["bottle", "tin", "jug", "plate", "books"],
  // No home kit is a cable or a machine: ways of the gym that need one are sources only.
  cable: [],
  machine: [],
};

/** The kit types that can fill a role. */
export function fillersOf(role: NeedRole): readonly KitType[] {
  return FILLS[role];
}

/** Items that a need takes: sliders come as a pair. */
export function needCount(need: Need): number {
  return need.as === "slider-pair" ? 2 : (need.count ?? 1);
}

/** The weight within `range` and the need's own range that is nearest to what is wanted, or null. */
function chooseKg(item: KitItem, need: Need, wanted: WantedKg): number | null {
  const has = kgRange(item);
  if (!has) return null;
  const from = Math.max(has[0], need.kg?.[0] ?? 0);
  const to = Math.min(has[1], need.kg?.[1] ?? Number.POSITIVE_INFINITY);
  if (from > to) return null;
  const step = item.stepKg && item.stepKg > 0 ? item.stepKg : null;
  const aim = wanted === "heaviest" ? to : wanted === "middle" ? (from + to) / 2 : (wanted ?? from);
  const clamped = Math.min(to, Math.max(from, aim));
  if (step === null || has[0] === has[1]) return Math.round(clamped * 100) / 100;
  const down = has[0] + Math.floor((clamped - has[0]) / step + 1e-9) * step;
  const stepped = down >= from - 1e-9 ? down : down + step;
  return stepped <= to + 1e-9 ? Math.round(stepped * 100) / 100 : null;
}

function measuresFit(item: KitItem, need: Need, person: Person): boolean {
  if (need.tension && !(item.tension && need.tension.includes(item.tension))) return false;
  if (need.heightCm) {
    const height = heightCmOf(item);
    if (height === null || height < need.heightCm[0] || height > need.heightCm[1]) return false;
  }
  if (need.bearsWeight && item.sturdy !== true) return false;
  // Pulling shuts a door only if it opens away from the person; one that nobody described isn't trusted.
  if (need.as === "door") return item.latches === true && item.opens === "away";
  if (need.as === "slider-pair") return person.space?.floor === "smooth" || person.space?.floor === "tile";
  if (need.as === "anchor" && item.type === "overhead-bar")
    return need.at === undefined || need.at === "high";
  return true;
}

/** One need may bring another: a door anchor is only as good as its door. */
function expandNeeds(needs: readonly Need[], item: KitItem | null): readonly Need[] {
  return item?.type === "door-anchor" ? [...needs, { as: "door" }] : needs;
}

function byPreference(wanted: WantedKg) {
  return (a: { item: KitItem; kg: number | null }, b: { item: KitItem; kg: number | null }) => {
    const far = (kg: number | null) => {
      if (kg === null) return 0;
      if (wanted === "heaviest") return -kg;
      return typeof wanted === "number" ? Math.abs(kg - wanted) : kg;
    };
    return far(a.kg) - far(b.kg) || (a.item.id < b.item.id ? -1 : a.item.id > b.item.id ? 1 : 0);
  };
}

interface Candidate {
  readonly item: KitItem;
  readonly kg: number | null;
}

function candidatesFor(need: Need, kit: readonly KitItem[], person: Person, wanted: WantedKg): Candidate[] {
  const weighed = need.as === "hand-weight" || need.as === "held-weight" || need.as === "worn-weight";
  const fitting: Candidate[] = [];
  for (const item of kit) {
    if (!FILLS[need.as].includes(item.type) || !measuresFit(item, need, person)) continue;
    const kg = weighed ? chooseKg(item, need, wanted) : null;
    if (!weighed || kg !== null) fitting.push({ item, kg });
  }
  fitting.sort(byPreference(wanted));
  return wanted === "middle" ? fromTheMiddle(fitting) : fitting;
}

/** The middle one first, then its neighbours: for "medium" without a known load. */
function fromTheMiddle(sorted: readonly Candidate[]): Candidate[] {
  const middle = (sorted.length - 1) / 2;
  return sorted
    .map((candidate, i) => ({ candidate, far: Math.abs(i - middle), i }))
    .sort((a, b) => a.far - b.far || a.i - b.i)
    .map((entry) => entry.candidate);
}

/** Ways to take the items of one need from what is left, best first. */
function takings(
  need: Need,
  left: ReadonlyMap<string, number>,
  candidates: readonly Candidate[],
): Candidate[][] {
  const wanted = needCount(need);
  const out: Candidate[][] = [];
  for (const first of candidates) {
    const here = left.get(first.item.id) ?? 0;
    if (here >= wanted) out.push(Array.from({ length: wanted }, () => first));
    else if (wanted === 2 && here === 1) {
      // Two lines of one each: alike where the need says so.
      for (const second of candidates) {
        if (second.item.id <= first.item.id || (left.get(second.item.id) ?? 0) < 1) continue;
        if (need.equal && (second.kg !== first.kg || second.item.type !== first.item.type)) continue;
        out.push([first, second]);
      }
    }
  }
  return out;
}

/** Fills all needs of one alternative from the kit, or gives null. Exact: backtracks over every taking. */
export function fillNeeds(
  needs: readonly Need[],
  person: Person,
  wanted: WantedKg = null,
): readonly Use[] | null {
  const kit = person.kit ?? [];
  const left = new Map(kit.map((item) => [item.id, kitCount(item)]));
  return fill(needs, kit, person, wanted, left);
}

function fill(
  needs: readonly Need[],
  kit: readonly KitItem[],
  person: Person,
  wanted: WantedKg,
  left: ReadonlyMap<string, number>,
): readonly Use[] | null {
  const [need, ...others] = needs;
  if (!need) return [];
  // The floor itself is soft enough where it is carpet or mat.
  const soft = person.space?.floor === "carpet" || person.space?.floor === "mat";
  if (need.as === "soft-surface" && soft) return fill(others, kit, person, wanted, left);
  const candidates = candidatesFor(need, kit, person, wanted);
  for (const taking of takings(need, left, candidates)) {
    const after = new Map(left);
    for (const { item } of taking) after.set(item.id, (after.get(item.id) ?? 0) - 1);
    const rest = fill(expandNeeds(others, taking[0]?.item ?? null), kit, person, wanted, after);
    if (rest) return [...usesOf(need, taking), ...rest];
  }
  return null;
}

function usesOf(need: Need, taking: readonly Candidate[]): Use[] {
  const uses = new Map<string, Use>();
  for (const { item, kg } of taking) {
    const count = (uses.get(item.id)?.count ?? 0) + 1;
    uses.set(item.id, { kit: item.id, count, as: need.as, ...(kg === null ? {} : { kg }) });
  }
  return [...uses.values()];
}

/** The first alternative of a move's needs that the home can meet, or null. Unknown needs are taken as none. */
export function fillMove(
  needs: readonly (readonly Need[])[] | undefined,
  person: Person,
  wanted: WantedKg = null,
): readonly Use[] | null {
  if (!needs || needs.length === 0) return [];
  for (const alternative of needs) {
    const uses = fillNeeds(alternative, person, wanted);
    if (uses) return uses;
  }
  return null;
}
