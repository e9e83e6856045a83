import type { Segment } from "@/core/class/expand";
import type { ClockState } from "@/core/live/fold";

/** Remaining time as it is counted: 12, or 1:40 from a hundred seconds on. */
export function countText(leftMs: number): string {
  const seconds = Math.ceil(leftMs / 1000);
  return seconds < 100
    ? String(seconds)
    : `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
}

/** What is left to count, ms: of the count-in or of the present piece. */
export function leftToCountMs(state: ClockState): number {
  return state.phase === "count-in" ? -state.intoMs : state.leftMs;
}

/** How much of the present piece is over, 0 to 1. */
export function doneOf(state: ClockState): number {
  if (state.phase === "count-in" || state.lengthMs === 0) return 0;
  return Math.min(1, Math.max(0, state.intoMs / state.lengthMs));
}

/** The score's own bar drawn large: emptying while one works, leaning for its side; at rest its base fills. */
export function Bar(props: {
  readonly width: number;
  readonly height: number;
  /** How far a side leans, px. */
  readonly lean: number;
  readonly side: Segment["side"];
  readonly working: boolean;
  readonly done: number;
}) {
  const { width, height, lean, side, working, done } = props;
  const topAt = (x: number) => {
    if (side === "left") return lean * (1 - x / width);
    if (side === "right") return lean * (x / width);
    return 0;
  };
  const outline = (x0: number) => `M${x0} ${height}V${topAt(x0)}L${width} ${topAt(width)}V${height}Z`;
  const base = { x1: 0, y1: height - 3, y2: height - 3 };
  return (
    <svg
      aria-hidden
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="none"
      className="absolute inset-0 size-full overflow-visible"
    >
      {working ? (
        <>
          <path
            d={outline(0)}
            className="fill-none stroke-night-line"
            strokeWidth="3"
            // On a phone on its side the drawing is pulled wide; its line isn't.
            vectorEffect="non-scaling-stroke"
          />
          <path d={outline(width * done)} className="fill-marker" />
        </>
      ) : (
        <>
          <line {...base} x2={width} className="stroke-night-line" strokeWidth="5" strokeDasharray="5 9" />
          <line {...base} x2={width * done} className="stroke-marker" strokeWidth="6" />
        </>
      )}
    </svg>
  );
}
