/** Warm-up and cool-down: that they are there, and long enough. */

import { addBlock, setBlock, setSlot, together } from "../class/commands";
import {
  type Block,
  type ClassDoc,
  dosesOf,
  MOST_ROUNDS,
  mapDoses,
  roundsAreFixed,
  type Slot,
  slotsOf,
} from "../class/document";
import { lastsAsSaid, spanOf, withSpan } from "../class/dose-kinds";
import { expandedSeconds } from "../class/expand";
import { endsOf } from "../shape/ends";
import { plainEnd } from "../shape/proposed-block";
import type { Seconds } from "../units";
import { shiftSpan, spanTriple } from "../values/span";
import type { ReviewContext } from "./context";
import { after } from "./edits";
import type { Fix, Found } from "./finding";

/** Codes: `no-warmup` and `no-cooldown`. */
export function checkEnds(context: ReviewContext): Found[] {
  const { doc, score, thresholds } = context;
  return endsOf(doc, score, thresholds)
    .filter(({ has, least }) => has < least)
    .map(({ role, blocks, has, least, instead }) => ({
      says: {
        code: role === "warmup" ? "no-warmup" : "no-cooldown",
        has: { clock: has },
        least: { clock: least },
        plan: { clock: score.seconds.plan },
        there: blocks.length === 0 ? "no" : "yes",
        instead: { block: instead?.title ?? "" },
      },
      at: role === "warmup" ? 0 : score.seconds.plan,
      fixes: endFixes(context, role, blocks, least, has),
    }));
}

/** More rounds of the block that is there, or a plain new block as long as is wanted. */
function endFixes(
  context: ReviewContext,
  role: "warmup" | "cooldown",
  blocks: readonly Block[],
  least: Seconds,
  has: Seconds,
): Fix[] {
  const [block] = blocks;
  if (!block) return [newEnd(context.doc, role, least)];
  return [...longerPieces(context, block, least - has), ...moreRounds(context, block, least - has)].slice(
    0,
    1,
  );
}

/** Share of a piece by which it may grow before another round is the better answer. */
const GROWS = 1 / 2;

/** So many seconds more for each timed piece of a block, in fives, where that makes up for `lacking` seconds. */
function longerPieces({ doc, library }: ReviewContext, block: Block, lacking: Seconds): Fix[] {
  const timed = slotsOf(block).filter((slot) => dosesOf(slot).every(lastsAsSaid));
  const shortest = Math.min(
    ...timed.flatMap((slot) => dosesOf(slot).map((dose) => spanTriple(spanOf(dose) ?? 0).min)),
  );
  if (timed.length === 0 || block.locked?.includes("dose")) return [];
  const before = expandedSeconds(doc, library, "plan");
  for (let more = 5; more <= shortest * GROWS; more += 5) {
    const longer = (slot: Slot) =>
      setSlot(
        slot,
        "dose",
        mapDoses(slot, (dose) => withSpan(dose, (span) => shiftSpan(span, more, 1, 7200))),
      );
    const edit = together(timed.map(longer));
    const next = after(doc, edit);
    if (next && expandedSeconds(next, library, "plan") - before >= lacking)
      return [{ says: { code: "longer-in", seconds: more, block: { block: block.title } }, edit }];
  }
  return [];
}

/** As many rounds more of a block, at most six, as make up for `lacking` seconds; nothing where none do. */
function moreRounds({ doc, library }: ReviewContext, block: Block, lacking: Seconds): Fix[] {
  // A span of rounds says that the number is left open on purpose.
  if (block.cap !== undefined || roundsAreFixed(block) || typeof (block.rounds ?? 1) !== "number") return [];
  const rounds = spanTriple(block.rounds, 1).plan;
  const before = expandedSeconds(doc, library, "plan");
  for (let more = 1; more <= Math.min(6, MOST_ROUNDS - rounds); more += 1) {
    const edit = setBlock(block, "rounds", rounds + more);
    const next = after(doc, edit);
    if (next && expandedSeconds(next, library, "plan") - before >= lacking) {
      return [{ says: { code: "rounds-of", rounds: rounds + more, block: { block: block.title } }, edit }];
    }
  }
  return [];
}

/** A plain new block at an end of the class, `length` seconds long. */
function newEnd(doc: ClassDoc, role: "warmup" | "cooldown", length: Seconds): Fix {
  const { block, before } = plainEnd(doc, role, length);
  return {
    says: { code: role === "warmup" ? "begin-warmup" : "end-cooldown", length: { clock: length } },
    edit: addBlock(block, before),
  };
}
