/** What an instructor decided about proposals, and the goals that follow from it. */
import type { Goal, Goals, WayOn } from "../homes/goals";
import type { Proposal, Step } from "./proposal";

export const VERDICTS = ["accepted", "changed", "dismissed"] as const;
export type Verdict = (typeof VERDICTS)[number];

/** One decision about one move of a person; never overwritten, the latest of a move holds. */
export interface Decision {
  readonly move: string;
  /** What was proposed, or put in its place. */
  readonly step: Step;
  readonly verdict: Verdict;
  /** `YYYY-MM-DD` on which it was decided. */
  readonly day: string;
  /** The day of the latest class that it was made from: a later one is a new question. */
  readonly evidence: string;
}

const isOn = (step: Step): step is Extract<Step, { readonly do: WayOn }> =>
  step.do === "slower" ||
  step.do === "pause" ||
  step.do === "one-and-a-half" ||
  step.do === "more-in-time" ||
  step.do === "less-rest" ||
  step.do === "another-round";

/** A goal after one more step: at another weight what made the last one harder is over. */
export function goalAfter(goal: Goal | null, step: Step, since: string): Goal | null {
  const { since: _was, move: _other, ...kept } = goal ?? { since };
  if (isOn(step))
    return { ...kept, since, on: [...(kept.on ?? []).filter((way) => way !== step.do), step.do] };
  switch (step.do) {
    case "weight":
      return { since, kg: step.toKg, ...(step.toKg < step.fromKg ? { atMost: true as const } : {}) };
    case "reps":
      return { ...kept, since, reps: step.to };
    case "hold":
      return { ...kept, since, seconds: step.to };
    case "move":
      return { since, move: step.to };
    case "keep": {
      const { do: _, ...own } = step;
      return { ...kept, since, ...own };
    }
    case "same":
    case "ask":
      return goal;
  }
}

/** Decisions by move, the first first; on the same day as they were given. */
function byMove(decisions: readonly Decision[]): ReadonlyMap<string, readonly Decision[]> {
  const made = new Map<string, Decision[]>();
  for (const decision of decisions) made.set(decision.move, [...(made.get(decision.move) ?? []), decision]);
  for (const list of made.values()) list.sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0));
  return made;
}

/** The goals that stand after all decisions. */
export function goalsOf(decisions: readonly Decision[]): Goals {
  const goals: Record<string, Goal> = {};
  for (const [move, list] of byMove(decisions)) {
    const taken = list.filter(({ verdict }) => verdict !== "dismissed");
    const goal = taken.reduce<Goal | null>((now, { step, day }) => goalAfter(now, step, day), null);
    if (goal) goals[move] = goal;
  }
  return goals;
}

/** Steps of a move that were taken since its weight was last changed: what `propose` asks for. */
export function takenIn(goals: Goals | undefined, move: string): readonly WayOn[] {
  return goals?.[move]?.on ?? [];
}

/** Whether a proposal is decided: nothing was confirmed since. */
export function isDecided({ move, evidence }: Proposal, decisions: readonly Decision[]): boolean {
  const last = byMove(decisions).get(move)?.at(-1);
  return last !== undefined && last.evidence >= (evidence[0]?.day ?? "");
}
