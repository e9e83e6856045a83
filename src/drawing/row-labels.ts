/**
 * The labels of one row of the score. None is printed over another or past the row's end. Where there
 * isn't room for all, they go in this order: seconds of rests; numbers that repeat, and rounds; then
 * names shorten to whole words, down to their number. What is short is in a lane of its own below.
 * A name may run over the rest that follows and over further pieces of the same move.
 */
import type { RowStretch, ScoreRow } from "../core/score/rows";
import { pieceEffort } from "./faces";
import { textWidth, wholeWords } from "./letters";
import type { MarksContext } from "./marks-context";
import { READY_PX, TALK_PX, TURN_PX, topAt } from "./shapes";

/** Letter size of every label, px. */
export const LABEL_PX = 11.1;

export interface RowLabel {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly width: number;
  readonly tone: "ink" | "strong" | "quiet" | "rust";
  readonly middle: boolean;
}

/** What stays where two meet: the lower. */
type Rank = 0 | 1 | 2 | 3;
interface Wanted {
  readonly rank: Rank;
  readonly label: RowLabel;
}

/** Px between two labels, and between a label and what stands under it. */
const APART = 4;
const ABOVE = 2;
const BELOW_LANE = 11.5;

const rounded = (n: number) => Math.round(n * 10) / 10;

function labelOf(
  at: readonly [x: number, y: number],
  text: string,
  tone: RowLabel["tone"],
  middle = false,
): RowLabel {
  const width = rounded(textWidth(text, LABEL_PX, tone === "strong" || tone === "rust"));
  return { x: rounded(at[0]), y: rounded(at[1]), text, width, tone, middle };
}

/** What a label covers, px. */
export function labelBox({ x, y, width, middle }: RowLabel) {
  const left = middle ? x - width / 2 : x;
  return { left, right: left + width, top: y - 8.5, bottom: y + 2.5 };
}

function meet(a: RowLabel, b: RowLabel): boolean {
  const [p, q] = [labelBox(a), labelBox(b)];
  return p.left < q.right + APART && q.left < p.right + APART && p.top < q.bottom && q.top < p.bottom;
}

/** Keeps the lower rank where two meet; of the same rank the earlier. */
function withoutMeeting(wanted: readonly Wanted[]): RowLabel[] {
  const kept: RowLabel[] = [];
  for (const { label } of [...wanted].sort((a, b) => a.rank - b.rank)) {
    if (!kept.some((other) => meet(label, other))) kept.push(label);
  }
  return kept;
}

/** The upper edge of what a stretch draws between two places of the row, in px from the row's top. */
function upperEdge(stretch: RowStretch, from: number, to: number, context: MarksContext): number {
  const { m } = context;
  const { segment } = stretch;
  if (segment.kind === "brief" || segment.kind === "demo") return m.baseline - TALK_PX;
  if (segment.kind === "side-change") return m.baseline - TURN_PX;
  if (segment.kind === "prepare") return m.baseline - READY_PX;
  if (segment.kind !== "work") return m.baseline;
  const effort = pieceEffort(segment, context.doc, context.faces);
  const share = (stretch.fractionTo - stretch.fractionFrom) / (stretch.to - stretch.from);
  const top = (at: number) => topAt(segment, effort, stretch.fractionFrom + (at - stretch.from) * share, m);
  return Math.min(top(Math.max(from, stretch.from)), top(Math.min(to, stretch.to)));
}

/** Where a label of a width stands clear over all that it runs over. */
function clearOver(row: ScoreRow, x: number, width: number, context: MarksContext): number {
  const { pxPerSecond, baseline } = context.m;
  const [from, to] = [x / pxPerSecond, (x + width) / pxPerSecond];
  let top = baseline;
  for (const stretch of row.stretches) {
    if (stretch.to > from && stretch.from < to) top = Math.min(top, upperEdge(stretch, from, to, context));
  }
  return top - ABOVE;
}

const EMPTY: ReadonlySet<string> = new Set(["rest", "long-rest", "after", "side-change"]);

/** Px from a stretch's beginning to what no label of it may run over: another move, talk, the row's end. */
function roomFrom(row: ScoreRow, i: number, overItsOwn: boolean, { m, rowSeconds }: MarksContext): number {
  const own = row.stretches[i];
  if (!own) return 0;
  for (const { segment, from } of row.stretches.slice(i + 1)) {
    const isOwn =
      segment.kind === "work" && segment.slot === own.segment.slot && segment.block === own.segment.block;
    if (EMPTY.has(segment.kind) || (isOwn && overItsOwn)) continue;
    return (from - own.from) * m.pxPerSecond - APART;
  }
  return (rowSeconds - own.from) * m.pxPerSecond;
}

/** Whether this stretch carries the name of a piece that goes on over a row's end: the roomier of the two does. */
function carriesName(
  row: ScoreRow,
  stretch: RowStretch,
  full: number,
  { m, rowSeconds }: MarksContext,
): boolean {
  const { segment, fractionFrom, fractionTo } = stretch;
  if (fractionFrom === 0 && fractionTo === 1) return true;
  const isFirst = fractionFrom === 0;
  const before = (isFirst ? row.start + rowSeconds : row.start) - segment.start;
  const firstHasIt = before * m.pxPerSecond >= full || before >= segment.end - segment.start - before;
  return isFirst ? firstHasIt : !firstHasIt && before <= rowSeconds;
}

