/** Numbers drawn from a seed: the same seed gives the same numbers everywhere. */
import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";

export interface Chance {
  /** From 0 up to 1. */
  readonly share: () => number;
  readonly between: (least: number, most: number) => number;
  /** True so often, of 1. */
  readonly happens: (share: number) => boolean;
  /** About 0, a standard deviation of 1 (Box & Muller 1958). */
  readonly normal: () => number;
}

/** A number for a text: the same each time (FNV-1a). */
function numberOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return hash;
}

/** What is drawn for one name under a seed: what others draw doesn't change it. */
export function chanceOf(seed: number, name: string): Chance {
  const generator = xoroshiro128plus(Math.imul(seed + 1, 0x9e3779b1) ^ numberOf(name));
  const share = () => uniformFloat64(generator);
  const between = (least: number, most: number) => least + share() * (most - least);
  return {
    share,
    between,
    happens: (part) => share() < part,
    normal: () => Math.sqrt(-2 * Math.log(1 - share())) * Math.cos(2 * Math.PI * share()),
  };
}
