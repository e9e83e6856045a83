"use client";
import { type PointerEvent, useDeferredValue, useLayoutEffect, useMemo, useRef, useState } from "react";
import type { ClassDoc } from "@/core/class/document";
import { resolveAt } from "@/core/score/resolve";
import type { Score } from "@/core/score/score";
import { clockText } from "@/core/units";
import {
  GUTTER,
  LEAST_ROW,
  MOST_ROW,
  measuresFor,
  placeOf,
  type RowMinutes,
  rowCount,
  type ScoreMeasures,
  secondAt,
} from "@/drawing/measures";
import { type Below, NOTHING_BELOW } from "@/drawing/notches";
import { scoreContent } from "@/drawing/row-faces";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Styled } from "@/ui/styled";
import { RenameBlock } from "./rename-block";
import { type Played, saidOf } from "./said";
import { type ScoreCanvas, useBox, usePaint } from "./use-paint";
import { type ScoreChoices, useScorePress } from "./use-score-press";

interface Props extends Omit<ScoreChoices, "onRename"> {
  readonly doc: ClassDoc;
  readonly score: Score;
  readonly minutes: RowMinutes;
  /** Only looked at: something is tried on it. */
  readonly fixed?: boolean;
  readonly selectedBlock: string | null;
  readonly selectedSlot: string | null;
  /** Several that are chosen together. */
  readonly marked: ReadonlySet<string>;
  readonly below?: Below;
  /** Estimated effort every five seconds, drawn over the rows. */
  readonly curve?: readonly number[] | null;
}

interface Hint {
  readonly left: number;
  readonly top: number;
  readonly text: string;
}

/** Px between the pointer and its words, and how wide they may be. */
const UNDER = 16;
const WIDEST = 360;
/** Before the room is known. */
const UNKNOWN_BOX = { width: 960, height: 480 };

/** What the score is drawn from, what is dragged on it, and how large it is. */
function useDrawn(props: Props, onRename: (block: string) => void) {
  const library = useLibrary();
  const words = useWords();
  const {
    doc,
    score,
    minutes,
    selectedBlock,
    selectedSlot,
    marked,
    below = NOTHING_BELOW,
    curve = null,
  } = props;
  const rowSeconds = minutes * 60;
  const scroll = useRef<HTMLDivElement>(null);
  const canvas = useRef<ScoreCanvas>(null);
  const box = useBox(scroll);
  const total = score.seconds.plan;
  const fitted = useMemo(() => measuresFor(box ?? UNKNOWN_BOX, total, rowSeconds), [box, total, rowSeconds]);
  const own = useMemo(
    () => scoreContent(doc, score, rowSeconds, words, library),
    [doc, score, rowSeconds, words, library],
  );
  const press = useScorePress(scroll, { doc, score, faces: own.faces, selectedSlot, selectedBlock }, fitted, {
    ...props,
    onRename,
  });
  const { draft, measures: at } = press;
  const shown = draft?.shown ?? null;
  const content = useMemo(
    () => (shown ? scoreContent(shown.doc, shown.score, rowSeconds, words, library) : own),
    [shown, own, rowSeconds, words, library],
  );
  const chosen = useMemo(
    () => ({
      selectedBlock,
      selectedSlot,
      marked,
      below: shown ? NOTHING_BELOW : below,
      curve: shown ? null : curve,
    }),
    [selectedBlock, selectedSlot, marked, below, curve, shown],
  );
  usePaint(scroll, canvas, box, { content, chosen, at, caret: draft?.caret ?? null });
  useInSight(scroll, at, own.score, selectedBlock, selectedSlot);
  return { scroll, canvas, press, at, rows: rowCount(content.score.seconds.plan, rowSeconds) };
}

/** The class drawn to scale in time, wrapped like text, and edited where it stands. */
export function ClassScore(props: Props) {
  const [renaming, setRenaming] = useState<string | null>(null);
  const drawn = useDrawn(props, (block) => props.fixed || setRenaming(block));
  const { scroll, canvas, press, at, rows } = drawn;
  const high = useSettled(rows, at, props);
  const hint = useHint(press, { below: NOTHING_BELOW, ...props }, at);
  return (
    <Styled
      className="relative min-h-36 shrink grow-0 basis-(--most) has-[[data-score]:focus-visible]:outline-2 has-[[data-score]:focus-visible]:outline-ink stacked:h-(--least)"
      look={{ "--most": `${high * MOST_ROW}px`, "--least": `${high * LEAST_ROW}px` }}
    >
      <div
        ref={scroll}
        role="slider"
        tabIndex={0}
        aria-valuenow={press.here}
        data-score
        data-total={props.score.seconds.plan}
        className="absolute inset-0 touch-pan-y select-none overflow-x-hidden overflow-y-auto focus-visible:outline-none"
        {...useScoreWords(props, rows, press.here)}
        {...press.handlers}
        {...hint.handlers}
      >
        {/* As high as all rows; the canvas is as high as what is in sight of them, and stays there. */}
        <Styled look={{ height: `${high * at.row}px` }}>
          <canvas ref={canvas} aria-hidden className="sticky top-0 block w-full" />
        </Styled>
      </div>
      {hint.shown && <HintWords {...hint.shown} />}
      {renaming !== null && (
        <RenameBlock
          doc={props.doc}
          blockId={renaming}
          place={titlePlace(canvas.current, renaming)}
          onEdit={props.onEdit}
          onDone={() => {
            setRenaming(null);
            scroll.current?.focus();
          }}
        />
      )}
    </Styled>
  );
}

