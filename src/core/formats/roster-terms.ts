/**
 * The words of a roster's table: the codes themselves, or what screens show for them in some language. A table is
 * written with one of them and read with both, whichever somebody typed.
 */
import { FLOORS, type Floor, MARKS, type Mark } from "../homes/home";
import { KIT_TYPES, type KitType } from "../homes/kit";
import { LIMITS, type Limit } from "../homes/limits";
import { PATTERNS, type Pattern } from "../moves/move";

export interface RosterTerms {
  readonly kit: (type: KitType, count: number) => string;
  readonly limit: (limit: Limit) => string;
  readonly mark: (mark: Mark) => string;
  readonly pattern: (pattern: Pattern) => string;
  readonly floor: (floor: Floor) => string;
}

/** The codes as they stand in a roster file. */
export const CODE_TERMS: RosterTerms = {
  kit: (type) => type,
  limit: (limit) => limit,
  mark: (mark) => mark,
  pattern: (pattern) => pattern,
  floor: (floor) => floor,
};

const plainTerm = (text: string) =>
  text
    .trim()
    .toLowerCase()
    .replace(/[\s_]+/g, " ");

/** Codes by every form of them. */
export type TermBook<T extends string> = ReadonlyMap<string, T>;

function bookOf<T extends string>(
  codes: readonly T[],
  ...forms: readonly ((code: T) => string)[]
): TermBook<T> {
  const book = new Map<string, T>();
  for (const code of codes)
    for (const form of [(own: T) => own, ...forms]) {
      const term = plainTerm(form(code));
      if (!book.has(term)) book.set(term, code);
    }
  return book;
}

export interface TermBooks {
  readonly kit: TermBook<KitType>;
  readonly limit: TermBook<Limit>;
  readonly mark: TermBook<Mark>;
  readonly pattern: TermBook<Pattern>;
  readonly floor: TermBook<Floor>;
}

/** Everything that may stand in a table, by what it is. */
export function termBooks(terms: RosterTerms): TermBooks {
  const dashless = (code: string) => code.replaceAll("-", " ");
  return {
    kit: bookOf(
      KIT_TYPES,
      (type) => terms.kit(type, 1),
      (type) => terms.kit(type, 2),
      dashless,
      (type) => `${type}s`,
      (type) => `${dashless(type)}s`,
    ),
    limit: bookOf(LIMITS, terms.limit, dashless),
    mark: bookOf(MARKS, terms.mark),
    pattern: bookOf(PATTERNS, terms.pattern, dashless),
    floor: bookOf(FLOORS, terms.floor),
  };
}

/** The code of a term, or the text as it was typed where it is none. */
export function codeOf<T extends string>(book: TermBook<T>, text: string): string {
  return book.get(plainTerm(text)) ?? text.trim();
}

/** Whether a text is a term at all. */
export function isTerm(book: TermBook<string>, text: string): boolean {
  return book.has(plainTerm(text));
}

/** Other headings that people write for a column. */
const HEADINGS: Readonly<Record<string, string>> = {
  email: "e-mail",
  "e mail": "e-mail",
  mail: "e-mail",
  "e-mail address": "e-mail",
  "email address": "e-mail",
  "e-mail for invitations": "e-mail",
  "at home": "kit",
  "what is at home": "kit",
  "usual level": "level",
  "another level for": "levels by pattern",
  "weights in": "units",
  "clear length, m": "length m",
  length: "length m",
  "ceiling, cm": "ceiling cm",
  ceiling: "ceiling cm",
  "body mass": "body kg",
  "full name": "name",
  person: "name",
  timezone: "time zone",
  zone: "time zone",
  "a wall to lean on": "wall",
  "quiet hours": "quiet",
};

/** A heading as its column is called. */
export function columnFor(heading: string): string {
  const plain = plainTerm(heading);
  return HEADINGS[plain] ?? plain;
}
