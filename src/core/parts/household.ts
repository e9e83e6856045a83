/**
 * Two people in one room share its things: in every block each thing is one of theirs, or goes from one to the other
 * between moves, so that both parts together cost the least. Where both list the same thing it is there once. A block is split by itself; what is carried over from one
 * block to the next isn't counted.
 */
import { type Block, type ClassDoc, slotsOf } from "../class/document";
import type { Person } from "../homes/home";
import { type KitItem, kitCount } from "../homes/kit";
import type { MoveBook } from "../moves/book";
import { spanTriple } from "../values/span";
import type { Brought, Part, SharedBlock, SharedThing } from "./part";
import { type PartOptions, partFor } from "./parts";

/** Ways to share that are looked at in one block before what both want goes to the first of them. */
const MOST_LOOKED = 200;

/** What a line of kit is, whatever it is called: the same thing in two lists is there once. */
function sameThing({ id: _id, count: _count, ...facts }: KitItem): string {
  return JSON.stringify(Object.entries(facts).sort());
}

/** The room's things: of what both list, as many as the longer list has. */
export function roomKit(a: Person, b: Person): readonly KitItem[] {
  const pool = new Map<string, KitItem>();
  for (const item of [...(a.kit ?? []), ...(b.kit ?? [])]) {
    const key = sameThing(item);
    const there = pool.get(key);
    const count = Math.max(kitCount(item), there ? kitCount(there) : 0);
    pool.set(key, { ...(there ?? item), count });
  }
  // Two lists may call different things by one name.
  const seen = new Set<string>();
  return [...pool.values()].map((item, i) => {
    const id = seen.has(item.id) ? `${item.id} ${i}` : item.id;
    seen.add(id);
    return { ...item, id };
  });
}

const blockDoc = (doc: ClassDoc, block: Block): ClassDoc => ({ ...doc, blocks: [block] });

/** So many of each thing at the most, by its id; of what isn't named all that there are. */
type Most = ReadonlyMap<string, number>;

const kitWithin = (pool: readonly KitItem[], most: Most): readonly KitItem[] =>
  pool.flatMap((item) => {
    const count = Math.min(kitCount(item), most.get(item.id) ?? kitCount(item));
    return count > 0 ? [{ ...item, count }] : [];
  });

/** Works a part out once for each kit. */
function remembered(doc: ClassDoc, pool: readonly KitItem[], book: MoveBook, options: PartOptions) {
  const known = new Map<string, Part>();
  return (who: Person, most: Most): Part => {
    const kit = kitWithin(pool, most);
    const key = `${who.id} ${kit.map(({ id, count }) => `${id}*${count}`).join(" ")}`;
    const there = known.get(key) ?? partFor(doc, { ...who, kit }, book, options);
    known.set(key, there);
    return there;
  };
}

/** Two parts, and what each may have of the room's things. */
interface Node {
  readonly parts: readonly [Part, Part];
  readonly most: readonly [Most, Most];
}

const sumOf = ({ parts: [a, b] }: Node) => a.cost + b.cost;
const usedOf = ({ bring }: Part, id: string) => bring.find(({ kit }) => kit === id)?.count ?? 0;

/** The first thing of which both together use more than there is; null where there is none. */
function wantedByBoth({ parts: [a, b] }: Node, pool: readonly KitItem[]): KitItem | null {
  return pool.find((item) => usedOf(a, item.id) + usedOf(b, item.id) > kitCount(item)) ?? null;
}

/**
 * The best division of one block, exactly: with everything for both no division costs less. Where both want the same
 * thing each way to share it is looked at, the least sum first; taking something away makes no part cheaper, so the
 * first in which nobody wants the same is the best there is. Ties go to more for the first of the two.
 */
