/**
 * Busy times of a calendar file (iCalendar, RFC 5545), as another program wrote it: only when, never what. Entries that
 * come again are written out; what is marked as free or was cancelled isn't busy.
 */
import ICAL from "ical.js";
import { instantIn } from "../live/when";
import { isTimeZone } from "../settings/settings";
import type { Ms } from "../units";

export interface BusyTime {
  /** The entry's own id in its calendar. */
  readonly uid: string;
  readonly startMs: Ms;
  readonly endMs: Ms;
}

export interface BusyFault {
  /** Line of the file, from 1, at which the entry begins. */
  readonly line: number;
  readonly code:
    | "no-calendar"
    | "too-large"
    | "no-start"
    | "no-length"
    | "too-often"
    | "unreadable"
    | "too-many";
}

export interface BusyCalendar {
  /** In order. */
  readonly times: readonly BusyTime[];
  readonly faults: readonly BusyFault[];
  /** What the calendar calls itself; empty where it doesn't. */
  readonly name: string;
}

export const MOST_BUSY = 5000;
export const MOST_CALENDAR_CHARACTERS = 4_000_000;
const MOST_ENTRIES = 20_000;
/** Of one entry: daily for over fifty years. A rule that gives more before the window is none of a person's day. */
const MOST_TURNS = 20_000;
/** Longest pause of a rule, in its own units. */
const MOST_INTERVAL = 400;
const MOST_UID = 200;

interface Window {
  readonly fromMs: Ms;
  readonly toMs: Ms;
  /** Of times that name no zone, or one that isn't known. */
  readonly timeZone: string;
}

/** A time of an entry as an instant: by the rules of its zone that the file brings, else by the platform's. */
function instantOf(time: ICAL.Time, tzid: string | null, { timeZone }: Window): Ms | null {
  const { zone } = time;
  const knows = zone !== undefined && zone !== null && zone.tzid !== "floating";
  if (knows && !time.isDate) return time.toJSDate().getTime();
  const two = (n: number) => String(n).padStart(2, "0");
  const date = `${String(time.year).padStart(4, "0")}-${two(time.month)}-${two(time.day)}`;
  const clock = time.isDate ? "00:00" : `${two(time.hour)}:${two(time.minute)}`;
  return instantIn(date, clock, tzid !== null && isTimeZone(tzid) ? tzid : timeZone);
}

const tzidOf = (part: ICAL.Component) => {
  const tzid = part.getFirstProperty("dtstart")?.getFirstParameter("tzid");
  return typeof tzid === "string" ? tzid : null;
};

/** Whether somebody is free all the same. */
const isFree = (part: ICAL.Component) =>
  String(part.getFirstPropertyValue("transp") ?? "").toUpperCase() === "TRANSPARENT" ||
  String(part.getFirstPropertyValue("status") ?? "").toUpperCase() === "CANCELLED";

/** A rule that would take for ever to be written out is no rule. */
const isUnsound = (part: ICAL.Component) =>
  part.getAllProperties("rrule").some((property) => {
    const rule = property.getFirstValue() as { readonly interval?: number; readonly freq?: string } | null;
    const { interval = 1, freq = "" } = rule ?? {};
    return interval > MOST_INTERVAL || interval < 1 || freq === "SECONDLY" || freq === "MINUTELY";
  });

/** The lines at which entries begin, in order. */
function linesOf(text: string): readonly number[] {
  return text.split(/\r\n|\r|\n/).flatMap((line, i) => (/^BEGIN:VEVENT\s*$/i.test(line) ? [i + 1] : []));
}

interface Entry {
  readonly part: ICAL.Component;
  readonly line: number;
}

