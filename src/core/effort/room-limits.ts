/** Where in a class the room is at its limit, and who: sets with hardly anything left, and muscles that are full. */
import { type ClassDoc, findSlot } from "../class/document";
import { expand } from "../class/expand";
import { goesToLimit } from "../class/to-limit";
import { bookFor, type MoveBook, resolveMove } from "../moves/book";
import type { Muscle } from "../moves/move";
import type { Part } from "../parts/part";
import type { Seconds } from "../units";
import { effortCurve, SAMPLE_SECONDS } from "./effort";
import { isMain } from "./hard";

/**
 * Reps that are left up to which somebody is at their limit, and local fatigue from which a muscle is: at an
 * effort of 8 without any rest it would come to 0.55, all out to 0.6 (docs/effort.md).
 */
const LEFT = 1;
const FULL = 0.5;

export interface RoomLimit {
  readonly slot: string;
  /** Second of the first time. */
  readonly at: Seconds;
  /** Names of those who have hardly a rep left in it, or whose muscle is full by its end. */
  readonly who: readonly string[];
  /** The muscle that is full for most of them; null where it is the sets alone. */
  readonly muscle: Muscle | null;
}

interface Piece {
  readonly slot: string;
  readonly start: Seconds;
  readonly end: Seconds;
}

/** The muscle that a person has full at the end of a piece, the fullest; null where none is. */
function fullAt(
  curve: ReturnType<typeof effortCurve>,
  end: Seconds,
  works: readonly Muscle[],
): Muscle | null {
  const at = Math.round(end / SAMPLE_SECONDS);
  const full = works.filter((muscle) => (curve.fatigue.get(muscle)?.[at] ?? 0) >= FULL);
  return full[0] ?? null;
}

interface Noted {
  at: Seconds;
  readonly who: Set<string>;
  readonly muscles: Map<Muscle, number>;
}

/** One person's pieces in which they are at their limit, each with the muscle that is full, if one is. */
function limitsOf(
  doc: ClassDoc,
  library: MoveBook,
  part: Part,
  pieces: readonly Piece[],
): readonly (readonly [Piece, Muscle | null])[] {
  const book = bookFor(doc, library);
  const curve = effortCurve(doc, library, { part });
  const own = new Map(part.slots.map((slot) => [slot.slot, slot]));
  return pieces.flatMap((piece): (readonly [Piece, Muscle | null])[] => {
    const slot = own.get(piece.slot);
    if (!slot || slot.status === "unmet") return [];
    const set = findSlot(doc, piece.slot)?.slot;
    const move =
      (slot.move === null ? undefined : book.get(slot.move)) ?? (set && resolveMove(set.move, book));
    const muscle = fullAt(curve, piece.end, move?.muscles?.primary ?? []);
    const isSpent =
      (set !== undefined && goesToLimit(set)) ||
      (slot.sets ?? []).some(({ left }) => typeof left === "number" && left < LEFT);
    return isSpent || muscle ? [[piece, muscle]] : [];
  });
}

/** Slots of the main work in which some are at their limit, most people first; nothing without parts. */
export function roomLimits(doc: ClassDoc, library: MoveBook, parts: readonly Part[]): readonly RoomLimit[] {
  const main = new Set(doc.blocks.filter(isMain).map(({ id }) => id));
  const pieces = expand(doc, library).flatMap(({ kind, block, slot, start, end }): Piece[] =>
    kind === "work" && slot !== null && main.has(block) ? [{ slot, start, end }] : [],
  );
  const found = new Map<string, Noted>();
  for (const part of parts) {
    for (const [{ slot, start }, muscle] of limitsOf(doc, library, part, pieces)) {
      const known = found.get(slot) ?? { at: start, who: new Set<string>(), muscles: new Map() };
      known.who.add(part.name);
      if (muscle) known.muscles.set(muscle, (known.muscles.get(muscle) ?? 0) + 1);
      known.at = Math.min(known.at, start);
      found.set(slot, known);
    }
  }
  return [...found]
    .map(([slot, { at, who, muscles }]): RoomLimit => {
      const [top] = [...muscles].sort((a, b) => b[1] - a[1]);
      return { slot, at, who: [...who], muscle: top?.[0] ?? null };
    })
    .sort((a, b) => b.who.length - a.who.length || a.at - b.at);
}

/** Groups by which the hard sets of a person are told. */
export const SET_GROUPS = {
  legs: ["quads", "hamstrings", "glutes"],
  push: ["chest", "front-shoulders", "triceps"],
  pull: ["lats", "upper-back", "biceps"],
  trunk: ["abs", "obliques", "lower-back"],
} as const satisfies Readonly<Record<string, readonly Muscle[]>>;
export type SetGroup = keyof typeof SET_GROUPS;

/** Hard sets of each group: of its muscle that gets the most. */
export function groupSets(hardSets: ReadonlyMap<Muscle, number>): Readonly<Record<SetGroup, number>> {
  const most = (muscles: readonly Muscle[]) =>
    Math.max(0, ...muscles.map((muscle) => hardSets.get(muscle) ?? 0));
  return {
    legs: most(SET_GROUPS.legs),
    push: most(SET_GROUPS.push),
    pull: most(SET_GROUPS.pull),
    trunk: most(SET_GROUPS.trunk),
  };
}
