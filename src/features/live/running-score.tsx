"use client";
import type { ClassDoc } from "@/core/class/document";
import type { ClockState } from "@/core/live/fold";
import type { LiveScore } from "@/core/live/live-score";
import { runAt } from "@/core/live/runs";
import { drawnWords } from "@/drawing/drawn-words";
import type { SlotFace } from "@/drawing/faces";
import { useWords } from "@/features/language/use-words";

const WIDTH = 1280;
const HEIGHT = 74;
const BASE = 50;
/** Seconds across the screen, and where the fixed line stands. */
const WINDOW = 150;
const LINE_AT = 0.24;

type Sided = LiveScore["segments"][number]["side"];

/** The outline of a bar that leans for its side. */
function outline(x: number, width: number, height: number, side: Sided): string {
  const low = height * 0.55;
  const from = side === "left" ? low : height;
  const to = side === "right" ? low : height;
  return `M${x} ${BASE}V${BASE - from}L${x + width} ${BASE - to}V${BASE}Z`;
}

/** One piece of work, with its number, side and name where there is room. */
function RunningBar(props: {
  readonly face: SlotFace | undefined;
  readonly side: Sided;
  readonly isNow: boolean;
  readonly x: number;
  readonly width: number;
}) {
  const said = drawnWords(useWords());
  const { face, side, isNow, x, width } = props;
  const height = ((face?.effort ?? 6) / 10) * 44;
  const label = `${face?.number ?? ""}${said.side(side)} ${face?.name ?? ""}`;
  return (
    <g>
      <path d={outline(x, width, height, side)} className={isNow ? "fill-marker" : "fill-night-piece"} />
      {width > 60 && (
        <text x={Math.max(4, x)} y={HEIGHT - 5} fontSize="16" className="fill-night-quiet">
          {label.slice(0, Math.max(2, Math.floor(width / 8.6)))}
        </text>
      )}
    </g>
  );
}

/** The score running under a fixed line: what was, what is, what comes. */
export function RunningScore(props: {
  readonly doc: ClassDoc;
  readonly score: LiveScore;
  readonly state: ClockState;
  readonly faces: ReadonlyMap<string, SlotFace>;
}) {
  const { score, state, faces } = props;
  const seconds = state.lengths.map((length) => length / 1000);
  // As things stand: what was dropped has no width, shortened rests are shorter.
  const starts: number[] = [];
  let sum = 0;
  for (const length of seconds) {
    starts.push(sum);
    sum += length;
  }
  // At one's own pace no single piece is on: the whole block is.
  const run = runAt(score.runs, state.index);
  const here = seconds[state.index] ?? 0;
  const share = state.lengthMs > 0 ? Math.min(1, state.intoMs / state.lengthMs) : 0;
  const t = state.index < seconds.length ? (starts[state.index] ?? 0) + share * here : sum;
  const perSecond = WIDTH / WINDOW;
  const lineX = WIDTH * LINE_AT;
  const xOf = (second: number) => lineX + (second - t) * perSecond;
  const from = t - WINDOW * LINE_AT;
  const to = t + WINDOW * (1 - LINE_AT);
  return (
    <svg
      aria-hidden
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="block h-[calc(74*var(--t))] w-full shrink-0"
      preserveAspectRatio="xMidYMid slice"
    >
      <line
        x1={xOf(Math.max(0, from))}
        x2={xOf(Math.min(to, sum))}
        y1={BASE}
        y2={BASE}
        className="stroke-night-quiet"
        strokeDasharray="2 5"
      />
      {score.segments.map((segment, i) => {
        const start = starts[i] ?? 0;
        const long = seconds[i] ?? 0;
        if (segment.kind !== "work" || long === 0 || start + long < from || start > to) return null;
        return (
          <RunningBar
            key={segment.start}
            face={segment.slot ? faces.get(segment.slot) : undefined}
            side={segment.side}
            isNow={i === state.index || (run !== null && i >= run.from && i <= run.to)}
            x={xOf(start)}
            width={long * perSecond}
          />
        );
      })}
      <line x1={lineX} x2={lineX} y1="0" y2={BASE + 6} className="stroke-marker" strokeWidth="3" />
    </svg>
  );
}
