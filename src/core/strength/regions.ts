/** Which moves share strength: regions of the body, and its halves. */
import type { Pattern } from "../moves/move";

export const REGIONS = [
  "knee",
  "hip",
  "push-horizontal",
  "push-vertical",
  "pull-horizontal",
  "pull-vertical",
  "arm-flexion",
  "arm-extension",
  "shoulder-raise",
  "trunk",
  "calf",
  "hip-abduction",
  "carry",
] as const;
export type Region = (typeof REGIONS)[number];
export type Half = "lower" | "trunk" | "upper";

/** Null: a pattern that isn't done against a load. */
const REGION: Readonly<Record<Pattern, Region | null>> = {
  squat: "knee",
  lunge: "knee",
  hinge: "hip",
  "push-horizontal": "push-horizontal",
  "push-vertical": "push-vertical",
  "pull-horizontal": "pull-horizontal",
  "pull-vertical": "pull-vertical",
  "arm-flexion": "arm-flexion",
  "arm-extension": "arm-extension",
  "shoulder-raise": "shoulder-raise",
  brace: "trunk",
  flex: "trunk",
  rotate: "trunk",
  calf: "calf",
  "hip-abduction": "hip-abduction",
  carry: "carry",
  jump: null,
  run: null,
  stretch: null,
  mobility: null,
};

const LOWER: readonly Region[] = ["knee", "hip", "calf", "hip-abduction"];

/** The region that a pattern's strength belongs to; null where it isn't done against a load, or is not known. */
export function regionOf(pattern: Pattern | undefined): Region | null {
  return pattern === undefined ? null : REGION[pattern];
}

/** The half of the body that a region belongs to. */
export function halfOf(region: Region): Half {
  if (region === "trunk") return "trunk";
  return LOWER.includes(region) ? "lower" : "upper";
}
