/**
 * From a class document to its segments: the timing rules of `docs/class-file.md`.
 * The document must be valid; nothing is checked here.
 */

import { type Block, type ClassDoc, doseAt, type Sides, type Slot, slotsOf } from "../class/document";
import { type PieceDose, pieceDoses } from "../class/dose-time";
import { spanTriple } from "../class/span";
import { bookWith, type MoveBook, resolveMove } from "../moves/book";
import { type Extreme, otherSide, type Seconds, type Side, type Triple } from "../units";

export const SEGMENT_KINDS = [
  "brief",
  "demo",
  "prepare",
  "work",
  "side-change",
  "rest",
  "long-rest",
  "after",
] as const;
export type SegmentKind = (typeof SEGMENT_KINDS)[number];

/** A stretch of the class, `start` included and `end` not, in seconds from the class's start. */
export interface Segment {
  readonly kind: SegmentKind;
  readonly start: Seconds;
  readonly end: Seconds;
  readonly block: string;
  readonly slot: string | null;
  /** From 1 (the set number in station order); null before the first piece and in `after`. */
  readonly round: number | null;
  readonly side: Side | null;
  /** On rep doses only. */
  readonly reps?: Triple;
  /** How long this piece may take, where that varies: the soft edge of a bar. Work only. */
  readonly range?: Triple;
}

/** Receives segments one by one, without their times. Gives false to stop the expansion. */
type Emit = (segment: Omit<Segment, "start" | "end">, seconds: Seconds) => boolean;

/** Thrown and caught inside this file when the receiver has had enough. */
class Enough extends Error {}

class Expansion {
  constructor(
    readonly book: MoveBook,
    readonly extreme: Extreme,
    private readonly emit: Emit,
  ) {}

  put(seconds: Seconds, segment: Omit<Segment, "start" | "end">): void {
    if (seconds > 0 && !this.emit(segment, seconds)) throw new Enough();
  }
}

const NOWHERE = { slot: null, round: null, side: null } as const;

function demoOf(block: Block, slot: Slot): Seconds {
  return slot.demo ?? block.demo ?? 0;
}

/** The sides that a slot is done in: its own, else its move's, else both. */
export function slotSides(slot: Slot, book: MoveBook): Sides {
  return slot.sides ?? resolveMove(slot.move, book).sides ?? "both";
}

function expandBlock(x: Expansion, block: Block): void {
  const slots = slotsOf(block);
  x.put(block.brief ?? 0, { kind: "brief", block: block.id, ...NOWHERE });
  if (slots.length > 0) {
    if (block.demoAt !== "slot" || block.cap !== undefined) {
      for (const slot of slots) {
        x.put(demoOf(block, slot), { kind: "demo", block: block.id, slot: slot.id, round: null, side: null });
      }
    }
    x.put(block.prepare ?? 0, { kind: "prepare", block: block.id, ...NOWHERE });
    if (block.cap !== undefined) {
      x.put(block.cap, { kind: "work", block: block.id, slot: null, round: 1, side: null });
    } else expandTurns(x, block);
  }
  x.put(block.after ?? 0, { kind: "after", block: block.id, ...NOWHERE });
}

/** Appearances in the order they are done, grouped by turns of the outer loop; empty turns are left out. */
export function turnsOf(block: Block, rounds: number): readonly (readonly Appearance[])[] {
  const slots = slotsOf(block);
  const appears = (slot: Slot, round: number) => slot.rounds === undefined || slot.rounds.includes(round);
  const indexOf = (slot: Slot, round: number) => (slot.rounds ? slot.rounds.indexOf(round) : round - 1);
  const turn = (pairs: readonly (readonly [Slot, number])[]) =>
    pairs
      .filter(([slot, round]) => appears(slot, round))
      .map(([slot, round]) => ({ slot, round, index: indexOf(slot, round) }));
  const numbers = Array.from({ length: rounds }, (_, i) => i + 1);
  const turns =
    block.loop === "station"
      ? slots.map((slot) => turn(numbers.map((round) => [slot, round] as const)))
      : numbers.map((round) => turn(slots.map((slot) => [slot, round] as const)));
  return turns.filter((appearances) => appearances.length > 0);
}

export interface Appearance {
  readonly slot: Slot;
  readonly round: number;
  /** Which of the slot's own appearances, from 0. */
  readonly index: number;
}

