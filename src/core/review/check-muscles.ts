/** What the body does in a row: muscles, rests, grip, effort, landings, getting up and down, what is trained at all. */

import { doseAt, slotsOf } from "../class/document";
import { spanTriple } from "../class/span";
import { MARKS, type Mark } from "../homes/home";
import type { KnownMove } from "../moves/book";
import type { Muscle, Position } from "../moves/move";
import { expand } from "../score/expand";
import { balanceOf } from "../shape/balance";
import { clockText, type Seconds } from "../units";
import {
  musclesText,
  namesText,
  type Piece,
  partOf,
  piecesOf,
  primary,
  type ReviewContext,
  shared,
} from "./context";
import { after, setBlock, setSlot, upToFive } from "./edits";
import type { Fix, Found } from "./finding";

/** Pairs of pieces that follow one another, sides of the same turn taken together. */
function neighbours(pieces: readonly Piece[]): readonly (readonly [Piece, Piece])[] {
  const pairs: (readonly [Piece, Piece])[] = [];
  for (let i = 1; i < pieces.length; i += 1) {
    const [a, b] = [pieces[i - 1] as Piece, pieces[i] as Piece];
    if (a.facts.slot.id !== b.facts.slot.id) pairs.push([a, b]);
  }
  return pairs;
}

export function checkSameMuscle({ pieces }: ReviewContext): Found[] {
  const seen = new Set<string>();
  return neighbours(pieces).flatMap(([a, b]) => {
    if (!a.facts.main || !b.facts.main || a.facts.block !== b.facts.block || b.facts.block.stacked) return [];
    const muscles = shared(a.facts.move, b.facts.move);
    const key = `${a.facts.slot.id} ${b.facts.slot.id}`;
    if (muscles.length === 0 || seen.has(key)) return [];
    seen.add(key);
    return [
      {
        code: "same-muscle" as const,
        where: { slot: b.facts.slot.id },
        at: b.segment.start,
        sentence: `${b.facts.move.name} works ${musclesText(muscles)} straight after ${a.facts.move.name.toLowerCase()}.`,
        fixes: [{ label: "It is meant so in this block", edit: setBlock(b.facts.block, "stacked", true) }],
      },
    ];
  });
}

interface ShortRest {
  readonly from: Piece;
  readonly to: Piece;
  readonly muscles: Set<Muscle>;
  readonly gap: Seconds;
}

/** Where a muscle works hard again too soon: for each pair of slots the shortest time back. */
function shortRests({ pieces, doc, thresholds }: ReviewContext): readonly ShortRest[] {
  const [least] = thresholds.stance[doc.stance].timeBackSeconds;
  const last = new Map<Muscle, Piece>();
  const found = new Map<string, ShortRest>();
  for (const piece of pieces) {
    if (!piece.facts.hard) continue;
    for (const muscle of primary(piece.facts.move)) {
      const before = last.get(muscle);
      last.set(muscle, piece);
      if (!before || sameTurn(before, piece)) continue;
      if (before.facts.block === piece.facts.block && piece.facts.block.stacked) continue;
      const gap = piece.segment.start - before.segment.end;
      if (gap >= least) continue;
      const key = `${before.facts.slot.id} ${piece.facts.slot.id}`;
      const known = found.get(key);
      if (known && known.gap <= gap) {
        if (known.gap === gap) known.muscles.add(muscle);
        continue;
      }
      found.set(key, { from: before, to: piece, muscles: new Set([muscle]), gap });
    }
  }
  return [...found.values()];
}

/** Left and right of one turn are different limbs; so are sides that swap from turn to turn. */
function sameTurn(a: Piece, b: Piece): boolean {
  return (
    a.facts.slot.id === b.facts.slot.id &&
    a.segment.side !== null &&
    b.segment.side !== null &&
    a.segment.side !== b.segment.side
  );
}

