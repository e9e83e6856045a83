/** When to try again what the server didn't take: soon at first, then less and less often. */

const FIRST_MS = 1500;
const MOST_MS = 30_000;

/** The wait before a try, ms; `tries`: how many there were without success, from 1. */
export function againAfterMs(tries: number): number {
  return Math.min(MOST_MS, FIRST_MS * 2 ** Math.min(20, Math.max(0, tries - 1)));
}
