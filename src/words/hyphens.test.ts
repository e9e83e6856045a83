import { expect, test } from "vitest";
import { breakable } from "./hyphens";
import { wordsIn } from "./languages";

test("a long word may be broken, and is the same word", () => {
  expect(breakable("hamstrings", wordsIn("en"))).toBe("ham\u00adstrings");
  expect(breakable("isquiotibiales", wordsIn("es")).split("\u00ad").length).toBeGreaterThan(2);
  expect(breakable("flexores de la cadera", wordsIn("es")).replaceAll("\u00ad", "")).toBe(
    "flexores de la cadera",
  );
  expect(breakable("hintere Oberschenkel", wordsIn("de"))).toBe("hintere Oberschenkel");
});
