/**
 * The end of a segment moved: which number of the class it hangs on, and the edit that makes the segment about so
 * much longer. What hangs on the same number elsewhere goes with it.
 */
import type { MoveBook } from "../moves/book";
import type { Seconds } from "../units";
import { type Span, shiftSpan } from "../values/span";
import { setBlock, setSlot } from "./commands";
import { type Block, type ClassDoc, type Dose, doseAt, dosesOf, findSlot, type Slot } from "./document";
import { rowOf, spanOf, withSpan } from "./dose-kinds";
import { applyEdit, type Edit } from "./edits";
import { expand, type Segment, turnsOf } from "./expand";
import { setDose } from "./fit-marks";

export interface EdgeMoved {
  readonly edit: Edit;
  /** How long the segment is then; 0 where it is gone. */
  readonly seconds: Seconds;
  /** Planned reps of it then, where they are counted. */
  readonly reps: number | null;
}

/** A number of the class that can be made more or less by whole steps; null where it can go no further. */
type Knob = (by: number) => Edit | null;

const MOST_SECONDS: Seconds = 7200;
const MOST_REPS = 1000;

function spanKnob(
  now: Span,
  bounds: { readonly least: number; readonly most: number },
  put: (to: Span) => Edit,
): Knob {
  return (by) => {
    const to = shiftSpan(now, by, bounds.least, bounds.most);
    return to === now ? null : put(to);
  };
}

const TIME = { least: 0, most: MOST_SECONDS } as const;

function blockKnob(block: Block, key: "brief" | "prepare" | "after" | "rest" | "longRest" | "demo"): Knob {
  const now = key === "longRest" ? (block.longRest ?? block.rest) : block[key];
  return spanKnob(now ?? 0, TIME, (to) => setBlock(block, key, to as never));
}

/** The dose that holds at a piece, made longer; of a list that one alone. */
function doseKnob(slot: Slot, index: number, change: (dose: Dose, by: number) => Dose | null): Knob {
  return (by) => {
    const to = change(doseAt(slot, index), by);
    if (!to) return null;
    const doses = dosesOf(slot);
    const list = doses.map((dose, i) => (i === Math.min(index, doses.length - 1) ? to : dose));
    return setDose(slot, Array.isArray(slot.dose) ? list : to);
  };
}

/** The amount of a dose moved within what it can be. */
function moreOf(slot: Slot) {
  return (dose: Dose, by: number): Dose | null => {
    const { number } = rowOf(dose).row;
    if (number === null || spanOf(dose) === null) return null;
    // Of a total over both sides each must get one.
    const least = slot.count === "total" ? 2 : 1;
    const most = number === "work" ? MOST_SECONDS : MOST_REPS;
    const to = withSpan(dose, (span) => shiftSpan(span, by, least, most));
    return to === dose ? null : to;
  };
}

function moreWindow(dose: Dose, by: number): Dose | null {
  if (dose.within === undefined) return null;
  const within = Math.max(1, Math.min(MOST_SECONDS, dose.within + by));
  return within === dose.within ? null : { ...dose, within };
}

/** Which of its slot's own appearances a segment belongs to. */
function appearanceIn(block: Block, { slot, round }: Segment): number {
  const turns = turnsOf(block, round ?? 1).flat();
  return turns.find((each) => each.slot.id === slot && each.round === round)?.index ?? 0;
}

/** Whether a rest is what is left of a window, and not the gap after it. */
function isInWindow(segments: readonly Segment[], at: number, within: Seconds): boolean {
  const here = segments[at] as Segment;
  let done = 0;
  for (let i = at - 1; i >= 0; i -= 1) {
    const { slot, round, kind, start, end } = segments[i] as Segment;
    if (slot !== here.slot || round !== here.round || kind === "rest" || kind === "demo") break;
    done += end - start;
  }
  return done > 0 && done < within;
}

