import type { BodyLoad, LinkHow, Move } from "@/core/moves/move";

export const HOW_WORDS: Record<LinkHow, string> = {
  lever: "lever",
  range: "range",
  support: "support",
  stability: "stability",
  impact: "impact",
  speed: "speed",
  load: "load",
  limbs: "one or two limbs",
  pause: "pause",
  kit: "other kit",
  position: "position",
};

export const LOAD_WORDS: Record<BodyLoad, string> = {
  floor: "on the floor",
  kneeling: "kneeling",
  wrist: "wrists",
  "deep-knee": "deep knee",
  overhead: "overhead",
  "deep-hinge": "deep hinge",
  "spine-flexion": "rounding the back",
  twist: "twisting",
  "long-hold": "long hold",
  balance: "balance",
  straining: "straining",
  "head-down": "head down",
  grip: "gripping",
  "quick-turn": "quick turns",
  "single-leg": "one leg",
  jump: "jumping",
};

export const SIDES_WORDS: Record<Move["sides"], string> = {
  both: "both sides together",
  alternating: "sides in turn, rep by rep",
  inTurn: "one side, then the other",
};

/** `push-horizontal` as people say it. */
export function spaced(text: string): string {
  return text.replaceAll("-", " ");
}
