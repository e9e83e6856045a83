/** Positions of the body, as a move is done in them. */
export const POSITIONS = [
  "standing",
  "half-kneeling",
  "kneeling",
  "all-fours",
  "plank",
  "prone",
  "supine",
  "side-lying",
  "seated",
] as const;
export type Position = (typeof POSITIONS)[number];
