/** What was announced against what is there: length, moves, kit; and what texts may not promise. */

import { setBlock, setClass } from "../class/commands";
import { type Block, MOST_ROUNDS, roundsAreFixed, slotsOf } from "../class/document";
import { expandedSeconds } from "../class/expand";
import { type KitType, kitName } from "../homes/kit";
import { fillersOf } from "../homes/match";
import { gapNeeds } from "../shape/fit-knobs";
import { clockText } from "../units";
import { type Span, shiftSpan, spanTriple } from "../values/span";
import { namesText, type ReviewContext, textsOf } from "./context";
import type { Fix, Found } from "./finding";

const TRIED = ["rest", "longRest", "after", "demo", "brief", "prepare"] as const;
const WORDS: Record<(typeof TRIED)[number], string> = {
  rest: "rest",
  longRest: "rest between rounds",
  after: "water after",
  demo: "showing each move",
  brief: "talk before",
  prepare: "getting ready",
};

/** One number of one block that brings the class within the tolerance, nearest first; at most three. */
function lengthFixes({ doc, library, score, thresholds, parts }: ReviewContext, aim: number): Fix[] {
  const needs = gapNeeds(doc.blocks, parts);
  // Only the changed block is timed anew.
  const alone = (block: Block) => expandedSeconds({ ...doc, blocks: [block] }, library, "plan");
  const own = new Map(doc.blocks.map((block) => [block.id, alone(block)]));
  const off = (block: Block, key: keyof Block, to: unknown) =>
    Math.abs(score.seconds.plan - (own.get(block.id) ?? 0) + alone({ ...block, [key]: to }) - aim);
  const fixes: { fix: Fix; change: number }[] = [];
  const name = (block: Block) => block.title || "this block";
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
        const word = longer ? "One round more" : "One round less";
        fixes.push({ fix: { label: `${word} of ${name(block)}`, edit }, change: 40 });
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
      const label = `${spanTriple(to).plan} s ${WORDS[key]} in ${name(block)} instead of ${spanTriple(now).plan} s`;
      fixes.push({ fix: { label, edit: setBlock(block, key, to) }, change: by });
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
      code: by > 0 ? "length-over" : "length-under",
      sentence:
        `It takes ${clockText(plan)}, ${clockText(Math.abs(by))} ${by > 0 ? "more" : "less"} than the ${minutes} minutes that were announced. ` +
        (fixes[0]
          ? `One way: ${fixes[0].label.charAt(0).toLowerCase()}${fixes[0].label.slice(1)}.`
          : "No single number mends it: use Fit."),
      fixes,
    });
  }
  if (max - min > plan * thresholds.looseShare) {
    found.push({
      code: "length-loose",
      sentence: `Between ${clockText(min)} and ${clockText(max)}: ranges leave ${clockText(max - min)} open, more than a tenth of ${clockText(plan)}.`,
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
      code: "promise-moves",
      sentence: `${wanted} moves were announced; the main work and finisher have ${names.size}.`,
      fixes: [
        {
          label: `Announce ${names.size} moves`,
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
  const words = missing.map(([type, names]) => {
    const who = namesText([...names].filter(Boolean));
    return who ? `${kitName(type)} (${who})` : kitName(type);
  });
  const shown = words.length <= 5 ? words : [...words.slice(0, 4), `${words.length - 4} other things`];
  const first = [...slots.values()][0]?.at ?? 0;
  return [
    {
      code: "promise-kit",
      at: first,
      sentence: `Not announced but used: ${shown.join(", ")}.`,
      fixes: [
        {
          label: "Announce these too",
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
  return textsOf(doc).flatMap(({ text, slot, block }) => {
    if (!CLAIMS.some((claim) => claim.test(text))) return [];
    const at = slot ? (slots.get(slot)?.at ?? 0) : block ? (times.get(block)?.start ?? 0) : 0;
    return [
      {
        code: "claim" as const,
        at,
        where: { ...(block ? { block } : {}), ...(slot ? { slot } : {}) },
        sentence: `"${text}" promises what a move can't: no exercise slims one place, and none here treats anything.`,
      },
    ];
  });
}
