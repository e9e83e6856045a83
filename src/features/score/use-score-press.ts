"use client";
/** What presses and keys on the score do: choose, extend, draw a stretch, drag, rename. */
import { type KeyboardEvent, type MouseEvent, type PointerEvent, type RefObject, useState } from "react";
import type { ClassDoc } from "@/core/class/document";
import { moveEdge } from "@/core/class/edge";
import type { Edit } from "@/core/class/edits";
import { bookFor } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { resolveAt } from "@/core/score/resolve";
import type { Score } from "@/core/score/score";
import type { SlotFace } from "@/drawing/faces";
import { type ScoreMeasures, secondAt } from "@/drawing/measures";
import { CURSORS, type Grip, gripAt } from "./grips";
import { type Pointed, useScoreDrag } from "./use-score-drag";

export interface ScoreChoices {
  readonly onSelect: (block: string, slot: string | null) => void;
  /** With Shift: up to this one. */
  readonly onExtend: (slot: string) => void;
  /** The moves of a stretch of time that was drawn over, in the order of the class. */
  readonly onStretch: (slots: readonly string[]) => void;
  readonly onEdit: (edit: Edit) => void;
  /** Pressed twice: another move, another name. */
  readonly onChooseMove: (slot: string) => void;
  readonly onRename: (block: string) => void;
  /** Nothing can be changed now. */
  readonly fixed?: boolean;
}

const PLAIN: Grip = { kind: "plain" };

export interface PressedScore {
  readonly doc: ClassDoc;
  readonly score: Score;
  readonly faces: ReadonlyMap<string, SlotFace>;
  readonly selectedSlot: string | null;
  readonly selectedBlock: string | null;
}

/** The slots with a piece between two seconds, in the order of the class. */
function slotsBetween({ segments }: Score, from: number, to: number): readonly string[] {
  const within = segments.filter(({ kind, start, end }) => kind === "work" && end > from && start < to);
  return [...new Set(within.flatMap(({ slot }) => slot ?? []))];
}

/** Steps of an end by keys; with Shift by single seconds. */
const KEY_SECONDS = 5;

/** Going over the score piece by piece, and making what is there longer or shorter. */
function useScoreKeys(now: PressedScore, choices: ScoreChoices) {
  const { doc, score, selectedBlock, selectedSlot } = now;
  const { segments } = score;
  const [place, setPlace] = useState<number | null>(null);
  // What belongs to no move, such as water, leaves the selection of moves as it is.
  const isOfSelection = (index: number) => {
    const segment = segments[index];
    return segment?.block === selectedBlock && (segment.slot === null || segment.slot === selectedSlot);
  };
  const first = () =>
    segments.findIndex(({ block, slot, kind }) =>
      selectedSlot === null ? block === selectedBlock : slot === selectedSlot && kind === "work",
    );
  // What was selected elsewhere is where it goes on from.
  const here = place !== null && isOfSelection(place) ? place : Math.max(0, first());
  const goTo = (index: number) => {
    const to = Math.max(0, Math.min(segments.length - 1, index));
    const segment = segments[to];
    if (!segment) return;
    setPlace(to);
    choices.onSelect(segment.block, segment.slot);
  };
  const stretchBy = (by: number) => {
    const made = moveEdge(doc, segments, here, by, bookFor(doc, LIBRARY_BOOK));
    // Of what is counted a step is a rep, however long it takes.
    const more = made ?? moveEdge(doc, segments, here, by * 3, bookFor(doc, LIBRARY_BOOK));
    if (more && !choices.fixed) choices.onEdit(more.edit);
  };
  const runs: Record<string, (event: KeyboardEvent) => void> = {
    ArrowLeft: ({ altKey, shiftKey }) => (altKey ? stretchBy(shiftKey ? -1 : -KEY_SECONDS) : goTo(here - 1)),
    ArrowRight: ({ altKey, shiftKey }) => (altKey ? stretchBy(shiftKey ? 1 : KEY_SECONDS) : goTo(here + 1)),
    Home: () => goTo(0),
    End: () => goTo(segments.length - 1),
  };
  return {
    here,
    onKeyDown: (event: KeyboardEvent) => {
      const run = event.ctrlKey || event.metaKey ? undefined : runs[event.key];
      if (!run) return;
      event.preventDefault();
      // The Desk's own keys go from block to block with the same arrows.
      event.stopPropagation();
      run(event);
    },
  };
}

export function useScorePress(
  box: RefObject<HTMLElement | null>,
  now: PressedScore,
  at: ScoreMeasures,
  choices: ScoreChoices,
) {
  const choose = (to: Pointed, shift: boolean) => {
    const second = secondAt(at, to.x, to.y);
    const position = second === null ? null : resolveAt(now.score.segments, second);
    if (!position) return;
    const { block, slot } = position.segment;
    if (shift && slot !== null) choices.onExtend(slot);
    else choices.onSelect(block, slot);
  };
  const drag = useScoreDrag(now, at, {
    onDrop: (edit) => edit && choices.onEdit(edit),
    onPlain: (from, to, moved) => {
      const [a, b] = [secondAt(at, from.x, from.y), secondAt(at, to.x, to.y)];
      if (moved && a !== null && b !== null)
        choices.onStretch(slotsBetween(now.score, Math.min(a, b), Math.max(a, b)));
      else if (!moved) choose(to, to.fine);
    },
  });
  const measures = drag.measures;
  const placeOf = ({
    clientX,
    clientY,
    shiftKey,
  }: Pick<MouseEvent, "clientX" | "clientY" | "shiftKey">): Pointed => {
    const own = box.current;
    const { left = 0, top = 0 } = own?.getBoundingClientRect() ?? {};
    return { x: clientX - left, y: clientY - top + (own?.scrollTop ?? 0), fine: shiftKey };
  };
  const gripOf = ({ x, y }: Pointed): Grip =>
    choices.fixed ? PLAIN : gripAt(x, y, { ...now, book: bookFor(now.doc, LIBRARY_BOOK) }, measures);
  const keys = useScoreKeys(now, choices);
  return {
    draft: drag.draft,
    measures,
    here: keys.here,
    placeOf,
    handlers: {
      onKeyDown: keys.onKeyDown,
      onPointerDown: (event: PointerEvent<HTMLElement>) => {
        if (event.button !== 0) return;
        const to = placeOf(event);
        // A finger scrolls, and chooses where it doesn't.
        const isTouch = event.pointerType === "touch";
        drag.press(isTouch || event.shiftKey ? { kind: "plain" } : gripOf(to), to);
        if (!isTouch) event.currentTarget.setPointerCapture(event.pointerId);
      },
      onPointerMove: (event: PointerEvent<HTMLElement>) => {
        if (event.pointerType === "touch") return;
        const to = placeOf(event);
        if (drag.isHeld()) drag.drag(to);
        else event.currentTarget.style.cursor = CURSORS[gripOf(to).kind];
      },
      onPointerUp: (event: PointerEvent<HTMLElement>) => drag.drop(placeOf(event)),
      onPointerCancel: drag.cancel,
      onDoubleClick: (event: MouseEvent<HTMLElement>) => {
        const to = placeOf(event);
        const grip = gripOf(to);
        if (grip.kind === "title") return choices.onRename(grip.block);
        const second = secondAt(measures, to.x, to.y);
        const segment = second === null ? null : resolveAt(now.score.segments, second)?.segment;
        if (segment?.slot) choices.onChooseMove(segment.slot);
      },
    },
  };
}
