/** Moves that stand on the one scale of strength. */
import type { KnownMove } from "../moves/book";
import type { Pattern, Strength } from "../moves/move";
import { type Half, halfOf, type Region, regionOf } from "./regions";

/** A move of which it is known what it moves and which strength that takes. */
export interface ScaledMove {
  /** The move's id; of one by name that of the one it is like, else its name. */
  readonly key: string;
  readonly pattern: Pattern;
  readonly region: Region;
  readonly half: Half;
  readonly strength: Strength;
  /** a(m): how far people differ in it; less where the body is most of the load. */
  readonly spread: number;
  /** c(m): how far not knowing somebody's mass matters. */
  readonly free: number;
}

const known = new WeakMap<KnownMove, ScaledMove | null>();

function scale(move: KnownMove): ScaledMove | null {
  const { strength, pattern } = move;
  const region = regionOf(pattern);
  if (!strength || !pattern || !region || strength.maximum <= 0) return null;
  const share = strength.body / strength.maximum;
  return {
    key: move.id ?? move.like ?? move.name,
    pattern,
    region,
    half: halfOf(region),
    strength,
    spread: Math.max(0.3, 1 - 0.6 * share),
    free: Math.max(0, 1 - share),
  };
}

/** A move on the scale; null where it isn't done against a load or too little is known of it. */
export function scaledMove(move: KnownMove | undefined): ScaledMove | null {
  if (!move) return null;
  const there = known.get(move);
  if (there !== undefined) return there;
  const made = scale(move);
  known.set(move, made);
  return made;
}
