/** What a counted number is called in the recording of spoken counts. */
import type { CountCue } from "./count-now";

/** Which word is said of a number: what is said differently in its own words, else the number. */
export function wordOf({ n, said }: Extract<CountCue, { kind: "number" }>): string {
  return said ?? String(n);
}
