/** What findings of one cause say together, and the one change that mends all of them. */
import { setBlock, setSlot, together } from "../class/commands";
import { type ClassDoc, slotsOf } from "../class/document";
import type { Edit } from "../class/edits";
import { cautionSeconds, SAID_IN_TALK } from "../parts/cautions";
import type { SeveralReason } from "../reasons/several-reasons";
import type { MoveName } from "../reasons/value";
import { spanTriple } from "../values/span";
import { upToFive } from "./edits";
import { acknowledgeEdit, type Finding, type Fix } from "./finding";
import type { Line, Stands } from "./line";

const movesIn = (members: readonly Finding[]): readonly MoveName[] => {
  const seen = new Map<string, MoveName>();
  for (const { says } of members) if ("move" in says) seen.set(says.move.move.name, says.move.move);
  return [...seen.values()];
};

/** Everybody whom these gaps are too short for, by the most that they lack. */
export function lacksOf(members: readonly Finding[]): readonly (readonly [name: string, seconds: number])[] {
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

export function severalOf(
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
export function restsFix(
  members: readonly Finding[],
  doc: ClassDoc,
  blockId: string | undefined,
): readonly Fix[] {
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
export function allFixes(members: readonly Finding[]): readonly Fix[] {
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
export function unlike(fixes: readonly Fix[]): readonly Fix[] {
  const seen = new Set<string>();
  return fixes.filter((fix) => {
    const key = JSON.stringify(fix);
    const isNew = !seen.has(key);
    seen.add(key);
    return isNew;
  });
}

/** Safety words with the one change that puts them into the opening talk: then they count as said. */
export function withTalk(line: Line, doc: ClassDoc, stands: Stands): Line {
  const [opening] = doc.blocks;
  if (line.code !== "caution" || line.acknowledged !== null || !opening) return line;
  const needs = cautionSeconds(line.members.length);
  const talk = opening.brief ?? 0;
  // A talk that is twice as long already has room for them.
  const seconds = talk >= 2 * needs ? talk : talk + needs;
  const known = acknowledgeEdit(doc, line, SAID_IN_TALK);
  const edit = seconds === talk ? known : together([setBlock(opening, "brief", seconds), known]);
  if (!stands(edit)) return line;
  return { ...line, fixes: [{ says: { code: "say-cautions", seconds }, edit }] };
}
