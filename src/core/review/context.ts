/** What the checks look at, worked out once: the segments, each slot with its move, the pieces in order. */

import {
  allWords,
  alternativesOf,
  type Block,
  type ClassDoc,
  type Dose,
  dosesOf,
  type Slot,
  slotsOf,
} from "../class/document";
import { lastsAsSaid } from "../class/dose-kinds";
import type { Segment } from "../class/expand";
import { slotEffort } from "../effort/demand";
import { hasHardSet, isMain } from "../effort/hard";
import type { Thresholds } from "../effort/thresholds";
import type { Person } from "../homes/home";
import { bookFor, type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import type { Muscle } from "../moves/move";
import type { Part, PartSlot } from "../parts/part";
import { type BlockTime, blockTimes, type Score, scoreOf } from "../score/score";
import type { Seconds } from "../units";
import type { Season } from "./season";

export interface SlotFacts {
  readonly slot: Slot;
  readonly block: Block;
  readonly move: KnownMove;
  readonly effort: number;
  /** Main work or finisher. */
  readonly main: boolean;
  /** Counts as hard work for its primary muscles. */
  readonly hard: boolean;
  /** Second of its first piece, or of its block where it has none. */
  readonly at: Seconds;
}

/** One piece of work by its slot's facts. */
export interface Piece {
  readonly segment: Segment;
  readonly facts: SlotFacts;
}

export interface ReviewContext {
  readonly doc: ClassDoc;
  readonly library: MoveBook;
  readonly book: MoveBook;
  readonly score: Score;
  readonly times: ReadonlyMap<string, BlockTime>;
  readonly slots: ReadonlyMap<string, SlotFacts>;
  readonly pieces: readonly Piece[];
  readonly people: readonly Person[];
  readonly parts: readonly Part[];
  readonly season: Season | null;
  readonly thresholds: Thresholds;
}

export function reviewContext(input: {
  readonly doc: ClassDoc;
  readonly library: MoveBook;
  readonly people: readonly Person[];
  readonly parts: readonly Part[];
  readonly season: Season | null;
  readonly thresholds: Thresholds;
}): ReviewContext {
  const { doc, library } = input;
  const book = bookFor(doc, library);
  const score = scoreOf(doc, library);
  const times = blockTimes(score);
  const firstAt = new Map<string, Seconds>();
  for (const { kind, slot, start } of score.segments) {
    if (kind === "work" && slot !== null && !firstAt.has(slot)) firstAt.set(slot, start);
  }
  const slots = new Map<string, SlotFacts>();
  for (const block of doc.blocks) {
    for (const slot of slotsOf(block)) {
      const effort = slotEffort(slot, book, doc.stance);
      const main = isMain(block);
      slots.set(slot.id, {
        slot,
        block,
        move: resolveMove(slot.move, book),
        effort,
        main,
        hard: hasHardSet(block, slot, book, doc.stance, input.thresholds),
        at: firstAt.get(slot.id) ?? times.get(block.id)?.start ?? 0,
      });
    }
  }
  return { ...input, book, score, times, slots, pieces: piecesOf(score.segments, slots) };
}

/** The pieces of work among segments, each with its slot's facts. */
export function piecesOf(
  segments: readonly Segment[],
  slots: ReadonlyMap<string, SlotFacts>,
): readonly Piece[] {
  return segments.flatMap((segment) => {
    const facts = segment.kind === "work" && segment.slot !== null ? slots.get(segment.slot) : undefined;
    return facts ? [{ segment, facts }] : [];
  });
}

/** A slot's part for one person. */
export function partOf(part: Part, slotId: string): PartSlot | undefined {
  return part.slots.find((slot) => slot.slot === slotId);
}

/** The strain of somebody's hardest set in a slot; none where it can't be told. */
export function hardestSet({ sets = [] }: PartSlot): number {
  return Math.max(Number.NEGATIVE_INFINITY, ...sets.map(({ strain }) => strain ?? Number.NEGATIVE_INFINITY));
}

export function primary(move: KnownMove): readonly Muscle[] {
  return move.muscles?.primary ?? [];
}

export function shared(a: KnownMove, b: KnownMove): readonly Muscle[] {
  return primary(a).filter((muscle) => primary(b).includes(muscle));
}

/** Every text that the instructor wrote and people will hear or read, with where it stands. */
export function textsOf(
  doc: ClassDoc,
): readonly { readonly text: string; readonly slot: string | null; readonly block: string | null }[] {
  const texts: { text: string; slot: string | null; block: string | null }[] = [
    { text: doc.title, slot: null, block: null },
  ];
  for (const block of doc.blocks) {
    texts.push({ text: block.title, slot: null, block: block.id });
    for (const slot of slotsOf(block)) {
      const others = alternativesOf(slot).map(({ note }) => note);
      const said = [...allWords(slot, "cue"), ...allWords(slot, "call"), ...(slot.steps ?? [])];
      const own = [...said, slot.marks?.flat?.note, slot.marks?.sharp?.note, ...others];
      if (typeof slot.move !== "string") own.push(slot.move.name);
      for (const text of own) if (text) texts.push({ text, slot: slot.id, block: block.id });
    }
  }
  return texts;
}

/** The doses of a slot that last as long as they say. */
export function timedDoses(slot: Slot): readonly Dose[] {
  return dosesOf(slot).filter(lastsAsSaid);
}
