/** What a slot's move can be changed for while teaching: only what somebody who is here can do, what most can first. */
import { alternativesOf, type Slot } from "../class/document";
import type { Person } from "../homes/home";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import type { LinkKind } from "../moves/move";
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

function candidates(slot: Slot, book: MoveBook): ReadonlyMap<string, WayNow["how"]> {
  const base = resolveMove(slot.move, book);
  const linked = base.links ?? (base.like === undefined ? [] : (book.get(base.like)?.links ?? []));
  const steps = linked.flatMap(({ to, kind }) =>
    (book.get(to)?.links ?? []).filter((next) => next.kind === kind).map((next) => [next.to, kind] as const),
  );
  const all = [
    ...alternativesOf(slot).map(({ move }) => [move, "own"] as const),
    ...linked.map(({ to, kind }) => [to, kind] as const),
    ...steps,
  ];
  const ways = new Map<string, WayNow["how"]>();
  for (const [id, how] of all) if (id !== base.id && !ways.has(id)) ways.set(id, how);
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
