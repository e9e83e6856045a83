/**
 * What a counted set sounds like, as a WAV file: count-in, start, six reps at 2-0-1-0 and the end, once ticked and once
 * spoken, from the same cues, figures and recording as the screens have. Makes what `docs/sounds` holds:
 * node --import tsx ops/voice/hear.ts OUT.wav
 */
import { readFileSync, writeFileSync } from "node:fs";
import { figureOf } from "../../src/browser/audio";
import { wordOf } from "../../src/browser/voice";
import { WORD_RATE, WORDS } from "../../src/browser/voice-words";
import { commonCounts, cuesBetween } from "../../src/core/live/cues";
import { clockState } from "../../src/core/live/fold";
import { liveScore } from "../../src/core/live/live-score";
import { LIBRARY_BOOK } from "../../src/core/moves/library";
import { scoreOf } from "../../src/core/score/score";
import { classOf } from "../../src/core/testing/classes";
import { events, T0 } from "../../src/core/testing/events";
import { ROOT } from "../places";

const SECONDS = 25;
const RATE = WORD_RATE;
const HEADER = 44;
const words = readFileSync(`${ROOT}/public/sounds/counts-en.wav`).subarray(HEADER);

const doc = classOf([
  { id: "b", title: "", slots: [{ id: "s", move: "bodyweight-squat", dose: { reps: 6, tempo: "2-0-1-0" } }] },
]);
const score = liveScore(doc, scoreOf(doc, LIBRARY_BOOK), LIBRARY_BOOK);
const state = clockState(score, events([0, "start", { countInMs: 3000 }]), T0);
const cues = cuesBetween(score, state, T0, T0, T0 + SECONDS * 1000, commonCounts(score));

function render(spoken: boolean): Float64Array {
  const out = new Float64Array(SECONDS * RATE);
  for (const cue of cues) {
    const at = Math.round(((cue.atMs - T0) / 1000) * RATE);
    const place = spoken && cue.kind === "number" ? WORDS[wordOf(cue)] : undefined;
    if (place) sayWord(out, at, place);
    else for (const tone of figureOf(cue)) sound(out, at, tone);
  }
  return out;
}

function sayWord(out: Float64Array, at: number, [from, samples]: readonly [number, number]): void {
  for (let i = 0; i < samples; i += 1) mix(out, at + i, words.readInt16LE((from + i) * 2) / 32_768);
}

function sound(out: Float64Array, at: number, tone: ReturnType<typeof figureOf>[number]): void {
  const { hz, afterMs, lengthMs, loud = 0.6 } = tone;
  const first = at + Math.round((afterMs / 1000) * RATE);
  const count = Math.round((lengthMs / 1000) * RATE);
  for (let i = 0; i < count; i += 1) {
    const edge = Math.min(1, i / (0.008 * RATE), (count - i) / (0.03 * RATE));
    mix(out, first + i, loud * edge * Math.sin((2 * Math.PI * hz * i) / RATE));
  }
}

function mix(out: Float64Array, at: number, value: number): void {
  if (at < out.length) out[at] = Math.max(-1, Math.min(1, (out[at] ?? 0) + value * 0.7));
}

const both = [render(false), render(true)];
const data = Buffer.alloc(both.length * SECONDS * RATE * 2);
for (const [n, part] of both.entries())
  for (const [i, value] of part.entries())
    data.writeInt16LE(Math.round(value * 32_767), (n * SECONDS * RATE + i) * 2);
const header = Buffer.alloc(HEADER);
header.write("RIFF", 0);
header.writeUInt32LE(36 + data.length, 4);
header.write("WAVEfmt ", 8);
header.writeUInt32LE(16, 16);
header.writeUInt16LE(1, 20);
header.writeUInt16LE(1, 22);
header.writeUInt32LE(RATE, 24);
header.writeUInt32LE(RATE * 2, 28);
header.writeUInt16LE(2, 32);
header.writeUInt16LE(16, 34);
header.write("data", 36);
header.writeUInt32LE(data.length, 40);
writeFileSync(process.argv[2] ?? "counted.wav", Buffer.concat([header, data]));
