/** Sounds on the audio clock: scheduled ahead at exact times, never from a timer that fires late. */
import type { Cue, CueKind } from "../core/live/cues";
import { Voice } from "./voice";

interface Tone {
  readonly hz: number;
  readonly afterMs: number;
  readonly lengthMs: number;
  /** How loud at the most, 0–1; as loud as what begins and ends a piece where left out. */
  readonly loud?: number;
}

const LOUD = 0.6;
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

export class CuePlayer {
  private readonly context = new AudioContext();
  private readonly master = this.context.createGain();
  private readonly voice = new Voice(this.context, this.master);
  private planned: AudioScheduledSourceNode[] = [];

  constructor() {
    this.master.connect(this.context.destination);
  }

  /** Browsers let sound begin only after a press: call this from one. */
  wake(): void {
    if (this.context.state === "suspended") void this.context.resume();
  }

  /** Volume 0–1; 0 is mute. */
  setVolume(volume: number): void {
    this.master.gain.setValueAtTime(volume, this.context.currentTime);
  }

  /** Takes back everything that was planned. */
  clear(): void {
    for (const node of this.planned) node.disconnect();
    this.planned = [];
    this.voice.clear();
  }

  /** Numbers are spoken from now on, or ticked. */
  speak(on: boolean): void {
    if (on) void this.voice.load();
    else this.voice.silence();
  }

  /** Plans these as well; `nowMs` is on the same clock as the cues. */
  add(cues: readonly Cue[], nowMs: number): void {
    for (const cue of cues) {
      const inSeconds = (cue.atMs - nowMs) / 1000;
      const spoken = cue.kind === "number" ? this.voice.say(cue, this.context.currentTime + inSeconds) : null;
      if (spoken) this.keep(spoken);
      else for (const tone of figureOf(cue)) this.schedule(tone, inSeconds);
    }
  }

  /** False while the browser still waits for a press. */
  get awake(): boolean {
    return this.context.state === "running";
  }

  private schedule({ hz, afterMs, lengthMs, loud = LOUD }: Tone, inSeconds: number): void {
    const at = this.context.currentTime + inSeconds + afterMs / 1000;
    // What is already past is not played late: a late count is worse than none.
    if (at < this.context.currentTime - 0.02) return;
    const oscillator = this.context.createOscillator();
    const shape = this.context.createGain();
    const end = at + lengthMs / 1000;
    oscillator.frequency.value = hz;
    shape.gain.setValueAtTime(0, at);
    shape.gain.linearRampToValueAtTime(loud, at + 0.008);
    shape.gain.setValueAtTime(loud, Math.max(at + 0.008, end - 0.03));
    shape.gain.linearRampToValueAtTime(0, end);
    oscillator.connect(shape).connect(this.master);
    oscillator.start(Math.max(at, this.context.currentTime));
    oscillator.stop(end + 0.02);
    this.keep(oscillator);
  }

  private keep(node: AudioScheduledSourceNode): void {
    this.planned.push(node);
    node.onended = () => {
      this.planned = this.planned.filter((other) => other !== node);
    };
  }

  close(): void {
    void this.context.close().catch(() => undefined);
  }
}
