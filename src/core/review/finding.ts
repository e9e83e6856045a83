/** What the read-through finds, as data: which rule, where, in a sentence with its numbers, and what would mend it. */

import type { ClassDoc } from "../class/document";
import type { Edit } from "../class/edits";
import { putEntry, whereKey } from "../class/keyed";
import type { FindingReason, FixReason } from "../reasons/finding-reasons";
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
  "way-order": "fix",
  "dose-hard": "consider",
  "hold-long": "fix",
  "own-time": "fix",
  "dose-kind": "fix",
  "one-side-only": "fix",
  "demo-short": "consider",
  "warmup-fit": "consider",
  "filler-muscle": "consider",
  "no-rest": "consider",
  "over-face": "fix",
  "move-unknown": "consider",
} as const satisfies Readonly<Record<FindingReason["code"], Severity>>;
export type FindingCode = FindingReason["code"];

/** As narrow as it can be. */
export interface Where {
  readonly block?: string;
  readonly slot?: string;
  readonly round?: number;
  readonly person?: string;
}

export interface Fix {
  readonly says: FixReason;
  readonly edit: Edit;
  /** Seconds of the class with it, at plan; where it was tried. */
  readonly takes?: Seconds;
}

/** Somebody whom a finding is about, and how many seconds they lack. */
export interface Lack {
  readonly name: string;
  readonly seconds: Seconds;
}

export interface Finding {
  readonly code: FindingCode;
  readonly severity: Severity;
  readonly where: Where;
  /** Seconds into the class, for the order and the mark on the score. */
  readonly at: Seconds;
  readonly says: FindingReason;
  readonly fixes: readonly Fix[];
  /** Of what is short for people: whom, and by how much. */
  readonly lacks?: readonly Lack[];
  /** Of what it is about: an acknowledgement (its `of`) holds for as long as this stays. */
  readonly fingerprint: string;
  /** The reason with which it was acknowledged, or null. */
  readonly acknowledged: string | null;
}

/** A finding as a check gives it; what all share is filled in once. */
export interface Found {
  readonly severity?: Severity;
  readonly where?: Where;
  readonly at?: Seconds;
  readonly says: FindingReason;
  readonly fixes?: readonly Fix[];
  readonly lacks?: readonly Lack[];
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

/** What was acknowledged before reasons were data was known by its English sentence. */
export type Sentence = (says: FindingReason) => string;

/** Findings in their order, with what was acknowledged: severity, then time, then code. */
export function finish(
  doc: ClassDoc,
  found: readonly Found[],
  sentence: Sentence | null,
): readonly Finding[] {
  return found
    .map(({ says, where = {}, ...entry }): Finding => {
      const { code } = says;
      const about = `${code} ${whereKey(where)}`;
      const print = fingerprint(`${about} ${JSON.stringify(says)}`);
      const here = (doc.acknowledged ?? []).filter(
        (own) => own.code === code && whereKey(own.where as Where) === whereKey(where),
      );
      const match =
        here.find(({ of }) => of === print) ??
        // Only where something is acknowledged here at all is the sentence made.
        (here.length > 0 && sentence
          ? here.find(({ of }) => of === fingerprint(`${about} ${sentence(says)}`))
          : undefined);
      return {
        code,
        severity: entry.severity ?? CODES[code],
        where,
        at: entry.at ?? 0,
        says,
        fixes: entry.fixes ?? [],
        ...(entry.lacks ? { lacks: entry.lacks } : {}),
        fingerprint: print,
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
export function acknowledgeEdit(
  doc: ClassDoc,
  { code, where, fingerprint: of }: Finding,
  reason: string,
): Edit {
  return putEntry(doc, "acknowledged", { code, where: { ...where }, reason, of });
}
