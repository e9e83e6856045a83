"use client";
/** What is dragged on the score: an end, a top, a bar, a stretch; tried on the score until it is let go. */
import { useEffect, useRef, useState } from "react";
import { setSlot } from "@/core/class/commands";
import { type ClassDoc, findSlot } from "@/core/class/document";
import { moveEdge } from "@/core/class/edge";
import { applyEdit, type Edit } from "@/core/class/edits";
import { carryTo, placeAt } from "@/core/class/place";
import { loadStep } from "@/core/effort/load-step";
import { bookFor, resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { type Score, scoreOf } from "@/core/score/score";
import { clockText } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { loadText } from "@/words/way-words";
import type { Words } from "@/words/words";
import type { Grip } from "./grips";
import { placeOf, type ScoreMeasures, secondAt } from "./measures";
import type { Caret } from "./paint";

/** What it would be, drawn while it is held. */
export interface Draft {
  readonly edit: Edit | null;
  /** The class with it; null where the score stays as it is until it is let go. */
  readonly shown: { readonly doc: ClassDoc; readonly score: Score } | null;
  readonly caret: Caret | null;
  readonly text: string;
}

/** The place of the pointer, px from the score's first row, and whether fine steps are wanted. */
export interface Pointed {
  readonly x: number;
  readonly y: number;
  readonly fine: boolean;
}

interface Held {
  readonly grip: Grip;
  readonly from: Pointed;
  readonly doc: ClassDoc;
  readonly score: Score;
}

/** Steps of an end, and with Shift held; px that one word of load takes at the least. */
const STEP_SECONDS = 5;
const LEAST_WORD_PX = 8;
/** A press that moves less is a press. */
const STILL_PX = 4;

const signed = (seconds: number) => `${seconds < 0 ? "−" : "+"}${clockText(Math.abs(seconds))}`;

/** An edit tried: the class with it, and what it says beside the pointer. */
function tried(held: Held, edit: Edit | null, text: (score: Score) => string): Draft {
  const next = edit && applyEdit(held.doc, edit);
  if (!edit || !next?.ok) return { edit: null, shown: null, caret: null, text: "" };
  const score = scoreOf(next.value, LIBRARY_BOOK);
  return { edit, shown: { doc: next.value, score }, caret: null, text: text(score) };
}

function dragEdge(held: Held, index: number, to: Pointed, at: ScoreMeasures, words: Words): Draft {
  const moved = (to.x - held.from.x) / at.m.pxPerSecond;
  const step = to.fine ? 1 : STEP_SECONDS;
  const by = Math.round(moved / step) * step;
  const segment = held.score.segments[index];
  const made = moveEdge(held.doc, held.score.segments, index, by, bookFor(held.doc, LIBRARY_BOOK));
  const what = segment ? words.name("segment", segment.kind) : "";
  return tried(held, made?.edit ?? null, (score) => {
    const change = score.seconds.plan - held.score.seconds.plan;
    const amount = made?.reps == null ? `${made?.seconds} s` : `${made.reps} reps, ${made.seconds} s`;
    return `${what} ${amount} · ${signed(change)} → ${clockText(score.seconds.plan)}`;
  });
}

function dragTop(held: Held, slotId: string, to: Pointed, at: ScoreMeasures, words: Words): Draft {
  const slot = findSlot(held.doc, slotId)?.slot;
  const book = bookFor(held.doc, LIBRARY_BOOK);
  const by = Math.round((held.from.y - to.y) / Math.max(LEAST_WORD_PX, at.m.fullBar / 4));
  const target = slot && loadStep(slot, by, book);
  const edit = slot && target ? setSlot(slot, "load", { target }) : null;
  return tried(held, edit, () => (target ? loadText({ target }, words) : ""));
}

/** A bar held over another place: where it would go, as a line and in words. */
function dragBar(held: Held, slotId: string, to: Pointed, at: ScoreMeasures): Draft {
  const none: Draft = { edit: null, shown: null, caret: null, text: "" };
  const second = secondAt(at, to.x, to.y);
  const { doc, score } = held;
  const place = second === null ? null : placeAt(doc, score.segments, second);
  const edit = place && carryTo(doc, slotId, place);
  const block = doc.blocks.find(({ id }) => id === place?.block);
  if (!place || !edit || !block || second === null) return none;
  const book = bookFor(doc, LIBRARY_BOOK);
  const before = place.before === null ? null : findSlot(doc, place.before)?.slot;
  const where = before ? `before ${resolveMove(before.move, book).name}` : "at the end";
  return {
    edit,
    shown: null,
    caret: caretAt(held, second, at),
    text: `${where} · ${block.title || "the block"}`,
  };
}

/** The line stands at the nearer end of the piece under the pointer, or where its rest begins. */
function caretAt({ score }: Held, second: number, at: ScoreMeasures): Caret {
  const here = score.segments.find(({ end }) => second < end) ?? score.segments.at(-1);
  if (!here) return { x: 0, top: 0 };
  const isWork = here.kind === "work";
  const end = isWork && second >= (here.start + here.end) / 2 ? here.end : here.start;
  // An end at a row's edge stands in the row that it ends.
  const place = placeOf(at, end === here.end ? end - 0.01 : end);
  return place;
}

function draftOf(held: Held, to: Pointed, at: ScoreMeasures, words: Words): Draft | null {
  switch (held.grip.kind) {
    case "edge":
      return dragEdge(held, held.grip.index, to, at, words);
    case "top":
      return dragTop(held, held.grip.slot, to, at, words);
    case "carry":
      return dragBar(held, held.grip.slot, to, at);
    default:
      return null;
  }
}

export function useScoreDrag(
  now: { readonly doc: ClassDoc; readonly score: Score },
  at: ScoreMeasures,
  done: {
    /** The edit that was dragged; null where it was let go where nothing changes. */
    readonly onDrop: (edit: Edit | null) => void;
    /** Drawn over from here to there, or pressed where both are the same. */
    readonly onPlain: (from: Pointed, to: Pointed, moved: boolean) => void;
  },
) {
  const words = useWords();
  const held = useRef<Held | null>(null);
  const moved = useRef(false);
  const [draft, setDraft] = useState<Draft | null>(null);
  const [at0, setAt0] = useState<ScoreMeasures | null>(null);
  const give = () => {
    held.current = null;
    moved.current = false;
    setDraft(null);
    setAt0(null);
  };
  const isHeld = draft !== null;
  useEffect(() => {
    if (!isHeld) return;
    const cancel = (event: KeyboardEvent) => {
      if (event.key !== "Escape") return;
      event.stopPropagation();
      held.current = null;
      moved.current = false;
      setDraft(null);
      setAt0(null);
    };
    window.addEventListener("keydown", cancel, true);
    return () => window.removeEventListener("keydown", cancel, true);
  }, [isHeld]);
  return {
    draft,
    /** The measures that hold while something is held: rows don't grow under the pointer. */
    measures: at0 ?? at,
    isHeld: () => held.current !== null,
    press: (grip: Grip, from: Pointed) => {
      held.current = { grip, from, ...now };
      moved.current = false;
    },
    /** True once something is dragged. */
    drag: (to: Pointed): boolean => {
      const own = held.current;
      if (!own) return false;
      const far = Math.hypot(to.x - own.from.x, to.y - own.from.y) > STILL_PX;
      moved.current ||= far;
      if (!moved.current) return false;
      const next = draftOf(own, to, at0 ?? at, words);
      if (!next) return false;
      setAt0((known) => known ?? at);
      setDraft(next);
      return true;
    },
    drop: (to: Pointed): void => {
      const own = held.current;
      if (!own) return;
      const next = moved.current ? draftOf(own, to, at0 ?? at, words) : null;
      const wasMoved = moved.current;
      give();
      if (next) done.onDrop(next.edit);
      else done.onPlain(own.from, to, wasMoved);
    },
    cancel: give,
  };
}
