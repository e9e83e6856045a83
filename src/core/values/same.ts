/** Whether two values of JSON are written alike: the same keys in the same order with the same values. */
export function isSame(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}

/**
 * A new list of which what is written as before is the very thing that was there before, entry by entry; all of it
 * where nothing differs. So that what is shown of it need not be made again.
 */
export function keepSame<T>(before: readonly T[], now: readonly T[]): readonly T[] {
  const kept = now.map((entry, i) =>
    i < before.length && isSame(before[i], entry) ? (before[i] as T) : entry,
  );
  return kept.length === before.length && kept.every((entry, i) => entry === before[i]) ? before : kept;
}
