import type { Triple } from "../units";

/**
 * A number as a class document writes it: exact, or a range with an optional plan.
 * `plan` left out is (min+max)/2, rounded half up.
 */
export type Span = number | { readonly min: number; readonly plan?: number; readonly max: number };

/** The three numbers of a span. A span that is left out takes `fallback`. */
export function spanTriple(span: Span | undefined, fallback = 0): Triple {
  if (span === undefined) return { min: fallback, plan: fallback, max: fallback };
  if (typeof span === "number") return { min: span, plan: span, max: span };
  return { min: span.min, plan: span.plan ?? Math.floor((span.min + span.max + 1) / 2), max: span.max };
}

/** The shortest span that means the same: a number where nothing varies, no `plan` where it is the middle. */
export function tidySpan(triple: Triple): Span {
  if (triple.min === triple.max) return triple.plan;
  const { min, plan, max } = triple;
  return spanTriple({ min, max }).plan === plan ? { min, max } : { min, plan, max };
}

/** A span as people write it: `40`, `8–12`, `8–9–12` where the plan isn't the middle. */
export function spanText(span: Span): string {
  const tidy = tidySpan(spanTriple(span));
  if (typeof tidy === "number") return String(tidy);
  return tidy.plan === undefined ? `${tidy.min}–${tidy.max}` : `${tidy.min}–${tidy.plan}–${tidy.max}`;
}

/**
 * Reads what `spanText` writes, also with a hyphen or "to". Gives null for anything else;
 * whether the numbers are allowed is for the check of the class to say.
 */
export function parseSpan(text: string): Span | null {
  const match = /^\s*(\d{1,5})(?:\s*(?:–|-|to)\s*(\d{1,5}))?(?:\s*(?:–|-|to)\s*(\d{1,5}))?\s*$/.exec(text);
  if (!match) return null;
  const numbers = match
    .slice(1)
    .filter((part) => part !== undefined)
    .map(Number);
  const [first, second, third] = numbers;
  if (first === undefined) return null;
  if (second === undefined) return first;
  return third === undefined
    ? { min: first, max: second }
    : tidySpan({ min: first, plan: second, max: third });
}

/** The same span moved by `by`, never below `least`. Used by the arrow keys: the width stays. */
export function shiftSpan(span: Span, by: number, least: number, most: number): Span {
  const { min, plan, max } = spanTriple(span);
  const step = Math.max(least - min, Math.min(most - max, by));
  return step === 0 ? span : tidySpan({ min: min + step, plan: plan + step, max: max + step });
}