function divide(
  doc: ClassDoc,
  [a, b]: Pair,
  pool: readonly KitItem[],
  book: MoveBook,
  options: PartOptions,
): readonly [Part, Part] {
  const work = remembered(doc, pool, book, options);
  const nodeOf = (most: readonly [Most, Most]): Node => ({
    parts: [work(a, most[0]), work(b, most[1])],
    most,
  });
  const open = [nodeOf([new Map(), new Map()])];
  for (let looked = 0; ; looked += 1) {
    const node = open.shift() as Node;
    const item = wantedByBoth(node, pool);
    if (!item) return node.parts;
    const all = kitCount(item);
    const [first, second] = node.most;
    // Beyond so many it is the first one's: never wrong, only no longer surely the best.
    const shares = looked < MOST_LOOKED ? Array.from({ length: all + 1 }, (_, i) => all - i) : [all];
    for (const share of shares)
      open.push(nodeOf([new Map(first).set(item.id, share), new Map(second).set(item.id, all - share)]));
    open.sort((x, y) => sumOf(x) - sumOf(y));
  }
}

type Pair = readonly [Person, Person];

/** Points for a thing that goes from one to the other and back within a block. */
const HAND_OVER = 20;
/** Seconds between two moves in which a thing can be handed over. */
const HAND_OVER_SECONDS = 10;

/** Whether a thing can go to and fro in a block: from move to move in a lap, with time between. */
function hasTurns(block: Block): boolean {
  const slots = slotsOf(block);
  const gaps = slots.map(({ rest }) => spanTriple(rest ?? block.rest).min);
  return (
    slots.length > 1 &&
    block.loop !== "station" &&
    block.cap === undefined &&
    slots.every(({ rounds }) => rounds === undefined) &&
    gaps.every((gap) => gap >= HAND_OVER_SECONDS)
  );
}

/** A block as it is divided: the parts of both, one for all of it, or one for each of its moves where they take turns. */
interface Divided {
  readonly firsts: readonly Part[];
  readonly seconds: readonly Part[];
}

const costOf = ({ firsts, seconds }: Divided) =>
  [...firsts, ...seconds].reduce((sum, { cost }) => sum + cost, 0);
const thingsIn = (parts: readonly Part[]) =>
  new Set(parts.flatMap(({ bring }) => bring.map(({ kit }) => kit)));

/** Things that both use, at different moves. */
function inTurns({ firsts, seconds }: Divided): readonly string[] {
  const others = thingsIn(seconds);
  return firsts.length < 2 ? [] : [...thingsIn(firsts)].filter((kit) => others.has(kit));
}

/** The cheaper of two ways: each thing one of theirs throughout, or in turns from move to move where the block has turns. */
function divideBlock(
  doc: ClassDoc,
  block: Block,
  divideOne: (doc: ClassDoc) => readonly [Part, Part],
): Divided {
  const [first, second] = divideOne(blockDoc(doc, block));
  const whole = { firsts: [first], seconds: [second] };
  if (!hasTurns(block)) return whole;
  const each = slotsOf(block).map((slot) => divideOne(blockDoc(doc, { ...block, slots: [slot] })));
  const turns = { firsts: each.map(([one]) => one), seconds: each.map(([, other]) => other) };
  const handed = inTurns(turns).length * HAND_OVER;
  return costOf(turns) + handed < costOf(whole) ? turns : whole;
}

/** What is theirs in each block, what is the other's, what goes to and fro; blocks in which nothing is used say nothing. */
function sharedOf(
  divided: readonly Divided[],
  blocks: readonly Block[],
  pool: readonly KitItem[],
  isFirst: boolean,
): readonly SharedBlock[] {
  return blocks.flatMap(({ id: block }, i): SharedBlock[] => {
    const own = divided[i];
    if (!own) return [];
    const handed = new Set(inTurns(own));
    const things = (parts: readonly Part[], inHand: boolean) =>
      broughtIn(parts, pool, []).flatMap(({ kit, count }): SharedThing[] => {
        const item = pool.find(({ id }) => id === kit);
        if (!item || handed.has(kit) !== inHand) return [];
        return [{ kit, type: item.type, count, ...(item.kg === undefined ? {} : { kg: item.kg }) }];
      });
    const [mine, theirs] = isFirst ? [own.firsts, own.seconds] : [own.seconds, own.firsts];
    const told = { mine: things(mine, false), theirs: things(theirs, false), turns: things(mine, true) };
    const any = told.mine.length + told.theirs.length + told.turns.length > 0;
    return any ? [{ block, ...told }] : [];
  });
}

