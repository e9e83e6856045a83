/** The head of a WAV file: one channel of 16-bit samples (RIFF WAVE, Microsoft and IBM 1991, PCM). */

export const WAV_HEAD_BYTES = 44;
const CHANNELS = 1;
const BYTES = 2;
const PCM = 1;

/** Samples that one file can hold: its lengths are written in 32 bits. */
export const MOST_SAMPLES = Math.floor((0xffff_ffff - 36) / BYTES);

/** The head of a file of so many samples; throws a RangeError where no file can hold them. */
export function wavHead(samples: number, rate: number): Uint8Array {
  if (samples > MOST_SAMPLES) throw new RangeError(`a WAV file holds ${MOST_SAMPLES} samples at the most`);
  const head = new Uint8Array(WAV_HEAD_BYTES);
  const view = new DataView(head.buffer);
  const text = (at: number, letters: string) => head.set(new TextEncoder().encode(letters), at);
  const bytes = samples * BYTES;
  text(0, "RIFF");
  view.setUint32(4, 36 + bytes, true);
  text(8, "WAVEfmt ");
  view.setUint32(16, 16, true);
  view.setUint16(20, PCM, true);
  view.setUint16(22, CHANNELS, true);
  view.setUint32(24, rate, true);
  view.setUint32(28, rate * BYTES, true);
  view.setUint16(32, BYTES, true);
  view.setUint16(34, 8 * BYTES, true);
  text(36, "data");
  view.setUint32(40, bytes, true);
  return head;
}

/** The samples of a WAV file as we write them; null where it isn't one, or another kind. */
export function samplesOf(file: Uint8Array): Int16Array | null {
  const view = new DataView(file.buffer, file.byteOffset, file.byteLength);
  if (file.byteLength < WAV_HEAD_BYTES || view.getUint32(36) !== 0x64617461) return null;
  const count = Math.min(view.getUint32(40, true), file.byteLength - WAV_HEAD_BYTES) >> 1;
  return Int16Array.from({ length: count }, (_, i) => view.getInt16(WAV_HEAD_BYTES + i * BYTES, true));
}
