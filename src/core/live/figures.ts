/** What is heard of a cue: short figures of tones, told apart by rhythm as well as pitch. */
import type { Cue, CueKind } from "./cues";

/** One tone of a figure. */
export interface Tone {
  readonly hz: number;
  readonly afterMs: number;
  readonly lengthMs: number;
  /** How loud at the most, 0–1; as loud as what begins and ends a piece where left out. */
  readonly loud?: number;
}

/** As loud as a tone is where it doesn't say itself, 0–1. */
export const LOUD = 0.6;
/** A count goes on under the instructor's voice: soft beside what begins and ends a piece. */
const COUNT_LOUD = 0.3;

/** Each cue is a short figure of its own, told apart by rhythm as well as pitch. */
const FIGURES: Record<CueKind, readonly Tone[]> = {
  "count-in": [{ hz: 660, afterMs: 0, lengthMs: 90 }],
  start: [{ hz: 1050, afterMs: 0, lengthMs: 420 }],
  turn: [
    { hz: 700, afterMs: 0, lengthMs: 70 },
    { hz: 930, afterMs: 80, lengthMs: 70 },
  ],
  // A rattle: what comes is short and quick, or held.
  then: [0, 90, 180, 270].map((afterMs) => ({ hz: 620, afterMs, lengthMs: 50 })),
  "half-way": [
    { hz: 780, afterMs: 0, lengthMs: 110 },
    { hz: 780, afterMs: 170, lengthMs: 110 },
  ],
  "last-ten": [
    { hz: 880, afterMs: 0, lengthMs: 80 },
    { hz: 880, afterMs: 120, lengthMs: 80 },
    { hz: 880, afterMs: 240, lengthMs: 80 },
  ],
  // One long tone that falls: a minute is left.
  warning: [
    { hz: 740, afterMs: 0, lengthMs: 260 },
    { hz: 590, afterMs: 260, lengthMs: 320 },
  ],
  end: [
    { hz: 520, afterMs: 0, lengthMs: 180 },
    { hz: 390, afterMs: 180, lengthMs: 380 },
  ],
  number: [{ hz: 300, afterMs: 0, lengthMs: 60, loud: COUNT_LOUD }],
  same: [{ hz: 260, afterMs: 0, lengthMs: 45, loud: COUNT_LOUD * 0.6 }],
  phase: [{ hz: 200, afterMs: 0, lengthMs: 40, loud: COUNT_LOUD * 0.4 }],
};

/** Numbers that are said differently: half of them, the last two (two beats), the last (one that rises). */
const SAID: Readonly<Record<"half" | "last-two" | "last", readonly Tone[]>> = {
  half: [0, 110].map((afterMs) => ({ hz: 400, afterMs, lengthMs: 60, loud: COUNT_LOUD })),
  "last-two": [0, 110].map((afterMs) => ({ hz: 500, afterMs, lengthMs: 70, loud: LOUD * 0.7 })),
  last: [
    { hz: 500, afterMs: 0, lengthMs: 70, loud: LOUD * 0.7 },
    { hz: 670, afterMs: 90, lengthMs: 90, loud: LOUD * 0.7 },
  ],
};

/** What sounds for a cue where nothing is spoken. */
export function figureOf(cue: Cue): readonly Tone[] {
  return cue.kind === "number" && cue.said ? SAID[cue.said] : FIGURES[cue.kind];
}
