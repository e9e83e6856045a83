/** What of a person's document is theirs to see and to change, and what stays the instructor's. */
import type { Person } from "./home";

/** What people say of themselves; the rest of their document is the instructor's. */
export const OWN_KEYS = [
  "name",
  "mark",
  "marks",
  "limits",
  "units",
  "timeZone",
  "language",
  "email",
  "space",
  "kit",
  "workingSets",
  "bodyKg",
  "heightCm",
  "country",
  "quiet",
] as const;

/** Of these the person's own page shows alone: they count in their part, and leave with nobody's export. */
export const PRIVATE_KEYS = ["bodyKg", "heightCm"] as const;

/** The document as it may leave in the instructor's export. */
export function withoutPrivate(person: Person): Person {
  const { bodyKg: _mass, heightCm: _height, ...rest } = person;
  return rest;
}

/** A document that comes in without what only the person's own page shows, or without goals, keeps these. */
export function keepingPrivate(comes: Person, stands: Person): Person {
  const own = ([...PRIVATE_KEYS, "goals"] as const).filter(
    (key) => comes[key] === undefined && stands[key] !== undefined,
  );
  return { ...comes, ...Object.fromEntries(own.map((key) => [key, stands[key]])) };
}

/** The document as the person themselves may see it: without the instructor's own choices about them. */
export function ownView(person: Person): Person {
  const seen = Object.fromEntries(
    OWN_KEYS.filter((key) => person[key] !== undefined).map((key) => [key, person[key]]),
  );
  return { ...seen, id: person.id, name: person.name };
}
