/** Exposures for tests: three sets of goblet squats at the top of their range, with enough left. */
import type { Exposure } from "../progress/exposure";

export const exposureAt = (day: string, more: Partial<Exposure> = {}): Exposure => ({
  day,
  move: "goblet-squat",
  kind: "reps",
  sets: 3,
  setsMeant: 3,
  reps: 12,
  repsMeant: { min: 8, plan: 10, max: 12 },
  seconds: null,
  secondsMeant: null,
  eachKg: 12,
  more: "2-3",
  reserveMeant: 2,
  effort: 6,
  hurt: false,
  ...more,
});
