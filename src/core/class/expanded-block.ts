/** What is known of a block's expansion for as long as it stands: an edit works out the block that it changes alone. */
import type { MoveBook } from "../moves/book";
import type { Seconds } from "../units";
import type { Block, ClassDoc } from "./document";
import { type Prepared, prepare, runBlocks, type Segment, secondsOf, segmentsOf } from "./expand";

/** A block at plan, and how long it lasts at least and at most. */
export interface ExpandedBlock {
  readonly segments: readonly Segment[];
  readonly min: Seconds;
  readonly longest: Length;
}

const expandedBlocks = new WeakMap<
  Block,
  ExpandedBlock & { readonly book: MoveBook; readonly start: Seconds }
>();

/**
 * A block that begins `start` seconds into its class. Blocks are never changed, so what is known of one holds for as
 * long as it stands: an edit expands the block that it changes, and moves those after it.
 */
export function expandedBlock(block: Block, prepared: Prepared, start: Seconds): ExpandedBlock {
  const { book } = prepared;
  const there = expandedBlocks.get(block);
  if (there?.book === book && there.start === start) return there;
  const made =
    there?.book === book
      ? { ...there, start, segments: moved(there.segments, start - there.start) }
      : {
          book,
          start,
          segments: segmentsOf([block], prepared, "plan", start),
          min: secondsOf([block], prepared, "min"),
          longest: longestOf(block, prepared),
        };
  expandedBlocks.set(block, made);
  return made;
}

const moved = (segments: readonly Segment[], by: Seconds): readonly Segment[] =>
  segments.map((segment) => ({ ...segment, start: segment.start + by, end: segment.end + by }));

/** How many segments the longest expansion has and how long it lasts; measuring stops just past `most` segments. */
export function measureUpTo(
  doc: ClassDoc,
  library: MoveBook,
  most: number,
): { readonly segments: number; readonly seconds: Seconds } {
  const prepared = prepare(doc, library);
  let segments = 0;
  let seconds = 0;
  for (const block of doc.blocks) {
    const own = longestOf(block, prepared, most - segments);
    segments += own.segments;
    seconds += own.seconds;
    if (segments > most) break;
  }
  return { segments, seconds };
}

interface Length {
  readonly segments: number;
  readonly seconds: Seconds;
}

const longests = new WeakMap<Block, Length & { readonly book: MoveBook }>();

/** A block's longest expansion, without making its segments: whole it is known from then on, past `most` it isn't. */
function longestOf(block: Block, prepared: Prepared, most = Number.POSITIVE_INFINITY): Length {
  const { book } = prepared;
  const there = longests.get(block);
  if (there?.book === book) return there;
  let segments = 0;
  let seconds = 0;
  runBlocks([block], prepared, "max", (own) => {
    segments += 1;
    seconds += own;
    return segments <= most;
  });
  const made = { segments, seconds, book };
  if (segments <= most) longests.set(block, made);
  return made;
}