export function checkRestMuscle(context: ReviewContext): Found[] {
  const { doc, thresholds } = context;
  const [least] = thresholds.stance[doc.stance].timeBackSeconds;
  return shortRests(context).map((short) => {
    const { from, to, gap } = short;
    const block = from.facts.block;
    const name = to.facts.move.name;
    const pairKey = (other: ShortRest) => `${other.from.facts.slot.id} ${other.to.facts.slot.id}`;
    const longer = upToFive(least - gap);
    const candidates: Fix[] = [];
    const same = from.facts.slot.id === to.facts.slot.id;
    if (from.facts.block.id !== to.facts.block.id) {
      const seconds = (block.after ?? 0) + longer;
      candidates.push({
        label: `${seconds} s after ${block.title || "the block"}`,
        edit: setBlock(block, "after", seconds),
      });
    } else {
      const own = spanTriple(from.facts.slot.rest ?? block.rest).plan + longer;
      const long = spanTriple(block.longRest ?? block.rest).plan + longer;
      const rest = spanTriple(block.rest).plan + longer;
      candidates.push(
        { label: `${long} s between rounds`, edit: setBlock(block, "longRest", long) },
        {
          label: `${own} s rest after ${from.facts.move.name.toLowerCase()}`,
          edit: setSlot(from.facts.slot, "rest", own),
        },
        { label: `${rest} s rest in ${block.title || "the block"}`, edit: setBlock(block, "rest", rest) },
      );
    }
    const fixes = candidates.filter(({ edit }) => {
      const next = after(doc, edit);
      if (!next) return false;
      // Only times change with a rest: the facts of the slots stay.
      const pieces = piecesOf(expand(next, context.library), context.slots);
      return !shortRests({ ...context, pieces }).some((other) => pairKey(other) === pairKey(short));
    });
    const muscles = musclesText([...short.muscles]);
    return {
      code: "rest-muscle" as const,
      where: { slot: to.facts.slot.id },
      at: to.segment.start,
      sentence: same
        ? `${name} works ${muscles} hard again after ${gap} s; this stance gives it ${least} s or more.`
        : `${name} works ${muscles} hard ${gap} s after ${from.facts.move.name.toLowerCase()}; this stance gives it ${least} s or more.`,
      fixes: fixes.slice(0, 2),
    };
  });
}

export function checkRestStance({ doc, slots, thresholds }: ReviewContext): Found[] {
  const own = thresholds.stance[doc.stance];
  const found: Found[] = [];
  for (const block of doc.blocks) {
    const list = slotsOf(block).flatMap((slot) => slots.get(slot.id) ?? []);
    if (!list[0]?.main || block.cap !== undefined || block.stacked) continue;
    const close = (a: KnownMove, b: KnownMove) =>
      a.muscles === undefined || b.muscles === undefined || shared(a, b).length > 0;
    const judge = (
      key: "rest" | "longRest",
      seconds: Seconds,
      [least, most]: readonly [number, number],
      touches: boolean,
      words: string,
    ) => {
      if (!touches || (seconds >= least && seconds <= most)) return;
      const to = seconds < least ? least : most;
      found.push({
        code: "rest-stance",
        where: { block: block.id },
        at: list[0]?.at ?? 0,
        sentence: `${block.title || "The block"} gives ${seconds} s ${words}; ${doc.stance === "form" ? "form first" : doc.stance} keeps to ${least}–${most} s.`,
        fixes: [{ label: `${to} s ${words}`, edit: setBlock(block, key, to) }],
      });
    };
    const station = block.loop === "station";
    const pairs = station
      ? list.map((facts) => [facts, facts] as const)
      : list.slice(1).map((facts, i) => [list[i] as (typeof list)[number], facts] as const);
    const touching = pairs.filter(([a, b]) => close(a.move, b.move) && a.slot.rest === undefined);
    judge("rest", spanTriple(block.rest).plan, own.restSeconds, touching.length > 0, "between moves");
    const [first, last] = [list[0], list.at(-1)];
    const rounds = spanTriple(block.rounds, 1).plan;
    const wraps = rounds > 1 && !station && first && last ? close(last.move, first.move) : false;
    judge(
      "longRest",
      spanTriple(block.longRest ?? block.rest).plan,
      own.betweenRoundsSeconds,
      wraps,
      "between rounds",
    );
  }
  return found;
}

export function checkWorkRest({ doc, score, thresholds, slots }: ReviewContext): Found[] {
  const main = new Set([...slots.values()].filter((facts) => facts.main).map((facts) => facts.block.id));
  let work = 0;
  let rest = 0;
  let at = 0;
  for (const { kind, block, start, end } of score.segments) {
    if (!main.has(block)) continue;
    if (kind === "work") {
      if (work === 0) at = start;
      work += end - start;
    } else if (kind === "rest" || kind === "long-rest") rest += end - start;
  }
  if (work === 0 || rest === 0) return [];
  const [least, most] = thresholds.stance[doc.stance].workRest;
  const ratio = work / rest;
  if (ratio >= least - 1e-9 && ratio <= most + 1e-9) return [];
  const words = (n: number) => (n >= 1 ? `${Math.round(n * 10) / 10}:1` : `1:${Math.round(10 / n) / 10}`);
  return [
    {
      code: "work-rest",
      at,
      sentence: `Work to rest is ${words(ratio)} over the main blocks (${clockText(work)} to ${clockText(rest)}); this stance keeps to ${words(least)}–${words(most)}.`,
    },
  ];
}

