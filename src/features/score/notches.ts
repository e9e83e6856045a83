/** What hangs below the score's line: the change-overs that people need, and where something was found. */
import type { Part } from "@/core/parts/part";
import type { Finding } from "@/core/review/finding";
import type { Score } from "@/core/score/score";

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

/** Works out what hangs below: a notch for every change between two moves, as long as it needs. */
export function belowScore(score: Score, parts: readonly Part[], findings: readonly Finding[]): Below {
  const pairs = new Map<string, { needs: number[]; short: number; people: number }>();
  for (const line of parts.flatMap((part) => part.changeovers)) {
    if (line.from === line.to) continue;
    const key = `${line.from} ${line.to}`;
    const pair = pairs.get(key) ?? { needs: [], short: 0, people: 0 };
    pair.needs.push(line.needs);
    pairs.set(key, pair);
  }
  const notches: Notch[] = [];
  let last: { slot: string; end: number } | null = null;
  for (const segment of score.segments) {
    if (segment.kind !== "work" || segment.slot === null) continue;
    const pair = last && last.slot !== segment.slot ? pairs.get(`${last.slot} ${segment.slot}`) : undefined;
    if (pair && last) {
      const gap = segment.start - last.end;
      const sorted = [...pair.needs].sort((a, b) => a - b);
      const needs = sorted[Math.floor((sorted.length - 1) / 2)] ?? 0;
      const lacking = sorted.filter((n) => n > gap);
      const short = (lacking.at(-1) ?? gap) - gap;
      if (needs > 0 || short > 0) notches.push({ at: last.end, needs, short, people: lacking.length });
    }
    last = { slot: segment.slot, end: segment.end };
  }
  const total = score.seconds.plan;
  const found = findings
    .filter(
      (finding) =>
        finding.acknowledged === null && (finding.where.slot || finding.where.block || finding.at > 0),
    )
    .map((finding) => Math.min(finding.at, Math.max(0, total - 1)));
  return { notches, found: [...new Set(found)].sort((a, b) => a - b) };
}
