import { readFileSync } from "node:fs";
import Ajv from "ajv/dist/2020";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { checkClass } from "../class/check-class";
import { LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { CLASS_SCHEMA } from "./class-schema";

const validates = new Ajv({ strict: false }).compile(CLASS_SCHEMA);
const demo = () => JSON.parse(readFileSync("demo/classes/2-stairwell-strength.json", "utf8"));
const isValid = (doc: unknown) => checkClass(doc, LIBRARY_BOOK).ok;

type Path = readonly (string | number)[];
/** Every place of a document, deepest last. */
function placesIn(value: unknown, path: Path = []): Path[] {
  if (typeof value !== "object" || value === null) return [path];
  return [path, ...Object.entries(value).flatMap(([key, own]) => placesIn(own, [...path, key]))];
}

function changed(doc: unknown, path: Path, to: unknown): unknown {
  const copy = structuredClone(doc) as Record<string | number, unknown>;
  const last = path.at(-1);
  if (last === undefined) return to;
  const holder = path
    .slice(0, -1)
    .reduce<Record<string | number, unknown>>(
      (own, key) => own[key] as Record<string | number, unknown>,
      copy,
    );
  if (to === undefined) delete holder[last];
  else holder[last] = to;
  return copy;
}

describe("the published schema", () => {
  test("takes every valid class", () => {
    fc.assert(
      fc.property(arbClass, (doc) => {
        expect(validates(doc), JSON.stringify(validates.errors)).toBe(true);
      }),
      { numRuns: 150 },
    );
  });

  test("refuses nothing that the check takes, whatever is put in any place of a class", () => {
    const doc = demo();
    const places = placesIn(doc).filter((path) => path.length > 0);
    const odd = [null, -1, 1.5, 100_000, "", [], {}, true, undefined];
    let refused = 0;
    for (const path of places) {
      for (const value of odd) {
        const other = changed(doc, path, value);
        // Whatever the schema refuses, the check refuses: a reader that goes by it loses nothing that is valid.
        if (!validates(other)) {
          refused += 1;
          expect(isValid(other), `${path.join(".")} = ${JSON.stringify(value)}`).toBe(false);
        }
      }
    }
    expect(refused).toBeGreaterThan(500);
  });

  test.each([
    ["no title", ["title"], undefined],
    ["another version", ["version"], 2],
    ["a stance that there isn't", ["stance"], "loud"],
    ["no blocks", ["blocks"], []],
    ["a slot without its dose", ["blocks", 0, "slots", 0, "dose"], undefined],
    ["two kinds of dose at once", ["blocks", 0, "slots", 0, "dose"], { seconds: 30, hold: 30 }],
    ["half a second", ["blocks", 0, "rest"], 0.5],
    ["rounds without end", ["blocks", 0, "rounds"], 101],
    ["a load of two kinds", ["blocks", 0, "slots", 0, "load"], { kg: 8, rir: 2 }],
  ] as const)("refuses %s", (_name, path, value) => {
    const other = changed(demo(), path, value);
    expect(validates(other)).toBe(false);
    expect(isValid(other)).toBe(false);
  });

  test("is the file that is published", () => {
    expect(JSON.parse(readFileSync("public/schema/class-1.json", "utf8"))).toEqual(
      JSON.parse(JSON.stringify(CLASS_SCHEMA)),
    );
  });
});
