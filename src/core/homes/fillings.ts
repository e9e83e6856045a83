/**
 * All the ways in which a home can meet the needs of a move: which thing in which role. `match.ts`
 * answers whether there is one; the choice of parts needs every one, since holding on to the same
 * thing from slot to slot saves a change.
 */
import type { Need, NeedRole, Tension } from "../moves/move";
import type { Person } from "./home";
import { type HomeIndex, homeIndex } from "./home-index";
import { type KitItem, kitCount } from "./kit";
import { expandNeeds, measuresFit, needCount, type Use } from "./match";
import type { WeightOption } from "./packing";

export interface Filling {
  readonly uses: readonly Use[];
  /** The role whose weight can be chosen, or null where nothing has a weight. */
  readonly weighed: NeedRole | null;
  /** Weights of each thing in that role, lightest first; empty where nothing has a weight. */
  readonly weights: readonly WeightOption[];
  /** Things held in that role. */
  readonly items: number;
  readonly tension: Tension | null;
  /** Two things where the move asks for one, because one is too light. */
  readonly doubled: boolean;
}

const WEIGHED: readonly NeedRole[] = [
  "hand-weight",
  "held-weight",
  "worn-weight",
  "kettlebell",
  "barbell",
  "ankle-weight",
];
/** Of these two can be held at once in both hands. */
const DOUBLES: readonly KitItem["type"][] = ["dumbbell", "bottle", "plate", "tin"];
/** A home with more ways than this to meet one list of needs is cut there, in the order of its kit. */
const MOST = 120;
/** So many takings are tried for one list of needs, whether they lead to a filling or not. */
const MOST_STEPS = 3000;

/** The ways to meet a move's needs, and whether the search stopped before it had seen all of them. */
export interface Fillings {
  readonly list: readonly Filling[];
  readonly stopped: boolean;
}

interface Taking {
  readonly items: readonly { readonly item: KitItem; readonly count: number }[];
  readonly weights: readonly WeightOption[] | null;
  readonly doubled: boolean;
}

function within(weights: readonly WeightOption[], need: Need): readonly WeightOption[] {
  const { kg } = need;
  return kg ? weights.filter((option) => option.kg >= kg[0] && option.kg <= kg[1]) : weights;
}

function common(a: readonly WeightOption[], b: readonly WeightOption[]): readonly WeightOption[] {
  const known = new Set(b.map((option) => option.kg));
  return a.filter((option) => known.has(option.kg));
}

type Left = (item: KitItem) => number;

/** As many of one line as the need asks for. */
function alike(item: KitItem, need: Need, weights: Taking["weights"], left: Left): Taking[] {
  const count = needCount(need);
  const usable = weights === null || weights.length > 0;
  return usable && left(item) >= count ? [{ items: [{ item, count }], weights, doubled: false }] : [];
}

/** Two of one line where one is asked for: two weights in one hold, two bands together. */
function doubled(item: KitItem, need: Need, all: Taking["weights"], left: Left): Taking[] {
  const banded = need.as === "long-band";
  if (needCount(need) !== 1 || left(item) < 2 || !(need.as === "held-weight" || banded)) return [];
  const twice = all?.map((option) => ({ ...option, kg: option.kg * 2 })) ?? null;
  const weights = twice && within(twice, need);
  const fits = banded || (DOUBLES.includes(item.type) && (weights?.length ?? 0) > 0);
  return fits ? [{ items: [{ item, count: 2 }], weights, doubled: true }] : [];
}

/** Alike but for their weight: a light band and a heavy one are two things. */
function sameKind(a: KitItem, b: KitItem): boolean {
  return a.type === b.type && a.tension === b.tension;
}

/** Two lines of one each: alike in type and weight where the need says so. */
function paired(
  item: KitItem,
  others: readonly KitItem[],
  need: Need,
  weights: Taking["weights"],
  left: Left,
  home: HomeIndex,
): Taking[] {
  if (needCount(need) !== 2 || left(item) !== 1) return [];
  return others.flatMap((other): Taking[] => {
    if (left(other) < 1 || (need.equal && !sameKind(item, other))) return [];
    const shared = weights && within(home.weightsOf(other), need);
    const unequal = shared && shared.length > 0 ? weights : [];
    const both = weights && (need.equal ? common(weights, shared ?? []) : unequal);
    if (both !== null && both.length === 0) return [];
    const items = [item, other].map((one) => ({ item: one, count: 1 }));
    return [{ items, weights: both, doubled: false }];
  });
}

/** Every way to take this need from what is left. */
function takingsOf(need: Need, left: ReadonlyMap<string, number>, home: HomeIndex): Taking[] {
  const fitting = home.fillers(need.as).filter((item) => measuresFit(item, need, home.person));
  const has: Left = (item) => left.get(item.id) ?? 0;
  return fitting.flatMap((item, i) => {
    const all = WEIGHED.includes(need.as) ? home.weightsOf(item) : null;
    const weights = all && within(all, need);
    return [
      ...alike(item, need, weights, has),
      ...doubled(item, need, all, has),
      ...paired(item, fitting.slice(i + 1), need, weights, has, home),
    ];
  });
}

const NOTHING: Filling = {
  uses: [],
  weighed: null,
  weights: [],
  items: 0,
  tension: null,
  doubled: false,
};
const ONLY_NOTHING: Fillings = { list: [NOTHING], stopped: false };
const NONE: Fillings = { list: [], stopped: false };

