/**
 * What a counted set sounds like, as a WAV file: count-in, start, six reps at 2-0-1-0 and the end, once ticked and once
 * spoken, from the same track as classes are written as. Makes what `docs/sounds` holds:
 * node --import tsx ops/voice/hear.ts OUT.wav
 */
import { readFileSync, writeFileSync } from "node:fs";
import { LIBRARY_BOOK } from "../../src/core/moves/library";
import { classOf } from "../../src/core/testing/classes";
import { TRACK_RATE, trackOf } from "../../src/files/sound/track";
import { samplesOf, wavHead } from "../../src/files/sound/wav";
import { ROOT } from "../places";

const spoken = samplesOf(readFileSync(`${ROOT}/public/sounds/counts-en.wav`));
const doc = classOf([
  {
    id: "b",
    title: "",
    prepare: 3,
    slots: [{ id: "s", move: "bodyweight-squat", dose: { reps: 6, tempo: "2-0-1-0" } }],
  },
]);
const pieces = [null, spoken].flatMap((recording) => [
  ...trackOf(doc, LIBRARY_BOOK, { recording, counts: true }),
]);
const samples = pieces.reduce((sum, piece) => sum + piece.length, 0);
writeFileSync(
  process.argv[2] ?? "counted.wav",
  Buffer.concat([
    wavHead(samples, TRACK_RATE),
    ...pieces.map((piece) => Buffer.from(piece.buffer, piece.byteOffset, piece.byteLength)),
  ]),
);
