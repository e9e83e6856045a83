import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, test } from "vitest";
import { checkClass } from "../class/check-class";
import type { ClassDoc } from "../class/document";
import { applyEdit } from "../class/edits";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import { FINDING_CASES } from "../testing/finding-cases";
import { acknowledgeEdit, type Finding } from "./finding";
import type { Line } from "./line";
import { isOpen, ranked } from "./ranked";
import { readLines, readThrough } from "./read-through";

const ROOT = new URL("../../../examples/", import.meta.url);
const people = (JSON.parse(readFileSync(new URL("people.json", ROOT), "utf8")) as { people: Person[] })
  .people;
const classes = readdirSync(new URL("classes/", ROOT)).map((file) => {
  const checked = checkClass(
    JSON.parse(readFileSync(new URL(`classes/${file}`, ROOT), "utf8")),
    LIBRARY_BOOK,
  );
  if (!checked.ok) throw new Error(file);
  return [file, checked.value] as const;
});

const inputOf = (doc: ClassDoc, who: readonly Person[] = people) => ({
  doc,
  library: LIBRARY_BOOK,
  people: who,
  parts: partsFor(doc, who, LIBRARY_BOOK, { on: "2026-11-26" }),
});
const every = () => [
  ...classes.map(([name, doc]) => [name, inputOf(doc)] as const),
  ...Object.entries(FINDING_CASES).map(
    ([code, { fires }]) => [code, inputOf(fires.doc, fires.people ?? [])] as const,
  ),
];

const kindOf = (several: Line["several"]) => (several?.code === "gap-short" ? several.between : null);

describe("lines of the read-through", () => {
  test("hold every finding once, whatever the class", () => {
    for (const [name, input] of every()) {
      const findings = readThrough(input);
      const held = ranked(findings, input.doc).flatMap(({ members }) => members);
      const print = ({ fingerprint }: Finding) => fingerprint;
      expect(held.map(print).sort(), name).toEqual(findings.map(print).sort());
    }
  });

  test("stand by rank, what is taken care of last; a stop is never behind a fix", () => {
    for (const [name, input] of every()) {
      const lines = readLines(input);
      const keys = lines.map(({ settled, rank }) => Number(settled) * 10 + rank);
      expect(keys, name).toEqual([...keys].sort((a, b) => a - b));
      for (const { severity, rank } of lines) expect(rank === 1, name).toBe(severity === "stop");
    }
  });

  test("have one for each cause", () => {
    for (const [name, input] of every()) {
      const lines = readLines(input).filter(({ acknowledged }) => acknowledged === null);
      for (const code of ["caution", "not-shown", "limit", "one-level", "home-unknown"])
        expect(lines.filter((line) => line.code === code).length, `${name}: ${code}`).toBeLessThanOrEqual(1);
      const gaps = lines.flatMap(({ several, where }) =>
        several?.code === "gap-short" ? [`${several.between} ${where.block ?? ""}`] : [],
      );
      expect(new Set(gaps).size, name).toBe(gaps.length);
    }
  });

  test("of six classes with thirty people are far fewer than what was found", () => {
    for (const [name, doc] of classes) {
      const input = inputOf(doc);
      const open = readLines(input).filter(isOpen);
      expect(open.length, name).toBeLessThanOrEqual(readThrough(input).length * 0.6);
    }
  });

  test("mend with one change all that it says, and lead to a class that can be stored", () => {
    let mended = 0;
    for (const [name, input] of every()) {
      for (const line of readLines(input).filter(({ several }) => several !== null)) {
        for (const { edit, says } of line.fixes.slice(0, 1)) {
          const next = applyEdit(input.doc, edit);
          if (!next.ok) throw new Error(`${name}: refused`);
          expect(checkClass(JSON.parse(JSON.stringify(next.value)), LIBRARY_BOOK).ok, name).toBe(true);
          const left = readLines(inputOf(next.value, input.people)).filter(
            ({ code, several, where, acknowledged }) =>
              code === line.code &&
              acknowledged === null &&
              (code !== "gap-short" ||
                (kindOf(several) === kindOf(line.several) && where.block === line.where.block)),
          );
          expect(left.length, `${name}: ${line.code} by ${says.code}`).toBe(0);
          mended += 1;
        }
      }
    }
    expect(mended).toBeGreaterThan(5);
  });

  test("is acknowledged as one, and opens again when somebody new is in it", () => {
    const [, doc] = classes[0] as (typeof classes)[number];
    const few = people.slice(0, 8);
    const line = readLines(inputOf(doc, few)).find(({ several }) => several?.code === "caution") as Line;
    const known = applyEdit(doc, acknowledgeEdit(doc, line, "they know"));
    if (!known.ok) throw new Error("refused");
    const same = (who: readonly Person[]) =>
      readLines(inputOf(known.value, who)).find(({ several }) => several?.code === "caution");
    expect(same(few)?.acknowledged).toBe("they know");
    expect(same(people)?.acknowledged).toBeNull();
  });
});
