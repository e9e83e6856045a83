import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { checkClass } from "../class/check-class";
import { expandedSeconds } from "../class/expand";
import { fieldsIn } from "../live/when";
import { LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { docInWeek, easier, grown, wasEdited } from "./grow";
import {
  dayAfter,
  daysFrom,
  EASIER_EVERY,
  isEasier,
  mondayOf,
  planFaults,
  type SeasonPlan,
  seasonDates,
  stepsBy,
  weekdayOf,
} from "./pattern";

const ZONES = [
  "Atlantic/Reykjavik",
  "Europe/Madrid",
  "America/New_York",
  "Australia/Lord_Howe",
  "Africa/Lagos",
];
const plan = (more: Partial<SeasonPlan> = {}): SeasonPlan => ({
  from: "2026-12-01",
  weeks: 6,
  timeZone: "Atlantic/Reykjavik",
  lines: [
    { weekday: 2, time: "19:00", classId: "a", focus: "legs" },
    { weekday: 5, time: "07:30", classId: "b", focus: "pull" },
  ],
  growEvery: 1,
  easierEvery: 4,
  off: [],
  says: "",
  ...more,
});

describe("a pattern of weeks", () => {
  test("makes its dates in order, none before its first day, at their time of day through both changes of clocks", () => {
    const arb = fc.record({
      from: fc.date({ min: new Date("2026-01-01"), max: new Date("2027-12-01"), noInvalidDate: true }),
      weeks: fc.integer({ min: 1, max: 26 }),
      timeZone: fc.constantFrom(...ZONES),
      lines: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1, maxLength: 5 }),
      time: fc.constantFrom("07:30", "12:00", "19:00", "23:45"),
    });
    fc.assert(
      fc.property(arb, ({ from, weeks, timeZone, lines, time }) => {
        const day = from.toISOString().slice(0, 10);
        const made = plan({
          from: day,
          weeks,
          timeZone,
          lines: lines.map((weekday) => ({ weekday, time, classId: "a", focus: "" })),
        });
        const dates = seasonDates(made);
        const all = Array.from({ length: weeks * 7 }, (_, i) => dayAfter(mondayOf(day), i));
        const wanted = all.filter((each) => each >= day && lines.includes(weekdayOf(each)));
        expect(dates.map((each) => each.day)).toEqual(wanted);
        for (const each of dates) {
          expect(fieldsIn(each.atMs, timeZone)).toEqual({ date: each.day, time });
          expect(each.week).toBe(Math.floor(daysFrom(mondayOf(day), each.day) / 7));
        }
      }),
    );
  });

  test("knows its easier weeks and how far the others have grown", () => {
    const weeks = [0, 1, 2, 3, 4, 5, 6, 7];
    expect(weeks.filter((week) => isEasier(plan(), week))).toEqual([3, 7]);
    expect(weeks.map((week) => stepsBy(plan(), week))).toEqual([0, 1, 2, 2, 3, 4, 5, 5]);
    expect(weeks.map((week) => stepsBy(plan({ growEvery: 2, easierEvery: 0 }), week))).toEqual([
      0, 0, 1, 1, 2, 2, 3, 3,
    ]);
    expect(stepsBy(plan({ growEvery: 0 }), 20)).toBe(0);
  });

  test("says what is wrong with it", () => {
    expect(planFaults(plan())).toEqual([]);
    const wrong = plan({
      from: "2026-02-30",
      weeks: 0,
      timeZone: "Moon/Sea",
      lines: [{ weekday: 8, time: "25:00", classId: "a", focus: "" }],
      growEvery: 9,
      easierEvery: 3,
      off: ["soon"],
    });
    expect(planFaults(wrong)).toEqual([
      "from",
      "weeks",
      "timeZone",
      "growEvery",
      "easierEvery",
      "off",
      "lines",
    ]);
    expect(EASIER_EVERY).toContain(0);
  });
});

describe("a class through the weeks", () => {
  test("stays valid however far it grows, grows no further than its stance, and is no longer in an easier week", () => {
    fc.assert(
      fc.property(arbClass, fc.nat(30), (doc, steps) => {
        const next = grown(doc, steps);
        expect(checkClass(next, LIBRARY_BOOK).ok).toBe(true);
        const light = easier(next);
        expect(checkClass(light, LIBRARY_BOOK).ok).toBe(true);
        expect(expandedSeconds(light, LIBRARY_BOOK, "plan")).toBeLessThanOrEqual(
          expandedSeconds(next, LIBRARY_BOOK, "plan"),
        );
        expect(grown(doc, 0)).toBe(doc);
      }),
      { numRuns: 40 },
    );
  });

  test("takes levels that stop early along with shorter work", () => {
    const slot = { id: "s", move: "plank", dose: { hold: 40 }, marks: { sharp: { seconds: 38 } } };
    const light = easier({
      format: "brontle.class",
      version: 1,
      title: "Pier",
      stance: "form",
      blocks: [{ id: "b", title: "", rounds: 1, slots: [slot] }],
    });
    expect(light.blocks[0]?.slots?.[0]).toMatchObject({
      dose: { hold: 30 },
      marks: { sharp: { seconds: 30 } },
    });
  });

  test("is a step on each week, and in the fourth a round less", () => {
    const base = {
      format: "brontle.class",
      version: 1,
      title: "Quay",
      stance: "density",
      blocks: [
        {
          id: "b",
          title: "Legs",
          rounds: 3,
          rest: 15,
          slots: [{ id: "s", move: "bodyweight-squat", dose: { seconds: 40 } }],
        },
      ],
    } as const;
    const at = (week: number) => docInWeek(base, plan(), week).blocks[0];
    expect([0, 1, 2].map((week) => at(week)?.slots?.[0]?.dose)).toEqual([
      { seconds: 40 },
      { seconds: 45 },
      { seconds: 50 },
    ]);
    expect(at(3)).toMatchObject({ rounds: 2, slots: [{ dose: { seconds: 50 } }] });
    expect(wasEdited(base, structuredClone(base) as never)).toBe(false);
    expect(wasEdited(base, { ...base, title: "Pier" })).toBe(true);
  });
});