function slotKnob(block: Block, slot: Slot, segments: readonly Segment[], at: number): Knob | null {
  const segment = segments[at] as Segment;
  const index = appearanceIn(block, segment);
  const { within } = doseAt(slot, index);
  switch (segment.kind) {
    case "work":
      return doseKnob(slot, index, moreOf(slot));
    case "side-change":
      return spanKnob(slot.sideChange ?? 0, TIME, (to) => setSlot(slot, "sideChange", to as number));
    case "demo":
      if (slot.demo === undefined) return blockKnob(block, "demo");
      return spanKnob(slot.demo, TIME, (to) => setSlot(slot, "demo", to as number));
    case "rest":
      if (within !== undefined && isInWindow(segments, at, within)) return doseKnob(slot, index, moreWindow);
      if (slot.rest === undefined) return blockKnob(block, "rest");
      return spanKnob(slot.rest, TIME, (to) => setSlot(slot, "rest", to));
    default:
      return null;
  }
}

function knobOf(doc: ClassDoc, segments: readonly Segment[], at: number): Knob | null {
  const segment = segments[at];
  const block = doc.blocks.find(({ id }) => id === segment?.block);
  if (!segment || !block) return null;
  switch (segment.kind) {
    case "brief":
    case "prepare":
    case "after":
      return blockKnob(block, segment.kind);
    case "long-rest":
      return blockKnob(block, "longRest");
    default: {
      if (segment.slot === null) {
        const now = block.cap ?? 1;
        return spanKnob(now, { least: 1, most: MOST_SECONDS }, (to) => setBlock(block, "cap", to as number));
      }
      const found = findSlot(doc, segment.slot);
      return found ? slotKnob(block, found.slot, segments, at) : null;
    }
  }
}

/** The same segment after an edit: the first of its kind at the same place of its block; null where it is gone. */
function sameAfter(doc: ClassDoc, edit: Edit, here: Segment, nth: number, book: MoveBook): Segment | null {
  const next = applyEdit(doc, edit);
  const block = next.ok ? next.value.blocks.find(({ id }) => id === here.block) : undefined;
  if (!block) return null;
  const alone: ClassDoc = { ...doc, blocks: [block] };
  return expand(alone, book).filter((other) => isLike(other, here))[nth] ?? null;
}

const isLike = (a: Segment, b: Segment) =>
  a.block === b.block && a.kind === b.kind && a.slot === b.slot && a.round === b.round && a.side === b.side;

const lengthOf = (segment: Segment | null) => (segment ? segment.end - segment.start : 0);

/** Steps over which it is tried how much longer a segment becomes by each. */
const TRIED = 4;

/**
 * The edit that moves the end of the segment at `at` by about `by` seconds: exactly so where it is timed, by
 * whole reps where they are counted. Null where nothing hangs on it, or it can go no further.
 */
export function moveEdge(
  doc: ClassDoc,
  segments: readonly Segment[],
  at: number,
  by: Seconds,
  book: MoveBook,
): EdgeMoved | null {
  const here = segments[at];
  const knob = knobOf(doc, segments, at);
  if (!here || !knob || by === 0) return null;
  const nth = segments.slice(0, at).filter((other) => isLike(other, here)).length;
  const after = (steps: number) => {
    const edit = knob(steps);
    return edit && { edit, segment: sameAfter(doc, edit, here, nth, book) };
  };
  // Shorter is always possible as far as nothing; longer tells how much a step is.
  const tried = after(TRIED) ?? after(-TRIED);
  const grown = tried ? Math.abs(lengthOf(tried.segment) - lengthOf(here)) / TRIED : 0;
  if (grown === 0) return null;
  const steps = Math.round(by / grown);
  const made = steps === 0 ? null : after(steps);
  // A second side that a window cuts gets longer where the first has fewer reps: that isn't what was drawn.
  const moved = made ? lengthOf(made.segment) - lengthOf(here) : 0;
  if (Math.sign(moved) === -Math.sign(by)) return null;
  return made && { edit: made.edit, seconds: lengthOf(made.segment), reps: made.segment?.reps?.plan ?? null };
}

/** Whether the end of a segment can be moved. */
export function hasEdge(doc: ClassDoc, segments: readonly Segment[], at: number): boolean {
  const knob = knobOf(doc, segments, at);
  return knob !== null && (knob(1) ?? knob(-1)) !== null;
}
