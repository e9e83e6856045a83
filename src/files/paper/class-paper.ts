/**
 * The sheet of a class on paper. On one page where it can be: letters shrink as far as nine points, then it goes in two
 * columns, then onto further pages.
 */
import type { Words } from "../../words/words";
import type { Faces } from "../fonts";
import type { Sheet, SheetBlock, SheetRow } from "../sheet/class-sheet";
import { type Frame, flow, LEADING, type Mark, type Piece, type Placed, RISE, wrapped } from "./flow";
import { Letters } from "./letters";
import { printed } from "./print";
import { PAPER, type PaperSize } from "./sizes";

const MARGIN = 36;
const FOOT = 20;
const GUTTER = 18;
/** Letters that are tried, points, largest first. None is smaller. */
const SIZES = [11, 10.5, 10, 9.5, 9] as const;
const MANY_PAGES = 9.5;
const LEAST = 9;

/** Columns of a row as shares of the width; in a narrow one the ways stand under the move. */
const WIDE = { number: 0.035, move: 0.28, dose: 0.235, flat: 0.225, sharp: 0.225 } as const;

function headPiece(letters: Letters, block: SheetBlock, width: number, size: number): Piece {
  const bold = { size, weight: "bold" } as const;
  const start = wrapped(letters, block.start, { x: 0, y: 0, width }, bold);
  const inset = size * 3.4;
  const length = letters.width(block.length, size, "bold");
  const room = width - inset - length - 8;
  const title = wrapped(letters, block.title, { x: inset, y: 0, width: room }, bold);
  const titleWidth = letters.width(block.title, size, "bold");
  const beside = room - titleWidth - 8;
  const sentenceWidth = letters.width(block.sentence, size, "regular");
  const isBeside = title.height <= size * LEADING && sentenceWidth <= beside;
  const sentence = isBeside
    ? wrapped(letters, block.sentence, { x: inset + titleWidth + 8, y: 0, width: beside + 1 }, { size })
    : wrapped(letters, block.sentence, { x: inset, y: title.height, width: width - inset }, { size });
  const height = (isBeside ? title.height : title.height + sentence.height) + 3;
  return {
    height: height + 5,
    head: true,
    withNext: block.rows.length > 0,
    marks: [
      ...start.marks,
      ...title.marks,
      ...sentence.marks,
      textMark(block.length, width - length, RISE * size, size),
      { kind: "rule", x: 0, y: height, width, thick: 0.8, ink: "ink" },
    ],
  };
}

const textMark = (text: string, x: number, y: number, size: number): Mark => ({
  kind: "text",
  x,
  y,
  text,
  size,
  weight: "bold",
  ink: "ink",
});

function rowPiece(letters: Letters, row: SheetRow, width: number, size: number, narrow: boolean): Piece {
  const marks: Mark[] = [];
  const add = (text: string, x: number, y: number, own: number, bold = false, small = false): number => {
    const style = {
      size: small ? Math.max(LEAST, size - 1) : size,
      weight: bold ? "bold" : "regular",
      ink: small ? "quiet" : "ink",
    } as const;
    const block = wrapped(letters, text, { x, y, width: own - 4 }, style);
    marks.push(...block.marks);
    return block.height;
  };
  const inset = width * WIDE.number * (narrow ? 1.9 : 1);
  let height = 0;
  const rest = width - inset;
  marks.push({ ...textMark(String(row.number), 0, RISE * size, size), weight: "regular" } as Mark);
  if (narrow) {
    const half = rest * 0.56;
    height = Math.max(add(row.move, inset, 0, half, true), add(row.dose, inset + half, 0, rest - half));
    for (const way of [row.flat, row.sharp]) height += add(way, inset, height, rest);
  } else {
    let x = inset;
    for (const key of ["move", "dose", "flat", "sharp"] as const) {
      const own = WIDE[key] * width;
      height = Math.max(height, add(row[key], x, 0, own, key === "move"));
      x += own;
    }
  }
  height += add(row.others, inset, height, rest, false, true);
  marks.push({ kind: "rule", x: 0, y: height + 2, width, thick: 0.3, ink: "quiet" });
  return { height: height + 4.5, marks };
}

function piecesOf(letters: Letters, sheet: Sheet, width: number, size: number, narrow: boolean): Piece[] {
  return sheet.blocks.flatMap((block, i) => [
    ...(i > 0 ? [{ height: size * 0.6, marks: [], withNext: true }] : []),
    headPiece(letters, block, width, size),
    ...block.rows.map((row) => rowPiece(letters, row, width, size, narrow)),
  ]);
}

