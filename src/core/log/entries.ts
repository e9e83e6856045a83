/** What people and the instructor write down after a class. Appended only: a correction keeps what was before. */
import type { Mark } from "../homes/home";
import type { Ms } from "../units";

/** What was done in one slot. What is left out wasn't said. */
export interface SlotDone {
  readonly sets?: number;
  /** In each set. */
  readonly reps?: number;
  readonly seconds?: number;
  /** All that was held, together. */
  readonly kg?: number;
  readonly mark?: Mark;
}

export type LogField = "effort" | "note" | "present" | `slot:${string}`;
export type LogValue = number | string | boolean | SlotDone | null;

/** One thing that somebody wrote. `by`: the person themselves, or the instructor's name. */
export interface LogEntry {
  readonly person: string;
  readonly field: LogField;
  readonly value: LogValue;
  readonly by: string;
  readonly atMs: Ms;
}

/** The author of what a person wrote of themselves. */
export const BY_SELF = "self";

/** A value as it stands, and what stood there before, the last first. */
export interface Kept {
  readonly value: LogValue;
  readonly by: string;
  readonly atMs: Ms;
  readonly earlier: readonly LogEntry[];
}

/** Effort of a whole class, from rest to as hard as it gets. */
export const EFFORTS = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10] as const;
export type Effort = (typeof EFFORTS)[number];

/** Everything that was written of one person, by field, in the state after all corrections. */
export function keptOf(entries: readonly LogEntry[], person: string): ReadonlyMap<LogField, Kept> {
  const kept = new Map<LogField, Kept>();
  for (const entry of entries) {
    if (entry.person !== person) continue;
    const before = kept.get(entry.field);
    const { value, by, atMs } = entry;
    const earlier: readonly LogEntry[] = before
      ? [
          { person, field: entry.field, value: before.value, by: before.by, atMs: before.atMs },
          ...before.earlier,
        ]
      : [];
    kept.set(entry.field, { value, by, atMs, earlier });
  }
  return kept;
}

/** Whether an entry says anything that isn't said already; what is the same isn't written again. */
export function isNews(
  entries: readonly LogEntry[],
  entry: Pick<LogEntry, "person" | "field" | "value">,
): boolean {
  const now = keptOf(entries, entry.person).get(entry.field);
  return JSON.stringify(now?.value ?? null) !== JSON.stringify(entry.value);
}
