/** The check of one slot in its block. */

import { type MoveBook, nearestIds } from "../moves/book";
import { checkNamedMove } from "../moves/check-move";
import {
  checkBoolean,
  checkKey,
  checkList,
  checkObject,
  checkOneOf,
  checkSpan,
  checkText,
  checkWhole,
  type Faults,
  isObject,
  type Json,
  type ListBounds,
  TIME,
} from "../values/check-values";
import { at } from "../values/faults";
import { type Span, spanTriple } from "../values/span";
import { checkDose, checkLoad, checkMarks } from "./check-dose";
import { MOST_ROUNDS, SIDES } from "./document";
import type { DoseKind } from "./dose";
import { DOSE_KINDS, DOSES } from "./dose-kinds";

/** A slot has one number, dose or load for each round at most. */
const ROUND_LIST: ListBounds = { least: 0, most: MOST_ROUNDS, what: "rounds" };
const DOSE_LIST: ListBounds = { least: 0, most: MOST_ROUNDS, what: "doses" };
const LOAD_LIST: ListBounds = { least: 0, most: MOST_ROUNDS, what: "loads" };
const LOCKED: ListBounds = { least: 0, most: 50, what: "keys" };
const STEPS: ListBounds = { least: 1, most: 30, what: "steps" };
const ALTERNATIVES: ListBounds = { least: 0, most: 10, what: "alternatives" };

/** What a slot's check must know of its block and of the moves. */
export interface SlotContext {
  readonly book: MoveBook;
  readonly capped: boolean;
  /** Rounds at max, or null where the block's rounds are at fault themselves. */
  readonly roundsMax: number | null;
  readonly blockSlotIds: readonly unknown[];
}

/** A move id that the book has, or a move by name. */
export function checkMoveRef(faults: Faults, path: string, value: unknown, book: MoveBook): void {
  if (typeof value === "string") checkMoveId(faults, path, value, book);
  else checkNamedMove(faults, path, value, (p, v) => checkMoveId(faults, p, v, book));
}

/** A move id that the book has. */
function checkMoveId(faults: Faults, path: string, value: unknown, book: MoveBook): void {
  if (!checkText(faults, path, value, { least: 1, most: 100 })) return;
  const id = value as string;
  if (!book.get(id))
    faults.add(path, { code: "unknown-move", id, near: faults.full ? [] : nearestIds(id, book) });
}

/** One of the instructor's own ways for those who can't do a slot's move. */
function checkAlternative(faults: Faults, path: string, value: unknown, book: MoveBook): void {
  if (!checkObject(faults, path, value)) return;
  checkKey(faults, path, value, "move", (p, v) => checkMoveId(faults, p, v, book), true);
  checkKey(faults, path, value, "note", (p, v) => checkText(faults, p, v));
}

/** The sides that a slot will have: its own, else its move's, else both. Null where they can't be told. */
function sidesOf(slot: Json, book: MoveBook): unknown {
  if (slot.sides !== undefined) return slot.sides;
  if (typeof slot.move === "string") return book.get(slot.move)?.sides;
  if (!isObject(slot.move)) return undefined;
  const { sides, like } = slot.move;
  return sides ?? (typeof like === "string" ? book.get(like)?.sides : undefined);
}

/** Slot rounds: a strictly ascending list within 1 … rounds.max. Gives the list where it is sound. */
function checkRounds(
  faults: Faults,
  path: string,
  value: unknown,
  context: SlotContext,
): readonly number[] | null {
  if (context.capped) {
    faults.add(path, { code: "not-with-cap" });
    return null;
  }
  let fine = true;
  const bounds = { least: 1, most: context.roundsMax ?? MOST_ROUNDS };
  const isList = checkList(faults, path, value, ROUND_LIST, (p, v) => {
    fine = checkWhole(faults, p, v, bounds) && fine;
  });
  if (!isList || !fine) return null;
  const rounds = value as readonly number[];
  if (rounds.length === 0)
    return faults.add(path, { code: "length", least: 1, most: bounds.most, what: "rounds" }) || null;
  if (rounds.some((round, i) => i > 0 && round <= (rounds[i - 1] as number))) {
    return faults.add(path, { code: "ascending" }) || null;
  }
  return rounds;
}

/** A list of doses or loads must be as long as the slot's appearances at rounds.max. */
function checkLength(
  faults: Faults,
  path: string,
  list: readonly unknown[],
  appearances: number | null,
): void {
  if (appearances !== null && list.length !== appearances) {
    faults.add(path, { code: "appearances", expected: appearances, found: list.length });
  }
}

/** Whether the clock runs in a piece of this kind, so that somebody may stop early. */
const isTimed = (kind: DoseKind | null) => kind !== null && DOSES[kind].lasts !== "as-counted";

