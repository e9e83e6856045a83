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

type Pair = Sequence["pairs"][number];
type OneSided = Sequence["sides"][number];

/** Collects how the pieces of a class follow one another. */
class Meetings {
  private readonly pairs = new Map<string, Pair>();
  private readonly sides = new Map<string, OneSided>();
  private last: LastPiece | null = null;

  private meet(from: string, to: string, gap: Seconds | null): void {
    if (from === to) return;
    const key = JSON.stringify([from, to]);
    const pair = this.pairs.get(key) ?? { from, to, times: 0, gapSeconds: gap };
    this.pairs.set(key, { from, to, times: pair.times + 1, gapSeconds: shorter(gap, pair.gapSeconds) });
  }

  private turn(slot: string, gap: Seconds): void {
    const side = this.sides.get(slot) ?? { slot, times: 0, gapSeconds: gap };
    this.sides.set(slot, { slot, times: side.times + 1, gapSeconds: Math.min(gap, side.gapSeconds) });
  }

  /** As many rounds as possible: the slots follow one another, and the last leads back to the first. */
  laps(ids: readonly string[], { start, end }: Segment): void {
    const [first] = ids;
    const lastId = ids.at(-1);
    if (first === undefined || lastId === undefined) return;
    if (this.last) this.meet(this.last.slot, first, start - this.last.end);
    ids.forEach((id, i) => {
      this.meet(id, ids[(i + 1) % ids.length] as string, null);
    });
    this.last = { slot: lastId, round: 1, side: null, end };
  }

  piece(slot: string, segment: Segment): void {
    const { last } = this;
    if (last && isOtherSide(last, segment)) this.turn(slot, segment.start - last.end);
    else if (last) this.meet(last.slot, slot, segment.start - last.end);
    this.last = { slot, round: segment.round, side: segment.side, end: segment.end };
  }

  sequence(): Sequence {
    return { pairs: [...this.pairs.values()], sides: [...this.sides.values()] };
  }
}

function workOut(doc: ClassDoc, library: MoveBook): Sequence {
  const meetings = new Meetings();
  for (const segment of expand(doc, library)) {
    if (segment.kind !== "work") continue;
    if (segment.slot !== null) meetings.piece(segment.slot, segment);
    else {
      const block = doc.blocks.find((entry) => entry.id === segment.block);
      const ids = (block ? slotsOf(block) : []).map((slot) => slot.id);
      meetings.laps(ids, segment);
    }
  }
  return meetings.sequence();
}
