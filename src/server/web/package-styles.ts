/**
 * Styles that a package writes into the page when it loads, as hashes for the content policy: the toasts'
 * package has no way to be given the number of an answer.
 */
import { createHash } from "node:crypto";
import { readFileSync } from "node:fs";

/** A hash as the policy wants it (CSP level 3, `hash-source`). */
export function hashSource(text: string): string {
  return `'sha256-${createHash("sha256").update(text).digest("base64")}'`;
}

/** The texts that a module's source hands to `__insertCSS`. */
export function insertedStyles(source: string): string[] {
  return [...source.matchAll(/__insertCSS\(("(?:[^"\\]|\\.)*")\)/g)].map(
    ([, literal]) => JSON.parse(literal ?? '""') as string,
  );
}

/** Hashes of the styles of the packages that stand in `root`, and of none, which each begins as. */
export function packageStyles(root: string): string[] {
  const source = readFileSync(`${root}/node_modules/sonner/dist/index.mjs`, "utf8");
  return ["", ...insertedStyles(source)].map(hashSource);
}
