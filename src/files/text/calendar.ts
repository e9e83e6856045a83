/** Calendar entries of sessions (RFC 5545). Times are written in UTC, so that no reader needs our zone's rules. */

import ical, { type ICalCalendar, ICalCalendarMethod, ICalEventStatus } from "ical-generator";
import type { Words } from "../../words/words";

export interface CalendarEntry {
  /** Stays the same when the session moves or is cancelled: readers update what they have. */
  readonly sessionId: string;
  readonly sequence: number;
  readonly title: string;
  readonly studio: string;
  readonly startsAt: Date;
  readonly seconds: number;
  readonly cancelled: boolean;
  /** The person's own page; left out where the file may go to others. */
  readonly address: string | null;
  readonly stamp: Date;
  /** In whose language it speaks. */
  readonly words: Words;
}

const prodIdIn = (words: Words) => ({
  company: "Brontle",
  product: "Brontle",
  language: words.language.toUpperCase(),
});

/** The text of a calendar file with one entry. */
export function calendarFile(entry: CalendarEntry): string {
  const calendar = ical({
    prodId: prodIdIn(entry.words),
    name: entry.studio,
    method: entry.cancelled ? ICalCalendarMethod.CANCEL : ICalCalendarMethod.PUBLISH,
  });
  putEntry(calendar, entry);
  return calendar.toString();
}

/** A day on which somebody has something to do by themselves. */
export interface CalendarDay {
  readonly id: string;
  readonly title: string;
  /** `YYYY-MM-DD`. */
  readonly day: string;
  readonly withdrawn: boolean;
  readonly stamp: Date;
}

/** How often a reader may come back, seconds: an hour. */
const AGAIN_SECONDS = 3600;

/** A calendar that is followed: all of its entries, those that were cancelled among them, so that readers take them away. */
export function calendarFeed(
  name: string,
  entries: readonly CalendarEntry[],
  days: readonly CalendarDay[],
  words: Words,
): string {
  const calendar = ical({
    prodId: prodIdIn(words),
    name,
    method: ICalCalendarMethod.PUBLISH,
    ttl: AGAIN_SECONDS,
  });
  for (const entry of entries) putEntry(calendar, entry);
  for (const { id, title, day, withdrawn, stamp } of days)
    calendar.createEvent({
      id: `${id}@brontle`,
      sequence: withdrawn ? 1 : 0,
      stamp,
      start: new Date(`${day}T00:00:00Z`),
      allDay: true,
      summary: title,
      status: withdrawn ? ICalEventStatus.CANCELLED : ICalEventStatus.CONFIRMED,
    });
  return calendar.toString();
}

function putEntry(calendar: ICalCalendar, entry: CalendarEntry): void {
  const { words, studio, address } = entry;
  const opens = address ? words.phrase("calendar", "page", { address }) : "";
  calendar.createEvent({
    id: `${entry.sessionId}@brontle`,
    sequence: entry.sequence,
    stamp: entry.stamp,
    start: entry.startsAt,
    end: new Date(entry.startsAt.getTime() + entry.seconds * 1000),
    summary: entry.title,
    description: [words.phrase("calendar", "place", { studio }), opens].filter(Boolean).join("\n"),
    status: entry.cancelled ? ICalEventStatus.CANCELLED : ICalEventStatus.CONFIRMED,
    ...(entry.address ? { url: entry.address } : {}),
  });
}
