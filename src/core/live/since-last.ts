/** What has changed in a slot since its last set: what is said before the next one begins. */
import {
  type ClassDoc,
  type Dose,
  doseAt,
  findSlot,
  LOAD_TARGETS,
  type Load,
  loadAt,
} from "../class/document";
import { spanOf } from "../class/dose-kinds";
import type { Segment } from "../class/expand";
import { slotSides } from "../class/expand";
import type { MoveBook } from "../moves/book";
import { appearanceOf } from "../score/resolve";
import type { Seconds, Side } from "../units";
import { isSame } from "../values/same";
import type { Span } from "../values/span";

/** Only what is different; nothing of a slot's first set. */
export interface SinceLast {
  readonly reps?: Span;
  readonly seconds?: Seconds | Span;
  readonly tempo?: string;
  /** What it is now, and whether that is more or less; null where it can't be told, or no load is set any more. */
  readonly load?: { readonly now: Load | null; readonly change: "heavier" | "lighter" | null };
  /** The other side than last time. */
  readonly side?: Side;
}

/** How heavy a load is meant, to compare with another that says it in the same way; null where it can't be told. */
function weight(load: Load | undefined): { readonly by: string; readonly much: number } | null {
  if (load?.kg !== undefined) return { by: "kg", much: load.kg };
  if (load?.target !== undefined) return { by: "target", much: LOAD_TARGETS.indexOf(load.target) };
  // The fewer are left, the heavier it is.
  if (load?.rir !== undefined) return { by: "rir", much: -load.rir };
  return load?.rpe === undefined ? null : { by: "rpe", much: load.rpe };
}

function loadSince(was: Load | undefined, is: Load | undefined): SinceLast["load"] | undefined {
  if (isSame(was ?? null, is ?? null)) return undefined;
  const [before, now] = [weight(was), weight(is)];
  const told = before && now && before.by === now.by && before.much !== now.much;
  return { now: is ?? null, change: told ? (now.much > before.much ? "heavier" : "lighter") : null };
}

function doseSince(was: Dose, is: Dose): SinceLast {
  const [before, now] = [spanOf(was), spanOf(is)];
  const other = now !== null && !isSame(before, now);
  const key = is.reps === undefined ? "seconds" : "reps";
  return {
    ...(other ? { [key]: now } : {}),
    ...(is.tempo !== undefined && is.tempo !== was.tempo ? { tempo: is.tempo } : {}),
  };
}

/** What is different in the set that a piece belongs to; null in a slot's first set and where all is as it was. */
export function sinceLast(
  doc: ClassDoc,
  segments: readonly Segment[],
  piece: Segment | null,
  book: MoveBook,
): SinceLast | null {
  const slot = piece?.slot ? findSlot(doc, piece.slot)?.slot : undefined;
  const index = slot && piece ? appearanceOf(segments, piece) : 0;
  if (!slot || !piece || index === 0) return null;
  const load = loadSince(loadAt(slot, index - 1), loadAt(slot, index));
  const swaps = slotSides(slot, book) === "swap" && piece.side !== null;
  const since: SinceLast = {
    ...doseSince(doseAt(slot, index - 1), doseAt(slot, index)),
    ...(load ? { load } : {}),
    ...(swaps && piece.side ? { side: piece.side } : {}),
  };
  return Object.keys(since).length > 0 ? since : null;
}
