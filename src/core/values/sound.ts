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

/** The first thing about a value that can't be kept, or null. Takes any value that JSON gives. */
export function unsound(input: unknown, bounds: SoundBounds, path = "$"): Fault | null {
  const open: Open[] = [{ value: input, path, depth: 0 }];
  let bytes = 0;
  while (open.length > 0) {
    const here = open.pop() as Open;
    const { value, depth } = here;
    if (typeof value === "string") {
      if (!isSoundText(value)) return { path: here.path, code: "unsound-text" };
      bytes += utf8Bytes(value) + 2;
    } else if (typeof value !== "object" || value === null) bytes += 4;
    else {
      if (depth >= bounds.depth) return { path: here.path, code: "too-deep", most: bounds.depth };
      const isList = Array.isArray(value);
      const keys = isList ? null : Object.keys(value);
      const count = keys?.length ?? (value as readonly unknown[]).length;
      if (count > bounds.entries) {
        const what = isList ? "entries" : "keys";
        return { path: here.path, code: "length", least: 0, most: bounds.entries, what };
      }
      bytes += count + 2;
      for (let i = count - 1; i >= 0; i -= 1) {
        const step = keys?.[i] ?? i;
        if (typeof step === "string") {
          if (!isSoundText(step)) return { path: here.path, code: "unsound-text" };
          bytes += utf8Bytes(step) + 3;
        }
        const entry = (value as Record<string | number, unknown>)[step];
        open.push({ value: entry, path: at(here.path, step), depth: depth + 1 });
      }
    }
    if (bytes > bounds.bytes) return { path, code: "too-large", most: bounds.bytes };
  }
  return null;
}
