import type { ClassDoc } from "../class/document";
import { prepare, SEGMENT_KINDS, type Segment, type SegmentKind } from "../class/expand";
import { expandedBlock } from "../class/expanded-block";
import type { MoveBook } from "../moves/book";
import type { Seconds, Triple } from "../units";

/** A class drawn to scale in time: the segments at plan, and the three totals. */
export interface Score {
  readonly title: string;
  readonly seconds: Triple;
  readonly byKind: Readonly<Record<SegmentKind, Seconds>>;
  /** Work segments. */
  readonly pieces: number;
  readonly segments: readonly Segment[];
}

/** Works out the score of a valid document: the expansion at plan, and the lengths at min and max. */
export function scoreOf(doc: ClassDoc, library: MoveBook): Score {
  const prepared = prepare(doc, library);
  const segments: Segment[] = [];
  let [min, plan, max] = [0, 0, 0];
  for (const block of doc.blocks) {
    const own = expandedBlock(block, prepared, plan);
    for (const segment of own.segments) segments.push(segment);
    plan = own.segments.at(-1)?.end ?? plan;
    min += own.min;
    max += own.longest.seconds;
  }
  const byKind = Object.fromEntries(SEGMENT_KINDS.map((kind) => [kind, 0])) as Record<SegmentKind, Seconds>;
  let pieces = 0;
  for (const segment of segments) {
    byKind[segment.kind] += segment.end - segment.start;
    if (segment.kind === "work") pieces += 1;
  }
  return { title: doc.title, seconds: { min, plan, max }, byKind, pieces, segments };
}

/** The score as `./brontle time` prints it: the keys of the contract and no others. */
export function scoreJson(score: Score): unknown {
  const segments = score.segments.map(({ range: _range, ...segment }) => segment);
  return { ...score, segments };
}

/** Seconds of each block by id, and what of it is talk (brief, demo) and water (after). */
export interface BlockTime {
  readonly start: Seconds;
  readonly seconds: Seconds;
  readonly talkSeconds: Seconds;
  readonly afterSeconds: Seconds;
}

/** The planned time of each block that has any. */
export function blockTimes(score: Score): ReadonlyMap<string, BlockTime> {
  const times = new Map<string, BlockTime>();
  for (const { block, kind, start, end } of score.segments) {
    const length = end - start;
    const known = times.get(block) ?? { start, seconds: 0, talkSeconds: 0, afterSeconds: 0 };
    times.set(block, {
      start: known.start,
      seconds: known.seconds + length,
      talkSeconds: known.talkSeconds + (kind === "brief" || kind === "demo" ? length : 0),
      afterSeconds: known.afterSeconds + (kind === "after" ? length : 0),
    });
  }
  return times;
}
