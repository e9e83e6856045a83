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

/** Tones with their inks, those of one weight together: another font has the browser look at the page's style. */
const TONES = [
  { tone: "ink", ink: "ink", weight: 400 },
  { tone: "quiet", ink: "quiet", weight: 400 },
  { tone: "strong", ink: "ink", weight: 700 },
  { tone: "rust", ink: "rust", weight: 700 },
] as const satisfies readonly {
  readonly tone: RowLabel["tone"];
  readonly ink: "ink" | "quiet" | "rust";
  readonly weight: 400 | 700;
}[];

type Brush = CanvasRenderingContext2D;

const tiles = new Map<string, CanvasPattern>();

/** A small picture that repeats, made once of each kind and ink. */
function tiled(
  brush: Brush,
  kind: "hatch" | "dots",
  color: string,
  [width, height]: readonly [number, number],
  draw: (own: Brush) => void,
): CanvasPattern | string {
  const known = tiles.get(kind + color);
  if (known) return known;
  const tile = document.createElement("canvas");
  [tile.width, tile.height] = [width, height];
  const own = tile.getContext("2d");
  if (!own) return color;
  draw(own);
  const made = brush.createPattern(tile, "repeat");
  if (made) tiles.set(kind + color, made);
  return made ?? color;
}

const HATCH = 6;

/** The hatching of talk and showing. */
const hatch = (brush: Brush, color: string) =>
  tiled(brush, "hatch", color, [HATCH, HATCH], (own) => {
    own.strokeStyle = color;
    own.lineWidth = 1.7;
    for (const x of [-HATCH, 0, HATCH]) {
      own.beginPath();
      own.moveTo(x, HATCH);
      own.lineTo(x + HATCH, 0);
      own.stroke();
    }
  });

/** The dotted line on which the bars stand: hundreds of dashes take the browser a millisecond, a tile none. */
const dots = (brush: Brush, color: string) =>
  tiled(brush, "dots", color, [4, 1], (own) => {
    own.fillStyle = color;
    own.fillRect(0, 0, 1.5, 1);
  });

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
  brush.fillStyle = dots(brush, inks.quiet);
  brush.fillRect(0, m.baseline - 0.5, right, 1);
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

/** Labels tone by tone, then titles and times of all rows: letters of one kind are set one after another. */
function paintLetters(brush: Brush, rows: readonly DrawnRow[], at: ScoreMeasures, inks: Inks): void {
  brush.textAlign = "left";
  for (const { tone, ink, weight } of TONES) {
    brush.font = `${weight} ${LABEL_PX}px ${inks.letters}`;
    brush.fillStyle = inks[ink];
    for (const row of rows) paintLabels(brush, row, tone);
  }
  brush.font = `700 ${TITLE_PX}px ${inks.letters}`;
  brush.fillStyle = inks.ink;
  for (const { top, face } of rows)
    for (const { title, x } of face.brackets) if (title) brush.fillText(title, GUTTER + x, top + 11);
  brush.font = `600 13px ${inks.clock}`;
  brush.fillStyle = inks.quiet;
  brush.textAlign = "right";
  for (const { top, face } of rows) brush.fillText(clockText(face.start), GUTTER - 6, top + at.m.baseline);
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
