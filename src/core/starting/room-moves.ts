/**
 * A class's moves for the people who come and the kit that is to be used. What few of the room could do as it is set
 * gives way to what most of them would do in its place: everybody's parts say what that is.
 */
import { setSlot, together } from "../class/commands";
import { type ClassDoc, type Slot, slotsOf } from "../class/document";
import type { Edit } from "../class/edits";
import type { Person } from "../homes/home";
import { KIT_TYPES, type KitItem, type KitType } from "../homes/kit";
import { kitFacts } from "../homes/kit-types";
import { fillersOf } from "../homes/match";
import { bookFor, type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import { follows, inSlot, type Part, type PartSlot } from "../parts/part";
import { canDo } from "../parts/ways";
import { nameOf } from "../reasons/named";
import type { StartReason } from "../reasons/start-reasons";

/** What is to be used beside what every home has; null: whatever each of them owns. */
export type ChosenKit = readonly KitType[] | null;

/** Where at least this share of the room follows a move as set, at their own level, it stays. */
const FOLLOWED = 0.5;
/** Another one is set where at least this share would do it. */
const WORTH = 0.25;

const isOfHomes = (type: KitType) => kitFacts(type).from === "home";

/** Whether a move needs nothing but the chosen kit and what is in a home. */
export function isWithin(move: KnownMove, kit: ChosenKit): boolean {
  if (kit === null) return true;
  const may = (type: KitType) => kit.includes(type) || isOfHomes(type);
  const lists = move.needs ?? [];
  return (
    lists.length === 0 ||
    lists.some((list) => list.every(({ as, optional }) => optional || fillersOf(as).some(may)))
  );
}

/** Everybody with no more than the chosen kit and what is in a home. */
export function peopleWith(people: readonly Person[], kit: ChosenKit): readonly Person[] {
  if (kit === null) return people;
  return people.map((person) =>
    person.kit
      ? { ...person, kit: person.kit.filter(({ type }: KitItem) => kit.includes(type) || isOfHomes(type)) }
      : person,
  );
}

/** Somebody who has just the chosen kit and the things of a home: for whom a class is made before anybody is asked. */
export function someoneWith(kit: readonly KitType[]): Person {
  const types = KIT_TYPES.filter((type) => kit.includes(type) || isOfHomes(type));
  const things = types.map((type): KitItem => ({ id: type, type, ...kitFacts(type).begins }));
  return { id: "someone", name: "", kit: things };
}

interface Instead {
  readonly move: KnownMove;
  /** People who would do it. */
  readonly count: number;
}

/** What most of those would do who can't follow; null where they do nothing that could be set here. */
function mostDone(
  now: KnownMove,
  own: readonly PartSlot[],
  fits: (move: KnownMove) => boolean,
  book: MoveBook,
): Instead | null {
  const counts = new Map<string, number>();
  for (const { status, move } of own)
    if (status === "swapped" && move !== null) counts.set(move, (counts.get(move) ?? 0) + 1);
  const [best] = [...counts]
    .map(([id, count]) => ({ move: resolveMove(id, book), count }))
    .filter(({ move }) => move.isometric === now.isometric && move.pattern !== undefined && fits(move))
    .sort((a, b) => b.count - a.count || ((a.move.id ?? "") < (b.move.id ?? "") ? -1 : 1));
  return best ?? null;
}

/**
 * The move of the same kind that most of the room can do, nothing harder to learn or to land; null where half can't.
 * For where what everybody would do instead is in the class already.
 */
function nearest(
  now: KnownMove,
  people: readonly Person[],
  fits: (move: KnownMove) => boolean,
  book: MoveBook,
): Instead | null {
  const open = book.moves.filter(
    (move) =>
      move.id !== null &&
      !move.gym &&
      move.pattern === now.pattern &&
      move.isometric === now.isometric &&
      (move.skill ?? 1) <= Math.max(2, now.skill ?? 1) &&
      (move.landings?.perRep ?? 0) <= (now.landings?.perRep ?? 0) &&
      fits(move),
  );
  const off = ({ move }: Instead) => Math.abs((move.energy?.met ?? 3) - (now.energy?.met ?? 3));
  const [best] = open
    .map((move) => ({ move, count: people.filter((person) => canDo(person, move)).length }))
    .sort((a, b) => b.count - a.count || off(a) - off(b) || ((a.move.id ?? "") < (b.move.id ?? "") ? -1 : 1));
  return best && best.count >= people.length * FOLLOWED ? best : null;
}

export interface RoomMoves {
  readonly edit: Edit;
  readonly says: readonly StartReason[];
}

/** Whether a slot is more than its move: it stays as its author made it. */
const isMadeUp = (slot: Slot) =>
  slot.steps !== undefined || slot.alternatives !== undefined || slot.pinned === true;

/**
 * The moves of a class that fewer than half of the room follow, or that need other kit than the chosen one, each by
 * the one that most would do instead; none is put in twice.
 *
 * @param people who comes, with the chosen kit alone
 * @param parts their parts in this class; of nobody nothing is changed
 */
export function movesForRoom(
  doc: ClassDoc,
  library: MoveBook,
  people: readonly Person[],
  parts: readonly Part[],
  kit: ChosenKit,
): RoomMoves {
  const book = bookFor(doc, library);
  const slots = doc.blocks.flatMap(slotsOf);
  const taken = new Set(slots.map(({ move }) => resolveMove(move, book).id));
  const edits: Edit[] = [];
  const says: StartReason[] = [];
  for (const slot of slots) {
    const own = inSlot(parts, slot.id);
    const change = isMadeUp(slot) ? null : changeIn(slot, { own, people, book, kit, taken });
    if (!change) continue;
    taken.add(change.to.id);
    edits.push(setSlot(slot, "move", change.to.id as string));
    if (slot.marks) edits.push(setSlot(slot, "marks", undefined));
    says.push(change.says);
  }
  return { edit: together(edits), says };
}

interface Place {
  readonly own: readonly PartSlot[];
  readonly people: readonly Person[];
  readonly book: MoveBook;
  readonly kit: ChosenKit;
  readonly taken: ReadonlySet<string | null>;
}

/** The move that is to stand in a slot instead of its own, and why; null where it stays. */
function changeIn(slot: Slot, { own, people, book, kit, taken }: Place) {
  const now = resolveMove(slot.move, book);
  const before = own.filter(follows).length;
  const within = isWithin(now, kit);
  if (within && before >= own.length * FOLLOWED) return null;
  const fits = (move: KnownMove) => !taken.has(move.id) && isWithin(move, kit);
  const best = mostDone(now, own, fits, book) ?? (before === 0 ? nearest(now, people, fits, book) : null);
  if (!best || (within && (best.count <= before || best.count < own.length * WORTH))) return null;
  const names = { from: { move: nameOf(now) }, to: { move: nameOf(best.move) } };
  const says: StartReason = within
    ? { code: "move-room", ...names, can: best.count, before, of: own.length }
    : { code: "move-kit", ...names };
  return { to: best.move, says };
}
