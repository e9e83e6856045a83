/** What is usual for a move, in the library and in one of a coach's own. */
import type { Move } from "../move";

export type Usual = Pick<
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
  demoSeconds: 10,
};
