/** Energy costs of moves. */
import type { Energy } from "../move";

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
