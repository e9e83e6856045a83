/**
 * A list that is read: findings of one cause as one line, the gravest first. What one change mends is one
 * finding; what is taken care of already is told and not counted.
 */
import type { ClassDoc } from "../class/document";
import { whereKey } from "../class/keyed";
import { type Finding, type FindingCode, fingerprint, SEVERITIES, type Where } from "./finding";
import type { Line, Stands } from "./line";
import { allFixes, lacksOf, restsFix, severalOf, unlike, withTalk } from "./merged";

const HARM: readonly FindingCode[] = [
  "over-face",
  "way-order",
  "hold-long",
  "failure-beginner",
  "failure-unstable",
  "load-jump",
  "unmet",
  "room",
  "one-level",
  "jumps-many",
];
const CLOCK: readonly FindingCode[] = [
  "gap-short",
  "window-short",
  "own-time",
  "sides-uneven",
  "one-side-only",
  "dose-kind",
  "words-long",
];
const PROMISE: readonly FindingCode[] = [
  "length-over",
  "length-under",
  "promise-moves",
  "promise-kit",
  "claim",
  "caution",
  "home-unknown",
  "no-warmup",
  "no-cooldown",
];

function rankOf({ code, severity }: Finding): Line["rank"] {
  if (severity === "stop") return 1;
  if (HARM.includes(code)) return 2;
  if (CLOCK.includes(code)) return 3;
  return PROMISE.includes(code) ? 4 : 5;
}

/** What findings of one cause have in common; each by itself where nothing is. */
function causeOf(finding: Finding, index: number, tooHeavy: ReadonlySet<string>): string {
  const { code, says, where } = finding;
  switch (says.code) {
    case "caution":
    case "not-shown":
    case "demo-short":
    case "limit":
    case "home-unknown":
      return code;
    case "gap-short":
      if (says.between === "sides") return "gap sides";
      return where.block === undefined ? "gap blocks" : `gap ${where.block}`;
    case "load-jump":
      return `load ${where.slot ?? ""}`;
    case "one-level":
      // What is too heavy for somebody and has nothing easier is one cause.
      return tooHeavy.has(where.slot ?? "") ? `load ${where.slot ?? ""}` : code;
    // Hard too early, for want of a warm-up.
    case "no-warmup":
    case "hard-early":
      return "warm";
    case "same-muscle":
    case "rest-muscle":
      // The same two moves, whichever comes first.
      return `muscle ${[says.move, says.after]
        .map((move) => JSON.stringify(move))
        .sort()
        .join(" ")}`;
    default:
      return `${index}`;
  }
}

/** Seconds that people lack, or how many they are: what is graver within a rank. */
function weightOf(members: readonly Finding[]): number {
  const lacking = lacksOf(members).reduce((sum, [, seconds]) => sum + seconds, 0);
  const people = members.reduce(
    (sum, { says }) => sum + ("who" in says ? says.who.names.length : "name" in says ? 1 : 0),
    0,
  );
  return Math.max(lacking, people, members.length);
}

function gravestFirst(a: Finding, b: Finding): number {
  return SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity) || a.at - b.at;
}

function lineOf(
  members: readonly Finding[],
  doc: ClassDoc,
  blockId: string | undefined,
  stands: Stands,
): Line {
  const sorted = [...members].sort(gravestFirst);
  const [first] = sorted as [Finding, ...Finding[]];
  const rank = Math.min(...sorted.map(rankOf)) as Line["rank"];
  const also = [...new Set(sorted.map(({ code }) => code))].filter((code) => code !== first.code);
  const common = {
    rank,
    also,
    places: sorted.map(({ where }) => where),
    settled: first.code === "limit",
    members: sorted,
  };
  if (sorted.length === 1) return withTalk({ ...first, ...common, several: null }, doc, stands);
  const several = severalOf(sorted, doc, blockId);
  const merged =
    first.code === "gap-short" && blockId !== undefined ? restsFix(sorted, doc, blockId) : allFixes(sorted);
  const fixes = unlike([
    ...merged.filter(({ edit }) => stands(edit)),
    ...(several ? [] : sorted.flatMap((own) => own.fixes)),
  ]);
  const where: Where = several && blockId !== undefined ? { block: blockId } : several ? {} : first.where;
  const print = fingerprint(
    `${first.code} ${whereKey(where)} ${JSON.stringify(sorted.map((own) => [own.code, own.where, own.says]))}`,
  );
  const kept = (doc.acknowledged ?? []).find(({ code, of }) => code === first.code && of === print);
  const each = sorted.every(({ acknowledged }) => acknowledged !== null);
  const line: Line = {
    ...first,
    ...common,
    where,
    at: Math.min(...sorted.map(({ at }) => at)),
    several,
    fixes: fixes.slice(0, 3),
    fingerprint: print,
    acknowledged: kept?.reason ?? (each ? first.acknowledged : null),
  };
  return withTalk(line, doc, stands);
}

/** Findings as lines: one a cause, by rank, then by whom and how much it concerns, then by time. */
export function ranked(
  findings: readonly Finding[],
  doc: ClassDoc,
  stands: Stands = () => true,
): readonly Line[] {
  const causes = new Map<string, Finding[]>();
  const tooHeavy = new Set(
    findings.flatMap(({ code, where }) => (code === "load-jump" && where.slot ? [where.slot] : [])),
  );
  for (const [i, finding] of findings.entries()) {
    // What was acknowledged by itself stays by itself.
    const cause = finding.acknowledged === null ? causeOf(finding, i, tooHeavy) : `known ${i}`;
    causes.set(cause, [...(causes.get(cause) ?? []), finding]);
  }
  const lines = [...causes].map(([cause, members]) => {
    const isOfBlock = cause.startsWith("gap ") && cause !== "gap sides" && cause !== "gap blocks";
    const block = isOfBlock ? cause.slice(4) : undefined;
    return { line: lineOf(members, doc, block, stands), weight: weightOf(members) };
  });
  return lines
    .sort(
      (a, b) =>
        Number(a.line.settled) - Number(b.line.settled) ||
        a.line.rank - b.line.rank ||
        SEVERITIES.indexOf(a.line.severity) - SEVERITIES.indexOf(b.line.severity) ||
        b.weight - a.weight ||
        a.line.at - b.line.at ||
        (a.line.fingerprint < b.line.fingerprint ? -1 : 1),
    )
    .map(({ line }) => line);
}

/** What is left to decide. */
export function isOpen({ acknowledged, settled }: Line): boolean {
  return acknowledged === null && !settled;
}
