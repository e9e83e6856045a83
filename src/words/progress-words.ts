/** What somebody might do next, in words. */
import type { KnownMove } from "../core/moves/book";
import type { Exposure } from "../core/progress/exposure";
import type { Proposal, Step } from "../core/progress/proposal";
import { lowerFirst } from "./letters";
import type { Words } from "./words";

/** A step as what to do: `14 kg each instead of 12`. */
export function stepText(step: Step, words: Words, moveOf: (id: string) => KnownMove | undefined): string {
  switch (step.do) {
    case "weight":
      return words.phrase("progress", "weight", {
        to: words.number(step.toKg),
        from: words.number(step.fromKg),
      });
    case "reps":
      return words.phrase("progress", "reps", { to: step.to, from: step.from });
    case "hold":
      return words.phrase("progress", "hold", { to: step.to, from: step.from });
    case "move":
      return words.phrase("progress", "move", {
        way: step.way,
        move: lowerFirst(moveOf(step.to)?.name ?? step.to),
      });
    default:
      return words.phrase("progress", STEP_KEY[step.do]);
  }
}

const STEP_KEY = {
  same: "same",
  slower: "slower",
  pause: "pause",
  "one-and-a-half": "oneAndAHalf",
  "more-in-time": "moreInTime",
  "less-rest": "lessRest",
  "another-round": "anotherRound",
  ask: "ask",
} as const satisfies Readonly<Record<Exclude<Step["do"], "weight" | "reps" | "hold" | "move">, string>>;

/** What was done in one class: `3 × 12, 12 kg each, 2–3 left`. */
export function exposureText({ sets, reps, seconds, eachKg, more, hurt }: Exposure, words: Words): string {
  const each = reps ?? (seconds === null ? null : `${seconds} s`);
  return [
    each === null ? "" : `${sets} × ${each}`,
    eachKg === null ? "" : words.phrase("live", "loadEach", { kg: words.number(eachKg) }),
    more === null ? "" : words.phrase("progress", "more", { more: words.name("more", more) }),
    hurt ? words.phrase("progress", "hurt") : "",
  ]
    .filter(Boolean)
    .join(", ");
}

/** A proposal as it is read: what, why, and what it is made from. */
export interface ProposalText {
  readonly move: string;
  readonly what: string;
  readonly why: string;
  readonly evidence: readonly { readonly day: string; readonly text: string }[];
}

export function proposalText(
  { move, step, why, evidence }: Proposal,
  words: Words,
  moveOf: (id: string) => KnownMove | undefined,
): ProposalText {
  return {
    move: moveOf(move)?.name ?? move,
    what: stepText(step, words, moveOf),
    why: words.phrase("progressWhy", WHY_KEY[why]),
    evidence: evidence.map((each) => ({ day: each.day, text: exposureText(each, words) })),
  };
}

const WHY_KEY = {
  ready: "ready",
  "not-yet": "notYet",
  "said-too-little": "saidTooLittle",
  hurt: "hurt",
  missed: "missed",
  "hard-class": "hardClass",
  away: "away",
  "long-away": "longAway",
} as const satisfies Readonly<Record<Proposal["why"], string>>;
