/**
 * From a class document to its segments: the timing rules of `docs/class-file.md`.
 * The document must be valid; nothing is checked here.
 */

import { bookFor, type MoveBook, resolveMove } from "../moves/book";
import { type Extreme, otherSide, type Seconds, type Side, type Triple } from "../units";
import { spanTriple } from "../values/span";
import { type Block, type ClassDoc, doseAt, dosesOf, type Sides, type Slot, slotsOf } from "./document";
import type { PieceDose } from "./dose-kinds";
import { pieceDoses } from "./dose-time";

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

/** What a segment says of a piece: its reps, and how its length varies. */
type Measures = Pick<Segment, "reps" | "range">;

/**
 * Receives segments one by one, as plain values so that counting and adding up make no objects.
 * Gives false to stop the expansion.
 */
type Emit = (
  seconds: Seconds,
  kind: SegmentKind,
  block: string,
  slot: string | null,
  round: number | null,
  side: Side | null,
  measures: Measures | null,
) => boolean;

/** Thrown and caught inside this file when the receiver has had enough. */
class Enough extends Error {}

/** What is the same in all three expansions of a class: a slot's sides and the pieces of each of its doses. */
export class Prepared {
  private readonly slots = new Map<Slot, SlotPieces>();

  constructor(readonly book: MoveBook) {}

  /** Seconds of a rep of a move of a sequence. */
  private readonly repSecondsOf = (id: string) => resolveMove(id, this.book).repSeconds;

  of(slot: Slot): SlotPieces {
    const known = this.slots.get(slot);
    if (known) return known;
    const move = resolveMove(slot.move, this.book);
    const sides = slot.sides ?? move.sides ?? "both";
    const count = slot.count ?? "each";
    const doses = dosesOf(slot).map((dose) =>
      pieceDoses(dose, sides, count, move.repSeconds, this.repSecondsOf).map((piece) => ({
        seconds: piece.seconds,
        measures: measures(piece, dose.within),
      })),
    );
    const made = { sides, doses };
    this.slots.set(slot, made);
    return made;
  }
}

interface PreparedPiece {
  readonly seconds: Triple;
  readonly measures: Measures | null;
}

interface SlotPieces {
  readonly sides: Sides;
  readonly doses: readonly (readonly PreparedPiece[])[];
}

class Expansion {
  constructor(
    readonly prepared: Prepared,
    readonly extreme: Extreme,
    private readonly emit: Emit,
  ) {}

  put(
    seconds: Seconds,
    kind: SegmentKind,
    block: string,
    slot: string | null = null,
    round: number | null = null,
    side: Side | null = null,
    measures: Measures | null = null,
  ): void {
    if (seconds > 0 && !this.emit(seconds, kind, block, slot, round, side, measures)) throw new Enough();
  }
}

function demoOf(block: Block, slot: Slot): Seconds {
  return slot.demo ?? block.demo ?? 0;
}

/** The sides that a slot is done in: its own, else its move's, else both. */
export function slotSides(slot: Slot, book: MoveBook): Sides {
  return slot.sides ?? resolveMove(slot.move, book).sides ?? "both";
}

function expandBlock(x: Expansion, block: Block): void {
  const slots = slotsOf(block);
  x.put(block.brief ?? 0, "brief", block.id);
  if (slots.length > 0) {
    if (block.demoAt !== "slot" || block.cap !== undefined) {
      for (const slot of slots) x.put(demoOf(block, slot), "demo", block.id, slot.id);
    }
    x.put(block.prepare ?? 0, "prepare", block.id);
    if (block.cap !== undefined) x.put(block.cap, "work", block.id, null, 1);
    else expandTurns(x, block);
  }
  x.put(block.after ?? 0, "after", block.id);
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
  const show = ({ slot, round }: Appearance) => {
    if (block.demoAt !== "slot" || shown.has(slot)) return;
    shown.add(slot);
    x.put(demoOf(block, slot), "demo", block.id, slot.id, round);
  };
  const restAfter = ({ slot, round }: Appearance, endsTurn: boolean) => {
    const own = slot.rest === undefined ? rest : spanTriple(slot.rest)[x.extreme];
    x.put(endsTurn ? longRest : own, endsTurn ? "long-rest" : "rest", block.id, slot.id, round);
  };
  let before: Appearance | null = null;
  for (const turn of turnsOf(block, rounds)) {
    for (const [i, appearance] of turn.entries()) {
      if (before !== null) restAfter(before, i === 0);
      show(appearance);
      expandAppearance(x, block, appearance);
      before = appearance;
    }
  }
}

