/** Calendar entries of sessions (RFC 5545). Times are written in UTC, so that no reader needs our zone's rules. */

import ical, { ICalCalendarMethod, ICalEventStatus } from "ical-generator";
import type { Words } from "../words/words";

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

/** The text of a calendar file with one entry. */
export function calendarFile(entry: CalendarEntry): string {
  const { words, studio, address } = entry;
  const calendar = ical({
    prodId: { company: "Brontle", product: "Brontle", language: words.language.toUpperCase() },
    name: entry.studio,
    method: entry.cancelled ? ICalCalendarMethod.CANCEL : ICalCalendarMethod.PUBLISH,
  });
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
  return calendar.toString();
}
