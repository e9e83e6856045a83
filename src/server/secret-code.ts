/**
 * Codes that people set themselves: kept as scrypt hashes (RFC 7914), each with its own salt, compared in a
 * time that tells nothing. A short code is guarded by how often it may be tried.
 */
import { randomBytes, scrypt, timingSafeEqual } from "node:crypto";

const SALT_BYTES = 16;
const KEY_BYTES = 32;
/** Cost parameters: about 50 ms of one thread, 16 MB. */
const COST = { N: 16_384, r: 8, p: 1 } as const;

export const LEAST_CODE = 4;
export const MOST_CODE = 64;

function derived(code: string, salt: Buffer): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    scrypt(code.normalize("NFKC"), salt, KEY_BYTES, COST, (error, key) =>
      error ? reject(error) : resolve(key),
    );
  });
}

/** What is kept of a code. */
export async function hashCode(code: string): Promise<string> {
  const salt = randomBytes(SALT_BYTES);
  return `${salt.toString("base64")}:${(await derived(code, salt)).toString("base64")}`;
}

/** Whether a code is the one that was kept. */
export async function isCode(code: string, kept: string): Promise<boolean> {
  const [salt = "", key = ""] = kept.split(":");
  const known = Buffer.from(key, "base64");
  const tried = await derived(code, Buffer.from(salt, "base64"));
  return known.length === tried.length && timingSafeEqual(known, tried);
}
