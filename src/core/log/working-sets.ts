/** What was done teaches: the sets that somebody confirmed after a class, as known sets of theirs. */
import type { WorkingSet } from "../homes/home";
import type { KnownMove } from "../moves/book";
import type { PartSlot } from "../parts/part";
import { RESERVE_OF } from "../strength/more";
import { scaledMove } from "../strength/scaled";
import { eachKgOf, itemsOf, type SlotDone } from "./entries";

/** How many things the first way to meet a move's needs holds: for so many `held` is stated. */
function baseItems({ needs }: KnownMove): number {
  return needs?.[0]?.find((need) => need.kg !== undefined)?.count ?? 1;
}

/** What was held, as the move's strength counts it: kilograms of each thing, or a band. */
function heldOf(
  done: SlotDone,
  own: PartSlot,
  move: KnownMove,
): Pick<WorkingSet, "kg" | "tension" | "strands"> {
  const { load } = own;
  if (load && "tension" in load) {
    const doubled = own.uses.some(({ as, count }) => as === "long-band" && count === 2);
    return { tension: load.tension, ...(doubled ? { strands: 2 } : {}) };
  }
  const each = eachKgOf(done, own);
  if (each === undefined || (move.strength?.held ?? 0) === 0) return {};
  return { kg: Math.round(((each * itemsOf(own)) / baseItems(move)) * 1000) / 1000 };
}

/** Reps of one limb in a set; of a timed piece only where somebody said how many more there were. */
function repsOf(done: SlotDone, own: PartSlot): number | undefined {
  const [set] = own.sets ?? [];
  if (done.reps === undefined) return done.more === undefined ? undefined : (set?.limbReps ?? undefined);
  const share = own.reps && set?.limbReps ? set.limbReps / own.reps.plan : 1;
  return Math.round(done.reps * share);
}

/** A slot's confirmed set on a day as a known set; null where it says nothing about strength. */
export function workingSetOf(
  done: SlotDone,
  own: PartSlot,
  move: KnownMove | undefined,
  day: string,
): WorkingSet | null {
  if (!move?.id || own.status === "unmet" || done.sets === 0) return null;
  if (move.holdSeconds !== undefined) {
    return done.seconds ? { move: move.id, seconds: done.seconds, date: day } : null;
  }
  const reps = repsOf(done, own);
  if (!scaledMove(move) || !reps) return null;
  const rir = done.more === undefined ? {} : { rir: RESERVE_OF[done.more] };
  return { move: move.id, ...heldOf(done, own, move), reps, ...rir, date: day };
}

/** Of each move no more than these are ever used. */
const MOST_OF_A_MOVE = 4;

/** Known sets with those of a day in place of what was known of the same moves on it, the latest four of each move. */
export function withTaught(
  known: readonly WorkingSet[],
  taught: readonly WorkingSet[],
): readonly WorkingSet[] {
  const again = new Set(taught.map(({ move, date }) => `${move} ${date}`));
  const all = [...known.filter(({ move, date }) => !again.has(`${move} ${date}`)), ...taught];
  const byDay = [...all.entries()].sort(
    ([i, a], [j, b]) => (b.date ?? "").localeCompare(a.date ?? "") || j - i,
  );
  const seen = new Map<string, number>();
  const kept = new Set(
    byDay
      .filter(([, { move }]) => {
        const n = (seen.get(move) ?? 0) + 1;
        seen.set(move, n);
        return n <= MOST_OF_A_MOVE;
      })
      .map(([i]) => i),
  );
  return all.filter((_, i) => kept.has(i));
}

/** The known sets that what was confirmed comes to; `partAt`: a person's part at the level of an entry. */
export function taughtSets(
  slots: ReadonlyMap<string, SlotDone>,
  partSlotAt: (slot: string, mark: SlotDone["mark"]) => PartSlot | undefined,
  moveOf: (id: string) => KnownMove | undefined,
  day: string,
): readonly WorkingSet[] {
  const sets = new Map<string, WorkingSet>();
  for (const [slot, done] of slots) {
    const own = partSlotAt(slot, done.mark);
    const set = own && workingSetOf(done, own, own.move === null ? undefined : moveOf(own.move), day);
    // Two slots of one move: the one with more in it says more.
    const before = set ? sets.get(set.move) : undefined;
    const more = (one: WorkingSet) => (one.kg ?? 0) * 1000 + (one.reps ?? one.seconds ?? 0);
    if (set && (!before || more(set) > more(before))) sets.set(set.move, set);
  }
  return [...sets.values()];
}
