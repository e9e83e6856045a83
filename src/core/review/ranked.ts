/**
 * A list that is read: findings of one cause as one line, the gravest first. What one change mends is one
 * finding; what is taken care of already is told and not counted.
 */
import { setBlock, setSlot, together } from "../class/commands";
import { type ClassDoc, slotsOf } from "../class/document";
import type { Edit } from "../class/edits";
import { whereKey } from "../class/keyed";
import type { SeveralReason } from "../reasons/several-reasons";
import type { MoveName } from "../reasons/value";
import { spanTriple } from "../values/span";
import { upToFive } from "./edits";
import { type Finding, type FindingCode, type Fix, fingerprint, SEVERITIES, type Where } from "./finding";

/** One line of the read-through: a finding, or several of one cause with the gravest in front. */
export interface Line extends Finding {
  /** 1 a stop, 2 harm to somebody, 3 what breaks the clock, 4 a promise or the words to say, 5 balance and style. */
  readonly rank: 1 | 2 | 3 | 4 | 5;
  /** Other codes that stand in it. */
  readonly also: readonly FindingCode[];
  readonly places: readonly Where[];
  /** Nothing is left to do about it: told, and not counted. */
  readonly settled: boolean;
  /** What they say together; null of one alone. */
  readonly several: SeveralReason | null;
  readonly members: readonly Finding[];
  /** Whether its fixes were tried on a copy: until then none is offered. */
  readonly tried?: boolean;
}

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

const movesIn = (members: readonly Finding[]): readonly MoveName[] => {
  const seen = new Map<string, MoveName>();
  for (const { says } of members) if ("move" in says) seen.set(says.move.move.name, says.move.move);
  return [...seen.values()];
};

/** Everybody whom these gaps are too short for, by the most that they lack. */
function lacksOf(members: readonly Finding[]): readonly (readonly [name: string, seconds: number])[] {
  const worst = new Map<string, number>();
  for (const { lacks = [] } of members)
    for (const { name, seconds } of lacks) worst.set(name, Math.max(worst.get(name) ?? 0, seconds));
  return [...worst].sort(([a, x], [b, y]) => y - x || (a < b ? -1 : 1));
}

function shortGaps(members: readonly Finding[], doc: ClassDoc, block: string | undefined): SeveralReason {
  const says = members.flatMap(({ says: own }) => (own.code === "gap-short" ? [own] : []));
  const lacks = lacksOf(members);
  const most = lacks[lacks.length >> 1]?.[1] ?? 0;
  const [, worst = 0] = lacks[0] ?? [];
  // Who stands out is named: up to three who lack half as much again as most.
  const out = lacks.filter(([, seconds]) => seconds === worst && seconds > most * 1.5).slice(0, 3);
  return {
    code: "gap-short",
    between: says[0]?.between === "sides" ? "sides" : block === undefined ? "blocks" : "moves",
    block: { block: doc.blocks.find(({ id }) => id === block)?.title ?? "" },
    gap: Math.min(...says.map(({ gap }) => gap)),
    needs: Math.max(...says.map(({ needs }) => needs)),
    people: lacks.length,
    most,
    who: { names: out.map(([name]) => name) },
    worst: out.length > 0 ? worst : 0,
  };
}

function severalOf(
  members: readonly Finding[],
  doc: ClassDoc,
  block: string | undefined,
): SeveralReason | null {
  const [first] = members;
  if (!first) return null;
  const names = members.flatMap(({ says }) =>
    "name" in says && typeof says.name === "string" ? [says.name] : [],
  );
  switch (first.says.code) {
    case "gap-short":
      return shortGaps(members, doc, block);
    case "caution":
      return {
        code: "caution",
        each: {
          topic: "cautions",
          reasons: members.flatMap(({ says }) => (says.code === "caution" ? [{ code: says.of }] : [])),
        },
      };
    case "not-shown":
    case "demo-short":
    case "one-level":
      return { code: first.says.code, moves: { moves: movesIn(members) } };
    case "load-jump":
      return names.length < 2 ? null : { code: "load-jump", move: first.says.move, who: { names } };
    case "home-unknown":
      return { code: "home-unknown", who: { names } };
    case "limit": {
      const people = members.flatMap(({ says }) => (says.code === "limit" ? says.who.names : []));
      return { code: "limit", people: new Set(people).size, moves: members.length };
    }
    default:
      return null;
  }
}

/** One change for all short gaps of a block: the rest between its moves, and between its rounds where that is less. */
function restsFix(members: readonly Finding[], doc: ClassDoc, blockId: string | undefined): readonly Fix[] {
  const block = doc.blocks.find(({ id }) => id === blockId);
  if (!block || slotsOf(block).length < 2) return [];
  const needs = members.map(({ says }) => (says.code === "gap-short" ? says.needs : 0));
  const seconds = upToFive(Math.max(...needs));
  const least = (span: Parameters<typeof spanTriple>[0]) => spanTriple(span).min;
  const edits: Edit[] = [];
  if (least(block.rest) < seconds) edits.push(setBlock(block, "rest", seconds));
  if (block.longRest !== undefined && least(block.longRest) < seconds)
    edits.push(setBlock(block, "longRest", seconds));
  for (const slot of slotsOf(block))
    if (slot.rest !== undefined && least(slot.rest) < seconds) edits.push(setSlot(slot, "rest", seconds));
  if (edits.length === 0) return [];
  return [{ says: { code: "gaps-in", seconds, block: { block: block.title } }, edit: together(edits) }];
}

/** Every member's first fix at once, where each has one. */
function allFixes(members: readonly Finding[]): readonly Fix[] {
  const firsts = members.flatMap(({ fixes }) => fixes.slice(0, 1));
  const [first] = firsts;
  if (!first || firsts.length < members.length) return [];
  const shown = firsts.every(({ says }) => says.code === "show");
  if (unlike(firsts).length === 1) return [first];
  return [
    {
      says: shown
        ? { code: "show-all" }
        : { code: "all-of-them", count: firsts.length, first: { topic: "fix", reasons: [first.says] } },
      edit: together(firsts.map(({ edit }) => edit)),
    },
  ];
}

/** Fixes that say and do the same are one. */
function unlike(fixes: readonly Fix[]): readonly Fix[] {
  const seen = new Set<string>();
  return fixes.filter((fix) => {
    const key = JSON.stringify(fix);
    const isNew = !seen.has(key);
    seen.add(key);
    return isNew;
  });
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

/** Whether a fix can be taken: it leads to a class that can be stored. */
export type Stands = (edit: Edit) => boolean;

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
  if (sorted.length === 1) return { ...first, ...common, several: null };
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
  return {
    ...first,
    ...common,
    where,
    at: Math.min(...sorted.map(({ at }) => at)),
    several,
    fixes: fixes.slice(0, 3),
    fingerprint: print,
    acknowledged: kept?.reason ?? (each ? first.acknowledged : null),
  };
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
