/** Times, counts and loads as people type them. */
import type { Load } from "../class/document";
import type { Span } from "../values/span";
import { parseTempo } from "../values/tempo";
import type { Pencil } from "./pencil";

/** A time with its unit: `90 s`, `1:30`, `0:40`, `1 min`, `1.5 minutes`. */
export const TIME = String.raw`(?:\d{1,2}:[0-5]\d(?!\d)|\d{1,3}(?:\.\d)?\s*(?:minutes?|mins?|m)\b\.?|\d{1,4}\s*(?:seconds?|secs?|s)\b\.?)`;
/** A number or a range: `8`, `8-12`, `8–12`, `8 to 12`. */
export const COUNT = String.raw`\d{1,3}(?:\s*(?:–|-|to)\s*\d{1,3})?`;

/** A number or a range. */
export function countIn(text: string): Span {
  const [first = 0, second] = (text.match(/\d+/g) ?? []).map(Number);
  if (second === undefined || second === first) return first;
  return { min: Math.min(first, second), max: Math.max(first, second) };
}

/** Strikes out a tempo: `3-0-1-0`, `3-0-1`, `tempo 3010`, `@ 3110`; three numbers have no pause at the top. */
export function takeTempo(pencil: Pencil): string | null {
  const struck =
    pencil.take(/\b(?:at\s+|tempo\s*|@\s*)?(\d{1,2}-\d{1,2}-(?:\d{1,2}|x)(?:-\d{1,2})?)\b/i) ??
    pencil.take(/(?:\btempo\s*|@\s*)(\d[\dx]{3})\b/i) ??
    pencil.take(/\b(?:at\s+)?([1-9]\d[\dx]\d)\b/i);
  const [, text] = struck?.match ?? [];
  if (!text) return null;
  const whole = text.split("-").length === 3 ? `${text}-0` : text;
  return parseTempo(whole) ? whole : null;
}

const LOADS: readonly (readonly [form: RegExp, make: (n: number) => Load])[] = [
  [/\b(\d{1,2})\s*(?:rir|reps?\s+in\s+reserve|in\s+reserve|left\s+in\s+the\s+tank)\b/i, (rir) => ({ rir })],
  [/\brir\s*:?\s*(\d{1,2})\b/i, (rir) => ({ rir })],
  [/\brpe\s*:?\s*(\d{1,2}(?:\.5)?)\b/i, (rpe) => ({ rpe })],
  [/(?:@\s*)?(\d{1,3}(?:\.\d{1,2})?)\s*kgs?\b/i, (kg) => ({ kg })],
];

/** Strikes out what a load is said by: `2 RIR`, `RPE 8`, `12 kg`, heavy, medium, light. */
export function takeLoad(pencil: Pencil): Load | null {
  for (const [form, make] of LOADS) {
    const struck = pencil.take(form);
    if (struck) return make(Number(struck.match[1]));
  }
  const word = pencil.take(/(?:^|[\s,(])(heavy|medium|light)(?=$|[\s,)])/i);
  const target = word?.match[1]?.toLowerCase();
  return target === "heavy" || target === "medium" || target === "light" ? { target } : null;
}
