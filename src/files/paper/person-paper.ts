/** Participants' own sheets on paper, a page or more each. */
import type { Words } from "../../words/words";
import type { PersonSheet } from "../sheet/person-sheet";
import { numbered, type PaperOptions } from "./class-paper";
import { flow, type Mark, type Piece, type Placed, wrapped } from "./flow";
import { Letters } from "./letters";
import { printed } from "./print";
import { PAPER } from "./sizes";

const MARGIN = 42;
const FOOT = 16;
/** Letters that are tried for one page, points; the first where it takes more. */
const SIZES = [11.5, 11, 10.5, 10] as const;

/** A text over the whole width with room after it. */
function paragraph(
  letters: Letters,
  text: string,
  width: number,
  style: Parameters<typeof wrapped>[3],
  after = 4,
): Piece {
  const block = wrapped(letters, text, { x: 0, y: 0, width }, style);
  return { height: block.height + after, marks: block.marks };
}

function rowPiece(
  letters: Letters,
  row: PersonSheet["blocks"][number]["rows"][number],
  width: number,
  size: number,
): Piece {
  const inset = 22;
  const half = (width - inset) * 0.5;
  const move = wrapped(letters, row.move, { x: inset, y: 0, width: half - 8 }, { size, weight: "bold" });
  const dose = wrapped(letters, row.dose, { x: inset + half, y: 0, width: half }, { size });
  let y = Math.max(move.height, dose.height);
  const marks: Mark[] = [...move.marks, ...dose.marks];
  const number: Mark = {
    kind: "text",
    x: 0,
    y: size * 0.95,
    text: String(row.number),
    size,
    weight: "regular",
    ink: "ink",
  };
  marks.push(number);
  const notes = [row.instead, row.notes].filter(Boolean).join(" · ");
  const small = wrapped(
    letters,
    notes,
    { x: inset, y, width: width - inset },
    { size: Math.min(10, size - 1), ink: "quiet" },
  );
  y += small.height;
  marks.push(...small.marks, { kind: "rule", x: 0, y: y + 2.5, width, thick: 0.3, ink: "quiet" });
  return { height: y + 6, marks };
}

function piecesOf(
  letters: Letters,
  sheet: PersonSheet,
  width: number,
  size: number,
  words: Words,
): readonly Piece[] {
  const { title, studio, name, when, total, bring, blocks, safety } = sheet;
  const about = [studio, when, total].filter(Boolean).join(" · ");
  const heading = (text: string): Piece => ({
    ...paragraph(letters, text, width, { size: 13, weight: "bold" }, 2),
    withNext: true,
  });
  return [
    paragraph(letters, name, width, { size: 22, weight: "bold" }, 0),
    paragraph(letters, title, width, { size: 15, weight: "bold" }, 0),
    paragraph(letters, about, width, { size: 11, ink: "quiet" }, 10),
    heading(words.phrase("sheet", "haveReady")),
    ...(bring.length === 0
      ? [words.phrase("sheet", "nothingToBring")]
      : bring.map((text, i) => `${i + 1}. ${text}`)
    ).map((text) => paragraph(letters, text, width, { size }, 1)),
    ...blocks.flatMap((block): Piece[] => {
      const said = paragraph(
        letters,
        block.sentence,
        width,
        { size: Math.min(10, size - 1), ink: "quiet" },
        3,
      );
      const named = heading([block.start, block.title].join("  "));
      return [
        { height: 10, marks: [], withNext: true },
        { ...named, head: true },
        ...(block.sentence === "" ? [] : [{ ...said, withNext: block.rows.length > 0 }]),
        ...block.rows.map((row) => rowPiece(letters, row, width, size)),
      ];
    }),
    { height: 8, marks: [], withNext: true, closes: true },
    paragraph(letters, safety, width, { size: 10, weight: "bold" }),
  ];
}

/** One file with everybody's sheet; each begins on a page of its own. */
export function personPapers(
  sheets: readonly PersonSheet[],
  { paper, faces, madeAt }: PaperOptions,
  words: (sheet: PersonSheet, i: number) => Words,
): Promise<Uint8Array> {
  const letters = new Letters(faces);
  const size = PAPER[paper];
  const width = size[0] - 2 * MARGIN;
  const frame = { x: MARGIN, y: MARGIN, height: size[1] - 2 * MARGIN - FOOT };
  const pages = sheets.flatMap((sheet, i): readonly (readonly Placed[])[] => {
    const tried = (letterSize: number) =>
      flow(piecesOf(letters, sheet, width, letterSize, words(sheet, i)), () => [frame]);
    const fitting = SIZES.find((letterSize) => tried(letterSize).length === 1) ?? SIZES[0];
    return numbered(tried(fitting), letters, size, words(sheet, i));
  });
  const [first] = sheets;
  const language = first ? words(first, 0).language : "en";
  return printed({ size, pages, title: first?.title ?? "", language, madeAt }, letters);
}
