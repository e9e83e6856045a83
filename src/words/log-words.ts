import { EFFORTS, type Effort } from "../core/log/entries";
import type { Words } from "./words";

/** Effort of a whole class in words; empty for a number that is none. */
export function effortText(effort: number | null, words: Words): string {
  return EFFORTS.includes(effort as Effort) ? words.name("effort", effort as Effort) : "";
}
