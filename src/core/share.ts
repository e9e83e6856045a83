/**
 * `next` with every piece of `before` put in where it says the same, so that what is remembered by
 * identity (plans of slots, homes of people) stays known after a copy has crossed a wire.
 */
export function share<T>(before: unknown, next: T): T {
  if (Object.is(before, next)) return next;
  if (Array.isArray(before) && Array.isArray(next)) {
    const made = next.map((entry, i) => share(matching(before, entry, i), entry));
    return (
      made.length === before.length && made.every((entry, i) => entry === before[i]) ? before : made
    ) as T;
  }
  if (isPlain(before) && isPlain(next)) {
    const keys = Object.keys(next);
    const made: Record<string, unknown> = {};
    let same = keys.length === Object.keys(before).length;
    for (const key of keys) {
      made[key] = share(before[key], next[key]);
      same &&= key in before && made[key] === before[key];
    }
    return (same ? before : made) as T;
  }
  return next;
}

function isPlain(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

/** The entry that this one was: by its id where it has one, else by its place. */
function matching(before: readonly unknown[], entry: unknown, i: number): unknown {
  if (!isPlain(entry) || typeof entry.id !== "string") return before[i];
  const there = before[i];
  if (isPlain(there) && there.id === entry.id) return there;
  return before.find((other) => isPlain(other) && other.id === entry.id);
}
