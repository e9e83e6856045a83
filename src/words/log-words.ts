import { EFFORTS, type Effort } from "../core/log/entries";
import type { doneIn } from "../core/log/log-file";
import type { Words } from "./words";

/** Effort of a whole class in words; empty for a number that is none. */
export function effortText(effort: number | null, words: Words): string {
  return EFFORTS.includes(effort as Effort) ? words.name("effort", effort as Effort) : "";
}

/** What was done in a slot, in a few signs: `3 × 10, 8 kg each`. */
export function doneText(
  { sets, reps, seconds, eachKg }: NonNullable<ReturnType<typeof doneIn>>,
  words: Words,
): string {
  const each = reps === undefined ? (seconds === undefined ? "" : `${seconds} s`) : `${reps}`;
  const times = sets === undefined ? each : each === "" ? `${sets} ×` : `${sets} × ${each}`;
  const held = eachKg === undefined ? "" : words.phrase("goes", "eachKg", { kg: words.number(eachKg, 1) });
  return [times, held].filter(Boolean).join(", ");
}
