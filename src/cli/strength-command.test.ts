import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { afterAll, describe, expect, test } from "vitest";
import type { Person } from "../core/homes/home";
import { strengthCommand } from "./strength-command";

const folder = mkdtempSync(`${tmpdir()}/brontle-strength-`);
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const PEOPLE: readonly Person[] = [
  { id: "p1", name: "Wren", bodyKg: 72 },
  {
    id: "p2",
    name: "Bo",
    bodyKg: 72,
    workingSets: [
      { move: "bent-row", kg: 20, reps: 10, rir: 1, date: "2026-11-20" },
      { move: "plank", seconds: 90 },
    ],
  },
];
const roster = `${folder}/roster.json`;
writeFileSync(roster, JSON.stringify({ format: "brontle.roster", version: 1, people: PEOPLE }));

function run(...args: string[]) {
  const out: string[] = [];
  const err: string[] = [];
  const piece = (text: string) => out.push(text);
  const doors = { out: piece, piece, err: (line: string) => err.push(line), today: "2026-11-26" };
  return { code: strengthCommand(args, doors), out, err };
}
const asked = (...args: string[]) => run("--roster", roster, ...args);
const lines = (...args: string[]) => asked(...args).out.map((line) => JSON.parse(line));

describe("brontle strength", () => {
  test("prints a line a person and move, with how sure it is", () => {
    const [wren, bo] = lines("--move", "bent-row");
    expect(wren).toEqual({
      person: "p1",
      move: "bent-row",
      region: "pull-horizontal",
      sets: 0,
      maximumKg: { low: expect.any(Number), median: 36, high: expect.any(Number) },
    });
    expect(bo).toMatchObject({ person: "p2", sets: 1 });
    expect(bo.maximumKg.median).toBeGreaterThan(45);
    const width = ({ maximumKg: { low, high } }: typeof bo) => high / low;
    expect(width(bo)).toBeLessThan(width(wren));
  });

  test("prints reps at a weight and the weight for reps, where asked", () => {
    const [press] = lines("--move", "floor-press", "--kg", "10", "--reps", "10", "--rir", "2");
    // 36 kg once: 20 kg for 30 × (36/20 − 1) = 24, two of them left.
    expect(press.reps.median).toBe(22);
    expect(press.wantedKg).toBe(12.86);
    const [pressUp, squat] = lines("--move", "press-up", "--move", "goblet-squat", "--reps", "60");
    expect(pressUp.wantedKg).toBeNull();
    expect(squat.wantedKg).toBe(0);
    expect(lines("--move", "curl", "--kg", "0")[0].reps).toBeNull();
  });

  test("looks at every move that is done against a load, on the day that is given", () => {
    const all = lines();
    expect(all.length).toBeGreaterThan(2 * 180);
    expect(all.some(({ move }) => move === "plank" || move === "squat-jump")).toBe(false);
    const on = (day: string) => lines("--move", "bent-row", "--on", day)[1];
    expect(on("2026-11-19").sets).toBe(0);
    expect(on("2027-11-20").sets).toBe(0);
    expect(on("2026-11-20").maximumKg.median).not.toBe(on("2027-06-01").maximumKg.median);
  });

  test("prints the table of what people do", () => {
    const { code, out } = run("--table");
    expect(code).toBe(0);
    expect(out.find((line) => line.startsWith("| Press-up |"))).toContain("10 reps · 7 reps · 5 reps");
  });

  test.each([
    [["--roster"], "--roster wants a value"],
    [["--nonsense", "1"], "doesn't know --nonsense"],
    [[], "use it as"],
    [["--roster", roster, "--roster", roster], "stands there twice"],
    [["--roster", roster, "--on", "2026-02-30"], "--on wants a day"],
    [["--roster", roster, "--move", "no-such-move"], "there is no move no-such-move"],
    [["--roster", roster, "--move", "plank"], "plank isn't done against a load"],
    [["--roster", roster, "--kg", "-1"], "--kg wants a number from 0 to 500"],
    [["--roster", roster, "--reps", "0"], "--reps wants a whole number from 1"],
    [["--roster", roster, "--rir", "11"], "--rir wants a number from 0 to 10"],
    [["--roster", `${folder}/none.json`], "can't be read"],
  ])("says what is wrong with %j", (args, text) => {
    const { code, out, err } = run(...args);
    expect([code, out]).toEqual([1, []]);
    expect(err.join("\n")).toContain(text);
  });
});
