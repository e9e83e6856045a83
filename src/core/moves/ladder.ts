/** A move's chain from the easiest to the hardest, as levels with the links between them. */
import type { KnownMove, MoveBook } from "./book";
import type { LinkHow } from "./move";

export interface Rung {
  readonly move: KnownMove;
  /** Steps from the move that is asked about: −1 is one easier. */
  readonly level: number;
}

export interface LadderStep {
  readonly easier: string;
  readonly harder: string;
  readonly how: LinkHow;
}

export interface Ladder {
  /** Easiest first; within a level by name. */
  readonly rungs: readonly Rung[];
  readonly steps: readonly LadderStep[];
}

/** Levels are followed this far to either side. */
const FAR = 3;

/** The moves one step further this way that weren't reached yet, by their ids. */
function stepsFrom(
  here: readonly KnownMove[],
  kind: "easier" | "harder",
  book: MoveBook,
  reached: ReadonlyMap<string, number>,
): ReadonlyMap<string, KnownMove> {
  const next = new Map<string, KnownMove>();
  for (const link of here.flatMap((from) => from.links ?? [])) {
    const to = link.kind === kind && !reached.has(link.to) ? book.get(link.to) : undefined;
    if (to) next.set(link.to, to);
  }
  return next;
}

/**
 * Going only down for what is easier and only up for what is harder, so that every rung lies on a
 * chain with the move itself; each at the fewest steps.
 */
export function ladderOf(move: KnownMove, book: MoveBook): Ladder {
  const level = new Map<string, number>();
  const found = new Map<string, KnownMove>();
  const id = move.id ?? move.name;
  level.set(id, 0);
  found.set(id, move);
  for (const [kind, by] of [
    ["easier", -1],
    ["harder", 1],
  ] as const) {
    let here: readonly KnownMove[] = [move];
    for (let n = 1; n <= FAR && here.length > 0; n += 1) {
      const next = stepsFrom(here, kind, book, level);
      for (const [key, to] of next) {
        level.set(key, n * by);
        found.set(key, to);
      }
      here = [...next.values()];
    }
  }
  const rungs = [...found]
    .map(([key, rung]) => ({ move: rung, level: level.get(key) as number }))
    .sort((a, b) => a.level - b.level || (a.move.name < b.move.name ? -1 : 1));
  const steps = rungs.flatMap(({ move: from, level: own }) =>
    (from.links ?? [])
      .filter((link) => link.kind === "harder" && (level.get(link.to) ?? own) > own)
      .map((link) => ({ easier: from.id ?? from.name, harder: link.to, how: link.how })),
  );
  return { rungs, steps };
}
