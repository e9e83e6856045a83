/** Which slot directly follows which in the plan of a class, how often, and with what gap between. */
import { type ClassDoc, slotsOf } from "../class/document";
import { expand, type Segment } from "../class/expand";
import type { MoveBook } from "../moves/book";
import type { Seconds } from "../units";

export interface Neighbours {
  readonly from: string;
  readonly to: string;
  /** How often `to` directly follows `from`. */
  readonly times: number;
  /** The shortest gap between them; null inside an as-many-rounds-as-possible block, where people set their own. */
  readonly gapSeconds: Seconds | null;
}

/** A side change inside a slot's turn. */
export interface SideGap {
  readonly slot: string;
  readonly times: number;
  readonly gapSeconds: Seconds;
}

export interface Sequence {
  readonly pairs: readonly Neighbours[];
  readonly sides: readonly SideGap[];
}

const known = new WeakMap<ClassDoc, { book: MoveBook; sequence: Sequence }>();

/** The ordered pairs of different slots, in the order of their first meeting. */
export function sequenceOf(doc: ClassDoc, library: MoveBook): Sequence {
  const there = known.get(doc);
  if (there?.book === library) return there.sequence;
  const sequence = workOut(doc, library);
  known.set(doc, { book: library, sequence });
  return sequence;
}

interface LastPiece {
  readonly slot: string;
  readonly round: number | null;
  readonly side: Segment["side"];
  readonly end: Seconds;
}

/** Whether a piece is the other side of the turn that was just done. */
const isOtherSide = (last: LastPiece, { slot, round, side }: Segment) =>
  last.slot === slot && last.round === round && side !== null && last.side !== side;

/** The shorter of two gaps; one that isn't known says nothing. */
function shorter(a: Seconds | null, b: Seconds | null): Seconds | null {
  if (a === null || b === null) return a ?? b;
  return Math.min(a, b);
}

function workOut(doc: ClassDoc, library: MoveBook): Sequence {
  const pairs = new Map<string, { from: string; to: string; times: number; gapSeconds: Seconds | null }>();
  const sides = new Map<string, { slot: string; times: number; gapSeconds: Seconds }>();
  const meet = (from: string, to: string, times: number, gap: Seconds | null) => {
    if (from === to || times < 1) return;
    const key = JSON.stringify([from, to]);
    const pair = pairs.get(key) ?? { from, to, times: 0, gapSeconds: gap };
    pairs.set(key, { from, to, times: pair.times + times, gapSeconds: shorter(gap, pair.gapSeconds) });
  };
  let last: LastPiece | null = null;
  for (const segment of expand(doc, library)) {
    if (segment.kind !== "work") continue;
    if (segment.slot === null) {
      // As many rounds as possible: the slots follow one another, and the last leads back to the first.
      const block = doc.blocks.find((entry) => entry.id === segment.block);
      const ids = (block ? slotsOf(block) : []).map((slot) => slot.id);
      const [first] = ids;
      if (last && first !== undefined) meet(last.slot, first, 1, segment.start - last.end);
      ids.forEach((id, i) => {
        const next = ids[(i + 1) % ids.length];
        if (next !== undefined) meet(id, next, 1, null);
      });
      const lastId = ids.at(-1);
      last = lastId === undefined ? last : { slot: lastId, round: 1, side: null, end: segment.end };
      continue;
    }
    const gap = last ? segment.start - last.end : 0;
    if (last && isOtherSide(last, segment)) {
      const side = sides.get(segment.slot) ?? { slot: segment.slot, times: 0, gapSeconds: gap };
      sides.set(segment.slot, {
        slot: segment.slot,
        times: side.times + 1,
        gapSeconds: Math.min(gap, side.gapSeconds),
      });
    } else if (last) meet(last.slot, segment.slot, 1, gap);
    last = { slot: segment.slot, round: segment.round, side: segment.side, end: segment.end };
  }
  return { pairs: [...pairs.values()], sides: [...sides.values()] };
}