function titlePiece(letters: Letters, sheet: Sheet, width: number): Piece {
  const total = sheet.bounds ? `${sheet.total} (${sheet.bounds})` : sheet.total;
  const right = [sheet.studio, total].filter(Boolean).join(" · ");
  const rightWidth = letters.width(right, 11, "regular");
  const title = wrapped(
    letters,
    sheet.title,
    { x: 0, y: 0, width: width - rightWidth - 12 },
    { size: 17, weight: "bold" },
  );
  const y = title.height + 2;
  return {
    height: y + 8,
    marks: [
      ...title.marks,
      {
        kind: "text",
        x: width - rightWidth,
        y: RISE * 17,
        text: right,
        size: 11,
        weight: "regular",
        ink: "ink",
      },
      { kind: "rule", x: 0, y, width, thick: 1.5, ink: "ink" },
    ],
  };
}

/** The kit and the cautions, which close the sheet. */
function closingPieces(letters: Letters, sheet: Sheet, width: number): readonly Piece[] {
  const kit = wrapped(letters, sheet.kit, { x: 0, y: 8, width }, { size: 9.5, weight: "bold" });
  const safety = wrapped(
    letters,
    sheet.safety,
    { x: 0, y: 8 + kit.height, width },
    { size: LEAST, ink: "quiet" },
  );
  const rule: Mark = { kind: "rule", x: 0, y: 4, width, thick: 1.2, ink: "ink" };
  return [
    { height: 8 + kit.height + safety.height, closes: true, marks: [rule, ...kit.marks, ...safety.marks] },
  ];
}

interface Tried {
  readonly pages: readonly (readonly Placed[])[];
  readonly columns: number;
  readonly size: number;
}

/** A way of laying it out: so many columns, letters of that size. */
function laidOut(letters: Letters, sheet: Sheet, paper: PaperSize, columns: 1 | 2, size: number): Tried {
  const [pageWidth, pageHeight] = PAPER[paper];
  const whole = pageWidth - 2 * MARGIN;
  const width = columns === 1 ? whole : (whole - GUTTER) / 2;
  const title = titlePiece(letters, sheet, whole);
  const closing = closingPieces(letters, sheet, whole);
  const closes = closing.reduce((sum, { height }) => sum + height, 0);
  const bottom = pageHeight - MARGIN - FOOT;
  const frames = (page: number): readonly Frame[] => {
    const y = MARGIN + (page === 0 ? title.height : 0);
    // One page of two columns keeps its foot free for what closes it.
    const height = bottom - y - (columns === 2 ? closes : 0);
    return Array.from({ length: columns }, (_, i) => ({ x: MARGIN + i * (width + GUTTER), y, height }));
  };
  const pieces = piecesOf(letters, sheet, width, size, columns === 2);
  const flowed = flow(columns === 1 ? [...pieces, ...closing] : pieces, frames);
  const [first = [], ...others] = flowed;
  const titled = [{ x: MARGIN, y: MARGIN, piece: title }, ...first];
  const foot = closing.map((piece) => ({ x: MARGIN, y: bottom - closes, piece }));
  return { pages: [columns === 2 ? [...titled, ...foot] : titled, ...others], columns, size };
}

/** The first way that needs one page, else as many pages as it takes. */
export function sheetLayout(letters: Letters, sheet: Sheet, paper: PaperSize): Tried {
  for (const size of SIZES) {
    const tried = laidOut(letters, sheet, paper, 1, size);
    if (tried.pages.length === 1) return tried;
  }
  for (const size of [10, LEAST]) {
    const tried = laidOut(letters, sheet, paper, 2, size);
    if (tried.pages.length === 1) return tried;
  }
  return laidOut(letters, sheet, paper, 1, MANY_PAGES);
}

/** `2 of 3` at the foot of each page, where there are several. */
export function numbered(
  pages: readonly (readonly Placed[])[],
  letters: Letters,
  paper: readonly [number, number],
  words: Words,
): readonly (readonly Placed[])[] {
  if (pages.length < 2) return pages;
  return pages.map((page, i) => {
    const text = words.phrase("sheet", "page", { n: i + 1, of: pages.length });
    const x = paper[0] - MARGIN - letters.width(text, LEAST, "regular");
    const mark: Mark = { kind: "text", x: 0, y: 0, text, size: LEAST, weight: "regular", ink: "quiet" };
    return [...page, { x, y: paper[1] - MARGIN + 6, piece: { height: 0, marks: [mark] } }];
  });
}

export interface PaperOptions {
  readonly paper: PaperSize;
  readonly faces: Faces;
  readonly madeAt: Date;
}

export function classPaper(
  sheet: Sheet,
  { paper, faces, madeAt }: PaperOptions,
  words: Words,
): Promise<Uint8Array> {
  const letters = new Letters(faces);
  const { pages } = sheetLayout(letters, sheet, paper);
  const size = PAPER[paper];
  return printed(
    {
      size,
      pages: numbered(pages, letters, size, words),
      title: sheet.title,
      language: words.language,
      madeAt,
    },
    letters,
  );
}
