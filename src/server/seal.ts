/** Sealing what is private at rest, under the secret of this installation. */
import { env } from "./env";
import { sealUnder, unsealUnder } from "./seal-key";

/** A value, sealed about something. */
export function seal(value: unknown, about: string): string {
  return sealUnder(env.sealSecret, JSON.stringify(value), about);
}

/** The value that was sealed about this; null where it can't be opened (another secret, or changed). */
export function unseal<T>(sealed: string, about: string): T | null {
  const text = unsealUnder(env.sealSecret, sealed, about);
  return text === null ? null : (JSON.parse(text) as T);
}
