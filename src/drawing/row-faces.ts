/** A row of the score as data: where it begins and ends, its marks and labels, its brackets. */
import type { ClassDoc } from "../core/class/document";
import { bookFor, type MoveBook } from "../core/moves/book";
import { LIBRARY_BOOK } from "../core/moves/library";
import { type ScoreRow, scoreRows } from "../core/score/rows";
import type { Score } from "../core/score/score";
import type { Seconds } from "../core/units";
import { blockName } from "../words/block-words";
import type { Words } from "../words/words";
import { type Bracket, rowBrackets, rowsForTitles } from "./brackets";
import { type DrawnWords, drawnWords } from "./drawn-words";
import { type SlotFace, slotFaces } from "./faces";
import type { MarksContext } from "./marks-context";
import type { ScoreMeasures } from "./measures";
import { type RowMarks, rowMarks } from "./row-marks";

/** What is the same for all rows of a class, whatever is chosen and however large it is drawn. */
export interface ScoreContent {
  readonly doc: ClassDoc;
  readonly score: Score;
  readonly rows: readonly ScoreRow[];
  readonly faces: ReadonlyMap<string, SlotFace>;
  readonly said: DrawnWords;
  readonly titles: ReadonlyMap<string, string>;
  /** For each block the start of the row that carries its title. */
  readonly titleRows: ReadonlyMap<string, Seconds>;
}

/** `library`: by which moves are named. */
export function scoreContent(
  doc: ClassDoc,
  score: Score,
  rowSeconds: Seconds,
  words: Words,
  library: MoveBook = LIBRARY_BOOK,
): ScoreContent {
  const rows = scoreRows(score.segments, rowSeconds);
  const book = bookFor(doc, library);
  const titles = new Map(doc.blocks.map((block) => [block.id, blockName(block, book, words)]));
  const faces = slotFaces(doc, library);
  return { doc, score, rows, faces, said: drawnWords(words), titles, titleRows: rowsForTitles(rows) };
}

/** What is chosen, found and shown on it. */
export type Chosen = Pick<MarksContext, "selectedSlot" | "marked" | "below" | "curve"> & {
  readonly selectedBlock: string | null;
};

export interface RowFace {
  readonly start: Seconds;
  /** Px from the row's left edge to where the class ends in it. */
  readonly right: number;
  readonly marks: RowMarks;
  readonly brackets: readonly Bracket[];
}

export function rowFace(row: ScoreRow, content: ScoreContent, chosen: Chosen, at: ScoreMeasures): RowFace {
  const { doc, faces, said, titles, titleRows } = content;
  const { rowSeconds, m } = at;
  return {
    start: row.start,
    right: (row.stretches.at(-1)?.to ?? 0) * m.pxPerSecond,
    marks: rowMarks(row, { ...chosen, doc, faces, said, rowSeconds, m }),
    brackets: rowBrackets(row, m.pxPerSecond, titles, titleRows, chosen.selectedBlock),
  };
}
