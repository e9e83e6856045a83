/** Rests: the same muscle twice running, the time it gets back, what the stance gives, work to rest. */

import { setBlock, setSlot } from "../class/commands";
import { type Block, doseAt, slotsOf } from "../class/document";
import { expand, type SegmentKind } from "../class/expand";
import { type BlockShape, blockShape } from "../class/sentence";
import { leftAt } from "../effort/left";
import type { KnownMove } from "../moves/book";
import type { Muscle } from "../moves/move";
import { named } from "../reasons/named";
import { regionOf } from "../strength/regions";
import type { Seconds } from "../units";
import { spanTriple } from "../values/span";
import { type Piece, piecesOf, primary, type ReviewContext, type SlotFacts, shared } from "./context";
import { after, upToFive } from "./edits";
import type { Fix, Found } from "./finding";

/** Pairs of pieces that follow one another, sides of the same turn taken together. */
function neighbours(pieces: readonly Piece[]): readonly (readonly [Piece, Piece])[] {
  const pairs: (readonly [Piece, Piece])[] = [];
  for (let i = 1; i < pieces.length; i += 1) {
    const [a, b] = [pieces[i - 1] as Piece, pieces[i] as Piece];
    if (a.facts.slot.id !== b.facts.slot.id) pairs.push([a, b]);
  }
  return pairs;
}

/** Effort from which a piece works the muscles that it moves, and the reps that are left up to which a set does. */
const WORKS = { effort: 5, left: 15 };

/** Whether a slot leaves anything behind in its muscles: reaching for the other knee does not. */
function isWork({ hard, effort, slot, move }: SlotFacts, { book, doc }: ReviewContext): boolean {
  if (hard || effort >= WORKS.effort) return true;
  const left = regionOf(move.pattern) === null ? null : leftAt(slot, 0, book, doc.stance);
  return left !== null && left <= WORKS.left;
}

export function checkSameMuscle(context: ReviewContext): Found[] {
  const { pieces } = context;
  const seen = new Set<string>();
  return neighbours(pieces).flatMap(([a, b]): Found[] => {
    if (!a.facts.main || !b.facts.main || a.facts.block !== b.facts.block || b.facts.block.stacked) return [];
    // What is left of a window is the rest.
    if (ON_THE_CLOCK.includes(blockShape(b.facts.block))) return [];
    const muscles = shared(a.facts.move, b.facts.move);
    const key = `${a.facts.slot.id} ${b.facts.slot.id}`;
    if (muscles.length === 0 || seen.has(key)) return [];
    if (!isWork(a.facts, context) || !isWork(b.facts, context)) return [];
    seen.add(key);
    return [
      {
        says: {
          code: "same-muscle",
          move: named(b.facts.move),
          muscles: { muscles },
          after: named(a.facts.move),
        },
        where: { slot: b.facts.slot.id },
        at: b.segment.start,
        fixes: [{ says: { code: "meant-so" }, edit: setBlock(b.facts.block, "stacked", true) }],
      },
    ];
  });
}

interface ShortRest {
  readonly from: Piece;
  readonly to: Piece;
  readonly muscles: Set<Muscle>;
  readonly gap: Seconds;
}

/** Where a muscle works hard again too soon: for each pair of slots the shortest time back. */
function shortRests({ pieces, doc, thresholds }: ReviewContext): readonly ShortRest[] {
  const [least] = thresholds.stance[doc.stance].timeBackSeconds;
  const last = new Map<Muscle, Piece>();
  const found = new Map<string, ShortRest>();
  const note = (muscle: Muscle, from: Piece, to: Piece) => {
    const gap = to.segment.start - from.segment.end;
    if (gap >= least || isMeant(from, to)) return;
    const key = `${from.facts.slot.id} ${to.facts.slot.id}`;
    const known = found.get(key);
    if (known?.gap === gap) known.muscles.add(muscle);
    if (!known || known.gap > gap) found.set(key, { from, to, muscles: new Set([muscle]), gap });
  };
  for (const piece of pieces) {
    if (!piece.facts.hard) continue;
    for (const muscle of primary(piece.facts.move)) {
      const before = last.get(muscle);
      last.set(muscle, piece);
      if (before) note(muscle, before, piece);
    }
  }
  return [...found.values()];
}