const SHOULDERS: readonly Muscle[] = ["front-shoulders", "side-shoulders", "rear-shoulders"];

export function checkGrip({ pieces, thresholds }: ReviewContext): Found[] {
  const kinds: readonly (readonly [string, (move: KnownMove) => boolean])[] = [
    ["the grip", (move) => move.loads?.includes("grip") ?? false],
    [
      "the shoulders under load",
      (move) =>
        primary(move).some((muscle) => SHOULDERS.includes(muscle)) &&
        ((move.loads?.includes("grip") ?? false) || (move.loads?.includes("wrist") ?? false)),
    ],
  ];
  return kinds.flatMap(([words, uses]) => {
    let sum = 0;
    let start: Piece | null = null;
    let lastEnd = Number.NEGATIVE_INFINITY;
    let worst: { sum: number; from: Piece } | null = null;
    for (const piece of pieces) {
      if (!uses(piece.facts.move)) continue;
      const { segment } = piece;
      if (segment.start - lastEnd >= thresholds.gripOffSeconds) {
        sum = 0;
        start = piece;
      }
      sum += segment.end - segment.start;
      lastEnd = segment.end;
      if (start && sum > thresholds.gripSeconds && (!worst || sum > worst.sum)) worst = { sum, from: start };
    }
    if (!worst) return [];
    return [
      {
        code: "grip-stack" as const,
        where: { slot: worst.from.facts.slot.id },
        at: worst.from.segment.start,
        sentence: `${words.charAt(0).toUpperCase()}${words.slice(1)}: ${worst.sum} s of work without ${thresholds.gripOffSeconds} s off, from ${clockText(worst.from.segment.start)}.`,
      },
    ];
  });
}

export function checkEarly({ pieces, thresholds }: ReviewContext): Found[] {
  const piece = pieces.find(
    ({ segment, facts }) => segment.start < thresholds.earlySeconds && facts.effort >= thresholds.earlyEffort,
  );
  if (!piece) return [];
  return [
    {
      code: "hard-early",
      where: { slot: piece.facts.slot.id },
      at: piece.segment.start,
      sentence: `${piece.facts.move.name} is an effort of about ${Math.round(piece.facts.effort)} of 10 at ${clockText(piece.segment.start)} already.`,
    },
  ];
}

/** Reps of a piece: as counted, or as many as fit its seconds. */
function repsOf({ segment }: Piece, move: KnownMove): number {
  if (segment.reps) return segment.reps.plan;
  return move.isometric ? 0 : (segment.end - segment.start) / move.repSeconds;
}

function landingsWith(pieces: readonly Piece[], moveOf: (piece: Piece) => KnownMove | undefined): number {
  let sum = 0;
  for (const piece of pieces) {
    const move = moveOf(piece);
    const landings = move?.landings;
    if (move && landings && landings.perRep > 0) {
      sum += repsOf(piece, move) * landings.perRep * landings.weight;
    }
  }
  return Math.round(sum);
}

export function checkJumps({ pieces, parts, book, people, thresholds }: ReviewContext): Found[] {
  const at = pieces.find(({ facts }) => (facts.move.landings?.perRep ?? 0) > 0)?.segment.start ?? 0;
  const over: string[] = [];
  const asSet = landingsWith(pieces, (piece) => piece.facts.move);
  if (asSet > thresholds.landings.natural) {
    over.push(`as set ${asSet} (allowed ${thresholds.landings.natural})`);
  }
  const byMark = new Map<Mark, { names: string[]; most: number }>();
  for (const part of parts) {
    const mark = people.find((person) => person.id === part.person)?.mark ?? "natural";
    const moves = new Map(
      part.slots.map((slot) => [slot.slot, slot.move === null ? undefined : book.get(slot.move)]),
    );
    const sum = landingsWith(pieces, (piece) => moves.get(piece.facts.slot.id));
    if (sum <= thresholds.landings[mark]) continue;
    const group = byMark.get(mark) ?? { names: [], most: 0 };
    byMark.set(mark, { names: [...group.names, part.name], most: Math.max(group.most, sum) });
  }
  for (const mark of MARKS) {
    const group = byMark.get(mark);
    if (group)
      over.push(`${namesText(group.names)} up to ${group.most} (allowed ${thresholds.landings[mark]})`);
  }
  if (over.length === 0) return [];
  return [
    {
      code: "jumps-many",
      at,
      sentence: `Landings, weighted by impact: ${over.join("; ")}.`,
    },
  ];
}

