"use client";
import { memo, useMemo, useRef } from "react";
import type { ClassDoc } from "@/core/class/document";
import { blockShape } from "@/core/class/sentence";
import { resolveAt } from "@/core/score/resolve";
import { scoreRows } from "@/core/score/rows";
import type { Score } from "@/core/score/score";
import { clockText } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { type Bracket, rowBrackets, rowsForTitles } from "./brackets";
import { slotFaces } from "./faces";
import { type Below, NOTHING_BELOW } from "./notches";
import { type RowLabel, type RowMarks, rowMarks } from "./row-marks";
import type { RowMeasures } from "./shapes";

const GUTTER = 42;
const WIDTH = 900;
const ROW = 53;
const ROW_SECONDS = 300;
const M: RowMeasures = { baseline: 43, fullBar: 20, pxPerSecond: WIDTH / ROW_SECONDS };

interface Props {
  readonly doc: ClassDoc;
  readonly score: Score;
  readonly selectedBlock: string | null;
  readonly selectedSlot: string | null;
  readonly onSelect: (block: string, slot: string | null) => void;
  /** Several that are chosen together. */
  readonly marked?: ReadonlySet<string>;
  /** With Shift: up to this one. */
  readonly onExtend?: (slot: string) => void;
  /** The moves of a stretch of time that was drawn over, in the order of the class. */
  readonly onStretch?: (slots: readonly string[]) => void;
  readonly below?: Below;
  /** Estimated effort every five seconds, drawn over the rows. */
  readonly curve?: readonly number[] | null;
}

/** The second of the class under the pointer, or null beside the rows. */
function secondAt(event: React.MouseEvent<SVGSVGElement>): number | null {
  const toScreen = event.currentTarget.getScreenCTM();
  if (!toScreen) return null;
  const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(toScreen.inverse());
  const into = (x - GUTTER) / M.pxPerSecond;
  return into < 0 || into >= ROW_SECONDS ? null : Math.floor(y / ROW) * ROW_SECONDS + into;
}

/** A press that moves further than this over the score draws a stretch. */
const DRAWN_SECONDS = 8;
const NONE: ReadonlySet<string> = new Set();

/** The slots with a piece between two seconds, in the order of the class. */
function slotsBetween({ segments }: Score, from: number, to: number): readonly string[] {
  const within = segments.filter(({ kind, start, end }) => kind === "work" && end > from && start < to);
  return [...new Set(within.flatMap(({ slot }) => slot ?? []))];
}

/** The class drawn to scale in time: five minutes a row, wrapped like text. */
export function ScoreRows(props: Props) {
  const words = useWords();
  const { doc, score, selectedBlock, selectedSlot, onSelect, below = NOTHING_BELOW, curve = null } = props;
  const { marked = NONE } = props;
  const faces = useMemo(() => slotFaces(doc), [doc]);
  const rows = useMemo(() => scoreRows(score.segments, ROW_SECONDS), [score]);
  const titles = useMemo(
    () =>
      new Map(doc.blocks.map((block) => [block.id, block.title || words.name("shape", blockShape(block))])),
    [doc, words],
  );
  const titleRows = useMemo(() => rowsForTitles(rows), [rows]);
  const began = useRef<number | null>(null);
  const select = (event: React.MouseEvent<SVGSVGElement>) => {
    const second = secondAt(event);
    const from = began.current;
    began.current = null;
    if (second === null) return;
    if (from !== null && Math.abs(second - from) > DRAWN_SECONDS) {
      props.onStretch?.(slotsBetween(score, Math.min(from, second), Math.max(from, second)));
      return;
    }
    const position = resolveAt(score.segments, second);
    if (!position) return;
    const { block, slot } = position.segment;
    if (event.shiftKey && slot !== null) props.onExtend?.(slot);
    else onSelect(block, slot);
  };
  const label =
    `Score of ${clockText(score.seconds.plan)}: ${score.pieces} pieces in ${doc.blocks.length} blocks, ` +
    `${rows.length} rows of five minutes. The list of moves below says the same in words; X reads all of it as a table.`;
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: the list of moves below selects the same by keyboard
    <svg
      role="img"
      textRendering="optimizeSpeed"
      aria-label={label}
      viewBox={`0 0 ${GUTTER + WIDTH + 2} ${Math.max(1, rows.length) * ROW + 4}`}
      className="block w-full cursor-pointer select-none"
      onMouseDown={(event) => {
        // With Shift no text is selected on the way.
        if (event.shiftKey) event.preventDefault();
        began.current = secondAt(event);
      }}
      onClick={select}
      data-total={score.seconds.plan}
    >
      <Patterns />
      {rows.map((row, i) => {
        const marks = rowMarks(row, {
          doc,
          faces,
          selectedSlot,
          marked,
          below,
          curve,
          rowSeconds: ROW_SECONDS,
          m: M,
        });
        const brackets = rowBrackets(row, M.pxPerSecond, titles, titleRows, selectedBlock);
        const right = (row.stretches.at(-1)?.to ?? 0) * M.pxPerSecond;
        const face = { start: row.start, right, marks, brackets };
        return <Row key={row.start} top={i * ROW} content={JSON.stringify(face)} {...face} />;
      })}
    </svg>
  );
}

