/** What hangs below the score's line: the change-overs that people need, and where something was found. */
import type { Part } from "../core/parts/part";
import type { Finding } from "../core/review/finding";
import type { Score } from "../core/score/score";

export interface Notch {
  /** Second at which the gap begins, and seconds that half of the people need or more. */
  readonly at: number;
  readonly needs: number;
  /** Most seconds that somebody is short, and how many are; 0 where everybody has enough. */
  readonly short: number;
  readonly people: number;
}

export interface Below {
  readonly notches: readonly Notch[];
  /** Seconds at which something was found that isn't acknowledged, each once. */
  readonly found: readonly number[];
}

export const NOTHING_BELOW: Below = { notches: [], found: [] };

type Needs = ReadonlyMap<string, readonly number[]>;
const known = new WeakMap<readonly Part[], Needs>();

/** Seconds that each person needs between two slots, sorted; a key for each two. The same for the same parts. */
function needsBetween(parts: readonly Part[]): Needs {
  const needs = known.get(parts) ?? allNeeds(parts);
  known.set(parts, needs);
  return needs;
}

function allNeeds(parts: readonly Part[]): Needs {
  const pairs = new Map<string, number[]>();
  for (const { from, to, needs } of parts.flatMap((part) => part.changeovers)) {
    if (from === to) continue;
    const key = `${from} ${to}`;
    const list = pairs.get(key) ?? [];
    list.push(needs);
    pairs.set(key, list);
  }
  for (const list of pairs.values()) list.sort((a, b) => a - b);
  return pairs;
}

/** What people need in a gap that begins at a second; null where that is nothing. `sorted`: their seconds. */
function notchAt(at: number, gap: number, sorted: readonly number[]): Notch | null {
  const needs = sorted[Math.floor((sorted.length - 1) / 2)] ?? 0;
  const lacking = sorted.filter((n) => n > gap);
  const short = (lacking.at(-1) ?? gap) - gap;
  return needs > 0 || short > 0 ? { at, needs, short, people: lacking.length } : null;
}

/** Whether a finding has a place on the score and waits for an answer. */
function isShown({ acknowledged, where, at }: Finding): boolean {
  return acknowledged === null && (where.slot !== undefined || where.block !== undefined || at > 0);
}

/** Works out what hangs below: a notch for every change between two moves, as long as it needs. */
export function belowScore(score: Score, parts: readonly Part[], findings: readonly Finding[]): Below {
  const pairs = needsBetween(parts);
  const notches: Notch[] = [];
  let last: { slot: string; end: number } | null = null;
  for (const segment of score.segments) {
    if (segment.kind !== "work" || segment.slot === null) continue;
    const needs = last ? pairs.get(`${last.slot} ${segment.slot}`) : undefined;
    const notch = last && needs ? notchAt(last.end, segment.start - last.end, needs) : null;
    if (notch) notches.push(notch);
    last = { slot: segment.slot, end: segment.end };
  }
  const total = score.seconds.plan;
  const found = findings.filter(isShown).map((finding) => Math.min(finding.at, Math.max(0, total - 1)));
  return { notches, found: [...new Set(found)].sort((a, b) => a - b) };
}
