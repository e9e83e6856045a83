/** Numbers as people type them into a field: what they mean, or in which way they can't be taken. */
import type { Seconds } from "../units";
import { parseSpan, type Span, spanTriple } from "./span";

/** What a field's number counts: a time, or things. */
export type Counted = "seconds" | "count";

export interface Limits {
  readonly least: number;
  readonly most: number;
}

/**
 * A number that can be taken, or why not: `form`, it isn't one (`clock`: a time where things are counted);
 * `order`, a range from the greater to the smaller; `least` and `most`, outside of what the field takes.
 */
export type TypedNumber =
  | { readonly ok: true; readonly span: Span }
  | { readonly ok: false; readonly why: "form" | "clock" | "order" | "least" | "most" };

const UNIT = /^(.*?)\s*(seconds?|secs?|s|"|”|″|minutes?|mins?|m|'|′|)\.?$/i;

/**
 * Seconds of a time: `90`, `90 s`, `1:30`, `0:40`, `1 min`, `1.5 minutes`; a bare number is seconds.
 * Null for anything else.
 */
export function secondsIn(text: string): Seconds | null {
  const [, amount = "", unit = ""] = UNIT.exec(text.trim()) ?? [];
  const clock = /^(\d{1,3}):([0-5]\d)$/.exec(amount);
  if (clock) return Number(clock[1]) * 60 + Number(clock[2]);
  if (!/^\d{1,5}(?:[.,]\d)?$/.test(amount)) return null;
  return Math.round(Number(amount.replace(",", ".")) * (isMinutes(unit) ? 60 : 1));
}

function isMinutes(unit: string): boolean {
  return /^[m'′]/i.test(unit);
}

/** The parts of a range; a unit that stands behind the last part alone is that of all. */
function parts(text: string): readonly string[] {
  const found = text
    .trim()
    .split(/\s*(?:–|—|-|\bto\b)\s*/i)
    .map((part) => part.trim());
  const unit = UNIT.exec(found.at(-1) ?? "")?.[2] ?? "";
  return found.map((part) => (/^[\d.,]+$/.test(part) ? `${part} ${unit}` : part));
}

/** A time or a range of times: `40`, `1:30`, `40–60 s`, `1-2 min`, `0:40 to 1:00`. Null for anything else. */
export function typedSeconds(text: string): Span | null {
  const times = parts(text).map(secondsIn);
  if (times.length > 3 || times.some((time) => time === null)) return null;
  return parseSpan(times.join("–"));
}

/** A number of things or a range: `3`, `3x`, `×3`, `8–12`, `12 reps`, `4 rounds`. Null for anything else. */
export function typedCount(text: string): Span | null {
  return parseSpan(
    text
      .trim()
      .replace(/^[x×]\s*/i, "")
      .replace(/\s*(?:x|×|reps?|rounds?|sets?|times)\.?$/i, "")
      .replace("—", "–"),
  );
}

/** What was typed into a field that counts in `unit` between `limits`, both inclusive. */
export function typedNumber(text: string, unit: Counted, { least, most }: Limits): TypedNumber {
  const span = unit === "seconds" ? typedSeconds(text) : typedCount(text);
  if (span === null) {
    const isTime = unit === "count" && typedSeconds(text) !== null;
    return { ok: false, why: isTime ? "clock" : "form" };
  }
  const { min, plan, max } = spanTriple(span);
  if (min > plan || plan > max) return { ok: false, why: "order" };
  if (min < least) return { ok: false, why: "least" };
  return max > most ? { ok: false, why: "most" } : { ok: true, span };
}

/**
 * Minutes of a class as they are typed: `45`, `45 min`, `1 h`, `1 h 15`, `1:15`; null where it isn't one of these
 * or not between 1 and 999.
 */
export function minutesIn(text: string): number | null {
  const [, hours = "0", minutes = "0"] =
    /^\s*(?:(\d)\s*(?:h|hour|hours|:)\s*)?(?:(\d{1,3})\s*(?:min|mins|minutes|m)?)?\s*$/i.exec(text) ?? [];
  const all = Number(hours) * 60 + Number(minutes);
  return all >= 1 && all <= 999 ? all : null;
}
