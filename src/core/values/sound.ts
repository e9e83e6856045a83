/**
 * What can be kept at all, whatever it is about: no text with a NUL or half of a character in it (a database
 * can't hold them), nothing nested deeper or longer than a person would make it, nothing larger than a
 * document is. Walks without recursion and stops at the first fault, so that no input is expensive.
 */
import { at, type Fault } from "./faults";

export interface SoundBounds {
  /** Lists and objects inside each other. */
  readonly depth: number;
  /** Entries of any list, keys of any object. */
  readonly entries: number;
  /** UTF-8 bytes of the whole as compact JSON, about. */
  readonly bytes: number;
}

/** A class document: 1 MB, which is over ten times the largest class that is valid and reads like one. */
export const DOCUMENT: SoundBounds = { depth: 24, entries: 2000, bytes: 1_000_000 };
/** A roster: a thousand people with full homes. */
export const ROSTER: SoundBounds = { depth: 24, entries: 2000, bytes: 4_000_000 };
/** A season: half a year of classes. */
export const SEASON: SoundBounds = { depth: 28, entries: 2000, bytes: 20_000_000 };

/** Whether a text holds no NUL and no half of a surrogate pair. */
export function isSoundText(text: string): boolean {
  return !text.includes("\0") && text.isWellFormed();
}

/** UTF-8 bytes of a text: exact, without making them. */
export function utf8Bytes(text: string): number {
  let bytes = text.length;
  for (let i = 0; i < text.length; i += 1) {
    const unit = text.charCodeAt(i);
    // A pair of surrogates is four bytes in all, any other unit above 0x7ff three.
    if (unit >= 0x80) bytes += unit >= 0x800 && (unit < 0xd800 || unit > 0xdfff) ? 2 : 1;
  }
  return bytes;
}

interface Open {
  readonly value: unknown;
  readonly path: string;
  readonly depth: number;
}

/** What a text adds with the signs beside it, or the fault in it. */
function textBytes(text: string, signs: number, path: string): number | Fault {
  return isSoundText(text) ? utf8Bytes(text) + signs : { path, code: "unsound-text" };
}

/** Bytes of a list or an object without its values, which are opened; or the first fault in it. */
function opened(here: Open, value: object, bounds: SoundBounds, open: Open[]): number | Fault {
  const { path, depth } = here;
  if (depth >= bounds.depth) return { path, code: "too-deep", most: bounds.depth };
  const steps: readonly (string | number)[] = Array.isArray(value) ? [] : Object.keys(value);
  const count = Array.isArray(value) ? value.length : steps.length;
  if (count > bounds.entries) {
    const what = Array.isArray(value) ? "entries" : "keys";
    return { path, code: "length", least: 0, most: bounds.entries, what };
  }
  let bytes = count + 2;
  for (let i = count - 1; i >= 0; i -= 1) {
    const step = steps[i] ?? i;
    const own = typeof step === "string" ? textBytes(step, 3, path) : 0;
    if (typeof own !== "number") return own;
    bytes += own;
    const entry = (value as Record<string | number, unknown>)[step];
    open.push({ value: entry, path: at(path, step), depth: depth + 1 });
  }
  return bytes;
}

/** The first thing about a value that can't be kept, or null. Takes any value that JSON gives. */
export function unsound(input: unknown, bounds: SoundBounds, path = "$"): Fault | null {
  const open: Open[] = [{ value: input, path, depth: 0 }];
  let bytes = 0;
  for (let here = open.pop(); here !== undefined; here = open.pop()) {
    const { value } = here;
    let own: number | Fault = 4;
    if (typeof value === "string") own = textBytes(value, 2, here.path);
    else if (typeof value === "object" && value !== null) own = opened(here, value, bounds, open);
    if (typeof own !== "number") return own;
    bytes += own;
    if (bytes > bounds.bytes) return { path, code: "too-large", most: bounds.bytes };
  }
  return null;
}
