/** Where the bars of the score stand: numbers for the drawing, nothing drawn here. */
import type { Segment } from "../core/class/expand";
import type { RowStretch } from "../core/score/rows";

export interface RowMeasures {
  readonly pxPerSecond: number;
  /** Height of a bar of effort 10. */
  readonly fullBar: number;
  readonly baseline: number;
}

/** Px over the line of what isn't work: talk and showing, getting ready, changing sides. */
export const TALK_PX = 12;
export const READY_PX = 4;
export const TURN_PX = 6;

/** How much of its height a leaning bar gives up at its low end. */
const LEAN = 0.45;

/** Top of a bar at a fraction of its segment: sides lean, left rising and right falling. */
export function topAt(segment: Segment, effort: number, fraction: number, m: RowMeasures): number {
  const height = Math.max(3, (m.fullBar * effort) / 10);
  const low = height * (1 - LEAN);
  if (segment.side === "left") return m.baseline - (low + (height - low) * fraction);
  if (segment.side === "right") return m.baseline - (height - (height - low) * fraction);
  return m.baseline - height;
}

/** The outline of a stretch of a bar, as an SVG path. */
export function barPath(stretch: RowStretch, effort: number, m: RowMeasures): string {
  const x0 = stretch.from * m.pxPerSecond;
  const x1 = stretch.to * m.pxPerSecond;
  const y0 = topAt(stretch.segment, effort, stretch.fractionFrom, m);
  const y1 = topAt(stretch.segment, effort, stretch.fractionTo, m);
  const f = (n: number) => Math.round(n * 100) / 100;
  return `M${f(x0)} ${m.baseline}V${f(y0)}L${f(x1)} ${f(y1)}V${m.baseline}Z`;
}