function expandTurns(x: Expansion, block: Block): void {
  const rounds = spanTriple(block.rounds, 1)[x.extreme];
  const rest = spanTriple(block.rest)[x.extreme];
  const longRest = spanTriple(block.longRest ?? block.rest)[x.extreme];
  const shown = new Set<Slot>();
  let before: Appearance | null = null;
  for (const turn of turnsOf(block, rounds)) {
    let first = true;
    for (const appearance of turn) {
      if (before !== null) {
        const own = before.slot.rest === undefined ? rest : spanTriple(before.slot.rest)[x.extreme];
        x.put(first ? longRest : own, {
          kind: first ? "long-rest" : "rest",
          block: block.id,
          slot: before.slot.id,
          round: before.round,
          side: null,
        });
      }
      if (block.demoAt === "slot" && !shown.has(appearance.slot)) {
        const { slot, round } = appearance;
        x.put(demoOf(block, slot), { kind: "demo", block: block.id, slot: slot.id, round, side: null });
      }
      shown.add(appearance.slot);
      expandAppearance(x, block, appearance);
      before = appearance;
      first = false;
    }
  }
}

function expandAppearance(x: Expansion, block: Block, appearance: Appearance): void {
  const { slot, round, index } = appearance;
  const dose = doseAt(slot, index);
  const sides = slotSides(slot, x.book);
  const pieces = pieceDoses(dose, sides, slot.count ?? "each", resolveMove(slot.move, x.book).repSeconds);
  const firstSide = slot.firstSide ?? "left";
  const where = { block: block.id, slot: slot.id, round } as const;
  // What is left of the window; without one there is always room.
  let left = dose.within ?? Number.POSITIVE_INFINITY;
  const putCut = (seconds: Seconds, segment: Omit<Segment, "start" | "end">) => {
    const fits = Math.min(seconds, left);
    x.put(fits, segment);
    left -= fits;
  };
  pieces.forEach((piece, i) => {
    if (i > 0) putCut(slot.sideChange ?? 0, { kind: "side-change", ...where, side: null });
    const side = pieceSide(sides, firstSide, i, index);
    putCut(piece.seconds[x.extreme], { kind: "work", ...where, side, ...measures(piece, dose.within) });
  });
  if (dose.within !== undefined) x.put(left, { kind: "rest", ...where, side: null });
}

function pieceSide(sides: Sides, firstSide: Side, piece: number, index: number): Side | null {
  if (sides === "inTurn") return piece === 0 ? firstSide : otherSide(firstSide);
  if (sides === "swap") return index % 2 === 0 ? firstSide : otherSide(firstSide);
  return null;
}

function measures(piece: PieceDose, within: number | undefined): Pick<Segment, "reps" | "range"> {
  const varies = piece.seconds.min !== piece.seconds.max && within === undefined;
  return { ...(piece.reps ? { reps: piece.reps } : {}), ...(varies ? { range: piece.seconds } : {}) };
}

function run(doc: ClassDoc, library: MoveBook, extreme: Extreme, emit: Emit): void {
  const x = new Expansion(bookWith(library, doc.moves), extreme, emit);
  try {
    for (const block of doc.blocks) expandBlock(x, block);
  } catch (error) {
    if (!(error instanceof Enough)) throw error;
  }
}

/** All segments of one expansion, contiguous from 0. */
export function expand(doc: ClassDoc, library: MoveBook, extreme: Extreme = "plan"): readonly Segment[] {
  const segments: Segment[] = [];
  let start = 0;
  run(doc, library, extreme, (segment, seconds) => {
    const end = start + seconds;
    segments.push({ ...segment, start, end });
    start = end;
    return true;
  });
  return segments;
}

/** The length of one expansion in seconds, without making its segments. */
export function expandedSeconds(doc: ClassDoc, library: MoveBook, extreme: Extreme): Seconds {
  let total = 0;
  run(doc, library, extreme, (_, seconds) => {
    total += seconds;
    return true;
  });
  return total;
}

/** How many segments an expansion has; counting stops just past `most`. */
export function countSegments(doc: ClassDoc, library: MoveBook, extreme: Extreme, most: number): number {
  let count = 0;
  run(doc, library, extreme, () => {
    count += 1;
    return count <= most;
  });
  return count;
}
