/** The sounds of a class as one file, in a worker of its own, which is ended to cancel it. */
import { expose } from "comlink";
import type { ClassDoc } from "../core/class/document";
import { LIBRARY_BOOK } from "../core/moves/library";
import { TRACK_RATE, trackOf, trackSamples } from "../files/sound/track";
import { samplesOf, wavHead } from "../files/sound/wav";

const api = {
  /** `recording`: the file of the spoken counts, or null; `onProgress` hears the share that is done, 0 … 1. */
  track(
    doc: ClassDoc,
    { recording, counts }: { readonly recording: ArrayBuffer | null; readonly counts: boolean },
    onProgress: (share: number) => void,
  ): Blob {
    const total = trackSamples(doc, LIBRARY_BOOK);
    const voice = recording && samplesOf(new Uint8Array(recording));
    const pieces: BlobPart[] = [new Uint8Array(wavHead(total, TRACK_RATE))];
    let done = 0;
    for (const samples of trackOf(doc, LIBRARY_BOOK, { recording: voice, counts })) {
      // A blob may lie on the disk: what is done of a long class isn't held in memory.
      pieces.push(new Blob([new Int16Array(samples)]));
      done += samples.length;
      onProgress(done / total);
    }
    return new Blob(pieces, { type: "audio/wav" });
  },
};

export type TrackWorker = typeof api;
expose(api);
