/** What was announced against what is there: length, moves, kit; and what texts may not promise. */

import { setBlock, setClass } from "../class/commands";
import { type Block, MOST_ROUNDS, roundsAreFixed, slotsOf } from "../class/document";
import { expandedSeconds } from "../class/expand";
import type { KitType } from "../homes/kit";
import { fillersOf } from "../homes/match";
import { gapNeeds } from "../shape/fit-knobs";
import { type Span, shiftSpan, spanTriple } from "../values/span";
import { type ReviewContext, textsOf } from "./context";
import type { Fix, Found } from "./finding";

const TRIED = ["rest", "longRest", "after", "demo", "brief", "prepare"] as const;

/** One number of one block that brings the class within the tolerance, nearest first; at most three. */
function lengthFixes({ doc, library, score, thresholds, parts }: ReviewContext, aim: number): Fix[] {
  const needs = gapNeeds(doc.blocks, parts);
  // Only the changed block is timed anew.
  const alone = (block: Block) => expandedSeconds({ ...doc, blocks: [block] }, library, "plan");
  const own = new Map(doc.blocks.map((block) => [block.id, alone(block)]));
  const off = (block: Block, key: keyof Block, to: unknown) =>
    Math.abs(score.seconds.plan - (own.get(block.id) ?? 0) + alone({ ...block, [key]: to }) - aim);
  const fixes: { fix: Fix; change: number }[] = [];
  const longer = aim > score.seconds.plan;
  for (const block of doc.blocks) {
    if (slotsOf(block).length > 0 && block.cap === undefined && !block.locked?.includes("rounds")) {
      const to = shiftSpan(block.rounds ?? 1, longer ? 1 : -1, 1, MOST_ROUNDS);
      const edit = setBlock(block, "rounds", to);
      if (
        !roundsAreFixed(block) &&
        to !== block.rounds &&
        off(block, "rounds", to) <= thresholds.lengthToleranceSeconds
      ) {
        const says = {
          code: longer ? "round-more" : "round-less",
          block: { block: block.title },
        } as const;
        fixes.push({ fix: { says, edit }, change: 40 });
      }
    }
    for (const key of TRIED) {
      const now = (block[key] ?? (key === "longRest" ? block.rest : 0) ?? 0) as Span;
      if (slotsOf(block).length === 0 && key !== "brief" && key !== "after") continue;
      if (block.locked?.includes(key)) continue;
      // What people need to change over isn't taken from them.
      const gaps = needs.get(block.id);
      const least =
        key === "rest"
          ? Math.max(0, ...(gaps?.afterSlot.values() ?? []))
          : key === "longRest"
            ? (gaps?.betweenTurns ?? 0)
            : key === "after"
              ? (gaps?.afterBlock ?? 0)
              : 0;
      // A step of five seconds always adds the same: one more timing tells them all.
      const step = alone({ ...block, [key]: shiftSpan(now, 5, 0, 7200) }) - (own.get(block.id) ?? 0);
      if (step <= 0) continue;
      const short = Math.abs(aim - score.seconds.plan) - thresholds.lengthToleranceSeconds;
      const by = Math.max(1, Math.ceil(short / step)) * 5;
      if (by > 30) continue;
      const to = shiftSpan(now, longer ? by : -by, 0, 7200);
      if (to === now || (!longer && spanTriple(to).min < least)) continue;
      if (off(block, key, to) > thresholds.lengthToleranceSeconds) continue;
      const says = {
        code: "number-in",
        key,
        to: spanTriple(to).plan,
        was: spanTriple(now).plan,
        block: { block: block.title },
      } as const;
      fixes.push({ fix: { says, edit: setBlock(block, key, to) }, change: by });
    }
  }
  return fixes
    .sort((a, b) => a.change - b.change)
    .slice(0, 3)
    .map(({ fix }) => fix);
}

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

/** Types that a part uses, or without a roster those that every alternative of a move needs. */
function kitInUse({ parts, people, slots }: ReviewContext): Map<KitType, Set<string>> {
  const users = new Map<KitType, Set<string>>();
  const use = (type: KitType, name: string) => users.set(type, (users.get(type) ?? new Set()).add(name));
  for (const part of parts) {
    const kit = people.find((person) => person.id === part.person)?.kit ?? [];
    for (const { kit: id } of part.slots.flatMap((slot) => slot.uses)) {
      const type = kit.find((item) => item.id === id)?.type;
      if (type) use(type, part.name);
    }
  }
  if (parts.length > 0) return users;
  for (const { move } of slots.values()) {
    const [only] = move.needs ?? [];
    if (!only || (move.needs ?? []).some((list) => list.length === 0)) continue;
    for (const need of only) {
      const type = fillersOf(need.as)[0];
      if (type) use(type, "");
    }
  }
  return users;
}

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

/** Local slimming and medical effects: what no move does, in the words in which it is promised. */
const CLAIMS: readonly RegExp[] = [
  /\b(slim|slimm|shrink|trim|shape up|sculpt|tone|tighten|flatten)\w*\b.{0,24}\b(belly|tummy|waist|thigh|arm|hip|bum|butt|leg|wing)s?\b/i,
  /\b(burn|lose|melt|blast|shed|torch)\w*\b.{0,24}\b(fat|belly|inches|love handles|bingo wings|calories|kilos|pounds)\b/i,
  /\b(belly|tummy|waist|thigh|hip|bum|butt|arm) ?(fat|fix|slimmer|shrinker|burner)\b/i,
  /\b(cure|heal|treat|detox|rehabilitat|fixe?s?)\w*\b.{0,24}\b(pain|back|knees?|arthritis|injur\w*|diabetes|blood pressure|disease|toxins?|anxiety|depression)\b/i,
  /\bdetox\b/i,
];

export function checkClaims({ doc, slots, times }: ReviewContext): Found[] {
  return textsOf(doc).flatMap(({ text, slot, block }): Found[] => {
    if (!CLAIMS.some((claim) => claim.test(text))) return [];
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
