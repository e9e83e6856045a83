/** The call sheet as captions, timed: WebVTT (W3C, https://www.w3.org/TR/webvtt1/). */
import type { ClassDoc } from "../../core/class/document";
import type { MoveBook } from "../../core/moves/book";
import type { Part } from "../../core/parts/part";
import { callSheet } from "../../core/shape/call-sheet";
import { type SpokenLine, spokenLines } from "../../words/shape-words";
import type { Words } from "../../words/words";
import { type Stretch, vttTime } from "./vtt-time";

/** As the format wants text: three signs stand for themselves by name only; an arrow would be a time. */
export function captionText(text: string): string {
  return text
    .replaceAll("&", "&amp;")
    .replaceAll("<", "&lt;")
    .replaceAll(">", "&gt;")
    .replace(/\s*[\r\n]+\s*/g, "\n")
    .trim();
}

/** What nobody can read in less, ms. */
const SHORTEST_MS = 1000;

/** When a line is shown: while it is said, at least a second, until the next begins. */
function shownAt({ at, takes }: SpokenLine, next: SpokenLine | undefined): Stretch {
  const fromMs = Math.round(at * 1000);
  const wanted = fromMs + Math.max(SHORTEST_MS, Math.round(takes * 1000));
  const most = next ? Math.round(next.at * 1000) : Number.POSITIVE_INFINITY;
  return { fromMs, toMs: Math.max(fromMs + 1, Math.min(wanted, most)) };
}

export interface CaptionOptions {
  /** Of the instructor's voice. */
  readonly wordsPerSecond: number;
  /** Seconds of the recording before the class begins. */
  readonly offsetSeconds: number;
  readonly parts: readonly Part[];
}

/** All that is said, a cue a line, in order. The document must be valid. */
export function captionsOf(
  doc: ClassDoc,
  library: MoveBook,
  { wordsPerSecond, offsetSeconds, parts }: CaptionOptions,
  words: Words,
): string {
  const lines = spokenLines(callSheet(doc, library, parts), words, wordsPerSecond)
    .map((line, i) => ({ line, i }))
    .sort((a, b) => a.line.at - b.line.at || a.i - b.i)
    .map(({ line }) => line);
  const cues = lines.flatMap((line, i) => {
    const text = captionText(line.text);
    const later = lines.slice(i + 1).find((other) => other.at > line.at);
    const { fromMs, toMs } = shownAt(line, later);
    const by = offsetSeconds * 1000;
    return text === "" ? [] : [`${i + 1}\n${vttTime(fromMs + by)} --> ${vttTime(toMs + by)}\n${text}\n`];
  });
  return ["WEBVTT\n", ...cues].join("\n");
}