function smallestPlan(doses: readonly unknown[]): number | null {
  const plans = doses.flatMap((dose) => {
    if (!isObject(dose)) return [];
    const kind = DOSE_KINDS.find((each) => isTimed(each) && dose[each] !== undefined);
    const span = kind && (dose[kind === "reserve" ? "allow" : kind] as Span | undefined);
    if (span === undefined || (typeof span !== "number" && !isObject(span))) return [];
    const { plan } = spanTriple(span);
    return Number.isFinite(plan) ? [plan] : [];
  });
  return plans.length > 0 ? Math.min(...plans) : null;
}

/** The slot's rounds where they are sound, so that the block can see which rounds are empty. */
export type SlotRounds = readonly number[] | "all" | "unknown";

export function checkSlot(faults: Faults, path: string, value: unknown, context: SlotContext): SlotRounds {
  if (!checkObject(faults, path, value)) return "unknown";
  const key = (name: string, check: (path: string, value: unknown) => unknown, required = false) =>
    checkKey(faults, path, value, name, check, required);
  const time = (p: string, v: unknown) => checkWhole(faults, p, v, TIME);
  const moveRef = (p: string, v: unknown) => checkMoveRef(faults, p, v, context.book);

  key("id", (p, v) => checkText(faults, p, v, { least: 1, most: 200 }), true);
  key("move", moveRef, true);
  key("sides", (p, v) => checkOneOf(faults, p, v, SIDES));
  key("firstSide", (p, v) => checkOneOf(faults, p, v, ["left", "right"]));
  key("count", (p, v) => checkOneOf(faults, p, v, ["each", "total"]));
  key("sideChange", time);
  key("demo", time);
  key("rest", (p, v) => checkSpan(faults, p, v, TIME));
  key("alternatives", (p, v) =>
    checkList(faults, p, v, ALTERNATIVES, (q, w) => checkAlternative(faults, q, w, context.book)),
  );
  for (const name of ["pinned", "choice"]) key(name, (p, v) => checkBoolean(faults, p, v));
  key("locked", (p, v) =>
    Array.isArray(v)
      ? checkList(faults, p, v, LOCKED, (q, w) => checkText(faults, q, w))
      : checkBoolean(faults, p, v),
  );
  key("steps", (p, v) => checkList(faults, p, v, STEPS, (q, w) => checkText(faults, q, w)));

  let rounds: SlotRounds = "all";
  key("rounds", (p, v) => {
    rounds = checkRounds(faults, p, v, context) ?? "unknown";
  });
  const own = rounds as SlotRounds;
  // With a cap roundsMax is null: how often a slot comes round is not known.
  const appearances = own === "all" ? context.roundsMax : own === "unknown" ? null : own.length;

  for (const name of ["cue", "call"])
    key(name, (p, v) => {
      if (!Array.isArray(v)) return checkText(faults, p, v);
      // The same words may come again.
      const listed = v.map((entry, i) => checkText(faults, at(p, i), entry)).every(Boolean);
      return listed && checkLength(faults, p, v, appearances);
    });
  const kinds = checkDoses(faults, path, value, context, appearances);
  key("load", (p, v) => {
    if (!Array.isArray(v)) return checkLoad(faults, p, v);
    if (checkList(faults, p, v, LOAD_LIST, (q, w) => checkLoad(faults, q, w)))
      checkLength(faults, p, v, appearances);
  });
  key("marks", (p, v) =>
    checkMarks(faults, p, v, {
      timed: kinds.every(isTimed),
      counted: kinds.every((kind) => kind !== null && DOSES[kind].reps),
      smallestPlan: smallestPlan(Array.isArray(value.dose) ? value.dose : [value.dose]),
      checkMove: moveRef,
    }),
  );
  key("together", (p, v) => {
    if (!checkText(faults, p, v)) return;
    if (v === value.id) faults.add(p, { code: "itself" });
    else if (!context.blockSlotIds.includes(v)) faults.add(p, { code: "unknown-slot", id: v as string });
  });
  return own;
}

function checkDoses(
  faults: Faults,
  path: string,
  slot: Json,
  context: SlotContext,
  appearances: number | null,
): readonly (DoseKind | null)[] {
  const where = at(path, "dose");
  const halved = sidesOf(slot, context.book) === "inTurn" && slot.count === "total";
  const checkMove = (p: string, v: unknown) => checkMoveId(faults, p, v, context.book);
  if (slot.dose === undefined) {
    faults.add(where, { code: "missing" });
    return [null];
  }
  if (!Array.isArray(slot.dose)) return [checkDose(faults, where, slot.dose, halved, checkMove)];
  if (context.capped) faults.add(where, { code: "not-with-cap" });
  else if (slot.dose.length === 0)
    faults.add(where, { code: "exactly-one", allowed: ["a dose for each appearance"] });
  else checkLength(faults, where, slot.dose, appearances);
  const kinds: (DoseKind | null)[] = [];
  checkList(faults, where, slot.dose, DOSE_LIST, (p, v) =>
    kinds.push(checkDose(faults, p, v, halved, checkMove)),
  );
  return kinds.length > 0 ? kinds : [null];
}
