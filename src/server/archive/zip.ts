/** ZIP files of JSON: written piece by piece, read entry by entry, and nothing in them is believed before it is read. */
import { strToU8, Zip, ZipDeflate } from "fflate";
import { type Entry, fromBuffer, type ZipFile } from "yauzl";
import { Refused, sentence } from "../refused";

/** What one archive may hold: files, characters of one and of all together. A season's forty people are far under it. */
export const MOST_ENTRIES = 5000;
export const MOST_ENTRY_BYTES = 16_000_000;
export const MOST_TOTAL_BYTES = 400_000_000;

/** What files of an archive are called: a word, or a folder and an id. */
const NAME = /^[a-z]{1,20}(\/[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12})?\.json$/;

export interface ZipText {
  readonly name: string;
  readonly text: string;
}

/** A stream of the archive's bytes: an entry is asked for when the one before it has gone out. */
export function zipStream(entries: AsyncIterator<ZipText>): ReadableStream<Uint8Array> {
  let zip: Zip;
  return new ReadableStream<Uint8Array>({
    start: (out) => {
      zip = new Zip((error, piece, last) => {
        if (error) return out.error(error);
        out.enqueue(piece);
        if (last) out.close();
      });
    },
    pull: async () => {
      const { done, value } = await entries.next();
      if (done) return zip.end();
      const file = new ZipDeflate(value.name, { level: 6 });
      zip.add(file);
      file.push(strToU8(value.text), true);
    },
    cancel: async () => {
      zip.terminate();
      await entries.return?.(undefined);
    },
  });
}

const wrong = (text: string, values: Record<string, string | number> = {}) =>
  new Refused("invalid", sentence("Nothing was taken in: {what}.", { what: { text, values } }));

/** The files of an archive by name. */
export interface OpenArchive {
  readonly names: readonly string[];
  /** Its text. @throws Refused where it isn't there, or is larger than an archive's file */
  readonly text: (name: string) => Promise<string>;
}

const opened = (bytes: Buffer): Promise<ZipFile> =>
  new Promise((resolve, reject) => {
    fromBuffer(
      bytes,
      { lazyEntries: true, autoClose: false, strictFileNames: true, validateEntrySizes: true },
      (error, zip) => (error ? reject(wrong("that is no archive of Brontle")) : resolve(zip)),
    );
  });

/** The list of what is in it; ends at the first thing that doesn't belong there. */
function listed(zip: ZipFile): Promise<ReadonlyMap<string, Entry>> {
  const found = new Map<string, Entry>();
  let total = 0;
  return new Promise((resolve, reject) => {
    zip.on("error", () => reject(wrong("the archive is damaged")));
    zip.on("end", () => resolve(found));
    zip.on("entry", (entry: Entry) => {
      const { fileName, uncompressedSize } = entry;
      total += uncompressedSize;
      if (!NAME.test(fileName))
        reject(wrong("{name} doesn't belong in an archive", { name: fileName.slice(0, 60) }));
      else if (found.has(fileName)) reject(wrong("{name} is in it twice", { name: fileName }));
      else if (found.size >= MOST_ENTRIES)
        reject(wrong("it holds more than {most} files", { most: MOST_ENTRIES }));
      else if (uncompressedSize > MOST_ENTRY_BYTES || total > MOST_TOTAL_BYTES)
        reject(wrong("what is in it is larger than any studio's"));
      else {
        found.set(fileName, entry);
        zip.readEntry();
      }
    });
    zip.readEntry();
  });
}

/** The text of one entry. What it says of its size is held against what comes: more is refused at the first byte beyond. */
function textOf(zip: ZipFile, entry: Entry): Promise<string> {
  const damaged = () => wrong("{name} is damaged", { name: entry.fileName });
  return new Promise((resolve, reject) => {
    zip.openReadStream(entry, (error, stream) => {
      if (error) return reject(damaged());
      const pieces: Buffer[] = [];
      let bytes = 0;
      stream.on("error", () => reject(damaged()));
      stream.on("data", (piece: Buffer) => {
        bytes += piece.byteLength;
        pieces.push(piece);
        if (bytes > MOST_ENTRY_BYTES) stream.destroy(damaged());
      });
      stream.on("end", () => {
        try {
          resolve(new TextDecoder("utf-8", { fatal: true }).decode(Buffer.concat(pieces)));
        } catch {
          reject(wrong("{name} isn't text in UTF-8", { name: entry.fileName }));
        }
      });
    });
  });
}

/** Opens an archive. @throws Refused with a sentence where it is none, or holds what none does */
export async function openZip(bytes: Uint8Array): Promise<OpenArchive> {
  const zip = await opened(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength));
  const entries = await listed(zip);
  return {
    names: [...entries.keys()],
    text: (name) => {
      const entry = entries.get(name);
      if (!entry) throw wrong("{name} is missing in it", { name });
      return textOf(zip, entry);
    },
  };
}
