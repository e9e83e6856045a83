/**
 * Sealing what is private at rest: AES-256-GCM under a key derived (HKDF-SHA-256) from the secret of this
 * installation. `about` is bound into the seal, so that one person's answers can't be put under another's name.
 */
import { createCipheriv, createDecipheriv, hkdfSync, randomBytes } from "node:crypto";
import { env } from "./env";

const NONCE_BYTES = 12;
const TAG_BYTES = 16;

let known: { readonly secret: string; readonly key: Buffer } | null = null;

function key(): Buffer {
  const secret = env.sealSecret;
  if (known?.secret !== secret)
    known = { secret, key: Buffer.from(hkdfSync("sha256", secret, "", "brontle private answers", 32)) };
  return known.key;
}

/** A value as base64 of nonce, tag and ciphertext. */
export function seal(value: unknown, about: string): string {
  const nonce = randomBytes(NONCE_BYTES);
  const cipher = createCipheriv("aes-256-gcm", key(), nonce).setAAD(Buffer.from(about));
  const text = Buffer.concat([cipher.update(JSON.stringify(value), "utf8"), cipher.final()]);
  return Buffer.concat([nonce, cipher.getAuthTag(), text]).toString("base64");
}

/** The value that was sealed about this; null where it can't be opened (another secret, or changed). */
export function unseal<T>(sealed: string, about: string): T | null {
  try {
    const bytes = Buffer.from(sealed, "base64");
    const cipher = createDecipheriv("aes-256-gcm", key(), bytes.subarray(0, NONCE_BYTES))
      .setAAD(Buffer.from(about))
      .setAuthTag(bytes.subarray(NONCE_BYTES, NONCE_BYTES + TAG_BYTES));
    const text = Buffer.concat([cipher.update(bytes.subarray(NONCE_BYTES + TAG_BYTES)), cipher.final()]);
    return JSON.parse(text.toString("utf8")) as T;
  } catch {
    return null;
  }
}
