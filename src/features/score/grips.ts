/** What lies under the pointer on the score, and so what a press or a drag there does. */
import type { ClassDoc } from "@/core/class/document";
import { findSlot } from "@/core/class/document";
import { hasEdge } from "@/core/class/edge";
import type { Segment } from "@/core/class/expand";
import { loadStep } from "@/core/effort/load-step";
import type { MoveBook } from "@/core/moves/book";
import { resolveAt } from "@/core/score/resolve";
import type { Score } from "@/core/score/score";
import { pieceEffort, type SlotFace } from "@/drawing/faces";
import { type ScoreMeasures, secondAt } from "@/drawing/measures";
import { topAt } from "@/drawing/shapes";

export type Grip =
  /** The end of a segment: the number that it hangs on. */
  | { readonly kind: "edge"; readonly index: number }
  /** The top of a chosen bar: the load in words. */
  | { readonly kind: "top"; readonly slot: string }
  /** A chosen bar: its move goes elsewhere. */
  | { readonly kind: "carry"; readonly slot: string }
  /** The name of a block over its bracket. */
  | { readonly kind: "title"; readonly block: string }
  /** Anything else: a press chooses it, a drag draws a stretch. */
  | { readonly kind: "plain" };

/** How a grip looks to the pointer. */
export const CURSORS: Record<Grip["kind"], string> = {
  edge: "ew-resize",
  top: "ns-resize",
  carry: "grab",
  title: "text",
  plain: "pointer",
};

/** Px within which an edge or a top is meant, and the share of a short segment that an edge may take. */
const NEAR = 5;
const SHARE = 0.25;
const TITLE_LANE = 14;

interface Drawn {
  readonly doc: ClassDoc;
  readonly score: Score;
  readonly faces: ReadonlyMap<string, SlotFace>;
  readonly selectedSlot: string | null;
  readonly book: MoveBook;
}

const lengthPx = ({ start, end }: Segment, at: ScoreMeasures) => (end - start) * at.m.pxPerSecond;

/** The segment whose end is meant at a second, or null. */
function edgeNear(second: number, { doc, score }: Drawn, at: ScoreMeasures): number | null {
  const position = resolveAt(score.segments, second);
  if (!position) return null;
  const { index, segment } = position;
  const reach = (other: Segment) => Math.min(NEAR, SHARE * lengthPx(other, at));
  const before = score.segments[index - 1];
  const toEnd = (segment.end - second) * at.m.pxPerSecond;
  const fromStart = (second - segment.start) * at.m.pxPerSecond;
  const rowStart = Math.floor(second / at.rowSeconds) * at.rowSeconds;
  if (toEnd <= reach(segment)) return hasEdge(doc, score.segments, index) ? index : null;
  if (before && segment.start > rowStart && fromStart <= reach(segment))
    return hasEdge(doc, score.segments, index - 1) ? index - 1 : null;
  return null;
}

/** What is at a place, px from the score's first row. */
export function gripAt(x: number, y: number, drawn: Drawn, at: ScoreMeasures): Grip {
  const second = secondAt(at, x, y);
  const position = second === null ? null : resolveAt(drawn.score.segments, second);
  if (second === null || !position) return { kind: "plain" };
  const { segment } = position;
  const inRow = y - Math.floor(y / at.row) * at.row;
  if (inRow < TITLE_LANE) return { kind: "title", block: segment.block };
  const edge = inRow > at.m.baseline - at.m.fullBar - NEAR ? edgeNear(second, drawn, at) : null;
  if (edge !== null) return { kind: "edge", index: edge };
  const { slot } = segment;
  if (segment.kind !== "work" || slot === null || slot !== drawn.selectedSlot) return { kind: "plain" };
  const share = (second - segment.start) / (segment.end - segment.start);
  const top = topAt(segment, pieceEffort(segment, drawn.doc, drawn.faces), share, at.m);
  const own = findSlot(drawn.doc, slot)?.slot;
  const canStep = own && (loadStep(own, 1, drawn.book) ?? loadStep(own, -1, drawn.book)) !== null;
  if (Math.abs(inRow - top) <= NEAR && canStep) return { kind: "top", slot };
  return inRow >= top ? { kind: "carry", slot } : { kind: "plain" };
}
