/** Reading what a request brings: counted while it streams, within a time, and only what can be kept. */
import { type InferType, type Schema, ValidationError } from "yup";
import { unsound } from "../core/values/sound";
import { Refused, sentence } from "./refused";

/** Largest bodies, bytes. What a form or a press sends is far under a tenth of the first. */
export const MOST_BYTES = {
  press: 64_000,
  person: 300_000,
  /** A class document is at most 1 MB; edits of one come with a little around them. */
  document: 1_100_000,
  roster: 4_200_000,
} as const;
export type BodySize = keyof typeof MOST_BYTES;

/** A body that takes longer than this to arrive is given up, ms. */
const ARRIVES_WITHIN_MS = 15_000;

const tooLarge = (most: number) =>
  new Refused(
    "too-large",
    sentence("That is too large to take: at most {most} kB.", { most: Math.floor(most / 1000) }),
  );

/**
 * The bytes of a body, `most` at the most, within a time. Stops reading at the first byte beyond, so that no more than
 * that is ever in memory.
 */
export async function boundedBytes(
  request: Request,
  most: number,
  withinMs: number = ARRIVES_WITHIN_MS,
): Promise<Buffer> {
  const announced = Number(request.headers.get("content-length") ?? 0);
  if (announced > most) throw tooLarge(most);
  const reader = request.body?.getReader();
  if (!reader) return Buffer.alloc(0);
  const chunks: Uint8Array[] = [];
  let bytes = 0;
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(
      () => reject(new Refused("too-slow", "That took too long to arrive: send it again.")),
      withinMs,
    );
  });
  try {
    for (;;) {
      const { done, value } = await Promise.race([reader.read(), late]);
      if (done) break;
      bytes += value.byteLength;
      if (bytes > most) throw tooLarge(most);
      chunks.push(value);
    }
  } catch (error) {
    void reader.cancel().catch(() => undefined);
    throw error;
  } finally {
    clearTimeout(timer);
  }
  return Buffer.concat(chunks);
}

/** `boundedBytes` as text: bytes that are no UTF-8 are refused, not replaced by something else. */
export async function boundedText(request: Request, most: number): Promise<string> {
  const bytes = await boundedBytes(request, most);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    throw new Refused("malformed", "The request is not text in UTF-8.");
  }
}

/** JSON that can be kept, whatever its shape. */
export function soundJson(text: string, most: number): unknown {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new Refused("malformed", "The request is not JSON.");
  }
  const wrong = unsound(value, { depth: 32, entries: 2000, bytes: most });
  if (wrong) throw new Refused("malformed", sentence("It can't be read: {faults}.", { faults: [wrong] }));
  return value;
}

/** So many sentences of a schema are told; of the others how many there are. */
const MOST_TOLD = 5;

/** The body of a request as its schema allows it. */
export async function readBody<S extends Schema>(
  request: Request,
  schema: S,
  size: BodySize,
): Promise<InferType<S>> {
  const most = MOST_BYTES[size];
  const value = soundJson(await boundedText(request, most), most);
  try {
    return (await schema.validate(value, { strict: true, abortEarly: false })) as InferType<S>;
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const told = error.errors.slice(0, MOST_TOLD).map((sentence) => sentence.slice(0, 200));
    const more = error.errors.length - told.length;
    throw new Refused("malformed", `${told.join("; ")}${more > 0 ? `; and ${more} more` : ""}`);
  }
}
