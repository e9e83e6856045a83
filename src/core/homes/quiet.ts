/** Hours in which nothing louder than a step is done at somebody's home. */
import type { Ms } from "../units";
import type { Person } from "./home";

const DAY_MINUTES = 24 * 60;
const MINUTE_MS = 60_000;

const minutesOf = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3));

/** Minutes since midnight on the clock of a time zone. @throws RangeError for a zone that there isn't */
function minuteThere(atMs: Ms, timeZone: string): number {
  const parts = new Intl.DateTimeFormat("en-GB", {
    timeZone,
    hour: "2-digit",
    minute: "2-digit",
    hourCycle: "h23",
  });
  return minutesOf(parts.format(new Date(atMs)));
}

/**
 * Whether any minute of a stretch of time lies in the person's quiet hours, by the clock of their own zone
 * (else of the studio's). From a time to the same time is all day.
 */
export function isQuietAt(
  { quiet, timeZone }: Pick<Person, "quiet" | "timeZone">,
  fromMs: Ms,
  toMs: Ms,
  studioZone: string,
): boolean {
  if (!quiet) return false;
  const [from, to] = [minutesOf(quiet.from), minutesOf(quiet.to)];
  const hours = (to - from + DAY_MINUTES) % DAY_MINUTES || DAY_MINUTES;
  const into = (minuteThere(fromMs, timeZone ?? studioZone) - from + DAY_MINUTES) % DAY_MINUTES;
  const lasts = Math.max(0, toMs - fromMs) / MINUTE_MS;
  // Either it begins within the hours, or it runs into their next beginning.
  return into < hours || into + lasts > DAY_MINUTES;
}

/** The person at a class between two moments: in their quiet hours with the limit `quiet`. */
export function withQuiet(person: Person, fromMs: Ms, toMs: Ms, studioZone: string): Person {
  if (person.limits?.includes("quiet") || !isQuietAt(person, fromMs, toMs, studioZone)) return person;
  return { ...person, limits: [...(person.limits ?? []), "quiet"] };
}
