import { expect, test } from "vitest";
import { breakable } from "./hyphens";

test("a long word may be broken, and is the same word", () => {
  expect(breakable("hamstrings", "en")).toBe("ham\u00adstrings");
  expect(breakable("isquiotibiales", "es").split("\u00ad").length).toBeGreaterThan(2);
  expect(breakable("flexores de la cadera", "es").replaceAll("\u00ad", "")).toBe("flexores de la cadera");
  expect(breakable("hintere Oberschenkel", "de")).toBe("hintere Oberschenkel");
});
