import { readFileSync } from "node:fs";
import { describe, expect, test } from "vitest";
import { MARKS } from "../homes/home";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { type Consequence, consequenceLines, consequences } from "./consequences";

const rows = consequences(LIBRARY, LIBRARY_BOOK);
/** More is more: a weight is more than none, and then reps count. */
const size = (one: Consequence) => ("kg" in one ? 1000 + one.kg : one.reps);

describe("what the table says that people do", () => {
  test("is more from level to level", () => {
    for (const { move, by } of rows) {
      MARKS.slice(1).forEach((mark, i) => {
        const below = by[MARKS[i] as (typeof MARKS)[number]];
        by[mark].forEach((one, j) => {
          expect(size(one), `${move.id} ${mark}`).toBeGreaterThanOrEqual(size(below[j] as Consequence));
        });
      });
    }
  });

  test("is more weight, and fewer reps of the own body, for heavier people where the body is no part or all of the load", () => {
    for (const { move, by } of rows) {
      const { body = 0, held = 0 } = move.strength ?? {};
      const [light, , heavy] = by.natural as [Consequence, Consequence, Consequence];
      if (body === 0) expect(size(heavy), move.id).toBeGreaterThan(size(light));
      if (held === 0) expect(size(heavy), move.id).toBeLessThanOrEqual(size(light));
    }
  });

  test("is in the documentation as it is", () => {
    const page = readFileSync(new URL("../../../docs/strength.md", import.meta.url), "utf8");
    expect(page).toContain(consequenceLines(LIBRARY, LIBRARY_BOOK).join("\n"));
  });
});