/** When one entry is, each time that it comes within the window; or what is wrong with it. */
function timesOf(
  { part, line }: Entry,
  exceptions: readonly Entry[],
  window: Window,
): BusyTime[] | BusyFault {
  if (!part.getFirstProperty("dtstart")) return { line, code: "no-start" };
  if (isUnsound(part)) return { line, code: "too-often" };
  const event = new ICAL.Event(part, {
    exceptions: exceptions.map((other) => other.part),
    strictExceptions: false,
  });
  const uid = String(event.uid ?? "").slice(0, MOST_UID) || `line-${line}`;
  const made: BusyTime[] = [];
  const add = (start: ICAL.Time, end: ICAL.Time, own: ICAL.Component): boolean => {
    const [startMs, endMs] = [instantOf(start, tzidOf(own), window), instantOf(end, tzidOf(own), window)];
    if (startMs === null || endMs === null || endMs < startMs) return false;
    if (!isFree(own) && endMs > startMs && endMs > window.fromMs && startMs < window.toMs)
      made.push({ uid, startMs, endMs });
    return startMs < window.toMs;
  };
  if (!event.isRecurring()) {
    if (event.endDate.compare(event.startDate) < 0) return { line, code: "no-length" };
    add(event.startDate, event.endDate, part);
    return made;
  }
  const turns = event.iterator();
  for (let i = 0; i < MOST_TURNS; i += 1) {
    const next = turns.next();
    if (!next) return made;
    const { startDate, endDate, item } = event.getOccurrenceDetails(next);
    const planned = instantOf(next, tzidOf(part), window);
    add(startDate, endDate, item.component);
    if (planned === null || planned >= window.toMs) return made;
    if (made.length > MOST_BUSY) return { line, code: "too-often" };
  }
  return { line, code: "too-often" };
}

/** The calendar in a text, with the zones that it brings; null where it is none. */
function parsed(text: string): ICAL.Component | null {
  try {
    const read: unknown = ICAL.parse(text.replace(/^\uFEFF/, ""));
    // Several calendars in one file are read one after the other.
    const [first] =
      Array.isArray(read) && Array.isArray(read[0]) ? (read as unknown[][]) : [read as unknown[]];
    const root = new ICAL.Component(first as never);
    return root.name === "vcalendar" ? root : null;
  } catch {
    return null;
  }
}

/** Reads a calendar file: busy times within a window, and what of it couldn't be read. Never throws. */
export function readBusyCalendar(text: string, window: Window): BusyCalendar {
  const none = (code: BusyFault["code"]): BusyCalendar => ({
    times: [],
    faults: [{ line: 1, code }],
    name: "",
  });
  if (text.length > MOST_CALENDAR_CHARACTERS) return none("too-large");
  const root = parsed(text);
  if (!root) return none("no-calendar");
  for (const zone of root.getAllSubcomponents("vtimezone")) ICAL.TimezoneService.register(zone);
  try {
    return readIn(root, text, window);
  } finally {
    ICAL.TimezoneService.reset();
  }
}

function readIn(root: ICAL.Component, text: string, window: Window): BusyCalendar {
  const lines = linesOf(text);
  const all = root.getAllSubcomponents("vevent").map((part, i): Entry => ({ part, line: lines[i] ?? 1 }));
  if (all.length > MOST_ENTRIES) return { times: [], faults: [{ line: 1, code: "too-many" }], name: "" };
  const changed = all.filter(({ part }) => part.hasProperty("recurrence-id"));
  const byUid = new Map<string, Entry[]>();
  for (const entry of changed) {
    const uid = String(entry.part.getFirstPropertyValue("uid") ?? "");
    byUid.set(uid, [...(byUid.get(uid) ?? []), entry]);
  }
  const faults: BusyFault[] = [];
  const times = all
    .filter((entry) => !changed.includes(entry))
    .flatMap((entry) => {
      const own = byUid.get(String(entry.part.getFirstPropertyValue("uid") ?? "")) ?? [];
      try {
        const made = timesOf(entry, own, window);
        if (Array.isArray(made)) return made;
        faults.push(made);
      } catch {
        faults.push({ line: entry.line, code: "unreadable" });
      }
      return [];
    })
    .sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs || (a.uid < b.uid ? -1 : 1));
  const name = String(root.getFirstPropertyValue("x-wr-calname") ?? root.getFirstPropertyValue("name") ?? "");
  if (times.length > MOST_BUSY)
    return { times: times.slice(0, MOST_BUSY), faults: [...faults, { line: 1, code: "too-many" }], name };
  return { times, faults, name: name.slice(0, 100) };
}

/** The busy times that something meets. */
export function busyAt<T extends Pick<BusyTime, "startMs" | "endMs">>(
  times: readonly T[],
  startMs: Ms,
  endMs: Ms,
): readonly T[] {
  return times.filter((time) => time.startMs < endMs && time.endMs > startMs);
}
