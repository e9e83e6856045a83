/** Chapters of a recording: where each block and each of its rounds (or stations) begins. */
import { type Block, type ClassDoc, findSlot } from "../../core/class/document";
import type { Segment } from "../../core/class/expand";
import { bookFor, type MoveBook, resolveMove } from "../../core/moves/book";
import { scoreOf } from "../../core/score/score";
import { clockText, type Ms } from "../../core/units";
import { blockName } from "../../words/block-words";
import type { Words } from "../../words/words";
import { captionText } from "./captions";
import { vttTime } from "./vtt-time";

export interface Chapter {
  readonly atMs: Ms;
  readonly title: string;
}

/** Segments as they were: from the plan, or as a class was really taught, ms from its beginning. */
export interface Played {
  readonly index: number;
  readonly atMs: Ms;
}

/** Where each segment begins as planned. */
export function asPlanned(doc: ClassDoc, library: MoveBook): readonly Played[] {
  return scoreOf(doc, library).segments.map(({ start }, index) => ({ index, atMs: start * 1000 }));
}

/** What of a block a piece belongs to: its round, or in station order its station. */
const partOf = ({ slot, round }: Segment, { loop }: Block): string =>
  loop === "station" ? `${slot}` : String(round ?? 1);

/** Goes through what was played and notes where something begins. */
class Marker {
  readonly chapters: Chapter[] = [];
  private block: string | null = null;
  /** Known from the block's first piece on. */
  private part: string | null = null;

  constructor(
    private readonly doc: ClassDoc,
    private readonly book: MoveBook,
    private readonly words: Words,
  ) {}

  take(segment: Segment, atMs: Ms): void {
    const block = this.doc.blocks.find(({ id }) => id === segment.block);
    if (!block) return;
    if (block.id !== this.block) {
      this.chapters.push({ atMs, title: blockName(block, this.book, this.words) });
      this.block = block.id;
      this.part = null;
    }
    if (segment.kind !== "work") return;
    const part = partOf(segment, block);
    if (this.part !== null && this.part !== part)
      this.chapters.push({ atMs, title: this.partTitle(segment, block) });
    this.part = part;
  }

  private partTitle({ slot, round }: Segment, block: Block): string {
    const name = blockName(block, this.book, this.words);
    const own = block.loop === "station" && slot !== null ? findSlot(this.doc, slot)?.slot : undefined;
    return own
      ? this.words.phrase("sheet", "chapterStation", {
          block: name,
          move: resolveMove(own.move, this.book).name,
        })
      : this.words.phrase("sheet", "chapterRound", { block: name, unit: "round", n: round ?? 1 });
  }
}

/** Chapters as they come, the first at 0; `offsetMs`: how much of the recording lies before the class. */
export function chaptersOf(
  doc: ClassDoc,
  library: MoveBook,
  played: readonly Played[],
  words: Words,
  offsetMs: Ms = 0,
): readonly Chapter[] {
  const marker = new Marker(doc, bookFor(doc, library), words);
  const { segments } = scoreOf(doc, library);
  for (const { index, atMs } of played) {
    const segment = segments[index];
    if (segment) marker.take(segment, atMs + offsetMs);
  }
  const { chapters } = marker;
  if (chapters[0]?.atMs === 0) return chapters;
  return [{ atMs: 0, title: words.phrase("sheet", "begins") }, ...chapters];
}

/** A line a chapter: `5:10 Quay circuit`, as descriptions of recordings have them. */
export function chapterLines(chapters: readonly Chapter[]): string {
  return chapters.map(({ atMs, title }) => `${clockText(Math.floor(atMs / 1000))} ${title}\n`).join("");
}

/** The same as a track of chapters (WebVTT); `endMs`: where the recording ends at the earliest. */
export function chapterTrack(chapters: readonly Chapter[], endMs: Ms): string {
  const cues = chapters.map(({ atMs, title }, i) => {
    const to = Math.max(atMs + 1, chapters[i + 1]?.atMs ?? endMs);
    return `${i + 1}\n${vttTime(atMs)} --> ${vttTime(to)}\n${captionText(title)}\n`;
  });
  return ["WEBVTT\n", ...cues].join("\n");
}
