/** What a fit takes from a class, or gives it: work, rest and sets of the main work, before and after. */
import type { ClassDoc } from "../class/document";
import { isMain } from "../effort/hard";
import type { MoveBook } from "../moves/book";
import { scoreOf } from "../score/score";
import type { Seconds } from "../units";

export interface Sums {
  /** Seconds of work, sides among it. */
  readonly work: Seconds;
  /** Seconds of rest between pieces, rounds and blocks. */
  readonly rest: Seconds;
  /** Turns of a move: both sides are one. */
  readonly sets: number;
}

const RESTS: readonly string[] = ["rest", "long-rest", "after"];

/** Of the main blocks and finishers. */
export function sumsOf(doc: ClassDoc, library: MoveBook): Sums {
  const main = new Set(doc.blocks.filter(isMain).map(({ id }) => id));
  const turns = new Set<string>();
  let work = 0;
  let rest = 0;
  for (const { kind, block, slot, round, start, end } of scoreOf(doc, library).segments) {
    if (!main.has(block)) continue;
    if (RESTS.includes(kind)) rest += end - start;
    if (kind !== "work") continue;
    work += end - start;
    turns.add(`${block} ${slot} ${round}`);
  }
  return { work, rest, sets: turns.size };
}

/** What changes of these sums, before and after; nothing where only what stands around the main work does. */
export function lossOf(
  before: ClassDoc,
  after: ClassDoc,
  library: MoveBook,
): readonly { readonly of: keyof Sums; readonly was: number; readonly now: number }[] {
  const [was, now] = [sumsOf(before, library), sumsOf(after, library)];
  return (["sets", "work", "rest"] as const)
    .filter((of) => was[of] !== now[of])
    .map((of) => ({ of, was: was[of], now: now[of] }));
}
