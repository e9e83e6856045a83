import { describe, expect, test } from "vitest";
import type { SeasonSays } from "../core/season/checks";
import { examine } from "../core/season/exam";
import { wordsIn } from "./languages";
import { contradictionText, seasonText, weeksText } from "./season-words";

const words = wordsIn("en");
const say = (says: SeasonSays) => seasonText({ says }, (id) => id, words);

describe("a season in words", () => {
  test("counts weeks from one, runs together", () => {
    expect(weeksText([0], words)).toBe("week 1");
    expect(weeksText([0, 1, 2, 4], words)).toBe("weeks 1–3 and 5");
  });

  test("says what was found in one sentence", () => {
    expect(say({ code: "too-soon", muscles: ["quads", "glutes"], hours: 24, weeks: [0, 1] })).toBe(
      "Quads and glutes work hard again after 24 h: weeks 1–2.",
    );
    expect(
      say({ code: "week-few", bound: 6, muscles: [{ muscle: "chest", weeks: [0, 2], least: 2, most: 4 }] }),
    ).toBe("Fewer than 6 hard sets a week: chest 2–4 (weeks 1 and 3).");
    expect(
      say({
        code: "jump",
        muscles: [{ muscle: "quads", weeks: [1], week: 1, least: 4, most: 9 }],
      }),
    ).toBe("A jump: quads from 4 to 9 (week 2).");
    expect(
      say({
        code: "clock-change",
        zone: "Africa/Lagos",
        people: ["Emeka"],
        day: "2027-03-29",
        minutes: -60,
        time: "18:00",
      }),
    ).toBe("From 29 Mar it is an hour earlier for Emeka in Lagos: at 18:00.");
    expect(say({ code: "at-once", pairs: [["a", "b"]] })).toBe("Two classes at once: a.");
    expect(say({ code: "busy", meets: ["a"] })).toBe("One class while you are busy: a.");
    expect(say({ code: "not-as-said", says: "every other day", days: [["2027-03-01", "2027-03-02"]] })).toBe(
      "Announced “every other day”, but two days running: 1 Mar/2 Mar.",
    );
  });

  test("says where a plan of days contradicts itself", () => {
    const told = (text: string) => examine(text).contradictions.map((each) => contradictionText(each, words));
    expect(told("Every other day: day 1 and 3, day 5 and 7")).toEqual([
      "Day 7 and day 1 follow each other, and every other day was said.",
    ]);
    expect(told("3 times a week: Mon and Thu")).toEqual(["3 times a week was said, and 2 days are named."]);
    expect(told("day 1 legs, day 2 squats")).toEqual([
      "Day 1 and day 2 both work the legs: a day between is usual.",
    ]);
  });
});
