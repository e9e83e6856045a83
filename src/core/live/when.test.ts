import fc from "fast-check";
import { expect, test } from "vitest";
import { type SessionTimes, sessionToShow } from "./session";
import { fieldsIn, instantIn, zoneName } from "./when";

const ZONES = [
  "Atlantic/Reykjavik",
  "Europe/Lisbon",
  "Atlantic/Faroe",
  "America/St_Johns",
  "Pacific/Chatham",
  "Australia/Lord_Howe",
];

test("an instant and its fields in a zone lead to each other, but for the hour that comes twice", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1_700_000_000, max: 1_900_000_000 }),
      fc.constantFrom(...ZONES),
      (seconds, zone) => {
        const ms = Math.floor(seconds / 60) * 60_000;
        const { date, time } = fieldsIn(ms, zone);
        const back = instantIn(date, time, zone);
        if (back === null) throw new Error("no instant");
        // The same words on the clock; in the hour that comes twice the first of the two.
        expect(fieldsIn(back, zone)).toEqual({ date, time });
        const fall = zone === "Australia/Lord_Howe" ? 1_800_000 : 3_600_000;
        expect([0, fall]).toContain(ms - back);
      },
    ),
  );
});

test("knows summer time in Lisbon and Reykjavik's absence of it", () => {
  expect(instantIn("2026-07-01", "19:00", "Europe/Lisbon")).toBe(Date.UTC(2026, 6, 1, 18));
  expect(instantIn("2026-12-01", "19:00", "Europe/Lisbon")).toBe(Date.UTC(2026, 11, 1, 19));
  expect(instantIn("2026-07-01", "19:00", "Atlantic/Reykjavik")).toBe(Date.UTC(2026, 6, 1, 19));
});

test("takes the first of an hour that comes twice, in every zone", () => {
  const autumn = [
    ["2026-10-25", "01:30", "Europe/Lisbon", Date.UTC(2026, 9, 25, 0, 30)],
    ["2028-10-29", "01:00", "Atlantic/Faroe", Date.UTC(2028, 9, 29, 0, 0)],
    ["2026-11-01", "1:15", "America/St_Johns", Date.UTC(2026, 10, 1, 3, 45)],
    ["2026-04-05", "01:45", "Australia/Lord_Howe", Date.UTC(2026, 3, 4, 14, 45)],
  ] as const;
  for (const [date, time, zone, ms] of autumn) expect(instantIn(date, time, zone), zone).toBe(ms);
});

test("takes a time that is skipped in spring as much later", () => {
  const at = instantIn("2026-03-29", "01:30", "Europe/Lisbon");
  expect(at).toBe(Date.UTC(2026, 2, 29, 1, 30));
  expect(fieldsIn(at ?? 0, "Europe/Lisbon").time).toBe("02:30");
});

test("takes nothing for an instant that is none", () => {
  for (const [date, time] of [
    ["2026-02-30", "19:00"],
    ["2026-2-3", "19:00"],
    ["2026-02-03", "24:00"],
    ["2026-02-03", "7"],
    ["", ""],
  ] as const)
    expect(instantIn(date, time, "UTC")).toBeNull();
});

test("a person's page shows what goes on, then what has just ended, then what comes, then the last", () => {
  const hour = 3_600_000;
  const now = 1_000 * hour;
  const at = (id: string, state: SessionTimes["state"], hours: number, ended: number | null = null) => ({
    id,
    state,
    startsAtMs: now + hours * hour,
    startedAtMs: null,
    endedAtMs: ended === null ? null : now + ended * hour,
  });
  const running = at("running", "running", -1);
  // Begun since, while the one before was left without an end.
  const begun = at("begun", "open", -0.2);
  const just = at("just", "ended", -2, -1);
  // Opened hours before it is to begin: whoever is in a class that runs stays there.
  const open = at("open", "open", 6);
  const next = at("next", "planned", 20);
  const later = at("later", "planned", 40);
  const last = at("last", "ended", -50, -49);
  const all = [last, later, next, just, open, running, begun];
  const shown: string[] = [];
  for (let list = all; list.length > 0; ) {
    const found = sessionToShow(list, now);
    if (!found) break;
    shown.push(found.id);
    list = list.filter((entry) => entry !== found);
  }
  expect(shown).toEqual(["begun", "running", "open", "just", "next", "later", "last"]);
  expect(sessionToShow([at("old", "ended", -200, -199), at("gone", "cancelled", 1)], now)).toBeNull();
  expect(sessionToShow([at("forgotten", "open", -9)], now)).toBeNull();
});

test("a zone is called without its continent", () => {
  expect(zoneName("America/St_Johns")).toBe("St Johns");
  expect(zoneName("UTC")).toBe("UTC");
});
