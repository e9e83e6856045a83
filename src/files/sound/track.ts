/**
 * The sounds of a class as one track, worked out sample by sample: each begins on the sample of its cue, however long
 * the class is. The same figures and the same recording as the screens have.
 */
import type { ClassDoc } from "../../core/class/document";
import type { Cue } from "../../core/live/cues";
import { figureOf, LOUD, type Tone } from "../../core/live/figures";
import { plannedCues } from "../../core/live/planned-cues";
import { WORD_RATE, WORDS } from "../../core/live/voice-words";
import { wordOf } from "../../core/live/word-of";
import type { MoveBook } from "../../core/moves/book";
import { scoreOf } from "../../core/score/score";

/** Samples a second: those of the recording, sixteen a millisecond, so that every cue has a sample of its own. */
export const TRACK_RATE = WORD_RATE;
const PER_MS = TRACK_RATE / 1000;

/** Everything is this much softer than full, so that two sounds at once seldom clip. */
const GAIN = 0.7;
const RISE = 8 * PER_MS;
const FALL = 30 * PER_MS;

/** One sound: where it begins, how long it is, and its height at each of its samples, −1 … 1. */
interface Sounding {
  readonly from: number;
  readonly samples: number;
  readonly at: (i: number) => number;
}

function toneAt({ hz, afterMs, lengthMs, loud = LOUD }: Tone, cueMs: number): Sounding {
  const samples = Math.round(lengthMs * PER_MS);
  const turn = (2 * Math.PI * hz) / TRACK_RATE;
  const from = Math.round((cueMs + afterMs) * PER_MS);
  const edge = (i: number) => Math.min(1, i / RISE, (samples - i) / FALL);
  return { from, samples, at: (i) => loud * edge(i) * Math.sin(turn * i) };
}

/** All sounds in order: numbers are spoken where there is a recording, and ticked where a word would run into the last. */
function soundings(cues: readonly Cue[], recording: Int16Array | null): readonly Sounding[] {
  let busyUntil = 0;
  return cues.flatMap((cue): Sounding[] => {
    const from = Math.round(cue.atMs * PER_MS);
    const place = recording && cue.kind === "number" ? WORDS[wordOf(cue)] : undefined;
    if (!recording || !place || from < busyUntil) return figureOf(cue).map((tone) => toneAt(tone, cue.atMs));
    const [first, samples] = place;
    busyUntil = from + samples;
    return [{ from, samples, at: (i) => (recording[first + i] ?? 0) / 32_768 }];
  });
}

export interface TrackOptions {
  /** Samples of the spoken counts at `TRACK_RATE`; null: counts are ticked. */
  readonly recording: Int16Array | null;
  /** Whether numbers and phases of reps are heard. */
  readonly counts: boolean;
}

/** After the last second its sound still ends, in samples. */
const TAIL = TRACK_RATE;

/** How many samples a class's track has. */
export function trackSamples(doc: ClassDoc, library: MoveBook): number {
  return scoreOf(doc, library).seconds.plan * TRACK_RATE + TAIL;
}

/** Samples that are worked out at a time: ten seconds. */
const AT_A_TIME = 10 * TRACK_RATE;

/** The track in pieces of ten seconds, in order; the last is shorter. */
export function* trackOf(
  doc: ClassDoc,
  library: MoveBook,
  { recording, counts }: TrackOptions,
): Generator<Int16Array> {
  const all = [...soundings(plannedCues(doc, library, counts), recording)].sort((a, b) => a.from - b.from);
  const total = trackSamples(doc, library);
  let open: Sounding[] = [];
  let next = 0;
  for (let from = 0; from < total; from += AT_A_TIME) {
    const length = Math.min(AT_A_TIME, total - from);
    for (; (all[next]?.from ?? total) < from + length; next += 1) open.push(all[next] as Sounding);
    yield mixed(open, from, length);
    open = open.filter((own) => own.from + own.samples > from + length);
  }
}

function mixed(open: readonly Sounding[], from: number, length: number): Int16Array {
  const sum = new Float64Array(length);
  for (const own of open) {
    const first = Math.max(own.from, from);
    const last = Math.min(own.from + own.samples, from + length);
    for (let i = first; i < last; i += 1) sum[i - from] = (sum[i - from] ?? 0) + own.at(i - own.from);
  }
  const samples = new Int16Array(length);
  for (let i = 0; i < length; i += 1)
    samples[i] = Math.round(Math.max(-1, Math.min(1, (sum[i] ?? 0) * GAIN)) * 32_767);
  return samples;
}
