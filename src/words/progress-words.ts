/** What somebody might do next, in words. */
import type { Goal } from "../core/homes/goals";
import type { KnownMove } from "../core/moves/book";
import type { Verdict } from "../core/progress/decisions";
import type { Exposure } from "../core/progress/exposure";
import type { Proposal, Step } from "../core/progress/proposal";
import { shortDay } from "./when-words";
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
        move: words.inside(moveOf(step.to)?.name ?? step.to),
      });
    case "keep":
      return step.rounds === undefined
        ? words.phrase("progress", "keepSeconds", { seconds: step.seconds ?? 0 })
        : words.phrase("progress", "keepRounds", { rounds: step.rounds });
    default:
      return words.phrase("progress", STEP_KEY[step.do]);
  }
}

/** A goal as what to do, for whom it is: nothing of what only the class decides. */
export function goalText(goal: Goal, words: Words): string {
  const parts = [
    goal.kg === undefined ? "" : words.phrase("progress", "goalKg", { kg: words.number(goal.kg) }),
    goal.reps === undefined ? "" : words.phrase("progress", "goalReps", { reps: goal.reps }),
    goal.seconds === undefined ? "" : words.phrase("progress", "goalSeconds", { seconds: goal.seconds }),
    goal.rounds === undefined ? "" : words.phrase("progress", "keepRounds", { rounds: goal.rounds }),
    ...(goal.on ?? []).map((way) => words.phrase("progress", STEP_KEY[way])),
  ];
  return parts.filter(Boolean).join(", ");
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
} as const satisfies Readonly<
  Record<Exclude<Step["do"], "weight" | "reps" | "hold" | "move" | "keep">, string>
>;

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
    evidence: evidence.map((each) => ({ day: shortDay(each.day, words), text: exposureText(each, words) })),
  };
}

/** A proposal with what may stand in its place and what was decided, as a line to decide about. */
export function nextLine(
  next: {
    readonly proposal: Proposal;
    readonly choices: readonly Step[];
    readonly decided: { readonly verdict: Verdict; readonly step: Step } | null;
  },
  words: Words,
  moveOf: (id: string) => KnownMove | undefined,
) {
  const { proposal, choices, decided } = next;
  const { move: name, ...text } = proposalText(proposal, words, moveOf);
  return {
    ...text,
    move: proposal.move,
    name,
    step: proposal.step,
    // The proposed one is the first of them.
    others: choices.slice(1).map((step) => ({ step, text: stepText(step, words, moveOf) })),
    decided: decided && { verdict: decided.verdict, text: stepText(decided.step, words, moveOf) },
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
