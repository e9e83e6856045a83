/**
 * A block turned into another shape: a circuit, straight sets, windows, against a cap, ladders, supersets, each move
 * by itself. Nothing is lost: what the new shape can't have is kept beside it (`shaped`) and comes back with the next
 * turn, unless it was changed meanwhile.
 */
import { type MoveBook, resolveMove } from "../moves/book";
import { isSame } from "../values/same";
import { spanTriple } from "../values/span";
import { checkClass } from "./check-class";
import { joinBlocks, setBlock, setSlot, splitBlock, together } from "./commands";
import {
  type Block,
  type ClassDoc,
  type Dose,
  dosesOf,
  loadAt,
  mapDoses,
  type Slot,
  slotsOf,
} from "./document";
import { applyEdit, type Edit } from "./edits";
import { expandedSeconds } from "./expand";
import { fitMarks } from "./fit-marks";

/** What a block can be turned into; supersets and single moves are blocks of their own. */
export const SHAPES = [
  "circuit",
  "straight-sets",
  "windows",
  "as-many-rounds",
  "ladders",
  "supersets",
  "one-by-one",
] as const;
export type Shape = (typeof SHAPES)[number];

/** Keys of a block, and of a slot, that a shape may change. */
const BLOCK_KEYS = ["loop", "cap", "rest", "longRest"] as const;
const SLOT_KEYS = ["dose", "load", "rounds", "marks"] as const;

type Json = Readonly<Record<string, unknown>>;

/** What stood before a shape took it, and what the shape made of it. */
interface Kept {
  readonly was: Json;
  readonly is: Json;
}

/** In the block's own key `shaped`; blocks that were cut from one have its id in `from`. */
interface Shaped {
  readonly block?: Kept;
  readonly slots?: Readonly<Record<string, Kept>>;
  readonly from?: string;
  /** Whom slots were kept together with, by their ids: a cut parts them. */
  readonly beside?: Readonly<Record<string, string>>;
}

const shapedOf = (block: Block): Shaped => (block as Block & { readonly shaped?: Shaped }).shaped ?? {};

function taken<T extends object>(from: T, keys: readonly (keyof T & string)[]): Json {
  return Object.fromEntries(keys.filter((key) => from[key] !== undefined).map((key) => [key, from[key]]));
}

/** A thing with these keys as they were kept; those that were changed meanwhile stay. */
function restored<T extends object>(now: T, keys: readonly string[], kept: Kept | undefined): T {
  if (!kept) return now;
  const made = { ...now } as Record<string, unknown>;
  for (const key of keys) {
    if (!isSame(made[key], kept.is[key])) continue;
    if (kept.was[key] === undefined) delete made[key];
    else made[key] = kept.was[key];
  }
  return made as T;
}

/** A block as it was before it was turned into anything. */
function unshaped(block: Block): Block {
  const { block: own, slots: kept = {}, beside = {} } = shapedOf(block);
  const { shaped: _kept, ...rest } = block as Block & { readonly shaped?: Shaped };
  const ids = new Set(slotsOf(block).map(({ id }) => id));
  const slots = slotsOf(block).map((slot) => {
    const now = restored(slot, SLOT_KEYS, kept[slot.id]);
    const partner = beside[slot.id];
    return partner !== undefined && now.together === undefined && ids.has(partner)
      ? { ...now, together: partner }
      : now;
  });
  return restored({ ...rest, ...(block.slots ? { slots } : {}) }, BLOCK_KEYS, own);
}

const WINDOW = 60;

/** A dose that is counted, so that it can be started every so often: timed work becomes the reps that fill it. */
function counted(dose: Dose, slot: Slot, book: MoveBook): Dose | null {
  if (dose.reps !== undefined) return dose;
  const move = resolveMove(slot.move, book);
  if (dose.seconds === undefined || dose.sequence !== undefined || move.isometric) return null;
  const reps = Math.max(1, Math.round(spanTriple(dose.seconds).plan / move.repSeconds));
  return { reps: slot.count === "total" ? Math.max(2, reps) : Math.min(1000, reps) };
}

function windowed(slot: Slot, book: MoveBook): Slot {
  const dose = mapDoses(slot, (own) => {
    const reps = counted(own, slot, book);
    if (!reps) return own;
    const { then: _end, ...rest } = reps as Dose & { readonly then?: unknown };
    return { ...rest, within: own.within ?? WINDOW } as Dose;
  });
  return { ...slot, dose };
}

