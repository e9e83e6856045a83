import { describe, expect, test } from "vitest";
import type { Person } from "./home";
import { isQuietAt, withQuiet } from "./quiet";

const HOUR = 3_600_000;
const at = (text: string) => Date.parse(text);
const person = (from: string, to: string, timeZone?: string): Person => ({
  id: "p",
  name: "P",
  quiet: { from, to },
  ...(timeZone ? { timeZone } : {}),
});

describe("quiet hours", () => {
  test.each<readonly [from: string, to: string, zone: string, starts: string, quiet: boolean]>([
    ["21:00", "07:00", "Europe/Lisbon", "2026-11-26T21:30:00Z", true],
    ["21:00", "07:00", "Europe/Lisbon", "2026-11-26T06:59:00Z", true],
    ["21:00", "07:00", "Europe/Lisbon", "2026-11-26T07:00:00Z", false],
    // A class of an hour runs into them.
    ["21:00", "07:00", "Europe/Lisbon", "2026-11-26T20:30:00Z", true],
    ["21:00", "07:00", "Europe/Lisbon", "2026-11-26T20:00:00Z", false],
    // By the clock where they are, in summer and in winter.
    ["21:00", "07:00", "Atlantic/Azores", "2026-11-26T21:30:00Z", true],
    ["22:30", "07:00", "Atlantic/Azores", "2026-11-26T22:00:00Z", false],
    ["21:00", "07:00", "Europe/Lisbon", "2026-07-26T20:10:00Z", true],
    // Within a day, and all day.
    ["13:00", "15:00", "Europe/Lisbon", "2026-11-26T12:30:00Z", true],
    ["13:00", "15:00", "Europe/Lisbon", "2026-11-26T15:00:00Z", false],
    ["08:00", "08:00", "Europe/Lisbon", "2026-11-26T03:00:00Z", true],
  ])("from %s to %s in %s, at %s: %s", (from, to, zone, starts, quiet) => {
    expect(isQuietAt(person(from, to, zone), at(starts), at(starts) + HOUR, "UTC")).toBe(quiet);
  });

  test("go by the studio's clock where no zone is said, and add the limit once", () => {
    const late = at("2026-11-26T21:30:00Z");
    const someone = person("21:00", "07:00");
    const quiet = withQuiet(someone, late, late + HOUR, "Europe/Lisbon");
    expect(quiet.limits).toEqual(["quiet"]);
    expect(withQuiet(quiet, late, late + HOUR, "Europe/Lisbon")).toBe(quiet);
    expect(withQuiet(someone, at("2026-11-26T12:00:00Z"), at("2026-11-26T13:00:00Z"), "Europe/Lisbon")).toBe(
      someone,
    );
  });
});