/**
 * How many rows can be scrolled through. A row more or less by a number that is typed is drawn at once, and to be
 * scrolled to a moment later: another height lays out all that scrolls. Not so where what is selected, or how it is
 * drawn, changes with it: that is brought into sight at once.
 */
function useSettled(
  rows: number,
  { row, rowSeconds }: ScoreMeasures,
  { selectedBlock, selectedSlot }: Props,
) {
  const now = useMemo(
    () => ({ rows, selected: [selectedBlock, selectedSlot, row, rowSeconds].join(" ") }),
    [rows, selectedBlock, selectedSlot, row, rowSeconds],
  );
  const settled = useDeferredValue(now);
  return settled.selected === now.selected ? settled.rows : rows;
}

/** What a screen reader says of the score, and of the piece that the keys are at. */
function useScoreWords({ doc, score, minutes, below = NOTHING_BELOW }: Props, rows: number, here: number) {
  const words = useWords();
  const library = useLibrary();
  const t = useTexts("score");
  const segment = score.segments[here];
  const reads = t("reads", {
    clock: clockText(score.seconds.plan),
    pieces: score.pieces,
    blocks: doc.blocks.length,
    rows,
    minutes,
  });
  return {
    // It follows what is seen.
    "aria-label": useDeferredValue(reads),
    "aria-valuemin": 0,
    "aria-valuemax": Math.max(0, score.segments.length - 1),
    "aria-valuetext": segment ? saidOf(segment, { doc, below }, library, words, t) : t("nothing"),
  } as const;
}

function HintWords({ left, top, text }: Hint) {
  return (
    <Styled
      as="p"
      aria-hidden
      data-hint
      className="pointer-events-none absolute z-10 w-max border border-ink bg-paper px-2 py-0.5 text-sm"
      look={{ left: `${left}px`, top: `${top}px`, "max-width": `${WIDEST}px` }}
    >
      {text}
    </Styled>
  );
}

/** Where the title of a block is drawn, px of what is in sight. */
function titlePlace(
  canvas: ScoreCanvas | null,
  block: string,
): { readonly left: number; readonly top: number } {
  for (const { top, face } of canvas?.drawn ?? []) {
    const own = face.brackets.find((bracket) => bracket.block === block && bracket.title !== "");
    if (own) return { left: GUTTER + own.x - 5, top: Math.max(0, top - 3) };
  }
  return { left: GUTTER, top: 0 };
}

/** What is selected stays in sight. */
function useInSight(
  scroll: React.RefObject<HTMLElement | null>,
  at: ScoreMeasures,
  score: Score,
  block: string | null,
  slot: string | null,
): void {
  const now = useRef({ at, score });
  now.current = { at, score };
  // biome-ignore lint/correctness/useExhaustiveDependencies: rows of another height or length carry it away too
  useLayoutEffect(() => {
    const view = scroll.current;
    const { segments } = now.current.score;
    const own = segments.find((each) => each.block === block && (slot === null || each.slot === slot));
    if (!view || !own) return;
    const { top } = placeOf(now.current.at, own.start);
    const bottom = top + now.current.at.row;
    if (top < view.scrollTop) view.scrollTop = top;
    else if (bottom > view.scrollTop + view.clientHeight) view.scrollTop = bottom - view.clientHeight;
  }, [scroll, block, slot, at.row, at.rowSeconds]);
}

/** What is said beside the pointer, or beside the piece that the keys are at. */
function useHint(
  press: ReturnType<typeof useScorePress>,
  played: Played & { readonly score: Score },
  at: ScoreMeasures,
) {
  const words = useWords();
  const library = useLibrary();
  const t = useTexts("score");
  const [over, setOver] = useState<Hint | null>(null);
  const [focused, setFocused] = useState(false);
  const { draft, here } = press;
  const segment = played.score.segments[here];
  const keyed = (): Hint | null => {
    if (!focused || !segment) return null;
    const { x, top } = placeOf(at, segment.start);
    return { left: Math.max(0, x - 20), top: top + at.row, text: saidOf(segment, played, library, words, t) };
  };
  const textAt = (event: PointerEvent<HTMLElement>): string => {
    const { x, y } = press.placeOf(event);
    const second = secondAt(at, x, y);
    const position = second === null ? null : resolveAt(played.score.segments, second);
    return position ? saidOf(position.segment, played, library, words, t) : "";
  };
  const handlers = {
    onPointerLeave: () => setOver(null),
    onPointerMoveCapture: (event: PointerEvent<HTMLElement>) => {
      // A finger covers what it would read.
      if (event.pointerType !== "mouse") return;
      const { currentTarget, clientX, clientY } = event;
      const outer = currentTarget.getBoundingClientRect();
      const left = Math.max(0, Math.min(clientX - outer.left, outer.width - WIDEST));
      // What is dragged says itself what it does.
      setOver({ left, top: clientY - outer.top + UNDER, text: draft ? "" : textAt(event) });
      // A press that begins by key and goes on by mouse says what the mouse says.
      setFocused(false);
    },
    onFocus: (event: React.FocusEvent<HTMLElement>) =>
      setFocused(event.currentTarget.matches(":focus-visible")),
    onBlur: () => setFocused(false),
  };
  const shown = over ? { ...over, text: draft?.text ?? over.text } : keyed();
  return { shown: shown?.text ? shown : null, handlers };
}
