/** What is drawn in one row of the score: paths and labels as data, few of each, so that a row redraws fast. */
import type { Segment } from "../core/class/expand";
import type { RowStretch, ScoreRow } from "../core/score/rows";
import { pieceEffort } from "./faces";
import type { MarksContext } from "./marks-context";
import { isChosenIn, type RowLabel, rowLabels } from "./row-labels";
import { barPath, READY_PX, type RowMeasures, TALK_PX, TURN_PX } from "./shapes";

/** A bar that fades from its shortest end to its longest, px from the row's left edge. */
export interface SoftBar {
  readonly d: string;
  readonly from: number;
  readonly to: number;
}

export interface RowMarks {
  readonly bars: string;
  readonly chosen: string;
  /** One each: a fade goes over its own length. */
  readonly soft: readonly SoftBar[];
  readonly softChosen: readonly SoftBar[];
  readonly talk: string;
  readonly ready: string;
  readonly turns: string;
  /** Below the line: what changing over needs, where that is too much, and where something was found. */
  readonly notches: string;
  readonly tooShort: string;
  readonly found: string;
  /** The estimated effort as a band over the row; empty where none is shown. */
  readonly curve: string;
  readonly labels: readonly RowLabel[];
}

const round = (n: number) => Math.round(n * 10) / 10;

function box(x0: number, x1: number, baseline: number, height: number): string {
  return `M${round(x0)} ${baseline}V${baseline - height}H${round(x1)}V${baseline}Z`;
}

/** A piece that may take longer or shorter is solid as far as its shortest, and fades from there. */
function splitAtShortest(stretch: RowStretch): readonly [sure: RowStretch, open: RowStretch | null] {
  const { segment } = stretch;
  if (!segment.range) return [stretch, null];
  const length = segment.end - segment.start;
  const cut = Math.min(stretch.fractionTo, Math.max(stretch.fractionFrom, segment.range.min / length));
  const cutAt = stretch.from + (cut - stretch.fractionFrom) * length;
  return [
    { ...stretch, to: cutAt, fractionTo: cut },
    { ...stretch, from: cutAt, fractionFrom: cut },
  ];
}

const CURVE_STEP = 5;
const BAND = 1;

/** The band of effort over a row: along its upper edge, and back along its lower. */
function curvePath(row: ScoreRow, { curve, rowSeconds, m }: MarksContext): string {
  if (!curve) return "";
  const first = row.start / CURVE_STEP;
  const last = Math.min(curve.length - 1, (row.start + rowSeconds) / CURVE_STEP);
  const y = (effort: number) => round(m.baseline - (Math.min(10, Math.max(0, effort)) / 10) * m.fullBar);
  const x = (i: number) => round((i * CURVE_STEP - row.start) * m.pxPerSecond);
  let up = "";
  let back = "";
  for (let i = first; i <= last; i += 1) {
    const effort = curve[i] ?? 0;
    up += `${up === "" ? "M" : "L"}${x(i)} ${y(effort + BAND)}`;
    back = `L${x(i)} ${y(effort - BAND)}${back}`;
  }
  return up === "" ? "" : `${up}${back}Z`;
}

/** Notches and finding marks that begin in a row. */
function belowMarks(row: ScoreRow, { below, rowSeconds, m }: MarksContext) {
  const marks = { notches: "", tooShort: "", found: "" };
  const inRow = (at: number) => at >= row.start && at < row.start + rowSeconds;
  for (const { at, needs, short } of below.notches) {
    if (!inRow(at)) continue;
    const x = (at - row.start) * m.pxPerSecond;
    const bar = `M${round(x)} ${m.baseline + 1}h${round(Math.max(needs, 1) * m.pxPerSecond)}v2h-${round(Math.max(needs, 1) * m.pxPerSecond)}Z`;
    if (short === 0) marks.notches += bar;
    else marks.tooShort += bar;
  }
  for (const at of below.found) {
    if (!inRow(at)) continue;
    const x = round((at - row.start) * m.pxPerSecond);
    marks.found += `M${x} ${m.baseline + 1}l3.2 5h-6.4Z`;
  }
  return marks;
}

/** What the stretches of a row have drawn so far. */
interface Drawn {
  bars: string;
  chosen: string;
  talk: string;
  ready: string;
  turns: string;
  readonly soft: SoftBar[];
  readonly softChosen: SoftBar[];
}

type Draw = (stretch: RowStretch, context: MarksContext, into: Drawn) => void;

const ends = ({ from, to }: RowStretch, m: RowMeasures) =>
  [from * m.pxPerSecond, to * m.pxPerSecond] as const;

const drawTalk: Draw = (stretch, { m }, into) => {
  const [x0, x1] = ends(stretch, m);
  into.talk += box(x0 + 0.5, x1 - 0.5, m.baseline, TALK_PX);
};

const drawWork: Draw = (stretch, context, into) => {
  const { segment } = stretch;
  const effort = pieceEffort(segment, context.doc, context.faces);
  const isChosen = isChosenIn(segment, context);
  const [sure, open] = splitAtShortest(stretch);
  into[isChosen ? "chosen" : "bars"] += barPath(sure, effort, context.m);
  if (!open) return;
  const [from, to] = ends(open, context.m);
  into[isChosen ? "softChosen" : "soft"].push({ d: barPath(open, effort, context.m), from, to });
};

const DRAW: Record<Segment["kind"], Draw> = {
  brief: drawTalk,
  demo: drawTalk,
  prepare: (stretch, { m }, into) => {
    into.ready += box(...ends(stretch, m), m.baseline, READY_PX);
  },
  "side-change": (stretch, { m }, into) => {
    const [x0, x1] = ends(stretch, m);
    into.turns += `M${round(x0 + 1)} ${m.baseline}L${round((x0 + x1) / 2)} ${m.baseline - TURN_PX}L${round(x1 - 1)} ${m.baseline}`;
  },
  work: drawWork,
  // A rest is empty.
  rest: () => {},
  "long-rest": () => {},
  after: () => {},
};

/** All marks of a row. */
export function rowMarks(row: ScoreRow, context: MarksContext): RowMarks {
  const marks: Drawn = {
    bars: "",
    chosen: "",
    talk: "",
    ready: "",
    turns: "",
    soft: [],
    softChosen: [],
  };
  for (const stretch of row.stretches) DRAW[stretch.segment.kind](stretch, context, marks);
  return {
    ...marks,
    ...belowMarks(row, context),
    curve: curvePath(row, context),
    labels: rowLabels(row, context),
  };
}
