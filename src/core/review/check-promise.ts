/** What was announced against what is there: length, moves, kit; and what texts may not promise. */

import { setBlock, setClass } from "../class/commands";
import { type Block, MOST_ROUNDS, roundsAreFixed, slotsOf } from "../class/document";
import { expandedSeconds } from "../class/expand";
import { blockShape } from "../class/sentence";
import type { KitType } from "../homes/kit";
import { kitFacts } from "../homes/kit-types";
import { fillersOf } from "../homes/match";
import { type GapNeeds, gapNeeds } from "../shape/fit-knobs";
import type { Seconds } from "../units";
import { type Span, shiftSpan, spanTriple } from "../values/span";
import { isClaim } from "./claims";
import { type ReviewContext, textsOf } from "./context";
import type { Fix, Found } from "./finding";

const TRIED = ["rest", "longRest", "after", "demo", "brief", "prepare"] as const;

type Tried = (typeof TRIED)[number];
/** Talk and demonstrations are never stretched to fill a class. */
const TALK: readonly Tried[] = ["demo", "brief", "prepare"];

/** A fix of the length and how much it changes, by which the nearest comes first. */
interface LengthFix {
  readonly fix: Fix;
  readonly change: number;
}

/** What a block's fixes are worked out from. */
interface LengthGap {
  readonly aim: Seconds;
  readonly plan: Seconds;
  readonly tolerance: Seconds;
  /** Seconds of one block alone. */
  readonly alone: (block: Block) => Seconds;
}

const isLonger = ({ aim, plan }: LengthGap) => aim > plan;
const off = ({ aim, plan, alone }: LengthGap, block: Block, now: Seconds, key: keyof Block, to: Span) =>
  Math.abs(plan - now + alone({ ...block, [key]: to }) - aim);

/** A round more or less, where their number is free. */
function roundFix(gap: LengthGap, block: Block): LengthFix[] {
  const closed = slotsOf(block).length === 0 || block.cap !== undefined || block.locked?.includes("rounds");
  if (closed || roundsAreFixed(block)) return [];
  const longer = isLonger(gap);
  const to = shiftSpan(block.rounds ?? 1, longer ? 1 : -1, 1, MOST_ROUNDS);
  if (to === block.rounds || off(gap, block, gap.alone(block), "rounds", to) > gap.tolerance) return [];
  const says = { code: longer ? "round-more" : "round-less", block: { block: block.title } } as const;
  return [{ fix: { says, edit: setBlock(block, "rounds", to) }, change: 40 }];
}

/** Seconds that people need to change over in this pause: they aren't taken from them. */
function leastOf(key: Tried, needs: GapNeeds | undefined): Seconds {
  if (key === "rest") return Math.max(0, ...(needs?.afterSlot.values() ?? []));
  if (key === "longRest") return needs?.betweenTurns ?? 0;
  return key === "after" ? (needs?.afterBlock ?? 0) : 0;
}

/** Whether a pause of a block may be moved: none that isn't there, that is locked, or that isn't for that. */
function mayMove(block: Block, key: Tried, longer: boolean): boolean {
  if (slotsOf(block).length === 0 && key !== "brief" && key !== "after") return false;
  // Every minute stays every minute.
  if (key === "rest" && blockShape(block) === "windows") return false;
  return !block.locked?.includes(key) && !(longer && TALK.includes(key));
}

/** Another number of seconds in one of a block's pauses, at most half a minute away. */
function pauseFix(gap: LengthGap, block: Block, key: Tried, needs: GapNeeds | undefined): LengthFix[] {
  const now: Span = block[key] ?? (key === "longRest" ? block.rest : 0) ?? 0;
  if (!mayMove(block, key, isLonger(gap))) return [];
  const { aim, plan, tolerance, alone } = gap;
  const seconds = alone(block);
  // A step of five seconds always adds the same: one more timing tells them all.
  const step = alone({ ...block, [key]: shiftSpan(now, 5, 0, 7200) }) - seconds;
  if (step <= 0) return [];
  const by = Math.max(1, Math.ceil((Math.abs(aim - plan) - tolerance) / step)) * 5;
  if (by > 30) return [];
  const to = shiftSpan(now, isLonger(gap) ? by : -by, 0, 7200);
  if (to === now || (!isLonger(gap) && spanTriple(to).min < leastOf(key, needs))) return [];
  if (off(gap, block, seconds, key, to) > tolerance) return [];
  const says = {
    code: "number-in",
    key,
    to: spanTriple(to).plan,
    was: spanTriple(now).plan,
    block: { block: block.title },
  } as const;
  return [{ fix: { says, edit: setBlock(block, key, to) }, change: by }];
}

/** One number of one block that brings the class within the tolerance, nearest first; at most three. */
function lengthFixes({ doc, library, score, thresholds, parts }: ReviewContext, aim: Seconds): Fix[] {
  const needs = gapNeeds(doc.blocks, parts);
  const known = new Map<Block, Seconds>();
  // Only the changed block is timed anew.
  const timed = (block: Block) => expandedSeconds({ ...doc, blocks: [block] }, library, "plan");
  for (const block of doc.blocks) known.set(block, timed(block));
  const gap: LengthGap = {
    aim,
    plan: score.seconds.plan,
    tolerance: thresholds.lengthToleranceSeconds,
    alone: (block) => known.get(block) ?? timed(block),
  };
  return doc.blocks
    .flatMap((block) => [
      ...roundFix(gap, block),
      ...TRIED.flatMap((key) => pauseFix(gap, block, key, needs.get(block.id))),
    ])
    .sort((a, b) => a.change - b.change)
    .slice(0, 3)
    .map(({ fix }) => fix);
}