const UP: readonly Position[] = ["standing", "seated"];

export function checkUpAndDown({ pieces, thresholds }: ReviewContext): Found[] {
  let changes = 0;
  let last: boolean | null = null;
  let at = 0;
  for (const { segment, facts } of pieces) {
    if (!facts.move.position) continue;
    const up = UP.includes(facts.move.position);
    if (last !== null && up !== last) {
      changes += 1;
      if (changes === thresholds.upAndDown + 1) at = segment.start;
    }
    last = up;
  }
  if (changes <= thresholds.upAndDown) return [];
  return [
    {
      code: "up-and-down",
      at,
      sentence: `People get up and down ${changes} times; more than ${thresholds.upAndDown} loses rests to it.`,
    },
  ];
}

export function checkFailure(context: ReviewContext): Found[] {
  const { slots, parts, book } = context;
  const found: Found[] = [];
  for (const { slot, move, at } of slots.values()) {
    const dose = doseAt(slot, 0);
    const limit = [slot.dose].flat().find((entry) => entry.toLimit !== undefined);
    if (!limit) continue;
    const timed = (entry: typeof dose) => (entry.toLimit === undefined ? entry : { seconds: entry.toLimit });
    const edit = setSlot(
      slot,
      "dose",
      Array.isArray(slot.dose) ? slot.dose.map(timed) : timed(slot.dose as typeof dose),
    );
    const fixes = [{ label: "Work for the time instead", edit }];
    const flat = parts.filter((part) => partOf(part, slot.id)?.mark === "flat").map((part) => part.name);
    if (flat.length > 0) {
      found.push({
        code: "failure-beginner",
        where: { slot: slot.id },
        at,
        sentence: `${move.name} goes to the limit for ${namesText(flat)}, who work at easier: never to failure there.`,
        fixes,
      });
    }
    const unstable = parts
      .filter((part) => {
        const own = partOf(part, slot.id);
        return own?.move != null && book.get(own.move)?.stable === false;
      })
      .map((part) => part.name);
    if (move.stable === false || unstable.length > 0) {
      const who = move.stable === false ? "as set" : `for ${namesText(unstable)}`;
      found.push({
        code: "failure-unstable",
        where: { slot: slot.id },
        at,
        sentence: `${move.name} goes to the limit and isn't stable ${who}.`,
        fixes,
      });
    }
  }
  return found;
}

const GROUPS: readonly (readonly [string, readonly Muscle[]])[] = [
  ["the front of the legs", ["quads"]],
  ["the back of the legs", ["hamstrings", "glutes"]],
  ["push", ["chest", "front-shoulders", "triceps"]],
  ["pull", ["lats", "upper-back", "rear-shoulders", "biceps"]],
  ["the trunk", ["abs", "obliques", "lower-back"]],
];

export function checkFocus(context: ReviewContext): Found[] {
  const { doc, slots, thresholds } = context;
  const focus = doc.promise?.focus ?? [];
  const worked = new Set(
    [...slots.values()].filter((facts) => facts.main).flatMap((facts) => primary(facts.move)),
  );
  const found: Found[] = [];
  const at = [...slots.values()].find((facts) => facts.main)?.at ?? 0;
  if (focus.includes("full") && worked.size > 0) {
    const missing = GROUPS.filter(([, muscles]) => !muscles.some((muscle) => worked.has(muscle)));
    for (const [name] of missing) {
      found.push({
        code: "muscle-missing",
        at,
        sentence: `The whole body was announced, and nothing works ${name}.`,
      });
    }
  }
  if (!focus.includes("full") && !(focus.includes("push") && focus.includes("pull"))) return found;
  const { push, pull } = balanceOf(doc, context.library, thresholds).pushPull;
  const [least, most] = thresholds.pushPull;
  if (push + pull === 0) return found;
  const ratio = pull === 0 ? Number.POSITIVE_INFINITY : push / pull;
  if (ratio < least - 1e-9 || ratio > most + 1e-9) {
    found.push({
      code: "push-pull",
      at,
      sentence: `${push} push sets to ${pull} pull sets; between 2:3 and 3:2 is even.`,
    });
  }
  return found;
}
