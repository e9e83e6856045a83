/** What is drawn in one row of the score: paths and labels as data, few of each, so that a row redraws fast. */
import { type ClassDoc, slotsOf } from "@/core/class/document";
import type { Segment } from "@/core/class/expand";
import type { RowStretch, ScoreRow } from "@/core/score/rows";
import type { SlotFace } from "./faces";
import type { Below } from "./notches";
import { barPath, fitText, type RowMeasures, sideLetter, topAt } from "./shapes";

export interface RowLabel {
  /** The same for the same segment wherever it moves to, so that its element is kept. */
  readonly key: string;
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly tone: "ink" | "strong" | "quiet" | "rust";
  readonly middle: boolean;
}

export interface RowMarks {
  readonly bars: string;
  readonly chosen: string;
  /** One each: a fade is relative to its own shape. */
  readonly soft: readonly string[];
  readonly softChosen: readonly string[];
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

export interface MarksContext {
  readonly doc: ClassDoc;
  readonly faces: ReadonlyMap<string, SlotFace>;
  readonly selectedSlot: string | null;
  /** Others that are chosen with it. */
  readonly marked?: ReadonlySet<string>;
  readonly below: Below;
  /** Effort every five seconds, or null. */
  readonly curve: readonly number[] | null;
  readonly rowSeconds: number;
  readonly m: RowMeasures;
}

const UNKNOWN_EFFORT = 5;

/** Effort of a piece; of a capped block's one piece the mean of its slots. */
function effortOf(segment: Segment, { doc, faces }: MarksContext): number {
  if (segment.slot !== null) return faces.get(segment.slot)?.effort ?? UNKNOWN_EFFORT;
  const block = doc.blocks.find((entry) => entry.id === segment.block);
  const efforts = (block ? slotsOf(block) : []).map((slot) => faces.get(slot.id)?.effort ?? UNKNOWN_EFFORT);
  return efforts.length === 0 ? UNKNOWN_EFFORT : efforts.reduce((sum, n) => sum + n, 0) / efforts.length;
}

const round = (n: number) => Math.round(n * 10) / 10;

function box(x0: number, x1: number, baseline: number, height: number): string {
  return `M${round(x0)} ${baseline}V${baseline - height}H${round(x1)}V${baseline}Z`;
}

/** Whether a bar stands for a later round's first move, whose number is said under it. */
function beginsLaterRound({ round, side }: Segment, face: SlotFace | undefined): boolean {
  return round !== null && round > 1 && face?.number === 1 && side !== "right";
}

function isChosenIn({ slot }: Segment, { selectedSlot, marked }: MarksContext): boolean {
  return slot !== null && (slot === selectedSlot || marked?.has(slot) === true);
}

/** The label over a bar: number, side, and in the first round its name; and the round under the first bar. */
function barLabels(stretch: RowStretch, effort: number, context: MarksContext): RowLabel[] {
  const { segment } = stretch;
  const { m } = context;
  if (stretch.fractionFrom > 0) return [];
  const face = segment.slot ? context.faces.get(segment.slot) : undefined;
  const room = (stretch.to - stretch.from) * m.pxPerSecond;
  const number = face ? `${face.number}${sideLetter(segment.side)}` : "";
  const name = face ? face.name : "As many rounds as possible";
  const full = segment.round === 1 ? fitText(`${number} ${name}`.trim(), room, 5.6) : "";
  const text = full || (room > 10 ? number : "");
  // The label of a leaning bar stands over its higher end's level, so that they never meet.
  const top = Math.min(topAt(segment, effort, 0, m), topAt(segment, effort, 0.5, m));
  const x = round(stretch.from * m.pxPerSecond);
  const key = String(stretch.index);
  const tone = isChosenIn(segment, context) ? "strong" : "ink";
  const labels: RowLabel[] = text ? [{ key, x, y: round(top - 2.5), text, tone, middle: false }] : [];
  if (beginsLaterRound(segment, face) && room > 14) {
    labels.push({
      key: `${key} round`,
      x,
      y: m.baseline + 9,
      text: `round ${segment.round}`,
      tone: "quiet",
      middle: false,
    });
  }
  return labels;
}

/** A rest is empty; only one with room says how long it is. */
function gapLabel(stretch: RowStretch, { m }: MarksContext): RowLabel[] {
  const { segment } = stretch;
  const text = `${segment.kind === "after" ? "water" : "rest"} ${segment.end - segment.start}`;
  if ((stretch.to - stretch.from) * m.pxPerSecond < text.length * 5 + 6) return [];
  const x = round(((stretch.from + stretch.to) / 2) * m.pxPerSecond);
  return [{ key: String(stretch.index), x, y: m.baseline - 4, text, tone: "quiet", middle: true }];
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
  const labels: RowLabel[] = [];
  const inRow = (at: number) => at >= row.start && at < row.start + rowSeconds;
  for (const { at, needs, short, people } of below.notches) {
    if (!inRow(at)) continue;
    const x = (at - row.start) * m.pxPerSecond;
    const bar = `M${round(x)} ${m.baseline + 2}h${round(Math.max(needs, 1) * m.pxPerSecond)}v2.5h-${round(Math.max(needs, 1) * m.pxPerSecond)}Z`;
    if (short === 0) marks.notches += bar;
    else {
      marks.tooShort += bar;
      const text = `${short} s short for ${people}`;
      labels.push({ key: `short ${at}`, x: round(x), y: m.baseline + 13, text, tone: "rust", middle: false });
    }
  }
  for (const at of below.found) {
    if (!inRow(at)) continue;
    const x = round((at - row.start) * m.pxPerSecond);
    marks.found += `M${x} ${m.baseline + 1}l3.2 5h-6.4Z`;
  }
  return { ...marks, labels };
}

/** How far a label of a round reaches, px. */
const ROUND_LABEL_PX = 46;

/** What is short stands beside the number of a round that begins at the same place. */
function besideRounds(label: RowLabel, others: readonly RowLabel[]): RowLabel {
  const meets = others.some(
    ({ key, x }) => key.endsWith(" round") && label.x >= x - ROUND_LABEL_PX && label.x < x + ROUND_LABEL_PX,
  );
  return meets ? { ...label, x: label.x + ROUND_LABEL_PX } : label;
}

/** What the stretches of a row have drawn so far. */
interface Drawn {
  bars: string;
  chosen: string;
  talk: string;
  ready: string;
  turns: string;
  readonly soft: string[];
  readonly softChosen: string[];
  readonly labels: RowLabel[];
}

type Draw = (stretch: RowStretch, context: MarksContext, into: Drawn) => void;

const ends = ({ from, to }: RowStretch, m: RowMeasures) =>
  [from * m.pxPerSecond, to * m.pxPerSecond] as const;

const drawTalk: Draw = (stretch, { m }, into) => {
  const [x0, x1] = ends(stretch, m);
  into.talk += box(x0 + 0.5, x1 - 0.5, m.baseline, 12);
};

const drawGap: Draw = (stretch, context, into) => {
  // Under the band of effort a label would be struck through.
  if (!context.curve) into.labels.push(...gapLabel(stretch, context));
};

const drawWork: Draw = (stretch, context, into) => {
  const { segment } = stretch;
  const effort = effortOf(segment, context);
  const isChosen = isChosenIn(segment, context);
  const [sure, open] = splitAtShortest(stretch);
  into[isChosen ? "chosen" : "bars"] += barPath(sure, effort, context.m);
  if (open) into[isChosen ? "softChosen" : "soft"].push(barPath(open, effort, context.m));
  into.labels.push(...barLabels(stretch, effort, context));
};

const DRAW: Record<Segment["kind"], Draw> = {
  brief: drawTalk,
  demo: drawTalk,
  prepare: (stretch, { m }, into) => {
    into.ready += box(...ends(stretch, m), m.baseline, 4);
  },
  "side-change": (stretch, { m }, into) => {
    const [x0, x1] = ends(stretch, m);
    into.turns += `M${round(x0 + 1)} ${m.baseline}L${round((x0 + x1) / 2)} ${m.baseline - 6}L${round(x1 - 1)} ${m.baseline}`;
  },
  work: drawWork,
  rest: drawGap,
  "long-rest": drawGap,
  after: drawGap,
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
    labels: [],
  };
  for (const stretch of row.stretches) DRAW[stretch.segment.kind](stretch, context, marks);
  const own = belowMarks(row, context);
  const below = own.labels.map((label) => besideRounds(label, marks.labels));
  return {
    ...marks,
    notches: own.notches,
    tooShort: own.tooShort,
    found: own.found,
    curve: curvePath(row, context),
    labels: [...marks.labels, ...below],
  };
}
