import { expect, test } from "vitest";
import { readRosterCsv } from "@/core/formats/roster-csv";
import { wordsIn } from "@/words/languages";
import { screenIn } from "@/words/screens/screens";
import { cellFaultText } from "./cell-fault";

const TABLE = `name,level,limits,levels by pattern,kit,ceiling,jumping
Una Fell,hardest,bad knees,squat sideways,2 anvils; chair wobbly; dumbbell 900 kg,low,maybe
Una Fell
Una Fell,,,,${"towel;".repeat(101)},,
`;

const textsIn = (language: "en" | "es", table: string) =>
  readRosterCsv(table).faults.map((fault) =>
    cellFaultText(fault, wordsIn(language), screenIn("people", language)),
  );

test("each fault of a table is said with what was typed", () => {
  expect(textsIn("en", TABLE)).toEqual([
    "doesn’t know “2 anvils”",
    "can’t read “wobbly” of “chair wobbly”",
    "“dumbbell 900 kg” kg must be at most 500",
    "can’t read “squat sideways”",
    "doesn’t know “bad knees”",
    "“maybe” must be yes, no or empty",
    expect.stringMatching(/^“hardest” must be one of /),
    expect.stringMatching(/^“low” must be a number/),
    "has fewer cells than the heading",
    "are 101 kinds of kit, at most 100",
  ]);
});

test("and in the language of the screen", () => {
  const [english, spanish] = [textsIn("en", TABLE), textsIn("es", TABLE)];
  expect(spanish).toHaveLength(english.length);
  for (const [i, text] of spanish.entries()) {
    expect(text).not.toBe(english[i]);
    expect(text).not.toMatch(/[{}]|undefined/);
  }
  for (const table of ["nom\nA\n", "name,shoe size\nA,4\n", 'name\n"A\n', "id,name\na,A\na,B\n"])
    expect(textsIn("es", table)).not.toEqual(textsIn("en", table));
});
