/** Naming the key that private answers are sealed under, without telling it. */
import { createHmac } from "node:crypto";

/** Sixteen hex digits that are the same for the same secret, and tell nothing of it. */
export function keyName(sealSecret: string): string {
  return createHmac("sha256", sealSecret).update("brontle name of the seal's key").digest("hex").slice(0, 16);
}