/** Without the windows in which reps were done. */
function unwindowed(slot: Slot): Slot {
  return {
    ...slot,
    dose: mapDoses(slot, (dose) => {
      const { within: _window, ...rest } = dose as Dose & { readonly within?: number };
      return rest as Dose;
    }),
  };
}

/** The ladder whose rungs come nearest to so many reps: up from one. */
function rungsFor(reps: number): number {
  return Math.max(2, Math.min(100, Math.round((Math.sqrt(8 * reps + 1) - 1) / 2)));
}

function laddered(slot: Slot, book: MoveBook): Slot {
  const dose = mapDoses(slot, (own) => {
    const reps = own.within === undefined ? counted(own, slot, book) : own;
    if (reps?.reps === undefined) return own;
    const { tempo, repSeconds } = own;
    const pace = {
      ...(tempo === undefined ? {} : { tempo }),
      ...(repSeconds === undefined ? {} : { repSeconds }),
    };
    return { ladder: { from: 1, to: rungsFor(spanTriple(reps.reps).plan) }, ...pace } as Dose;
  });
  return { ...slot, dose };
}

/** One dose and one load for all rounds, in all of them: against a cap nobody knows how many there will be. */
function alike(slot: Slot): Slot {
  const { rounds: _own, load, ...rest } = unwindowed(slot);
  const first = dosesOf(rest as Slot)[0] as Dose;
  const own = load === undefined ? undefined : loadAt({ ...slot, load }, 0);
  return { ...rest, dose: first, ...(own ? { load: own } : {}) };
}

const without = <T extends object>(from: T, ...keys: string[]): T =>
  Object.fromEntries(Object.entries(from).filter(([key]) => !keys.includes(key))) as T;

/** In laps; one that says so itself goes on saying it. */
const lapped = (block: Block): Block => (block.loop === "station" ? without(block, "loop") : block);

/** A plain block in another shape, as far as it is one block. */
function shapedBlock(doc: ClassDoc, plain: Block, to: Shape, library: MoveBook): Block {
  const made = inShape(doc, plain, to, library);
  const before = slotsOf(plain);
  const slots = slotsOf(made).map((slot, i) => (isSame(slot.dose, before[i]?.dose) ? slot : fitMarks(slot)));
  return { ...made, slots };
}

function inShape(doc: ClassDoc, plain: Block, to: Shape, library: MoveBook): Block {
  const slots = slotsOf(plain);
  switch (to) {
    case "straight-sets":
      return { ...without(plain, "cap"), loop: "station", slots: slots.map(unwindowed) };
    case "windows":
      return {
        ...without(lapped(plain), "cap"),
        rest: 0,
        longRest: 0,
        slots: slots.map((slot) => windowed(slot, library)),
      };
    case "as-many-rounds": {
      const block = { ...lapped(plain), slots: slots.map(alike) };
      const { brief: _talk, demo: _shown, prepare: _ready, after: _water, ...work } = plain;
      const seconds = expandedSeconds(
        { ...doc, blocks: [{ ...work, slots: slots.map((slot) => without(slot, "demo")) }] },
        library,
        "plan",
      );
      return { ...block, cap: plain.cap ?? Math.min(7200, Math.max(60, Math.round(seconds / 60) * 60)) };
    }
    case "ladders":
      return { ...without(plain, "cap"), slots: slots.map((slot) => laddered(slot, library)) };
    default:
      return { ...without(lapped(plain), "cap"), slots: slots.map(unwindowed) };
  }
}

/** What has to be kept so that the plain block comes back. */
function keptFor(plain: Block, made: Block): Shaped {
  const keep = <T extends object>(was: T, is: T, keys: readonly (keyof T & string)[]): Kept | null => {
    const pair = { was: taken(was, keys), is: taken(is, keys) };
    return isSame(pair.was, pair.is) ? null : pair;
  };
  const own = keep(plain, made, BLOCK_KEYS);
  const slots = Object.fromEntries(
    slotsOf(plain).flatMap((slot, i) => {
      const kept = keep(slot, slotsOf(made)[i] as Slot, SLOT_KEYS);
      return kept ? [[slot.id, kept]] : [];
    }),
  );
  return { ...(own ? { block: own } : {}), ...(Object.keys(slots).length > 0 ? { slots } : {}) };
}

