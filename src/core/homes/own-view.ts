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
] as const;

/** The document as the person themselves may see it: without the instructor's own choices about them. */
export function ownView(person: Person): Person {
  const seen = Object.fromEntries(
    OWN_KEYS.filter((key) => person[key] !== undefined).map((key) => [key, person[key]]),
  );
  return { ...seen, id: person.id, name: person.name };
}
