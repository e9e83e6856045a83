/** The instructor's own easier and harder ways: that they are so, and that they fit the time there is. */

import { setSlot } from "../class/commands";
import { doseAt, type Slot, type Way, wayAt } from "../class/document";
import { pieceDoses, repSecondsOf } from "../class/dose-time";
import { slotSides } from "../class/expand";
import { type Mark, type Person, usualMark } from "../homes/home";
import { type KnownMove, resolveMove } from "../moves/book";
import { harderThanSet } from "../parts/harder";
import type { Part, PartSlot } from "../parts/part";
import { named } from "../reasons/named";
import type { Strengths } from "../strength/belief";
import { strengthsOf } from "../strength/of-person";
import type { Seconds } from "../units";
import { spanTriple } from "../values/span";
import { partOf, type ReviewContext, type SlotFacts } from "./context";
import type { Fix, Found } from "./finding";

const LEVELS = ["flat", "sharp"] as const;
type Level = (typeof LEVELS)[number];

/** Harder by less than this, as a log, is what nobody notices. */
const NOTICED = 0.03;

/** Whom a way is judged for: who works at this level here, else anybody. */
function judged(context: ReviewContext, slotId: string, level: Level): readonly Person[] {
  const at = context.parts.filter((part) => partOf(part, slotId)?.mark === level);
  if (context.parts.length > 0)
    return context.people.filter(({ id }) => at.some(({ person }) => person === id));
  return [{ id: level, name: "", mark: level }];
}

/** People of whom the same is believed: nothing of theirs is known but a level and a mass. */
function alike(person: Person, pattern: KnownMove["pattern"]): string {
  const own = (person.workingSets ?? []).length > 0 ? person.id : "";
  return `${own} ${usualMark(person, pattern)} ${JSON.stringify(person.marks ?? null)} ${person.bodyKg ?? ""}`;
}

/** Whether a way lies on the wrong side of what is set, for somebody. */
function isTurned(context: ReviewContext, facts: SlotFacts, way: Way, level: Level, of: Strengths): boolean {
  const { slot, move } = facts;
  const set = { move, sides: slotSides(slot, context.book) };
  const by = harderThanSet(slot, way, set, of, context.doc.stance, context.book);
  return by !== null && (level === "flat" ? by > NOTICED : by < -NOTICED);
}

/** The two ways changed over, where that puts both right; else what is written for this level taken away. */
function turnedFixes(slot: Slot, level: Level, both: boolean): Fix[] {
  const marks = { ...slot.marks };
  if (both && marks.flat && marks.sharp) {
    const over = { ...marks, flat: marks.sharp, sharp: marks.flat };
    return [{ says: { code: "ways-over" }, edit: setSlot(slot, "marks", over) }];
  }
  delete marks[level];
  const left = Object.keys(marks).length === 0 ? undefined : marks;
  return [{ says: { code: "way-away", level }, edit: setSlot(slot, "marks", left) }];
}

/** Code: `way-order`, somebody's easier way is predicted harder than what is set, or the harder one easier. */
export function checkWayOrder(context: ReviewContext): Found[] {
  const { slots, book, parts } = context;
  return [...slots.values()].flatMap((facts): Found[] => {
    const { slot, move, at } = facts;
    const turned = LEVELS.flatMap((level) => {
      const way = wayAt(slot, level);
      if (!way) return [];
      const known = new Map<string, boolean>();
      const who = judged(context, slot.id, level).filter((person) => {
        const key = alike(person, move.pattern);
        const told = known.get(key) ?? isTurned(context, facts, way, level, strengthsOf(person, book));
        known.set(key, told);
        return told;
      });
      return who.length === 0 ? [] : [{ level, way, who }];
    });
    return turned.map(({ level, way, who }) => ({
      says: {
        code: "way-order",
        level,
        move: named(move),
        way: named(way.move === undefined ? move : resolveMove(way.move, book)),
        same: way.move === undefined ? "yes" : "no",
        who: { names: parts.length === 0 ? [] : who.map(({ name }) => name) },
      },
      where: { slot: slot.id },
      at,
      fixes: turnedFixes(slot, level, turned.length === 2),
    }));
  });
}

