import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import wavefile from "wavefile";
import type { ClassDoc } from "../../core/class/document";
import { figureOf } from "../../core/live/figures";
import { plannedCues } from "../../core/live/planned-cues";
import { LIBRARY_BOOK } from "../../core/moves/library";
import { scoreOf } from "../../core/score/score";
import { TRACK_RATE, trackOf, trackSamples } from "./track";
import { MOST_SAMPLES, samplesOf, wavHead } from "./wav";

const PER_MS = TRACK_RATE / 1000;
const CLASSES = ["2-circuit", "3-twenty-ten", "4-every-minute"].map(
  (name): ClassDoc =>
    JSON.parse(readFileSync(new URL(`../../../examples/classes/${name}.json`, import.meta.url), "utf8")),
);
const RECORDING = samplesOf(readFileSync(new URL("../../../public/sounds/counts-en.wav", import.meta.url)));

/** All samples of a track. */
function whole(doc: ClassDoc, options: Parameters<typeof trackOf>[2]): Int16Array {
  const samples = new Int16Array(trackSamples(doc, LIBRARY_BOOK));
  let at = 0;
  for (const piece of trackOf(doc, LIBRARY_BOOK, options)) {
    samples.set(piece, at);
    at += piece.length;
  }
  expect(at).toBe(samples.length);
  return samples;
}

describe("a track", () => {
  test("begins every sound on the sample of its cue, to the last of a class", () => {
    for (const doc of CLASSES) {
      const samples = whole(doc, { recording: null, counts: false });
      const cues = plannedCues(doc, LIBRARY_BOOK, false);
      const tones = cues.flatMap((cue) =>
        figureOf(cue).map((tone) => ({ tone, from: cue.atMs + tone.afterMs })),
      );
      // Where a sound begins after silence, the sample before it is still nothing, and soon after it is something.
      const begins = new Set<number>();
      for (const one of tones) {
        const { from } = one;
        const alone = !tones.some((o) => o !== one && o.from <= from && o.from + o.tone.lengthMs >= from);
        if (alone) begins.add(Math.round(from * PER_MS));
      }
      expect(begins.size).toBeGreaterThan(10);
      for (const first of begins) {
        expect(first === 0 ? 0 : samples[first - 1]).toBe(0);
        // A sine begins at nothing: its second sample is heard.
        expect(samples.subarray(first + 1, first + 20).some((height) => height !== 0)).toBe(true);
      }
      // And nothing sounds anywhere else.
      let heard = 0;
      for (const height of samples) if (height !== 0) heard += 1;
      const most = tones.reduce((sum, { tone }) => sum + Math.round(tone.lengthMs * PER_MS), 0);
      expect(heard).toBeLessThanOrEqual(most);
    }
  });

  test("is the same wherever its pieces of ten seconds are divided", () => {
    const [, doc] = CLASSES as [ClassDoc, ClassDoc, ClassDoc];
    const samples = whole(doc, { recording: RECORDING, counts: true });
    // The same class a while later: a block of rest before it moves every piece's edges.
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9 }), (seconds) => {
        const [first, ...rest] = doc.blocks as [ClassDoc["blocks"][number], ...ClassDoc["blocks"]];
        const brief = (first.brief ?? 0) as number;
        const later = { ...doc, blocks: [{ ...first, brief: brief + seconds }, ...rest] };
        const moved = whole(later, { recording: RECORDING, counts: true });
        const by =
          (scoreOf(later, LIBRARY_BOOK).seconds.plan - scoreOf(doc, LIBRARY_BOOK).seconds.plan) * TRACK_RATE;
        expect(by).toBe(seconds * TRACK_RATE);
        const from = (brief + 1) * TRACK_RATE;
        expect(Buffer.from(moved.buffer, (from + by) * 2).equals(Buffer.from(samples.buffer, from * 2))).toBe(
          true,
        );
      }),
      { numRuns: 4 },
    );
  });

  test("says its counts where there is a recording, and ticks them where there is none", () => {
    const [, , everyMinute] = CLASSES as [ClassDoc, ClassDoc, ClassDoc];
    const [spoken, ticked, none] = [
      whole(everyMinute, { recording: RECORDING, counts: true }),
      whole(everyMinute, { recording: null, counts: true }),
      whole(everyMinute, { recording: null, counts: false }),
    ];
    const power = (samples: Int16Array) => samples.reduce((sum, height) => sum + Math.abs(height), 0);
    expect(power(ticked)).toBeGreaterThan(power(none));
    expect(power(spoken)).not.toBe(power(ticked));
  });
});

describe("a WAV file", () => {
  test("is read by another program as it was written: rate, length and every sample", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -32_768, max: 32_767 }), { minLength: 1, maxLength: 200 }),
        (list) => {
          const samples = Int16Array.from(list);
          const bytes = new Uint8Array([
            ...wavHead(samples.length, TRACK_RATE),
            ...new Uint8Array(samples.buffer),
          ]);
          const wav = new wavefile.WaveFile(bytes);
          expect(wav.fmt).toMatchObject({ numChannels: 1, sampleRate: TRACK_RATE, bitsPerSample: 16 });
          expect(Array.from(wav.getSamples(false, Int16Array as never) as unknown as Int16Array)).toEqual(
            list,
          );
          expect(Array.from(samplesOf(bytes) ?? [])).toEqual(list);
        },
      ),
    );
    expect(() => wavHead(MOST_SAMPLES + 1, TRACK_RATE)).toThrow(RangeError);
    // Over eighteen hours of a class fit into one.
    expect(MOST_SAMPLES / TRACK_RATE / 3600).toBeGreaterThan(18);
    expect(samplesOf(new Uint8Array(10))).toBeNull();
    expect(samplesOf(new Uint8Array(100))).toBeNull();
  });
});
