import { readFileSync } from "node:fs";
import { describe, expect, test } from "vitest";
import { EXAMPLE_KITS } from "../core/homes/example-kits";
import { LIBRARY, LIBRARY_BOOK } from "../core/moves/library";
import { PATTERNS, type Pattern } from "../core/moves/move";
import { wordsIn } from "./languages";
import { coverageOf, movesPage } from "./moves-page";

const words = wordsIn("en");
const LOADED: readonly Pattern[] = [
  "squat",
  "hinge",
  "lunge",
  "push-horizontal",
  "push-vertical",
  "pull-horizontal",
  "pull-vertical",
];
/** A true pull from above wants something to hang on or to pull at, and there the page says how little there is. */
const FEWER: Readonly<Record<string, number>> = {
  "pull-vertical nothing": 2,
  "pull-vertical dumbbell": 3,
  "pull-vertical kettlebell": 3,
  "pull-vertical straps": 3,
};

describe("the page of the library", () => {
  test("in docs is what the command prints", () => {
    const page = readFileSync(new URL("../../docs/moves.md", import.meta.url), "utf8");
    expect(page.trimEnd()).toBe(movesPage(LIBRARY, LIBRARY_BOOK, words).join("\n").trimEnd());
  });

  test("has every move once, under its pattern, no step above what is harder", () => {
    const lines = movesPage(LIBRARY, LIBRARY_BOOK, words);
    const step = new Map(
      lines
        .filter((line) => /^\| \d+ \|/.test(line))
        .map((line) => [line.split(" | ")[1], Number(line.split(" ")[1])]),
    );
    expect(step.size).toBe(LIBRARY.length);
    const called = (id: string) => {
      const move = LIBRARY_BOOK.get(id);
      return `${move?.name}${move?.gym ? " (gym)" : ""}`;
    };
    for (const { id, pattern, links } of LIBRARY)
      for (const { to, kind } of links)
        if (kind === "harder" && LIBRARY_BOOK.get(to)?.pattern === pattern)
          expect(step.get(called(to)), `${id} → ${to}`).toBeGreaterThan(step.get(called(id)) as number);
  });

  test("every loaded pattern has six ways or more with every kind of kit, but where it is said", () => {
    for (const pattern of LOADED) {
      const coverage = coverageOf(pattern, LIBRARY);
      for (const [i, kind] of EXAMPLE_KITS.entries()) {
        const fewer = FEWER[`${pattern} ${kind}`];
        if (fewer === undefined) expect(coverage[i]?.ways, `${pattern} ${kind}`).toBeGreaterThanOrEqual(6);
        else expect(coverage[i]?.ways, `${pattern} ${kind}`).toBe(fewer);
      }
    }
    for (const pattern of PATTERNS)
      expect(coverageOf(pattern, []).every(({ steps }) => steps === 0)).toBe(true);
  });
});
