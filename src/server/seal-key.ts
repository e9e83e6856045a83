/**
 * Sealing under a secret that is given: AES-256-GCM under a key derived from it (HKDF-SHA-256, RFC 5869).
 * `about` is bound into the seal, so that one person's answers can't be put under another's name.
 */
import { createCipheriv, createDecipheriv, createHmac, hkdfSync, randomBytes } from "node:crypto";

const NONCE_BYTES = 12;
const TAG_BYTES = 16;

let known: { readonly secret: string; readonly key: Buffer } | null = null;

function keyOf(secret: string): Buffer {
  if (known?.secret !== secret)
    known = { secret, key: Buffer.from(hkdfSync("sha256", secret, "", "brontle private answers", 32)) };
  return known.key;
}

/** A text as base64 of nonce, tag and ciphertext. */
export function sealUnder(secret: string, text: string, about: string): string {
  const nonce = randomBytes(NONCE_BYTES);
  const cipher = createCipheriv("aes-256-gcm", keyOf(secret), nonce).setAAD(Buffer.from(about));
  const bytes = Buffer.concat([cipher.update(text, "utf8"), cipher.final()]);
  return Buffer.concat([nonce, cipher.getAuthTag(), bytes]).toString("base64");
}

/** The text that was sealed about this; null where it can't be opened (another secret, or changed). */
export function unsealUnder(secret: string, sealed: string, about: string): string | null {
  try {
    const bytes = Buffer.from(sealed, "base64");
    const decipher = createDecipheriv("aes-256-gcm", keyOf(secret), bytes.subarray(0, NONCE_BYTES))
      .setAAD(Buffer.from(about))
      .setAuthTag(bytes.subarray(NONCE_BYTES, NONCE_BYTES + TAG_BYTES));
    const text = Buffer.concat([decipher.update(bytes.subarray(NONCE_BYTES + TAG_BYTES)), decipher.final()]);
    return text.toString("utf8");
  } catch {
    return null;
  }
}

/** Sixteen hex digits that are the same for the same secret, and tell nothing of it. */
export function keyName(sealSecret: string): string {
  return createHmac("sha256", sealSecret).update("brontle name of the seal's key").digest("hex").slice(0, 16);
}

/**
 * The secret of sign-ins: cookies are signed with it, second factors encrypted. Made of the same secret, so
 * that one key opens whatever a backup holds.
 */
export function authSecretOf(sealSecret: string): string {
  return Buffer.from(hkdfSync("sha256", sealSecret, "", "brontle sign-ins", 32)).toString("base64url");
}

/** What each seal is bound to. */
export const aboutReadiness = (personId: string) => `readiness ${personId}`;
export const aboutWhereabouts = (sessionId: string, personId: string) =>
  `whereabouts ${sessionId} ${personId}`;
export const aboutMessage = (id: string) => `outbox ${id}`;
