/** How the library's files write a move: what differs is given, what is usual for all is filled in here. */
import type { Energy, LinkHow, LinkKind, Move, Need } from "../move";

/**
 * Energy costs: category headings and values of the 2011 Compendium of Physical Activities
 * (Ainsworth et al. 2011, "conditioning exercise"). A move that fits no heading gets `estimate`.
 */
export const ENERGY = {
  lightCalisthenics: { met: 2.8, category: "calisthenics, light effort" },
  calisthenics: { met: 3.8, category: "calisthenics, moderate effort" },
  hardCalisthenics: { met: 8, category: "calisthenics, vigorous effort" },
  resistance: { met: 3.5, category: "resistance training, multiple exercises, 8–15 repetitions" },
  squats: { met: 5, category: "resistance training, squats" },
  jogging: { met: 8, category: "jogging, in place" },
  hardResistance: { met: 6, category: "resistance training, free weights, vigorous effort" },
  stretching: { met: 2.3, category: "stretching, mild" },
} as const satisfies Record<string, Energy>;

/** An energy cost of our own guessing, marked as such. */
export function estimate(met: number): Energy {
  return { met, category: null };
}

/** A link as the files write it; the other direction is added by the library. */
export type WrittenLink = readonly [kind: LinkKind, to: string, how: LinkHow];

type Usual = Pick<
  Move,
  | "impact"
  | "noise"
  | "isometric"
  | "stable"
  | "landings"
  | "needs"
  | "loads"
  | "room"
  | "setupSeconds"
  | "demoSeconds"
>;

/** What is usual for a move, in the library and in one of a coach's own. */
export const USUAL: Usual = {
  impact: "none",
  noise: "quiet",
  isometric: false,
  stable: true,
  landings: { perRep: 0, weight: 0 },
  needs: [[]],
  loads: [],
  room: { lengthM: 2, heightCm: 210 },
  setupSeconds: 0,
  demoSeconds: 12,
};

export type WrittenMove = Omit<Move, keyof Usual | "links"> &
  Partial<Usual> & { readonly links?: readonly WrittenLink[] };
export type LibraryMove = Omit<Move, "links"> & { readonly links: readonly WrittenLink[] };

/** A move with what is usual filled in. */
export function define(move: WrittenMove): LibraryMove {
  return { ...USUAL, ...move, links: move.links ?? [] };
}

/** Hand weights: `count` of them, alike in weight. */
export function handWeights(count: 1 | 2, fromKg: number, toKg: number): Need {
  return { as: "hand-weight", count, kg: [fromKg, toKg], ...(count === 2 ? { equal: true } : {}) };
}

/** One weight held in both hands. */
export function heldWeight(fromKg: number, toKg: number): Need {
  return { as: "held-weight", kg: [fromKg, toKg] };
}

/** Furniture that carries body weight, by height in cm. */
export function sturdy(fromCm: number, toCm: number): Need {
  return { as: "support", bearsWeight: true, heightCm: [fromCm, toCm] };
}

export const LONG_BAND: Need = { as: "long-band" };
export const WALL: Need = { as: "wall" };

export const CAUTION = {
  furniture: "Furniture that carries you: sturdy, pushed against a wall, nothing on castors.",
  door: "Door shut and latched, pulled only the way that closes it; tug twice before you lean.",
  band: "Look the band over for nicks; keep your eyes out of the line of pull and your feet flat on it.",
  overhead: "Clear the space above: lamp, ceiling, children and pets out of the way.",
  landing: "Shoes on, dry floor; land softly, and mind the ceiling and the neighbours.",
  sliding: "No running start on a smooth floor; keep a hand near support.",
  balance: "Stand next to a wall or chair that you can touch.",
} as const;
