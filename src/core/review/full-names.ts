/**
 * People are told by their first names; who shares one with somebody else of the room is told in full. A name
 * that is to stay whole has no-break spaces: its words are one.
 */
import type { Person } from "../homes/home";

const NO_BREAK = "\u00a0";
const firstOf = (name: string) => name.split(" ")[0] ?? name;

/** First names that two people or more have. */
export function sharedFirstNames(people: readonly Person[]): ReadonlySet<string> {
  const seen = new Set<string>();
  const shared = new Set<string>();
  for (const first of people.map(({ name }) => firstOf(name))) {
    if (seen.has(first)) shared.add(first);
    seen.add(first);
  }
  return shared;
}

/** A name kept whole where its first is shared. */
export function wholeName(name: string, shared: ReadonlySet<string>): string {
  return shared.has(firstOf(name)) ? name.replaceAll(" ", NO_BREAK) : name;
}

/** What is said with the names of those who share their first name kept whole, wherever they stand in it. */
export function withFullNames<T>(says: T, shared: ReadonlySet<string>): T {
  if (shared.size === 0) return says;
  const walk = (value: unknown, key: string | null): unknown => {
    if (Array.isArray(value))
      return value.map((entry) =>
        key === "names" && typeof entry === "string" ? wholeName(entry, shared) : walk(entry, null),
      );
    if (typeof value !== "object" || value === null) return value;
    return Object.fromEntries(Object.entries(value).map(([own, entry]) => [own, walk(entry, own)]));
  };
  return walk(says, null) as T;
}
