/** What a class that is too short could have more of, before anything in it is padded. */
import type { Block, ClassDoc } from "../class/document";
import { expandedSeconds } from "../class/expand";
import type { Thresholds } from "../effort/thresholds";
import type { Person } from "../homes/home";
import type { MoveBook } from "../moves/book";
import { scoreOf } from "../score/score";
import type { Seconds } from "../units";
import { endsOf } from "./ends";
import { plainEnd, proposedBlock } from "./proposed-block";

export interface Proposal {
  readonly kind: "warmup" | "cooldown" | "block";
  readonly block: Block;
  /** The block before which it is put; null: at the end. */
  readonly before: string | null;
  /** Seconds of the class with it. */
  readonly total: Seconds;
}

/** Lacking less than this a class needs no block more. */
const A_BLOCK: Seconds = 180;

/** A warm-up and a cool-down where there is none, and a block that this room can do; nothing where the class is long enough. */
export function proposalsFor(
  doc: ClassDoc,
  library: MoveBook,
  people: readonly Person[],
  thresholds: Thresholds,
  seconds: Seconds,
): readonly Proposal[] {
  const score = scoreOf(doc, library);
  const lacking = seconds - score.seconds.plan;
  if (lacking <= 0) return [];
  const totalWith = (block: Block) =>
    score.seconds.plan + expandedSeconds({ ...doc, blocks: [block] }, library, "plan");
  const ends = endsOf(doc, score, thresholds)
    .filter(({ blocks, least }) => blocks.length === 0 && least <= lacking + 60)
    .map(({ role, least }): Proposal => {
      const { block, before } = plainEnd(doc, role, least);
      return { kind: role, block, before, total: totalWith(block) };
    });
  // One thing at a time: first what is missing.
  if (ends.length > 0 || lacking < A_BLOCK) return ends;
  const more = proposedBlock(doc, library, people, lacking);
  return more ? [{ kind: "block", ...more, total: totalWith(more.block) }] : [];
}
