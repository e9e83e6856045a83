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
    // Own keys alone: one may be called as something that every object has.
    const known = (key: string) => (Object.hasOwn(before, key) ? before[key] : undefined);
    const made = Object.keys(next).map((key) => [key, share(known(key), next[key])] as const);
    const same =
      made.length === Object.keys(before).length &&
      made.every(([key, value]) => Object.hasOwn(before, key) && value === before[key]);
    return (same ? before : Object.fromEntries(made)) as T;
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
