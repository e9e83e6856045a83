/** The score of a class as a picture: SVG, drawn from the same rows, marks and labels as the Desk's. */
import type { ClassDoc } from "../../core/class/document";
import type { MoveBook } from "../../core/moves/book";
import { scoreOf } from "../../core/score/score";
import { clockText } from "../../core/units";
import { TITLE_PX } from "../../drawing/brackets";
import {
  GUTTER,
  measuresFor,
  ROW_MINUTES,
  type RowMinutes,
  rowCount,
  type ScoreMeasures,
} from "../../drawing/measures";
import { NOTHING_BELOW } from "../../drawing/notches";
import { type Chosen, type RowFace, rowFace, scoreContent } from "../../drawing/row-faces";
import { LABEL_PX, type RowLabel } from "../../drawing/row-labels";
import type { SoftBar } from "../../drawing/row-marks";
import type { Words } from "../../words/words";

/** Inks of the picture: the house's in colour, or greys that a printer keeps apart. */
const INKS = {
  colour: { paper: "#ffffff", ink: "#101c1a", pine: "#17544e", quiet: "#52605d", hairline: "#b9c4bf" },
  grey: { paper: "#ffffff", ink: "#000000", pine: "#4a4a4a", quiet: "#5c5c5c", hairline: "#b8b8b8" },
} as const;
export type Inking = keyof typeof INKS;
export const INKINGS = Object.keys(INKS) as readonly Inking[];
type Inks = (typeof INKS)[Inking];

const LETTERS = "'Atkinson Hyperlegible Next', 'Noto Sans Symbols', sans-serif";
const MARGIN = 16;
const HEAD = 40;
const ROW = 84;

export interface PictureOptions {
  /** Px from edge to edge. */
  readonly width: number;
  readonly minutes: RowMinutes;
  readonly inking: Inking;
}
/** Minutes that a row can have. */
export const PICTURE_MINUTES = ROW_MINUTES;
export const PICTURE: PictureOptions = { width: 1200, minutes: 5, inking: "colour" };

const NOTHING_CHOSEN: Chosen = {
  selectedSlot: null,
  selectedBlock: null,
  marked: new Set(),
  below: NOTHING_BELOW,
  curve: null,
};

/** A text between tags or in quotes; what XML has no sign for is left out. */
export function xmlText(text: string): string {
  return (
    text
      .replaceAll("&", "&amp;")
      .replaceAll("<", "&lt;")
      .replaceAll(">", "&gt;")
      .replaceAll('"', "&quot;")
      // biome-ignore lint/suspicious/noControlCharactersInRegex: just these are no characters of XML
      .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]|\p{Surrogate}/gu, "")
  );
}

const path = (d: string, look: string) => (d === "" ? "" : `<path d="${d}" ${look}/>`);

/** Bars that fade from their shortest to their longest: a fade of its own each. */
function fades(bars: readonly SoftBar[], name: string, color: string): string {
  return bars
    .map(({ d, from, to }, i) => {
      const id = `${name}-${i}`;
      const stops = `<stop stop-color="${color}"/><stop offset="1" stop-color="${color}" stop-opacity="0.12"/>`;
      return (
        `<linearGradient id="${id}" gradientUnits="userSpaceOnUse" x1="${from}" x2="${to}" y1="0" y2="0">` +
        `${stops}</linearGradient>${path(d, `fill="url(#${id})"`)}`
      );
    })
    .join("");
}

function labelSvg({ x, y, text, middle, tone }: RowLabel, inks: Inks): string {
  const bold = tone === "strong" || tone === "rust" ? ' font-weight="700"' : "";
  const anchor = middle ? ' text-anchor="middle"' : "";
  const ink = tone === "quiet" ? inks.quiet : inks.ink;
  return `<text x="${x}" y="${y}" font-size="${LABEL_PX}" fill="${ink}"${anchor}${bold}>${xmlText(text)}</text>`;
}

function rowSvg(face: RowFace, n: number, { m }: ScoreMeasures, inks: Inks): string {
  const { marks, brackets, right, start } = face;
  return [
    `<g transform="translate(${GUTTER} ${n * ROW})">`,
    `<text x="-6" y="${m.baseline}" text-anchor="end" font-size="13" font-weight="700" fill="${inks.quiet}">${clockText(start)}</text>`,
    ...brackets.map(({ d }) => path(d, `fill="none" stroke="${inks.hairline}"`)),
    path(`M0 ${m.baseline}H${right}`, `stroke="${inks.quiet}" stroke-dasharray="1.5 2.5" fill="none"`),
    path(marks.talk, 'fill="url(#talk)"'),
    path(marks.ready, `fill="${inks.hairline}"`),
    path(marks.turns, `fill="none" stroke="${inks.pine}" stroke-width="1.2"`),
    path(marks.bars, `fill="${inks.pine}"`),
    fades(marks.soft, `fade-${n}`, inks.pine),
    ...brackets.map(({ title, x }) =>
      title
        ? `<text x="${x}" y="11" font-size="${TITLE_PX}" font-weight="700" fill="${inks.ink}">${xmlText(title)}</text>`
        : "",
    ),
    ...marks.labels.map((label) => labelSvg(label, inks)),
    "</g>",
  ].join("");
}

/** Width and height of the picture, px. */
export function pictureSize(seconds: number, { width, minutes }: PictureOptions) {
  return { width, height: 2 * MARGIN + HEAD + rowCount(seconds, minutes * 60) * ROW };
}

/** The whole score, row under row, with its title and length over it; the same for equal classes. */
export function scoreSvg(doc: ClassDoc, library: MoveBook, options: PictureOptions, words: Words): string {
  const score = scoreOf(doc, library);
  const total = score.seconds.plan;
  const inks = INKS[options.inking];
  const { width, height } = pictureSize(total, options);
  const rows = rowCount(total, options.minutes * 60);
  const at = measuresFor({ width: width - 2 * MARGIN, height: rows * ROW }, total, options.minutes * 60);
  const content = scoreContent(doc, score, options.minutes * 60, words, library);
  const faces = content.rows.map((row) => rowFace(row, content, NOTHING_CHOSEN, at));
  const name = words.phrase("sheet", "scoreOf", { title: doc.title, length: clockText(total) });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" role="img" font-family="${LETTERS}">`,
    `<title>${xmlText(name)}</title>`,
    `<defs><pattern id="talk" width="6" height="6" patternUnits="userSpaceOnUse"><path d="M-1 1L1 -1M0 6L6 0M5 7L7 5" stroke="${inks.quiet}" stroke-width="1.2" opacity="0.65"/></pattern></defs>`,
    `<rect width="${width}" height="${height}" fill="${inks.paper}"/>`,
    `<text x="${MARGIN}" y="${MARGIN + 20}" font-size="22" font-weight="700" fill="${inks.ink}">${xmlText(doc.title)}</text>`,
    `<text x="${width - MARGIN}" y="${MARGIN + 20}" text-anchor="end" font-size="22" font-weight="700" fill="${inks.ink}">${clockText(total)}</text>`,
    `<g transform="translate(${MARGIN} ${MARGIN + HEAD})">`,
    ...faces.map((face, n) => rowSvg(face, n, at, inks)),
    "</g></svg>\n",
  ].join("\n");
}
