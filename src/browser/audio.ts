/** Sounds on the audio clock: scheduled ahead at exact times, never from a timer that fires late. */
import type { Cue, CueKind } from "../core/live/cues";

interface Tone {
  readonly hz: number;
  readonly afterMs: number;
  readonly lengthMs: number;
}

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
  end: [
    { hz: 520, afterMs: 0, lengthMs: 180 },
    { hz: 390, afterMs: 180, lengthMs: 380 },
  ],
};

export class CuePlayer {
  private readonly context = new AudioContext();
  private readonly master = this.context.createGain();
  private planned: OscillatorNode[] = [];

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
  }

  /** Plans these as well; `nowMs` is on the same clock as the cues. */
  add(cues: readonly Cue[], nowMs: number): void {
    for (const cue of cues) {
      for (const tone of FIGURES[cue.kind]) this.schedule(tone, (cue.atMs - nowMs) / 1000);
    }
  }

  /** False while the browser still waits for a press. */
  get awake(): boolean {
    return this.context.state === "running";
  }

  private schedule(tone: Tone, inSeconds: number): void {
    const at = this.context.currentTime + inSeconds + tone.afterMs / 1000;
    // What is already past is not played late: a late count is worse than none.
    if (at < this.context.currentTime - 0.02) return;
    const oscillator = this.context.createOscillator();
    const shape = this.context.createGain();
    const end = at + tone.lengthMs / 1000;
    oscillator.frequency.value = tone.hz;
    shape.gain.setValueAtTime(0, at);
    shape.gain.linearRampToValueAtTime(0.6, at + 0.008);
    shape.gain.setValueAtTime(0.6, end - 0.03);
    shape.gain.linearRampToValueAtTime(0, end);
    oscillator.connect(shape).connect(this.master);
    oscillator.start(Math.max(at, this.context.currentTime));
    oscillator.stop(end + 0.02);
    this.planned.push(oscillator);
    oscillator.onended = () => {
      this.planned = this.planned.filter((node) => node !== oscillator);
    };
  }

  close(): void {
    void this.context.close().catch(() => undefined);
  }
}
