/** What is wrong with a document, in English as the core says it, in Spanish by the same values. */
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { expect, test } from "vitest";
import { checkClass } from "../../core/class/check-class";
import { LIBRARY_BOOK } from "../../core/moves/library";
import { faultLine } from "../../core/values/faults";
import { wordsIn } from "../languages";
import { faultLineIn, faultText } from "./faults";
import { FAULT_VALUES_IN_SPANISH, FAULTS_IN_SPANISH } from "./faults-spanish";

const [english, spanish] = [wordsIn("en"), wordsIn("es")];

test("a fault is told in the language of who reads it", () => {
  const checked = checkClass({ format: "brontle.class", version: 1, title: "", blocks: {} }, LIBRARY_BOOK);
  if (checked.ok) throw new Error("it is a class");
  for (const fault of checked.error) {
    expect(faultLineIn(fault, english)).toBe(faultLine(fault));
    const own = faultLineIn(fault, spanish);
    expect(own).not.toBe(faultLine(fault));
    expect(own).not.toMatch(/[{}]|undefined|NaN/);
  }
  expect(faultText({ code: "length", least: 1, most: 120, what: "characters" }, spanish)).toBe(
    "tiene que tener de 1 a 120 caracteres",
  );
  expect(faultText({ code: "one-of", allowed: ["form", "density"] }, spanish)).toContain("form, density");
  expect(faultText({ code: "too-large", most: 4_000_000 }, spanish)).toBe("es mayor que 4 MB");
  expect(faultText({ code: "missing" }, wordsIn("de"))).toBe("is missing");
});

test("whatever the core says a value must be is there in Spanish", () => {
  const core = join(import.meta.dirname, "../../core");
  const text = readdirSync(core, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.ts$/.test(entry.name) && !/\.test\.ts$/.test(entry.name))
    .map((entry) => readFileSync(join(entry.parentPath, entry.name), "utf8"))
    .join("\n");
  const said = [...text.matchAll(/(?:expected|kinds): "([a-z][^"]*)"/g)].map(([, value]) => value ?? "");
  expect(said.length).toBeGreaterThan(15);
  expect(said.filter((value) => value !== "true" && !FAULT_VALUES_IN_SPANISH[value])).toEqual([]);
  expect(Object.keys(FAULTS_IN_SPANISH).length).toBe(27);
});
