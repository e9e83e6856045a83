/** The moves that a slot's move leads to by links, and how far each lies in difficulty. */
import type { KnownMove, MoveBook } from "../moves/book";
import type { Link, LinkKind } from "../moves/move";

/** Links are followed this many times at most. */
export const REACH = 3;

export interface Reached {
  readonly move: KnownMove;
  /** Links followed. */
  readonly steps: number;
  /** Harder links less easier ones: −1 is one step easier than the start. */
  readonly level: number;
  /** Whether a swap lies on the way. */
  readonly swapped: boolean;
  /** The links that were followed, from the start on. */
  readonly links: readonly Link[];
}

/**
 * Every move within reach of `start`, itself first, each by its shortest way (ties: the way found
 * first in the order of the links, so that screens are stable). Breadth first.
 */
export function reachableFrom(start: KnownMove, book: MoveBook): readonly Reached[] {
  const found: Reached[] = [{ move: start, steps: 0, level: 0, swapped: false, links: [] }];
  const seen = new Set([start.id ?? start.name]);
  for (let i = 0; i < found.length; i += 1) {
    const here = found[i] as Reached;
    if (here.steps === REACH) continue;
    for (const link of here.move.links ?? []) {
      const move = book.get(link.to);
      if (!move || seen.has(link.to)) continue;
      seen.add(link.to);
      found.push({
        move,
        steps: here.steps + 1,
        level: here.level + levelStep(link.kind),
        swapped: here.swapped || link.kind === "swap",
        links: [...here.links, link],
      });
    }
  }
  return found;
}

function levelStep(kind: LinkKind): number {
  return kind === "harder" ? 1 : kind === "easier" ? -1 : 0;
}