/** Shapes in which one move runs into the next on purpose, and those in which every set does. */
const PAIRED: readonly BlockShape[] = ["superset", "triset"];
const ON_THE_CLOCK: readonly BlockShape[] = ["windows", "as-many-rounds"];

/**
 * Working on at once is meant: on the other side of one turn, in a block that stacks its moves, from one move
 * of a superset to the next, and where a window, a cap or a short interval is what sets the pace.
 */
function isMeant(before: Piece, piece: Piece): boolean {
  if (sameTurn(before, piece)) return true;
  const { block } = piece.facts;
  if (before.facts.block !== block) return false;
  const shape = blockShape(block);
  if (block.stacked || ON_THE_CLOCK.includes(shape) || isShortInterval(block)) return true;
  return PAIRED.includes(shape) && before.facts.slot !== piece.facts.slot;
}

/** Left and right of one turn are different limbs; so are sides that swap from turn to turn. */
function sameTurn(a: Piece, b: Piece): boolean {
  return (
    a.facts.slot.id === b.facts.slot.id &&
    a.segment.side !== null &&
    b.segment.side !== null &&
    a.segment.side !== b.segment.side
  );
}

export function checkRestMuscle(context: ReviewContext): Found[] {
  const { doc, thresholds } = context;
  const [least] = thresholds.stance[doc.stance].timeBackSeconds;
  return shortRests(context).map((short): Found => {
    const { from, to, gap } = short;
    const block = from.facts.block;
    const pairKey = (other: ShortRest) => `${other.from.facts.slot.id} ${other.to.facts.slot.id}`;
    const longer = upToFive(least - gap);
    const candidates: Fix[] = [];
    const same = from.facts.slot.id === to.facts.slot.id;
    if (from.facts.block.id !== to.facts.block.id) {
      const seconds = (block.after ?? 0) + longer;
      candidates.push({
        says: { code: "after-block", seconds, block: { block: block.title } },
        edit: setBlock(block, "after", seconds),
      });
    } else {
      const own = spanTriple(from.facts.slot.rest ?? block.rest).plan + longer;
      const long = spanTriple(block.longRest ?? block.rest).plan + longer;
      const rest = spanTriple(block.rest).plan + longer;
      candidates.push(
        { says: { code: "between-rounds", seconds: long }, edit: setBlock(block, "longRest", long) },
        {
          says: { code: "rest-after", seconds: own, move: named(from.facts.move) },
          edit: setSlot(from.facts.slot, "rest", own),
        },
        {
          says: { code: "rest-in", seconds: rest, block: { block: block.title } },
          edit: setBlock(block, "rest", rest),
        },
      );
    }
    const fixes = candidates.filter(({ edit }) => {
      const next = after(doc, edit);
      if (!next) return false;
      // Only times change with a rest: the facts of the slots stay.
      const pieces = piecesOf(expand(next, context.library), context.slots);
      return !shortRests({ ...context, pieces }).some((other) => pairKey(other) === pairKey(short));
    });
    return {
      says: {
        code: "rest-muscle",
        again: same ? "yes" : "no",
        move: named(to.facts.move),
        muscles: { muscles: [...short.muscles] },
        after: named(from.facts.move),
        gap,
        least,
      },
      where: { slot: to.facts.slot.id },
      at: to.segment.start,
      fixes: fixes.slice(0, 2),
    };
  });
}