/** Codes: `length-over`, `length-under` against the announced minutes; `length-loose`. */
export function checkLength(context: ReviewContext): Found[] {
  const { doc, score, thresholds } = context;
  const found: Found[] = [];
  const { min, plan, max } = score.seconds;
  const minutes = doc.promise?.minutes;
  const by = minutes === undefined ? 0 : plan - minutes * 60;
  if (Math.abs(by) > thresholds.lengthToleranceSeconds && minutes !== undefined) {
    const fixes = lengthFixes(context, minutes * 60);
    found.push({
      says: {
        code: by > 0 ? "length-over" : "length-under",
        plan: { clock: plan },
        by: { clock: Math.abs(by) },
        minutes,
        first: { topic: "fix", reasons: fixes.slice(0, 1).map(({ says }) => says) },
      },
      fixes,
    });
  }
  if (max - min > plan * thresholds.looseShare) {
    found.push({
      says: {
        code: "length-loose",
        least: { clock: min },
        most: { clock: max },
        open: { clock: max - min },
        plan: { clock: plan },
      },
    });
  }
  return found;
}

export function checkMoves({ doc, slots }: ReviewContext): Found[] {
  const wanted = doc.promise?.moves;
  if (wanted === undefined) return [];
  const names = new Set([...slots.values()].filter((facts) => facts.main).map((facts) => facts.move.name));
  if (names.size === wanted) return [];
  return [
    {
      says: { code: "promise-moves", announced: wanted, found: names.size },
      fixes: [
        {
          says: { code: "announce-moves", moves: names.size },
          edit: setClass(doc, "promise", { ...doc.promise, moves: names.size }),
        },
      ],
    },
  ];
}

/** Types of kit that the parts use, with who uses each. */
function kitInUse({ parts, people }: ReviewContext): Map<KitType, Set<string>> {
  const users = new Map<KitType, Set<string>>();
  for (const part of parts) {
    const types = new Map(
      people.find((person) => person.id === part.person)?.kit?.map(({ id, type }) => [id, type]) ?? [],
    );
    for (const { kit, status } of part.slots.flatMap(({ uses, status }) =>
      uses.map((use) => ({ ...use, status })),
    )) {
      const type = types.get(kit);
      // A chair in place of what was announced is at everybody's own hand: nobody has to fetch what they weren't told.
      const instead = type !== undefined && status !== "as-set" && kitFacts(type).from === "home";
      if (type && !instead) users.set(type, (users.get(type) ?? new Set()).add(part.name));
    }
  }
  return users;
}

/** Code: `promise-kit`, for what is in use and wasn't announced; by the moves alone where nobody is asked yet. */
export function checkKit(context: ReviewContext): Found[] {
  const { doc, parts, slots } = context;
  const announced = doc.promise?.kit;
  if (announced === undefined) return [];
  const covered = new Set(announced);
  const missing =
    parts.length > 0
      ? [...kitInUse(context)].filter(([type]) => !covered.has(type))
      : uncovered(context, covered);
  if (missing.length === 0) return [];
  const users = missing.map(([kit, names]) => ({ kit, names: [...names].filter(Boolean) }));
  const shown = users.length <= 5 ? users : users.slice(0, 4);
  const first = [...slots.values()][0]?.at ?? 0;
  return [
    {
      says: { code: "promise-kit", kit: { users: shown }, more: users.length - shown.length },
      at: first,
      fixes: [
        {
          says: { code: "announce-kit" },
          edit: setClass(doc, "promise", {
            ...doc.promise,
            kit: [...announced, ...missing.map(([type]) => type)],
          }),
        },
      ],
    },
  ];
}

/** Without a roster: moves that no alternative of the announced kit could meet, by the first thing they lack. */
function uncovered({ slots }: ReviewContext, covered: ReadonlySet<string>): [KitType, Set<string>][] {
  const missing = new Map<KitType, Set<string>>();
  for (const { move } of slots.values()) {
    const lists = move.needs ?? [];
    if (lists.length === 0) continue;
    const lacks = lists.map((list) =>
      list.filter((need) => !fillersOf(need.as).some((type) => covered.has(type))),
    );
    if (lacks.some((list) => list.length === 0)) continue;
    const type = lacks[0]?.[0] ? fillersOf(lacks[0][0].as)[0] : undefined;
    if (type) missing.set(type, new Set());
  }
  return [...missing];
}

export function checkClaims({ doc, slots, times }: ReviewContext): Found[] {
  return textsOf(doc).flatMap(({ text, slot, block }): Found[] => {
    if (!isClaim(text)) return [];
    const at = slot ? (slots.get(slot)?.at ?? 0) : block ? (times.get(block)?.start ?? 0) : 0;
    return [
      {
        says: { code: "claim", text },
        at,
        where: { ...(block ? { block } : {}), ...(slot ? { slot } : {}) },
      },
    ];
  });
}