/** Seconds of all of a slot's sides as it is set, or its window. */
function roomOf({ slot, move }: SlotFacts, context: ReviewContext): Seconds {
  const dose = doseAt(slot, 0);
  if (dose.within !== undefined) return dose.within;
  const pieces = pieceDoses(dose, slotSides(slot, context.book), slot.count ?? "each", move.repSeconds);
  return pieces.reduce((sum, { seconds }) => sum + seconds.plan, 0);
}

/** Seconds that a level's own reps take, or its own tempo; null where the level says neither. */
function takenBy(own: PartSlot, { slot, move }: SlotFacts, context: ReviewContext): Seconds | null {
  const way = wayAt(slot, own.mark);
  const dose = doseAt(slot, 0);
  if (dose.reps === undefined || own.reps === null || (way?.reps === undefined && way?.tempo === undefined))
    return null;
  const done: KnownMove = (own.move === null ? undefined : context.book.get(own.move)) ?? move;
  const sides = done === move ? slotSides(slot, context.book) : (done.sides ?? "both");
  const tempo = way.tempo ?? dose.tempo;
  const made = { reps: own.reps.plan, ...(tempo === undefined ? {} : { tempo }) };
  const pieces = pieceDoses(made, sides, slot.count ?? "each", repSecondsOf(made, done.repSeconds));
  return pieces.reduce((sum, { seconds }) => sum + seconds.plan, 0);
}

interface Late {
  readonly mark: Mark;
  readonly needs: Seconds;
  readonly reps: number;
  readonly names: string[];
}

/** A tenth of the piece, and less than three seconds, are nothing that anybody notices. */
const isLate = (needs: Seconds, room: Seconds) => needs - room >= Math.max(3, room / 10);

/** Whose own version takes longer than the piece, by level. */
function lateAt(parts: readonly Part[], facts: SlotFacts, room: Seconds, context: ReviewContext): Late[] {
  const late = new Map<Mark, Late>();
  for (const part of parts) {
    const own = partOf(part, facts.slot.id);
    const needs = own ? takenBy(own, facts, context) : null;
    if (!own?.reps || needs === null || !isLate(needs, room)) continue;
    const known = late.get(own.mark) ?? { mark: own.mark, needs, reps: own.reps.plan, names: [] };
    known.names.push(part.name);
    late.set(own.mark, known);
  }
  return [...late.values()];
}

/** As many reps as fit, at a level. */
function fittingReps({ slot }: SlotFacts, { mark, needs, reps }: Late, room: Seconds): Fix[] {
  const way = wayAt(slot, mark);
  const fit = Math.floor((reps * room) / needs);
  if (!way || mark === "natural" || fit < 1) return [];
  return [
    {
      says: { code: "dose-of", unit: "reps", amount: fit, mark },
      edit: setSlot(slot, "marks", { ...slot.marks, [mark]: { ...way, reps: fit } }),
    },
  ];
}

/** Code: `own-time`, somebody's own reps or tempo take longer than the piece that everybody has. */
export function checkOwnTime(context: ReviewContext): Found[] {
  return [...context.slots.values()].flatMap((facts): Found[] => {
    if (facts.block.cap !== undefined) return [];
    const room = roomOf(facts, context);
    return lateAt(context.parts, facts, room, context).map((late) => ({
      says: {
        code: "own-time",
        move: named(facts.move),
        mark: late.mark,
        needs: late.needs,
        room,
        who: { names: late.names },
      },
      where: { slot: facts.slot.id },
      at: facts.at,
      fixes: fittingReps(facts, late, room),
    }));
  });
}

/** A slot's first dose as a number: reps, or seconds of a hold. */
export function planOf(slot: Slot): { readonly unit: "reps" | "seconds"; readonly amount: number } | null {
  const dose = doseAt(slot, 0);
  if (dose.reps !== undefined) return { unit: "reps", amount: spanTriple(dose.reps).plan };
  const held = dose.hold ?? dose.seconds;
  return held === undefined ? null : { unit: "seconds", amount: spanTriple(held).plan };
}
