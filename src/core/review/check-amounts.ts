/** Whether the doses that are set are what people do: at each level how many can, and holds that nobody holds. */

import { setSlot } from "../class/commands";
import { doseAt, mapDoses, type Slot, wayAt } from "../class/document";
import { lastsAsSaid, spanOf, withSpan } from "../class/dose-kinds";
import { MARKS, type Mark, type Person } from "../homes/home";
import { type KnownMove, resolveMove } from "../moves/book";
import type { Part, PartSlot } from "../parts/part";
import { named } from "../reasons/named";
import { judgeOf } from "../strength/judge";
import { strengthsOf } from "../strength/of-person";
import { reserveAt, STANCE_RESERVE } from "../strength/predict";
import { HOLD_REP_SECONDS } from "../strength/strain";
import type { Seconds } from "../units";
import { shiftSpan, spanTriple } from "../values/span";
import { partOf, type ReviewContext, type SlotFacts } from "./context";
import type { Fix, Found } from "./finding";

type Unit = "reps" | "seconds";

/** A number that a slot sets at a level: its reps, or the seconds of its hold. */
function setAtLevel(slot: Slot, mark: Mark): { readonly unit: Unit; readonly amount: number } | null {
  const way = wayAt(slot, mark);
  const dose = doseAt(slot, 0);
  const reps = way?.reps ?? dose.reps;
  if (reps !== undefined) return { unit: "reps", amount: spanTriple(reps).plan };
  if (!lastsAsSaid(dose)) return null;
  const seconds = spanTriple(spanOf(dose) ?? 0).plan;
  return { unit: "seconds", amount: Math.min(seconds, way?.seconds ?? seconds) };
}

/** Another number at a level: of the slot itself at *as set*, else the level's own. */
function amountFix(slot: Slot, mark: Mark, unit: Unit, amount: number): Fix {
  const says = { code: "dose-of", unit, amount, mark } as const;
  if (mark !== "natural") {
    const way = { ...wayAt(slot, mark), [unit]: amount };
    return { says, edit: setSlot(slot, "marks", { ...slot.marks, [mark]: way }) };
  }
  const dose = mapDoses(slot, (each) =>
    withSpan(each, (span) => shiftSpan(span, amount - spanTriple(span).plan, 1, 7200)),
  );
  return { says, edit: setSlot(slot, "dose", dose) };
}

/** What somebody does of it: reps as counted, or seconds. */
function doneOf({ sets = [], reps, seconds }: PartSlot, unit: Unit): number | null {
  if (unit === "reps") return (sets[0]?.reps ?? reps)?.plan ?? null;
  return sets[0]?.seconds ?? seconds;
}

/** People at one level in a slot, with their own parts of it. */
function partsAt(parts: readonly Part[], slotId: string, mark: Mark): readonly PartSlot[] {
  return parts.flatMap((part) => {
    const own = partOf(part, slotId);
    return own && own.mark === mark && own.status !== "unmet" ? [own] : [];
  });
}

/** Less by under a sixth is nothing that a coach would change a dose for. */
const WORTH_SAYING = 5 / 6;
/** Of one or two nothing can be said of most. */
const FEW = 3;

/** Code: `dose-hard`, most at a level do less than is set for it, since more is too heavy. */
export function checkDoseHard(context: ReviewContext): Found[] {
  const { slots, parts } = context;
  return [...slots.values()].flatMap((facts): Found[] => {
    const { slot, move, at } = facts;
    if (!facts.main || !facts.move.pattern) return [];
    return MARKS.flatMap((mark): Found[] => {
      const set = setAtLevel(slot, mark);
      const own = partsAt(parts, slot.id, mark);
      const less = own.filter(({ cost }) => cost.less > 0);
      if (!set || own.length < FEW || less.length * 2 <= own.length) return [];
      if (isTooLong(context, facts, mark)) return [];
      const done = own.map((each) => doneOf(each, set.unit) ?? set.amount).sort((a, b) => b - a);
      // The most that more than half of them do.
      const most = done[done.length >> 1] ?? set.amount;
      if (most > set.amount * WORTH_SAYING) return [];
      return [
        {
          says: {
            code: "dose-hard",
            move: named(move),
            mark,
            unit: set.unit,
            set: set.amount,
            can: own.length - less.length,
            people: own.length,
            most,
          },
          where: { slot: slot.id },
          at,
          fixes: [amountFix(slot, mark, set.unit, most)],
        },
      ];
    });
  });
}

/** What somebody holds at their limit, seconds; null where that isn't told of the move. */
function limitOf(person: Person, move: KnownMove, context: ReviewContext): Seconds | null {
  const judge = judgeOf(strengthsOf(person, context.book), move);
  return judge?.by === "hold" ? judge.limitSeconds : null;
}

/** Who does a slot at a level: nobody in particular where no one is asked yet. */
function peopleAt({ parts, people }: ReviewContext, slotId: string, mark: Mark): readonly Person[] {
  if (parts.length === 0) return mark === "natural" ? [{ id: "", name: "" }] : [];
  const ids = new Set(
    parts.filter((part) => partOf(part, slotId)?.mark === mark).map(({ person }) => person),
  );
  return people.filter(({ id }) => ids.has(id));
}

interface TooLong {
  readonly seconds: Seconds;
  /** What the one in the middle of them holds at the limit. */
  readonly limit: Seconds;
  readonly names: readonly string[];
}

/** Whether most at a level can't hold so long at all; and how long they do. */
function isTooLong(context: ReviewContext, { slot, move }: SlotFacts, mark: Mark): TooLong | null {
  const way = wayAt(slot, mark);
  const done = way?.move === undefined ? move : resolveMove(way.move, context.book);
  const set = setAtLevel(slot, mark);
  if (set?.unit !== "seconds" || done.holdSeconds === undefined) return null;
  const people = peopleAt(context, slot.id, mark);
  const limits = people.map((person) => limitOf(person, done, context) ?? Number.POSITIVE_INFINITY);
  const over = people.filter((_, i) => set.amount > (limits[i] as number));
  if (over.length === 0 || over.length * 2 <= people.length) return null;
  const sorted = [...limits].sort((a, b) => a - b);
  return {
    seconds: set.amount,
    limit: Math.floor(sorted[(sorted.length - 1) >> 1] as number),
    names: over.map(({ name }) => name).filter(Boolean),
  };
}

/** A hold with the reserve that is meant, though half of what can be held; told in fives. */
function heldFor(limit: Seconds, reserve: number): Seconds {
  const seconds = Math.max(limit / 2, limit - HOLD_REP_SECONDS * reserve);
  return Math.max(5, Math.floor(seconds / 5) * 5);
}

/** Code: `hold-long`, a hold beyond what most at a level hold at the limit. */
export function checkHoldLong(context: ReviewContext): Found[] {
  const { doc, slots } = context;
  return [...slots.values()].flatMap((facts): Found[] =>
    MARKS.flatMap((mark): Found[] => {
      const long = isTooLong(context, facts, mark);
      if (!long) return [];
      const { slot, move, at } = facts;
      const amount = heldFor(long.limit, reserveAt(mark, STANCE_RESERVE[doc.stance]));
      return [
        {
          says: {
            code: "hold-long",
            move: named(move),
            mark,
            seconds: long.seconds,
            limit: long.limit,
            who: { names: long.names },
          },
          where: { slot: slot.id },
          at,
          fixes: [amountFix(slot, mark, "seconds", amount)],
        },
      ];
    }),
  );
}
