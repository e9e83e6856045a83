import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, test } from "vitest";
import type { Doors } from "./commands";
import { peopleCommand } from "./people-command";

const ROOT = new URL("../../", import.meta.url).pathname;

/** What the command says, and how it ends. */
function run(...args: string[]) {
  const out: string[] = [];
  const err: string[] = [];
  const doors: Doors = {
    out: (line) => out.push(line),
    piece: (text) => out.push(text),
    err: (line) => err.push(line),
    today: "2026-11-26",
  };
  return { code: peopleCommand(args, doors), out: out.join("\n"), err: err.join("\n") };
}

const CLASSES = readdirSync(`${ROOT}examples/classes`)
  .sort()
  .map((name) => `${ROOT}examples/classes/${name}`);
const ROSTER = `${ROOT}examples/people.json`;

describe("brontle people", () => {
  test("prints docs/people.md, in which thirty people have six classes and nobody is left without a way", () => {
    const { code, out } = run(...CLASSES, "--roster", ROSTER, "--on", "2026-11-26");
    expect(code).toBe(0);
    // Made anew with the command that stands at its top, and then read.
    expect(`${out}\n`).toBe(readFileSync(`${ROOT}docs/people.md`, "utf8"));
    expect(out.match(/^## /gm)).toHaveLength(30);
    expect(out.match(/^\*\*/gm)).toHaveLength(180);
    expect(out).not.toContain("unmet");
  });

  test("says what is missing and what is wrong, and prints nothing then", () => {
    for (const args of [[], [CLASSES[0] as string], ["--roster", ROSTER]]) {
      const { code, out, err } = run(...args);
      expect([code, out]).toEqual([1, ""]);
      expect(err).toContain("use it as brontle people CLASS… --roster ROSTER");
    }
    expect(run(CLASSES[0] as string, "--roster", ROSTER, "--on", "2026-13-01").err).toContain("wants a day");
    expect(run("/nowhere.json", "--roster", ROSTER)).toMatchObject({ code: 1, out: "" });
  });
});
