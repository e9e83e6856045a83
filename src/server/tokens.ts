/** Long random tokens that open something: handed out once, kept as a hash, never guessed. */
import { createHash, randomBytes } from "node:crypto";

/** 32 random bytes as 43 signs that can stand in an address. */
export function newToken(): string {
  return randomBytes(32).toString("base64url");
}

/** Whether a text may be one: anything else isn't looked up. */
export function isToken(text: string): boolean {
  return /^[A-Za-z0-9_-]{43}$/.test(text);
}

/** What is kept of a token. */
export function hashOf(token: string): string {
  return createHash("sha256").update(token).digest("hex");
}
