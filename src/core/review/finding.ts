/** What the read-through finds, as data: which rule, where, in a sentence with its numbers, and what would mend it. */

import type { ClassDoc } from "../class/document";
import type { Edit } from "../class/edits";
import { putEntry, whereKey } from "../class/keyed";
import type { Seconds } from "../units";

export const SEVERITIES = ["stop", "fix", "consider"] as const;
/** stop: don't teach it like this. */
export type Severity = (typeof SEVERITIES)[number];

/** Every rule with its severity; `unmet` is a stop for somebody who is set as coming. */
export const CODES = {
  "length-over": "fix",
  "length-under": "consider",
  "length-loose": "consider",
  "promise-moves": "fix",
  "promise-kit": "fix",
  "gap-short": "fix",
  "window-short": "fix",
  "words-long": "consider",
  "not-shown": "consider",
  "no-water": "consider",
  "sides-uneven": "fix",
  "count-mixed": "fix",
  "no-warmup": "fix",
  "no-cooldown": "fix",
  "stretch-early": "consider",
  "same-muscle": "consider",
  "rest-muscle": "fix",
  "rest-stance": "consider",
  "work-rest": "consider",
  "grip-stack": "consider",
  "hard-early": "consider",
  "jumps-many": "consider",
  "up-and-down": "consider",
  "failure-beginner": "stop",
  "failure-unstable": "fix",
  "muscle-missing": "consider",
  "push-pull": "consider",
  "week-many": "consider",
  "week-few": "consider",
  "too-soon": "consider",
  unmet: "fix",
  "home-unknown": "fix",
  "one-level": "consider",
  limit: "consider",
  room: "stop",
  "load-jump": "fix",
  caution: "fix",
  claim: "fix",
  "move-unknown": "consider",
} as const satisfies Readonly<Record<string, Severity>>;
export type FindingCode = keyof typeof CODES;

/** As narrow as it can be. */
export interface Where {
  readonly block?: string;
  readonly slot?: string;
  readonly round?: number;
  readonly person?: string;
}

export interface Fix {
  readonly label: string;
  readonly edit: Edit;
}

export interface Finding {
  readonly code: FindingCode;
  readonly severity: Severity;
  readonly where: Where;
  /** Seconds into the class, for the order and the mark on the score. */
  readonly at: Seconds;
  readonly sentence: string;
  readonly fixes: readonly Fix[];
  /** Says what it is about: an acknowledgement holds for as long as this stays. */
  readonly of: string;
  /** The reason with which it was acknowledged, or null. */
  readonly acknowledged: string | null;
}

/** A finding as a check gives it; what all share is filled in once. */
export interface Found {
  readonly code: FindingCode;
  readonly severity?: Severity;
  readonly where?: Where;
  readonly at?: Seconds;
  readonly sentence: string;
  readonly fixes?: readonly Fix[];
}

/** FNV-1a over UTF-16 units, 32 bits, in hex: short, stable, and enough to see that a text changed. */
export function fingerprint(text: string): string {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) {
    hash ^= text.charCodeAt(i);
    hash = Math.imul(hash, 0x01000193);
  }
  return (hash >>> 0).toString(16).padStart(8, "0");
}

/** Findings in their order, with what was acknowledged: severity, then time, then code. */
export function finish(doc: ClassDoc, found: readonly Found[]): readonly Finding[] {
  const known = doc.acknowledged ?? [];
  return found
    .map((entry) => {
      const where = entry.where ?? {};
      const of = fingerprint(`${entry.code} ${whereKey(where)} ${entry.sentence}`);
      const match = known.find(
        (own) => own.code === entry.code && own.of === of && whereKey(own.where as Where) === whereKey(where),
      );
      return {
        code: entry.code,
        severity: entry.severity ?? CODES[entry.code],
        where,
        at: entry.at ?? 0,
        sentence: entry.sentence,
        fixes: entry.fixes ?? [],
        of,
        acknowledged: match?.reason ?? null,
      };
    })
    .sort(
      (a, b) =>
        SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity) ||
        a.at - b.at ||
        (a.code < b.code ? -1 : a.code > b.code ? 1 : 0) ||
        (whereKey(a.where) < whereKey(b.where) ? -1 : 1),
    );
}

/** The edit that acknowledges a finding with a reason; the same finding's earlier one is replaced. */
export function acknowledgeEdit(doc: ClassDoc, { code, where, of }: Finding, reason: string): Edit {
  return putEntry(doc, "acknowledged", { code, where: { ...where }, reason, of });
}
