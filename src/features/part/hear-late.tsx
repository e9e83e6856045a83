"use client";
import { Volume2, VolumeX } from "lucide-react";
import { useState } from "react";
import type { SessionEvent } from "@/core/live/events";
import type { LiveScore } from "@/core/live/live-score";
import { heardLateMs } from "@/core/live/trace";
import { useWords } from "@/features/language/use-words";

/** Begins the count of the reps here, at one's own pace. */
export function CountHere({ onPress }: { readonly onPress: () => void }) {
  const words = useWords();
  return (
    <button type="button" className={SMALL} onClick={onPress}>
      {words.phrase("part", "countHere")}
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
  const words = useWords();
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
        {words.phrase("part", missed ? "noStart" : "tapStart")}
      </button>
    );
  return (
    <button
      type="button"
      className={SMALL}
      onClick={() => (props.lateMs > 0 ? props.onLate(0) : setWaiting(true))}
    >
      {words.phrase("part", props.lateMs > 0 ? "inStep" : "hearLate")}
    </button>
  );
}

/** Phones are silent where the call carries the sounds; who wants them here switches them on. */
export function SoundSwitch({ cues }: { readonly cues: OwnCues }) {
  const words = useWords();
  return (
    <button type="button" aria-pressed={!cues.muted} className={SMALL} onClick={cues.mute}>
      {cues.muted ? <VolumeX size={18} aria-hidden /> : <Volume2 size={18} aria-hidden />}
      {words.phrase("part", cues.muted ? "soundsOff" : "soundsOn")}
    </button>
  );
}
