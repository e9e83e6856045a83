/** Files: how long each takes to make of the demo's class and people, and how many times faster than it plays the track is. */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { performance } from "node:perf_hooks";
import type { ClassDoc } from "../src/core/class/document";
import { LIBRARY_BOOK } from "../src/core/moves/library";
import { MADE_FORMATS, makeOptions } from "../src/files/ask";
import { makeFile } from "../src/files/make";
import { PICTURE } from "../src/files/picture/score-svg";
import { TRACK_RATE, trackOf, trackSamples } from "../src/files/sound/track";

const ROOT = join(import.meta.dirname, "..");
const read = (file: string) => JSON.parse(readFileSync(join(ROOT, file), "utf8"));
const doc: ClassDoc = read("demo/classes/1-gale-warning.json");
const { people } = read("demo/roster.json");
const source = {
  doc,
  library: LIBRARY_BOOK,
  people,
  studio: "Harbour Steps",
  on: "2026-11-27",
  date: { atMs: Date.UTC(2026, 11, 1, 19), timeZone: "Atlantic/Reykjavik", id: "gale" },
};

for (const language of ["en", "es"] as const) {
  const ask = {
    language,
    paper: "A4",
    minutes: PICTURE.minutes,
    ink: PICTURE.inking,
    offsetSeconds: 0,
    wordsPerSecond: 2.3,
  } as const;
  const options = makeOptions(ask, `${ROOT}/`, 0);
  for (const format of MADE_FORMATS) {
    await makeFile(format, source, options);
    const start = performance.now();
    const { length } = await makeFile(format, source, options);
    console.log(
      `${format} in ${language}: ${(performance.now() - start).toFixed(0)} ms, ${Math.ceil(length / 1024)} kB`,
    );
  }
}

const total = trackSamples(doc, LIBRARY_BOOK);
const start = performance.now();
let made = 0;
for (const samples of trackOf(doc, LIBRARY_BOOK, { recording: null, counts: true })) made += samples.length;
const tookMs = performance.now() - start;
if (made !== total) throw new Error(`${made} samples of ${total}`);
console.log(
  `a track of ${Math.round(total / TRACK_RATE)} s in ${tookMs.toFixed(0)} ms, ${Math.round(((total / TRACK_RATE) * 1000) / tookMs)} times faster than it plays`,
);
