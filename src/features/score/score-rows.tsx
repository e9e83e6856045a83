"use client";
import { memo, useMemo } from "react";
import type { ClassDoc } from "@/core/class/document";
import { blockShape } from "@/core/class/sentence";
import { scoreRows } from "@/core/score/rows";
import type { Score } from "@/core/score/score";
import { clockText } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { type Bracket, rowBrackets, rowsForTitles, TITLE_PX } from "./brackets";
import { slotFaces } from "./faces";
import { Hinted } from "./hinted";
import { GUTTER, M, ROW, ROW_SECONDS, WIDTH } from "./measures";
import { type Below, NOTHING_BELOW } from "./notches";
import { LABEL_PX, labelBox, type RowLabel } from "./row-labels";
import { type RowMarks, rowMarks } from "./row-marks";
import { type ScoreChoices, useScorePress } from "./use-score-press";

interface Props extends ScoreChoices {
  readonly doc: ClassDoc;
  readonly score: Score;
  readonly selectedBlock: string | null;
  readonly selectedSlot: string | null;
  /** Several that are chosen together. */
  readonly marked?: ReadonlySet<string>;
  readonly below?: Below;
  /** Estimated effort every five seconds, drawn over the rows. */
  readonly curve?: readonly number[] | null;
}

const NONE: ReadonlySet<string> = new Set();

/** The class drawn to scale in time: five minutes a row, wrapped like text. */
export function ScoreRows(props: Props) {
  const words = useWords();
  const { doc, score, selectedBlock, selectedSlot, below = NOTHING_BELOW, curve = null } = props;
  const { marked = NONE } = props;
  const faces = useMemo(() => slotFaces(doc), [doc]);
  const rows = useMemo(() => scoreRows(score.segments, ROW_SECONDS), [score]);
  const titles = useMemo(
    () =>
      new Map(doc.blocks.map((block) => [block.id, block.title || words.name("shape", blockShape(block))])),
    [doc, words],
  );
  const titleRows = useMemo(() => rowsForTitles(rows), [rows]);
  const press = useScorePress(score, props);
  const label =
    `Score of ${clockText(score.seconds.plan)}: ${score.pieces} pieces in ${doc.blocks.length} blocks, ` +
    `${rows.length} rows of five minutes. The list of moves below says the same in words; X reads all of it as a table.`;
  return (
    <Hinted doc={doc} score={score} below={below}>
      {/* The list of moves below selects the same by keyboard. */}
      <svg
        role="img"
        textRendering="optimizeSpeed"
        aria-label={label}
        viewBox={`0 0 ${GUTTER + WIDTH + 2} ${Math.max(1, rows.length) * ROW + 4}`}
        className="block w-full cursor-pointer select-none"
        {...press}
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
    </Hinted>
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
const TONES: readonly (readonly [RowLabel["tone"], string, number])[] = [
  ["ink", "fill-ink", 400],
  ["strong", "fill-ink", 700],
  ["quiet", "fill-quiet", 400],
  ["rust", "fill-rust", 700],
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
          {TONES.map(([tone, className, fontWeight]) => (
            <g key={tone} className={className} fontSize={LABEL_PX} fontWeight={fontWeight}>
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

/** The band of effort stops where something is written: it never crosses a label. */
function LabelGrounds({ labels }: { readonly labels: readonly RowLabel[] }) {
  const d = labels
    .map(labelBox)
    .map(({ left, right, top, bottom }) => `M${left - 1.5} ${bottom}V${top}H${right + 1.5}V${bottom}Z`)
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
        <text x={x} y={11} fontSize={TITLE_PX} fontWeight="700" className="fill-ink">
          {title}
        </text>
      )}
    </>
  );
}
