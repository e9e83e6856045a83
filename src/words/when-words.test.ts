import { expect, test } from "vitest";
import { wordsIn } from "./languages";
import { longWhen, shortWhen } from "./when-words";

test("a date and time in a zone are long for letters and short for lists", () => {
  const words = wordsIn("en");
  const at = Date.UTC(2026, 10, 25, 19);
  expect(longWhen(at, "Atlantic/Reykjavik", words)).toBe("Wednesday 25 November at 19:00");
  expect(longWhen(at, "Atlantic/Reykjavik", words, true)).toMatch(/19:00 GMT$/);
  expect(shortWhen(at, "Pacific/Chatham", words)).toEqual({ day: "Thu 26 Nov", time: "08:45" });
  expect(shortWhen(at, undefined, words).time).toMatch(/^\d\d:\d\d$/);
});
