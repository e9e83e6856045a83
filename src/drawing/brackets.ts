/** The hairlines over the blocks, and which row carries a block's title. */
import type { RowStretch, ScoreRow } from "../core/score/rows";
import { textWidth, wholeWords } from "./letters";

export interface Bracket {
  readonly block: string;
  readonly d: string;
  readonly title: string;
  readonly x: number;
  readonly chosen: boolean;
}

/** Seconds of a row that a title wants to itself; a block that is shorter everywhere has it in its longest stretch. */
const TITLE_SECONDS = 32;
/** Letter size of a title, px. */
export const TITLE_PX = 11.5;

/** For each block the start of the row that carries its title. */
export function rowsForTitles(rows: readonly ScoreRow[]): ReadonlyMap<string, number> {
  const best = new Map<string, { row: number; seconds: number }>();
  for (const row of rows) {
    const seconds = new Map<string, number>();
    for (const { segment, from, to } of row.stretches) {
      seconds.set(segment.block, (seconds.get(segment.block) ?? 0) + to - from);
    }
    for (const [block, own] of seconds) {
      const known = best.get(block);
      if (!known || (known.seconds < TITLE_SECONDS && own > known.seconds)) {
        best.set(block, { row: row.start, seconds: own });
      }
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

/** The brackets of one row. */
export function rowBrackets(
  row: ScoreRow,
  pxPerSecond: number,
  titles: ReadonlyMap<string, string>,
  titleRows: ReadonlyMap<string, number>,
  selectedBlock: string | null,
): readonly Bracket[] {
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
    const carries = titleRows.get(block) === row.start;
    const title = carries ? wholeWords(titles.get(block) ?? "", x1 - x0 - 12, TITLE_PX, true) : "";
    const lineFrom = title ? Math.min(x1, x0 + 10 + Math.round(textWidth(title, TITLE_PX, true))) : x0;
    const d = `M${lineFrom} 7H${x1}${starts ? `M${x0} 12V7H${x0 + 4}` : ""}`;
    return { block, d, title, x: x0 + 6, chosen: block === selectedBlock };
  });
}
