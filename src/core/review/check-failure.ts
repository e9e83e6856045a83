/** Work to the limit: who works at easier there, ways that aren't stable, what hangs over a face. */

import { setSlot } from "../class/commands";
import { dosesOf, type Load, mapDoses, type Slot, wayAt } from "../class/document";
import { goesToLimit, isNothingLeft, loadsOf } from "../class/to-limit";
import { usualMark } from "../homes/home";
import { bodyOf } from "../moves/body";
import type { KnownMove } from "../moves/book";
import { named } from "../reasons/named";
import { partOf, type ReviewContext, type SlotFacts } from "./context";
import type { Fix, Found } from "./finding";

/** What is to be left instead of nothing. */
const LEFT = 2;

/** For the time instead of to the limit, or with two left. */
function shortOfLimit(slot: Slot): Fix[] {
  const fixes: Fix[] = [];
  if (dosesOf(slot).some((dose) => dose.toLimit !== undefined)) {
    const timed = mapDoses(slot, (dose) => (dose.toLimit === undefined ? dose : { seconds: dose.toLimit }));
    fixes.push({ says: { code: "time-instead" }, edit: setSlot(slot, "dose", timed) });
  }
  if (dosesOf(slot).some((dose) => dose.reserve === 0)) {
    const left = mapDoses(slot, (dose) => (dose.reserve === 0 ? { ...dose, reserve: LEFT } : dose));
    fixes.push({ says: { code: "leave", left: LEFT }, edit: setSlot(slot, "dose", left) });
  }
  if (loadsOf(slot).some(isNothingLeft)) {
    const less = (load: Load | undefined): Load => (load && !isNothingLeft(load) ? load : { rir: LEFT });
    const to = Array.isArray(slot.load) ? slot.load.map(less) : less(slot.load as Load | undefined);
    fixes.push({ says: { code: "leave", left: LEFT }, edit: setSlot(slot, "load", to) });
  }
  // Where the dose and the load both say so, neither alone mends it.
  return fixes.length === 1 ? fixes : [];
}

/** Who works at easier in this pattern, whatever way they do, unless their level has words of its own for what is left. */
function beginners({ parts, people }: ReviewContext, { slot, move }: SlotFacts): readonly string[] {
  const own = wayAt(slot, "flat")?.load;
  if (own && !isNothingLeft(own) && dosesOf(slot).every((dose) => dose.toLimit === undefined)) return [];
  const known = new Map(people.map((person) => [person.id, person]));
  return parts
    .filter((part) => {
      const person = known.get(part.person);
      const isFlat = person !== undefined && usualMark(person, move.pattern) === "flat";
      return isFlat || partOf(part, slot.id)?.mark === "flat";
    })
    .map(({ name }) => name);
}

/** People whose own way of a slot is like this. */
function whose({ parts, book }: ReviewContext, slotId: string, is: (move: KnownMove) => boolean) {
  return parts
    .filter((part) => {
      const own = partOf(part, slotId);
      const move = own?.move == null ? undefined : book.get(own.move);
      return move !== undefined && is(move);
    })
    .map(({ name }) => name);
}

/** Codes: `failure-beginner` and `failure-unstable`. */
export function checkFailure(context: ReviewContext): Found[] {
  return [...context.slots.values()].flatMap((facts): Found[] => {
    const { slot, move, at } = facts;
    if (!goesToLimit(slot)) return [];
    const place = { where: { slot: slot.id }, at, fixes: shortOfLimit(slot) };
    const found: Found[] = [];
    const flat = beginners(context, facts);
    if (flat.length > 0)
      found.push({ says: { code: "failure-beginner", move: named(move), who: { names: flat } }, ...place });
    const unstable = whose(context, slot.id, ({ stable }) => stable === false);
    if (move.stable === false || unstable.length > 0) {
      const who = { names: move.stable === false ? [] : unstable };
      found.push({ says: { code: "failure-unstable", move: named(move), who }, ...place });
    }
    return found;
  });
}

const hasRole = (move: KnownMove, role: string) =>
  (move.needs ?? []).length > 0 && (move.needs ?? []).every((list) => list.some((need) => need.as === role));

/** Under a bar that nothing catches: over the face, or on the shoulders. */
function isUnderBar(move: KnownMove): boolean {
  if (!hasRole(move, "barbell") || hasRole(move, "rack")) return false;
  return isOverFace(move) || move.pattern === "squat" || move.pattern === "lunge";
}

/** A weight over the face of who lies on the back; of a move that says too little, by what it holds and where. */
function isOverFace(move: KnownMove): boolean {
  const body = bodyOf(move);
  if (body) return body.aboveFace;
  const presses = move.pattern === "push-horizontal" || move.pattern === "arm-extension";
  const holds = ["barbell", "hand-weight", "held-weight", "kettlebell"].some((role) => hasRole(move, role));
  return move.position === "supine" && presses && holds;
}

/** Whether a block's sets of a slot can be caught only by who lifts: nobody stands behind them at home. */
function overFaceIn(context: ReviewContext, facts: SlotFacts, is: (move: KnownMove) => boolean) {
  const asSet = is(facts.move);
  const who = whose(context, facts.slot.id, is);
  return context.parts.length === 0 ? (asSet ? [] : null) : who.length > 0 ? who : null;
}

/** Code: `over-face`, to the limit under a bar without a rack, or with another weight over the face. */
export function checkOverFace(context: ReviewContext): Found[] {
  return [...context.slots.values()].flatMap((facts): Found[] => {
    const { slot, move, at } = facts;
    if (!goesToLimit(slot)) return [];
    const place = { where: { slot: slot.id }, at, fixes: shortOfLimit(slot) };
    const bar = overFaceIn(context, facts, isUnderBar);
    if (bar)
      return [
        {
          severity: "stop",
          says: { code: "over-face", bar: "yes", move: named(move), who: { names: bar } },
          ...place,
        },
      ];
    const weight = overFaceIn(context, facts, isOverFace);
    if (!weight) return [];
    return [{ says: { code: "over-face", bar: "no", move: named(move), who: { names: weight } }, ...place }];
  });
}
