/** The sounds of a class as a file, worked out in a worker. */
import { proxy, wrap } from "comlink";
import type { ClassDoc } from "@/core/class/document";
import type { TrackWorker } from "@/workers/track.worker";

/** The recording of the spoken counts, as the screens play them. */
const COUNTS = "/sounds/counts-en.wav";

export const COUNTED = ["spoken", "ticked", "none"] as const;
export type Counted = (typeof COUNTED)[number];

export interface MakingTrack {
  readonly file: Promise<Blob>;
  readonly cancel: () => void;
}

/** Begins it; `file` is rejected where the recording can't be had, and never settles once it is cancelled. */
export function makeTrack(doc: ClassDoc, counted: Counted, onShare: (share: number) => void): MakingTrack {
  const worker = new Worker(new URL("../../workers/track.worker.ts", import.meta.url), { type: "module" });
  let gone = false;
  const recordingOf = async () => {
    if (counted !== "spoken") return null;
    const response = await fetch(COUNTS);
    if (!response.ok) throw new Error(`${COUNTS}: ${response.status}`);
    return response.arrayBuffer();
  };
  const file = recordingOf()
    .then((recording) =>
      wrap<TrackWorker>(worker).track(
        doc,
        { recording, counts: counted !== "none" },
        proxy((share) => !gone && onShare(share)),
      ),
    )
    .finally(() => worker.terminate());
  return {
    file,
    cancel: () => {
      gone = true;
      worker.terminate();
    },
  };
}
