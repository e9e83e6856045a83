import { createHash } from "node:crypto";

/** Stands for an e-mail address where it is counted or in the name of a file: it tells nobody the address. */
export function addressMark(email: string): string {
  return createHash("sha256").update(email.trim().toLowerCase()).digest("hex").slice(0, 16);
}
