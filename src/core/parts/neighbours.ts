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
  /** Each time: which of the first slot's own appearances, and which of the second's, from 0. */
  readonly meetings: readonly (readonly [from: number, to: number])[];
}

/** A side change inside a slot's turn. */
export interface SideGap {
  readonly slot: string;
  readonly times: number;
  readonly gapSeconds: Seconds;
}

export interface Sequence {
  readonly pairs: readonly Neighbours[];
  /** Slots whose next set follows their last one directly. */
  readonly again: readonly Neighbours[];
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
  /** Which of the slot's own appearances, from 0. */
  readonly index: number;
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

interface Met extends Neighbours {
  times: number;
  gapSeconds: Seconds | null;
  readonly meetings: [number, number][];
}
type Appears = Pick<LastPiece, "slot" | "index">;
type OneSided = Sequence["sides"][number];

/** Collects how the pieces of a class follow one another. */
class Meetings {
  private readonly pairs = new Map<string, Met>();
  private readonly sides = new Map<string, OneSided>();
  private readonly begun = new Map<string, number>();
  private last: LastPiece | null = null;

  private meet(from: Appears, to: Appears, gap: Seconds | null): void {
    const key = JSON.stringify([from.slot, to.slot]);
    const there = this.pairs.get(key);
    const pair: Met = there ?? { from: from.slot, to: to.slot, times: 0, gapSeconds: gap, meetings: [] };
    if (!there) this.pairs.set(key, pair);
    pair.times += 1;
    pair.gapSeconds = shorter(gap, pair.gapSeconds);
    pair.meetings.push([from.index, to.index]);
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
    const once = (slot: string) => ({ slot, index: 0 });
    if (this.last) this.meet(this.last, once(first), start - this.last.end);
    ids.forEach((id, i) => {
      this.meet(once(id), once(ids[(i + 1) % ids.length] as string), null);
    });
    this.last = { ...once(lastId), round: 1, side: null, end };
  }

  piece(slot: string, segment: Segment): void {
    const { last } = this;
    const turns = last !== null && isOtherSide(last, segment);
    const index = turns ? last.index : this.indexOf(slot);
    if (last && turns) this.turn(slot, segment.start - last.end);
    else if (last) this.meet(last, { slot, index }, segment.start - last.end);
    this.last = { slot, index, round: segment.round, side: segment.side, end: segment.end };
  }

  /** The number of a slot's appearance that begins now. */
  private indexOf(slot: string): number {
    const index = this.begun.get(slot) ?? 0;
    this.begun.set(slot, index + 1);
    return index;
  }

  sequence(): Sequence {
    const met = [...this.pairs.values()];
    return {
      pairs: met.filter(({ from, to }) => from !== to),
      again: met.filter(({ from, to }) => from === to),
      sides: [...this.sides.values()],
    };
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
