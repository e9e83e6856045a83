import fc from "fast-check";
import { expect, test } from "vitest";
import { clockText } from "../units";
import { spanText, spanTriple } from "./span";
import { minutesIn, secondsIn, typedCount, typedNumber, typedSeconds } from "./typed-number";

test.each([
  ["90", 90],
  ["90s", 90],
  [" 90 sec. ", 90],
  ["1:30", 90],
  ["0:40", 40],
  ["1 min", 60],
  ["12 mins", 720],
  ["1.5 minutes", 90],
  ["1,5 min", 90],
  ["2'", 120],
  ["40–60 s", { min: 40, max: 60 }],
  ["1-2 min", { min: 60, max: 120 }],
  ["0:40 to 1:00", { min: 40, max: 60 }],
  ["45 s – 1 min", { min: 45, max: 60 }],
])("%s is a time", (text, span) => {
  expect(typedSeconds(text)).toEqual(span);
});

test.each([
  ["3", 3],
  ["3x", 3],
  ["×3", 3],
  ["12 reps", 12],
  ["4 rounds", 4],
  ["8–12", { min: 8, max: 12 }],
  ["8 to 12 reps", { min: 8, max: 12 }],
])("%s is a number", (text, span) => {
  expect(typedCount(text)).toEqual(span);
});

test("what can't be taken says in which way", () => {
  const limits = { least: 5, most: 100 };
  const whyOf = (text: string, unit: "seconds" | "count") => {
    const typed = typedNumber(text, unit, limits);
    return typed.ok ? null : typed.why;
  };
  expect(whyOf("soon", "seconds")).toBe("form");
  expect(whyOf("", "count")).toBe("form");
  expect(whyOf("1:75", "seconds")).toBe("form");
  expect(whyOf("1:30", "count")).toBe("clock");
  expect(whyOf("12–8", "count")).toBe("order");
  expect(whyOf("4", "count")).toBe("least");
  expect(whyOf("1:41", "seconds")).toBe("most");
  expect(whyOf("1:40", "seconds")).toBeNull();
});

test("a time reads the same by the clock, in seconds and as a number", () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 3599 }), (seconds) => {
      for (const text of [clockText(seconds), `${seconds}`, `${seconds} s`])
        expect(secondsIn(text)).toBe(seconds);
    }),
  );
});

test("what a span is shown as is typed back, of times and of numbers", () => {
  const one = fc.integer({ min: 0, max: 99_999 });
  const range = fc.tuple(one, one, one).map((three) => {
    const [min = 0, plan = 0, max = 0] = [...three].sort((a, b) => a - b);
    return { min, plan, max };
  });
  fc.assert(
    fc.property(fc.oneof(one, range), (span) => {
      for (const read of [typedSeconds, typedCount])
        expect(spanTriple(read(spanText(span)) ?? -1)).toEqual(spanTriple(span));
    }),
  );
});

test("whatever is typed, nothing is thrown and what is taken lies between the limits", () => {
  const keys = fc.constantFrom(..."0123456789:–- xsmin.,'");
  const text = fc.oneof(fc.string(), fc.string({ unit: keys, maxLength: 12 }));
  fc.assert(
    fc.property(text, fc.constantFrom("seconds", "count"), (typed, unit) => {
      const read = typedNumber(typed, unit, { least: 1, most: 7200 });
      if (!read.ok) return;
      const { min, plan, max } = spanTriple(read.span);
      expect(1 <= min && min <= plan && plan <= max && max <= 7200).toBe(true);
    }),
  );
});

test.each([
  ["45", 45],
  ["45 min", 45],
  ["1 h", 60],
  ["1 h 15", 75],
  ["1:15", 75],
  ["0", null],
  ["an hour", null],
  ["", null],
])("%j as the minutes of a class", (text, minutes) => {
  expect(minutesIn(text)).toBe(minutes);
});
