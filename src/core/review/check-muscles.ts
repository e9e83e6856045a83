/** What the body does in a row: grip, effort, landings, getting up and down, work to failure, what is trained at all. */

import { setSlot } from "../class/commands";
import { dosesOf, mapDoses } from "../class/document";
import { balanceOf } from "../effort/balance";
import { MARKS, type Mark } from "../homes/home";
import type { KnownMove } from "../moves/book";
import type { Muscle, Position } from "../moves/move";
import { clockText } from "../units";
import { namesText, type Piece, partOf, primary, type ReviewContext } from "./context";
import type { Found } from "./finding";

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
    const limit = dosesOf(slot).find((entry) => entry.toLimit !== undefined);
    if (!limit) continue;
    const timed = mapDoses(slot, (entry) =>
      entry.toLimit === undefined ? entry : { seconds: entry.toLimit },
    );
    const edit = setSlot(slot, "dose", timed);
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