/** Everything of all blocks, the most of each thing at once; `without`: what the other brings already. */
function broughtIn(
  parts: readonly Part[],
  pool: readonly KitItem[],
  without: readonly Brought[],
): readonly Brought[] {
  const most = new Map<string, Brought>();
  for (const { kit, count, kgs = [] } of parts.flatMap(({ bring }) => bring)) {
    const there = most.get(kit);
    const all = [...new Set([...(there?.kgs ?? []), ...kgs])].sort((x, y) => x - y);
    most.set(kit, {
      kit,
      count: Math.max(count, there?.count ?? 0),
      ...(all.length > 0 ? { kgs: all } : {}),
    });
  }
  return [...most.values()].flatMap((each) => {
    const all = kitCount(pool.find(({ id }) => id === each.kit) ?? {});
    const left = all - (without.find(({ kit }) => kit === each.kit)?.count ?? 0);
    const count = Math.min(each.count, left);
    return count > 0 ? [{ ...each, count }] : [];
  });
}

function joined(
  parts: readonly Part[],
  who: Person,
  shared: NonNullable<Part["shared"]>,
  bring: readonly Brought[],
  pool: readonly KitItem[],
): Part {
  const [first] = parts as readonly [Part, ...Part[]];
  return {
    ...first,
    person: who.id,
    name: who.name,
    homeKnown: who.kit !== undefined,
    cost: parts.reduce((sum, { cost }) => sum + cost, 0),
    exact: parts.every(({ exact }) => exact),
    slots: parts.flatMap(({ slots }) => slots),
    changeovers: parts.flatMap(({ changeovers }) => changeovers),
    bring,
    kinds: Object.fromEntries(pool.map(({ id, type }) => [id, type])),
    shared,
  };
}

/** The parts of two people who share a room, in their order. The document must be valid. */
export function sharedParts(
  doc: ClassDoc,
  pair: Pair,
  book: MoveBook,
  options: PartOptions = {},
): readonly [Part, Part] {
  const pool = roomKit(...pair);
  const blocks = doc.blocks.filter((block) => slotsOf(block).length > 0);
  const one = (part: ClassDoc) => divide(part, pair, pool, book, options);
  const divided = blocks.map((block) => divideBlock(doc, block, one));
  const [firsts, seconds] = [divided.flatMap((each) => each.firsts), divided.flatMap((each) => each.seconds)];
  const [a, b] = pair;
  const bring = broughtIn(firsts, pool, []);
  const shared = (isFirst: boolean) => sharedOf(divided, blocks, pool, isFirst);
  return [
    joined(firsts, a, { with: b.name, blocks: shared(true) }, bring, pool),
    joined(seconds, b, { with: a.name, blocks: shared(false) }, broughtIn(seconds, pool, bring), pool),
  ];
}

/** Pairs of people who train in one room; of more than two the first two by their ids. */
export function pairsIn(people: readonly Person[]): readonly Pair[] {
  const rooms = new Map<string, Person[]>();
  for (const person of people)
    if (person.household) rooms.set(person.household, [...(rooms.get(person.household) ?? []), person]);
  return [...rooms.values()].flatMap((all): Pair[] => {
    const [a, b] = [...all].sort((x, y) => (x.id < y.id ? -1 : 1));
    return a && b ? [[a, b]] : [];
  });
}
