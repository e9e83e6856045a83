/** What a slot's move can be changed for while teaching: only what somebody who is here can do, what most can first. */
import { alternativesOf, type Slot } from "../class/document";
import type { Person } from "../homes/home";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import type { LinkKind } from "../moves/move";
import { reachableFrom } from "../parts/reach";
import { canDo } from "../parts/ways";

export interface WayNow {
  readonly id: string;
  readonly name: string;
  /** What it is to the move that is set; the instructor's own come before all else. */
  readonly how: LinkKind | "own";
  /** Roster ids of those who can do it as it stands. */
  readonly can: readonly string[];
}

/** An easier way is wanted sooner than a harder one: who asks in the middle of a class is short of something. */
const ORDER = ["own", "easier", "swap", "harder"] as const;

/** So many links away at most: what is further off is another exercise. */
const STEPS = 2;

/** The instructor's own ways, then what the library leads to without turning back: easier, harder, or a swap. */
function candidates(slot: Slot, book: MoveBook): ReadonlyMap<string, WayNow["how"]> {
  const base = resolveMove(slot.move, book);
  const ways = new Map<string, WayNow["how"]>(alternativesOf(slot).map(({ move }) => [move, "own"]));
  for (const { move, steps, links } of reachableFrom(base, book)) {
    const [first] = links;
    const straight = first !== undefined && links.every(({ kind }) => kind === first.kind);
    if (move.id && straight && steps <= STEPS && !ways.has(move.id)) ways.set(move.id, first.kind);
  }
  if (base.id) ways.delete(base.id);
  return ways;
}

/** The ways of a slot for these people: one or two links away, and the instructor's own. */
export function waysNow(slot: Slot, book: MoveBook, people: readonly Person[]): readonly WayNow[] {
  return [...candidates(slot, book)]
    .flatMap(([id, how]) => {
      const move: KnownMove | undefined = book.get(id);
      const can = move ? people.filter((person) => canDo(person, move)).map((person) => person.id) : [];
      return move && can.length > 0 ? [{ id, name: move.name, how, can }] : [];
    })
    .sort(
      (a, b) =>
        Number(b.how === "own") - Number(a.how === "own") ||
        b.can.length - a.can.length ||
        ORDER.indexOf(a.how) - ORDER.indexOf(b.how) ||
        a.name.localeCompare(b.name, "en"),
    );
}
