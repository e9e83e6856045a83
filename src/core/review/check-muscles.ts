/** What the body does in a row: grip, effort, landings, getting up and down, work to failure, what is trained at all. */

import { setSlot } from "../class/commands";
import { dosesOf, mapDoses } from "../class/document";
import { balanceOf } from "../effort/balance";
import { MARKS, type Mark } from "../homes/home";
import type { KnownMove } from "../moves/book";
import type { Muscle, Position } from "../moves/move";
import type { LandingsReason } from "../reasons/finding-reasons";
import { named } from "../reasons/named";
import { type Piece, partOf, primary, type ReviewContext } from "./context";
import type { Fix, Found } from "./finding";

const SHOULDERS: readonly Muscle[] = ["front-shoulders", "side-shoulders", "rear-shoulders"];

export function checkGrip({ pieces, thresholds }: ReviewContext): Found[] {
  const kinds: readonly (readonly ["grip" | "shoulders", (move: KnownMove) => boolean])[] = [
    ["grip", (move) => move.loads?.includes("grip") ?? false],
    [
      "shoulders",
      (move) =>
        primary(move).some((muscle) => SHOULDERS.includes(muscle)) &&
        ((move.loads?.includes("grip") ?? false) || (move.loads?.includes("wrist") ?? false)),
    ],
  ];
  return kinds.flatMap(([what, uses]): Found[] => {
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
        says: {
          code: "grip-stack",
          what,
          seconds: worst.sum,
          off: thresholds.gripOffSeconds,
          from: { clock: worst.from.segment.start },
        },
        where: { slot: worst.from.facts.slot.id },
        at: worst.from.segment.start,
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
      says: {
        code: "hard-early",
        move: named(piece.facts.move),
        effort: Math.round(piece.facts.effort),
        from: { clock: piece.segment.start },
      },
      where: { slot: piece.facts.slot.id },
      at: piece.segment.start,
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
  const over: LandingsReason[] = [];
  const asSet = landingsWith(pieces, (piece) => piece.facts.move);
  if (asSet > thresholds.landings.natural) {
    over.push({ code: "as-set", landings: asSet, allowed: thresholds.landings.natural });
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
      over.push({
        code: "people",
        who: { names: group.names },
        landings: group.most,
        allowed: thresholds.landings[mark],
      });
  }
  if (over.length === 0) return [];
  return [
    {
      says: { code: "jumps-many", over: { topic: "landings", reasons: over } },
      at,
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
      says: { code: "up-and-down", times: changes, most: thresholds.upAndDown },
      at,
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
    const fixes: Fix[] = [{ says: { code: "time-instead" }, edit }];
    const flat = parts.filter((part) => partOf(part, slot.id)?.mark === "flat").map((part) => part.name);
    if (flat.length > 0) {
      found.push({
        says: { code: "failure-beginner", move: named(move), who: { names: flat } },
        where: { slot: slot.id },
        at,
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
      const who = { names: move.stable === false ? [] : unstable };
      found.push({
        says: { code: "failure-unstable", move: named(move), who },
        where: { slot: slot.id },
        at,
        fixes,
      });
    }
  }
  return found;
}

const GROUPS = [
  ["legsFront", ["quads"]],
  ["legsBack", ["hamstrings", "glutes"]],
  ["push", ["chest", "front-shoulders", "triceps"]],
  ["pull", ["lats", "upper-back", "rear-shoulders", "biceps"]],
  ["trunk", ["abs", "obliques", "lower-back"]],
] as const satisfies readonly (readonly [string, readonly Muscle[]])[];

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
    for (const [group] of missing) found.push({ says: { code: "muscle-missing", group }, at });
  }
  if (!focus.includes("full") && !(focus.includes("push") && focus.includes("pull"))) return found;
  const { push, pull } = balanceOf(doc, context.library, thresholds).pushPull;
  const [least, most] = thresholds.pushPull;
  if (push + pull === 0) return found;
  const ratio = pull === 0 ? Number.POSITIVE_INFINITY : push / pull;
  if (ratio < least - 1e-9 || ratio > most + 1e-9) {
    found.push({ says: { code: "push-pull", push, pull }, at });
  }
  return found;
}
