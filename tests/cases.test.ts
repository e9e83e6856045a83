import { readdirSync, readFileSync } from "node:fs";
import { expect, test } from "vitest";
import { checkClass } from "../src/core/class/check-class";
import { LIBRARY_BOOK } from "../src/core/moves/library";
import { scoreJson, scoreOf } from "../src/core/score/score";

const folder = new URL("./cases/", import.meta.url).pathname;
const names = readdirSync(folder).filter((name) => name.endsWith(".json") && !name.includes(".expected."));

test("there are cases to check", () => {
  expect(names.length).toBeGreaterThanOrEqual(7);
});

test.each(names)("%s gives the result that it must", (name) => {
  const doc = checkClass(JSON.parse(readFileSync(folder + name, "utf8")), LIBRARY_BOOK);
  if (!doc.ok) throw new Error(JSON.stringify(doc.error));
  const expected = JSON.parse(readFileSync(folder + name.replace(".json", ".expected.json"), "utf8"));
  expect(JSON.parse(JSON.stringify(scoreJson(scoreOf(doc.value, LIBRARY_BOOK))))).toEqual(expected);
});