const Patterns = memo(function Patterns() {
  return (
    <defs>
      <pattern id="talk" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line x1="0" y1="0" x2="0" y2="6" stroke="var(--color-quiet)" strokeWidth="2.5" />
      </pattern>
      <linearGradient id="soft">
        <stop offset="0" stopColor="var(--color-pine)" />
        <stop offset="1" stopColor="var(--color-pine)" stopOpacity="0.12" />
      </linearGradient>
      <linearGradient id="soft-now">
        <stop offset="0" stopColor="var(--color-marker)" />
        <stop offset="1" stopColor="var(--color-marker)" stopOpacity="0.35" />
      </linearGradient>
    </defs>
  );
});

interface RowProps {
  readonly top: number;
  /** All that is drawn, as text: a row whose text is the same is not drawn again. */
  readonly content: string;
  readonly start: number;
  readonly right: number;
  readonly marks: RowMarks;
  readonly brackets: readonly Bracket[];
}

/**
 * The tones of labels; what all labels of a tone share is said once. A label is placed by a
 * transform: text that only moves is not laid out anew.
 */
const TONES: readonly (readonly [RowLabel["tone"], string, number, number])[] = [
  ["ink", "fill-ink", 10.5, 400],
  ["strong", "fill-ink", 10.5, 700],
  ["quiet", "fill-quiet", 9.3, 400],
  ["rust", "fill-rust", 9, 700],
];

const Row = memo(
  function Row({ top, start, right, marks, brackets }: RowProps) {
    return (
      <g transform={`translate(0 ${top})`}>
        <text
          x={GUTTER - 6}
          y={M.baseline}
          textAnchor="end"
          className="fill-quiet font-clock"
          fontSize="13"
          fontWeight="600"
        >
          {clockText(start)}
        </text>
        <g transform={`translate(${GUTTER} 0)`}>
          <path d={`M0 ${M.baseline}H${right}`} className="stroke-quiet" strokeDasharray="1.5 2.5" />
          {brackets.map((bracket) => (
            <BracketMark key={bracket.block} bracket={bracket} />
          ))}
          {marks.talk && <path d={marks.talk} fill="url(#talk)" opacity="0.55" />}
          {marks.ready && <path d={marks.ready} className="fill-hairline" />}
          {marks.turns && <path d={marks.turns} className="stroke-pine" fill="none" strokeWidth="1.2" />}
          {marks.bars && <path d={marks.bars} className="fill-pine" />}
          {marks.soft.map((d) => (
            <path key={d} d={d} fill="url(#soft)" />
          ))}
          {marks.chosen && <path d={marks.chosen} className="fill-marker stroke-ink" strokeWidth="1.2" />}
          {marks.softChosen.map((d) => (
            <path key={d} d={d} fill="url(#soft-now)" className="stroke-ink" strokeWidth="0.6" />
          ))}
          {marks.notches && <path d={marks.notches} className="fill-ink" />}
          {marks.tooShort && <path d={marks.tooShort} className="fill-rust" />}
          {marks.found && <path d={marks.found} className="fill-rust" />}
          {marks.curve && (
            <path
              d={marks.curve}
              className="fill-ink/20 stroke-ink"
              strokeWidth="0.8"
              strokeLinejoin="round"
            />
          )}
          {marks.curve && <LabelGrounds labels={marks.labels} />}
          {TONES.map(([tone, className, fontSize, fontWeight]) => (
            <g key={tone} className={className} fontSize={fontSize} fontWeight={fontWeight}>
              {marks.labels.map(({ key, x, y, text, tone: own, middle }) =>
                own === tone ? (
                  <text
                    key={key}
                    transform={`translate(${x} ${y})`}
                    textAnchor={middle ? "middle" : undefined}
                  >
                    {text}
                  </text>
                ) : null,
              )}
            </g>
          ))}
        </g>
      </g>
    );
  },
  (a, b) => a.top === b.top && a.content === b.content,
);

/** Width of a letter for each unit of its size, on average. */
const LETTER = 0.58;

/** The band of effort stops where something is written: it never crosses a label. */
function LabelGrounds({ labels }: { readonly labels: readonly RowLabel[] }) {
  const sizes = new Map(TONES.map(([tone, , size]) => [tone, size]));
  const d = labels
    .map(({ x, y, text, tone, middle }) => {
      const size = sizes.get(tone) ?? 10;
      const width = text.length * size * LETTER + 3;
      const left = middle ? x - width / 2 : x - 1.5;
      return `M${left} ${y + 2}v${-size - 1}h${width}v${size + 1}Z`;
    })
    .join("");
  return <path d={d} className="fill-paper" />;
}

function BracketMark({ bracket }: { readonly bracket: Bracket }) {
  const { d, title, x, chosen } = bracket;
  return (
    <>
      <path
        d={d}
        className={chosen ? "stroke-ink" : "stroke-hairline"}
        strokeWidth={chosen ? 2 : 1}
        fill="none"
      />
      {title && (
        <text x={x} y={11} fontSize="11.5" fontWeight="700" className="fill-ink">
          {title}
        </text>
      )}
    </>
  );
}
