"use client";
import type { RunState } from "@/core/live/fold";
import type { NowNext } from "./now-next";
import { gapWord } from "./now-next";

const WIDTH = 1216;
const HEIGHT = 200;
const LEAN = 42;

/** Digits in cells of one width. */
export function Digits({ text }: { readonly text: string }) {
  return (
    <span aria-hidden>
      {[...text].map((digit, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a digit is its place
        <span key={i} className={/\d/.test(digit) ? "digit" : ""}>
          {digit}
        </span>
      ))}
    </span>
  );
}

/** Remaining seconds as they are counted: 12, or 1:05 from a minute on. */
export function countText(leftMs: number): string {
  const seconds = Math.ceil(leftMs / 1000);
  return seconds < 100
    ? String(seconds)
    : `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
}

function outline(side: "left" | "right" | null, x0: number, x1: number): string {
  const topAt = (x: number) => {
    if (side === "left") return LEAN * (1 - x / WIDTH);
    if (side === "right") return LEAN * (x / WIDTH);
    return 0;
  };
  return `M${x0} ${HEIGHT}V${topAt(x0)}L${x1} ${topAt(x1)}V${HEIGHT}Z`;
}

/** The clock: the present piece drawn large, leaning for its side, emptying as time goes. A rest is empty, its base filling. */
export function ClockBar({ state, words }: { readonly state: RunState; readonly words: NowNext }) {
  const { segment, working } = words;
  const side = working ? (segment?.side ?? null) : null;
  const counting = state.phase === "count-in";
  const done = counting
    ? 0
    : state.lengthMs > 0
      ? Math.min(1, Math.max(0, state.intoMs / state.lengthMs))
      : 0;
  const edge = WIDTH * done;
  const left = counting ? -state.intoMs : state.leftMs;
  const text = countText(left);
  const word = counting ? "Starts in" : working ? (side ?? "") : segment ? gapWord(segment) : "";
  const waited = state.waitedMs > 0;
  const label = `${counting ? "Starts in" : working ? "Work" : word}${side ? ` ${side}` : ""}`;
  return (
    <div className="relative" role="timer" aria-label={label} style={{ height: HEIGHT }}>
      <svg
        aria-hidden
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        preserveAspectRatio="none"
        className="absolute inset-0 size-full overflow-visible"
      >
        {working ? (
          <>
            <path d={outline(side, 0, WIDTH)} className="fill-none stroke-night-line" strokeWidth="3" />
            <path d={outline(side, edge, WIDTH)} className="fill-marker" />
          </>
        ) : (
          <>
            <line
              x1="0"
              x2={WIDTH}
              y1={HEIGHT - 3}
              y2={HEIGHT - 3}
              className="stroke-night-line"
              strokeWidth="5"
              strokeDasharray="5 9"
            />
            <line
              x1="0"
              x2={edge}
              y1={HEIGHT - 3}
              y2={HEIGHT - 3}
              className="stroke-marker"
              strokeWidth="6"
            />
          </>
        )}
      </svg>
      {/* Twice the same words, each cut at the bar's edge: dark on what is left, light on what is done. */}
      <Reading
        text={text}
        word={waited ? "until next" : word}
        tone="text-night-text"
        cut={working ? `inset(0 ${100 - done * 100}% 0 0)` : "none"}
      />
      {working && (
        <Reading
          text={text}
          word={waited ? "until next" : word}
          tone="text-night"
          cut={`inset(0 0 0 ${done * 100}%)`}
        />
      )}
      <span className="sr-only" aria-live="off" data-testid="left">
        {text}
      </span>
    </div>
  );
}

/** Seconds and side, at the right end of the bar. */
function Reading(props: {
  readonly text: string;
  readonly word: string;
  readonly tone: string;
  readonly cut: string;
}) {
  return (
    <div
      aria-hidden
      className={`absolute inset-0 flex items-end justify-end gap-6 pb-1.5 pr-7 ${props.tone}`}
      style={{ clipPath: props.cut }}
    >
      <span className="font-clock font-extrabold" style={{ fontSize: 176, lineHeight: 0.84 }}>
        <Digits text={props.text} />
      </span>
      {props.word && <span className="text-[76px] font-extrabold uppercase leading-none">{props.word}</span>}
    </div>
  );
}
