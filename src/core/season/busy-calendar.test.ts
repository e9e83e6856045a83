import fc from "fast-check";
import ical, { ICalEventRepeatingFreq } from "ical-generator";
import { describe, expect, test } from "vitest";
import { fieldsIn, instantIn } from "../live/when";
import { busyAt, readBusyCalendar } from "./busy-calendar";

const FROM = Date.parse("2027-01-01T00:00:00Z");
const YEAR = { fromMs: FROM, toMs: FROM + 366 * 86_400_000, timeZone: "Europe/Madrid" };
const HOUR = 3_600_000;
/** A calendar of these lines. */
const file = (...lines: readonly string[]) =>
  ["BEGIN:VCALENDAR", "VERSION:2.0", ...lines, "END:VCALENDAR", ""].join("\r\n");
const entry = (...lines: readonly string[]) => ["BEGIN:VEVENT", ...lines, "END:VEVENT"];
const read = (...lines: readonly string[]) => readBusyCalendar(file(...lines), YEAR);
const starts = (...lines: readonly string[]) =>
  read(...lines).times.map(({ startMs }) => new Date(startMs).toISOString().slice(0, 16));

describe("a calendar file", () => {
  test("of another writer gives its times back, whatever they are", () => {
    const arbTime = fc.record({
      at: fc.integer({ min: 0, max: 8000 }).map((hours) => FROM + hours * HOUR),
      hours: fc.integer({ min: 1, max: 30 }),
      summary: fc.string({ unit: "grapheme", maxLength: 30 }),
    });
    fc.assert(
      fc.property(fc.array(arbTime, { maxLength: 12 }), (list) => {
        const calendar = ical({ name: "Somebody's" });
        for (const [i, { at, hours, summary }] of list.entries())
          calendar.createEvent({
            id: `e${i}`,
            start: new Date(at),
            end: new Date(at + hours * HOUR),
            summary,
          });
        const { times, faults, name } = readBusyCalendar(calendar.toString(), YEAR);
        expect(faults).toEqual([]);
        expect(name).toBe("Somebody's");
        const told = list.map(({ at, hours }) => `${at} ${at + hours * HOUR}`).sort();
        expect(times.map(({ startMs, endMs }) => `${startMs} ${endMs}`).sort()).toEqual(told);
        // Nothing of what they are for is in it.
        for (const time of times) expect(Object.keys(time).sort()).toEqual(["endMs", "startMs", "uid"]);
      }),
    );
  });

  test("comes again at the same time of day there, through both changes of clocks, in five zones", () => {
    for (const zone of [
      "Europe/Madrid",
      "America/New_York",
      "Australia/Lord_Howe",
      "Africa/Lagos",
      "Atlantic/Reykjavik",
    ]) {
      const { times } = read(
        ...entry(
          "UID:weekly",
          `DTSTART;TZID=${zone}:20270105T190000`,
          `DTEND;TZID=${zone}:20270105T203000`,
          "RRULE:FREQ=WEEKLY;COUNT=50",
        ),
      );
      expect(times).toHaveLength(50);
      for (const { startMs, endMs } of times) {
        expect(fieldsIn(startMs, zone).time).toBe("19:00");
        expect(endMs - startMs).toBe(1.5 * HOUR);
      }
    }
  });

  test("leaves out what is free, cancelled, over, or excepted; what was moved is where it was moved to", () => {
    const weekly = [
      "UID:w",
      "DTSTART:20270104T180000Z",
      "DURATION:PT1H",
      "RRULE:FREQ=WEEKLY;COUNT=4",
      "EXDATE:20270111T180000Z",
    ];
    const moved = ["UID:w", "RECURRENCE-ID:20270118T180000Z", "DTSTART:20270119T070000Z", "DURATION:PT1H"];
    expect(starts(...entry(...weekly), ...entry(...moved))).toEqual([
      "2027-01-04T18:00",
      "2027-01-19T07:00",
      "2027-01-25T18:00",
    ]);
    const at = ["DTSTART:20270104T180000Z", "DTEND:20270104T190000Z"];
    expect(starts(...entry("UID:a", ...at, "TRANSP:TRANSPARENT"))).toEqual([]);
    expect(starts(...entry("UID:a", ...at, "STATUS:CANCELLED"))).toEqual([]);
    expect(starts(...entry("UID:a", "DTSTART:20260104T180000Z", "DTEND:20260104T190000Z"))).toEqual([]);
    // A whole day, by the studio's clock; and a time without a zone.
    expect(starts(...entry("UID:a", "DTSTART;VALUE=DATE:20270104", "DTEND;VALUE=DATE:20270105"))).toEqual([
      "2027-01-03T23:00",
    ]);
    expect(starts(...entry("UID:a", "DTSTART:20270104T180000", "DURATION:PT30M"))).toEqual([
      "2027-01-04T17:00",
    ]);
  });

  test("goes by the rules of a zone that it brings itself", () => {
    const zone = [
      "BEGIN:VTIMEZONE",
      "TZID:Osmay",
      "BEGIN:STANDARD",
      "DTSTART:19700101T000000",
      "TZOFFSETFROM:+0130",
      "TZOFFSETTO:+0130",
      "END:STANDARD",
      "END:VTIMEZONE",
    ];
    const lines = [...zone, ...entry("UID:a", "DTSTART;TZID=Osmay:20270104T180000", "DURATION:PT30M")];
    expect(starts(...lines)).toEqual(["2027-01-04T16:30"]);
    // And forgets it: another file that names the zone and doesn't bring it goes by the studio's clock.
    expect(starts(...entry("UID:a", "DTSTART;TZID=Osmay:20270104T180000", "DURATION:PT30M"))).toEqual([
      "2027-01-04T17:00",
    ]);
  });

  test("is refused, or told line by line what of it can't be read, and never takes long", () => {
    const codes = (text: string) => readBusyCalendar(text, YEAR).faults.map(({ line, code }) => [line, code]);
    for (const text of ["", "no calendar", "BEGIN:VCARD\nEND:VCARD", "BEGIN:VCALENDAR\nBEGIN:VEVENT\nfoo"])
      expect(codes(text)).toEqual([[1, "no-calendar"]]);
    expect(codes("x".repeat(4_000_001))).toEqual([[1, "too-large"]]);
    const at = ["DTSTART:20270104T180000Z", "DTEND:20270104T190000Z"];
    expect(codes(file(...entry("UID:a"), ...entry("UID:b", ...at)))).toEqual([[3, "no-start"]]);
    expect(codes(file(...entry("UID:a", "DTSTART:20270104T180000Z", "DTEND:20270104T170000Z")))).toEqual([
      [3, "no-length"],
    ]);
    for (const rule of ["FREQ=SECONDLY", "FREQ=WEEKLY;INTERVAL=999999999", "FREQ=MINUTELY;BYSECOND=1,2,3"])
      expect(codes(file(...entry("UID:a", ...at, `RRULE:${rule}`)))).toEqual([[3, "too-often"]]);
    expect(
      codes(file(...entry("UID:a", "DTSTART:10010104T180000Z", "DURATION:PT1H", "RRULE:FREQ=DAILY"))),
    ).toEqual([[3, "too-often"]]);
  });

  test("that is damaged anywhere never throws", () => {
    const whole = file(
      ...entry("UID:w", "DTSTART:20270104T180000Z", "DURATION:PT1H", "RRULE:FREQ=WEEKLY;BYDAY=MO;COUNT=4"),
      ...entry("UID:d", "DTSTART;VALUE=DATE:20270104"),
    );
    fc.assert(
      fc.property(fc.nat(whole.length), fc.string({ maxLength: 3 }), fc.nat(6), (at, put, cut) => {
        const text = whole.slice(0, at) + put + whole.slice(at + cut);
        const { times } = readBusyCalendar(text, YEAR);
        for (const { startMs, endMs } of times) expect(endMs).toBeGreaterThan(startMs);
      }),
      { numRuns: 300 },
    );
  });
});

test("a time is met where it overlaps, and not where it only touches", () => {
  const at = (time: string) => instantIn("2027-01-04", time, "UTC") ?? 0;
  const busy = [{ startMs: at("18:00"), endMs: at("19:00") }];
  expect(busyAt(busy, at("18:59"), at("20:00"))).toEqual(busy);
  expect(busyAt(busy, at("19:00"), at("20:00"))).toEqual([]);
  expect(busyAt(busy, at("17:00"), at("18:00"))).toEqual([]);
  expect(busyAt(busy, at("18:10"), at("18:20"))).toEqual(busy);
});

test("a calendar of repeating entries reads back as its rule says", () => {
  const calendar = ical({ name: "Rules" });
  calendar.createEvent({
    id: "r",
    start: new Date("2027-01-05T09:00:00Z"),
    end: new Date("2027-01-05T10:00:00Z"),
    summary: "x",
    repeating: { freq: ICalEventRepeatingFreq.DAILY, interval: 3, count: 5 },
  });
  const days = readBusyCalendar(calendar.toString(), YEAR).times.map(({ startMs }) =>
    new Date(startMs).getUTCDate(),
  );
  expect(days).toEqual([5, 8, 11, 14, 17]);
});
