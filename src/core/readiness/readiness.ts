/**
 * The readiness check before a first class, in two groups, whose words (our own) are in `src/words`. The division into who
 * should ask first and who adapts follows the published preparticipation screening of Riebe et al. 2015
 * (Med Sci Sports Exerc 47(11):2473–2479). It clears nobody and diagnoses nothing.
 */
import type { Limit } from "../homes/limits";
import type { Ms } from "../units";

/** Any of these: ask a professional before joining. */
export const ASK_FIRST = ["chest", "faint", "breath", "condition", "surgery", "told"] as const;
export type AskFirst = (typeof ASK_FIRST)[number];

/** Any of these: choose the limits that apply, and ask a professional if unsure. */
export const ADAPT = ["joint", "pregnancy", "medication", "balance"] as const;
export type Adapt = (typeof ADAPT)[number];

/** Limits that are worth looking at for each; the person chooses, and gives no reason to anybody. */
export const LIMITS_FOR: Record<Adapt, readonly Limit[]> = {
  joint: ["no-jumping", "shallow-knees", "no-kneeling", "no-deep-hinge", "no-overhead", "no-wrist-load"],
  pregnancy: ["no-jumping", "not-on-back", "not-face-down", "no-straining", "no-long-holds"],
  medication: ["no-straining", "no-head-down", "no-long-holds"],
  balance: ["balance-support", "no-single-leg", "no-quick-turns", "no-jumping"],
};

/** What a person answered. `shareAskFirst`: the instructor may know that something of the first group applies. */
export interface ReadinessAnswers {
  readonly askFirst: readonly AskFirst[];
  readonly adapt: readonly Adapt[];
  readonly shareAskFirst: boolean;
}

/** Asked again after twelve weeks. */
export const READINESS_WEEKS = 12;

/** Whether the check is to be answered (again). `answeredAtMs` null: never was. */
export function readinessDue(answeredAtMs: Ms | null, nowMs: Ms): boolean {
  return answeredAtMs === null || nowMs - answeredAtMs >= READINESS_WEEKS * 7 * 86_400_000;
}

/** The limits worth looking at for what was answered, each once. */
export function limitsToLookAt(adapt: readonly Adapt[]): readonly Limit[] {
  return [...new Set(adapt.flatMap((entry) => LIMITS_FOR[entry]))];
}
