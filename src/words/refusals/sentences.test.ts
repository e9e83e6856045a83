/** Every sentence with which the server refuses is there in Spanish, with the same places in it. */
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { expect, test } from "vitest";
import { type Fault, faultLine } from "../../core/values/faults";
import { inEnglish, sentenceIn } from "./sentences";
import { SPANISH_REFUSALS } from "./spanish";

const SOURCES = join(import.meta.dirname, "../..");

const filesOf = (folder: string): readonly string[] =>
  readdirSync(join(SOURCES, folder), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.ts$/.test(entry.name) && !/\.test\.ts$/.test(entry.name))
    .map((entry) => join(entry.parentPath, entry.name));

/** What is refused with, as it stands in the code: after the code of a refusal, in a sentence with places, of an archive. */
const SAID = [
  /new Refused\(\s*"[a-z-]+",\s*"((?:[^"\\]|\\.)+)"/g,
  /sentence\(\s*"((?:[^"\\]|\\.)+)"/g,
  /\bwrong\(\s*"((?:[^"\\]|\\.)+)"/g,
  /refuse\(name, "((?:[^"\\]|\\.)+)"/g,
  /^ {2}[A-Z_]+:\s*"((?:[^"\\]|\\.)+)",$/gm,
];

function sentencesIn(file: string): readonly string[] {
  const text = readFileSync(file, "utf8");
  return SAID.flatMap((form) => [...text.matchAll(form)].map(([, said]) => said ?? "")).filter((said) =>
    said.includes(" "),
  );
}

const placesOf = (text: string) => [...text.matchAll(/\{\w+\}/g)].map(([place]) => place).sort();

test("all that the server refuses with can be said in Spanish", () => {
  const said = [...new Set([...filesOf("server"), ...filesOf("app/api")].flatMap(sentencesIn))];
  expect(said.length).toBeGreaterThan(110);
  expect(said.filter((text) => SPANISH_REFUSALS[text] === undefined)).toEqual([]);
  for (const [text, own] of Object.entries(SPANISH_REFUSALS)) {
    expect(placesOf(own), text).toEqual(placesOf(text));
    expect(own).not.toBe(text);
  }
});

test("what is wrong with a document is said in a sentence's language, and not all of a long list", () => {
  const fault: Fault = { path: "$.title", code: "length", least: 1, most: 120, what: "characters" };
  const whole = { text: "Nothing was stored: {faults}", values: { faults: Array(9).fill(fault) } };
  const line = "$.title: tiene que tener de 1 a 120 caracteres";
  expect(sentenceIn(whole, "es")).toBe(`No se ha guardado nada: ${Array(5).fill(line).join("; ")}`);
  expect(inEnglish(whole)).toBe(`Nothing was stored: ${Array(5).fill(faultLine(fault)).join("; ")}`);
  const far = { ...whole, values: { faults: [{ ...fault, path: "$.a".repeat(500) }] } };
  expect(inEnglish(far).length).toBeLessThan(240);
});

test("what stands in a sentence is said in its language too", () => {
  const inner = { text: "{name} is damaged", values: { name: "studio.json" } };
  const whole = { text: "Nothing was taken in: {what}.", values: { what: inner } };
  expect(inEnglish(whole)).toBe("Nothing was taken in: studio.json is damaged.");
  expect(sentenceIn(whole, "es")).toBe("No se ha traído nada: studio.json está dañado.");
  expect(sentenceIn(whole, "de")).toBeNull();
  expect(sentenceIn({ text: "Never said.", values: {} }, "es")).toBeNull();
});