function expandAppearance(x: Expansion, block: Block, appearance: Appearance): void {
  const { slot, round, index } = appearance;
  const { within } = doseAt(slot, index);
  const { sides, doses } = x.prepared.of(slot);
  const pieces = doses[Math.min(index, doses.length - 1)] ?? [];
  const firstSide = slot.firstSide ?? "left";
  // What is left of the window; without one there is always room.
  let left = within ?? Number.POSITIVE_INFINITY;
  for (let i = 0; i < pieces.length; i += 1) {
    const piece = pieces[i] as PreparedPiece;
    if (i > 0) {
      const change = Math.min(slot.sideChange ?? 0, left);
      x.put(change, "side-change", block.id, slot.id, round);
      left -= change;
    }
    const work = Math.min(piece.seconds[x.extreme], left);
    x.put(work, "work", block.id, slot.id, round, pieceSide(sides, firstSide, i, index), piece.measures);
    left -= work;
  }
  if (within !== undefined) x.put(left, "rest", block.id, slot.id, round);
}

function pieceSide(sides: Sides, firstSide: Side, piece: number, index: number): Side | null {
  if (sides === "inTurn") return piece === 0 ? firstSide : otherSide(firstSide);
  if (sides === "swap") return index % 2 === 0 ? firstSide : otherSide(firstSide);
  return null;
}

function measures(piece: PieceDose, within: number | undefined): Measures | null {
  const varies = piece.seconds.min !== piece.seconds.max && within === undefined;
  if (!piece.reps && !varies) return null;
  return { ...(piece.reps ? { reps: piece.reps } : {}), ...(varies ? { range: piece.seconds } : {}) };
}

/** Readies a document for its expansions; hand it to each so that nothing is worked out three times. */
export function prepare(doc: ClassDoc, library: MoveBook): Prepared {
  return new Prepared(bookFor(doc, library));
}

/** Expands blocks one after the other, piece by piece, until the receiver has had enough. */
export function runBlocks(blocks: readonly Block[], prepared: Prepared, extreme: Extreme, emit: Emit): void {
  const x = new Expansion(prepared, extreme, emit);
  try {
    for (const block of blocks) expandBlock(x, block);
  } catch (error) {
    if (!(error instanceof Enough)) throw error;
  }
}

/** All segments of one expansion, contiguous from 0. */
export function expand(
  doc: ClassDoc,
  library: MoveBook,
  extreme: Extreme = "plan",
  prepared = prepare(doc, library),
): readonly Segment[] {
  return segmentsOf(doc.blocks, prepared, extreme, 0);
}

/** The segments of blocks one after the other, contiguous from `start`. */
export function segmentsOf(
  blocks: readonly Block[],
  prepared: Prepared,
  extreme: Extreme,
  start: Seconds,
): readonly Segment[] {
  const segments: Segment[] = [];
  runBlocks(blocks, prepared, extreme, (seconds, kind, block, slot, round, side, own) => {
    const end = start + seconds;
    const segment = { kind, start, end, block, slot, round, side };
    segments.push(own ? { ...segment, ...own } : segment);
    start = end;
    return true;
  });
  return segments;
}

/** The length of one expansion in seconds, without making its segments. */
export function expandedSeconds(
  doc: ClassDoc,
  library: MoveBook,
  extreme: Extreme,
  prepared = prepare(doc, library),
): Seconds {
  return secondsOf(doc.blocks, prepared, extreme);
}

/** How long blocks last one after the other, without making their segments. */
export function secondsOf(blocks: readonly Block[], prepared: Prepared, extreme: Extreme): Seconds {
  let total = 0;
  runBlocks(blocks, prepared, extreme, (seconds) => {
    total += seconds;
    return true;
  });
  return total;
}
