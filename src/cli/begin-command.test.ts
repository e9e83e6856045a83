import { describe, expect, test } from "vitest";
import { checkClass } from "../core/class/check-class";
import { LIBRARY_BOOK } from "../core/moves/library";
import { scoreOf } from "../core/score/score";
import { TEMPLATES } from "../core/starting/templates";
import { beginCommand } from "./begin-command";

function run(...args: string[]) {
  const out: string[] = [];
  const err: string[] = [];
  const piece = (text: string) => out.push(text);
  const doors = { out: piece, piece, err: (line: string) => err.push(line), today: "2026-11-27" };
  return { code: beginCommand(args, doors), out, err };
}
const DEMO = "demo/classes/3-quay-intervals.json";

describe("brontle begin", () => {
  test("lists what there is", () => {
    const { code, out } = run();
    expect(code).toBe(0);
    expect(out.map((line) => JSON.parse(line).id)).toEqual(TEMPLATES.map(({ id }) => id));
  });

  test("makes a class for a roster, a length and a kit, and says what it did", () => {
    const { code, out, err } = run(
      "strength-hour",
      "--roster",
      "demo/roster.json",
      "--minutes",
      "30",
      "--kit",
      "none",
    );
    expect(code).toBe(0);
    const doc = checkClass(JSON.parse(out[0] ?? ""), LIBRARY_BOOK);
    if (!doc.ok) throw new Error("no class");
    expect(Math.abs(scoreOf(doc.value, LIBRARY_BOOK).seconds.plan - 1800)).toBeLessThanOrEqual(60);
    expect(err.some((line) => line.includes("instead of"))).toBe(true);
  });

  test("takes an earlier class a step up", () => {
    const { code, err } = run(DEMO, "--step", "up");
    expect(code).toBe(0);
    expect(err).toContain("5 s more work in Down the stairs");
  });

  test.each([
    [["nowhere"], /nowhere/],
    [["lunch", "--minutes", "soon"], /whole number/],
    [["lunch", "--kit", "anvil"], /no kit anvil/],
    [["lunch", "--step", "up"], /earlier class/],
    [["lunch", "--fast", "1"], /doesn't know --fast; use it as/],
    [["lunch", "--roster", "nobody.json"], /nobody\.json/],
  ] as const)("%j is refused with a sentence", (args, sentence) => {
    const { code, out, err } = run(...args);
    expect(code).toBe(1);
    expect(out).toEqual([]);
    expect(err.join("\n")).toMatch(sentence);
  });
});
