/**
 * What a class is made of, as set or as one person's part does it: hard sets by muscle, push and pull,
 * knee and hip, sides, positions, landings, gripping, work and rest, time under tension.
 */

import { type Block, type ClassDoc, type Dose, doseAt, findSlot, type Slot } from "../class/document";
import { rowOf } from "../class/dose-kinds";
import { repSecondsOf } from "../class/dose-time";
import { expand, type Segment } from "../class/expand";
import { bookFor, type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import type { Muscle, Position } from "../moves/move";
import type { Part, PartSlot } from "../parts/part";
import type { Seconds } from "../units";
import { isHardSet, isMain } from "./hard";
import type { Thresholds } from "./thresholds";

export interface Balance {
  /** Primary 1, secondary ½; see docs/strength.md for what is hard. */
  readonly hardSets: ReadonlyMap<Muscle, number>;
  readonly pushPull: { readonly push: number; readonly pull: number };
  readonly kneeHip: { readonly knee: number; readonly hip: number };
  readonly sideSeconds: { readonly left: Seconds; readonly right: Seconds };
  readonly positionSeconds: ReadonlyMap<Position, Seconds>;
  /** Weighted by impact, as the read-through counts them. */
  readonly landings: number;
  readonly gripSeconds: Seconds;
  readonly workSeconds: Seconds;
  readonly restSeconds: Seconds;
  /** Reps × tempo; holds in full. */
  readonly tensionSeconds: Seconds;
}

const PUSH: readonly string[] = ["push-horizontal", "push-vertical"];
const PULL: readonly string[] = ["pull-horizontal", "pull-vertical"];
const KNEE: readonly string[] = ["squat", "lunge"];
const HIP: readonly string[] = ["hinge"];

const half = (n: number) => Math.round(n * 2) / 2;

interface Facts {
  readonly move: KnownMove;
  readonly block: Block;
  readonly slot: Slot;
  readonly own: PartSlot | undefined;
}

/** What is added up, piece by piece. */
class Sums {
  readonly sets = new Map<Muscle, number>();
  readonly positions = new Map<Position, Seconds>();
  readonly n = {
    push: 0,
    pull: 0,
    knee: 0,
    hip: 0,
    left: 0,
    right: 0,
    landings: 0,
    grip: 0,
    work: 0,
    rest: 0,
  };
  tension = 0;

  /** One piece of a slot's `index`-th appearance. */
  add(segment: Segment, facts: Facts, index: number, isHard: (facts: Facts, index: number) => boolean): void {
    this.addPiece(segment, facts.move, doseAt(facts.slot, index));
    if (isHard(facts, index)) this.addHard(segment, facts.move);
  }

  /** One piece of a move: its seconds, sides, grip, landings and time under tension. */
  private addPiece({ side, start, end, reps }: Segment, move: KnownMove, dose: Dose): void {
    const seconds = end - start;
    if (side) this.n[side] += seconds;
    if (move.position) this.positions.set(move.position, (this.positions.get(move.position) ?? 0) + seconds);
    if (move.loads?.includes("grip")) this.n.grip += seconds;
    const rep = repSecondsOf(dose, move.repSeconds);
    const count = reps?.plan ?? (move.isometric ? 0 : seconds / rep);
    const { perRep = 0, weight = 0 } = move.landings ?? {};
    if (perRep > 0) this.n.landings += count * perRep * weight;
    const counted = reps && rowOf(dose).row.reps;
    this.tension += counted ? Math.min(seconds, reps.plan * rep) : seconds;
  }

  /** A hard set, however long its piece, for its muscles and its pattern. */
  private addHard({ side }: Segment, move: KnownMove): void {
    // One side of a set done side by side is half of it for the muscles of both.
    const n = side === null ? 1 : 0.5;
    const { primary = [], secondary = [] } = move.muscles ?? {};
    for (const muscle of primary) this.sets.set(muscle, (this.sets.get(muscle) ?? 0) + n);
    for (const muscle of secondary) this.sets.set(muscle, (this.sets.get(muscle) ?? 0) + n / 2);
    const pattern = move.pattern ?? "";
    if (PUSH.includes(pattern)) this.n.push += n;
    if (PULL.includes(pattern)) this.n.pull += n;
    if (KNEE.includes(pattern)) this.n.knee += n;
    if (HIP.includes(pattern)) this.n.hip += n;
  }

  result(): Balance {
    const { n } = this;
    return {
      hardSets: new Map([...this.sets].map(([muscle, sets]) => [muscle, half(sets)])),
      pushPull: { push: half(n.push), pull: half(n.pull) },
      kneeHip: { knee: half(n.knee), hip: half(n.hip) },
      sideSeconds: { left: n.left, right: n.right },
      positionSeconds: this.positions,
      landings: Math.round(n.landings),
      gripSeconds: n.grip,
      workSeconds: n.work,
      restSeconds: n.rest,
      tensionSeconds: Math.round(this.tension),
    };
  }
}

/** What is done in each slot: its move, or a person's where a part is given. */
function slotFacts(doc: ClassDoc, book: MoveBook, part: Part | undefined): (id: string) => Facts | null {
  const done = new Map(part?.slots.map((own) => [own.slot, own]));
  const of = (id: string): Facts | null => {
    const found = findSlot(doc, id);
    if (!found) return null;
    const own = done.get(id);
    const id_ = own?.move ?? null;
    const move = part ? (id_ === null ? undefined : book.get(id_)) : resolveMove(found.slot.move, book);
    return move ? { move, ...found, own } : null;
  };
  const known = new Map<string, Facts | null>();
  return (id) => {
    if (!known.has(id)) known.set(id, of(id));
    return known.get(id) ?? null;
  };
}

/** Tells the number of each slot's appearance, piece after piece; the second side belongs to the first's. */
function countAppearances(): (segment: Segment) => number {
  const seen = new Map<string, { readonly round: number | null; readonly index: number }>();
  return ({ slot, round }) => {
    if (slot === null) return 0;
    const last = seen.get(slot);
    const index = last === undefined ? 0 : last.round === round ? last.index : last.index + 1;
    seen.set(slot, { round, index });
    return index;
  };
}

/** The balance of a class as set, or of a person's part in it. */
export function balanceOf(doc: ClassDoc, library: MoveBook, thresholds: Thresholds, part?: Part): Balance {
  const book = bookFor(doc, library);
  const factsOf = slotFacts(doc, book, part);
  const appearanceOf = countAppearances();
  const isHard = ({ block, slot, own, move }: Facts, index: number) =>
    isHardSet(block, slot, index, book, doc.stance, thresholds, own && { part: own, move });
  const main = new Set(doc.blocks.filter(isMain).map((block) => block.id));
  const sums = new Sums();
  for (const segment of expand(doc, library)) {
    const { kind, slot, block, start, end } = segment;
    if (main.has(block) && (kind === "rest" || kind === "long-rest")) sums.n.rest += end - start;
    if (kind !== "work") continue;
    if (main.has(block)) sums.n.work += end - start;
    const facts = slot === null ? null : factsOf(slot);
    if (facts) sums.add(segment, facts, appearanceOf(segment), isHard);
  }
  return sums.result();
}
