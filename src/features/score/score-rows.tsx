"use client";
import { memo, useMemo } from "react";
import { type ClassDoc, slotsOf } from "@/core/class/document";
import { blockShape } from "@/core/class/sentence";
import type { Segment } from "@/core/score/expand";
import { type RowStretch, type ScoreRow, scoreRows } from "@/core/score/rows";
import type { Score } from "@/core/score/score";
import { clockText } from "@/core/units";
import { type SlotFace, slotFaces } from "./faces";
import { barPath, fitText, type RowMeasures, topAt } from "./shapes";

const GUTTER = 42;
const WIDTH = 900;
const ROW = 53;
const M: Omit<RowMeasures, "pxPerSecond"> = { baseline: 43, fullBar: 20 };

/** Effort of a capped block's one piece: the mean of its slots. */
function effortOf(segment: Segment, doc: ClassDoc, faces: ReadonlyMap<string, SlotFace>): number {
  if (segment.slot !== null) return faces.get(segment.slot)?.effort ?? 5;
  const slots = doc.blocks.find((block) => block.id === segment.block);
  const efforts = (slots ? slotsOf(slots) : []).map((slot) => faces.get(slot.id)?.effort ?? 5);
  return efforts.length === 0 ? 5 : efforts.reduce((sum, effort) => sum + effort, 0) / efforts.length;
}

interface Props {
  readonly doc: ClassDoc;
  readonly score: Score;
  readonly selectedBlock: string | null;
  readonly selectedSlot: string | null;
  readonly onSelect: (block: string, slot: string | null) => void;
}

