/** Blocks of a class from what a plan's lines opened. */
import { type Block, isPause, type Slot, type Stance } from "../class/document";
import { type Span, spanTriple } from "../values/span";
import { fitLists } from "./fit-lists";
import type { Note } from "./note";
import { type Patch, patched } from "./patch";
import type { Place } from "./pencil";
import type { Header } from "./read-header";
import type { ReadItem } from "./read-item";

/** Work and rests where nobody says them. */
export const USUAL = {
  form: { work: 30, rest: 30, longRest: 60 },
  strength: { work: 40, rest: 60, longRest: 90 },
  density: { work: 40, rest: 15, longRest: 45 },
} as const satisfies Record<Stance, object>;

/** A block that a line has opened, with the moves that have gone into it so far. */
export interface Open {
  readonly header: Header;
  readonly title: string;
  readonly place: Place;
  readonly items: ReadItem[];
  /** Begun by a heading: lines under it are its moves. */
  readonly headed: boolean;
  readonly patch: Patch | null;
  /** Its rounds are the sets that its moves say themselves. */
  bySets: boolean;
}

/** As many sets as something in a block is told for one by one; null where nothing is. */
function listedSets(items: readonly ReadItem[]): number | null {
  const lists = items.flatMap(({ slot: { dose, load } }) => [dose, load].filter(Array.isArray));
  return lists.length > 0 ? Math.max(...lists.map(({ length }) => length)) : null;
}

/** Rounds of a block: as it says them, by a list of doses, or of windows in the time that it lasts. */
function roundsOf({ header, items }: Open): Span | null {
  const { every, whole } = header;
  const rounds = header.rounds ?? listedSets(items);
  if (rounds !== null || every === null || whole === null || items.length === 0) return rounds;
  return Math.max(1, Math.round(whole / (every * items.length)));
}

/** Rests of a block: as it says them, else what is usual where there is anything to rest between. */
function restsOf(
  { header }: Open,
  slots: number,
  rounds: Span | null,
  stance: Stance,
): Pick<Block, "rest" | "longRest"> {
  const usual = USUAL[stance];
  const isEnd = header.role === "warmup" || header.role === "cooldown";
  const restless = header.every !== null || header.capped || slots === 0;
  const many = rounds !== null && spanTriple(rounds).plan > 1;
  const between = isEnd ? 5 : slots > 1 || header.station ? usual.rest : null;
  const rest = header.rest ?? (restless ? null : between);
  const lap = many && !restless && !isEnd && header.rest === null ? usual.longRest : null;
  const longRest = header.longRest ?? lap;
  return { ...(rest === null ? {} : { rest }), ...(longRest === null ? {} : { longRest }) };
}

const given = <K extends string>(key: K, value: number | null) => (value === null ? {} : { [key]: value });

function blockOf(open: Open, id: string, slots: readonly Slot[], stance: Stance): Block {
  const { header, title } = open;
  const rounds = header.capped ? null : roundsOf(open);
  return {
    id,
    title: title.slice(0, 120),
    role: header.role ?? "main",
    ...given("brief", header.brief),
    ...given("demo", header.demo),
    ...given("prepare", header.prepare),
    ...(header.station && !header.capped ? { loop: "station" as const } : {}),
    ...(rounds === null ? {} : { rounds }),
    ...restsOf(open, slots.length, rounds, stance),
    ...given("cap", header.capped ? (header.whole ?? 360) : null),
    ...(header.own && !header.capped ? { pace: "own" as const } : {}),
    ...given("after", header.after),
    ...(slots.length > 0 ? { slots } : {}),
  };
}

/** Slots with ids of their own; whom one stays beside is told by its place in the block, from 1. */
const withIds = (items: readonly Pick<ReadItem, "slot">[], from: number): readonly Slot[] =>
  items.map(({ slot }, i) => {
    const place: unknown = slot.together;
    const beside = typeof place === "number" ? { together: `s${from + place - 1}` } : {};
    return { ...slot, ...beside, id: `s${from + i}` };
  });

/** What comes of an opened block: the block, and what had to be fitted in it. */
function madeOf(open: Open, at: number, from: number, stance: Stance) {
  const rounds = open.header.capped ? null : roundsOf(open);
  // What stands in braces has the last word.
  const fitted = open.patch
    ? open.items.map(({ slot }) => ({ slot, notes: [] }))
    : open.items.map((item) => (item.braced ? { slot: item.slot, notes: [] } : fitLists(item, rounds)));
  const slots = withIds(fitted, from);
  const { noSlots, ...patch } = open.patch ?? {};
  const block = patched(blockOf(open, `b${at}`, slots, stance), patch);
  return {
    block: noSlots === true && slots.length === 0 ? { ...block, slots: [] } : block,
    notes: fitted.flatMap(({ notes }) => notes),
  };
}

/** The blocks that were opened, the name of the class where a heading over nothing says it, and what was fitted. */
export function blocksOf(
  all: readonly Open[],
  stance: Stance,
): { readonly blocks: readonly Block[]; readonly name: string | null; readonly notes: readonly Note[] } {
  const blocks: Block[] = [];
  const notes: Note[] = [];
  let name: string | null = null;
  let count = 1;
  for (const open of all) {
    if (open.items.length === 0 && !isPause(open.header) && !open.patch) {
      if (blocks.length === 0) name ??= open.title;
      continue;
    }
    const made = madeOf(open, blocks.length + 1, count, stance);
    blocks.push(made.block);
    notes.push(...made.notes);
    count += open.items.length;
  }
  return { blocks, name, notes };
}
