/** The room of the good classes: beginners and strong people, bands, one kettlebell, a chair, nothing at all. */
import type { Person } from "../../homes/home";
import { kit } from "../class-builders";

const someone = (id: string, more: Partial<Person>): Person => ({
  id,
  name: `${id} Osmay`,
  kit: [],
  ...more,
});

export const ROOM: readonly Person[] = [
  someone("Asta", {
    space: { floor: "smooth", jumping: false },
    limits: ["quiet"],
    kit: kit({ type: "dumbbell", count: 2, kg: 8 }, { type: "mini-band", count: 1, tension: "medium" }),
  }),
  someone("Birger", {
    kit: kit({ type: "kettlebell", kg: 16 }, { type: "tube-band", tension: "medium" }),
    space: { floor: "mat", ceilingCm: 210 },
  }),
  someone("Cora", { mark: "flat", kit: kit({ type: "kettlebell", kg: 24 }) }),
  someone("Dagny", {
    mark: "flat",
    limits: ["no-straining", "no-head-down"],
    kit: kit(
      { type: "tube-band", tension: "light" },
      { type: "chair", sturdy: true },
      { type: "dumbbell", count: 2, kg: 3 },
    ),
  }),
  someone("Eskil", {}),
  someone("Freja", {
    mark: "sharp",
    space: { floor: "smooth", lengthM: 5, ceilingCm: 260, jumping: true },
    kit: kit(
      { type: "adjustable-dumbbell", count: 2, minKg: 2, maxKg: 24, stepKg: 2 },
      { type: "barbell", kg: 15 },
      { type: "plate", count: 4, kg: 10 },
      { type: "bench", sturdy: true },
    ),
  }),
  someone("Gro", {
    limits: ["shallow-knees", "no-kneeling", "no-jumping"],
    kit: kit({ type: "dumbbell", count: 2, kg: 6 }, { type: "chair", sturdy: true }),
  }),
  someone("Halla", { limits: ["no-wrist-load"], kit: kit({ type: "dumbbell", count: 2, kg: 10 }) }),
  someone("Isak", {
    limits: ["no-spine-flexion", "no-twisting", "no-deep-hinge"],
    kit: kit({ type: "kettlebell", kg: 12 }),
  }),
  someone("Jorunn", { mark: "sharp", kit: kit({ type: "dumbbell", count: 2, kg: 6 }) }),
  someone("Kari", {
    kit: kit({ type: "loop-band", tension: "heavy" }, { type: "door-anchor" }, { type: "door" }),
  }),
  someone("Lasse", {
    mark: "flat",
    limits: ["balance-support", "no-quick-turns", "no-floor", "no-jumping"],
    kit: kit({ type: "chair", sturdy: true }, { type: "counter" }, { type: "bottle", count: 2 }),
  }),
  someone("Mette", { kit: kit({ type: "dumbbell", count: 2, kg: 12.5 }, { type: "towel", count: 1 }) }),
];