export function checkRestStance({ doc, slots, thresholds }: ReviewContext): Found[] {
  const own = thresholds.stance[doc.stance];
  const found: Found[] = [];
  for (const block of doc.blocks) {
    const list = slotsOf(block).flatMap((slot) => slots.get(slot.id) ?? []);
    if (!list[0]?.main || block.cap !== undefined || block.stacked) continue;
    if (blockShape(block) === "windows" || isShortInterval(block)) continue;
    const close = (a: KnownMove, b: KnownMove) =>
      a.muscles === undefined || b.muscles === undefined || shared(a, b).length > 0;
    const judge = (
      key: "rest" | "longRest",
      seconds: Seconds,
      [least, most]: readonly [number, number],
      touches: boolean,
    ) => {
      if (!touches || (seconds >= least && seconds <= most)) return;
      const to = seconds < least ? least : most;
      found.push({
        says: {
          code: "rest-stance",
          block: { block: block.title },
          seconds,
          between: key,
          stance: doc.stance,
          least,
          most,
        },
        where: { block: block.id },
        at: list[0]?.at ?? 0,
        fixes: [{ says: { code: "stance-rest", seconds: to, between: key }, edit: setBlock(block, key, to) }],
      });
    };
    const station = block.loop === "station";
    const pairs = station
      ? list.map((facts) => [facts, facts] as const)
      : list.slice(1).map((facts, i) => [list[i] as (typeof list)[number], facts] as const);
    const touching = pairs.filter(([a, b]) => close(a.move, b.move) && a.slot.rest === undefined);
    judge("rest", spanTriple(block.rest).plan, own.restSeconds, touching.length > 0);
    const [first, last] = [list[0], list.at(-1)];
    const rounds = spanTriple(block.rounds, 1).plan;
    const wraps = rounds > 1 && !station && first && last ? close(last.move, first.move) : false;
    judge("longRest", spanTriple(block.longRest ?? block.rest).plan, own.betweenRoundsSeconds, wraps);
  }
  return found;
}

/** Shapes that have a work to rest of their own: it is what they are. */
const OWN_RATIO: readonly BlockShape[] = [
  "superset",
  "triset",
  "windows",
  "as-many-rounds",
  "sequence",
  "one-move",
];
/** Work so short with less rest than that is an interval meant so, such as twenty seconds on and ten off. */
const SHORT_WORK: Seconds = 30;

function isShortInterval(block: Block): boolean {
  const doses = slotsOf(block).map((slot) => doseAt(slot, 0).seconds);
  return (
    doses.length > 0 &&
    doses.every((seconds) => seconds !== undefined && spanTriple(seconds).plan <= SHORT_WORK) &&
    spanTriple(block.rest).plan <= SHORT_WORK / 2
  );
}

/** Whether a block's rests are what its shape means, and no matter of the stance. */
function hasOwnRatio(block: Block): boolean {
  return OWN_RATIO.includes(blockShape(block)) || isShortInterval(block);
}

/** Talk, demonstrations and water are rest. */
const AT_REST: readonly SegmentKind[] = ["rest", "long-rest", "brief", "demo", "prepare", "after"];

export function checkWorkRest({ doc, score, thresholds, slots }: ReviewContext): Found[] {
  const main = new Set(
    [...slots.values()].flatMap(({ main: own, block }) => (own && !hasOwnRatio(block) ? [block.id] : [])),
  );
  let work = 0;
  let rest = 0;
  let at = 0;
  for (const { kind, block, start, end } of score.segments) {
    if (!main.has(block)) continue;
    if (kind === "work") {
      if (work === 0) at = start;
      work += end - start;
    } else if (AT_REST.includes(kind)) rest += end - start;
  }
  if (work === 0 || rest === 0) return [];
  const [least, most] = thresholds.stance[doc.stance].workRest;
  const ratio = work / rest;
  if (ratio >= least - 1e-9 && ratio <= most + 1e-9) return [];
  return [
    {
      says: {
        code: "work-rest",
        ratio: { ratio },
        work: { clock: work },
        rest: { clock: rest },
        least: { ratio: least },
        most: { ratio: most },
      },
      at,
    },
  ];
}
