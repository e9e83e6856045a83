/** What stands between pieces: fillers that work what works anyway, and hard pieces with nothing between them. */

import { setBlock } from "../class/commands";
import { type Block, type MoveRef, slotsOf } from "../class/document";
import { type BlockShape, blockShape } from "../class/sentence";
import { moveEffort } from "../effort/demand";
import { resolveMove } from "../moves/book";
import { named } from "../reasons/named";
import { regionOf } from "../strength/regions";
import type { Seconds } from "../units";
import { spanTriple } from "../values/span";
import { type Piece, type ReviewContext, type SlotFacts, shared } from "./context";
import type { Fix, Found } from "./finding";

/** A filler of less effort than this and without a load is a way to rest. */
const WORKS = 5;

/** The slots on both sides of a block's fillers: within a round, or from its last slot to its first. */
function besides(list: readonly SlotFacts[], key: "restMove" | "longRestMove", rounds: number) {
  const [first, last] = [list[0], list.at(-1)];
  if (key === "longRestMove") return first && last && rounds > 1 ? [[last, first] as const] : [];
  return list.slice(1).map((facts, i) => [list[i] as SlotFacts, facts] as const);
}

function fillerFound(
  { slots, book }: ReviewContext,
  block: Block,
  key: "restMove" | "longRestMove",
): Found[] {
  const ref: MoveRef | undefined = block[key];
  if (ref === undefined) return [];
  const filler = resolveMove(ref, book);
  if (regionOf(filler.pattern) === null && moveEffort(filler) < WORKS) return [];
  const list = slotsOf(block).flatMap((slot) => slots.get(slot.id) ?? []);
  const hit = besides(list, key, spanTriple(block.rounds, 1).plan)
    .flatMap(([before, next]) => [
      { facts: before, when: "after" as const },
      { facts: next, when: "before" as const },
    ])
    .find(({ facts }) => shared(filler, facts.move).length > 0);
  if (!hit) return [];
  return [
    {
      says: {
        code: "filler-muscle",
        move: named(filler),
        muscles: { muscles: shared(filler, hit.facts.move) },
        when: hit.when,
        beside: named(hit.facts.move),
      },
      where: { block: block.id },
      at: hit.facts.at,
      fixes: [{ says: { code: "no-filler" }, edit: setBlock(block, key, undefined) }],
    },
  ];
}

/** Code: `filler-muscle`, what fills a rest works what has just worked, or works next. */
export function checkFillers(context: ReviewContext): Found[] {
  return context.doc.blocks.flatMap((block) => [
    ...fillerFound(context, block, "restMove"),
    ...fillerFound(context, block, "longRestMove"),
  ]);
}

/** Shapes in which moves run into one another on purpose. */
const RUNS: readonly BlockShape[] = ["superset", "triset", "as-many-rounds", "windows"];
/** Effort from which a piece is hard in a row of them. */
const HARD = 6;
/** So many run on without anybody minding. */
const MOST = 2;
/** A gap shorter than this is none. */
const A_GAP: Seconds = 3;

function isMeantSo(block: Block): boolean {
  return block.stacked === true || RUNS.includes(blockShape(block));
}

interface Run {
  readonly from: Piece;
  readonly count: number;
}

function isHardPiece({ facts }: Piece): boolean {
  return facts.main && facts.effort >= HARD && !isMeantSo(facts.block);
}

/** The two sides of one turn. */
function isOtherSide(last: Piece, piece: Piece): boolean {
  return last.facts.slot === piece.facts.slot && last.segment.side !== piece.segment.side;
}

/** A run with one piece more, or a new one where there was a gap. */
function runOn(run: Run | null, last: Piece | null, piece: Piece): Run {
  if (!run || !last || piece.segment.start - last.segment.end >= A_GAP) return { from: piece, count: 1 };
  return { from: run.from, count: run.count + (isOtherSide(last, piece) ? 0 : 1) };
}

/** Runs of hard pieces with no gap, the two sides of one turn as one piece; the longest that begins in each block. */
function runsOf(pieces: readonly Piece[]): ReadonlyMap<Block, Run> {
  const longest = new Map<Block, Run>();
  let run: Run | null = null;
  let last: Piece | null = null;
  for (const piece of pieces) {
    run = isHardPiece(piece) ? runOn(run, last, piece) : null;
    last = piece;
    const block = run?.from.facts.block;
    if (run && block && run.count > (longest.get(block)?.count ?? MOST)) longest.set(block, run);
  }
  return longest;
}

/** Rest that gives a run of pieces air. */
const AIR: Seconds = 15;

function airFixes(block: Block): Fix[] {
  return spanTriple(block.rest).plan >= A_GAP || slotsOf(block).length < 2
    ? []
    : [
        {
          says: { code: "rest-in", seconds: AIR, block: { block: block.title } },
          edit: setBlock(block, "rest", AIR),
        },
        { says: { code: "meant-so" }, edit: setBlock(block, "stacked", true) },
      ];
}

/** Code: `no-rest`, more than two hard pieces with no gap in a block that isn't meant so. */
export function checkNoRest({ pieces }: ReviewContext): Found[] {
  return [...runsOf(pieces)].map(([block, { from, count }]) => ({
    says: {
      code: "no-rest",
      pieces: count,
      block: { block: block.title },
      from: { clock: from.segment.start },
    },
    where: { block: block.id },
    at: from.segment.start,
    fixes: airFixes(block),
  }));
}
