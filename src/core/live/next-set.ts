/** The sets to come after somebody said how many more there were in the last: as heavy and as many as is meant then. */
import { type ClassDoc, findSlot } from "../class/document";
import type { MoveBook } from "../moves/book";
import type { Brought, Part, PartLoad, PartSet, PartSlot } from "../parts/part";
import { appearanceOf } from "../score/resolve";
import { BAND_KG } from "../strength/load";
import { scaledMove } from "../strength/scaled";
import type { SetChange } from "./event-kinds";
import type { ClockState } from "./fold";
import type { LiveScore } from "./live-score";
import type { OwnPlace } from "./own-pace";

/** A set of a slot: its round, or its number at a station. */
export interface SetAt {
  readonly slot: string;
  readonly round: number;
}

/** The same way of doing a slot, whatever weight it is done with. */
const sameWay = (a: PartSlot, b: PartSlot) =>
  a.move === b.move && a.name === b.name && a.mark === b.mark && a.tempo === b.tempo && a.status === b.status;

/** Of the same set worked out in several ways the one that asks for most. */
function mostOf(sets: readonly PartSet[]): PartSet | undefined {
  return sets.reduce<PartSet | undefined>(
    (most, set) => (most && !["heavier", "more-reps"].includes(changeBetween(most, set)) ? most : set),
    undefined,
  );
}

/** A way with the equals that somebody may pick instead of it. */
const withEquals = (own: PartSlot): readonly PartSlot[] => [own, ...(own.choices ?? [])];

/** A slot whose sets after `done` are those of other workings out; the same slot where none is. */
function slotFollowing(before: PartSlot, others: readonly PartSlot[], done: number): PartSlot {
  const same = others.filter((own) => own.sets && sameWay(before, own));
  const [after] = same;
  if (!after || !before.sets) return before;
  const fresh = new Map(
    before.sets.map(({ round }) => [
      round,
      mostOf(same.flatMap(({ sets = [] }) => sets.filter((set) => set.round === round))),
    ]),
  );
  const sets = before.sets.map((set) => (set.round > done ? (fresh.get(set.round) ?? set) : set));
  const [first] = sets;
  // What is told of the slot as a whole is of its first set.
  return first && first.round > done ? { ...after, sets } : { ...before, sets };
}

/** Both lists: what was to hand stays so, what is wanted now comes after. */
function broughtToo(before: readonly Brought[], after: readonly Brought[]): readonly Brought[] {
  const more = new Map(after.map((entry) => [entry.kit, entry]));
  const all = before.map((entry) => {
    const other = more.get(entry.kit);
    more.delete(entry.kit);
    if (!other) return entry;
    const kgs = [...new Set([...(entry.kgs ?? []), ...(other.kgs ?? [])])].sort((a, b) => a - b);
    const count = Math.max(entry.count, other.count);
    return { ...entry, count, ...(kgs.length > 0 ? { kgs } : {}) };
  });
  return [...all, ...more.values()];
}

/**
 * A part whose sets to come are those of `after`, worked out with what was said of a set: those of the same block in
 * later rounds, and all of later blocks. Nobody's move changes for it, and no set that was done. Of several workings
 * out each set is that which asks for most.
 */
export function followed(before: Part, after: readonly Part[], doc: ClassDoc, said: SetAt): Part {
  const block = findSlot(doc, said.slot)?.block;
  const from = doc.blocks.findIndex(({ id }) => id === block?.id);
  const slots = before.slots.map((own) => {
    const at = doc.blocks.findIndex(({ slots: list = [] }) => list.some(({ id }) => id === own.slot));
    if (from < 0 || at < from) return own;
    const fresh = after.flatMap(({ slots: list }) =>
      list.filter(({ slot }) => slot === own.slot).flatMap(withEquals),
    );
    const done = at === from ? said.round : 0;
    const following = slotFollowing(own, fresh, done);
    const choices = own.choices?.map((way) => slotFollowing(way, fresh, done));
    return choices ? { ...following, choices } : following;
  });
  return { ...before, slots, bring: after.reduce((all, { bring }) => broughtToo(all, bring), before.bring) };
}

/** How heavy a load is, to compare with another of the same move; null where it can't be. */
function weightOf(load: PartLoad): number | null {
  if (load === null) return 0;
  return "kg" in load ? load.kg * load.items : BAND_KG[load.tension];
}

/** What one set is to another of the same way: by its weight, else by its reps. */
export function changeBetween(before: PartSet | undefined, after: PartSet | undefined): SetChange {
  const [was, is] = [before && weightOf(before.load), after && weightOf(after.load)];
  if (was != null && is != null && was !== is) return is > was ? "heavier" : "lighter";
  const [few, many] = [before?.reps?.plan ?? null, after?.reps?.plan ?? null];
  if (few !== null && many !== null && few !== many) return many > few ? "more-reps" : "fewer-reps";
  return "same";
}

/** The set after one, in its slot. */
export function setAfter(part: Part, { slot, round }: SetAt): PartSet | undefined {
  return part.slots.find((own) => own.slot === slot)?.sets?.find((set) => set.round > round);
}

/** What became of the set after the one of which something was said. */
export function changeOf(before: Part, after: Part, said: SetAt): SetChange {
  return changeBetween(setAfter(before, said), setAfter(after, said));
}

/** Whether a set of a slot says something of what comes: its move stands on the scale, and its reps are known. */
function tells(own: PartSlot | undefined, round: number, book: MoveBook): boolean {
  if (!own || own.move === null || own.status === "unmet") return false;
  const set = own.sets?.find((each) => each.round === round);
  return Boolean(set?.limbReps) && scaledMove(book.get(own.move)) !== null;
}

/** Of a set that was just done at one's own pace: whether it was the first of its slot, with another to come, and tells. */
export function ownSetToAsk({ sets, at }: OwnPlace, part: Part, book: MoveBook): SetAt | null {
  const last = sets[at - 1];
  if (!last) return null;
  const { slot, round } = last;
  const isFirst = sets.findIndex((set) => set.slot === slot) === at - 1;
  const again = sets.some((set, i) => i >= at && set.slot === slot);
  const own = part.slots.find((each) => each.slot === slot);
  return isFirst && again && tells(own, round, book) ? { slot, round } : null;
}

/**
 * The first set of a slot that was just worked, in the gap after it, where another is to come and it says something of
 * it: of this one somebody may be asked how many more there were. Null where there is nothing to ask.
 */
export function setToAsk(score: LiveScore, state: ClockState, part: Part, book: MoveBook): SetAt | null {
  const here = score.segments[state.index];
  if (state.phase === "count-in" || !here || here.kind === "work") return null;
  const isDone = (i: number) => score.segments[i]?.kind === "work" && (state.lengths[i] ?? 0) > 0;
  let index = state.index - 1;
  while (index >= 0 && !isDone(index)) index -= 1;
  const last = score.segments[index];
  if (!last?.slot || last.round === null) return null;
  const { slot, round } = last;
  const isFirst = appearanceOf(score.segments, last) === 0;
  const later = score.segments.filter((other, i) => i > state.index && isDone(i) && other.slot === slot);
  // Between two sides of one set nothing is over yet.
  const over = !later.some((other) => other.round === round);
  const again = later.length > 0;
  const own = part.slots.find((each) => each.slot === slot);
  return isFirst && again && over && tells(own, round, book) ? { slot, round } : null;
}
