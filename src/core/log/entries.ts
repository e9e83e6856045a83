/** What people and the instructor write down after a class. Appended only: a correction keeps what was before. */
import type { Mark } from "../homes/home";
import type { PartSlot } from "../parts/part";
import type { More } from "../strength/more";
import type { Ms } from "../units";

/** What was done in one slot. What is left out wasn't said. */
export interface SlotDone {
  readonly sets?: number;
  /** In each set. */
  readonly reps?: number;
  readonly seconds?: number;
  /** Of each thing held. */
  readonly eachKg?: number;
  /** In entries from before each was asked for: all that was held, together. */
  readonly kg?: number;
  /** How many more there were in the last set. */
  readonly more?: More;
  readonly mark?: Mark;
}

/** How many things a part holds at once in a slot; 1 where it has no weight. */
export function itemsOf({ load }: Pick<PartSlot, "load">): number {
  return load && "kg" in load ? Math.max(1, load.items) : 1;
}

/** Kilograms of each thing held, also of entries that hold the sum. */
export function eachKgOf({ eachKg, kg }: SlotDone, own: Pick<PartSlot, "load">): number | undefined {
  return eachKg ?? (kg === undefined ? undefined : kg / itemsOf(own));
}

/** The same with kilograms of each thing in place of the sum that older entries hold. */
export function inEach(done: SlotDone, own: Pick<PartSlot, "load">): SlotDone {
  if (done.kg === undefined) return done;
  const { kg: _sum, ...rest } = done;
  return { ...rest, eachKg: eachKgOf(done, own) as number };
}

/** What can be written, by its field: a value of its own kind each. */
export interface LogValues {
  /** Of the whole class: see `EFFORTS`. */
  readonly effort: number;
  readonly note: string;
  readonly present: boolean;
  readonly [slot: `slot:${string}`]: SlotDone;
}
export type LogField = keyof LogValues;
export type LogValue = LogValues[LogField] | null;

/** A field with a value of its kind; null takes back what was said. */
export type Written = {
  [F in LogField]: { readonly field: F; readonly value: LogValues[F] | null };
}[LogField];

/** One thing that somebody wrote. `by`: the person themselves, or the instructor's name. */
export type LogEntry = Written & {
  readonly person: string;
  readonly by: string;
  readonly atMs: Ms;
};

/** The author of what a person wrote of themselves. */
export const BY_SELF = "self";

/** A value as it stands, and what stood there before, the last first. */
export interface Kept<F extends LogField = LogField> {
  readonly value: LogValues[F] | null;
  readonly by: string;
  readonly atMs: Ms;
  readonly earlier: readonly LogEntry[];
}

/** Effort of a whole class, from rest to as hard as it gets. */
export const EFFORTS = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10] as const;
export type Effort = (typeof EFFORTS)[number];

/** What is kept of one person, by field. */
export type KeptLog = { readonly [F in LogField]?: Kept<F> };

/** Everything that was written of one person, by field, in the state after all corrections. */
export function keptOf(entries: readonly LogEntry[], person: string): KeptLog {
  const kept: Record<string, Kept> = {};
  for (const entry of entries) {
    if (entry.person !== person) continue;
    const { field, value, by, atMs } = entry;
    const before = kept[field];
    const earlier = before
      ? [
          { person, field, value: before.value, by: before.by, atMs: before.atMs } as LogEntry,
          ...before.earlier,
        ]
      : [];
    kept[field] = { value, by, atMs, earlier };
  }
  return kept as KeptLog;
}

/** Whether an entry says anything that isn't said already; what is the same isn't written again. */
export function isNews(entries: readonly LogEntry[], person: string, { field, value }: Written): boolean {
  const now = keptOf(entries, person)[field];
  return JSON.stringify(now?.value ?? null) !== JSON.stringify(value);
}
