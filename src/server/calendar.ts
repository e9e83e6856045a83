/** Calendar entries of sessions (RFC 5545). Times are written in UTC, so that no reader needs our zone's rules. */
import ical, { ICalCalendarMethod, ICalEventStatus } from "ical-generator";

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
}

/** The text of a calendar file with one entry. */
export function calendarFile(entry: CalendarEntry): string {
  const calendar = ical({
    prodId: { company: "Brontle", product: "Brontle", language: "EN" },
    name: entry.studio,
    method: entry.cancelled ? ICalCalendarMethod.CANCEL : ICalCalendarMethod.PUBLISH,
  });
  const opens = entry.address ? `Your own version of it: ${entry.address}` : "";
  calendar.createEvent({
    id: `${entry.sessionId}@brontle`,
    sequence: entry.sequence,
    stamp: entry.stamp,
    start: entry.startsAt,
    end: new Date(entry.startsAt.getTime() + entry.seconds * 1000),
    summary: entry.title,
    description: [`${entry.studio}, at home over a video call.`, opens].filter(Boolean).join("\n"),
    status: entry.cancelled ? ICalEventStatus.CANCELLED : ICalEventStatus.CONFIRMED,
    ...(entry.address ? { url: entry.address } : {}),
  });
  return calendar.toString();
}
