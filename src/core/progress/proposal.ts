/** What somebody might do next in a move, with its reason and what it is made from. */
import type { Seconds } from "../units";
import type { Exposure } from "./exposure";

/** From what was done to what is proposed. Each is one step: never two at once. */
export type Step =
  | { readonly do: "same" }
  /** Another weight that this home can make, kg of each thing. */
  | { readonly do: "weight"; readonly fromKg: number; readonly toKg: number }
  /** More or fewer reps in each set, at the same weight. */
  | { readonly do: "reps"; readonly from: number; readonly to: number }
  /** Harder without a heavier weight, in this order. */
  | { readonly do: "slower" | "pause" | "one-and-a-half" }
  /** Another move of the ladder. */
  | { readonly do: "move"; readonly to: string; readonly way: "easier" | "harder" }
  | { readonly do: "hold"; readonly from: Seconds; readonly to: Seconds }
  /** Of a timed piece: more reps in it, then less rest, then another round. */
  | { readonly do: "more-in-time" | "less-rest" | "another-round" }
  /** The class takes a step that they don't: so many rounds or seconds of it, as before. */
  | { readonly do: "keep"; readonly rounds?: number; readonly seconds?: Seconds }
  /** It hurt: asked about, not worked around. */
  | { readonly do: "ask" };

/** Why: closed, so that the words of a language are complete. */
export const PROGRESS_REASONS = [
  "ready",
  "not-yet",
  "said-too-little",
  "hurt",
  "missed",
  "hard-class",
  "away",
  "long-away",
] as const;
export type ProgressReason = (typeof PROGRESS_REASONS)[number];

export interface Proposal {
  readonly move: string;
  readonly step: Step;
  readonly why: ProgressReason;
  /** The latest first. */
  readonly evidence: readonly Exposure[];
}

/** Whether a step asks for more than was done. */
export function isUp(step: Step): boolean {
  switch (step.do) {
    case "weight":
      return step.toKg > step.fromKg;
    case "reps":
    case "hold":
      return step.to > step.from;
    case "move":
      return step.way === "harder";
    case "same":
    case "keep":
    case "ask":
      return false;
    default:
      return true;
  }
}
