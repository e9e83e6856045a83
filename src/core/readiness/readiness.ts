/**
 * The readiness check before a first class, whose words (our own) are in `src/words`. What is asked, and the
 * division into who should ask first and who adapts, follow the published preparticipation screening of
 * Riebe et al. 2015 (Med Sci Sports Exerc 47(11):2473–2479): present activity, signs and symptoms, known
 * disease, and the effort that is meant. It clears nobody and diagnoses nothing: there is no answer, and no
 * combination of answers, from which it follows that somebody may take part.
 */
import type { Limit } from "../homes/limits";
import type { Ms } from "../units";

/** Any of these: ask a professional before joining. Signs first, then what is known, then what was lately. */
export const ASK_FIRST = [
  "chest",
  "palpitations",
  "faint",
  "breath",
  "ankles",
  "legs",
  "heart",
  "kidney",
  "metabolic",
  "medication",
  "surgery",
  "birth",
  "told",
] as const;
export type AskFirst = (typeof ASK_FIRST)[number];

/** Any of these: choose the limits that apply, and ask a professional if unsure. */
export const ADAPT = [
  "joint",
  "pregnancy",
  "balance",
  "insulin",
  "epilepsy",
  "bones",
  "eyes",
  "hernia",
] as const;
export type Adapt = (typeof ADAPT)[number];

/** Riebe 2015: half an hour at least, on three days a week, for three months. */
export const ACTIVITIES = ["regular", "not-regular"] as const;
export type Activity = (typeof ACTIVITIES)[number];

/** How hard somebody means to go: so that talking is easy, or not. */
export const INTENDED = ["moderate", "hard"] as const;
export type Intended = (typeof INTENDED)[number];

/** Limits that are worth looking at for each; the person chooses, and gives no reason to anybody. */
export const LIMITS_FOR: Record<Adapt, readonly Limit[]> = {
  joint: ["no-jumping", "shallow-knees", "no-kneeling", "no-deep-hinge", "no-overhead", "no-wrist-load"],
  pregnancy: [
    "no-jumping",
    "not-on-back",
    "not-face-down",
    "no-straining",
    "no-long-holds",
    "balance-support",
  ],
  balance: ["balance-support", "no-single-leg", "no-quick-turns", "no-jumping"],
  insulin: ["no-straining"],
  epilepsy: ["balance-support", "no-overhead"],
  bones: ["no-spine-flexion", "no-twisting", "no-jumping", "no-quick-turns", "balance-support"],
  eyes: ["no-straining", "no-head-down", "no-long-holds", "no-jumping"],
  hernia: ["no-straining", "no-long-holds", "no-deep-hinge"],
};

/** What a person answered. `shareAskFirst`: the instructor may know that something of the first group applies. */
export interface ReadinessAnswers {
  readonly askFirst: readonly AskFirst[];
  readonly adapt: readonly Adapt[];
  readonly shareAskFirst: boolean;
  /** Left out: not said. */
  readonly activity?: Activity;
  readonly intended?: Intended;
  /** Of somebody under 18: who answers for them and agrees. */
  readonly guardian?: string;
}

/** What the check says to who answered; never that somebody may take part. */
export const ADVICE = ["ask-first", "before-hard", "start-gently", "pregnancy", "insulin", "unsure"] as const;
export type Advice = (typeof ADVICE)[number];

/** In the order in which it is said; nothing where nothing was ticked that asks for a word. */
export function adviceFor({
  askFirst,
  adapt,
  activity,
  intended,
}: Pick<ReadinessAnswers, "askFirst" | "adapt" | "activity" | "intended">): readonly Advice[] {
  const hard = intended === "hard";
  const says: Readonly<Record<Advice, boolean>> = {
    "ask-first": askFirst.length > 0,
    "before-hard": askFirst.length > 0 && hard,
    "start-gently": hard && activity === "not-regular",
    pregnancy: adapt.includes("pregnancy"),
    insulin: adapt.includes("insulin"),
    unsure: adapt.length > 0,
  };
  return ADVICE.filter((advice) => says[advice]);
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

/** Answers as they are asked for today: what was asked in other words before is left out, and then asked again. */
export function asAskedNow(answers: ReadinessAnswers): {
  readonly answers: ReadinessAnswers;
  readonly whole: boolean;
} {
  const known = <T extends string>(list: readonly T[], all: readonly T[]) =>
    list.filter((entry) => all.includes(entry));
  const askFirst = known(answers.askFirst, ASK_FIRST);
  const adapt = known(answers.adapt, ADAPT);
  const whole = askFirst.length === answers.askFirst.length && adapt.length === answers.adapt.length;
  return { answers: { ...answers, askFirst, adapt }, whole };
}
