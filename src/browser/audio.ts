/** Sounds on the audio clock: scheduled ahead at exact times, never from a timer that fires late. */
import type { Cue } from "../core/live/cues";
import { figureOf, LOUD, type Tone } from "../core/live/figures";
import { Voice } from "./voice";

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
