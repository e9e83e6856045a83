import type { RunState } from "@/core/live/fold";
import type { Segment } from "@/core/score/expand";

const WIDTH = 350;
const HEIGHT = 176;
const LEAN = 24;

const WORDS: Record<Segment["kind"], string> = {
  brief: "talk",
  demo: "watch",
  prepare: "ready",
  work: "",
  "side-change": "change",
  rest: "rest",
  "long-rest": "rest",
  after: "water",
};

function outline(side: Segment["side"], x0: number): string {
  const topAt = (x: number) =>
    side === "left" ? LEAN * (1 - x / WIDTH) : side === "right" ? LEAN * (x / WIDTH) : 0;
  return `M${x0} ${HEIGHT}V${topAt(x0)}L${WIDTH} ${topAt(WIDTH)}V${HEIGHT}Z`;
}

/** The score's own bar on a phone: emptying while one works, its base filling while one rests. */
export function PartClock(props: {
  readonly state: RunState;
  readonly segment: Segment | null;
  readonly working: boolean;
}) {
  const { state, segment, working } = props;
  const counting = state.phase === "count-in";
  const left = Math.ceil((counting ? -state.intoMs : state.leftMs) / 1000);
  const text = left < 100 ? String(left) : `${Math.floor(left / 60)}:${String(left % 60).padStart(2, "0")}`;
  const done = counting || state.lengthMs === 0 ? 0 : Math.min(1, Math.max(0, state.intoMs / state.lengthMs));
  const side = working ? (segment?.side ?? null) : null;
  const word = counting
    ? "starts"
    : working
      ? side === "left"
        ? "L"
        : side === "right"
          ? "R"
          : ""
      : segment
        ? WORDS[segment.kind]
        : "";
  return (
    <div
      className="relative mt-1.5"
      role="timer"
      aria-label={`${working ? "Work" : word} ${side ?? ""}`}
      style={{ height: HEIGHT }}
    >
      <svg
        aria-hidden
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        preserveAspectRatio="none"
        className="absolute inset-0 size-full overflow-visible"
      >
        {working ? (
          <>
            <path d={outline(side, 0)} className="fill-none stroke-night-line" strokeWidth="2" />
            <path d={outline(side, WIDTH * done)} className="fill-marker" />
          </>
        ) : (
          <>
            <line
              x1="0"
              x2={WIDTH}
              y1={HEIGHT - 2}
              y2={HEIGHT - 2}
              className="stroke-night-line"
              strokeWidth="4"
              strokeDasharray="4 7"
            />
            <line
              x1="0"
              x2={WIDTH * done}
              y1={HEIGHT - 2}
              y2={HEIGHT - 2}
              className="stroke-marker"
              strokeWidth="5"
            />
          </>
        )}
      </svg>
      {[false, true].map((dark) =>
        dark && !working ? null : (
          <div
            key={String(dark)}
            aria-hidden
            className={`absolute inset-0 flex items-end justify-end gap-3 pb-1 pr-4 ${dark ? "text-night" : "text-night-text"}`}
            style={{
              clipPath: dark
                ? `inset(0 0 0 ${done * 100}%)`
                : working
                  ? `inset(0 ${100 - done * 100}% 0 0)`
                  : "none",
            }}
          >
            <span
              className="font-clock font-extrabold tabular-nums"
              style={{ fontSize: 168, lineHeight: 0.84 }}
            >
              {text}
            </span>
            {word && <span className="text-[44px] font-extrabold uppercase leading-none">{word}</span>}
          </div>
        ),
      )}
      <span className="sr-only" data-testid="left">
        {text}
      </span>
    </div>
  );
}
