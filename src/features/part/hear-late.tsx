"use client";
import { Volume2, VolumeX } from "lucide-react";
import { useState } from "react";
import type { SessionEvent } from "@/core/live/events";
import type { LiveScore } from "@/core/live/live-score";
import { heardLateMs } from "@/core/live/trace";

/** Begins the count of the reps here, at one's own pace. */
export function CountHere({ onPress }: { readonly onPress: () => void }) {
  return (
    <button type="button" className={SMALL} onClick={onPress}>
      Count from here
    </button>
  );
}

export interface OwnCues {
  readonly muted: boolean;
  readonly mute: () => void;
}

const SMALL = "inline-flex min-h-11 items-center gap-1.5 border-b border-night-line text-base";

/** The call brings the instructor late: one tap on the beat with which a piece begins sets this screen as late. */
export function HearLate(props: {
  readonly score: LiveScore;
  readonly events: readonly SessionEvent[];
  readonly now: () => number;
  readonly lateMs: number;
  readonly onLate: (ms: number) => void;
}) {
  const [waiting, setWaiting] = useState(false);
  const [missed, setMissed] = useState(false);
  if (waiting)
    return (
      <button
        type="button"
        className={`${SMALL} border-2 border-night-text px-3 font-bold`}
        onClick={() => {
          const late = heardLateMs(props.score, props.events, props.now());
          setMissed(late === null);
          if (late !== null) {
            props.onLate(late);
            setWaiting(false);
          }
        }}
      >
        {missed ? "No start just now: tap at the next" : "Tap when you hear a piece begin"}
      </button>
    );
  return (
    <button
      type="button"
      className={SMALL}
      onClick={() => (props.lateMs > 0 ? props.onLate(0) : setWaiting(true))}
    >
      {props.lateMs > 0 ? "In step again" : "I hear her late"}
    </button>
  );
}

/** Phones are silent where the call carries the sounds; who wants them here switches them on. */
export function SoundSwitch({ cues }: { readonly cues: OwnCues }) {
  return (
    <button type="button" aria-pressed={!cues.muted} className={SMALL} onClick={cues.mute}>
      {cues.muted ? <VolumeX size={18} aria-hidden /> : <Volume2 size={18} aria-hidden />}
      {cues.muted ? "Sounds off" : "Sounds on"}
    </button>
  );
}