/** The class drawn to scale in time: five minutes a row, wrapped like text. */
export function ScoreRows({ doc, score, selectedBlock, selectedSlot, onSelect }: Props) {
  const rowSeconds = 300;
  const faces = useMemo(() => slotFaces(doc), [doc]);
  const rows = useMemo(() => scoreRows(score.segments, rowSeconds), [score]);
  const titles = useMemo(
    () => new Map(doc.blocks.map((block) => [block.id, block.title || blockShape(block)])),
    [doc],
  );
  const titleRows = useMemo(() => rowsForTitles(rows), [rows]);
  const select = (event: React.MouseEvent) => {
    const bar = (event.target as Element).closest("[data-block]");
    const block = bar?.getAttribute("data-block");
    if (block) onSelect(block, bar?.getAttribute("data-slot") ?? null);
  };
  const label = `Score of ${clockText(score.seconds.plan)}: ${score.pieces} pieces in ${doc.blocks.length} blocks, ${rows.length} rows of five minutes. The list of moves below says the same in words.`;
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: the list of moves below selects the same by keyboard
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${GUTTER + WIDTH + 2} ${Math.max(1, rows.length) * ROW + 4}`}
      className="block w-full select-none"
      onClick={select}
      data-total={score.seconds.plan}
    >
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
      {rows.map((row, i) => (
        <Row
          key={row.start}
          row={row}
          top={i * ROW}
          doc={doc}
          faces={faces}
          titles={titles}
          titleRows={titleRows}
          pxPerSecond={WIDTH / rowSeconds}
          selectedBlock={selectedBlock}
          selectedSlot={selectedSlot}
        />
      ))}
    </svg>
  );
}

interface RowProps {
  readonly row: ScoreRow;
  readonly top: number;
  readonly doc: ClassDoc;
  readonly faces: ReadonlyMap<string, SlotFace>;
  readonly titles: ReadonlyMap<string, string>;
  /** Start of the row that carries a block's title: its first one with room. */
  readonly titleRows: ReadonlyMap<string, number>;
  readonly pxPerSecond: number;
  readonly selectedBlock: string | null;
  readonly selectedSlot: string | null;
}

const Row = memo(function Row(props: RowProps) {
  const { row, top, pxPerSecond } = props;
  const m: RowMeasures = { ...M, pxPerSecond };
  const last = row.stretches.at(-1);
  const right = (last?.to ?? 0) * pxPerSecond;
  return (
    <g transform={`translate(0 ${top})`}>
      <text
        x={GUTTER - 6}
        y={m.baseline}
        textAnchor="end"
        className="fill-quiet font-clock"
        fontSize="13"
        fontWeight="600"
      >
        {clockText(row.start)}
      </text>
      <g transform={`translate(${GUTTER} 0)`}>
        <line
          x1="0"
          x2={right}
          y1={m.baseline}
          y2={m.baseline}
          className="stroke-quiet"
          strokeWidth="1"
          strokeDasharray="1.5 2.5"
        />
        <Brackets {...props} />
        {row.stretches.map((stretch) => (
          <Stretch key={stretch.index} stretch={stretch} m={m} {...props} />
        ))}
      </g>
    </g>
  );
});

/** A hairline over each block, with its title where it begins; ink where the block is selected. */
function Brackets({ row, titles, titleRows, pxPerSecond, selectedBlock }: RowProps) {
  const spans: { block: string; from: number; to: number }[] = [];
  for (const { segment, from, to } of row.stretches) {
    const open = spans.at(-1);
    if (open && open.block === segment.block) open.to = to;
    else spans.push({ block: segment.block, from, to });
  }
  return spans.map(({ block, from, to }, i) => {
    const x0 = from * pxPerSecond;
    const x1 = to * pxPerSecond;
    const starts = i > 0 || startsHere(row, block);
    const title =
      titleRows.get(block) === row.start ? fitText(titles.get(block) ?? "", x1 - x0 - 12, 6.4) : "";
    const chosen = block === selectedBlock;
    const lineFrom = title ? x0 + 10 + title.length * 6.4 : x0;
    return (
      <g key={block} data-block={block}>
        <path
          d={`M${lineFrom} 7H${x1}${starts ? `M${x0} 12V7H${x0 + 4}` : ""}`}
          className={chosen ? "stroke-ink" : "stroke-hairline"}
          strokeWidth={chosen ? 2 : 1}
          fill="none"
        />
        {title && (
          <text x={x0 + 6} y={11} fontSize="11.5" fontWeight="700" className="fill-ink">
            {title}
          </text>
        )}
      </g>
    );
  });
}

/** Seconds of a row that a title wants to itself; a block that is shorter everywhere has it in its longest stretch. */
const TITLE_SECONDS = 32;

/** For each block the start of the row that carries its title. */
function rowsForTitles(rows: readonly ScoreRow[]): ReadonlyMap<string, number> {
  const best = new Map<string, { row: number; seconds: number }>();
  for (const row of rows) {
    const seconds = new Map<string, number>();
    for (const { segment, from, to } of row.stretches) {
      seconds.set(segment.block, (seconds.get(segment.block) ?? 0) + to - from);
    }
    for (const [block, own] of seconds) {
      const known = best.get(block);
      if (!known || (known.seconds < TITLE_SECONDS && own > known.seconds))
        best.set(block, { row: row.start, seconds: own });
    }
  }
  return new Map([...best].map(([block, { row }]) => [block, row]));
}

/** Whether a block's first second lies in this row. */
function startsHere(row: ScoreRow, block: string): boolean {
  const first = row.stretches.find((stretch) => stretch.segment.block === block);
  return first !== undefined && first.fractionFrom === 0 && (first.index === 0 || isFirstOf(row, first));
}

function isFirstOf(row: ScoreRow, stretch: RowStretch): boolean {
  const before = row.stretches.find((other) => other.index === stretch.index - 1);
  return before !== undefined && before.segment.block !== stretch.segment.block;
}

function Stretch({
  stretch,
  m,
  doc,
  faces,
  selectedSlot,
}: RowProps & { stretch: RowStretch; m: RowMeasures }) {
  const { segment } = stretch;
  const x0 = stretch.from * m.pxPerSecond;
  const x1 = stretch.to * m.pxPerSecond;
  const data = { "data-block": segment.block, ...(segment.slot ? { "data-slot": segment.slot } : {}) };
  if (segment.kind === "brief" || segment.kind === "demo") {
    return (
      <rect
        {...data}
        x={x0 + 0.5}
        y={m.baseline - 12}
        width={Math.max(0, x1 - x0 - 1)}
        height={12}
        fill="url(#talk)"
        opacity="0.55"
      />
    );
  }
  if (segment.kind === "prepare") {
    return <rect {...data} x={x0} y={m.baseline - 4} width={x1 - x0} height={4} className="fill-hairline" />;
  }
  if (segment.kind === "side-change") {
    const d = `M${x0 + 1} ${m.baseline}L${(x0 + x1) / 2} ${m.baseline - 6}L${x1 - 1} ${m.baseline}`;
    return <path {...data} d={d} className="stroke-pine" fill="none" strokeWidth="1.2" />;
  }
  if (segment.kind !== "work") return <Gap stretch={stretch} m={m} />;
  const effort = effortOf(segment, doc, faces);
  const chosen = segment.slot !== null && segment.slot === selectedSlot;
  return (
    <g {...data} className="cursor-pointer">
      <Bar stretch={stretch} effort={effort} m={m} chosen={chosen} />
      <BarLabel
        stretch={stretch}
        m={m}
        effort={effort}
        face={segment.slot ? faces.get(segment.slot) : undefined}
        chosen={chosen}
      />
    </g>
  );
}

/** A piece that may take longer or shorter is solid as far as its shortest, and fades from there. */
function Bar({
  stretch,
  effort,
  m,
  chosen,
}: {
  stretch: RowStretch;
  effort: number;
  m: RowMeasures;
  chosen: boolean;
}) {
  const { segment } = stretch;
  const stroke = { className: chosen ? "stroke-ink" : "", strokeWidth: chosen ? 1.2 : 0 };
  const solid = chosen ? "var(--color-marker)" : "var(--color-pine)";
  const { range } = segment;
  if (!range) return <path d={barPath(stretch, effort, m)} fill={solid} {...stroke} />;
  const length = segment.end - segment.start;
  const cut = Math.min(stretch.fractionTo, Math.max(stretch.fractionFrom, range.min / length));
  const cutAt = stretch.from + (cut - stretch.fractionFrom) * length;
  const sure: RowStretch = { ...stretch, to: cutAt, fractionTo: cut };
  const open: RowStretch = { ...stretch, from: cutAt, fractionFrom: cut };
  return (
    <>
      <path d={barPath(sure, effort, m)} fill={solid} />
      <path d={barPath(open, effort, m)} fill={chosen ? "url(#soft-now)" : "url(#soft)"} />
      {chosen && <path d={barPath(stretch, effort, m)} fill="none" {...stroke} />}
    </>
  );
}

function BarLabel(props: {
  stretch: RowStretch;
  m: RowMeasures;
  effort: number;
  face: SlotFace | undefined;
  chosen: boolean;
}) {
  const { stretch, m, face } = props;
  const { segment } = stretch;
  if (stretch.fractionFrom > 0) return null;
  const x = stretch.from * m.pxPerSecond;
  const room = (stretch.to - stretch.from) * m.pxPerSecond;
  const side = segment.side === "left" ? "L" : segment.side === "right" ? "R" : "";
  const number = face ? `${face.number}${side}` : "";
  const name = face ? face.name : "As many rounds as possible";
  const first = segment.round === 1;
  const text = first ? fitText(`${number} ${name}`.trim(), room, 5.6) || number : room > 10 ? number : "";
  // The label of a leaning bar stands over its higher end's level, so that they never meet.
  const top = Math.min(topAt(segment, props.effort, 0, m), topAt(segment, props.effort, 0.5, m));
  const round = segment.round !== null && segment.round > 1 && face?.number === 1 && segment.side !== "right";
  return (
    <>
      <text x={x} y={top - 2.5} fontSize="10.5" fontWeight={props.chosen ? 700 : 400} className="fill-ink">
        {text}
      </text>
      {round && room > 14 && (
        <text x={x} y={m.baseline + 9} fontSize="9" className="fill-quiet">
          round {segment.round}
        </text>
      )}
    </>
  );
}

/** A rest is empty; only a long one says how long. */
function Gap({ stretch, m }: { stretch: RowStretch; m: RowMeasures }) {
  const { segment } = stretch;
  const seconds = segment.end - segment.start;
  const room = (stretch.to - stretch.from) * m.pxPerSecond;
  const word = segment.kind === "after" ? "water" : "rest";
  const text = `${word} ${seconds}`;
  if (room < text.length * 5 + 6) return null;
  return (
    <text
      x={((stretch.from + stretch.to) / 2) * m.pxPerSecond}
      y={m.baseline - 4}
      textAnchor="middle"
      fontSize="9.5"
      className="fill-quiet"
    >
      {text}
    </text>
  );
}