/** What is made so far, with this need taken in this way. */
function withTaking(made: Filling, need: Need, taking: Taking): Filling {
  const banded = need.as === "long-band" || need.as === "mini-band";
  const weighs = taking.weights !== null && made.weighed === null;
  return {
    uses: [...made.uses, ...taking.items.map(({ item, count }) => ({ kit: item.id, count, as: need.as }))],
    weighed: weighs ? need.as : made.weighed,
    weights: weighs ? (taking.weights ?? []) : made.weights,
    items: weighs ? taking.items.reduce((sum, { count }) => sum + count, 0) : made.items,
    tension: banded ? (taking.items[0]?.item.tension ?? null) : made.tension,
    doubled: made.doubled || taking.doubled,
  };
}

/** Whether nothing has to be fetched for a need: the place meets it, or it may be left out. */
function isSpared(need: Need, home: HomeIndex): boolean {
  return need.optional === true || home.assumes(need);
}

/** What can't be met even alone leaves nothing to put together. */
function isMetAlone(need: Need, left: ReadonlyMap<string, number>, home: HomeIndex): boolean {
  return isSpared(need, home) || takingsOf(need, left, home).length > 0;
}

/** What may be left out is used where it is there; a weight is also left where it would be too heavy. */
function mayBeLeft({ as, optional }: Need, takings: readonly Taking[]): boolean {
  return optional === true && (takings.length === 0 || WEIGHED.includes(as));
}

/** What may be left out takes no thing from what has to be there. */
function requiredFirst(needs: readonly Need[]): readonly Need[] {
  if (!needs.some(({ optional }) => optional)) return needs;
  return [...needs.filter(({ optional }) => !optional), ...needs.filter(({ optional }) => optional)];
}

/** Fillings of one list of needs; each thing holds one role. */
function fillingsOfList(needs: readonly Need[], home: HomeIndex): Fillings {
  if (needs.length === 0) return ONLY_NOTHING;
  // Most homes lack most things: nothing is put together where a role can't be filled at all.
  for (const need of needs) {
    if (home.fillers(need.as).length === 0 && !isSpared(need, home)) return NONE;
  }
  const out: Filling[] = [];
  let steps = 0;
  const left = new Map(home.kit.map((item) => [item.id, kitCount(item)]));
  const take = (taking: Taking, by: 1 | -1) => {
    for (const { item, count } of taking.items) left.set(item.id, (left.get(item.id) ?? 0) + by * count);
  };
  const go = (open: readonly Need[], made: Filling): void => {
    if (out.length >= MOST || steps >= MOST_STEPS) return;
    const [need, ...others] = open;
    if (!need) {
      out.push(...whole(made));
      return;
    }
    const assumed = home.assumes(need);
    const takings = assumed ? [] : takingsOf(need, left, home);
    if (assumed || mayBeLeft(need, takings)) go(others, made);
    for (const taking of takings) {
      steps += 1;
      take(taking, -1);
      go(expandNeeds(others, taking.items[0]?.item ?? null), withTaking(made, need, taking));
      take(taking, 1);
    }
  };
  if (!needs.every((need) => isMetAlone(need, left, home))) return NONE;
  go(requiredFirst(needs), NOTHING);
  return { list: out, stopped: out.length >= MOST || steps >= MOST_STEPS };
}

/** A filling that all needs went into; none where its weight would have to lie in two places. */
function whole(made: Filling): readonly Filling[] {
  const filling = withoutTaken(made);
  return filling.weighed === null || filling.weights.length > 0 ? [filling] : [];
}

/** Whether a single need could be met by itself. */
export function hasFor(need: Need, person: Person): boolean {
  return fillingsOfList([need], homeIndex(person)).list.length > 0;
}

/** What fills a bag can't hold a role of its own at the same time. */
function withoutTaken(filling: Filling): Filling {
  if (filling.weights.every((option) => option.filling.length === 0)) return filling;
  const taken = new Set(filling.uses.map((use) => use.kit));
  const weights = filling.weights.filter((option) => !option.filling.some((use) => taken.has(use.kit)));
  return { ...filling, weights };
}

/** Every way to meet a move's needs, in the order of its alternatives. Unknown needs are taken as none. */
export function fillingsOf(needs: readonly (readonly Need[])[] | undefined, home: HomeIndex): Fillings {
  if (!needs || needs.length === 0) return ONLY_NOTHING;
  const [only] = needs;
  if (needs.length === 1 && only) return fillingsOfList(only, home);
  const found = needs.map((list) => fillingsOfList(list, home));
  return { list: found.flatMap(({ list }) => list), stopped: found.some(({ stopped }) => stopped) };
}

/** The things of a filling at one of its weights, with the kilograms of each. */
export function usesAt(filling: Filling, option: WeightOption | null): readonly Use[] {
  if (option === null) return filling.uses;
  const each = filling.doubled ? option.kg / filling.items : option.kg;
  const uses = filling.uses.map((use) => (use.as === filling.weighed ? { ...use, kg: each } : use));
  return [...uses, ...option.filling];
}

/** The first way to meet all needs of one list, at its lightest, or null where there is none. */
export function fillNeeds(needs: readonly Need[], person: Person): readonly Use[] | null {
  return fillMove([needs], person);
}

/** The first way to meet a move's needs, at its lightest, or null where there is none. */
export function fillMove(
  needs: readonly (readonly Need[])[] | undefined,
  person: Person,
): readonly Use[] | null {
  const [first] = fillingsOf(needs, homeIndex(person)).list;
  return first ? usesAt(first, first.weights[0] ?? null) : null;
}
