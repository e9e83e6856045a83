/** Draws rows of the score on a canvas: what is drawn was worked out as data, here it only gets its ink. */
import { clockText } from "@/core/units";
import { TITLE_PX } from "@/drawing/brackets";
import { GUTTER, type ScoreMeasures } from "@/drawing/measures";
import type { RowFace } from "@/drawing/row-faces";
import { LABEL_PX, labelBox, type RowLabel } from "@/drawing/row-labels";
import type { SoftBar } from "@/drawing/row-marks";

/** Inks and letters, as they hold on this device. */
export interface Inks {
  readonly paper: string;
  readonly ink: string;
  readonly pine: string;
  readonly quiet: string;
  readonly hairline: string;
  readonly marker: string;
  readonly rust: string;
  readonly letters: string;
  readonly clock: string;
}

const TONES = [
  { tone: "ink", ink: "ink", bold: false },
  { tone: "strong", ink: "ink", bold: true },
  { tone: "quiet", ink: "quiet", bold: false },
  { tone: "rust", ink: "rust", bold: true },
] as const satisfies readonly {
  readonly tone: RowLabel["tone"];
  readonly ink: "ink" | "quiet" | "rust";
  readonly bold: boolean;
}[];

type Brush = CanvasRenderingContext2D;

const HATCH = 6;
const hatches = new Map<string, HTMLCanvasElement>();

/** The hatching of talk and showing, once an ink. */
function hatch(brush: Brush, color: string): CanvasPattern | string {
  let tile = hatches.get(color);
  if (!tile) {
    tile = document.createElement("canvas");
    [tile.width, tile.height] = [HATCH, HATCH];
    const own = tile.getContext("2d");
    if (!own) return color;
    own.strokeStyle = color;
    own.lineWidth = 1.7;
    for (const x of [-HATCH, 0, HATCH]) {
      own.beginPath();
      own.moveTo(x, HATCH);
      own.lineTo(x + HATCH, 0);
      own.stroke();
    }
    hatches.set(color, tile);
  }
  return brush.createPattern(tile, "repeat") ?? color;
}

function fill(brush: Brush, d: string, style: string | CanvasPattern | CanvasGradient, opacity = 1): void {
  if (d === "") return;
  brush.globalAlpha = opacity;
  brush.fillStyle = style;
  brush.fill(new Path2D(d));
  brush.globalAlpha = 1;
}

function stroke(brush: Brush, d: string, style: string, width: number): void {
  if (d === "") return;
  brush.strokeStyle = style;
  brush.lineWidth = width;
  brush.stroke(new Path2D(d));
}

/** Bars that fade from their shortest to their longest. */
function fades(brush: Brush, bars: readonly SoftBar[], color: string, last: number): void {
  for (const { d, from, to } of bars) {
    const fade = brush.createLinearGradient(from, 0, to, 0);
    fade.addColorStop(0, color);
    fade.addColorStop(
      1,
      `${color}${Math.round(last * 255)
        .toString(16)
        .padStart(2, "0")}`,
    );
    fill(brush, d, fade);
  }
}

function paintMarks(brush: Brush, { marks, right }: RowFace, { m }: ScoreMeasures, inks: Inks): void {
  brush.setLineDash([1.5, 2.5]);
  stroke(brush, `M0 ${m.baseline}H${right}`, inks.quiet, 1);
  brush.setLineDash([]);
  if (marks.talk) fill(brush, marks.talk, hatch(brush, inks.quiet), 0.65);
  fill(brush, marks.ready, inks.hairline);
  stroke(brush, marks.turns, inks.pine, 1.2);
  fill(brush, marks.bars, inks.pine);
  fades(brush, marks.soft, inks.pine, 0.12);
  fill(brush, marks.chosen, inks.marker);
  stroke(brush, marks.chosen, inks.ink, 1.2);
  fades(brush, marks.softChosen, inks.marker, 0.35);
  for (const { d } of marks.softChosen) stroke(brush, d, inks.ink, 0.6);
  fill(brush, marks.notches, inks.ink);
  fill(brush, marks.tooShort, inks.rust);
  fill(brush, marks.found, inks.rust);
  if (marks.curve === "") return;
  fill(brush, marks.curve, inks.ink, 0.2);
  stroke(brush, marks.curve, inks.ink, 0.8);
  // The band of effort stops where something is written: it never crosses a label.
  for (const label of marks.labels) {
    const { left, right: end, top, bottom } = labelBox(label);
    brush.fillStyle = inks.paper;
    brush.fillRect(left - 1.5, top, end - left + 3, bottom - top);
  }
}

function paintBrackets(brush: Brush, { brackets }: RowFace, inks: Inks): void {
  for (const { d, chosen } of brackets) stroke(brush, d, chosen ? inks.ink : inks.hairline, chosen ? 2 : 1);
}

/** A row as it stands in sight: px of its top. */
export interface DrawnRow {
  readonly top: number;
  readonly face: RowFace;
}

/** Titles of all rows, then the labels tone by tone: letters of one kind are set one after another. */
function paintLetters(brush: Brush, rows: readonly DrawnRow[], at: ScoreMeasures, inks: Inks): void {
  brush.font = `600 13px ${inks.clock}`;
  brush.fillStyle = inks.quiet;
  brush.textAlign = "right";
  for (const { top, face } of rows) brush.fillText(clockText(face.start), GUTTER - 6, top + at.m.baseline);
  brush.textAlign = "left";
  brush.font = `700 ${TITLE_PX}px ${inks.letters}`;
  brush.fillStyle = inks.ink;
  for (const { top, face } of rows)
    for (const { title, x } of face.brackets) if (title) brush.fillText(title, GUTTER + x, top + 11);
  for (const tone of TONES) {
    brush.font = `${tone.bold ? 700 : 400} ${LABEL_PX}px ${inks.letters}`;
    brush.fillStyle = inks[tone.ink];
    for (const row of rows) paintLabels(brush, row, tone.tone);
  }
}

function paintLabels(brush: Brush, { top, face }: DrawnRow, tone: RowLabel["tone"]): void {
  for (const { x, y, text, width, middle, tone: own } of face.marks.labels)
    if (own === tone) brush.fillText(text, GUTTER + x - (middle ? width / 2 : 0), top + y);
}

/** Where something that is carried would be put: a line through its row, px. */
export interface Caret {
  readonly x: number;
  readonly top: number;
}

/** The rows that are in sight, on a canvas of `width` × `height` px of a screen with `ratio` dots a px. */
export function paintScore(
  brush: Brush,
  rows: readonly DrawnRow[],
  at: ScoreMeasures,
  box: { readonly width: number; readonly height: number; readonly ratio: number },
  inks: Inks,
  caret: Caret | null,
): void {
  brush.setTransform(box.ratio, 0, 0, box.ratio, 0, 0);
  // Labels are short, and their widths are sums of letters: kerning costs more than it gives.
  brush.textRendering = "optimizeSpeed";
  brush.fillStyle = inks.paper;
  brush.fillRect(0, 0, box.width, box.height);
  for (const { top, face } of rows) {
    brush.translate(GUTTER, top);
    paintBrackets(brush, face, inks);
    paintMarks(brush, face, at, inks);
    brush.translate(-GUTTER, -top);
  }
  paintLetters(brush, rows, at, inks);
  if (!caret) return;
  brush.fillStyle = inks.ink;
  brush.fillRect(caret.x - 1.5, caret.top + 13, 3, at.m.baseline - 9);
}
