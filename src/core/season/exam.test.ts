import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { examine } from "./exam";

const codes = (text: string) => examine(text).contradictions.map(({ code }) => code);
const days = (text: string) => examine(text).days.map(({ day }) => day);

describe("a plan of days", () => {
  test("is read: days, lists, ranges, weekdays, rests, what they are for", () => {
    expect(days("Day 1 and 3 legs, day 5 and 7 push")).toEqual([1, 3, 5, 7]);
    expect(days("days 2–4: full body")).toEqual([2, 3, 4]);
    expect(days("Mondays and Thursday legs. Sat: pull")).toEqual([1, 4, 6]);
    const [first, second] = examine("Day 1: legs and core; day 2 rest").days;
    expect(first).toMatchObject({ groups: ["lower", "trunk"], rest: false });
    expect(second).toMatchObject({ rest: true, groups: [] });
    expect(days("Thirty minutes of rowing with nobody in particular")).toEqual([]);
  });

  test("that says every other day has no two days running, round the week too", () => {
    expect(codes("Every other day: day 1 and 3 legs, day 5 and 7 push")).toEqual(["running"]);
    expect(examine("Every other day: day 1 and 3 legs, day 5 and 7 push").contradictions[0]).toMatchObject({
      days: [7, 1],
    });
    expect(codes("Day 1, 2 and 4, a day of rest between")).toContain("running");
    expect(codes("Every other day: day 1, 3 and 5")).toEqual([]);
  });

  test("has as many days as it says", () => {
    expect(codes("Three times a week: Mon, Wed and Fri")).toEqual([]);
    expect(codes("4x per week: Mon, Wed and Fri")).toEqual(["not-so-often"]);
    expect(examine("twice a week on Monday").contradictions[0]).toMatchObject({ said: 2, named: 1 });
  });

  test("doesn't rest on a day that it works on, nor name one twice, nor one that no week has", () => {
    expect(codes("Day 1 and 3 legs. Rest on day 3")).toContain("rest-and-work");
    expect(codes("Day 1 legs, day 3 pull, day 3 push")).toContain("twice");
    expect(codes("Day 8 legs")).toEqual(["no-such-day"]);
  });

  test("leaves the same muscles a day between", () => {
    expect(examine("Day 1 legs, day 2 squats").contradictions).toEqual([
      expect.objectContaining({ code: "too-soon", days: [1, 2], group: "lower" }),
    ]);
    expect(codes("Day 1 push, day 2 upper")).toEqual(["too-soon"]);
    expect(codes("Day 1 legs, day 2 push, day 3 pull")).toEqual([]);
  });

  test("points at what it found, in any text", () => {
    const words = [
      "day 1",
      "day 2 and 3",
      "legs",
      "push",
      "every other day",
      "twice a week",
      ".",
      "\n",
      "rest",
      "Mon–Wed",
    ];
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...words), { maxLength: 12 }), (parts) => {
        const text = parts.join(" ");
        const exam = examine(text);
        for (const { from, to } of [...exam.days, ...exam.contradictions]) {
          expect(from).toBeGreaterThanOrEqual(0);
          expect(to).toBeGreaterThan(from);
          expect(to).toBeLessThanOrEqual(text.length);
        }
        // A plan of one day contradicts nothing by its own running.
        if (new Set(exam.days.map(({ day }) => day)).size < 2)
          expect(exam.contradictions.filter(({ code }) => code === "running")).toEqual([]);
      }),
    );
  });
});
