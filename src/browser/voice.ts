/** Counts that are spoken: words of one recording, each begun on the audio clock when it is due. */
import type { CountCue } from "../core/live/count-now";
import { WORD_RATE, WORDS } from "../core/live/voice-words";
import { wordOf } from "../core/live/word-of";

const RECORDING = "/sounds/counts-en.wav";

export class Voice {
  private words: AudioBuffer | null = null;
  private wanted = false;
  /** When the last word that was planned is over, seconds of the audio clock. */
  private busyUntil = 0;

  constructor(
    private readonly context: AudioContext,
    private readonly out: AudioNode,
  ) {}

  /** Fetches the recording once; until it is there, or where it can't be had, counts are ticked. */
  async load(): Promise<void> {
    this.wanted = true;
    if (this.words) return;
    try {
      const answer = await fetch(RECORDING);
      if (answer.ok) this.words = await this.context.decodeAudioData(await answer.arrayBuffer());
    } catch {
      this.words = null;
    }
  }

  silence(): void {
    this.wanted = false;
  }

  clear(): void {
    this.busyUntil = 0;
  }

  /** Plans a word; null where it can't be said: no recording, no such word, or the one before isn't over yet. */
  say(cue: Extract<CountCue, { kind: "number" }>, at: number): AudioScheduledSourceNode | null {
    const place = WORDS[wordOf(cue)];
    if (!this.wanted || !this.words || !place || at < this.busyUntil || at < this.context.currentTime)
      return null;
    const [from, samples] = place;
    const source = this.context.createBufferSource();
    source.buffer = this.words;
    source.connect(this.out);
    source.start(at, from / WORD_RATE, samples / WORD_RATE);
    this.busyUntil = at + samples / WORD_RATE;
    return source;
  }
}
