import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { dayIn, readSetsCsv, SET_COLUMNS, withSets } from "./sets-csv";

const read = (text: string) => readSetsCsv(text, LIBRARY_BOOK);

describe("an earlier log as a table", () => {
  test("is read by ids and names, with other headings, dates and commas as people have them", () => {
    const { sets, faults } = read(
      "Date;Exercise;Weight kg;Reps;Seconds;Left\n2026-10-01;goblet-squat;12,5;10;;2\n1.10.2026;Plank;;;45;\n",
    );
    expect(faults).toEqual([]);
    expect(sets).toEqual([
      { move: "goblet-squat", kg: 12.5, reps: 10, rir: 2, date: "2026-10-01" },
      { move: "plank", seconds: 45, date: "2026-10-01" },
    ]);
  });

  test("tells every fault by its line and column, with the nearest moves, and gives the sound lines", () => {
    const { sets, faults } = read(
      "date,move,kg,reps\n2026-02-30,goblet-squat,12,10\n2026-10-01,goblet sqat,12,10\n2026-10-01,goblet-squat,many,10\n2026-10-01,goblet-squat,12,\n2026-10-01,goblet-squat,12,10\n",
    );
    expect(faults.map(({ line, column, code }) => [line, column, code])).toEqual([
      [2, "date", "no-date"],
      [3, "move", "no-move"],
      [4, "kg", "no-number"],
      [5, "reps", "reps-or-seconds"],
    ]);
    expect(faults[1]?.near).toContain("Goblet squat");
    expect(sets).toHaveLength(1);
    expect(read("when,what\n1,2\n").faults.map(({ code }) => code)).toContain("no-column");
  });

  test("adds nothing the second time, and keeps the latest", () => {
    const { sets } = read("date,move,reps\n2026-10-02,push-up,10\n2026-10-01,push-up,8\n");
    const once = withSets([], sets, 500);
    expect(once.added).toBe(2);
    expect(once.sets.map(({ date }) => date)).toEqual(["2026-10-01", "2026-10-02"]);
    expect(withSets(once.sets, sets, 500)).toEqual({ sets: once.sets, added: 0 });
    expect(withSets(once.sets, sets, 1).sets.map(({ date }) => date)).toEqual(["2026-10-02"]);
  });

  test("never fails on any text, and gives only days that there are", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (text) => {
        const { sets } = read(`${SET_COLUMNS.join(",")}\n${text}`);
        for (const { date } of sets) expect(dayIn(date ?? "")).toBe(date);
      }),
    );
  });
});