/** In the first round a piece has its number, side and name. */
function nameLabel(row: ScoreRow, i: number, stretch: RowStretch, context: MarksContext): Wanted | null {
  const { segment } = stretch;
  if (segment.round !== 1 || segment.side === "right") return null;
  const number = numberOf(segment, context);
  const face = segment.slot ? context.faces.get(segment.slot) : undefined;
  const name = `${number} ${face?.name ?? context.said.asMany}`.trim();
  const isBold = isChosenIn(segment, context);
  if (!carriesName(row, stretch, textWidth(name, LABEL_PX, isBold), context)) return null;
  const text = wholeWords(name, roomFrom(row, i, true, context), LABEL_PX, isBold);
  if (text === "" || text === number) return null;
  return { rank: 0, label: labelOver(row, stretch, 0, text, isBold ? "strong" : "ink", context) };
}

/** In later rounds, or where a name has no room, its number and side; and which round its first move begins. */
function numberLabels(row: ScoreRow, i: number, stretch: RowStretch, context: MarksContext): Wanted[] {
  const { segment } = stretch;
  const number = numberOf(segment, context);
  const isBold = isChosenIn(segment, context);
  const room = roomFrom(row, i, false, context);
  const width = textWidth(number, LABEL_PX, isBold);
  if (number === "" || stretch.fractionFrom > 0 || width > room) return [];
  const label = labelOver(row, stretch, 0, number, isBold ? "strong" : "ink", context);
  const rank = segment.round === 1 ? 1 : 2;
  const said = beginsLaterRound(segment, context) ? context.said.round(segment.round ?? 0) : "";
  const after = width + APART + 1;
  if (said === "" || after + textWidth(said, LABEL_PX) > room) return [{ rank, label }];
  const round = labelOver(row, stretch, after, said, "quiet", context);
  // Both on one line, also over a bar that leans.
  const y = Math.min(label.y, round.y);
  return [
    { rank, label: { ...label, y } },
    { rank, label: { ...round, y } },
  ];
}

function numberOf(segment: RowStretch["segment"], { faces, said }: MarksContext): string {
  const face = segment.slot ? faces.get(segment.slot) : undefined;
  return face ? `${face.number}${said.side(segment.side)}` : "";
}

function beginsLaterRound({ round, slot, side }: RowStretch["segment"], { faces }: MarksContext): boolean {
  return round !== null && round > 1 && side !== "right" && slot !== null && faces.get(slot)?.number === 1;
}

/** A label that begins some px into a stretch and stands clear over all that it runs over. */
function labelOver(
  row: ScoreRow,
  stretch: RowStretch,
  into: number,
  text: string,
  tone: RowLabel["tone"],
  context: MarksContext,
): RowLabel {
  const x = stretch.from * context.m.pxPerSecond + into;
  const { width } = labelOf([x, 0], text, tone);
  return labelOf([x, clearOver(row, x, width, context)], text, tone);
}

/** A rest is empty; only one with room says how long it is. */
function gapLabels({ segment, from, to }: RowStretch, { m, said }: MarksContext): Wanted[] {
  const text = said.gap(segment.kind === "after" ? "after" : "rest", segment.end - segment.start);
  if (textWidth(text, LABEL_PX) + 2 * APART > (to - from) * m.pxPerSecond) return [];
  const at = [((from + to) / 2) * m.pxPerSecond, m.baseline - 4] as const;
  return [{ rank: 3, label: labelOf(at, text, "quiet", true) }];
}

/** Half the width of a finding's mark, with what keeps it apart. */
const MARK = 5;

/**
 * What is short, below the line: by how much and for how many, or only by how much, as there is room
 * as far as the next of them or a finding's mark.
 */
function shortLabels(row: ScoreRow, { below, rowSeconds, m, said }: MarksContext): RowLabel[] {
  const end = rowSeconds * m.pxPerSecond;
  const placeOf = (at: number) => (at - row.start) * m.pxPerSecond;
  const isInRow = (at: number) => at >= row.start && at < row.start + rowSeconds;
  const short = below.notches.filter((notch) => notch.short > 0 && isInRow(notch.at));
  const marks = below.found.filter(isInRow).map(placeOf);
  const labels: RowLabel[] = [];
  short.forEach(({ at, short: seconds, people }, i) => {
    // A mark at the same place stands first.
    const x = marks.reduce((left, mark) => (Math.abs(mark - left) < MARK ? mark + MARK : left), placeOf(at));
    const next = short[i + 1];
    const right = Math.min(
      next ? placeOf(next.at) - APART : end,
      ...marks.filter((mark) => mark > x).map((mark) => mark - MARK),
    );
    const last = labels.at(-1);
    const left = Math.max(
      last ? labelBox(last).right + APART : 0,
      ...marks.filter((mark) => mark < x).map((n) => n + MARK),
    );
    for (const text of said.short(seconds, people)) {
      const label = labelOf([x, m.baseline + BELOW_LANE], text, "rust");
      // At the row's end it ends where the row does.
      const from = right === end ? Math.min(x, end - label.width) : x;
      if (from < left || from + label.width > right) continue;
      labels.push({ ...label, x: rounded(from) });
      return;
    }
  });
  return labels;
}

/** Whether a piece belongs to what is chosen. */
export function isChosenIn({ slot }: RowStretch["segment"], { selectedSlot, marked }: MarksContext): boolean {
  return slot !== null && (slot === selectedSlot || marked?.has(slot) === true);
}

/** All labels of a row. */
export function rowLabels(row: ScoreRow, context: MarksContext): readonly RowLabel[] {
  const wanted = row.stretches.flatMap((stretch, i) => {
    const { kind } = stretch.segment;
    if (kind === "work") {
      const name = nameLabel(row, i, stretch, context);
      return name ? [name] : numberLabels(row, i, stretch, context);
    }
    // Under the band of effort a rest's seconds would be struck through.
    if (context.curve || (kind !== "rest" && kind !== "long-rest" && kind !== "after")) return [];
    return gapLabels(stretch, context);
  });
  return [...withoutMeeting(wanted), ...shortLabels(row, context)];
}