/** The edits that make one block of another with the same slots. */
function difference(from: Block, to: Block): readonly Edit[] {
  const edits: Edit[] = [];
  for (const key of [...BLOCK_KEYS, "shaped"] as const) {
    const [a, b] = [(from as unknown as Json)[key], (to as unknown as Json)[key]];
    if (!isSame(a, b)) edits.push(setBlock(from, key as keyof Block, b as never));
  }
  for (const [i, slot] of slotsOf(from).entries())
    for (const key of [...SLOT_KEYS, "together"] as const) {
      const next = slotsOf(to)[i] as Slot;
      if (!isSame(slot[key], next[key])) edits.push(setSlot(slot, key, next[key] as never));
    }
  return edits;
}

/** The block with the blocks that were cut from it joined again; the edits that do it, and the class then. */
function rejoined(
  doc: ClassDoc,
  block: Block,
): { readonly doc: ClassDoc; readonly edits: readonly Edit[]; readonly id: string } {
  const { from } = shapedOf(block);
  const edits: Edit[] = [];
  let now = doc;
  if (from === undefined) return { doc, edits, id: block.id };
  const first = doc.blocks.find((own) => shapedOf(own).from === from) as Block;
  for (;;) {
    const own = now.blocks.find(({ id }) => id === first.id) as Block;
    const next = now.blocks[now.blocks.indexOf(own) + 1];
    const join = next && shapedOf(next).from === from ? joinBlocks(now, own) : null;
    const done = join && applyEdit(now, join);
    if (!join || !done?.ok) return { doc: now, edits, id: first.id };
    edits.push(join);
    now = done.value;
  }
}

/** Cut into blocks of so many moves each; what is left over goes with the last. */
function cutInto(doc: ClassDoc, id: string, size: number): readonly Edit[] {
  const edits: Edit[] = [];
  let now = doc;
  let last = id;
  for (;;) {
    const block = now.blocks.find((own) => own.id === last) as Block;
    const slots = slotsOf(block);
    if (slots.length < size * 2) return edits;
    const split = splitBlock(now, block, slots[size]?.id ?? "");
    const done = split && applyEdit(now, split);
    if (!split || !done?.ok) return edits;
    edits.push(split);
    const at = now.blocks.indexOf(block);
    now = done.value;
    last = now.blocks[at + 1]?.id ?? last;
  }
}

/**
 * The edit that turns a block into another shape; null where it is of that shape as it stands, has nothing to work,
 * or can't be (a move that comes in some rounds only would leave another one empty).
 *
 * @param library the moves, for the reps that fill a time
 */
export function reshape(doc: ClassDoc, block: Block, to: Shape, library: MoveBook): Edit | null {
  if (slotsOf(block).length === 0) return null;
  const joined = rejoined(doc, block);
  const whole = joined.doc.blocks.find(({ id }) => id === joined.id) as Block;
  const plain = unshaped(whole);
  const made = shapedBlock(joined.doc, plain, to, library);
  const cuts = to === "supersets" ? 2 : to === "one-by-one" ? 1 : 0;
  const isCut = cuts > 0 && slotsOf(made).length >= cuts * 2;
  if (cuts > 0 && !isCut) return null;
  const pairs = slotsOf(plain).flatMap(({ id, together }) =>
    together === undefined ? [] : [[id, together]],
  );
  const cut = isCut
    ? { from: whole.id, ...(pairs.length > 0 ? { beside: Object.fromEntries(pairs) } : {}) }
    : {};
  const kept = { ...keptFor(plain, made), ...cut };
  const target = Object.keys(kept).length > 0 ? ({ ...made, shaped: kept } as Block) : made;
  const edits = [...joined.edits, ...difference(whole, target)];
  const shaped = edits.slice(joined.edits.length).reduce((now, edit) => {
    const done = applyEdit(now, edit);
    return done.ok ? done.value : now;
  }, joined.doc);
  const all = [...edits, ...(isCut ? cutInto(shaped, whole.id, cuts) : [])];
  if (all.length === 0) return null;
  const edit = together(all, "reshape");
  const next = applyEdit(doc, edit);
  // A move that comes in some rounds only may leave a round of the new shape without any.
  return next.ok && checkClass(next.value, library).ok ? edit : null;
}
