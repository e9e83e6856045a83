/**
 * Where nothing that links lead to can be done here: the other ways of the same pattern, then of the patterns
 * nearest to it. Everybody who is named by a limit keeps a class; these cost what any other move does.
 */
import type { Slot } from "../class/document";
import type { Mark } from "../homes/home";
import type { MoveBook } from "../moves/book";
import type { Pattern } from "../moves/move";
import { type Entry, entryOf, idOf, mayBeTried, planFor } from "./plan";

/** Links that lie between, as it is counted: one more than are followed. */
const STEPS = 4;

/** What trains most of the same where a limit leaves a pattern no way at all. */
const NEAREST: Readonly<Partial<Record<Pattern, readonly Pattern[]>>> = {
  lunge: ["squat", "hip-abduction"],
  jump: ["run", "squat"],
  run: ["carry"],
  "push-vertical": ["shoulder-raise", "push-horizontal"],
  "pull-vertical": ["pull-horizontal"],
  carry: ["brace"],
  "arm-flexion": ["pull-horizontal"],
  "arm-extension": ["push-horizontal"],
};

const known = new WeakMap<MoveBook, WeakMap<Slot, Map<Mark, readonly Entry[]>>>();

/** The ways of last resort of a slot at a mark, cheapest first; the same for everybody, so worked out once. */
export function lastResort(slot: Slot, mark: Mark, book: MoveBook): readonly Entry[] {
  const bySlot = known.get(book) ?? new WeakMap<Slot, Map<Mark, readonly Entry[]>>();
  known.set(book, bySlot);
  const byMark = bySlot.get(slot) ?? new Map<Mark, readonly Entry[]>();
  bySlot.set(slot, byMark);
  const there = byMark.get(mark);
  if (there) return there;
  const made = workOut(slot, mark, book);
  byMark.set(mark, made);
  return made;
}

function workOut(slot: Slot, mark: Mark, book: MoveBook): readonly Entry[] {
  const { wanted, entries } = planFor(slot, mark, book);
  const { pattern } = wanted.base;
  if (pattern === undefined) return [];
  const patterns = [pattern, ...(NEAREST[pattern] ?? [])];
  const linked = new Set(entries.map(({ reached }) => idOf(reached.move)));
  return book.moves
    .filter((move) => move.pattern !== undefined && patterns.includes(move.pattern) && !move.gym)
    .filter((move) => !linked.has(idOf(move)) && mayBeTried(slot, wanted, move))
    .map((move) => entryOf(slot, wanted, { move, steps: STEPS, level: 0, swapped: true, links: [] }, book))
    .sort((a, b) => a.total - b.total || (idOf(a.reached.move) < idOf(b.reached.move) ? -1 : 1));
}
