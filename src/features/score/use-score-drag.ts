"use client";
import { useCallback, useEffect, useRef, useState } from "react";
import { setSlot } from "@/core/class/commands";
import { type ClassDoc, findSlot } from "@/core/class/document";
import { moveEdge } from "@/core/class/edge";
import { applyEdit, type Edit } from "@/core/class/edits";
import { carryTo, placeAt } from "@/core/class/place";
import { loadStep } from "@/core/effort/load-step";
import { bookFor, type MoveBook, resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { type Score, scoreOf } from "@/core/score/score";
import { changeText, clockText } from "@/core/units";
import { placeOf, type ScoreMeasures, secondAt } from "@/drawing/measures";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { blockName } from "@/words/block-words";
/** What is dragged on the score: an end, a top, a bar, a stretch; tried on the score until it is let go. */
import type { Say } from "@/words/screens/screens";
import { loadText } from "@/words/way-words";
import type { Words } from "@/words/words";
import type { Grip } from "./grips";
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
  moved: boolean;
  readonly doc: ClassDoc;
  readonly score: Score;
}

/** Steps of an end, and with Shift held; px that one word of load takes at the least. */
const STEP_SECONDS = 5;
const LEAST_WORD_PX = 8;
const A_MOMENT = 0.01;
/** A press that moves less is a press. */
const STILL_PX = 4;

/** Held where nothing would change. */
const NOTHING_HELD: Draft = { edit: null, shown: null, caret: null, text: "" };

/** In what a drag says what it would do. */
interface Speech {
  readonly words: Words;
  readonly library: MoveBook;
  readonly t: Say<"score">;
}

/** An edit tried: the class with it, and what it says beside the pointer. */
function triedOn(held: Held, edit: Edit | null, text: (score: Score) => string): Draft {
  const next = edit && applyEdit(held.doc, edit);
  if (!edit || !next?.ok) return NOTHING_HELD;
  const score = scoreOf(next.value, LIBRARY_BOOK);
  return { edit, shown: { doc: next.value, score }, caret: null, text: text(score) };
}

function dragEdge(held: Held, index: number, to: Pointed, at: ScoreMeasures, says: Speech): Draft {
  const moved = (to.x - held.from.x) / at.m.pxPerSecond;
  const step = to.fine ? 1 : STEP_SECONDS;
  const by = Math.round(moved / step) * step;
  const segment = held.score.segments[index];
  const made = moveEdge(held.doc, held.score.segments, index, by, bookFor(held.doc, LIBRARY_BOOK));
  const what = segment ? says.words.name("segment", segment.kind) : "";
  return triedOn(held, made?.edit ?? null, (score) => {
    const change = score.seconds.plan - held.score.seconds.plan;
    const amount =
      made?.reps == null
        ? `${made?.seconds} s`
        : says.t("repsSeconds", { reps: made.reps, seconds: made.seconds });
    return `${what} ${amount} · ${changeText(change)} → ${clockText(score.seconds.plan)}`;
  });
}

function dragTop(held: Held, slotId: string, to: Pointed, at: ScoreMeasures, says: Speech): Draft {
  const slot = findSlot(held.doc, slotId)?.slot;
  const book = bookFor(held.doc, LIBRARY_BOOK);
  const by = Math.round((held.from.y - to.y) / Math.max(LEAST_WORD_PX, at.m.fullBar / 4));
  const target = slot && loadStep(slot, by, book);
  const edit = slot && target ? setSlot(slot, "load", { target }) : null;
  return triedOn(held, edit, () => (target ? loadText({ target }, says.words) : ""));
}

/** A bar held over another place: where it would go, as a line and in words. */
function dragBar(held: Held, slotId: string, to: Pointed, at: ScoreMeasures, says: Speech): Draft {
  const second = secondAt(at, to.x, to.y);
  const { doc, score } = held;
  const place = second === null ? null : placeAt(doc, score.segments, second);
  const edit = place && carryTo(doc, slotId, place);
  const block = doc.blocks.find(({ id }) => id === place?.block);
  if (second === null || !place || !edit || !block) return NOTHING_HELD;
  const book = bookFor(doc, says.library);
  const before = place.before === null ? null : findSlot(doc, place.before)?.slot;
  const where = before ? says.t("before", { move: resolveMove(before.move, book).name }) : says.t("atEnd");
  return {
    edit,
    shown: null,
    // An end at a row's edge stands in the row that it ends.
    caret: placeOf(at, place.at > second ? place.at - A_MOMENT : place.at),
    text: `${where} · ${blockName(block, book, says.words)}`,
  };
}

function draftOf(held: Held, to: Pointed, at: ScoreMeasures, says: Speech): Draft | null {
  switch (held.grip.kind) {
    case "edge":
      return dragEdge(held, held.grip.index, to, at, says);
    case "top":
      return dragTop(held, held.grip.slot, to, at, says);
    case "carry":
      return dragBar(held, held.grip.slot, to, at, says);
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
  const library = useLibrary();
  const t = useTexts("score");
  const held = useRef<Held | null>(null);
  /** What is tried, and the measures that hold meanwhile: rows don't grow under the pointer. */
  const [tried, setTried] = useState<{ readonly draft: Draft; readonly at: ScoreMeasures } | null>(null);
  const measures = tried?.at ?? at;
  const give = useCallback(() => {
    held.current = null;
    setTried(null);
  }, []);
  const isTried = tried !== null;
  useEffect(() => {
    if (!isTried) return;
    const cancel = (event: KeyboardEvent) => {
      if (event.key !== "Escape") return;
      event.stopPropagation();
      give();
    };
    window.addEventListener("keydown", cancel, true);
    return () => window.removeEventListener("keydown", cancel, true);
  }, [isTried, give]);
  /** Once it was moved it is a drag, also back at where it began. */
  const moveTo = (own: Held, to: Pointed) => {
    own.moved ||= Math.hypot(to.x - own.from.x, to.y - own.from.y) > STILL_PX;
    return own.moved ? draftOf(own, to, measures, { words, library, t }) : null;
  };
  return {
    draft: tried?.draft ?? null,
    measures,
    isHeld: () => held.current !== null,
    press: (grip: Grip, from: Pointed) => {
      held.current = { grip, from, moved: false, ...now };
    },
    drag: (to: Pointed): void => {
      const draft = held.current && moveTo(held.current, to);
      if (draft) setTried({ draft, at: measures });
    },
    drop: (to: Pointed): void => {
      const own = held.current;
      if (!own) return;
      const draft = moveTo(own, to);
      give();
      if (draft) done.onDrop(draft.edit);
      else done.onPlain(own.from, to, own.moved);
    },
    cancel: give,
  };
}
