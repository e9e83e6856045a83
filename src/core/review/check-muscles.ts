/** What the body does in a row: grip, effort, landings, getting up and down, work to failure, what is trained at all. */

import { balanceOf } from "../effort/balance";
import { MARKS, type Mark } from "../homes/home";
import { bodyOf } from "../moves/body";
import type { KnownMove } from "../moves/book";
import type { Muscle, Position } from "../moves/move";
import { landingsOf } from "../parts/landings";
import type { LandingsReason } from "../reasons/finding-reasons";
import { named } from "../reasons/named";
import type { Seconds } from "../units";
import { type Piece, primary, type ReviewContext } from "./context";
import type { Found } from "./finding";

const SHOULDERS: readonly Muscle[] = ["front-shoulders", "side-shoulders", "rear-shoulders"];

const HANDS = ["left", "right"] as const;
type Hand = (typeof HANDS)[number];

/** Whether a hand works in a piece: of a move for one arm the side that is told, else both. */
function works({ segment, facts }: Piece, hand: Hand): boolean {
  const isOneArm = bodyOf(facts.move)?.arms === "one";
  return !isOneArm || segment.side === null || segment.side === hand;
}

interface Stack {
  readonly sum: Seconds;
  readonly from: Piece;
}

/** The longest that a hand works without so many seconds off, from its first piece on; null where it never does. */
function longestStack(
  pieces: readonly Piece[],
  uses: (move: KnownMove) => boolean,
  hand: Hand,
  off: Seconds,
): Stack | null {
  let stack: Stack | null = null;
  let longest: Stack | null = null;
  let lastEnd = Number.NEGATIVE_INFINITY;
  for (const piece of pieces) {
    if (!uses(piece.facts.move) || !works(piece, hand)) continue;
    const { start, end } = piece.segment;
    const goesOn: boolean = stack !== null && start - lastEnd < off;
    const before: Stack = stack && goesOn ? stack : { sum: 0, from: piece };
    stack = { sum: before.sum + end - start, from: before.from };
    lastEnd = end;
    if (!longest || stack.sum > longest.sum) longest = stack;
  }
  return longest;
}

/** Code: `grip-stack`, each hand by itself: while the right one rows, the left one rests. */
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
    const stacks = HANDS.flatMap((hand) => longestStack(pieces, uses, hand, thresholds.gripOffSeconds) ?? []);
    const [worst] = stacks.sort((a, b) => b.sum - a.sum);
    if (!worst || worst.sum <= thresholds.gripSeconds) return [];
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

function landingsWith(pieces: readonly Piece[], moveOf: (piece: Piece) => KnownMove | undefined): number {
  return Math.round(pieces.reduce((sum, piece) => sum + landingsOf(piece.segment, moveOf(piece)), 0));
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

const GROUPS = [
  ["legsFront", ["quads"]],
  ["legsBack", ["hamstrings", "glutes"]],
  ["push", ["chest", "front-shoulders", "triceps"]],
  ["pull", ["lats", "upper-back", "rear-shoulders", "biceps"]],
  ["trunk", ["abs", "obliques", "lower-back"]],
] as const satisfies readonly (readonly [string, readonly Muscle[]])[];

/** Sets for the upper body from which all of one kind and none of the other is worth a word. */
const ONE_SIDED_SETS = 4;

/** Code: `muscle-missing`, where the whole body was announced. */
export function checkMissing({ doc, slots }: ReviewContext): Found[] {
  if (!doc.promise?.focus?.includes("full")) return [];
  const main = [...slots.values()].filter((facts) => facts.main);
  const worked = new Set(main.flatMap((facts) => primary(facts.move)));
  if (worked.size === 0) return [];
  const missing = GROUPS.filter(([, muscles]) => !muscles.some((muscle) => worked.has(muscle)));
  return missing.map(([group]) => ({ says: { code: "muscle-missing", group }, at: main[0]?.at ?? 0 }));
}

/** Code: `push-pull`, by what was announced; and all of one kind, unless that is what was announced. */
export function checkPushPull({ doc, slots, library, thresholds }: ReviewContext): Found[] {
  const focus = doc.promise?.focus ?? [];
  const { push, pull } = balanceOf(doc, library, thresholds).pushPull;
  const [least, most] = thresholds.pushPull;
  const asked = focus.includes("full") || (focus.includes("push") && focus.includes("pull"));
  const isOne = Math.min(push, pull) === 0 && push + pull >= ONE_SIDED_SETS;
  // Whose focus is pushing alone means it.
  const isSaid = focus.includes(push === 0 ? "pull" : "push") && !asked;
  const ratio = pull === 0 ? Number.POSITIVE_INFINITY : push / pull;
  const isOff = push + pull > 0 && (ratio < least - 1e-9 || ratio > most + 1e-9);
  if (!(asked && isOff) && (!isOne || isSaid)) return [];
  const at = [...slots.values()].find((facts) => facts.main)?.at ?? 0;
  return [{ says: { code: "push-pull", push, pull }, at }];
}
